/**
 * Troubles written in a later month, without a look at the tables of the trade, in systems that the first set hardly
 * touches. None of the odd ones is looked at while the tables are mended. Common practice, no source.
 *
 * The same columns as `troubles.ts`.
 */
export const LATER = `
petrol car 2017 | P0456 | engine light came back two weeks after fuel cap was replaced | purge valve; vent valve; filler neck; charcoal canister; vapour hose | smoke; vapour; purge
petrol car 2014 | P0030 | light on, runs fine | oxygen sensor; fuse; wiring; heater | heater; resistance; fed; supply
petrol car 2012 | P0113 | light on after an air filter change | intake air temperature; connector; air-flow meter | unplug; signal; resistance; temperature
petrol car 2015 | P0507 | idle stays at 1200 after throttle body cleaning | throttle body; vacuum hose; intake manifold gasket | learn; smoke; throttle; trim
petrol car 2011 | P0121 | jerks when I hold a steady speed | throttle body; throttle position; accelerator pedal | throttle; signals; sweep
petrol car 2013 | P0444 | hard to start after filling up and it idles rough then | purge valve; purge | purge; resistance
petrol car 2016 | P0521 | oil light flickers at idle when hot | oil pressure; oil pump; oil | oil pressure; oil level; gauge
petrol car 2010 | P0506 | stalls when I come off the motorway | throttle body; idle; vacuum; carbon | throttle; idle
petrol car 2018 | P219A | slight shake at idle | injector; intake leak; exhaust leak; oxygen | injector; balance; trim; smoke
petrol car 2009 | P0420 P0430 | lost power over weeks, sulphur smell | catalytic converter | back pressure; catalyst
petrol car 2012 | P0011 P0014 | rattle at start, oil light was on last month | cam phaser; oil; phaser solenoid; timing chain | oil; phaser
petrol car 2014 | P0597 | temperature gauge low, heater weak | thermostat | thermostat; temperature; resistance
petrol car 2008 | P0741 | revs stay high at motorway speed, uses more fuel | torque converter; transmission oil; valve body | lock; converter; oil
petrol car 2013 | P0868 | slips when cold in the morning, fine after a mile | transmission oil; automatic transmission; valve body; seal | oil level; line pressure; fluid
petrol car 2011 | P0700 P0715 | speedo jumps and it will not shift out of second | speed sensor; wiring; connector | speed; signal; wheel
petrol car 2016 | U0073 | half the dash goes dead for a second on bumps | data bus; connector; ground; wiring | bus; resistance; ground; wiggle
petrol car 2012 | B1342 | locks work by themselves when it rains | water; body control; door lock; connector | water; fed; supply; ground
petrol car 2015 | | left rear window only goes down | window; switch; regulator; motor | window; switch; voltage; fed
petrol car 2010 | | wipers park in the middle of the screen | wiper | wiper; park; motor
petrol car 2014 | | horn does not work, horn relay clicks | horn; clock spring; wiring; ground | horn; fed; voltage; drop
petrol car 2017 | C1234 | steering goes heavy when parking after it has stood in the sun | power steering; steering | steering; supply; voltage; current
petrol car 2009 | | whine from the front that rises with revs, worse with lock | power steering pump; power steering; belt | power steering; fluid; level; pressure
petrol car 2011 | | car wanders, inner edge of both front tyres worn | track; toe; tie rod; control arm; bush | alignment; play; toe
petrol car 2013 | | left rear is lower than the right since winter | spring; air spring; leak | height; spring
petrol car 2016 | | thump from under the car when I take up drive | drive shaft; propeller; mount; joint | play; mount; joint
petrol car 2008 | | oil in the coolant tank, no overheating | oil cooler; head gasket | pressure; leak; oil cooler
petrol car 2014 | | heater blows cold at idle and warm on the road | water pump; coolant; air in; heater | level; flow; coolant; pressure
petrol car 2015 | | a sweet smell and steamed up windscreen | heater core; heater matrix | pressure; coolant; leak
petrol car 2012 | | knock from the engine when cold that goes after a minute | piston; lifter; tappet; hydraulic; exhaust manifold | oil; noise; listen
petrol car 2010 | | uses a litre of oil every 600 miles, blue smoke on overrun | valve stem seal; piston ring; crankcase ventilation | compress; leak; crankcase
petrol car 2011 | | will not crank, dash goes dim when I turn the key | battery; terminal; ground; starter | battery; drop; charge
petrol car 2018 | | stop start has not worked for months | battery; battery sensor | battery; charge
petrol car 2013 | P0340 | cuts out on the motorway and restarts at once | camshaft sensor; wiring; connector | cam; signal; wiggle
petrol car 2009 | P0135 P0155 | both lights about the lambda heater after a tow bar was fitted | fuse; wiring; oxygen sensor | fuse; fed; supply
petrol car 2014 | P0300 | misfires in wet weather only | ignition coil; spark plug; plug lead; ignition lead | spark; coil; water; spray
petrol car 2012 | P0302 | misfire moved with nothing, compression on two is half | exhaust valve; intake valve; piston; head gasket; valve | leak; compress
petrol car 2006 | | engine cuts out when I go over speed bumps | ignition switch; fuel pump relay; ground; wiring; inertia | wiggle; supply; drop
diesel car 2016 | P2002 P244A | short trips only, fan runs on after stopping | particle filter; differential pressure; pressure hose | back pressure; soot; difference; regenerat
diesel car 2014 | P0402 | idles rough and smokes since an egr clean | gas recirculation | recirculation; valve
diesel car 2013 | P0088 | knocks hard and light on | pressure regulator; metering; rail pressure | rail pressure; regulator; valve
diesel car 2012 | P2263 | lacks pull from low down, whistle from the engine bay | charge-air hose; turbocharger; vacuum; boost control | boost; smoke; leak; vacuum
diesel car 2011 | P0191 | dies on the move and then cranks for ages | rail pressure sensor; fuel filter; wiring | rail pressure; signal
diesel car 2015 | P204F | warning says no start in 800 km | urea; dosing; reduction; oxide | urea; quality; oxide; dosing; injector
diesel car 2010 | | engine runs on when switched off | throttle; oil; turbocharger; injector; flap; shut-off | oil; leak; flap
diesel van 2017 | P2BAD | amber lamp, exhaust light | oxide sensor; reduction; urea | urea; oxide; nitrogen
diesel van 2013 | P0571 | cruise control will not set | brake switch; brake light switch | brake; switch
diesel truck 2015 | SPN 4364 FMI 18 | derate, exhaust lamp on | reduction; urea; oxide; dosing | urea; oxide; quality
diesel truck 2012 | SPN 157 FMI 18 | cranks long and dies | fuel filter; rail pressure; fuel pump; metering; leak | rail pressure; filter; fuel; return
diesel truck 2014 | SPN 168 FMI 4 | resets while driving, lamps dim | alternator; battery; terminal; ground; cable | charg; battery; drop
petrol motorcycle 2015 | | dies when the side stand goes up and gear is in | side stand; clutch switch | switch; stand
petrol motorcycle 2012 | | battery boils dry and bulbs blow | regulator; rectifier | charg; regulator; voltage
petrol motorcycle 2009 | | runs on one cylinder when hot | pick-up; ignition coil; plug cap; plug | coil; spark; resistance; plug
petrol motorcycle 2018 | | stalls at junctions when warm, idle control | idle; throttle; vacuum; intake | idle; throttle; smoke; vacuum
hybrid car 2014 | P0A80 | red triangle, battery gauge swings up and down | hybrid battery; high-voltage battery | block; cell; module; battery
hybrid car 2016 | P0AA6 | ready light will not come on in the wet | insulation; high-voltage; isolation; compressor; cable | insulation; isolation; resistance
petrol car 1988 | | floods when hot, black plugs | carburettor; choke; float; fuel pressure; coolant temperature | choke; float; fuel; temperature
petrol car 1994 | | stumbles when I touch the gas, smooth once rolling | air-flow; throttle; accelerator pump; vacuum; ignition | throttle; air; vacuum; smoke
petrol boat 2010 | | alarm sounds at high revs, fine at idle | impeller; raw water; water pump; thermostat; exhaust | impeller; flow; temperature
diesel tractor 2008 | | will not start, no click, lights are bright | starter; neutral; switch; relay; clutch switch | starter; relay; switch; drop
diesel generator 2012 | | hunts under load | governor; fuel filter; injection; air in fuel; actuator | fuel; filter; air; governor
`;
