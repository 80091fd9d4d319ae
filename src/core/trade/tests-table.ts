/**
 * Tests of the trade, one line each: id | what is asked | what a vehicle without the fault shows | minutes | tool |
 * under which conditions (separated by ;) | readings, label = limit where one holds everywhere. General practice,
 * written from knowledge, no source; a limit of the maker's own stands before any of these.
 */
export const TESTS_TABLE = `
coil-swap | Does the misfire follow the coil to another cylinder? | it stays where it was | 15 | hand tools | coils of one kind, each on its plug |
plug-look | Are the spark plugs sound: gap, insulator, colour, oil? | gap right, alike, dry, no track | 20 | spark plug socket | |
spark-trace | Is each spark’s firing voltage and burn time like its neighbours’? | alike | 20 | oscilloscope, ignition pick-up | idling, then snapped open |
spark-jump | Does a spark jump at every plug lead while cranking? | a strong spark at each | 10 | spark tester | |
primary-pulse | Is the coil’s primary switched while cranking? | battery voltage, pulled low for each spark | 10 | oscilloscope or test lamp | cranking |
compression | Do the cylinders compress alike? | alike within 10 % | 30 | compression gauge | battery charged; throttle open |
rel-compression | Do the cranking current humps rise alike? | alike | 10 | current clamp, oscilloscope | battery charged; engine prevented from starting |
leak-down | How much does the cylinder lose, and where does it come out? | below 20 %, and not at intake, exhaust or coolant | 40 | leak-down tester | engine warm; piston at top dead centre |
vacuum-gauge | Is the manifold vacuum at idle steady and deep enough? | steady, about 60 kPa below atmosphere near sea level | 10 | vacuum gauge | idling, warm |
valve-clearance | Are the valve clearances right? | within the maker’s limits | 60 | feeler gauges | engine cold |
smoke-intake | Where does smoke come out with the intake at low pressure? | nowhere | 25 | smoke machine | smoke seen at an opened hose first |
boost-leak | Where does air come out of the charge-air path under pressure? | nowhere | 30 | pressure test kit | engine off; pressure no higher than the turbocharger makes |
trim-speed | Is it lean at idle only, or everywhere? | close to 0 % at both | 10 | scan tool | warm; closed loop |
trim-hold | Does the mixture come right when fuel is added by hand? | it goes rich at once | 10 | propane, scan tool | closed loop |
fuel-pressure | Does the fuel pressure hold under load? | as specified, steady | 25 | fuel pressure gauge | under the load at which it fails |
fuel-hold | Does the fuel pressure hold with the engine off? | falls slowly | 25 | fuel pressure gauge | after a run |
fuel-flow | Does the pump deliver enough in the time? | as specified | 20 | measuring cylinder, gauge | |
pump-current | Does the fuel pump draw even current, with every bar of its commutator? | even humps, usual current | 10 | current clamp, oscilloscope | running |
pump-feed | Does the fuel pump get voltage and ground under load? | within 0.5 V of the battery | 15 | multimeter | pump running |
rail-pressure | Does actual rail pressure follow its target, cranking and under load? | it follows | 15 | scan tool | cranking; full load |
leak-back | Do the injectors leak back alike? | alike, within the maker’s limit | 30 | measuring cylinders | same time for all |
lp-diesel | Is the low-pressure side sound: pressure or vacuum, no air bubbles? | no bubbles, pressure as specified | 20 | clear hose, gauge | |
filter-fuel | Is there water or dirt in the fuel filter? | clean | 20 | hand tools | |
fuel-sample | Does a fuel sample look and smell right, without water? | clear, one layer | 15 | clean jar | |
injector-balance | Does each injector drop the rail pressure alike? | alike | 20 | oscilloscope, pressure sensor | engine off; pump off |
injector-corr | Which cylinder is corrected, or missed least when switched off? | none stands out | 10 | scan tool | idling, warm |
injector-current | Do the injectors draw alike and open alike? | alike | 15 | current clamp, oscilloscope | running |
injector-leak | Does an injector drip or keep pressure from holding? | all dry | 40 | hand tools | rail under pressure |
regulator-vac | Is the pressure regulator’s hose dry of fuel? | dry | 5 | eyes | running |
purge-close | Does the purge valve stay closed when not commanded? | no flow, no suction | 10 | hand, vacuum gauge | idling; valve plugged in |
evap-smoke | Where does smoke come out of the fuel vapour system? | nowhere | 30 | smoke machine with inert gas | tank not full |
evap-vent | Does the vent close and hold when it is commanded? | it holds | 15 | scan tool, vacuum pump | |
cap-seal | Is the fuel cap’s seal whole, and does it hold? | it holds | 5 | eyes, tester | |
airflow-value | Does the air mass agree with displacement, speed and load? | agrees within 10 % | 10 | scan tool | full throttle and idle |
map-baro | Does manifold pressure equal the barometer with the engine off? | within 2 kPa | 5 | scan tool | key on, engine off |
throttle-look | Is the throttle clean, and does it reach its stops? | clean, free | 15 | eyes, scan tool | key on, engine off |
throttle-tracks | Do both throttle signals move smoothly and agree? | smooth, sum or ratio constant | 10 | oscilloscope or scan tool | key on, engine off |
pedal-tracks | Do both pedal signals move smoothly and agree? | smooth, in their ratio | 10 | oscilloscope or scan tool | key on, engine off |
idle-learn | Does the idle come right after the throttle was cleaned and taught? | it does | 20 | scan tool | warm |
egr-move | Does the exhaust gas recirculation valve move when told, and close fully? | it moves, and closes | 15 | scan tool | |
egr-flow | Does the engine falter or the air mass drop when the valve is opened? | it does | 10 | scan tool | idling, warm |
egr-soot | Are valve and passages free of soot? | free | 45 | hand tools | engine cold |
boost-follow | Does actual boost follow its target on the road? | it follows | 20 | scan tool, recording | full load in a high gear |
actuator-vane | Does the boost actuator run its whole way, freely? | whole way, no play | 15 | vacuum pump or scan tool | |
vacuum-supply | Is there full vacuum at the reservoir and the solenoids? | about 80 kPa below atmosphere | 15 | vacuum gauge | idling |
turbo-play | Does the turbocharger shaft have play or do the blades touch? | turns freely, no axial play | 30 | hands | engine cold |
exhaust-pressure | What is the pressure before the catalyst or filter? | below 10 kPa at 2500 rpm | 20 | pressure gauge | warm |
dpf-difference | Is the pressure difference over the filter right at idle and 3000 rpm, and nothing with the engine off? | 0 at rest, low, rising with flow | 15 | scan tool, gauge | warm |
dpf-regen | Does a regeneration run to its end, with temperatures as they should be? | soot falls, 600 °C reached | 40 | scan tool | enough fuel; nothing that burns near the exhaust |
dpf-hoses | Are both hoses to the differential pressure sensor open, whole and the right way round? | open and whole | 10 | eyes, low air | engine off |
temps-cold | Do all temperature sensors agree after a night’s rest? | within a few degrees | 5 | scan tool | engine cold, not yet started |
cat-temps | Does the second oxygen sensor stay steady while the first one moves? | steady | 15 | scan tool or oscilloscope | warm, 2500 rpm |
exhaust-tight | Is the exhaust tight up to the last sensor? | tight | 15 | smoke or ears | cold |
lambda-swing | Does the oxygen sensor go rich and lean at once when told so? | at once, full range | 15 | scan tool, propane | warm |
lambda-heater | Does the oxygen sensor’s heater draw current? | as specified | 10 | multimeter, current clamp | |
urea-quality | Is the urea solution at 32.5 % and clean? | 32 to 33 % | 10 | refractometer | sample fresh |
urea-dose | Does the injector dose the commanded amount, in an even spray? | amount and spray right | 25 | measuring cup, scan tool | injector out of the pipe |
urea-pressure | Does the urea pump build its pressure and hold it? | as specified, about 5 to 9 bar | 15 | scan tool | |
nox-compare | Do both nitrogen oxide sensors agree with no dosing, and fall with it? | agree, then fall | 20 | scan tool | hot |
glow-current | Does every glow plug draw current? | alike, 8 to 20 A at 12 V | 15 | current clamp | engine cold |
glow-feed | Does the glow plug controller switch battery voltage to the plugs? | it does | 10 | multimeter | engine cold |
crank-signal | Is the crankshaft signal there while cranking, each tooth even? | even, one gap a turn | 10 | oscilloscope | cranking |
cam-signal | Is the camshaft signal there while cranking? | even and of full height | 10 | oscilloscope | cranking |
hot-signal | Does the signal stay when the sensor is heated? | it stays | 15 | oscilloscope, hot air | running |
cam-crank | Are cam and crank signals at the right angle to each other? | as on a healthy one | 15 | oscilloscope, two channels | running |
timing-marks | Do the timing marks stand right, and is belt or chain tight? | marks right, no slack | 90 | hand tools | |
phaser-move | Does the cam move when the phaser is commanded, and come back? | moves and comes back | 15 | scan tool | oil warm |
oil-pressure | Is the oil pressure right, cold and hot? | as specified | 30 | oil pressure gauge | warm |
oil-level | Are oil level and oil right: grade, age, fuel in it? | level and smell right | 5 | dipstick | level ground |
sensor-2wire | Does the reading go to the other end with the sensor bridged, and to this one unplugged? | to both ends | 10 | jumper wire, scan tool | key on, engine off |
sensor-resist | Is the sensor’s resistance right for its temperature? | as in its table | 10 | multimeter, thermometer | unplugged |
sensor-supply | Does the sensor get its 5 V and a good ground? | 4.9 to 5.1 V | 10 | multimeter | plugged in, key on |
part-feed | Does the part get its supply and ground, under load? | within 0.5 V of the battery | 15 | multimeter | part switched on |
part-resist | What is the resistance of the part itself? | as specified | 10 | multimeter | unplugged, power off |
part-lamp | Does a test lamp in place of the part light when it is commanded? | it lights | 10 | test lamp | commanded |
wire-through | Is its wire whole to the module? | whole, no contact to ground or others | 20 | multimeter | both ends unplugged |
wiggle | Does moving the loom and the connector bring it on? | nothing changes | 15 | hands, scan tool | live value shown |
pins-look | Is the connector seated, latched and dry, and do its pins hold? | seated, dry, pins tight | 10 | eyes, pin tester | unplugged |
water-look | Is there water or corrosion in connectors, fuse box or carpet? | dry | 20 | eyes, lamp | |
battery-load | Does the battery hold at rest and under load? | 12.5 V or more at rest, above 9.6 V under load | 5 | battery tester | rested |
charge-load | Does it charge at 1500 rpm with lights, heater and blower on? | 13.5 to 14.8 V; smart charging may lie lower | 10 | multimeter | warm |
ripple | Is the alternator’s ripple small? | below 0.5 V peak to peak | 10 | oscilloscope | loaded |
alt-drop | Is little lost between alternator and battery, plus and ground? | below 0.3 V each | 10 | multimeter | charging under load |
drop-start | Is little lost on the starter’s cables while cranking, plus and ground? | below 0.5 V each | 15 | multimeter | cranking |
starter-signal | Does the start signal reach the starter, and does the starter draw current? | battery voltage at the solenoid; current flows | 15 | multimeter, current clamp | cranking |
start-chain | How far does the start request come: key, switches, relay? | it reaches the relay’s coil | 20 | multimeter, scan tool | start requested |
rest-current | What current flows with everything asleep? | below 50 mA after half an hour | 20 | current clamp | locked; asleep |
fuse-drops | Over which fuse does a voltage drop stand while asleep? | none | 30 | multimeter | doors latched by hand; asleep |
belt-look | Is the accessory belt whole and tight, does its tensioner hold? | whole and tight | 10 | eyes | engine off |
module-fed | Is the silent module fed? | all feeds and grounds within 0.5 V of the battery, under load | 20 | test lamp, multimeter | |
bus-resist | Is the data bus whole? | 55 to 65 Ω between its wires with the power off, high-speed bus only | 10 | multimeter | battery disconnected |
bus-scope | Do both bus wires show clean, opposite levels? | clean and opposite | 15 | oscilloscope | awake |
bus-unplug | Does the bus come alive when one module after another is unplugged? | nothing changes | 40 | scan tool | |
code-back | Does it come straight back after a clear and a key cycle? | it stays away | 10 | scan tool | codes recorded first |
coding-fit | Do part number, software and coding fit this vehicle? | they fit | 20 | scan tool | |
learned | Was a module, a battery or a sensor changed, and was it taught afterwards? | taught | 15 | papers, scan tool | |
relay-rest | Is a relay still pulled in, or warm, with everything off? | none | 10 | hands | locked; asleep |
relay-swap | Does a known-good relay in its place change it? | nothing changes | 5 | known-good relay | |
warm-curve | How does the coolant temperature rise, and where does it settle? | above 80 °C within 15 minutes, then steady | 20 | scan tool | from cold; driving |
thermostat-hose | When does the hose to the radiator grow warm? | only near opening temperature, then hot | 15 | thermometer | from cold |
rad-temps | Does the coolant flow: how do radiator inlet, outlet and surface compare? | even fall, no cold patch | 15 | thermometer | hot |
fan-run | Does the radiator fan run when commanded and when hot? | runs at every stage | 10 | scan tool | |
fan-feed | Does the fan motor get voltage and ground when commanded? | within 0.5 V of the battery | 10 | multimeter | commanded |
cool-pressure | Does the cooling system hold pressure, cold and hot? | holds 15 minutes | 20 | pressure pump | engine cold to begin |
cap-pressure | Does the coolant cap hold its pressure? | holds as printed | 5 | cap adapter | |
gas-coolant | Is there exhaust gas in the coolant? | none | 15 | block tester | hot, idling |
cyl-look | Is a cylinder wet or washed clean after a night under pressure? | all alike and dry | 30 | borescope | |
heater-hoses | Are both heater hoses hot? | both hot | 5 | thermometer | hot; heater on |
pulley-look | Does the water pump turn without play, leak or noise? | dry, no play | 15 | eyes, hands | belt off |
wheel-speeds | Do all four wheel speeds agree and start at walking pace? | alike | 15 | scan tool, recording | straight road |
ring-look | Is the wheel’s ring clean, whole and at the right gap? | clean and whole | 20 | eyes | wheel off |
wheel-signal | Is the wheel speed signal even over a turn? | even | 15 | oscilloscope | wheel turned by hand |
wheel-play | Does the wheel bearing have play or run rough? | no play, quiet | 15 | hands, lift | wheel off the ground |
bearing-listen | Which wheel hums, and does it change in bends? | none | 15 | road, ears on the lift | |
brake-temps | Are the brakes equally warm after a drive without braking? | alike | 10 | thermometer | after some kilometres |
caliper-slide | Do piston and guides of the caliper move freely? | freely | 25 | hands | wheel off |
brake-hose | Does the brake release when the bleed screw is opened? | was released before | 10 | spanner | brake stuck on |
disc-runout | Do disc run-out and thickness variation lie within limits? | run-out below 0.05 mm | 25 | dial gauge, micrometer | |
pads-look | Are pads and discs thick enough, even, clean? | thick, even, clean | 15 | eyes | wheel off |
pedal-hold | Does the pedal hold its height under steady pressure? | it holds | 5 | foot | engine running |
brake-fluid | Are level, age and boiling point of the brake fluid right? | water below 3 % | 10 | tester | |
servo-vac | Does the pedal fall on starting, and does the servo hold vacuum? | falls, and holds | 10 | foot, gauge | |
brake-leak | Is the brake system dry at hoses, cylinders and unit? | dry | 15 | eyes | |
parking-motor | Do the parking brake motors draw current and move? | they do | 20 | scan tool, current clamp | |
steer-supply | Does the steering motor get full voltage and ground under load? | within 0.5 V of the battery | 15 | multimeter | parked, steering |
steer-angle | Is the steering angle zero straight ahead, and smooth? | 0 ± 2° | 10 | scan tool | |
steer-fluid | Are level and look of the power steering fluid right? | right, no foam | 5 | eyes | |
play-front | Is there play in ball joints, tie rods, bushes or top mounts? | none | 20 | lift, pry bar | |
damper-look | Are dampers dry and springs whole? | dry and whole | 15 | lift | |
align | Are wheel angles and tyre pressures right? | within limits | 45 | wheel alignment rig | level; tyres right |
tyre-look | Are the tyres even, round and of one kind? | even and round | 10 | eyes | |
balance | Are the wheels balanced and round? | within limits | 30 | balancer | |
ride-leak | Does the air suspension hold its height overnight? | it holds | 15 | tape, leak spray | |
ride-pump | Does the compressor build pressure in its time? | it does | 15 | scan tool | |
ac-pressures | What are both pressures of the air conditioning, at rest and running? | at rest as the temperature says; both in their range | 20 | gauges | |
ac-leak | Where does refrigerant come out? | nowhere | 30 | leak detector, dye | |
ac-clutch-feed | Does the compressor clutch or valve get its command and draw current? | it does | 10 | multimeter | air conditioning on |
flap-move | Do the air flaps move when told, and what does the outlet temperature do? | they move | 15 | scan tool, thermometer | |
blower-feed | Does the blower get voltage and ground at each speed? | it does | 10 | multimeter | |
ac-look | Is the evaporator clean, dry and without smell? | clean | 20 | borescope | |
cabin-filter | Is the cabin filter clean? | clean | 10 | eyes | |
drain-water | Does water poured over run out where it should? | it runs out, inside dry | 20 | watering can | |
door-loom | Are the wires in the door’s loom whole where they bend? | whole | 20 | eyes, multimeter | |
switch-value | Does the switch’s value change at each press? | it does | 5 | scan tool | |
motor-direct | Does the motor run when fed directly? | it runs | 10 | fused leads | unplugged |
lamp-feed | Is there voltage and ground at the lamp holder? | within 0.5 V of the battery | 10 | multimeter | switched on |
atf-level | Are level, colour and smell of the transmission oil right? | right, red or amber, not burnt | 15 | level plug | at the temperature prescribed |
line-pressure | Is the line pressure right at idle and under load? | as specified | 30 | gauge | warm |
lock-slip | Does the converter clutch hold without slip? | slip below 50 rpm | 15 | scan tool | steady speed |
solenoid-resist | Are the shift solenoids’ resistances right and alike? | as specified | 20 | multimeter | |
gear-adapt | Are adaptation values within limits, and are shifts right after learning? | within limits | 25 | scan tool | oil warm |
clutch-slip | Does the clutch slip in a high gear under load? | it holds | 10 | road | warm |
clutch-travel | Does the slave cylinder travel its full way, and is it dry? | full travel, dry | 15 | eyes, rule | |
flywheel-play | Is the dual-mass flywheel’s play within limits? | within limits | 30 | dial gauge | |
shaft-look | Are drive shafts and joints without play and their boots whole? | whole, no play | 15 | lift | |
mounts-look | Do engine and gearbox mounts hold? | they hold | 10 | eyes, brake held | |
exhaust-look | Is the exhaust tight, whole and free of contact? | tight and free | 15 | lift | |
key-read | Is the key recognised, and is a spare key too? | recognised | 10 | scan tool, spare key | |
cells | Are all cell or block voltages alike, at rest and under load? | within 50 mV at rest | 30 | scan tool | high voltage: trained people only |
insulation | What is the insulation resistance of each high-voltage part? | above 1 MΩ | 60 | insulation tester | high voltage switched off and proven dead |
hv-loop | Is the safety loop closed through every plug and cover? | closed | 30 | multimeter | high voltage switched off |
hv-cool | Is the battery’s cooling path clean and its fan running? | clean, runs | 20 | eyes, scan tool | |
pilot | What do pilot and proximity signals of the charge socket show? | as the standard says | 20 | tester for charging | |
charger-feed | Does another charging point or cable charge it? | the same at both | 15 | second charging point | |
seat-plug | Are the plugs under the seat seated, and is the resistance of the circuit right? | seated, 2 to 3 Ω | 15 | substitute resistor, scan tool | battery off and waited |
crash-data | What does the airbag module’s own memory say, and was there an impact? | no impact stored | 10 | scan tool | |
camera-aim | Are camera or radar clean, straight and calibrated? | clean, calibrated | 60 | target, scan tool | |
stator-ac | Do the three stator windings give alike alternating voltage, and none to ground? | alike, none to ground | 15 | multimeter | 5000 rpm, unplugged |
side-switch | Do sidestand, clutch and neutral switches change when they are worked? | they do | 10 | multimeter or scan tool | |
chain-look | Are chain and sprockets within wear limits and the tension right? | within limits | 10 | eyes, rule | |
carb-float | Are float level, needle and jets right and clean? | right and clean | 60 | hand tools | |
choke-look | Does the choke close cold and open warm? | it does | 10 | eyes | cold, then warm |
points-gap | Are contact gap, dwell and timing right? | as specified | 20 | dwell meter, timing lamp | |
crank-case | Is the crankcase pressure low? | slight vacuum | 10 | gauge | idling |
oil-leak-find | Where does the oil come from, after cleaning and dye? | nowhere | 40 | dye, lamp | |
oil-use | How much oil does it use over 1000 km, and is the breather clear? | below the maker’s limit | 30 | scales | |
knock-tap | Does the knock sensor answer a tap on the block? | it answers | 10 | oscilloscope | running |
immo-data | What does the immobiliser say while starting is tried? | released | 10 | scan tool | |
brake-switch | Do both contacts of the brake light switch change together? | they do | 5 | scan tool | |
speed-signal | Is the speed signal there and steady on the road? | steady | 15 | scan tool | |
fuel-sender | Does the fuel level change with the sender moved by hand? | it does, smoothly | 40 | multimeter | |
noise-find | Where is the noise, by ear with a probe? | nowhere | 20 | listening probe | |
value-true | Does it show what is applied to it? | it agrees | 15 | gauge or known value, scan tool | |
substitute | Does a known-good part in its place change it? | nothing changes | 20 | known-good part | |
purge-flow | Does the purge valve let vapour through when it is commanded? | it does | 10 | hand, scan tool | idling, warm |
urea-level | Does the urea level shown agree with what is in the tank? | it agrees, and there is enough | 10 | scan tool, eyes | |
idle-mix | Does the idle come right when its mixture and speed are set? | it was right before | 15 | hand tools, exhaust analyser | warm |
gear-cable | Does the lever’s cable move gearbox or switch its whole way into each gear? | whole way | 15 | eyes, hands | |
gearbox-oil | Are there metal or too little oil in the gearbox, and which gear makes the noise? | clean, right level, none | 30 | oil drained, lift | |
oil-switch | Does the oil pressure lamp agree with a gauge? | it agrees | 25 | oil pressure gauge | warm |
load-off | Does the noise or vibration go with the belt off, or the clutch pressed? | it stays | 15 | hand tools | |
added-off | Does it go with added equipment unplugged? | it stays | 15 | eyes | |
lamp-aim | Do both headlamps stand straight, and does the levelling motor move? | straight, and it moves | 10 | headlamp tester | level ground |
lamp-look | Is the lamp dry inside, its cover tight and its vent open? | dry and tight | 10 | eyes | |
washer-flow | Does the washer pump run, and does fluid come out at each nozzle? | at each | 5 | eyes, ears | |
demister-lines | Does the voltage fall evenly along each line of the rear window? | about half in its middle | 15 | multimeter | switched on |
tailgate-hold | Does the tailgate stay up by itself, cold too? | it stays | 5 | hands | |
play-door | Do the doors sit straight, without play in their hinges? | straight, no play | 10 | hands, eyes | |
wind-listen | Does tape over gaps and seals change the wind noise? | nothing changes | 20 | tape, road | |
drain-cond | Does condensate run out under the vehicle? | it drips | 10 | eyes | air conditioning on |
aux-heater | Does the auxiliary heater start and burn, and what does its memory say? | it burns | 20 | scan tool | outdoors; enough fuel; battery charged |
lock-cylinder | Does a spare key turn freely, with the steering wheel unloaded? | freely | 5 | spare key | |
damper-bounce | How do the dampers move, pushed down by hand at each corner? | once up, and still | 5 | hands | level ground |
tyre-leak | Where do bubbles come out of tyre, valve and rim? | nowhere | 15 | leak spray | at its pressure |
head-bearing | Does the steering head turn freely, without notch and play? | freely | 10 | hands | front wheel raised |
fork-look | Are the fork tubes dry and straight? | dry and straight | 5 | eyes | |
coolant-test | What does the coolant look like, and down to what cold does it hold? | clear, without oil, as cold as prescribed | 5 | refractometer, eyes | |
cable-move | Does the cable move freely, with its play right? | freely | 10 | hands | |
cooler-flow | Does transmission oil flow through its cooler, and does the cooler grow warm? | it flows | 25 | thermometer, measuring cup | oil warm |
def-look | Are there white crystals at lines, connectors and injector? | none | 10 | eyes, lamp | |
air-leak | Where does air escape, with brakes off and on? | nowhere | 20 | leak spray, ears | full pressure; wheels chocked |
air-build | How long does it take until the air pressure is there? | within the maker’s time | 10 | gauge, watch | tanks emptied first |
air-water | Do water or oil come out when the air tanks are drained? | dry | 10 | eyes | |
air-hold | Does each axle’s brake release at once and hold what it is told? | it does | 25 | gauges | full pressure; wheels chocked |
trailer-swap | Does another trailer or a tester at the socket show it too? | it does not | 15 | second trailer or tester | |
hydr-pressure | What hydraulic pressure is there at idle and against the stop? | as specified | 20 | gauge | oil warm |
hydr-oil | Are oil level, filter and suction side of the hydraulics right, without foam? | right, no foam | 10 | eyes | |
hydr-valve | Does it move when the valve is worked by hand? | as with the lever | 10 | hands | nobody near what moves |
pto-look | Does the power take-off get its command, and does it take hold? | it does | 15 | multimeter, eyes | shaft guarded |
retarder-look | Does the retarder or exhaust brake get its command, and does it move? | it does | 20 | scan tool, air gauge | |
`;
