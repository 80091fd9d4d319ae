/**
 * Troubles as they come through the door of a shop on its first day, each with what it turned out to be and the
 * tests that a master would begin with. Written before the trade knowledge that has to answer them; every second
 * one is left unlooked at while that is mended. Common practice, no source.
 *
 * One line each: vehicle | codes | what was said | the cause (words for its part) | fitting tests (words of the question)
 */
const TABLE = `
petrol car 2012 | P0301 | engine shakes at the lights, engine light flashing when I accelerate | ignition coil; spark plug | follow the coil; spark plug; swap
petrol car 2010 | P0171 | hunting idle, hissing noise under the bonnet | vacuum hose; intake boot; intake manifold gasket; breather | smoke; trim
petrol car 2009 | P0171 P0174 | no power uphill, hard to start when hot | fuel pump; fuel filter | fuel pressure; trim
petrol car 2014 | P0128 | takes ages to warm up, heater only lukewarm | thermostat | coolant temperature; warm
petrol car 2011 | P0420 | engine light on, nothing noticed | catalytic converter; oxygen sensor; exhaust leak | catalyst; tight; sensor
petrol car 2013 | P0455 | smells of fuel, engine light | fuel cap; purge valve; charcoal canister | smoke; vapour; cap
petrol car 2015 | P0441 P0496 | hard to start after refuelling | purge valve | purge
petrol car 2008 | P0016 | rattles on start up for two seconds | timing chain; chain tensioner; cam phaser | cam; timing; chain
petrol car 2011 | P0011 | rough idle when hot, oil change long overdue | cam phaser solenoid; cam phaser; oil | phaser; oil
petrol car 2007 | P0335 | engine dies when hot, starts again after ten minutes | crankshaft sensor | crank
petrol car 2012 | P0340 | long crank, starts eventually | camshaft sensor | cam
petrol car 2016 | P0299 | no boost, hissing when accelerating | charge-air hose; wastegate; boost control | boost; smoke; leak; pressure test
petrol car 2010 | P0117 | fan always on, hard to start when warm | coolant temperature sensor; wiring; connector | resistance; signal; temperature
petrol car 2006 | P2135 | goes into limp mode, no response to pedal | throttle body; throttle position; accelerator pedal; connector | throttle; pedal; signals
petrol car 2012 | | cranks but does not start, no codes, ran out of noise from the tank | fuel pump; fuel pump relay; fuse | fuel pressure; pump
petrol car 2009 | | battery goes flat overnight | draws current; battery; added equipment; body control; alternator | current; draw; drop across fuses; fuse
petrol car 2013 | P0562 | battery light on, headlights dim at idle | alternator; belt; battery cable | charg; belt; drop
petrol car 2011 | | only clicks when I turn the key | battery; starter; terminal; ground | battery; drop; starter
petrol car 2005 | | overheats in traffic but fine on the motorway | radiator fan; fan | fan
petrol car 2008 | | loses coolant, white smoke in the morning | head gasket | gas; pressure; leak
petrol car 2010 | | overheats on the motorway, bottom hose cold | thermostat; water pump; radiator | thermostat; flow; temperature
petrol car 2014 | C0035 | abs light on | wheel speed sensor; wheel speed ring; wheel bearing | wheel speed
petrol car 2007 | | pulls to one side when braking | caliper; brake hose; brake pad | brake; temperature; caliper
petrol car 2012 | | steering wheel shakes when braking from high speed | brake disc | run-out; disc
petrol car 2011 | | brake pedal sinks slowly to the floor | master cylinder; brake fluid; brake hose | hold; pedal; pressure
petrol car 2009 | | humming noise gets louder with speed and changes in bends | wheel bearing | bearing; wheel
petrol car 2013 | | clonk over bumps from the front | drop link; control arm; ball joint; strut | play
petrol car 2015 | U0121 U0415 | many warning lights, speedo dead at times | hydraulic control unit; data bus; ground; connector; fuse | fed; bus; supply
petrol car 2010 | U0100 | cranks no start, scan tool cannot reach engine computer | main relay; fuse; engine control module; data bus; ground | fed; bus; supply; relay
petrol car 2014 | | air conditioning blows warm | refrigerant; compressor; condenser | pressure; refrigerant; clutch
petrol car 2008 | | blower works only on the highest speed | blower resistor | blower; resistor
petrol car 2012 | | wet carpet on the passenger side after rain | sunroof drain; door seal; drain | water; drain
petrol car 2009 | P0505 | idle too high, then stalls when coming to a stop | idle control valve; throttle body; vacuum hose | idle; throttle; smoke
petrol car 2006 | P0325 | engine light, no other complaint | knock sensor; wiring | knock
petrol car 2016 | P0087 | loses power on the motorway | high-pressure fuel pump; fuel pump; fuel filter | pressure
petrol car 2011 | P0304 | misfire at idle only, runs smooth at speed | exhaust valve; intake valve; valve clearance; injector; head gasket | compress; leak
petrol car 2010 | P0172 | black smoke, smells of petrol, drinks fuel | pressure regulator; injector; coolant temperature; air-flow; purge | pressure; trim; injector
diesel car 2012 | P0299 | loss of power, whistling noise when accelerating | charge-air hose; turbocharger; charge-air cooler | boost; smoke; leak; pressure test
diesel car 2010 | P0401 | engine light, hesitates a bit | gas recirculation | valve; recirculation; flow
diesel car 2013 | P2463 P2002 | filter full message, regenerates all the time | particle filter; differential pressure; injector; temperature sensor | back pressure; soot; difference
diesel car 2011 | P0087 | hard to start when hot, leaks nothing | fuel injector; high-pressure fuel pump; fuel filter; metering | leak back; return; rail pressure
diesel car 2009 | P0670 P0380 | won't start on frosty mornings, white smoke | glow plug | glow
diesel van 2014 | P20EE | adblue warning, no restart in 500 km | urea; oxide sensor; reduction | urea; quality; oxide; nitrogen
diesel car 2012 | P0234 | goes into limp mode when overtaking | turbocharger; wastegate; boost control; vacuum | boost; vacuum; vane; actuator
diesel car 2008 | | clouds of white smoke when starting cold, shakes for a minute | glow plug; compression; injector | glow; compress
diesel car 2015 | P0101 | sluggish, black smoke when pulling away | air-flow; charge-air hose; air filter | air mass; airflow; boost; smoke
diesel car 2011 | P242F | back pressure, no power above 3000 rpm | particle filter | back pressure; difference
diesel car 2010 | | knocks from one cylinder, rough until warm | injector | correction; injector; balance
diesel truck 2013 | SPN 94 | loses power under load | fuel filter; fuel pump; fuel line | fuel pressure; filter
petrol car 2013 automatic | P0741 | light shudder at 80 km/h as if driving over a rumble strip | torque converter; transmission oil | lock; converter; oil
petrol car 2010 automatic | P0730 | revs rise between gears, slips | transmission oil; valve body; automatic transmission | oil level; line pressure; fluid
petrol car 2009 manual | | clutch slips uphill | clutch disc; slave; seal | clutch; slip
petrol car 2008 manual | | cannot select gears, pedal stays down | clutch master; clutch slave; clutch | hydraulic; pedal; travel; fluid
petrol motorcycle 2011 | P0562 | battery empty after long rides, display resets | stator; alternator regulator; battery | charg; stator
petrol motorcycle 2008 | | dies when I put it in gear | sidestand switch; clutch switch; neutral switch | sidestand; switch
petrol car 1988 | | cranks but no spark, no diagnostic socket | ignition module; distributor; ignition coil; crankshaft | spark; primary; pulse
petrol car 1985 | | stalls when warm, floods, smells of petrol | carburettor | float; carburettor; fuel level
hybrid car 2014 | P0A80 | warning triangle, fan in the back is loud, no electric drive | battery cell module; traction battery | cell; block; voltage
hybrid car 2016 | P0AA6 | high voltage warning, will not go ready | insulation; high-voltage cable; compressor; inverter | insulation
electric car 2019 | P0D | will not charge at the wall box | charge socket; on-board charger | charg; pilot; socket
petrol car 2014 | B1000 B0028 | airbag light on after seat was removed | connector; seat occupancy; belt buckle; airbag | connector; seat; resistance
petrol car 2013 | | driver's window does not go up and mirror dead, worked after slamming door | door harness; window regulator; connector | door; loom; wires
petrol car 2012 | | rattle from below at idle, exhaust loud | exhaust; flexible pipe; silencer; heat shield | exhaust; tight; leak
petrol car 2015 | C0550 | heavy steering at parking, steering light | electric steering motor; steering; battery; ground | steering; supply; current
`;

export interface Trouble {
  vehicle: { fuel: string; kind: string; year: number | null; gearbox: string };
  codes: string[];
  said: string;
  causes: string[];
  tests: string[];
}

const split = (s: string) =>
  s
    .split(';')
    .map((x) => x.trim().toLowerCase())
    .filter(Boolean);

/** The troubles of a table, a line each. */
export const readTroubles = (table: string): Trouble[] =>
  table
    .trim()
    .split('\n')
    .map((line) => {
      const [vehicle, codes, said, causes, tests] = line.split('|').map((x) => x.trim());
      const [fuel, kind, year, gearbox = ''] = vehicle!.split(' ');
      return {
        vehicle: { fuel: fuel!, kind: kind!, year: Number(year), gearbox },
        codes: /^SPN/.test(codes!) ? [codes!] : codes!.split(' ').filter(Boolean),
        said: said!,
        causes: split(causes!),
        tests: split(tests!),
      };
    });

export const TROUBLES: readonly Trouble[] = readTroubles(TABLE);
