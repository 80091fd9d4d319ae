/**
 * What went wrong with the cars of this world in the five years before its written cases: one line a fault.
 *
 * part, failure | builds | how many in five years | symptoms with how often, `@` the circumstance |
 * codes with how often | tests that show it | tests often done before it in vain
 */
export const FAULTS = `
intake boot, cracked | tessa16 nib10 | 16 | rough-idle:.8@idle engine-lamp:.7 hesitation:.3 whistle:.3 | P0171:.9 P0507:.35 P0300:.15 | trims smoke | fuelpress
vacuum hose, cracked | tessa16 brisk12t orbis30 | 12 | rough-idle:.7@idle engine-lamp:.6 whistle:.5 high-idle:.4 | P0171:.8 P0507:.4 P0174:.15 | trims smoke | mafcurve
fuel pump, low output | tessa16 orbis30 nib10 | 14 | no-power:.8@load hesitation:.5 hard-start:.4 stall:.25@hot | P0171:.6 P0087:.4 P0300:.1 | fuelpress pumpcurrent | trims smoke
fuel filter, blocked | marlo20d drover28d lugger22d | 12 | no-power:.85@load limp:.4 hard-start:.2 | P0087:.75 P0299:.1 | railunder | boosthold
air-flow meter, contaminated | tessa16 marlo20d | 9 | no-power:.5 hesitation:.6 engine-lamp:.6 fuel-use:.3 | P0101:.5 P0171:.45 P0102:.2 | mafcurve | fuelpress smoke
ignition coil, internal fault | tessa16 brisk12t nib10 orbis30 | 26 | misfire:.8@load rough-idle:.5 engine-lamp:.5 lamp-flashes:.5@acceleration | P0302:.35 P0300:.5 P0303:.3 P0352:.2 | coilswap sparktrace | plugs
spark plug, worn | tessa16 nib10 orbis30 aurel18h | 18 | misfire:.6@acceleration hesitation:.4 hard-start:.35@cold-start fuel-use:.3 | P0300:.7 P0301:.25 | plugs | coilswap
fuel injector, leaking internally | marlo20d drover28d lugger22d shire23d | 20 | hard-start:.7@hot rough-idle:.5 black-smoke:.3 knock:.3@cold-start | P0087:.35 P0300:.2 P0202:.1 | leakoff | railunder glowcurrent
fuel injector, blocked | tessa16 nib10 | 6 | misfire:.6 rough-idle:.6 hesitation:.4 | P0300:.4 P0303:.3 P0171:.3 | injflow | coilswap plugs
charge-air hose, cracked | marlo20d drover28d lugger22d brisk12t | 22 | no-power:.85@acceleration whistle:.5@load black-smoke:.4 limp:.4 | P0299:.85 P0101:.1 | boostleak | boosthold wastegate
wastegate actuator, sticking | marlo20d brisk12t lugger22d | 14 | no-power:.8@acceleration limp:.6 turbo-overboost:.2 | P0299:.5 P0234:.35 | wastegate | boostleak
turbocharger, worn | marlo20d drover28d | 7 | no-power:.7 blue-smoke:.5 whistle:.5 oil-use:.4 | P0299:.6 | shaftplay | boostleak wastegate
exhaust gas recirculation valve, sticking | marlo20d lugger22d shire23d tessa16 | 20 | rough-idle:.4@idle no-power:.5 stall:.3 black-smoke:.4 engine-lamp:.7 | P0401:.5 P0402:.25 P0299:.1 | egrmove | mafcurve
particle filter, blocked | marlo20d lugger22d drover28d | 18 | no-power:.6 limp:.5 regen-often:.6 engine-lamp:.6 | P2463:.7 P2002:.2 P242F:.2 | backpress | egrmove
differential pressure hose, cracked | marlo20d lugger22d | 6 | engine-lamp:.7 regen-often:.5 limp:.3 | P2463:.3 P2452:.3 P2002:.3 | hosecheck | backpress
glow plug, open circuit | marlo20d drover28d lugger22d shire23d grunnel40 | 20 | hard-start:.8@cold-start white-smoke:.5@cold-start glow-lamp:.4 rough-idle:.3@cold-start | P0671:.3 P0672:.3 P0380:.25 | glowcurrent | leakoff
crankshaft sensor, breaks down | tessa16 brisk12t lugger22d | 14 | stall:.8@hot no-start:.6@hot engine-lamp:.3 | P0335:.55 P0336:.25 | cranktrace | fuelpress
camshaft sensor, no signal | tessa16 nib10 orbis30 | 8 | hard-start:.7 engine-lamp:.8 stall:.2 | P0340:.85 | camtrace | cranktrace
timing chain, stretched | brisk12t orbis30 | 8 | engine-noise:.6@cold-start rough-idle:.4 engine-lamp:.7 hard-start:.3 | P0016:.8 P0300:.2 | camtrace | plugs
cam phaser solenoid, sticking | orbis30 tessa16 | 7 | rough-idle:.6@idle stall:.3 engine-lamp:.7 no-power:.3 | P0011:.7 P0016:.2 | solenoidmove | camtrace
thermostat, stuck open | tessa16 nib10 marlo20d lugger22d | 18 | runs-cold:.8 no-heat:.6 fuel-use:.3 engine-lamp:.5 | P0128:.8 | warmup | ectcheck
water pump, leaking | tessa16 marlo20d brisk12t | 10 | coolant-loss:.8 overheat:.4@load coolant-leak:.5 | P0217:.1 | pressuretest | warmup
head gasket, leaking internally | brisk12t tessa16 drover28d | 8 | coolant-loss:.8 overheat:.6@load white-smoke:.4 coolant-pressure:.5 | P0300:.2 P0217:.2 | blockgas | pressuretest
radiator fan, no signal | tessa16 brisk12t nib10 | 8 | overheat:.8@low-speed fan-never:.5 ac-cycles:.3 | P0480:.5 P0217:.2 | fandrive | pressuretest
battery, aged | tessa16 marlo20d nib10 lugger22d orbis30 aurel18h | 30 | slow-crank:.7@cold-start battery-drain:.5 no-crank:.4 | P0562:.3 U0100:.1 | batteryload | chargevolt drain
alternator, low output | tessa16 marlo20d lugger22d shire23d | 16 | no-charge:.8 lights-flicker:.4 battery-drain:.4 | P0562:.5 P0621:.2 | chargevolt | batteryload
ground strap, corroded | drover28d lugger22d tessa16 | 10 | slow-crank:.6 no-crank:.4 lights-flicker:.4 instruments-dead:.3 | P0562:.25 U0100:.2 | grounddrop | batteryload chargevolt
starter motor, worn | lugger22d marlo20d tessa16 | 12 | no-crank:.7 slow-crank:.5@hot starter-grind:.3 | | starterdraw | batteryload
added equipment, draws current when off | lugger22d drover28d orbis30 | 10 | battery-drain:.95@standing no-crank:.4 | P0562:.2 | drain | batteryload
wheel speed sensor, no signal | tessa16 marlo20d nib10 orbis30 | 18 | brake-warning:.95 abs-false:.2 speed-signal:.1 | C0035:.5 C0040:.3 | abstrace | abswire
wheel speed ring, cracked | tessa16 nib10 | 8 | abs-false:.7@low-speed brake-warning:.8 | C0035:.6 | abstrace | abswire
wheel bearing, worn | tessa16 marlo20d lugger22d drover28d | 12 | wheel-noise:.95@turning drive-vibration:.2 | | bearingfeel | tyrelook
brake caliper guide pin, seized | tessa16 marlo20d nib10 | 9 | brake-pull:.6@braking brake-drag:.7 brake-noise:.4 | | discheat | bearingfeel
wiring harness, chafed | marlo20d drover28d shire23d orbis30 | 12 | engine-lamp:.7 stall:.3@bumps limp:.4 no-communication:.2 | P0193:.2 P0335:.2 U0100:.3 P0113:.2 | wiggle | cranktrace
connector, corroded | lugger22d drover28d nib10 shire23d | 11 | engine-lamp:.6 stall:.3@rain lights-out:.3 instruments-dead:.2 | U0100:.3 P0113:.2 P2135:.2 | wiggle | abswire
throttle body, contaminated | tessa16 nib10 orbis30 | 12 | stall:.5@idle hunting-idle:.6@idle low-idle:.5 | P0507:.2 P2135:.1 P0121:.2 | throttlelook | smoke
oxygen sensor, slow to respond | tessa16 orbis30 | 8 | fuel-use:.5 engine-lamp:.8 emission-test:.3 | P0133:.8 P0420:.2 | lambdatrace | trims
catalytic converter, worn | tessa16 orbis30 nib10 aurel18h | 10 | engine-lamp:.9 emission-test:.4 no-power:.1 | P0420:.95 | catcheck | lambdatrace
refrigerant, low level | tessa16 marlo20d orbis30 | 10 | ac-warm:.95 ac-cycles:.4 | P0532:.3 | acpress | condfan
stator, burnt | lapwing650 | 9 | no-charge:.8 battery-drain:.6 stall:.2 | | statorac | chargevolt
sidestand switch, intermittent contact | lapwing650 | 6 | stand-cut:.7@in-gear stall:.5@bumps no-crank:.2 | | wiggle | statorac
battery cell module, aged | aurel18h | 8 | hv-warning:.9 no-power:.4 fuel-use:.3 | P0A80:.9 P0A7F:.2 | cellspread | batteryload
`;

