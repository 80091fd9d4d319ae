/**
 * Lines as they are typed into a search field, each with what it means: `kind:value` pieces, `a/b` where either
 * reading is right. Written by hand before the reader was taught any of them; nothing here is from a record.
 *
 * mk make, md model, en engine, y year or years, fuel, kind, eng engine build, c code, cf family of codes,
 * s symptom, t condition, p part, f failure, r reading, who, date, g grade, st state, n case number,
 * like a case's likes, vin.
 */
export const LINES = `
tessa diesel no power uphill | md:Tessa fuel:diesel s:no-power t:load
korrim petrol misfire cold | mk:Korrim fuel:petrol s:misfire t:cold-start
gas tessa stalls | fuel:petrol md:Tessa s:stall
DPF blocked | p:particle filter f:blocked
dpf full again | p:particle filter/s:regen-often
alternator not charging | p:alternator s:no-charge
alternator | p:alternator
O2 sensor | p:oxygen sensor
o2 sensors brannock | p:oxygen sensor mk:Brannock
injectors leaking back | p:fuel injector f:leaking internally
injectors | p:fuel injector
coil packs | p:ignition coil
P0171 lean | c:P0171 cf:lean
lean at idle | cf:lean t:idle
runs lean | cf:lean
rich both banks | cf:rich
MIL on, no other symptom | s:engine-lamp
MIL | s:engine-lamp
evap | cf:evap
evap leak after refuelling | cf:evap t:after-refuel
EVAP Korrim 2016 | cf:evap mk:Korrim y:2016
boost leak | p:charge-air hose f:leaking
boost leak shire16 | p:charge-air hose f:leaking md:Shire 16
diff pressure | p:differential pressure sensor
diff pressure sensor wrong reading | p:differential pressure sensor f:wrong reading
V8 misfire | eng:V8 s:misfire
albera v8 low oil pressure | mk:Albera eng:V8 s:oil-pressure-low
3.8 no start | eng:3.8 s:no-start
2.0 diesel limp mode | eng:2.0 fuel:diesel s:limp
1.6 petrol high idle | en:1.6 petrol s:high-idle
#12 | n:12
case 12 | n:12
case no 12 | n:12
like case 12 | like:12
like #12 | like:12
cases like 12 | like:12
same as case 31 | like:31
2014-2017 tessa | y:2014…2017 md:Tessa
tessa 2014–2017 P2463 | md:Tessa y:2014…2017 c:P2463
from 2015 on shire-16 | y:2015… md:Shire 16
tessa up to 2012 | md:Tessa y:…2012
'15 tessa | y:2015 md:Tessa
MY2015 tessa | y:2015 md:Tessa
model year 2018 korrim | y:2018 mk:Korrim
vanto x overheats | md:Vanto-X s:overheat
vantox overheats | md:Vanto-X s:overheat
VANTO-X overheating in traffic | md:Vanto-X s:overheat t:low-speed
duro 250 wont idle | md:Duro 250 s:stall/s:rough-idle
duro250 dead battery | md:Duro 250 s:battery-drain
thermostat stuck open | p:thermostat f:stuck open
egr stuck open | p:exhaust gas recirculation valve f:stuck open
injector open | p:fuel injector f:open circuit
coil open circuit | p:ignition coil f:open circuit
heater open | f:open circuit
open tessa | st:open md:Tessa
open cases | st:open
open cases of mara | st:open who:Mara Voss
closed P0420 | st:closed c:P0420
still open | st:open
coolant temp -40 | r:coolant temp = -40/p:coolant temperature sensor
-40 degrees intake air | r:intake air = -40/p:intake air temperature sensor
battery 11.2V | r:battery = 11.2/p:battery
11.2 V at rest | r:= 11.2
charging 15.6V | r:charging = 15.6/s:over-charge
rail pressure under 200 bar | r:rail pressure < 200
P0301 and P0303 | c:P0301 c:P0303
P0301 and P0303 but not P0300 | c:P0301 c:P0303
p0 301 | c:P0301
PO171 | c:P0171
P0171 P0174 no vacuum leak | c:P0171 c:P0174
p030x | c:P030x
u0100 | c:U0100
U0100-87 | c:U0100-87
spn 3251 fmi 0 | c:SPN 3251 FMI 0
tessa no crank | md:Tessa s:no-crank
no crank no start | s:no-crank
cranks no start hot | s:no-start t:hot
not when cold, stalls hot | s:stall t:hot
stalls when hot but fine when cold | s:stall t:hot
no misfire, just rough | s:rough-idle
mara misfire | who:Mara Voss s:misfire
jost last month | who:Jost Fenn date:last month
brannock since march | mk:Brannock date:since march
whining noise from gearbox tessa | s:driveline-noise md:Tessa
grinding when braking front left | s:brake-noise t:braking
abs light after wheel bearing | s:brake-warning p:wheel bearing
esp lamp korrim tessa | s:brake-warning mk:Korrim md:Tessa
suspension warning | s:suspension-lamp
steering heavy when cold | s:steer-heavy t:cold-start
no heat at idle | s:no-heat t:idle
heater blows cold in cabin, engine hot | s:no-heat t:hot
white smoke cold start diesel | s:white-smoke t:cold-start fuel:diesel
black smoke under load | s:black-smoke t:load
turbo whistle | s:whistle/p:turbocharger
turbo | p:turbocharger
egr | p:exhaust gas recirculation valve
throttle body dirty | p:throttle body f:contaminated
ground strap corroded | p:ground strap f:corroded
bad ground | p:ground point/p:ground strap
chafed harness engine mount | f:chafed p:wiring harness p:engine mount
water in connector | f:water inside p:connector
rodent damage | f:chafed/f:broken
wheel speed sensor rear left | p:wheel speed sensor
abs sensor | p:wheel speed sensor
crank sensor hot | p:crankshaft sensor t:hot
cam sensor | p:camshaft sensor
maf | p:air-flow meter
map sensor albera | p:manifold pressure sensor mk:Albera
vvt solenoid sticking | p:cam phaser solenoid f:sticking
timing chain stretched | p:timing chain f:stretched
jumped timing | f:out of time
compression low cyl 3 | r:compression/s:misfire
head gasket | p:head gasket
fuel pump low output | p:fuel pump f:low output
fuel pump relay | p:fuel pump relay
parasitic draw 300 mA | s:battery-drain/f:draws current when off
battery dead after two weeks | s:battery-drain t:standing
fuse blows when reversing | s:fuse-blows t:reverse
key not recognised | s:immobilised
immobiliser | p:immobiliser
immobiliser ring no signal | p:immobiliser ring f:no signal
tpms | p:tyre pressure sensor
tpms sensor battery | p:tyre pressure sensor
handbrake | p:parking brake cable/p:parking brake actuator
regen | s:regen-often/p:particle filter
regen fails dpf | s:regen-often p:particle filter
engine mount | p:engine mount
side stand switch | p:sidestand switch
check engine | s:engine-lamp
charge pipe popped off | p:charge-air hose
intercooler hose split | p:charge-air hose f:cracked
coolant leak water pump | s:coolant-leak p:water pump
viscous fan | p:fan clutch
fan runs constantly | s:fan-always
ac not cold | s:ac-warm
ac compressor clutch | p:compressor clutch
expansion valve | p:expansion valve
clutch slips | s:slipping
clutch | p:clutch disc
flywheel | p:dual-mass flywheel
gearbox wont shift hot | s:no-shift t:hot
tcm no communication | p:transmission control module s:no-communication
no comms with ecu | s:no-communication p:engine control module
gateway | p:gateway module
can bus terminating resistor | p:terminating resistor
lin bus | p:data bus
bcm water | p:body control module f:water inside
proven P0299 | g:proven c:P0299
held lean | g:held cf:lean
motorcycle no charge | kind:motorcycle s:no-charge
bike stalls in gear | kind:motorcycle s:stand-cut
truck urea warning | kind:truck s:adblue-warning
tractor no power | kind:machine s:no-power
hybrid not ready | fuel:hybrid s:not-ready
ev 12v battery flat | fuel:electric s:battery-drain
the bus | vehicle:the bus
the bus overheats uphill | vehicle:the bus s:overheat t:load
T20D hard start cold | en:T20D s:hard-start t:cold-start
t20d injectors | en:T20D p:fuel injector
t20-d rail pressure | en:T20D
X4Q7731 | vin:X4Q7731
whistle under boost | s:whistle
urea pump | p:urea pump
nox sensor | p:nitrogen oxide sensor
scr efficiency | c:P20EE/cf:scr/p:reduction catalyst
cat efficiency P0420 | c:P0420
catalytic converter | p:catalytic converter
misfire cyl 3 | s:misfire
P0303 after rain | c:P0303 t:rain
brannock 2.3 diesel shire | mk:Brannock en:2.3 diesel md:Shire 16
korim tessa | mk:Korrim md:Tessa
tesa diesel | md:Tessa fuel:diesel
oil light at idle hot | s:oil-pressure-low t:idle t:hot
burns oil | s:oil-use
oil level rises dpf | s:oil-level-rise p:particle filter
wet carpet driver side | s:water-inside
sunroof drain blocked | p:sunroof drain f:blocked
window does not work rear right | s:windows-locks
radio drains battery | p:radio s:battery-drain
dashcam | p:added equipment
trailer module | p:tow-bar module
airbag light clock spring | s:airbag-light p:clock spring
vibration at 100 km/h | s:drive-vibration t:high-speed
wheel bearing noise in left bends | s:wheel-noise t:turning
pulls left braking | s:brake-pull t:braking
brake pedal soft after bleeding | s:soft-pedal
steering rack | p:steering rack
steering angle sensor not calibrated | p:steering angle sensor f:not relearned
strut top mount noise | p:strut top mount
air suspension drops overnight | s:ride-height t:standing
wont start after refuelling | s:refuel-trouble/s:no-start t:after-refuel
petrol smell | s:fuel-smell
fuel smell diesel tessa | s:fuel-smell md:Tessa fuel:diesel
diesel in oil | s:oil-level-rise
diesel particulate filter | p:particle filter
electric window | p:window regulator/s:windows-locks
electric water pump | p:auxiliary water pump
gas cap | p:fuel cap
truck bed light | p:light bulb
injector seal blow by | p:injector seal
new injectors still knocks | p:fuel injector s:knock
software update fixed | p:software
coding missing after module swap | f:not configured
bank 2 lean P0174 | c:P0174 cf:lean
P2187 or P2189 | c:P2187 c:P2189
P0087 hot restart | c:P0087 t:after-short-stop
`
  .trim()
  .split('\n');
