/**
 * Sentences as customers and technicians say them, in American, British and second-language English, each with the
 * symptoms meant (by id), what is denied (with "-") and the conditions. Written by hand before the vocabulary was
 * mended for them; every second one stays unlooked at.
 *
 * One line each: sentence | symptoms, -denied | conditions
 */
export const TABLE = `
no heat in the cabin | no-heat |
heater only blows cold air even when engine is hot | no-heat | hot
heat doesn't work unless I'm driving | no-heat |
car shakes at idle but is fine when driving | rough-idle | idle
engine stumbles when I step on it | hesitation | acceleration
transmission slips going uphill | slipping | load
gearbox slips out of third gear | quickshift |
clutch is slipping in fifth | slipping |
pulls to the left when I brake | brake-pull | braking
veers right under braking | brake-pull | braking
car drifts to the right on the motorway | steer-pull | cruise
steering is really heavy when parking | steer-heavy | low-speed
hard to turn the wheel | steer-heavy |
whining noise from the gearbox that rises with speed | driveline-noise |
whine when turning the steering wheel | steer-noise | turning
right rear corner sits low in the morning | ride-height | cold-start
back end sags when parked overnight | ride-height | standing
one cylinder is dead | misfire |
running on three | misfire |
it won't crank | no-crank |
nothing happens when I press start | no-crank |
no crank no start | no-crank |
cranks but no start | no-start |
it turns over but won't fire | no-start |
engine turns over slow in the cold | slow-crank | cold-weather
suspension warning light is on | suspension-lamp |
power steering warning on the dash | steering-lamp |
airbag light stays on | airbag-light |
brake warning light comes on in corners | brake-warning | turning
check engine light flashing | lamp-flashes |
MIL on, no other complaint | engine-lamp |
service engine soon light | engine-lamp |
engine light off again, but it still hesitates | hesitation, -engine-lamp |
oil light flickers at idle | oil-pressure-low | idle
charging light comes on when braking | no-charge | braking
transmission warning light and stuck in third | transmission-lamp, no-shift |
coolant warning light, no leak seen | coolant-lamp, -coolant-leak |
tyre pressure light won't go off | tyre-warning |
glow plug light blinking | glow-lamp |
no misfire, just a bit down on power | no-power, -misfire |
does not stall any more since the coils were changed | -stall |
not a problem when cold, only stalls hot | stall | hot
stalls hot but fine when cold | stall | hot
runs rough when cold but smooth when warm | rough-idle | cold-start
never overheats but always low on coolant | coolant-loss, -overheat |
it does not smoke, it just uses oil | oil-use, -blue-smoke |
no noise, no smoke, simply no power | no-power |
brakes are fine, steering wheel shakes at 110 | drive-vibration | high-speed
steering wheel shakes when braking from 100 | brake-judder | braking
squeal from the front when braking gently | brake-noise | braking
squeals from the front on cold mornings | belt-squeal | cold-start
belt squeals when it rains | belt-squeal | rain
clunk from the front over speed bumps | suspension-noise | bumps
knocking from the front left wheel over potholes | suspension-noise | bumps
humming noise above 80 that gets louder in left bends | wheel-noise | high-speed, turning
growling from the rear wheels | wheel-noise |
diesel smells in the cabin | fuel-smell |
smells like rotten eggs | rich-smell |
sweet smell and windscreen fogs up | coolant-smell, fog-inside |
carpet wet on passenger side after rain | water-inside | rain
windows fog up all the time | fog-inside |
AC blows warm at idle, cold when driving | ac-warm | idle
a/c only cold on one side | ac-warm |
fan only works on high | blower |
battery is flat every Monday | battery-drain | standing
dead battery after two days standing | battery-drain | standing
battery not charging | no-charge |
headlights go dim at idle | lights-flicker | idle
left headlight does not work | lights-out |
indicators flash fast | lights-out |
wipers stop halfway | wipers |
window won't go up on driver side | windows-locks |
doors lock themselves while driving | windows-locks |
key is not recognised sometimes | immobilised |
remote only works close to the car | key-remote |
car does not see the key | immobilised |
alarm goes off at night for no reason | alarm |
radio switches itself off | radio-display |
speedometer jumps around | speed-signal |
fuel gauge shows empty with full tank | fuel-gauge |
pump clicks off all the time when filling up | refuel-trouble | after-refuel
hard to start after filling up | hard-start | after-refuel
has to be cranked long after standing overnight | hard-start | standing
starts and dies straight away | start-stall |
revs go up and down by themselves at the lights | hunting-idle | idle
idles at 1500 rpm | high-idle |
idle drops when I put it in drive | low-idle | in-gear
bucks at steady 60 | jerking | cruise
jerky at low speed in traffic | jerking | low-speed
surging on the freeway | surge | cruise
goes into limp mode on long climbs | limp | load
only does 80 km/h, will not rev over 3000 | limp |
no throttle response | no-rev |
motor has no force uphill | no-power | load
car is slow when it is warm | no-power | hot
it makes black smoke by acceleration | black-smoke | acceleration
blue smoke on startup | blue-smoke | cold-start
big white cloud in the morning | white-smoke | cold-start
drinks oil, a litre per 1000 km | oil-use |
oil puddle under the car | oil-leak |
leaves oil spots on the drive | oil-leak |
oil level goes up | oil-level-rise |
temperature goes in the red in traffic | overheat | low-speed
boils in the queue | overheat |
loses water but I see no puddle | coolant-loss, -coolant-leak |
green water under the engine | coolant-leak |
needle never gets to the middle | runs-cold |
takes half an hour to get warm | runs-cold |
radiator fan runs all the time | fan-always |
hoses are rock hard | coolant-pressure |
exhaust is loud since yesterday | exhaust-noise |
exhaust fumes in the car | exhaust-fumes |
failed the emissions test | emission-test |
DPF light on again after 100 miles | regen-often |
adblue message, no start in 300 miles | adblue-warning |
drinks diesel | fuel-use |
mileage got worse | fuel-use |
rattles at the start for two seconds | engine-noise | cold-start
ticking noise from the top of the engine | engine-noise |
pings when accelerating hard | knock | acceleration
whistles under boost | whistle | acceleration
it pops in the exhaust on overrun | backfire | decel
pedal goes to the floor | soft-pedal |
brake pedal hard as a rock | hard-pedal |
one wheel is hot after driving | brake-drag |
handbrake won't release | parking-brake |
ABS kicks in at walking pace | abs-false | low-speed
stability control light on | brake-warning |
bangs into gear | harsh-shift |
won't shift out of second | no-shift |
no reverse | no-drive | reverse
engine revs but car doesn't move | no-drive |
cannot get it into first gear | hard-gear |
judders when pulling away | judder-off |
clutch pedal stays on the floor | clutch-pedal |
noise goes away when I press the clutch | driveline-noise |
vibration at 120 | drive-vibration | high-speed
wanders on the highway | weave | cruise
inside edge of the front tyres worn | tyre-wear |
airco smells musty | ac-smell |
start stop does not work | start-stop |
cruise control switches off by itself | cruise |
parking sensors beep all the time | camera-sensor |
hybrid warning triangle | hv-warning |
will not go into ready | not-ready |
will not charge at home | no-charging-plug |
range has dropped by half | range-short |
bike dies when I put it in gear | stand-cut | in-gear
car won't move, just revs | no-drive |
brake lights don't work | lights-out |
fuse for the lighter keeps blowing | fuse-blows |
burning smell from the dash | burning-smell |
horn doesn't work | horn |
scan tool can't talk to the ABS module | no-communication |
engine cuts out at junctions then restarts | stall | idle
died on the highway, restarted after ten minutes | stall | cruise
starts fine cold, after shopping it cranks for ages | hard-start | after-short-stop
knocks when cold, goes away warm | engine-noise | cold-start
shudders at 80 like driving over a rumble strip | tcc-shudder | cruise
`;