/** key | question | reading | good | bad | limit | minutes. Words where nothing is measured; a range where there is. */
export const TESTS = `
trims | Is it lean at idle only, or everywhere? | long-term trim at idle | 0..5 % | 14..24 % | -8..8 % | 10
smoke | Where does smoke come out with the intake at low pressure? | smoke seen | nowhere | at one place | nowhere | 25
fuelpress | Does the fuel pressure hold under load? | fuel pressure at full load | 3.8..4.1 bar | 2.1..3.1 bar | ≥ 3.6 bar | 20
pumpcurrent | Does the fuel pump draw even current, with every bar of its commutator? | pump current | 4.5..6 A | 8..11 A | ≤ 7 A | 15
railunder | Does actual rail pressure follow its target, cranking and under load? | rail pressure at full load | 1500..1600 bar | 700..1100 bar | ≥ 1400 bar | 20
mafcurve | Does the air mass agree with displacement, speed and load? | air mass at idle | 9..12 kg/h | 4..7 kg/h | ≥ 8 kg/h | 10
coilswap | Does the misfire follow the coil to another cylinder? | misfire | stays | moves | stays | 15
sparktrace | Is each spark’s firing voltage and burn time like its neighbours’? | burn time | 1.3..1.8 ms | 0.4..0.8 ms | ≥ 1.0 ms | 20
plugs | Are the spark plugs sound: gap, insulator, colour, oil? | gap | 0.7..0.8 mm | 1.2..1.7 mm | ≤ 1.1 mm | 25
leakoff | Do the injectors leak back alike? | return in three minutes | 18..26 mL | 48..90 mL | ≤ 40 mL | 30
injflow | Do all injectors deliver the same? | spread of flow | 2..5 % | 14..30 % | ≤ 8 % | 60
boostleak | Does the charge path hold pressure? | pressure after a minute | 0.9..1.0 bar | 0.1..0.5 bar | ≥ 0.8 bar | 20
boosthold | Does boost follow its target under load? | boost at 3000 rpm | 1.2..1.4 bar | 0.3..0.7 bar | ≥ 1.1 bar | 20
wastegate | Does the actuator run its whole way, and come back to rest? | travel | 11..13 mm | 3..7 mm | ≥ 10 mm | 15
shaftplay | Does the turbocharger shaft have play or do the blades touch? | radial play | 0.1..0.2 mm | 0.6..1.1 mm | ≤ 0.4 mm | 40
egrmove | Does the exhaust gas recirculation valve move when told, and close fully? | position error | 1..3 % | 15..40 % | ≤ 8 % | 20
backpress | What is the pressure before the catalyst or filter? | back pressure at 3000 rpm | 40..90 mbar | 220..400 mbar | ≤ 150 mbar | 20
hosecheck | Are both hoses to the differential pressure sensor open, whole and the right way round? | hoses | whole | split | whole | 10
glowcurrent | Do all glow plugs draw the same? | current of the weakest | 11..14 A | 0..1 A | ≥ 8 A | 15
cranktrace | Does the signal stay when the sensor is heated? | signal when it fails | there | gone | there | 30
camtrace | Are cam and crank signals at the right angle to each other? | deviation | 0..2 ° | 8..14 ° | ≤ 4 ° | 30
solenoidmove | Does the cam move when the phaser is commanded, and come back? | time to position | 0.2..0.4 s | 1.5..4 s | ≤ 1 s | 25
warmup | How does the coolant temperature rise, and where does it settle? | coolant after fifteen minutes | 88..92 °C | 58..71 °C | ≥ 82 °C | 30
ectcheck | Is the sensor’s resistance right for its temperature? | difference to the thermometer | 0..2 °C | 9..20 °C | ≤ 4 °C | 10
pressuretest | Does the cooling system hold pressure, cold and hot? | loss in ten minutes | 0..0.05 bar | 0.3..0.8 bar | ≤ 0.1 bar | 25
blockgas | Is there exhaust gas in the coolant? | colour of the fluid | blue | yellow | blue | 20
fandrive | Does the radiator fan run when commanded and when hot? | fan | runs | stands | runs | 15
batteryload | Does the battery hold at rest and under load? | voltage under load | 10.4..11.2 V | 7.5..9.0 V | ≥ 9.6 V | 10
chargevolt | Does it charge? | charging voltage | 13.9..14.5 V | 12.0..12.9 V | ≥ 13.5 V | 5
grounddrop | What is lost on the ground side under load? | voltage drop to ground | 0.1..0.2 V | 0.7..2.1 V | ≤ 0.3 V | 10
starterdraw | Does the start signal reach the starter, and does the starter draw current? | current while cranking | 140..180 A | 290..420 A | ≤ 220 A | 15
drain | What is drawn when everything sleeps? | current asleep | 18..32 mA | 210..900 mA | ≤ 50 mA | 60
abstrace | Do four wheels agree on a straight road? | missing teeth | 0..0 | 1..4 | ≤ 0 | 25
abswire | Is its wire whole to the module? | wire | whole | broken | whole | 20
bearingfeel | Does the wheel bearing have play or run rough? | bearing | smooth | rough | smooth | 15
tyrelook | Are the tyres even, round and of one kind? | tyres | even | sawtooth | even | 10
discheat | Are the brakes equally warm after a drive without braking? | difference left to right | 3..15 °C | 70..160 °C | ≤ 30 °C | 20
wiggle | Does pulling and bending the loom bring it back? | signal | steady | drops out | steady | 30
throttlelook | Is the throttle clean, and does it reach its stops? | throttle | clean | black ring | clean | 10
lambdatrace | Does the oxygen sensor go rich and lean at once when told so? | rich to lean | 60..95 ms | 220..400 ms | ≤ 150 ms | 20
catcheck | Does the second oxygen sensor stay steady while the first one moves? | switches behind it in ten seconds | 0..1 | 6..11 | ≤ 3 | 20
acpress | What are both pressures of the air conditioning, at rest and running? | pressure at rest | 5..6 bar | 1..2.5 bar | ≥ 4 bar | 15
condfan | Does the radiator fan run when commanded and when hot? | fan | runs | stands | runs | 5
statorac | Do all three phases give the same? | alternating voltage at 4000 rpm | 55..68 V | 8..25 V | ≥ 50 V | 20
cellspread | Are all cell or block voltages alike, at rest and under load? | spread of module voltage | 0.1..0.2 V | 0.8..1.9 V | ≤ 0.4 V | 30
`;

