/**
 * Troubles as a counter hand, a customer who learnt English late, or a technician in a hurry writes them down. Written
 * in one go in a later month still, before any was put to the guide; none of the odd ones is looked at while the tables
 * are mended. Common practice, no source.
 *
 * The same columns as `troubles.ts`.
 */
export const THIRD = `
petrol car 2013 | | cust states wont crank, had jump start 3x this week | battery; starter; alternator; draws current; terminal | battery; charg; drop; current
petrol car 2011 | P0171 | since oil filler cap was off the road the idle is up and down | oil filler; breather; crankcase ventilation; vacuum; intake | smoke; trim; crankcase
petrol car 2015 | P0301 P0302 | shakes, cyl 1 and 2 next to each other, coolant gone down a bit | head gasket | leak; compress; gas; pressure
petrol car 2008 | P0442 | small leak code returns always after fill up | fuel cap; vapour; purge; vent; filler neck; charcoal canister | smoke; cap; purge
petrol car 2017 | P0303 | replaced plug and coil on 3 still misfire | injector; valve; compress; wiring; head gasket; engine control | compress; injector; leak; swap
petrol car 2012 | P0606 | light on after jump start the wrong way round | engine control module; fuse; alternator; main fuse | fed; supply; fuse
petrol car 2010 | U0101 | stuck in third, no gear display | transmission control; fuse; connector; data bus; wiring; ground | fed; bus; supply
petrol car 2014 | P0420 | second cat in a year | oxygen sensor; misfire; exhaust leak; catalytic; oil; injector | tight; catalyst; sensor; trim
petrol car 2009 | P0340 P0335 | no start after timing belt was changed | timing belt; camshaft sensor; crankshaft sensor; connector | timing; cam
petrol car 2016 | P0597 P0128 | fan roars, heater is not hot in the winter | thermostat | thermostat; temperature; hose
petrol car 2012 | P0456 P0441 | purge valve changed no success | purge; vapour; vent; canister; wiring; hose | smoke; purge; vent
petrol car 2007 | P0110 P0120 P0105 | three sensor codes at once, idles high | 5 v; supply; ground; connector; wiring; engine control | supply; 5 v; ground; fed; wire
petrol car 2018 | U0155 | cluster goes black sometimes when driving on rough road | instrument; connector; ground; fuse; data bus; wiring; ignition switch | fed; bus; wiggle; supply; ground
petrol car 2013 | C1095 | abs pump runs the whole time even parked | hydraulic; abs pump relay; relay | relay; fed; current; pump
petrol car 2011 | | brake lamps stay on all night and battery is empty | brake light switch; brake switch; brake pedal | switch; current
petrol car 2014 | | driver door does not lock by remote, others yes | door lock; door harness; latch | lock; switch; loom; harness; fed; voltage
petrol car 2009 | | indicators blink quick on right side | bulb; lamp; ground; socket; turn | bulb; lamp; ground; drop; fed
petrol car 2012 | | reverse camera black, trunk lid opened many times | harness; wiring; camera; loom | loom; harness; fed; supply; wire; wiggle
petrol car 2016 | | aircon cold only when driving, warm when standing | condenser; fan; refrigerant | fan; pressure
petrol car 2010 | | water splashing noise behind the dashboard and no heat | coolant; air in; head gasket; heater core; water pump | level; coolant; pressure; heater
petrol car 2015 | | smell of burning after motorway, wheel right front too hot to touch | caliper; brake hose; handbrake; slide; bearing | brake; temperature; caliper; heat
petrol car 2011 | | squeak when turning the wheel at standstill | strut; top mount; belt; power steering; ball joint; steering | play; mount; belt; level; noise
petrol car 2008 | | vibration 100 to 120 km/h, not when braking | wheel; tyre; balance; drive shaft; flange | balance; run-out; wheel; play
petrol car 2013 manual | | gear lever jumps out of fourth on overrun | gearbox; selector; shift; mount; synchro; manual transmission | play; shift; linkage; mount
petrol car 2014 manual | | pedal stays on the floor, clutch not release | slave; master cylinder; clutch; hydraulic | clutch; pedal; pressure; level; leak
petrol car 2012 automatic | P0776 | judder when starting from lights, belt type gearbox | transmission oil; valve body; solenoid; variator; automatic transmission; belt | line pressure; oil; fluid; solenoid
petrol car 2010 automatic | | bang going into reverse | mount; valve body; transmission oil; automatic transmission; joint | mount; line pressure; oil; fluid; play
diesel car 2014 | P0299 P0045 | no turbo, after cleaning the engine with water | boost control; actuator; connector; wiring; turbo; vacuum | actuator; pins; connector; water; boost; vane
diesel car 2012 | P2002 | dpf was cut open by another workshop | particle filter; temperature sensor; differential pressure | difference; soot; back pressure
diesel car 2013 | P0236 | boost value 300 above barometer with engine off | boost pressure sensor; charge pressure; manifold pressure; sensor | barometer; pressure sensor; supply; equal
diesel car 2010 | P0183 P0237 P0113 | several circuit high together after mouse ate something | wiring; harness; ground; connector | wire; supply; ground; resistance; look
diesel car 2011 | P1093 | starts only with starter spray | rail pressure; fuel filter; high-pressure fuel pump; injector; metering; air in; fuel pump | rail pressure; leak back; return; bubbles; fuel
diesel car 2015 | P0403 | limp, after egr cooler job | gas recirculation; connector; wiring | recirculation; connector; pins; resistance; fed
diesel van 2016 | P20E8 P204F | adblue pressure too low, refilled from an old can | urea; dosing | urea; quality; pressure; filter
diesel van 2012 | P0380 P0671 | smoke in frost, preheat lamp flashing | glow | glow
diesel van 2014 | U0001 | no communication with anything after radio fitted | data bus; radio; wiring; added | bus; unplug; resistance; added
diesel van 2011 | | engine will not stop turning off by key, runs another five seconds | shut-off; flap; injector; relay; oil; turbocharger; throttle | flap; relay; oil; vacuum
diesel truck 2016 | SPN 3251 FMI 0 | regen needed each day | particle filter; differential pressure; injector; recirculation; oxidation; turbo | difference; back pressure; soot; injector; temperature; tight
diesel truck 2011 | SPN 100 FMI 1 | red lamp oil, buzzer at idle hot | oil pump; oil pressure sensor; oil; bearing | oil pressure; oil level
diesel truck 2018 | SPN 1761 FMI 17 | urea gauge empty but tank is full | urea level; level sensor; sender; urea | level; sensor; supply; resistance; connector
petrol motorcycle 2014 | | does nothing when pressing starter, lights ok, in neutral it works | clutch switch; side stand; neutral | switch; stand
petrol motorcycle 2010 | P0351 | one cylinder dead in the rain | ignition coil; plug cap; wiring; plug lead; connector | coil; spark; water; resistance
petrol motorcycle 2017 | | loses charge on long tours with heated grips | stator; regulator; alternator; added; battery | charg; stator; current; voltage
petrol motorcycle 2008 | | bogs when I open throttle from idle | carburettor; accelerator pump; vacuum; fuel; intake; jet | smoke; carburettor; vacuum; fuel; jet
hybrid car 2012 | P0A93 | hybrid overheats inverter, stops after 20 km | inverter coolant pump; inverter; coolant; pump | coolant; flow; pump; level; fed
hybrid car 2015 | P3000 | fan behind the seat roars, battery cools | hybrid battery; fan; filter; high-voltage battery | fan; filter; block; cell; temperature
electric car 2019 | P1A10 | does not charge at home, at public yes | charging cable; charge port; charger; on-board; wall box; supply | charg; cable; pilot; supply; resistance; another
electric car 2018 | P0C73 | turtle on display when hot | coolant pump; battery; pump; coolant | coolant; pump; flow; level; cell; temperature
petrol car 1990 | | cuts dead when hot, no spark until cool | ignition module; ignition coil; pick-up; hall; distributor; crankshaft | spark; coil; heat; signal; pulse
petrol car 1985 | | lights go bright and dim with revs | regulator; alternator; ground; battery; terminal | charg; drop; voltage; ripple
diesel tractor 2012 | SPN 157 FMI 1 | dies going up the hill with load | fuel filter; fuel pump; rail pressure; leak; air; injector; tank | filter; rail pressure; fuel; bubbles; return
diesel excavator 2015 | SPN 110 FMI 0 | temp alarm after two hours in dust | radiator; fan; thermostat; coolant; water pump | radiator; fan; flow; temperature; coolant
`;
