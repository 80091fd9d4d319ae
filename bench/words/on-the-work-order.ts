/**
 * What stands on work orders for vehicles that others could not fix: short phrases of technicians and their customers,
 * American, British and second-language English. Written in one go before the vocabulary was asked about any of it;
 * every second line is held back: sentence | symptoms. Seven of those held back stood in the vocabulary
 * word for word; others took their place, written as blindly.
 */
export const ON_THE_WORK_ORDER = `
will not start after sitting two days, jump pack does nothing | ?no-start, ?no-crank, ?battery-drain
intermittent no crank, security light flashes | no-crank, ?immobilised
crank no start, has fuel pressure | no-start
engine turns but no life | no-start
catches for a second and quits | start-stall
needs five seconds of cranking when hot, cold is instant | hard-start
starter drags when hot | slow-crank
grinds when I let go of the key | starter-grind
key stuck in ignition | key-stuck
immobilizer active message | immobilised
dies at every red light | stall
quits when I put it in reverse | stall, ?stand-cut
engine shut off while driving, coasted to the shoulder | stall
cut out at 60 and all the lamps came on | stall, ?instruments-dead
lopes at idle | rough-idle
shakes sitting at a light, smooth on the freeway | rough-idle
tick over is all over the place | hunting-idle
revs hang at 2000 between shifts | high-idle
idle drops too low when the ac kicks in | low-idle
sounds like it is on three cylinders | misfire
dead miss on cylinder 4 | misfire
skips under load in top gear | misfire
stumbles off the line | hesitation
flat when I put my foot down, then it goes | hesitation
hiccups on light throttle at 40 | jerking
no power uphill, truckers pass me | no-power
reduced engine power message | limp
stuck in third, wrench light | limp, ?transmission-lamp
won't go past 3000 rpm | ?limp, ?no-rev, ?no-power, ?rev-limit
pedal does nothing, engine just idles | no-rev
speed wanders on cruise, surging | surge, ?cruise
engine ran away on me, had to stall it in gear | runaway
keeps running after I take the key out | run-on
loud pops out the tailpipe on decel | backfire
spark knock on regular gas going uphill | knock
ticking from the top end until warm | engine-noise
rod knock? deep knock at 2500 | engine-noise, ?knock
vacuum leak hiss by the intake | whistle
chirps at start up like a bird | belt-squeal
mpg fell from 28 to 19 | fuel-use
raw fuel smell at the rear after fill up | fuel-smell
rotten egg smell from exhaust | rich-smell
stalls after refueling, starts if I hold the gas down | refuel-trouble, stall, ?hard-start
overboost code, goes like mad then cuts | turbo-overboost, ?limp, ?no-power, ?jerking
dipstick gets pushed out | crankcase
accelerator stuck half way | throttle-sticks
hits a wall at 4500 rpm | rev-limit
diesel dripping from the filter head | fuel-leak
loses prime overnight, air bubbles in the clear hose | air-in-fuel
smokes black when pulling the trailer | black-smoke
puff of blue after long idle | blue-smoke
steams from the tailpipe all day, not just cold | white-smoke
burns a quart every 500 miles | oil-use
oil spots under the car | oil-leak
oil level keeps going up, smells of diesel | oil-level-rise
low oil pressure warning at hot idle | oil-pressure-low
dpf blocked, forced regen fails | regen-often
regen never finishes | regen-often
countdown to no start, def quality poor | adblue-warning
runs hot in traffic, fine on the highway | overheat
pukes coolant from the bottle | coolant-leak, ?coolant-pressure, ?coolant-loss
drinks antifreeze, nothing on the ground | coolant-loss
gauge never comes off the peg | ?runs-cold, ?temp-gauge
fan does not kick in | fan-never
fans on full blast with cold engine | fan-always
no heat on driver side, passenger hot | no-heat
milkshake under the oil cap | oil-cap-sludge
syrup smell from the vents | coolant-smell
battery dead every monday | battery-drain
parasitic draw 800 mA | battery-drain
alternator light glows at idle | no-charge
charging at 16.5 volts | over-charge
headlamps dim and brighten with the revs | lights-flicker
both low beams out | lights-out
cluster goes dark and comes back | instruments-dead
gauges all drop to zero while driving | instruments-dead, ?speed-signal
wipers come on by themselves | wipers
rear window only works from the driver's switch | windows-locks
doors lock themselves while driving slowly | windows-locks
fuse 14 pops as soon as I hit the brakes | fuse-blows
electrical burning smell from the dash | burning-smell
wet floor on the passenger side after rain | water-inside
scan tool will not talk to the abs | no-communication
ten modules offline | no-communication
head unit freezes | radio-display
fob not detected | key-remote
gas gauge jumps from full to empty | fuel-gauge
trailer lights don't work with the hitch plugged in | trailer
speedo needle bounces | speed-signal
third brake light inop | brake-lights
hyper flash on the right side | indicators
R does nothing, forward gears fine | no-drive
flares between second and third | slipping
slams into drive | harsh-shift
won't upshift out of second | no-shift
delay going into drive, two seconds | delayed-engage
clutch judder on take-off | judder-off
shudders between 40 and 50 with light throttle | tcc-shudder
howl from the rear axle on overrun | driveline-noise
clunk when going from drive to reverse | driveline-noise, ?harsh-shift
vibration at 110 km/h in the seat | drive-vibration
clutch pedal goes down and does not come up by itself | clutch-pedal
service 4wd message | awd-fault
transfer case stuck in low | awd-fault
release bearing noise when I push the clutch | clutch-noise
gear in the dash reads nothing but a line | gear-display
atf leak at the cooler line | gearbox-leak
cv joint clicking in full lock | shaft-click
stability control off and traction light on | brake-warning
abs kicks in at walking speed | abs-false
pedal sinks slowly at the lights | soft-pedal
rock hard brake pedal after start | hard-pedal
goes right when I stand on the brakes | brake-pull
squeal from the front when braking lightly | brake-noise
wheel shakes when slowing down from 70 | brake-judder
rear caliper hangs, smoking wheel | brake-drag, ?burning-smell
electric park brake fault, will not apply | parking-brake
wanders, constantly correcting to the left | ?steer-pull, ?steer-play, ?weave
no power assist | steer-heavy
drifts right on a flat road | steer-pull
half a turn of play at the wheel | steer-play
clunk over potholes front right | suspension-noise
air ride leaks down overnight at the back | ride-height
humming that gets louder with speed, changes in curves | wheel-noise
inside edges of the front tyres are bald | tyre-wear
low tire light on, pressures all good | tyre-warning
power steering whines on full lock | steer-noise
steering wheel sits crooked since the alignment | wheel-off-centre
bars shake when I take a hand off | weave
bike cuts out when I put it in first | stand-cut
false neutral between five and six | quickshift
ac blows hot at idle, cold at speed | ac-warm
ac clutch clicks on and off every few seconds | ac-cycles
blower only works on 4 | blower
air only comes from the defrost | airflow-wrong
srs light after battery change | airbag-light
sliding door stops half way | door-body
rattle from the dash on rough roads | rattle-body
auto stop unavailable | start-stop
cruise lets go on every climb | cruise
front radar says blocked, sensor is clean | camera-sensor
windscreen steams up, damp smell | fog-inside
musty smell when the ac comes on | ac-smell
hv system fault, shuts down on the motorway | hv-warning, ?stall
car won't go into ready | not-ready
charge stops after two minutes at home | no-charging-plug
isolation fault | insulation
check engine light came back two days after reset | engine-lamp
cel flashing, shaking | lamp-flashes, ?misfire, ?rough-idle
failed smog, high nox | emission-test
glow plug light flashing | glow-lamp
exhaust leak tick at cold start | exhaust-noise
smell exhaust in the cabin with windows up | exhaust-fumes
white crust around the def injector | def-leak
three shops have replaced the throttle body already |
towed in from another garage, they gave up |
no check engine light, no codes, customer just wants a second opinion |
had been overheating, new head gasket, that part is good now |
does not smoke, does not use oil, compression is good |
was told it needs an engine |
only does it with the headlights on |
noise is gone with the belt off | ?belt-squeal, ?engine-noise
`;