/** How the people of this town say it. */
export const WORDS: Record<string, readonly string[]> = {
  'rough-idle': ['shakes at the lights', 'idles rough', 'lumpy at idle', 'will not idle smoothly'],
  'engine-lamp': ['engine light came on', 'orange engine light', 'EML on', 'engine lamp on'],
  hesitation: ['hesitates when I pull away', 'flat spot', 'bogs down for a moment'],
  whistle: ['whistles under the bonnet', 'hissing noise', 'a whistle when I accelerate'],
  'high-idle': ['idles too high', 'revs stay up'],
  'no-power': ['no power', 'will not pull', 'down on power', 'gutless up the hill'],
  'hard-start': ['takes ages to start', 'hard to start', 'cranks a long time'],
  stall: ['stalls', 'cuts out', 'engine dies', 'just stops'],
  limp: ['goes into limp mode', 'reduced power message'],
  'fuel-use': ['uses a lot of fuel', 'drinks petrol', 'fuel consumption has gone up'],
  misfire: ['misfires', 'missing on one cylinder', 'splutters'],
  'lamp-flashes': ['engine light flashes'],
  'black-smoke': ['black smoke', 'smokes black'],
  knock: ['knocks', 'knocking noise from the engine'],
  'turbo-overboost': ['overboost message'],
  'blue-smoke': ['blue smoke', 'burns oil and smokes'],
  'oil-use': ['uses oil', 'needs topping up with oil'],
  'regen-often': ['regenerates all the time', 'soot filter full'],
  'white-smoke': ['white smoke', 'clouds of white smoke'],
  'glow-lamp': ['glow light flashing'],
  'no-start': ['cranks but will not start', 'turns over but no start'],
  'engine-noise': ['rattles on start up', 'chain rattle'],
  'runs-cold': ['never gets warm', 'temperature gauge stays low'],
  'no-heat': ['heater blows cold', 'no heat in the car'],
  'coolant-loss': ['loses coolant', 'have to top up the water every week'],
  overheat: ['overheats', 'temperature needle in the red'],
  'coolant-leak': ['coolant leak', 'puddle of coolant'],
  'coolant-pressure': ['hoses rock hard', 'pushes coolant out'],
  'fan-never': ['fan never comes on'],
  'ac-cycles': ['a/c cuts in and out'],
  'slow-crank': ['cranks slowly', 'turns over slowly'],
  'battery-drain': ['battery flat after a few days', 'flat battery again', 'battery goes flat'],
  'no-crank': ['nothing when I turn the key', 'does not crank', 'just clicks'],
  'no-charge': ['battery light on', 'does not charge'],
  'lights-flicker': ['lights flicker', 'lights go dim'],
  'instruments-dead': ['dash goes dead', 'gauges drop'],
  'starter-grind': ['grinding when starting'],
  'brake-warning': ['abs light on', 'abs and stability light'],
  'abs-false': ['abs kicks in at walking pace', 'pedal pulses at low speed'],
  'speed-signal': ['speedo drops to zero'],
  'wheel-noise': ['humming from the front', 'droning noise', 'hum at speed'],
  'drive-vibration': ['vibrates at speed'],
  'brake-pull': ['pulls to one side when braking'],
  'brake-drag': ['one wheel gets hot', 'brakes bind'],
  'brake-noise': ['brakes squeal', 'grinding brakes'],
  'no-communication': ['scanner cannot connect'],
  'lights-out': ['tail lights not working'],
  'hunting-idle': ['idle goes up and down', 'idle hunts'],
  'low-idle': ['idles too low'],
  'emission-test': ['failed the emission test'],
  'ac-warm': ['a/c blows warm', 'air con not cold'],
  'stand-cut': ['cuts out when I put it in gear'],
  'hv-warning': ['hybrid warning', 'check hybrid system'],
};

/** What else people say when they hand the key over. */
export const BESIDE: readonly string[] = [
  'since last week',
  'for a month now',
  'comes and goes',
  'getting worse',
  'another garage could not find it',
  'needs it back by Friday',
  'was fine before the holidays',
  'only my wife drives it',
  'third time this winter',
  'bought it like that',
  'it has been serviced on time',
  'please ring before doing anything',
];

/** How people here add a circumstance. */
export const WHEN: Record<string, readonly string[]> = {
  idle: ['at idle', 'at the lights'],
  load: ['uphill', 'under load'],
  hot: ['when hot', 'once it is warm'],
  'cold-start': ['from cold', 'first thing in the morning'],
  acceleration: ['on acceleration', 'when I put my foot down'],
  'low-speed': ['in traffic', 'at low speed'],
  standing: ['after standing a few days'],
  turning: ['in bends'],
  braking: ['when braking'],
  bumps: ['over bumps'],
  rain: ['in the rain'],
  'in-gear': ['in gear'],
};
