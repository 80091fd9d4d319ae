/** A third set of lines, typed before the untouched halves of the first two were opened. */
export const LINES_OF_A_WEEK = `
korrim tessa 2014 knocks when cold | mk:Korrim md:Tessa y:2014 s:knock/s:engine-noise t:cold-start
P0016 chain stretched | c:P0016 p:timing chain f:stretched
brannock t20d egr stuck open | mk:Brannock en:T20D p:exhaust gas recirculation valve f:stuck open
fuel pump dead | p:fuel pump
tessa fuel pump relay | md:Tessa p:relay/p:fuel pump relay/p:fuel pump
no comms abs | s:no-communication p:ABS module/p:ABS control unit/p:brake control module
abs light on after wheel bearing | s:brake-warning p:wheel bearing
shire 16 overheats towing | md:Shire 16 s:overheat t:load
water pump leaking | p:water pump/s:coolant-leak
thermostat stuck closed overheating | p:thermostat f:stuck closed s:overheat
hybrid wont go ready | fuel:hybrid s:not-ready
12v battery drain overnight | s:battery-drain t:standing
draws 400 mA key off | s:battery-drain/f:draws current when off
starter clicks no crank | s:no-crank p:starter
P0562 charging voltage low | c:P0562 r:charging voltage/s:no-charge
maf dirty | p:air-flow meter f:contaminated
MAF 2.9 g/s idle | r:air mass = 2.9/p:air-flow meter t:idle
ltft +18 | r:trim = 18/r:long-term trim
fuel trim high at idle | r:trim t:idle
clutch slips in fourth | s:slipping
dual mass flywheel rattle | p:dual-mass flywheel s:clutch-noise/s:driveline-noise/s:engine-noise
vanto-x steering heavy when cold | md:Vanto-X s:steer-heavy t:cold-start/t:cold-weather
wipers dont park | s:wipers
drivers window dead | s:windows-locks
central locking random | s:windows-locks
boot wont open | s:door-body
reverse camera black | s:camera-sensor
radio keeps restarting | s:radio-display
immobiliser light flashing no start | s:immobilised s:no-start
key not recognised | s:key-remote/s:immobilised
duro 250 cuts out in rain | md:Duro 250 s:stall t:rain
motorcycle no spark | kind:motorcycle s:no-start/f:no signal/f:no spark
side stand switch | p:sidestand switch
coil 3 cracked | p:ignition coil f:cracked
spark plugs worn | p:spark plug f:worn
oil in intercooler pipe | p:charge-air hose/p:intercooler/p:turbocharger
turbo actuator | p:wastegate actuator/p:turbocharger
smoke blue on overrun | s:blue-smoke t:decel
black smoke under load | s:black-smoke t:load
white smoke cold start sweet smell | s:white-smoke t:cold-start s:coolant-smell
head gasket | p:head gasket
loses coolant no leak | s:coolant-loss
heater cold at idle | s:no-heat t:idle
ac warm at idle fine driving | s:ac-warm t:idle
compressor clutch air gap | p:air conditioning compressor/p:compressor clutch
evap small leak P0442 | c:P0442 cf:evap
gas cap | p:fuel filler cap/p:fuel cap/s:evap-smell
cat efficiency P0420 | c:P0420 p:catalyst
downstream o2 sensor slow | p:oxygen sensor f:slow to respond
exhaust leak before sensor | s:exhaust-noise/f:leaking
nox sensor | p:nitrogen oxide sensor
dosing valve crystals | p:urea injector/s:def-leak
regen every 60 miles | s:regen-often
dpf pressure hose split | p:differential pressure hose/p:differential pressure sensor f:cracked
U0100 U0121 after flat battery | c:U0100 c:U0121
can bus down | s:no-communication
ground strap corroded | p:ground strap/p:ground f:corroded
harness chafed at gearbox | p:wiring harness f:chafed
connector green | p:connector f:corroded
water in sill control unit | f:water inside/s:water-inside
ride height sensor broken | p:ride height sensor f:broken
lower arm bush knock over bumps | p:control arm bush/p:bush s:suspension-noise t:bumps
pulls left when braking | s:brake-pull
brake judder 120 | s:brake-judder
handbrake wont release | s:parking-brake
epb motor | p:parking brake motor/p:parking brake actuator
tpms light | s:tyre-warning
mara korrim last month | who:mara voss mk:Korrim date:last-month
jost open | who:jost fenn st:open
proven P0171 | g:proven c:P0171
comebacks | st:comeback
like #12 | like:12
cases 2025 brannock | date:2025/y:2025 mk:Brannock
the bus no heat | vehicle:the bus s:no-heat
`
  .trim()
  .split('\n');
