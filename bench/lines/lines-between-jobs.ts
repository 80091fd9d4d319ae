/** A fourth set of lines, typed between jobs: short, half words, as fingers find them. Every second is held back. */
export const LINES_BETWEEN_JOBS = `
tessa wont start hot | md:Tessa s:no-start/s:hard-start t:hot
korrim P0300 P0301 not P0302 | mk:Korrim c:P0300 c:P0301
albera 2.3 diesel limp mode uphill | mk:Albera en:2.3 diesel s:limp t:uphill/t:load
injector 2 leaking back | p:injector f:leaking/f:leak-off/f:excessive leak-off/f:internal leak
rail pressure low cranking | r:rail pressure/p:rail pressure sensor t:cranking
crank sensor drops out when hot | p:crankshaft position sensor/p:crankshaft sensor f:intermittent/f:drops out/f:intermittent signal t:hot
cam crank correlation | cf:cam-crank/c:P0016/s:/p:camshaft position sensor/p:camshaft sensor/r:cam
shire-16 charging 12.4 V | md:Shire 16 r:charging 12.4 v/r:charging = 12.4/r:charging voltage
battery 11.2V after night | r:battery 11.2 v/r:battery voltage t:standing/t:overnight
intake air temp -40 | r:intake air temperature = -40/r:air = -40/r:intake
coolant temp 140 | r:coolant = 140/r:coolant temp
from 2015 on brannock | y:2015- mk:Brannock
korrim 2014-2017 shudder 70 | mk:Korrim y:2014…2017 s:tcc-shudder/s:drive-vibration
vantox heavy steering | md:Vanto-X s:steer-heavy
duro250 dies in gear | md:Duro 250 s:stand-cut/s:stall
dpf blocked | p:particulate filter/p:diesel particulate filter f:blocked/f:clogged/s:regen-often
egr cooler leak white smoke | p:exhaust gas recirculation cooler/p:egr cooler f:leaking s:white-smoke
throttle body dirty hunting | p:throttle body f:contaminated/f:dirty s:hunting-idle
vvt solenoid | p:camshaft adjuster valve/p:cam phaser solenoid/p:camshaft adjuster/p:variable valve timing solenoid
glow plug relay | p:relay/p:glow plug relay/p:glow plug control unit
U0121 | c:U0121
u 0121 lost abs | c:U0121 p:ABS module/p:ABS control unit/s:no-communication
0x80AA13 | c:80AA13
c1234-56 | c:C1234-56/c:C1234
SPN 3226 FMI 4 | c:SPN 3226 FMI 4/c:3226.4
lean both banks | cf:lean
rich bank 1 | cf:rich
misfire codes no misfire felt | cf:misfire
evap | cf:evap/s:evap-smell
MIL on no symptoms | s:engine-lamp
multiple lamps after jump start | s:brake-warning/s:instruments-dead t:after-battery
water in fuse box | p:fuse box f:water inside/s:water-inside
chafed wire at door | p:wiring harness/p:wire f:chafed
open circuit on 5v reference | p:reference voltage/p:sensor supply/p:5 V reference f:open circuit/f:open-circuit
short to ground cam sensor | p:camshaft position sensor/p:camshaft sensor f:short to ground
stuck thermostat | p:thermostat f:stuck
compressor seized | p:air conditioning compressor f:seized
blower motor resistor | p:blower resistor/p:blower motor resistor/p:blower
wheel bearing hum | p:wheel bearing s:wheel-noise
wheel speed sensor ring rusty | p:wheel speed sensor ring/p:wheel speed ring/p:reluctor ring/p:wheel speed sensor f:corroded/f:rusty
dual clutch judder cold | s:judder-off t:cold-start/t:cold
solenoid b | p:shift solenoid/p:solenoid
torque converter clutch slipping | p:torque converter s:slipping
propshaft centre bearing | p:propeller shaft bearing/p:propshaft centre bearing/p:propeller shaft
abs module pump motor dead | p:ABS module/p:ABS pump/p:hydraulic unit f:dead/f:does not run/f:no output
booster hiss hard pedal | p:brake booster s:hard-pedal s:whistle
handbrake module | p:parking brake module/p:parking brake control unit/p:parking brake motor
air suspension compressor relay stuck | p:relay/p:suspension compressor relay/p:suspension compressor f:stuck/f:stuck closed
steering rack play | p:steering rack s:steer-play
clock spring airbag | p:clock spring/p:steering wheel clock spring s:airbag-light
key learning immobiliser no start | s:immobilised s:no-start
gateway | p:gateway/p:gateway module
ecu software | p:engine control unit/p:engine control module/p:control unit f:software/f:software fault
lin bus short | f:short circuit/f:short to ground/s:no-communication/p:LIN bus
high voltage isolation charging only | s:insulation t:charging
contactor welded | p:contactor f:welded/f:stuck closed
inverter coolant pump | p:inverter coolant pump/p:coolant pump/p:water pump
onboard charger | p:on-board charger/s:no-charging-plug
diesel hard start after filter | fuel:diesel s:hard-start t:after-service/p:fuel filter
petrol smell cabin | fuel:petrol s:fuel-smell
runs rough on lpg fine on petrol | s:rough-idle fuel:lpg fuel:petrol
V6 misfire bank 2 | kind:/eng:V6/en:V6 cf:misfire/s:misfire
3.8 no start | en:3.8/eng:3.8 s:no-start
turbo whine | p:turbocharger s:whistle/s:engine-noise
boost leak | p:charge-air hose f:leaking
diff pressure sensor hose off | p:differential pressure sensor/p:differential pressure hose f:disconnected/f:off/f:loose
chain rattle startup | p:timing chain s:engine-noise t:cold-start/t:starting
jumped timing | p:timing chain/p:timing belt f:jumped
worn cam lobe | p:camshaft f:worn
burnt valve low compression cyl 3 | p:valve/p:exhaust valve f:burnt r:compression/f:low compression
head gasket coolant in cylinder | p:head gasket
oil pump pickup blocked | p:oil pump pickup/p:oil pick-up/p:oil pump f:blocked
radiator cap | p:radiator cap/p:expansion tank cap
mara 2025 open | who:mara voss date:2025/y:2025 st:open
jost claimed | who:jost fenn g:claimed
case 44 | n:44
like case 7 | like:7
ZZAX4Q77310000123 | vin:ZZAX4Q77310000123
closed last week | st:closed date:last week
`
  .trim()
  .split('\n');
