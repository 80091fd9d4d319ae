/**
 * What people say at the counter, in American, British and second-language English: sentence | symptoms meant.
 * "-x" is denied, "?x" may be read and need not be. Written in one go with the list of symptoms beside it and
 * without the vocabulary; every second line is not looked at while mending.
 */
export const AT_THE_COUNTER = `
My truck won't do anything when I turn the key, not even a click | no-crank
turned the key this morning and just got click click click | no-crank
Push the button, dash lights up, engine stays dead | no-crank
starter spins the motor but it never catches | no-start
It cranks and cranks, no joy | no-start
engine is turning but doesn't come | no-start
It takes five or six tries before she fires up | hard-start
Need to hold the key for ten seconds until it runs | hard-start
When I have been to the shops it doesn't want to start again | hard-start
Starting in the morning is very lazy, like the battery is weak | slow-crank
rrr... rrr... rrr and then it just about goes | slow-crank
It fires up and dies straight away | start-stall
Runs for two seconds then shuts off | start-stall
horrible grinding when I start it | starter-grind
a shrieking whirr from the starter but the engine does not turn | starter-grind
car says key not recognised | immobilised
little padlock lamp flashes and it won't go | immobilised, ?no-start
the key won't come out of the ignition | key-stuck
I can't turn the key in the lock | key-stuck
starter carried on running after I let go of the key | starter-runs-on
smells of petrol after trying to start, plugs were wet | ?fuel-smell, ?flooded
Kickstarter kicks back and nearly broke my ankle | kick-back
cuts out when I come up to a junction | stall
It dies at stop lights | stall
The engine went off all by itself on the freeway | stall
engine goes out when I take the foot off the gas | stall
motor shuts down after ten minutes and I must wait | stall
shakes like a washing machine at the traffic lights | rough-idle
idle is lumpy | rough-idle
motor runs unround | rough-idle
it's idling rough and the whole car vibrates | rough-idle
revs go up and down by themselves when standing | hunting-idle
needle bounces between 600 and 1200 at idle | hunting-idle
Idles at 2000 and won't come down | high-idle
it races at idle | high-idle
idle drops so low it nearly goes out | low-idle, ?stall
feels like it is only firing on three cylinders | misfire
engine is missing | misfire
it has a skip at low speed | misfire
motor stutters | ?misfire, ?jerking, ?hesitation
when I floor it nothing happens for two seconds | hesitation
there's a flat spot around 2000 | hesitation
bogs down when I give it gas | hesitation
it falls into a hole when I accelerate | hesitation
bucks like a horse at 30 mph | jerking
car jumps and jerks in second gear | jerking
jolting when driving slow | jerking
no pull any more, can't get past 60 | no-power
down on power | no-power
It has lost its guts | no-power
my van can't climb hills like it used to | no-power
engine doesn't draw well since the summer | no-power
went into safe mode on the motorway | limp
it's stuck at 3000 rpm and the spanner lamp is on | limp, ?rev-limit, ?engine-lamp
reduced engine power message | limp
emergency running, only slow driving possible | limp
doesn't rev higher than 2500 | no-rev, ?rev-limit
I press the pedal and the revs don't rise | no-rev
power comes and goes on the highway with the pedal held still | surge
it surges on cruise | surge
engine raced away on its own, I had to stall it | runaway
carries on running when I turn it off | run-on
diesels on after the ignition is off | run-on
it bangs through the exhaust when I let off | backfire
popping from the exhaust | backfire
spits back through the carb | backfire
pinging going up hills | knock
pinking on cheap fuel | knock
ticking noise from the top of the engine | engine-noise
the engine rattles for a few seconds after starting cold | engine-noise
clattering from the motor like marbles in a tin | engine-noise, ?knock
hissing sound under the hood | whistle
the turbo whistles like a kettle | whistle
squealing from the fan belt on wet mornings | belt-squeal
belt screams when I start it cold | belt-squeal
getting terrible mileage lately | fuel-use
drinks far too much diesel | fuel-use
mpg went from 40 to 28 | fuel-use
she needs three litres more than before | fuel-use
stink of gas around the car | fuel-smell
petrol smell in the cabin | fuel-smell
Exhaust reeks of raw fuel | rich-smell, ?fuel-smell
rotten egg smell from the exhaust | rich-smell, ?egr-smell
Won't start right after I fill it up | refuel-trouble, ?hard-start, ?no-start
The pump keeps clicking off when I fill the tank | refuel-trouble
steering wheel and pedals buzz at 3000 revs, also standing still | engine-vibration
oil is pushed out of the dipstick tube | crankcase, ?oil-leak
gas pedal sticks | throttle-sticks
throttle hangs open when I lift off | throttle-sticks, ?high-idle
it hits a wall at 5000 rpm | rev-limit
petrol dripping under the car | fuel-leak
diesel puddle on my drive | fuel-leak
bubbles in the clear fuel pipe | air-in-fuel
water in fuel light came up | water-in-fuel
fuel pump hums loud under the rear seat | pump-noise
big cloud of black smoke when I pull away | black-smoke
blows blue smoke on startup | blue-smoke
white smoke that smells sweet | white-smoke, ?coolant-smell
billows white smoke every morning | white-smoke
need to add a quart of oil every thousand miles | oil-use
she burns oil | oil-use
oil spots on the garage floor | oil-leak
oil level is going up and smells of diesel | oil-level-rise
oil can lamp flickers at idle when hot | oil-pressure-low
no oil pressure on the gauge | oil-pressure-low
filter wants to burn off every 60 miles | regen-often
says AdBlue, no restart in 500 miles | adblue-warning
smoke from under the hood | smoke-engine-bay
creamy gunk under the oil cap | oil-cap-sludge
mayonnaise in the oil filler | oil-cap-sludge
temperature gauge goes into the red | overheat
boils over in traffic | overheat
the motor becomes too hot on the mountain | overheat
runs hot when towing | overheat
I keep topping up the coolant but see no drips | coolant-loss
loses water | coolant-loss
antifreeze on the ground under the front | coolant-leak
green water drips from the radiator | coolant-leak
temperature needle never reaches the middle | runs-cold
engine stays cold on the motorway | runs-cold
fan runs all the time even when I've parked it | fan-always
radiator fan never comes on | fan-never
the heater blows cold | no-heat
no warm air inside | no-heat
top hose is rock solid the moment it starts | coolant-pressure
temp gauge jumps around | temp-gauge
sweet smell inside | coolant-smell
sloshing water noise behind the dashboard | heater-noise
fan roars like an aeroplane | fan-noise
coolant is brown like mud | coolant-mixed
battery is dead every Monday | battery-drain
flat battery if left two days | battery-drain
I must jump it every morning | battery-drain
the accu is empty after one night | battery-drain
battery light is on while driving | no-charge
alternator isn't charging | no-charge
volts go up to 16 and bulbs blow | over-charge
headlights pulse at idle | lights-flicker
lights go dim when I stop | lights-flicker
both dipped beams are out | lights-out
one headlamp is dead | lights-out
dashboard goes blank then comes back | instruments-dead
all the gauges drop to zero | instruments-dead
wipers stop in the middle of the screen | wipers
wipers won't turn off | wipers
driver's window goes down but not up | windows-locks
back door won't unlock from the remote | windows-locks, ?key-remote, ?door-body
horn goes off on its own when I turn | horn
no hooter | horn
keeps popping the 15 amp fuse | fuse-blows
smell of hot plastic behind the glovebox | burning-smell
there's an electrical burning smell | burning-smell
carpet soaked on the passenger side | water-inside
water drips on my feet when it rains | water-inside
radio cuts in and out | radio-display
touch screen is black | radio-display
alarm goes off at night for no reason | alarm
key fob only works when I stand right next to it | key-remote
fuel gauge says empty with a full tank | fuel-gauge
trailer lights don't work | trailer, ?lights-out
speedo drops to zero and comes back | speed-signal
brake lights stay on all night | brake-lights
no stop lamps at all | brake-lights, ?lights-out
left door mirror won't fold | mirrors
roof won't close all the way | sunroof
nothing comes out of the washer jets | washers
rear window doesn't defrost | rear-demister
heated seat stays cold | seat-heater
driver seat won't go back | seat-adjust
dome light stays on | interior-light
can't charge my phone, lighter socket is dead | power-socket
headlights point at the sky | headlamp-aim
condensation inside the headlight | lamp-moisture
clicking from the fuse box all the time | relay-chatter
clock resets every time I start it | memory-lost
whining through the speakers that rises with revs | audio-whine
odometer shows only dashes | odometer
filler door won't open | fuel-flap
blinkers blink twice as fast on the left | indicators
turn signals don't cancel | indicators
the lights came on in the garage with the key in my pocket | light-by-itself
lines missing in the display between the clocks | display-pixels
a marten chewed the cables | rodents
something has eaten through the wiring | rodents
battery is swollen and too hot to touch | battery-hot
`;
