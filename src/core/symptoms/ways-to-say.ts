/**
 * More ways of saying the concepts of `vocabulary.ts`, one line a concept: id | ways, separated by
 * semicolons. Customers, technicians, both sides of the Atlantic. Common practice, no source.
 */
export const WAYS_TO_SAY = `
no-crank | starter silent; not a sound when turning the key; starter motor does nothing; engine does not turn; key turned and nothing happens; push button and nothing happens; starter only clicks; relay clicks but no cranking; completely dead on start; will not spin; engine locked up; no response from starter
no-start | engine won't catch; cranks fine but won't start; cranking but not starting; spins but never fires; turns but will not run; churns and churns; tries to start but does not; will not fire up; not starting; non runner; would not go; failed to start; unable to start; no ignition; cannot get it going; turns over all day; just cranks
hard-start | starts badly; poor starting; bad starting; starting problems; takes several goes to start; three or four attempts to start; have to crank it long; takes long to start; needs a lot of cranking; delayed start; starts after long cranking; difficult starting; starts on the second try; reluctant starter; slow to fire; need to pump the pedal to start
slow-crank | starter drags; starter turns slowly; weak cranking; barely cranks; barely turns over; cranks like the battery is flat; starter sounds tired; groans when starting; labours when starting
start-stall | starts then stops; starts but dies; fires up then dies; runs for two seconds; runs a few seconds and dies; starts but will not stay running; won't stay running; catches and dies; starts and immediately stalls
starter-grind | starter screams; starter stays engaged; starter keeps running; crunching when starting; starter whine; starter turns but engine does not
immobilised | immobiliser light; immobilizer active; key light flashes; key symbol; no key found; padlock light; theft deterrent; security system blocks start
kick-back | kicks against the starter; spits back when starting
stall | engine stops; engine stopped; engine cuts; dies on me; dies when stopping; dies coming to a stop; goes dead; engine goes off; turns itself off; dies out; lost engine; engine switched off by itself; just died; quits running; loses ignition
rough-idle | engine shakes; engine shakes when idling; rough running; runs rough; runs lumpy; idles badly; poor idle; bad idle; unstable idle; erratic idle; rough tickover; whole car shakes when stopped; vibrates when stopped; steering wheel shakes at idle; shakes in drive at a stop; engine rocks; rocks at idle; idle is lumpy; engine runs unevenly
hunting-idle | idle up and down; revs rise and fall; revs hunt; idle swings; rpm needle bounces at idle; idle wanders; revs surge at idle
high-idle | revs high at idle; idles at 1500; idles fast; fast idle; won't drop to idle; rpm stays high; revs do not come down
low-idle | idle very low; almost stalls at idle; nearly dies at idle; revs drop too low
misfire | runs on three cylinders; one cylinder not working; cylinder dead; dead cylinder; not firing on all cylinders; not running on all cylinders; skips; skipping; coughs; engine coughs; misses under load; missing a beat; lumpy under load; runs on five; stumbles and spits; engine cuts a cylinder
hesitation | delay when accelerating; lag on acceleration; slow response to the accelerator; dead spot; nothing then goes; pauses when accelerating; throttle lag; accelerator lag; gasps; chokes on acceleration; stumbles off the line; hangs back when pulling away
jerking | jerks when driving; jolts; lurches; surges and jerks; bucks under acceleration; stop start motion; car jumps; jerks while accelerating; snatches; snatchy; hiccups
no-power | no pull; no go; won't accelerate; does not accelerate; lost its power; power has gone; down on boost; no boost; turbo not working; won't go over 60; won't go above 50; no acceleration; struggles uphill; struggles on hills; weak engine; feels choked; feels strangled; feels weak; slow on hills; underpowered; no turbo; has no legs; does not pull uphill; poor performance; flat above 3000
limp | limited power; power limited; won't go over 3000 rpm; stuck at 2500 rpm; engine derated; derate; reduced performance; emergency mode; engine protection; limited to 50; engine power reduced message; safe mode; get you home mode
no-rev | throttle dead; pedal does nothing; accelerator pedal not responding; stays at idle; engine will not rev; only idles
surge | surges while cruising; speed goes up and down; pulses while driving; feels like someone is playing with the accelerator
runaway | revs on its own; engine races by itself; revs without touching the pedal; accelerates by itself; takes off by itself
run-on | engine keeps running; will not switch off; won't turn off; runs after key off
backfire | bangs from the exhaust; pops in the exhaust; popping exhaust; loud bang; spits back through the intake; explodes in the exhaust; gunshot
knock | pinging uphill; pings; pinks under load; engine knocks; metallic knocking; rattling when accelerating; pinks
engine-noise | noise from the engine; engine ticks; engine taps; tapping noise; rattle from timing chain; chain noise; clatters on cold start; bottom end knock; top end noise; engine rattles; bearing noise from engine; belt squeal; squealing belt; noisy pulley; diesel rattle
whistle | whistling noise; hissing noise; air leak sound; blowing sound; sounds like an air leak; turbo whistle; whistling turbo; turbo howls; police siren sound; wheezing
fuel-use | uses a lot of fuel; more fuel than before; consumption too high; heavy on fuel; high consumption; mileage dropped; mpg dropped; eats petrol; drinks diesel; guzzles
fuel-smell | stinks of petrol; stinks of fuel; petrol fumes; fuel leak; leaking fuel; petrol leak; diesel leak; smell of raw fuel; fuel dripping
rich-smell | exhaust stinks; exhaust smells of fuel; exhaust smells of petrol; eyes water behind the car; sulphur from exhaust; running rich; overfuelling; over fuelling; too much fuel
refuel-trouble | hard start after filling up; pump nozzle keeps clicking; tank hard to fill; will not take fuel; fuel pump shuts off when filling
black-smoke | dark smoke; sooty smoke; black cloud; black exhaust; soot from exhaust; exhaust black
blue-smoke | bluish smoke; blue haze; grey blue smoke; blue cloud on start; puff of blue
white-smoke | white cloud; white steam; steam from the tailpipe; smokes white when cold; sweet smelling smoke; white vapour
oil-use | oil disappears; needs oil every week; drinks oil; consumes oil; top up oil; uses a litre; goes through oil; oil level drops; eats oil
oil-leak | oil under the car; oil puddle; oil on the driveway; loses oil on the ground; oil weeping; oil everywhere under the bonnet; oily engine
oil-level-rise | dipstick overfull; too much oil in the sump; oil level increases; oil smells of diesel; oil smells of petrol; oil thinned
oil-pressure-low | oil pressure lamp; oil can light; red oil light; no oil pressure; oil pressure drops; oil lamp at idle
regen-often | regen; regenerating all the time; filter clogged; clogged filter; filter light; soot level high; soot too high; regeneration not completing; regen never finishes; particulate filter blocked; exhaust filter full
adblue-warning | range countdown; emission fault no restart; reductant; dosing fault; exhaust fluid; def light; urea quality; scr system; starts left; engine start impossible in
overheat | engine too hot; temperature goes up; temp climbs; gauge in the red; needle in the red; temperature warning; boiled; steam from under the bonnet; steaming; coolant boiling; cooks; too hot in traffic; red temperature light
coolant-loss | coolant disappears; coolant low; coolant warning light; coolant level drops; add coolant; has to be topped up; top up water; water disappears; loses water; swallows coolant; header tank empty; expansion tank empty; radiator keeps needing water; low water
coolant-leak | leaking coolant; water dripping; water pump leaks; radiator leaks; puddle of water; green puddle; pink puddle; coolant under the car; hose leaking
runs-cold | never warms up; temperature stays low; engine stays cold; gauge never moves; temp gauge stays down; temperature drops on the motorway; won't get up to temperature; slow warm up
fan-always | fan never stops; radiator fan on all the time; fan runs after switching off; fan runs flat out; fan screaming; loud fan; fan at full blast
fan-never | no fan; radiator fan dead; fan does not start; cooling fan dead; fan does not kick in
no-heat | no warm air; heating does not work; heating not working; blows cold air; no hot air; cold inside; heater does not get warm; no warmth; cabin stays cold; heater lukewarm
coolant-pressure | blows coolant out; hoses hard when cold; bubbles in the coolant; gas in the coolant; pressure in the coolant; radiator hose swells; expansion tank overflows; throws out its water
battery-drain | battery keeps dying; battery always flat; needs a jump start every morning; needs jumping; jump leads every morning; empty battery; battery empty; battery goes dead; battery runs down; something drains the battery; battery flat overnight; battery dead after weekend; dead after two days; quiescent current; drain on battery; power drain; needs a boost
no-charge | alternator not charging; battery light; red battery light; charging system warning; charge system fault; alternator dead; runs down while driving; low voltage while driving; battery symbol
over-charge | voltage too high; battery smells; battery swollen; 16 volts; bulbs keep blowing; eats bulbs
lights-flicker | lights pulse; lights go dim; dim headlights; lights surge; interior light flickers; brightness changes; lamps flicker
lights-out | light out; bulb out; no lights; side light not working; headlamp dead; fog light not working; brake light stays on; no brake lights; blinkers not working; indicator flashes fast; hazard lights not working; lamp failure; rear lights dead
instruments-dead | speedo dead; no speedo; rev counter dead; gauges dead; dashboard dead; dash blank; cluster resets; needles drop to zero; all lamps on; christmas tree; gauges go crazy; instrument panel goes out; speedo drops to zero; dash goes out
wipers | wipers dead; wipers won't stop; wiper runs by itself; wipers stop halfway; washers not working; wipers park in the wrong place; wiper slow
windows-locks | window stuck; electric window dead; window goes down by itself; window slow; central locking dead; doors won't lock; does not lock; lock does not work; will not unlock; sunroof will not close; sunroof stuck; mirror does not fold; power window
horn | horn dead; horn stuck on; horn blows by itself
fuse-blows | fuse keeps going; pops fuses; fuse burnt; fuse melts; short circuit; blows the fuse
burning-smell | smell of burning; burnt smell; burning rubber smell; burning oil smell; smells hot; smells of hot plastic; singed; smoke from under dash; smoke from fuse box
water-inside | water in the car; wet floor; wet footwell; carpet soaked; water leak inside; windows steam up; boot full of water; water in the spare wheel well; wet headliner; musty smell
no-communication | scanner does not connect; cannot talk to the module; no link; no contact with control unit; module missing; module offline; network fault; bus fault; can bus off; bus dead; tester finds nothing; no answer on diagnosis
radio-display | radio does not work; no sound; speakers dead; radio turns off; screen dead; navigation frozen; reboots; screen reboots; bluetooth drops; usb dead; screen flickers; display black
alarm | alarm at night; alarm triggers; alarm for no reason; siren goes off
key-remote | fob dead; remote dead; won't lock with the remote; keyless dead; handle sensor; key battery; does not unlock with the fob; have to use the key
no-drive | won't drive; does not drive; no movement; engages nothing; no drive in any gear; in gear but does not move; revs but goes nowhere; lost reverse; no reverse gear; won't go backwards; won't go forward; stays in neutral; stuck in neutral; drive lost
slipping | gearbox slips; clutch slipping; revs go up but no speed; revs climb without speed; slips in third; revs shoot up; no grip in gear; flaring; engine races between gears
harsh-shift | bangs when shifting; thump into gear; slams into gear; rough shifts; jerks when changing gear; jerks between gears; hard downshift; clunky shifts; kick when changing; harsh engagement; knock going into drive; jolt when selecting drive
no-shift | stays in one gear; won't change up; won't change down; stuck in second; stuck in fourth; does not change up; gearbox stuck; holds gears; will not upshift; will not downshift; only has third
hard-gear | gears hard to select; gear won't engage; hard to select first; crunch into reverse; crunches in second; gear lever stiff; can't get it into gear; stiff shift; gears crunch; gears grind; notchy
judder-off | shakes when setting off; vibrates when pulling away; judders in first; shudders setting off; clutch shudder; judders off the line
tcc-shudder | shudders while cruising; like driving over corrugations; vibration at constant speed light throttle; shudder in top gear; cobblestone feeling
driveline-noise | whine in gear; whines from gearbox; noise from the gearbox; axle whine; diff noise; grinding from underneath when driving; clunk when pulling away; clunk on and off throttle; prop shaft knock; clicks on full lock; clicking when turning; cv joint clicks
drive-vibration | steering wheel shakes at speed; shakes at 60; car shakes on the motorway; vibrates at motorway speed; vibrates above 80; wobble at speed; shakes when accelerating; vibration through the floor; vibration through the seat
clutch-pedal | pedal to the floor clutch; clutch pedal on the floor; clutch does not disengage; clutch bites high; clutch pedal stuck; no clutch; clutch stiff; clutch pedal drops
awd-fault | no four wheel drive; four wheel drive does not engage; front axle does not engage; transfer case; all wheel drive light; only drives two wheels; wind up in corners; tight in corners
quickshift | pops out of second; jumps out of second; slips out of gear; finds neutral; hops out of gear
brake-warning | abs warning; abs and esp; stability light; traction lamp; esp lamp; dsc light; brake lamp; brake system warning; skid lamp; vsc light; hill hold fault; brake fluid light
abs-false | abs comes on for no reason; abs pulses when stopping; abs cycles at low speed; brake pedal kicks back; brakes itself; car brakes by itself; traction control works on dry road; stability cuts power in corners; phantom braking
soft-pedal | pedal goes down; pedal soft; brakes soft; brake pedal spongy; brake pedal goes to the bottom; pedal travels too far; have to pump the brakes; brakes weak; poor brakes; pedal drops; brakes spongy; hardly any brakes; low brake pedal
hard-pedal | pedal rock hard; brake pedal stiff; no vacuum assist; servo not working; needs both feet to stop; brake booster; no boost on the brakes
brake-pull | veers when braking; pulls left when braking; pulls right when braking; steers to one side under braking; snatches to one side on the brakes
brake-noise | squeaky brakes; brakes screech; grinding when braking; metal on metal; noise when braking; brakes scrape; groan from the brakes; squeal when stopping
brake-judder | shakes when braking; vibrates when braking; steering wheel shakes when braking; pulsing pedal; wobble under braking; brake pedal pulses; shudders when braking from speed
brake-drag | brakes stay applied; brakes do not release; wheel smoking; one wheel hot; burning smell from the wheel; brake locked on; caliper seized; won't roll; car does not roll freely; brake binding
parking-brake | handbrake does not hold; handbrake stuck; electric parking brake; handbrake light; will not release handbrake; rolls on handbrake; handbrake weak; handbrake frozen
steer-heavy | steering hard to turn; steering wheel hard to turn; power steering gone; no assistance; steering assist lost; power steering failed; steering warning; steering gets heavy; steering locks up; eps warning; steering goes stiff
steer-pull | drags to the left; drags to the right; won't go straight; does not drive straight; pulls on a straight road; steering wheel off centre; crooked steering wheel; drifts across the lane
steer-play | steering wanders; steering sloppy; free play; slack in the steering; knock in the steering; steering rattles; sloppy steering
suspension-noise | knocking from the front; knock over potholes; banging from underneath; bangs over bumps; rattles over bumps; noise over speed bumps; creaking when turning; squeaks going over bumps; front end clunk; rear end knock; clunking from the rear; groaning suspension; noise from strut
ride-height | back end low; front low; car leaning; rear is down; sits on the bump stops; sinks overnight; does not level; won't raise; car drops when parked; one side lower; air springs flat; suspension collapsed; stays down; level warning
wheel-noise | humming noise; droning noise; wheel bearing noise; rumbling from the wheel; noise gets louder with speed; roar from the rear; helicopter noise; growling; hum that changes in corners; drone on the motorway
tyre-wear | tyre worn on one side; tyre worn inside; bald on the inside; worn edges; scalloped tyres; eats tyres; uneven wear
tyre-warning | pressure warning; tyre lamp; low tyre pressure; pressure monitor; flat tyre warning; loses tyre pressure; wheel sensor
ac-warm | blows hot; no cold air; air con blows hot; air conditioning does not cool; not cooling; ac doesn't work; air con dead; does not get cold inside; climate not cold; ac weak; warm air from the vents; cooling gone; ac stopped
ac-cycles | air con comes and goes; cold then warm; compressor switches on and off; ac cold only sometimes; cools only when driving; short cycling
blower | no blower; fan speed stuck; heater fan dead; fan does not blow; blower only on high; only highest speed; no air flow; weak air flow; ventilation dead; fan squeaks; interior fan
airflow-wrong | air only at the windscreen; no air to the face; flaps stuck; hot on one side; driver side cold; passenger side hot; ticking behind the dash; wrong temperature one side; temperature flap
airbag-light | srs lamp; airbag fault; airbag message; restraint light; restraint system; yellow airbag
seat-belt | belt warning; belt chime; seat sensor; seat heating dead; heated seat not working; seat does not move; belt buckle
door-body | boot won't close; tailgate drops; hatch does not open; door does not close; power tailgate; tailgate stuck; door handle; bonnet will not open; fuel flap; sliding door stuck
rattle-body | rattles inside; something loose; buzzing trim; creaking dash; squeaking trim; wind noise at speed; whistling door seal
start-stop | auto stop; stop start never works; engine no longer stops at lights; idle stop
cruise | cruise does not work; cruise control dead; cruise switches off; cruise kicks out; speed control
camera-sensor | parking sensors; parking sensors beep; reversing camera; reverse camera black; radar blocked; front assist; adaptive cruise not available; lane keeping; blind spot warning; emergency braking unavailable; driver assist; park assist
hv-warning | hybrid fault; ev warning; high voltage fault; hybrid system warning; drive system fault; electric drive fault; reduced drive; power limited turtle; hybrid battery; check hybrid system
not-ready | not ready to drive; will not switch on drive; no drive ready; won't boot; will not power up; won't enter ready
no-charging-plug | charging interrupted; charge stops; charging cable; charging port; does not accept charge; rapid charge fails; dc charging fails; charging fault; plug stuck; charges slowly
range-short | range dropped; half the range; battery capacity low; range halved; lost range; does not go as far
no-electric | engine on all the time; never goes electric; ev mode not available; electric drive not available; hybrid never switches to battery
insulation | isolation warning; hv leakage; insulation resistance low; ground fault
engine-lamp | check engine; check engine lamp; engine warning; engine lamp lit; service engine soon; engine symbol; yellow engine; orange engine light; management light; emissions light; motor light; eml on; engine fault message
lamp-flashes | check engine blinks; flashing check engine; engine lamp blinks; engine light blinking; flashing management light
emission-test | failed the test on emissions; failed on emissions; emissions too high; co too high; smog check failed; smoke test failed; opacity; failed mot emissions; inspection emissions
glow-lamp | glow light; coil lamp; heater plug light; glow plug warning; preheating lamp
evap-smell | fuel cap; gas cap; cap message; whoosh when opening the tank; vacuum in the tank; tank collapses; purge; vapour
exhaust-noise | exhaust loud; blowing manifold; exhaust rattles; exhaust droning; sounds like a tractor; noisy exhaust; manifold ticking; puffing noise; exhaust broken; heat shield rattle
exhaust-fumes | exhaust gas in the car; smell of exhaust inside; gets exhaust fumes through the vents
fuel-gauge | fuel gauge shows empty; fuel gauge stuck; fuel gauge wrong; gauge reads empty; tank gauge; ran out of fuel with the gauge showing half; gauge shows full
temp-gauge | temperature gauge jumps; gauge shows nothing; temp gauge dead; temperature reading wrong; shows minus 40; outside temperature wrong
speed-signal | speedometer jumps; speedometer reads wrong; speedo bounces; speedo erratic; speedo jumps; odometer does not count
clutch-noise | noise when pressing the clutch; release bearing noise; squeal when clutch pressed; clutch bearing noise; rattle in neutral that stops with clutch
engine-vibration | vibrates at certain revs; vibrates at 2000 rpm; vibrates when revving; engine mount; vibration with the car standing and revving
turbo-overboost | overboost; boost too high; boost spikes; surges at full boost; turbo flutter
crankcase | oil mist from the breather; dipstick pops out; blows oil out of the breather; blow by; crankcase pressure; oil filler cap sucks; squeal from the breather
steer-noise | whine when steering; groans when steering; power steering whines; moaning steering; noise on full lock; steering pump noise
hydraulics | hydraulics slow; lift does not lift; arm slow; boom drops; loader slow; hydraulics weak; hydraulic arms drop; lift sinks
pto | pto does not engage; pto cuts out; power take off
trailer | trailer lights not working; trailer socket; towing socket; trailer brakes; trailer fault
weave | handlebars wobble; weaves at speed; tank slapper; front wheel wobbles; bars shake
stand-cut | cuts out in gear; dies when put in gear; stand switch; dies when the clutch is let out; side stand
fog-inside | windows fog up; windscreen mists; mist inside; windows mist up; windows stay steamed
ac-smell | air con smells; musty smell from the vents; smells of vinegar; mouldy smell from the air vents; smells of socks
coolant-smell | smells of antifreeze; sweet smell; sweet smell inside; smells of coolant
engine-brake | engine brake does not work; exhaust brake not working; retarder not working; no engine braking
`;
