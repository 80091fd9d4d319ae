/**
 * Ways customers say what the engine does or does not do, where nobody names a part: id | ways. Written from general
 * practice, no source. What has a part of its own is read by `frames.ts`.
 */
export const WAYS_OF_THE_COUNTER = `
no-crank | nothing happens when I turn the key; nothing happens when I push the button; nothing happens when pressing start; does not do anything when I turn the key; does nothing when I turn the key; not even a click; just a click; only a click; click click click; clicks but does not turn; clicking but won't start; engine stays dead; engine dead when pushing start; starter silent; no sound when I turn the key; starter just clicks; turn the key and nothing; push the button and nothing; key turned and nothing
no-start | engine is turning but does not come; turns but never catches; cranks and cranks; cranks all day; will crank all day; churns away and does not fire; turns over and over; spins the motor but never catches; engine turns but does not start; does not come to life; doesn't spring to life
hard-start | needs two attempts to start; needs several attempts to start; key must be turned several times; takes several tries to start; takes five tries before it fires; takes six tries to start; takes a few goes to start; needs many attempts to start; have to crank a long time; have to hold the key for ten seconds; need to hold the key until it runs; starts only after many tries; starts on the third try; starts badly; starts poorly; bad starter in the cold; does not like to start; does not want to start in the cold; does not want to start when hot; does not want to start again; not want to start in the morning; won't restart for twenty minutes; hard to restart; won't restart when hot; difficult to restart; takes ages to restart; only starts with throttle open; only starts on full throttle; only starts with the pedal down; has to be coaxed into life; starting takes long
slow-crank | starter is lazy; starting is very lazy; starter turns slowly; starter barely turns; barely turns over; hardly turns over; starter drags; just about turns over; turns over like the battery is weak; battery sounds weak when starting; rrr rrr rrr; starter struggles; engine turns slow; groans over
start-stall | runs for two seconds then dies; runs for two seconds then shuts off; runs a few seconds then stops; fires up and dies straight away; starts and goes straight out; starts then goes off right away; starts for three seconds; comes to life then dies; starts but won't stay running; starts but does not keep running; starts and cuts out immediately; catches and dies
kick-back | kicks back when starting; kicks back at the starter
flooded | flooded the engine; plugs were wet after starting; wet plugs; drowned on fuel
stall | dies; engine goes out; engine went out; engine goes off; engine went off; motor goes out; motor shuts down; motor goes off; motor stops by itself; engine stops by itself; engine stopped on the road; dies at stop signs; dies on me; died on me; cuts off while driving; just dies; dies when I stop; shuts itself off; shuts down by itself; stops running; quits running; quit on me; dies on acceleration; dies out
rough-idle | shakes like a washing machine; motor runs unround; engine runs rough; runs rough when cold; idling rough; rough running; runs uneven; whole car shakes at idle; lumpy when idling; not idling smoothly; shaking at the traffic lights; engine shakes when standing; vibrates in neutral
hunting-idle | needle bounces at idle; idle goes up and down by itself; revs go up and down when standing; revs go up and down; rpm goes up and down; idle rises and falls; revs swing at idle
high-idle | idles at 2000; idles at 1500; races at idle; idle won't come down; revs won't come down; idles too fast; runs too fast at idle; idling high; screams at idle
low-idle | idle drops so low; idle very low; idle goes down to 500; idling too slow; nearly stalls at idle
misfire | firing on three cylinders; runs on three cylinders; only three cylinders working; engine is missing; has a miss; misses under load; not firing on all cylinders; cylinder not firing; engine skips; lost a cylinder; one cylinder short; running on five; engine is missing; engine missing; motor missing; missing under load; missing at idle; engine misses; it is missing on one; misses a beat; engine skips; has a skip; skips at low speed; missing on cylinder
hesitation | when I floor it nothing happens; nothing happens for two seconds when I press the pedal; flat spot; bogs when I give gas; bogs down when I give it gas; bogs off the line; falls into a hole; dead spot on acceleration; gas does not take; does not take throttle; stumbles off idle; delay when I accelerate; lag when I press the pedal; hole in the acceleration; swallows when accelerating; chokes when accelerating; late on the gas; dies when I give it gas
jerking | bucks like a horse; jumps and jerks; jolting when driving slow; jerking at low speed; jerks when driving slowly; surges and jerks; lurches along; car hops when driving slow; drives jerky
no-power | can't get past 60; won't go over 45; does not go over 80; not going faster than 90; won't go above 50; does not go faster than; can't climb hills; struggles up hills; crawls up hills; slow up hills; feels weak; car feels weak; engine feels weak; weak up the hill; weak engine; weak uphill; engine is weak; no pull any more; does not draw; doesn't draw well; lost its guts; lost its power; power is gone; no guts; has no guts; no go; flat on top end; flat at the top end; no top end; not as powerful; down on pace; slower than before; can't keep up with traffic; no boost; no turbo boost; lost power; lack of pwr; no pwr; won't accelerate; does not accelerate; accelerates slowly; no acceleration; poor acceleration
limp | went into safe mode; in safe mode; reduced engine power message; stuck at 3000 rpm; won't go over 3000 rpm; emergency program; emergency mode; emergency running; in limp; stuck in limp; goes in limp; engine power limited; derated; speed limited to 55
no-rev | revs don't rise when I press the pedal; press the pedal and nothing; pedal does nothing; does not rev higher; won't rev higher than 2500; no reaction to the pedal; accelerator has no effect
surge | power comes and goes; surges on cruise; surges at steady throttle; speed goes up and down with steady pedal; pulsing at steady speed
runaway | engine raced away on its own; raced away by itself; engine ran away; revs to the limit by itself; took off by itself; accelerates by itself; accelerates on its own; had to stall it to stop the engine
run-on | carries on running when I turn it off; diesels on; keeps going after I turn it off; runs after the key is off; won't turn off with the key; engine won't shut down; engine runs on; runs on after switching off; runs on with the key off; runs on when turned off
backfire | bangs through the exhaust; bang in the exhaust; popping from the exhaust; pops and bangs; spits back through the intake; spits back through the carb; coughs back; shots from the exhaust; exhaust bangs when lifting off
knock | pinging uphill; pinking uphill; pings on hills; pings under load; marbles in a tin under load
engine-noise | tack tack tack in the engine; clattering from the motor; engine sounds like a sewing machine; tick that follows engine speed; engine rattles when cold
whistle | hissing under the bonnet; whistles under boost; sound of air escaping; air leaking noise; whistles like a kettle
belt-squeal | squeal at start up in the wet; screams when I start it cold; chirp gone with water on the belt; squeals when wet
fuel-use | drinks too much; drinks too much diesel; drinks fuel; needs more fuel than before; needs three litres more; mpg went down; mpg dropped; mileage dropped; terrible mileage; gas mileage is bad; gets bad mileage; consumption too high; uses more fuel; consumes too much; poor fuel economy; poor economy; fuel economy is bad; bad mpg; fuel consumption rose; eats fuel; range per tank is down
fuel-smell | stinks of fuel; petrol smell in the cabin; smells like gas; smells like petrol; smells like diesel; smell of fuel inside
rich-smell | exhaust smells of raw fuel; exhaust smells of fuel; exhaust stinks of fuel; smells rich; exhaust burns my eyes; eyes water behind the car
refuel-trouble | won't start right after I fill it up; does not start after filling up; pump keeps clicking off; tank takes only a few litres; filling takes forever; splashes back when filling
air-in-fuel | air in fuel; air in the fuel; air in the fuel system; sucks air; fuel system draws air; pump runs dry; loses prime overnight; runs back overnight
throttle-sticks | throttle hangs open; revs stay high when I lift off
rev-limit | hits a wall at 5000; cuts at 5000 rpm; stops pulling at 4000 like a limiter; cuts out at high revs; cuts at full throttle; hits the limiter early
engine-vibration | buzz through the pedals at certain revs; vibration at 3000 revs standing still; buzzes at 3000 rpm; vibration that follows engine speed
black-smoke | smokes black when I give gas; making black when I give gas; black cloud; black exhaust; black smoke on hills; chucks out black smoke; soot from the exhaust
blue-smoke | blue smoke on start up; blue haze; blue cloud; smokes bluish
white-smoke | white smoke on start up; white cloud; steam from the tailpipe; white smoke in the morning; white smoke that smells sweet; smokes white when cold
oil-use | burns oil; drinks oil; needs a litre of oil; quart of oil every thousand miles; adding oil all the time; goes through oil; oil disappears
overheat | temperature in the red; gauge goes into the red; boils over in traffic; steam from under the bonnet; becomes too hot; runs hot; running hot; gets too hot; temp goes through the roof; temperature high; high temperature
runs-cold | engine stays cold; temperature never reaches the middle; never comes up to temperature; won't come up to temperature; takes forever to warm up; temperature needle stays low; thermostat never closes; temperature drops on the motorway
no-heat | heater only warm when driving; only warm when driving fast; no warm air; ain't got no heat; blows cold air; no hot air; heater only cold; only cold air comes out; heating is not heating; stays cold inside; freezing inside
battery-drain | battery is empty every morning; battery empty after one night; must jump it every morning; have to jump it; needs a jump every morning; needs jump starting; dead every monday; flat in the morning; flat every morning; flat if left two days; battery is every two days empty; battery won't hold charge; accu is empty; accumulator empty
no-charge | not charging the battery; volts drop while driving; only 12 volts running; battery light glows faintly
over-charge | volts go up to 16; charging at 16 volts; bulbs blow and volts are high; 16 volts
instruments-dead | dash goes dark; dash goes blank; all gauges drop to zero; gauges drop to zero; cluster goes out; instruments go black
light-by-itself | lights came on by themselves; lights come on with the key out; lights come on in the garage; lights won't go off; lights stay on after locking
slipping | revs climb but the car doesn't go faster; revs go up but speed doesn't; engine revs but no faster; revs rise without going faster; spins up on hills; revs flare on the hill
no-drive | goes in gear and nothing happens; puts in gear and nothing; loses drive; loses drive when hot; lost drive; no drive in any gear; drives forward but no reverse; just revs in gear; doesn't move in drive; no forward or reverse
tcc-shudder | tcc shudder; torque converter shudder; converter shudder; lock-up shudder; like rumble strips at 50; feels like driving over rumble strips; shudder at steady 50
drive-vibration | wobble at 65; vibrates at 70; steering wheel shakes at 70; vibration in the floor at speed; shakes in the seat at 120; vib at 110; shimmy at 60; seat vibrates at motorway speed
brake-long | takes forever to stop; takes a long way to stop; hardly stops; does not stop well; have to brake early; brakes do not bite
brake-pull | pulls left as soon as I brake; goes to the left when I brake; pulls to right by braking; darts to one side under braking
steer-pull | pulls to the right; pulls to the left; pulls left; pulls right; drifts right; drifts left; wanders to the right; car wants to go left; won't drive straight; veers left; veers right; pulls to one side; drifts to one side
steer-heavy | can hardly turn the wheel; hard to turn the steering wheel; steering went heavy; heavy to turn; steering gets stiff; power steering gone; power steering not working
shaft-click | clicks when turning under power; clicks on full lock; clicks when turning left with gas; clicking from the front wheel on full lock; clack clack when turning
coasting-jerk | jerks when I lift off; lurches when coming off the gas; jerks when letting off; bucks when lifting off; jolts when I come off the throttle; jerk on the overrun
range-short | km instead of 250; only half the range; range is half; goes only 120 km on a charge; not as far on a charge; less range than before
ev-limit | turtle lamp and no power; reduced drive power; hardly any power with the turtle lamp
ride-height | sits down overnight; one side lower; front lower than the rear; hangs low at the back; nose down
emission-test | failed the mot on emissions; failed smog for co; failed the smog check; didn't pass emissions; emissions too high; failed on lambda
exhaust-noise | exhaust is blowing; loud like a race car; roar under the car; sounds like a tank; sounds like a tractor; exhaust fell off; roars on acceleration under the car
no-communication | lost communication with a module; scanner does not connect; scanner connects to all but one; lost communication with gateway; no connection to the controller; tool cannot talk to the module
brake-drag | smoke from the wheel; wheel smokes; smoke from the rear wheel
brake-noise | grinding from the wheel when I brake; grinding noise from the wheel when braking; wheel grinds when I brake; scraping from the wheel when braking
no-electric | engine always running; engine runs all the time in hybrid; never switches to electric
battery-drain | starts only with jump leads; only starts with a booster
water-inside | water drips from the dash; water drips from the roof; water drips on my feet; water drips from the headlining; water drips from under the glove box; water drips inside; water drips from the ceiling; water comes in; rain comes in
horn | horn sounds when I turn the wheel; horn goes off when I turn the wheel; horn goes when turning
`;
