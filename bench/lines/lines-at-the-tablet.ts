/** A fifth set of lines, typed at a tablet beside the car. Written in one go before any was read; every second is held back. */
export const LINES_AT_THE_TABLET = `
brannock shire no crank click only | mk:Brannock md:Shire 16 s:no-crank
tessa 1.6 P0420 after new cat | md:Tessa en:1.6 petrol c:P0420 p:catalytic converter/p:catalyst/t:after-repair
albera t20d rattle on start up cold | mk:Albera en:T20D s:engine-noise t:cold-start/t:cold
vanto-x air con not cold at idle | md:Vanto-X s:ac-warm t:idle
duro cuts out at 5000 rpm | md:Duro 250 s:rev-limit/s:stall
coil pack cracked | p:ignition coil f:cracked
injector wire rubbed through | p:injector/p:injector harness/p:wiring harness f:chafed/f:chafed through
o2 sensor slow | p:oxygen sensor/p:lambda sensor f:slow/f:sluggish
maf dirty lean both banks | p:mass air flow sensor/p:air flow meter/p:air mass meter f:contaminated/f:dirty cf:lean
map sensor hose split | p:vacuum hose/p:manifold pressure sensor/p:intake pressure sensor f:split/f:cracked/f:torn
fuel pump relay sticking | p:fuel pump relay/p:relay f:sticking/f:stuck
fuel pressure drops under load | r:fuel pressure/s:no-power t:load/t:under load
rail pressure sensor reads low | p:rail pressure sensor f:reads low/f:reading low
knock sensor open circuit | p:knock sensor f:open circuit
water pump leaking | p:water pump/p:coolant pump f:leaking
head gasket between 2 and 3 | p:head gasket/p:cylinder head gasket
timing chain stretched P0016 | p:timing chain f:stretched/f:elongated c:P0016
cam phaser stuck | p:camshaft adjuster/p:cam phaser f:stuck
alternator diode | p:alternator/p:alternator diode
ground strap corroded | p:ground strap/p:earth strap/p:engine ground/p:ground f:corroded
bad earth at battery | p:earth/p:ground/p:ground connection/p:battery earth f:bad contact/f:poor contact/f:high resistance
steering angle sensor not learned | p:steering angle sensor f:not learned/f:not calibrated/f:calibration lost
abs sensor rear left | p:wheel speed sensor
abs light after wheel bearing | s:brake-warning p:wheel bearing
parking brake will not release | s:parking-brake
brake drags front right | s:brake-drag
clutch master leaking | p:clutch master cylinder f:leaking
dual mass flywheel rattle | p:dual mass flywheel s:clutch-noise/s:driveline-noise/s:engine-noise
gearbox stuck in 3 U0101 | s:no-shift/s:limp c:U0101
solenoid C sticking | p:solenoid/p:shift solenoid f:sticking/f:stuck
transfer case noise | p:transfer case s:driveline-noise
driveshaft clicks on lock | s:shaft-click
rear light water inside | p:rear light/p:tail light s:lamp-moisture/f:water inside
window motor weak | p:window motor f:weak
door module wet | p:door module/p:door control unit f:water inside/f:wet
central locking opens at night | s:windows-locks
battery flat overnight 0.4 A | s:battery-drain t:overnight/t:standing r:0.4/r:battery
parasitic draw radio | s:battery-drain p:radio
can bus short behind radio | p:CAN bus f:short circuit s:no-communication
no comms with airbag unit | s:no-communication p:airbag control unit/p:airbag module
U0100 U0101 U0121 | c:U0100 c:U0101 c:U0121
P2463 dpf soot | c:P2463 p:particulate filter/p:diesel particulate filter/s:regen-often
adblue no start in 300 | s:adblue-warning
nox sensor 2 | p:NOx sensor
egr valve sticks open | p:EGR valve/p:exhaust gas recirculation valve f:stuck open
boost leak intercooler hose | p:charge air hose/p:intercooler hose/p:boost hose f:leaking/f:leak
turbo actuator seized | p:turbo actuator/p:boost actuator/p:wastegate actuator/p:turbocharger actuator f:seized
swirl flap rod off | p:swirl flap/p:swirl flaps/p:intake flap f:disconnected/f:came off/f:broken
glow plugs 2 and 4 | p:glow plug
crank signal lost when hot | p:crankshaft position sensor/p:crankshaft sensor f:intermittent/f:no signal/f:drops out t:hot
compression 6 bar cylinder 3 | r:compression
leak down 40 % exhaust valve | p:exhaust valve r:leak
misfire 2 and 3 only wet | s:misfire t:rain/t:wet
coolant temp 60 never warm | s:runs-cold r:coolant
fan always on | s:fan-always
heater cold one side | s:no-heat/s:airflow-wrong
blend flap | p:blend flap/p:temperature flap/p:mixing flap/p:blend door
ev no ready isolation | s:not-ready s:insulation
charge stops after 5 min | s:no-charging-plug
cell 34 low | p:cell/p:battery cell/r:cell
contactor stuck open | p:contactor f:stuck open
hybrid inverter hot | p:inverter f:overheated/s:hv-warning
2016 tessa stalls hot | y:2016 md:Tessa s:stall t:hot
korrim from 2018 harsh shift | mk:Korrim y:2018- s:harsh-shift
diesel vans no start cold | fuel:diesel s:no-start/s:hard-start t:cold/t:cold-start kind:van
motorbike weave | kind:motorcycle s:weave
mara last week | who:Mara Voss date:last week
proven ground faults | g:proven p:ground/p:earth f:
open cases jost | st:open who:Jost Fenn
case 44 | n:44
like case 7 | like:7
comebacks | st:comeback/st:comebacks
`
  .trim()
  .split('\n');
