/**
 * Troubles of vehicles that other shops gave up, as the second shop writes them down. Written in one go, by somebody
 * who had not looked at the tables for a week; none of the odd ones is looked at while the tables are mended. Common
 * practice, no source.
 *
 * The same columns as `troubles.ts`.
 */
export const FOURTH = `
petrol car 2014 | P0016 | noise at start up for two seconds, oil change was skipped for long | timing chain; camshaft adjuster; tensioner; oil; oil control | cam; timing; chain; oil
petrol car 2016 | P0299 | no boost, no leaks found by the last shop | wastegate; turbo; boost control; diverter; actuator | wastegate; boost; actuator; vacuum
petrol car 2013 | P0087 | cuts out at full throttle, in tank pump is new | high-pressure fuel pump; fuel filter; cam; fuel pressure; low-pressure; fuel pump | rail pressure; fuel pressure; low; filter
petrol car 2015 | P2187 P0507 | high idle and lean at idle only | vacuum; crankcase ventilation; intake; purge | smoke; trim; purge; crankcase
petrol car 2012 | P0335 | dies when hot, restarts after 20 minutes | crankshaft sensor; wiring; connector | crank; signal; heat; resistance
petrol car 2010 | U0100 | will not crank some mornings, all lamps dark | ground; fuse; ignition switch; engine control; battery; relay; connector | drop; fed; supply; voltage; ground
petrol car 2011 | P0172 P0175 | rich both banks, black plugs | fuel pressure; air-flow; purge; injector; pressure regulator; coolant temperature | pressure; air mass; trim; purge; temperature
petrol car 2009 | P0135 P0141 | both heaters fail together | fuse; relay; wiring; ground; oxygen sensor | fed; fuse; supply; resistance
petrol car 2017 | P0700 P0741 | shudder on the highway, fluid was changed | torque converter; solenoid; valve body; transmission oil | lock-up; slip; fluid; solenoid; converter
petrol car 2014 | B1601 | security lamp, engine cranks but no injector pulse, two keys tried | immobiliser; key; antenna; engine control; ignition lock | key; immobiliser; aerial; antenna; learn
petrol car 2018 | | radio and seats drain the battery over the weekend | module; control unit; relay; infotainment; amplifier; radio; draws current; data bus | current; drain; sleep; fuse; bus
petrol car 2013 | P0113 | intake air reads -40 with sensor plugged in | intake air; air-flow; wiring; connector | resistance; wire; supply; bridge; circuit
petrol car 2016 | P0128 | thermostat replaced twice, still comes back | thermostat; coolant temperature sensor; fan; cooling fan; coolant | temperature; fan; coolant; level
petrol car 2008 | P0420 P0302 | rattles underneath and misfires on 2 | catalytic; ignition coil; spark plug; injector | coil; back pressure; compress; swap; plug
petrol car 2012 | C0035 | abs activates when nearly stopped | wheel speed; hub; bearing; ring; tone | wheel speed; ring; gap; signal; bearing
petrol car 2015 | C0561 U0415 | traction off message after battery was replaced | steering angle; battery; stability; yaw | steering angle; zero; calibrat; learn
petrol car 2011 | P0455 | gross leak, cap is new | vent; purge; hose; filler neck; canister; tank; fuel pump seal | smoke; vent; purge
petrol car 2019 | P0642 | runs bad, three sensors dead, 5v at 2.1 | pressure sensor; 5 v; wiring; sensor; engine control; reference | unplug; supply; 5 v; reference; disconnect
petrol car 2010 | P0014 P0011 | oil sludge under the cap, cam timing codes after oil change | oil control; camshaft adjuster; camshaft; oil; solenoid; screen | solenoid; oil; cam
petrol car 2007 | P0500 | speedo dead and shifts hard | speed sensor; wheel speed; gearbox; gear; wiring; cluster | speed; signal; sensor
petrol car 2014 | | blower works only on highest | resistor; regulator; blower | blower; resistor; resistance
petrol car 2013 | | wipers move by themselves when turning left | steering column; stalk; switch; ground; wiper | switch; ground; wiggle; fed; drop
petrol car 2016 | P0456 | gas station attendant told me hiss at the cap | fuel cap; filler; vapour; purge; leak; vent | smoke; cap; purge
diesel car 2013 | P0299 P0101 | oil wet around the intercooler, weak | charge-air hose; intercooler; turbo; charge | smoke; boost; leak; hose
diesel car 2011 | P0088 P0087 | stalls at part load, filings in the filter | high-pressure fuel pump; metering; injector; fuel pump | rail pressure; metering; fuel; chips; leak back
diesel car 2015 | P246C P2453 | soot calc 60 g with 5 km on a new filter | differential pressure; hose; sensor; particle filter | difference; pressure; hose; zero
diesel car 2012 | P0401 | egr new, cleaned intake, code in 50 km | recirculation; cooler; air-flow; differential; vacuum; intake | recirculation; air mass; position; cooler
diesel car 2016 | P2BAD P20EE | nox too high, urea injector crystallised | urea injector; dosing; urea; nitrogen oxide; catalyst | urea; nitrogen; dosing; quality
diesel car 2010 | P0670 P0671 P0672 P0673 P0674 | all glow plugs open on paper | glow plug control; relay; fuse; glow; wiring; supply | fed; supply; fuse; current; glow
diesel car 2014 | P0234 | overshoots boost then limp, vanes sticky | turbo; vane; actuator; boost control; vacuum | actuator; vane; boost; vacuum
diesel van 2013 | P0606 P1632 | dies over bumps, wiggling relay box restarts it | relay; connector; terminal; fuse; ground; wiring; power | wiggle; drop; fed; relay; supply
diesel van 2015 | P0380 | warning lamp coil flashing, weak uphill, brake lights always on | brake light switch; brake; pedal; glow | switch; brake
diesel van 2010 | U0121 C1200 | abs unit not answering after water got in the scuttle | connector; ABS; ground; fuse; wiring | fed; water; supply; pins; bus
diesel truck 2014 | SPN 3216 FMI 4 | derate, nox sensor changed twice | nitrogen oxide; wiring; fuse; connector; ground; sensor | fed; supply; wire; wiggle; connector
diesel truck 2012 | SPN 651 FMI 5 | misses when warm, cylinder 1 | injector; harness; wiring; connector | injector; resistance; harness; wire; connector
diesel truck 2017 | SPN 5246 FMI 0 | severe derate, urea quality | urea; quality sensor; dosing | quality; urea
petrol motorcycle 2015 | | dies when the side stand comes up and gear goes in | side stand; clutch switch; neutral | stand; switch
petrol motorcycle 2012 | | battery boils, lamps blow | regulator; rectifier; battery; ground | charg; voltage
petrol motorcycle 2009 | P0335 | stops when engine is hot, no pulse | pick-up; crankshaft sensor; stator; ignition | resistance; pick; signal; heat
hybrid car 2014 | P0AA6 | insulation fault only when it rains | high-voltage; cable; compressor; motor; connector; battery; insulation; transaxle | insulation; unplug; resistance; water
hybrid car 2011 | P0A80 | drive battery weak, fan filter full of dog hair | battery; cell; fan; filter | cell; battery; voltage; fan; filter
electric car 2020 | P0AA1 | clicks but does not go ready | contactor; pre-charge; interlock; high-voltage | contactor; pre-charge; interlock; voltage
petrol car 1992 | | flat spot and pops back through the carb when cold | carburettor; choke; accelerator pump; ignition timing; vacuum; mixture; intake | choke; smoke; timing; carburettor; mixture
petrol car 1987 | | charge light on faint, battery keeps going flat | alternator; diode; regulator; brushes; terminal; ground | charg; ripple; diode; drop; voltage
diesel tractor 2010 | | white smoke and hard start in the morning, hisses from breather | compression; piston; injector; glow; ring; air in; head gasket | compress; leak; glow; bubbles; crankcase
`;
