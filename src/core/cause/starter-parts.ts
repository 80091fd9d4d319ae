/**
 * The starter list of root causes: system → parts, and kinds of failure, in the trade's words with
 * their synonyms. Common practice, no source. A shop's own list grows from here.
 */

/** One line a part: name (synonym; synonym). */
export const PARTS: Record<string, string> = {
  'Fuel supply': `
fuel pump (lift pump; in-tank pump; tank pump; supply pump; low-pressure pump)
high-pressure fuel pump (injection pump; hp pump; high-pressure pump)
fuel filter
fuel pressure regulator (pressure control valve)
fuel rail (common rail)
fuel rail pressure sensor (rail pressure sensor)
fuel injector (injector; injection valve; nozzle)
injector seal (injector washer; nozzle seal)
fuel line (fuel pipe; fuel hose; feed line)
fuel return line (return hose; leak-off pipe)
fuel tank
fuel tank vent (tank breather)
fuel level sender (tank sender; fuel gauge sender)
fuel metering valve (inlet metering valve; suction control valve; quantity control valve)
purge valve (canister purge valve; tank vent valve)
charcoal canister (carbon canister)
fuel cap (filler cap; tank cap; gas cap)
evaporative leak pump (leak detection pump)
vent solenoid (vent valve; canister vent solenoid; fuel vapour vent control; fuel vapour vent valve)
tank pressure sensor (fuel tank pressure sensor; evap pressure sensor)
purge flow sensor
fuel temperature sensor
fuel composition sensor (flex fuel sensor; alcohol sensor)
low-pressure fuel sensor (fuel pressure sensor)
injection pressure sensor (injection control pressure sensor)
fuel shut-off valve (fuel cut-off valve; engine shut-off solenoid)
fuel pressure relief valve (over-pressure relief valve)
fuel cooler pump
water-in-fuel sensor
carburettor (carburetor; carb)
fuel itself (wrong fuel; contaminated fuel; water in fuel)`,
  'Air intake and charging': `
air filter (air cleaner)
air-flow meter (maf; mass air flow sensor; air mass meter)
manifold pressure sensor (map sensor; boost sensor; charge pressure sensor)
intake air temperature sensor (iat sensor)
throttle body (throttle valve; throttle; throttle motor)
idle control valve (idle air valve; iac)
intake manifold (inlet manifold)
intake manifold gasket (inlet gasket; manifold seal)
intake flap actuator (swirl flap; tumble flap; runner control; intake runner control; intake runner actuator)
intake runner position sensor (intake flap position sensor)
intake manifold tuning valve (runner length valve)
diesel intake throttle (intake shut-off flap; anti-shudder flap; diesel intake air flow control)
outside air temperature sensor (ambient temperature sensor)
charge air temperature sensor (charge air cooler temperature sensor)
crankcase pressure sensor
intake heater (grid heater; intake air heater)
charge-air hose (boost hose; boost pipe; intercooler hose; intercooler pipe; turbo hose; turbo pipe; charge pipe)
charge-air cooler (intercooler)
turbocharger (turbo)
wastegate actuator (wastegate; boost actuator; turbo actuator; vane actuator)
boost control solenoid (boost solenoid; pressure converter; wastegate solenoid; boost control valve)
vacuum hose (vacuum line; vacuum pipe)
vacuum pump
vacuum reservoir
crankcase breather valve (pcv valve; breather membrane; oil separator; crankcase valve)
crankcase breather hose (breather pipe; pcv hose)
intake boot (air duct; intake hose; snorkel)
turbocharger oil line (turbo oil feed; turbo oil feed pipe; turbo oil return; turbo oil pipe)
intake flap (swirl flaps; intake flaps; tumble flaps; swirl flap rod; runner flap)`,
  Exhaust: `
exhaust manifold
exhaust manifold gasket
flexible pipe (flex joint)
catalytic converter (catalyst; cat)
particle filter (dpf; gpf; soot filter; diesel particulate filter)
differential pressure sensor (difference pressure sensor; dpf pressure sensor; filter pressure sensor; dpf sensor)
differential pressure hose (difference pressure hose; dpf hose; pressure pipe)
oxygen sensor (lambda sensor; lambda probe; lambda; o2 sensor)
air-fuel ratio sensor (wideband sensor; broadband lambda)
exhaust temperature sensor (egt sensor; exhaust gas temperature sensor)
exhaust gas recirculation valve (egr valve; egr; exhaust gas recirculation control; recirculation valve)
exhaust gas recirculation position sensor (egr position sensor; exhaust gas recirculation sensor)
exhaust gas recirculation temperature sensor (egr temperature sensor)
exhaust gas recirculation cooler (egr cooler; recirculation cooler)
nitrogen oxide sensor (nox sensor)
urea pump (def pump; reductant pump; dosing module; reductant supply control)
urea injector (def injector; dosing valve; reductant injector)
urea tank heater (def heater; reductant tank heater; reductant heater)
urea level sensor (def level sensor; reductant level sensor)
urea quality sensor (def quality sensor; reductant quality sensor)
urea temperature sensor (reductant temperature sensor; reductant tank temperature sensor)
urea pressure sensor (reductant pressure sensor)
urea line (def line; reductant line)
urea itself (wrong urea; diluted urea; contaminated reductant; urea solution)
reduction catalyst (scr catalyst)
silencer (muffler; exhaust box)
heat shield
exhaust flap
exhaust pressure sensor (back pressure sensor)
exhaust pressure control valve (exhaust brake valve)
engine brake solenoid (compression brake solenoid)
catalyst temperature sensor
particle sensor (soot sensor; particulate matter sensor)
secondary air pump
secondary air valve
secondary air pressure sensor`,
  Ignition: `
spark plug (plug)
ignition coil (coil; coil pack; pencil coil)
ignition lead (plug lead; plug wire; ht lead)
distributor (distributor cap; rotor arm)
ignition module (igniter; ignition amplifier)
contact breaker (points; ignition condenser)
knock sensor
glow plug (heater plug)
glow plug controller (glow relay; glow plug relay; glow module)
ignition pulse coil (pickup coil; pick-up coil; pulse coil; pulse generator)`,
  'Engine mechanical': `
timing chain (cam chain)
timing belt (cam belt)
chain tensioner (timing tensioner)
camshaft
cam phaser (camshaft adjuster; vvt unit; variator; cam adjuster)
cam phaser solenoid (vvt solenoid; oil control valve; camshaft solenoid)
hydraulic lifter (tappet; lash adjuster)
rocker arm actuator (valve lift actuator; cylinder deactivation valve)
engine oil temperature sensor
intake valve (inlet valve)
exhaust valve
valve spring
valve clearance
head gasket (cylinder head gasket)
cylinder head
piston ring (rings)
piston
connecting rod bearing (big-end bearing)
crankshaft
reluctor ring (trigger wheel; crank sensor ring)
oil pump
oil pressure switch (oil pressure sensor)
oil pressure control solenoid
oil filter
engine oil (oil)
oil level sensor
valve stem seal (valve seal; valve guide seal)
valve cover gasket (rocker cover gasket; cam cover gasket)
crankshaft seal (crank seal; rear main seal; front crankshaft seal)
oil pan gasket (sump gasket)
engine mount
accessory belt (drive belt; alternator belt; auxiliary belt; aux belt; serpentine belt; fan belt)
belt tensioner
crankshaft pulley (harmonic damper)
timing chain guide (chain guide; guide rail; tensioner rail; timing guide)
timing belt tensioner (cambelt tensioner; timing belt idler)
timing cover (timing case cover; timing cover gasket; front cover)
rocker arm (roller rocker; finger follower)
pushrod (push rod)
crankshaft main bearing (main bearing; main bearings; crank bearing)
cylinder bore (cylinder liner; cylinder wall)
engine block (cylinder block)
oil pan (sump; oil sump)
oil pick-up pipe (oil pickup; oil strainer; oil pick-up; pickup screen)
idler pulley (deflection pulley; guide pulley)
balance shaft (balancer shaft)
flexplate (flex plate; drive plate)
ring gear (starter ring gear; starter ring; flywheel teeth)`,
  Cooling: `
thermostat
thermostat heater (map thermostat heater)
water pump (coolant pump)
auxiliary water pump (electric coolant pump)
radiator
radiator fan (cooling fan; fan motor; cooling fan motor)
fan controller (fan module)
fan clutch (viscous fan)
fan speed sensor
coolant temperature sensor (ect sensor; water temp sensor)
coolant hose (water hose; radiator hose)
expansion tank (header tank; degas bottle)
expansion tank cap (radiator cap; pressure cap)
heater core (heater matrix)
heater valve (coolant valve)
coolant (antifreeze)
coolant level sensor (coolant level switch)
engine oil cooler (oil cooler; oil heat exchanger)
thermostat housing (coolant flange; water outlet; coolant outlet; thermostat housing gasket)
bleed screw (bleeder screw; coolant bleed screw; vent screw)`,
  'Engine control': `
engine control module (ecu; ecm; pcm; dme; engine ecu)
crankshaft sensor (crank sensor; ckp; speed sensor engine)
camshaft sensor (cam sensor; cmp)
accelerator pedal sensor (pedal sensor; app sensor; pedal position sensor)
throttle position sensor (tps)
throttle cable (accelerator cable; gas cable)
vehicle speed sensor (vss)
barometric sensor
main relay (engine relay; ecu relay)
fuel pump relay
fuel pump controller (fuel pump control module; fuel pump driver module; fuel pump control unit)
software (control software; programming; data set)
immobiliser (immobilizer)
immobiliser ring (antenna ring; reader coil)
key (key fob; remote key; transponder key; key chip; key battery)`,
  'Starting and charging': `
battery (12 v battery; starter battery)
battery terminal (battery clamp; pole clamp)
battery cable (positive cable)
ground strap (earth strap; engine ground; body ground)
battery sensor (intelligent battery sensor; ibs)
starter motor (starter)
starter solenoid
starter relay (start relay)
alternator (generator)
alternator regulator (voltage regulator; regulator)
alternator pulley (freewheel pulley; overrunning pulley)
stator (generator winding; magneto)
ignition switch (key switch; start button)
key lock cylinder (ignition lock; lock barrel; ignition barrel)
steering lock (steering column lock)
clutch switch
neutral switch (park neutral switch)
sidestand switch (side stand switch; side-stand switch; stand switch; kickstand switch; prop stand switch)`,
  'Wiring and network': `
wiring harness (harness; loom; cable; wire)
connector (plug connector; socket)
connector pin (terminal; contact)
fuse
fuse box (junction box; power distribution box)
relay
ground point (earth point; ground stud)
data bus (can bus; bus line; lin bus; bus wiring)
terminating resistor (bus terminator)
gateway module (gateway)
control module (ecu of another system)
body control module (bcm; body computer; interior module)
instrument cluster (cluster; dash)
tow-bar module (trailer module; tow wiring)
added equipment (alarm retrofit; aftermarket alarm; dash camera; tracker; aftermarket radio)
alternator fuse link (fusible link; main fuse; mega fuse)
body ground strap (bonnet strap; bonding strap; bonding braid)
telematics unit (emergency call module; ecall module; telematics module)`,
  Transmission: `
clutch disc (clutch; friction plate)
clutch release bearing (throw-out bearing)
clutch master cylinder
clutch slave cylinder
dual-mass flywheel (flywheel)
gear selector cable (shift cable)
gear position sensor
gearbox (manual transmission)
automatic transmission
torque converter (converter clutch)
valve body (mechatronic unit; mechatronics)
shift solenoid (pressure control solenoid; transmission solenoid)
transmission oil (gear oil; atf; transmission fluid)
transmission control module (tcm; gearbox ecu)
transmission speed sensor (input speed sensor; output speed sensor; intermediate shaft speed sensor)
transmission range sensor (range switch)
transmission oil temperature sensor
transmission oil pressure sensor
transmission oil cooler
gear shift lock solenoid (shift lock)
clutch actuator
clutch position sensor
clutch cable
gearbox seal (drive shaft seal; transmission seal; output shaft seal)
power take-off clutch (pto clutch)
power take-off switch (pto switch)
retarder
transfer case
axle differential (differential; diff)
drive shaft (half shaft; cv joint; axle shaft)
propeller shaft (prop shaft; centre bearing)
drive chain
four-wheel-drive coupling (awd coupling)
flexible coupling (guibo; propshaft coupling; rubber coupling; flex disc)
drive shaft boot (cv boot; axle boot; cv gaiter; driveshaft gaiter)
synchroniser (synchro; synchromesh; synchro ring; baulk ring; synchronizer)
shift fork (selector fork)
gear linkage (shift linkage; gear selector linkage; shifter linkage; shift rod)
gear lever (shifter; gear stick; shift lever; gearstick; selector lever)
gearbox mount (transmission mount; gearbox mounting)
clutch pack (dry clutch pack; clutch packs)
transmission filter (gearbox filter)
sprocket (front sprocket; rear sprocket)`,
  Brakes: `
brake pad (pads; lining)
brake disc (front disc; rear disc; rotor; brake rotor)
brake caliper (caliper)
brake caliper guide pin (slide pin)
brake hose
brake master cylinder
brake servo (booster; brake booster)
brake booster pressure sensor
brake pressure sensor
brake booster vacuum valve (check valve)
brake drum
wheel cylinder
hydraulic control unit (abs unit; abs pump; modulator)
wheel speed sensor (abs sensor)
wheel speed ring (abs ring; encoder ring; magnetic ring; tone ring)
brake light switch (stop lamp switch; brake switch)
yaw rate sensor (acceleration sensor)
parking brake actuator (epb motor)
parking brake cable (handbrake cable)
brake fluid
brake pad sensor (pad wear sensor; wear sensor)
air brake line (air line; brake air hose)
brake chamber (spring brake chamber)
air compressor (brake air compressor)
air dryer
air brake valve (relay valve; foot brake valve)
trailer connector (trailer socket; trailer plug)
trailer brake
brake line (brake pipe; brake pipes; brake lines; hard line)
brake shoe (brake shoes)
brake pedal
brake servo vacuum hose (servo hose; brake booster hose; booster hose; servo vacuum hose)
brake proportioning valve (load sensing valve; proportioning valve; brake bias valve)
brake caliper piston (caliper piston)
bleed nipple (bleed valve brake)`,
  'Steering and suspension': `
wheel bearing (hub bearing)
ball joint
control arm bush (bushing; arm bush)
drop link (stabiliser link; anti-roll bar link)
shock absorber (damper; strut)
strut top mount
coil spring (spring)
air spring (air bag suspension; bellows)
air suspension compressor
suspension valve block
ride height sensor (level sensor; height sensor)
steering rack (steering gear)
steering angle sensor (clock spring sensor)
steering column joint
electric steering motor (eps motor; steering motor)
power steering pump
power steering fluid (steering fluid)
power steering pressure sensor
tie rod end (track rod end)
power steering hose (steering hose; power steering line)
steering head bearing (head bearing; headstock bearing)
fork seal (fork oil seal)
tyre valve (wheel valve; tire valve)
wheel rim (rim; alloy wheel)
wheel alignment (tracking; wheel geometry; toe)
tyre (tire; wheel)
tyre pressure sensor
wheel nut (lug nut; wheel bolt; lug nuts; wheel nuts; wheel bolts; wheel stud)
control arm (wishbone; track control arm; lower arm; upper arm; trailing arm)
anti-roll bar (sway bar; stabiliser bar; stabilizer bar)
anti-roll bar bush (sway bar bush; sway bar bushing; stabiliser bush; d-bush)
leaf spring (spring leaf; leaf springs)
subframe (sub frame; axle carrier)
subframe bush (subframe bushing; axle carrier bush; rear beam bush; axle bush)
steering column
steering damper
steering rack boot (rack boot; rack gaiter; steering gaiter)
swingarm bearing (swing arm bearing; swingarm bush)
king pin (kingpin; king pins)`,
  'Body and comfort': `
air conditioning compressor (ac compressor)
compressor clutch (compressor clutch coil)
condenser
evaporator
evaporator temperature sensor
expansion valve
refrigerant
refrigerant pressure sensor (ac pressure switch)
blower motor (heater fan)
blower resistor (blower controller; fan regulator)
cabin filter (pollen filter)
air flap actuator (blend door motor; stepper motor)
door lock
radio (head unit; infotainment)
alarm siren (alarm horn)
bonnet switch (hood switch; hood contact)
window regulator (window motor)
wiper motor
wiper linkage
headlamp (headlight)
light bulb (lamp bulb; bulb)
lamp socket (bulb holder)
light switch (stalk; column switch)
horn
turn signal switch (indicator stalk; turn signal stalk; indicator switch)
flasher relay (flasher unit; indicator relay; turn signal relay)
light sensor (rain and light sensor; rain sensor; daylight sensor)
headlamp levelling motor (headlight leveller; beam leveller; levelling motor)
door mirror (wing mirror; outside mirror; mirror motor)
sunroof motor (sunroof drive; panoramic roof motor)
washer pump (screen washer pump; windscreen washer pump)
washer nozzle (washer jet)
rear window heater (heated rear window; rear demister; rear defogger)
seat heater (heated seat; seat heating mat)
seat motor (power seat motor; seat adjuster)
seat switch (seat adjustment switch)
interior lamp (courtesy light; dome light)
door contact (door switch; door ajar switch; courtesy switch)
power socket (12 v socket; cigarette lighter socket; accessory socket)
fuel flap actuator (fuel door lock; filler flap lock)
loudspeaker (speaker)
antenna (aerial)
tailgate strut (gas strut; tailgate damper)
tailgate latch (boot lock; trunk latch; tailgate lock)
door hinge
windscreen (windshield)
evaporator drain (condensate drain; air conditioning drain)
climate control unit (climate control panel; heater control panel)
auxiliary heater (parking heater; fuel-fired heater)
door harness (door loom; gaiter wiring)
sunroof drain (drain; plenum drain; scuttle drain)
door seal (weatherstrip)
airbag
clock spring (slip ring; spiral cable)
seat occupancy mat (seat mat)
belt buckle switch
crash sensor
parking sensor
radar sensor (distance sensor; front radar)
side radar (blind spot sensor; side obstacle sensor; corner radar)
cruise control switch (cruise control input; steering wheel switch)
camera
rear lamp (rear light; tail light; tail lamp; taillight; rear light cluster; rear lamp cluster)
fog lamp (fog light; rear fog lamp; front fog light)
number plate lamp (number plate light; license plate light; licence plate lamp)
third brake lamp (high-level brake light; third brake light; centre high-mounted stop lamp)
headlamp control unit (ballast; xenon ballast; headlight ballast; led module; led driver; xenon igniter)
door module (door control module; door control unit; door ecu)
window switch (window lifter switch; power window switch; window switch pack)
door handle (outer door handle; inside door handle; door handle sensor; door handle antenna)
bonnet latch (hood latch; bonnet lock; hood lock)
bonnet cable (hood cable; bonnet release cable; hood release cable)
seat module (seat control module; seat control unit)
airbag control module (airbag module; airbag control unit; srs module; restraint control module; airbag ecu)
belt tensioner pyrotechnic (seat belt tensioner; seat belt pretensioner; pretensioner; seatbelt pretensioner)
parking aid module (parking sensor module; pdc module; park assist module)
touch screen (head unit display; infotainment screen; central display)
audio amplifier (amplifier)
receiver-drier (receiver drier; accumulator drier; desiccant bottle; filter drier)
air conditioning hose (a/c hose; ac hose; a/c line; ac line; a/c pipe; refrigerant hose; refrigerant line)
air conditioning pressure valve (orifice tube; a/c orifice)
blend flap (blend door; temperature flap; mixing flap; air mix door; air mix flap; mode door; recirculation flap; defrost flap)`,
  Hydraulics: `
hydraulic pump
hydraulic filter
hydraulic oil (hydraulic fluid)
hydraulic valve (control valve; spool valve)
hydraulic cylinder (lift cylinder; hydraulic ram; tilt cylinder)
hydraulic hose (hydraulic line; hydraulic pipe)
hydraulic motor
hydraulic cooler (hydraulic oil cooler)
joystick (control lever; control joystick)`,
  'Hybrid and electric drive': `
traction battery (hv battery; drive battery)
battery cell module (cell block)
battery cooling fan
battery contactor (main contactor; hv relay)
high-voltage cable
high-voltage connector (hv interlock; high-voltage interlock; service plug)
traction battery temperature sensor (hybrid battery temperature sensor)
traction battery current sensor (hybrid battery current sensor)
motor temperature sensor (drive motor temperature sensor)
inverter (power electronics)
dc converter (dc-dc converter)
drive motor (electric motor; motor generator)
motor position sensor (resolver)
on-board charger (charger)
charge socket (charge port; charge inlet)
charging cable (charge cable; charging lead)
insulation monitor
battery coolant pump (traction battery pump; inverter coolant pump; inverter pump; power electronics coolant pump)
high-voltage heater (ptc heater; hv heater; coolant heater; cabin hv heater)
electric air conditioning compressor (hv compressor; electric compressor; high-voltage compressor)
service disconnect (interlock; maintenance plug; hvil)
precharge resistor (pre-charge resistor; precharge relay)
battery management module (battery management system; bms; battery controller)
charge socket lock (charge port lock; charging plug lock; charge lock actuator)
high-voltage fuse (hv fuse; traction battery fuse)`,
};
