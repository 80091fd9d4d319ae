/**
 * More names of the parts of the starter list, as workshops, parts counters and work orders write them: American,
 * British and second-language English, and abbreviations. One line a part: its name: name; name. Common practice, no
 * source.
 */
export const MORE_PART_NAMES = `
fuel pump: fuel pump module; fuel pump assembly; fuel delivery module; fuel delivery unit
high-pressure fuel pump: hpfp; diesel pump; diesel injection pump
fuel filter: diesel filter
fuel pressure regulator: fpr
fuel rail pressure sensor: frp sensor; fuel rail sensor; rail sensor
fuel injector: diesel injector; petrol injector
fuel return line: leak-off line; return line; spill pipe; leak-off hose
fuel tank: gas tank; petrol tank; diesel tank
fuel level sender: fuel sender; sending unit; fuel sending unit; fuel level sensor; fuel gauge sensor; tank sensor
fuel metering valve: scv; imv; metering unit; fuel quantity valve
purge valve: purge solenoid; canister purge solenoid; evap purge valve; evap purge solenoid; canister purge
charcoal canister: evap canister; vapor canister; vapour canister
fuel cap: petrol cap; fuel filler cap; gas tank cap
vent solenoid: evap vent valve; canister vent valve; evap vent solenoid
tank pressure sensor: ftp sensor
water-in-fuel sensor: wif sensor
air-flow meter: maf sensor; mass airflow sensor; mass air flow meter; mass airflow meter; airflow meter; air flow sensor; airflow sensor; air mass sensor; maf meter; afm
manifold pressure sensor: manifold absolute pressure sensor; boost pressure sensor
intake air temperature sensor: iat; air intake temperature sensor
throttle body: electronic throttle; throttle housing; electronic throttle body
idle control valve: iac valve; idle air control valve; idle air control; idle valve; isc valve; idle speed control valve; idle speed motor; idle motor
intake manifold gasket: inlet manifold gasket
charge-air hose: charge air pipe; boost tube; intercooler boot; turbo boot; charge hose
charge-air cooler: cac; charge cooler
turbocharger: turbo charger
wastegate actuator: vgt actuator; vnt actuator; turbo control actuator
crankcase breather valve: pcv; breather valve
intake boot: intake pipe; air intake boot; intake tube; intake duct; air intake hose
exhaust manifold gasket: manifold gasket
flexible pipe: flex pipe; exhaust flex; exhaust flex pipe
catalytic converter: cat converter; cat con
particle filter: fap; particulate filter; soot trap
differential pressure sensor: dp sensor; dpf differential pressure sensor; delta pressure sensor
differential pressure hose: dpf pipe; dpf pressure hose; dpf pressure pipe
oxygen sensor: ho2s; lambda probe sensor; heated oxygen sensor
air-fuel ratio sensor: a/f sensor; afr sensor; air fuel sensor; wide band sensor
exhaust temperature sensor: egt; egt probe; pyrometer; pyro sensor
urea pump: adblue pump; def supply module
urea injector: adblue injector; def doser; doser; dosing injector; adblue doser; def dosing valve
urea tank heater: adblue heater; def tank heater
urea level sensor: adblue level sensor
urea quality sensor: adblue quality sensor
urea line: adblue line
urea itself: bad def; old adblue
reduction catalyst: scr cat; scr
ignition coil: coil on plug; cop coil; ignition coil pack; coil pack unit
ignition lead: spark plug wire; spark plug lead; ignition wire; ignition cable
distributor: dist cap; rotor button; distributor rotor
ignition module: icm; ignition control module
contact breaker: contact points; breaker points; ignition points
glow plug controller: glow plug module; glow plug control module; glow control unit; glow plug control unit
timing belt: cambelt; t-belt
chain tensioner: timing chain tensioner; cam chain tensioner
cam phaser: phaser; vct phaser; vvt actuator; camshaft phaser; vvt gear
cam phaser solenoid: vct solenoid; ocv; vvt valve; variable valve timing solenoid; cam solenoid; camshaft position actuator solenoid; vvt control valve
hydraulic lifter: lifter; hla; hydraulic tappet; cam follower; valve lifter
valve clearance: valve lash; tappet clearance
head gasket: cyl head gasket
connecting rod bearing: con rod bearing; rod bearing; conrod bearing; big end
crankshaft seal: front main seal; rear main oil seal; main seal
oil pan gasket: sump seal
accessory belt: serp belt; poly v belt; v belt; ribbed belt; alternator drive belt
belt tensioner: drive belt tensioner; auto tensioner; tensioner pulley
crankshaft pulley: harmonic balancer; crank pulley; damper pulley; crankshaft damper; crank damper
thermostat: t-stat; tstat; coolant thermostat; engine thermostat
auxiliary water pump: aux water pump; electric water pump; aux coolant pump; auxiliary coolant pump; coolant circulation pump
radiator fan: electric fan; engine fan; engine cooling fan
fan controller: fan control module; fan resistor; cooling fan module; cooling fan controller; fan control unit; cooling fan resistor
fan clutch: viscous coupling; fan coupling
coolant temperature sensor: ect; cts; temp sender; coolant temp sender; engine coolant temperature sensor; water temperature sensor; temperature sender
coolant hose: heater hose; coolant pipe; coolant line
expansion tank: coolant reservoir; coolant tank; coolant bottle; overflow tank; surge tank; coolant expansion tank; coolant overflow tank
expansion tank cap: coolant cap; reservoir cap; coolant reservoir cap
engine control module: powertrain control module; engine computer; engine control unit; engine module
crankshaft sensor: ckp sensor; crankshaft position sensor; crank position sensor; rpm sensor; tdc sensor; flywheel sensor
camshaft sensor: cmp sensor; camshaft position sensor; cam position sensor; phase sensor
accelerator pedal sensor: accelerator pedal; gas pedal; throttle pedal; pedal module; accelerator pedal assembly; accelerator pedal module
immobiliser: immo; theft module
key: transponder; smart key; fob
battery terminal: battery post; battery connection; terminal clamp; battery pole
battery cable: battery lead; positive lead; negative cable; negative lead; starter cable; battery negative cable; battery positive cable
ground strap: earth lead; ground cable; ground lead; engine earth; earth cable; earth braid; body earth; engine ground strap; grounding strap; ground braid; ground wire
starter motor: starter unit
starter solenoid: starter magnetic switch
alternator regulator: reg rectifier; regulator rectifier; rectifier; charging regulator
ignition switch: ign switch; ignition start switch
key lock cylinder: ignition lock cylinder; ignition cylinder; lock cylinder
neutral switch: neutral safety switch; nss
connector: pigtail; multiplug; multi plug; wiring plug; electrical connector; harness connector; harness plug
connector pin: crimp
fuse box: fuse panel; fuse block; relay box; fusebox; power distribution centre; power distribution center; fuse board
ground point: ground connection; earth connection; ground eyelet; earth eyelet; grounding point; ground bolt; body earth point; chassis ground; earthing point
body control module: body module; body control unit
instrument cluster: instrument panel cluster; ipc; gauge cluster; dash cluster
clutch disc: clutch kit; clutch plate; clutch assembly
clutch release bearing: throwout bearing; thrust bearing; release bearing
clutch master cylinder: clutch master
clutch slave cylinder: slave cylinder; clutch slave; csc; concentric slave cylinder
dual-mass flywheel: dmf; dual mass fly wheel
automatic transmission: auto box; automatic gearbox; auto gearbox; auto transmission
valve body: mechatronic
transmission oil: gearbox oil; gearbox fluid; auto trans fluid
transmission control module: gearbox control module; transmission module; gearbox control unit; transmission control unit; tcu
transmission speed sensor: turbine speed sensor; transmission input speed sensor; transmission output speed sensor; gearbox speed sensor
transmission range sensor: trs; prndl switch; gear range sensor; gear selector switch; inhibitor switch; range sensor; selector position sensor
gearbox: gear box; manual gearbox
drive shaft: cv axle; cv shaft; driveshaft; outer cv joint; inner cv joint; axle half shaft
propeller shaft: propshaft; carrier bearing; centre support bearing; center support bearing; u-joint; universal joint
transfer case: transfer box
brake pad: disc pad; front pad; rear pad
brake disc: disk; brake disk
brake caliper: calliper; brake calliper
brake caliper guide pin: caliper pin; slider pin; guide pin; caliper slide pin
brake hose: brake flexi
brake servo: vacuum servo
hydraulic control unit: abs module; abs modulator; abs block; abs ecu; abs control module; abs hydraulic unit; abs control unit; hcu
wheel speed sensor: wheel sensor; wss; abs wheel sensor; abs wheel speed sensor
wheel speed ring: abs reluctor ring; tone wheel; abs tone ring; abs encoder ring
brake light switch: stop light switch; brake lamp switch; brake pedal switch; stoplight switch
yaw rate sensor: yaw sensor; lateral acceleration sensor
parking brake actuator: epb actuator; electric parking brake motor; parking brake motor; handbrake motor
parking brake cable: e-brake cable; hand brake cable; emergency brake cable; park brake cable
wheel bearing: hub assembly; wheel hub; hub unit; wheel hub bearing; wheel hub assembly; hub bearing assembly
control arm bush: control arm bushing; wishbone bush; lower arm bush; trailing arm bush
drop link: sway bar link; sway bar end link; stabilizer link; arb link; anti roll bar drop link; stab link; stabilizer bar link
shock absorber: shock; strut assembly; strut insert
strut top mount: strut mount; top mount; strut bearing; upper strut mount
air spring: air suspension bag; air strut; air shock; suspension air bag
air suspension compressor: suspension compressor; air ride compressor
ride height sensor: levelling sensor; leveling sensor
steering rack: rack and pinion; power steering rack; steering box
steering angle sensor: sas; steering wheel angle sensor; steering position sensor
electric steering motor: epas motor; power steering motor; eps unit
power steering pump: p/s pump; ps pump; pas pump; steering pump
power steering hose: p/s hose; ps hose; pas pipe
power steering fluid: p/s fluid; ps fluid
tie rod end: tie rod; outer tie rod; track rod; outer tie rod end; inner tie rod
tyre pressure sensor: tpms sensor; tire pressure sensor; tpms valve; tire pressure monitor sensor
air conditioning compressor: a/c compressor; aircon compressor; air con compressor; a/c pump; ac pump
compressor clutch: ac clutch; a/c clutch; ac compressor clutch; a/c compressor clutch
condenser: condensor; ac condenser; a/c condenser
evaporator: evaporator core; ac evaporator
evaporator temperature sensor: evaporator sensor
expansion valve: txv; tx valve
refrigerant: ac gas; a/c gas; air con gas
refrigerant pressure sensor: ac pressure sensor; a/c pressure sensor; ac pressure transducer; a/c pressure switch; a/c pressure transducer
blower motor: blower; heater blower; heater motor; blower fan; cabin fan; heater blower motor; interior fan; cabin blower
blower resistor: blower motor resistor; heater resistor; blower control module; heater blower resistor; blower resistor pack
cabin filter: cabin air filter; interior filter
air flap actuator: blend door actuator; mode door actuator; blend actuator; hvac actuator; heater flap motor; flap motor; recirculation motor; mode actuator; temperature door actuator; recirculation door actuator
door lock: door latch; door lock actuator; lock actuator; central locking motor; door lock motor; door latch assembly
bonnet switch: hood latch switch
window regulator: window lifter; power window motor; window winder
wiper linkage: wiper transmission; wiper link; wiper mechanism
headlamp: headlight assembly; head lamp; headlight unit
light bulb: headlight bulb
light switch: headlight switch; headlamp switch
turn signal switch: combination switch; combi switch; multifunction switch; multi-function switch
flasher relay: hazard relay
tailgate latch: hatch latch; liftgate latch; tailgate actuator; trunk lock
airbag: air bag
clock spring: clockspring; airbag slip ring; airbag clock spring
seat occupancy mat: occupancy sensor; occupant sensor
crash sensor: impact sensor; front impact sensor
parking sensor: pdc sensor; park sensor; ultrasonic sensor
camera: reversing camera; backup camera; rear view camera; front camera
traction battery: hybrid battery; high voltage battery; high-voltage battery
on-board charger: obc; onboard charger
steering head bearing: head stock bearing
sidestand switch: side stand sensor
spark plug: sparkplug
software: latest calibration; updated calibration; new calibration; calibration update; firmware; software update; latest software
`;
