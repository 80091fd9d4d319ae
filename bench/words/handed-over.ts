/**
 * What stands on the sheet when another workshop hands a vehicle on: the complaint, what was fitted in vain, and what
 * is not wrong with it, often in one sentence. Written in one go before anything was asked about it; every second line
 * is held back: sentence | symptoms.
 */
export const HANDED_OVER = `
Customer states vehicle dies at stop lights, restarts after five minutes, throttle body and idle valve replaced, no change | stall
C/S intermittent long crank after a hot soak, new pump fitted, still does it | hard-start
we fitted a battery and an alternator and it still goes flat over a weekend | battery-drain
No drive codes, customer says it slams into second when cold, fluid was changed | harsh-shift
came to us from another garage: misfire on two, coil swapped to four and it did not follow | misfire
bucking between 1500 and 2000, EGR blanked and cleaned, not cured | jerking
cuts out over 4000 rpm since the timing belt was done elsewhere | rev-limit, ?stall
DPF was burnt clean twice in a month and the lamp is back again | regen-often
brake lamp and pedal to the floor, master cylinder replaced, bled three times | soft-pedal, ?brake-warning
compressor was replaced and regassed, cold for two days, now warm again | ac-warm
ticking from the top end, sounds like a lifter, oil pressure measured and in order | engine-noise, -oil-pressure-low
white smoke on start-up for a minute, head gasket tested negative, no coolant used | white-smoke, -coolant-loss
steering assist drops out over bumps, comes back after ignition off | steer-heavy
customer complains of a hum from the rear, both bearings done, hum unchanged | wheel-noise
wanders on the motorway, alignment set twice, tyres new | steer-pull
shakes through the wheel when braking from 130, discs and pads new, same shake | brake-judder
no heat at idle, good heat on the road, thermostat and pump replaced | no-heat
overheats only when towing, radiator replaced, fan runs as it should | overheat, -fan-never
will not go into park, has to be rocked back and forth | shifter-locked
central locking opens by itself at night, door modules replaced without result | windows-locks
fuel gauge drops to zero after filling and recovers next day, sender replaced | fuel-gauge
water in the passenger footwell, sunroof drains cleaned, door membrane renewed, still wet | water-inside
instrument panel goes black for a second while driving, engine keeps running | instruments-dead, -stall
intermittent no communication with the gearbox module, all grounds cleaned | no-communication
car sits on its nose in the morning, both front struts replaced by us | ride-height
clunk from front left when going over sleeping policemen, arms and links replaced | suspension-noise
turns over well, sparks, has fuel, will not fire below zero degrees | no-start
kicks the ABS in at the last two metres before it stops, all four sensors new | abs-false
loses a litre of water per week, nothing to be seen from outside, no white smoke | coolant-loss, -white-smoke
wipers stop anywhere on the screen, motor replaced | wipers
P0171 keeps coming back, runs fine according to the customer | 
no complaint from the driver, only the inspection lamp that we cannot reset | oil-service-lamp
charges at home, refuses every fast charger, flap and lock replaced | no-charging-plug
red turtle after ten minutes on the motorway, nobody finds a fault | ev-limit
hybrid system warning every few weeks, goes after the 12 V battery is disconnected | hv-warning
heater fan works only on the highest step, resistor replaced twice | blower
one cylinder dead after a cold night, fine once it ran for a minute | misfire
reverse takes four seconds to come in, forward is normal | delayed-engage, -no-drive
pulls up to 3500 then goes flat as if somebody closes a tap, new fuel filter, new air filter | no-power
surges between 50 and 60 with steady foot, throttle body adapted | surge
hard brake pedal on the first press in the morning, servo changed, hose changed | hard-pedal
rear right brake hot after every drive, caliper and hose new | brake-drag
smell of petrol in the garage overnight, no drips found | fuel-smell, -fuel-leak
headlamps go dim every few seconds at idle, alternator measured ok | lights-flicker
blows the 20 A fuse of the wipers whenever it rains | fuse-blows
airbag lamp after a seat was taken out, plug under the seat cleaned | airbag-light
key not recognised about once a week, both keys | immobilised, ?key-remote
adblue countdown at 400 km, pump and injector replaced elsewhere | adblue-warning
blue cloud after idling at the border for half an hour, turbo replaced in March | blue-smoke
drinks a litre of oil on 800 km, no smoke, no leak | oil-use, -blue-smoke, -oil-leak
tractor: hydraulics slow when warm, pump renewed, filters new | hydraulics
motorcycle dies when the clutch is let out in first, stand switch bypassed already | stand-cut, ?stall
bike weaves above 150 with cases mounted, head bearings set | weave
scooter idles at 3000 when warm, carb cleaned twice | high-idle
truck derates after an hour uphill, intercooler pressure tested, all hoses new | limp, ?no-power
trailer ABS lamp on when braking, lamp off when lights are on | trailer-brakes, ?brake-warning
van vibrates from 90 on, all four wheels balanced, propshaft removed and checked | drive-vibration
camper: fridge fine, but living battery empty every morning | battery-drain
stop start has not worked for a year, battery new and coded | start-stop
cruise drops out as soon as the indicator is used | cruise
rear camera black in the cold, works when warm | camera-sensor
lane assist and distance control unavailable after windscreen replacement | camera-sensor
whistling from the dash above 1800 rpm under load, intake smoke-tested tight | whistle
rattle on cold start two seconds, chain and tensioner replaced last year | engine-noise
backfires when lifting off downhill since the exhaust was replaced | backfire
pinks going uphill on a warm engine, timing checked | knock
runs at 70 on the motorway and 90 in town, second thermostat | runs-cold
radiator fan runs flat out from the moment the ignition is on | fan-always
gurgling behind the dashboard after every cold start, bled four times | heater-noise
hoses hard as wood after the night | coolant-pressure
no start when hot, starts after half an hour of cooling, crank sensor replaced twice | no-start
just a click from the starter when hot, starter replaced | no-crank
starts, runs two seconds, dies, immobiliser lamp off | start-stall, -immobilised
idle hunts between 600 and 1100, no leaks found with smoke | hunting-idle
shudders at 65 light throttle, fluid exchanged, feels like rumble strips | tcc-shudder
judders in reverse uphill, clutch and flywheel new 2000 km ago | judder-off
clutch slips in fifth only, new clutch | slipping
jumps out of third when lifting off | quickshift
gear lever hard to move when cold, oil changed | hard-gear
stuck in fourth, gearbox lamp on, restarts fine | no-shift, ?transmission-lamp, ?limp
clicks on full lock to the left, both shafts replaced | shaft-click
whine on the overrun between 80 and 60, diff oil changed | driveline-noise
squeals every damp morning, belt, tensioner and pulley replaced | belt-squeal
handbrake will not hold on a slope, cables adjusted | parking-brake
steering pulls back to the left after a right bend | steer-return, ?steer-pull
steering wheel stands at eleven o'clock after the rack was renewed | wheel-off-centre
eats front tyres on the inside in 8000 km | tyre-wear
tyre pressure lamp with four new sensors | tyre-warning
front right tyre down to 1.2 every ten days, no nail | tyre-pressure-loss
emission test failed on lambda, new cat, new sensors | emission-test
engine lamp flashes on the slip road, coils and plugs new | lamp-flashes, ?misfire
glow lamp blinks and no power, restarts ok | glow-lamp, no-power
oil lamp flickers at the lights when hot, switch changed | oil-pressure-low
petrol in the oil, injectors replaced | oil-level-rise
black soot over the back bumper, new turbo | black-smoke
fumes in the cabin at idle with the fan on | exhaust-fumes
tailgate opens a hand's width and closes again | door-body
says the driver's door is open when it is shut, light stays on | door-warning, ?interior-light
radio restarts every ten minutes | radio-display
alarm at three in the morning, bonnet switch replaced | alarm
horn goes off when turning left | horn
mirror folds in but not out | mirrors
trailer socket: left indicator dead | trailer, ?indicators
range halved since last winter, battery test passed they said | range-short
`;
