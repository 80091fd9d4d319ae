/** More lines as they are typed at the bench and at the counter, written as `lines.ts` was, after it and before any mending. */
export const LINES_OF_THE_BENCH = `
whine in third gear albera | s:driveline-noise mk:Albera
no reverse brannock | s:no-drive/s:no-shift mk:Brannock
mirror wont fold | s:mirrors
rear wiper dead | s:wipers
horn dead korrim | s:horn mk:Korrim
seat heater blows fuse | s:fuse-blows/s:seat-heater
tessa wont crank after jump start | md:Tessa s:no-crank
eml on limp P2563 | s:engine-lamp s:limp c:P2563
P2563 vgt stuck | c:P2563 p:wastegate actuator/p:turbocharger f:sticking/f:stuck open/f:seized
vanes sticking | p:turbocharger/p:wastegate actuator f:sticking
throttle body P2111 | p:throttle body c:P2111
P2111 P2112 | c:P2111 c:P2112
b1318 low voltage | c:B1318 f:low output/r:voltage
c0035 | c:C0035
C0035 wheel speed sensor front left | c:C0035 p:wheel speed sensor
lost comms with tcm U0101 | s:no-communication p:transmission control module c:U0101
map sensor | p:manifold pressure sensor
iat sensor wrong | p:intake air temperature sensor f:wrong reading
coolant temp sensor open circuit | p:coolant temperature sensor f:open circuit
fan relay stuck | p:relay f:sticking/f:stuck closed/f:seized
fuel pressure low | r:fuel pressure/s:no-power
fuel pressure 2.1 bar | r:fuel pressure = 2.1
crank sensor no signal | p:crankshaft sensor f:no signal
cam phaser rattle | p:cam phaser
chain rattle on start | s:engine-noise t:cold-start/s:engine-noise
belt squeal in the rain | s:belt-squeal t:rain
tensioner worn | p:belt tensioner f:worn
alternator 11.8 V | p:alternator
battery goes flat overnight shire 16 | s:battery-drain md:Shire 16
radio stays on | p:radio/s:radio-display
bcm | p:body control module
door module no comms | p:control module/p:door lock s:no-communication
window regulator broken | p:window regulator f:broken
door lock actuator | p:door lock
boot wont open | s:door-body
sunroof leaks | s:sunroof/s:water-inside
water inside passenger footwell | s:water-inside
blower only works on 4 | s:blower
blower resistor | p:blower resistor
ac compressor noise | s:ac-noise
evaporator leak | p:evaporator
heater matrix blocked | p:heater core f:blocked
heater core | p:heater core
thermostat | p:thermostat
runs cold tessa | s:runs-cold md:Tessa
overheats in traffic fan dead | s:overheat t:low-speed s:fan-never
coolant loss no leak | s:coolant-loss
white smoke sweet smell | s:white-smoke s:coolant-smell/s:white-smoke
oil cap mayonnaise | s:oil-cap-sludge
oil pressure switch leaking | p:oil pressure switch f:leaking
oil pressure sensor | p:oil pressure switch/p:oil pressure sensor
blue smoke after idling | s:blue-smoke t:idle
turbo seals | p:turbocharger
intercooler | p:charge-air cooler
egr cooler leaking | p:exhaust gas recirculation cooler f:leaking
dpf pressure hose split | p:differential pressure hose f:cracked
dpf full P2002 | p:particle filter/s:regen-often c:P2002
nox sensor downstream | p:nitrogen oxide sensor
adblue heater | p:urea tank heater
adblue countdown | s:adblue-warning
def injector crystals | p:urea injector/s:def-leak
glow plug cyl 2 | p:glow plug
glow relay | p:glow plug controller/p:relay
hard start cold diesel | s:hard-start t:cold-start fuel:diesel
injector 3 leak off | p:fuel injector
high pressure pump metal | p:high-pressure fuel pump
rail pressure sensor drift | p:fuel rail pressure sensor f:wrong reading
suction control valve | p:fuel metering valve
air in fuel | s:air-in-fuel
fuel filter blocked | p:fuel filter f:blocked
tank vent | p:fuel tank vent/p:vent solenoid/p:purge valve/cf:evap
purge valve stuck open | p:purge valve f:stuck open
smells of petrol after fill up | s:fuel-smell t:after-refuel
misfire under load coil | s:misfire t:load p:ignition coil
plug gap | p:spark plug
spark plugs oil fouled | p:spark plug f:contaminated
P0300 cold only | c:P0300 t:cold-start
P0302 after injector swap | c:P0302 p:fuel injector
lambda heater | p:oxygen sensor
P0420 closed last year | c:P0420 st:closed date:last year
open cases since monday | st:open date:since monday
mara open | who:Mara Voss st:open
claimed P0401 | g:claimed c:P0401
checked P0171 tessa | g:checked c:P0171 md:Tessa
brake pedal soft cold | s:soft-pedal t:cold-start
handbrake wont release | s:parking-brake
abs kicks in at low speed | s:abs-false t:low-speed
pulls right on braking | s:brake-pull t:braking/s:brake-pull
steering wheel off centre | s:wheel-off-centre
knock over bumps front | s:suspension-noise t:bumps/s:suspension-noise
wheel bearing hum | s:wheel-noise p:wheel bearing/s:wheel-noise
tyre pressure lamp | s:tyre-warning
air spring leak | p:air spring f:leaking
ride height low rear left | s:ride-height
clutch judder | s:judder-off
clutch pedal stays down | s:clutch-pedal
slips in fourth | s:slipping
harsh shift 2-3 | s:harsh-shift
tcc shudder | s:tcc-shudder
diff whine on overrun | s:driveline-noise t:decel
propshaft clunk | p:propeller shaft/s:driveline-noise
2012 or newer tessa | y:2012… md:Tessa
tessa before 2010 | y:…2009/…2010 md:Tessa
duro 250 no spark | md:Duro 250 p:ignition coil/f:no signal/s:no-start
tractor pto dead | kind:machine s:pto
`
  .trim()
  .split('\n');
