/**
 * What was done, as shops write it into a spreadsheet, with what a technician takes from it: written before the
 * reader of `core/exchange/records` and by the names of the starter list. Every second one is kept back: not
 * looked at while the reader is mended (`npm run bench -- records` reports both halves).
 *
 * `part` null: not told which (none named, several alike, or none that the list has). `failure` null: not told.
 * `action` empty: nothing was done about a cause.
 */
export interface DoneSentence {
  text: string;
  part: string | null;
  failure: string | null;
  action:
    | ''
    | 'replaced'
    | 'repaired'
    | 'cleaned'
    | 'adjusted'
    | 'configured'
    | 'relearned'
    | 'other'
    | 'connector seated'
    | 'hose rerouted';
}

const d = (
  text: string,
  action: DoneSentence['action'],
  part: string | null = null,
  failure: string | null = null,
): DoneSentence => ({ text, part, failure, action });

export const DONE_SENTENCES: readonly DoneSentence[] = [
  d('Replaced ignition coil cyl 3', 'replaced', 'ignition coil'),
  d('Renewed crankshaft sensor, cleared codes, road tested OK', 'replaced', 'crankshaft sensor'),
  d('MAF cleaned and retested, trims back to normal', 'cleaned', 'air-flow meter'),
  d('Fitted new thermostat and topped up coolant', 'replaced', 'thermostat'),
  d('Found charge air hose split at clamp. New hose fitted.', 'replaced', 'charge-air hose', 'cracked'),
  d('R&R alternator', 'replaced', 'alternator'),
  d('Wiring to O2 sensor chafed on subframe, repaired and re-routed', 'repaired', 'wiring harness', 'chafed'),
  d('Repaired broken wire at tailgate harness', 'repaired', 'wiring harness', 'open circuit'),
  d('EGR valve stuck open, replaced with new', 'replaced', 'exhaust gas recirculation valve', 'stuck open'),
  d('egr seized, cleaned out & freed off', 'cleaned', 'exhaust gas recirculation valve', 'seized'),
  d('Customer declined replacement of turbo. No work carried out.', ''),
  d('Quoted for clutch, customer will think about it', ''),
  d('Checked injectors, all OK. Fuel filter replaced.', 'replaced', 'fuel filter'),
  d('Tested alternator ok, battery replaced', 'replaced', 'battery'),
  d('new battery', 'replaced', 'battery'),
  d('spark plugs', ''),
  d('Replaced plugs and coils', 'replaced'),
  d('Replaced spark plugs, coil pack and leads', 'replaced'),
  d('Software update carried out', 'configured', 'software', 'outdated software'),
  d('Reprogrammed ECU with latest software level', 'configured', 'software', 'outdated software'),
  d('No fault found, road tested 20 miles', ''),
  d('could not reproduce. cleared codes. return if light comes back', ''),
  d('Advise front pads 3mm. Replaced wheel speed sensor OSR.', 'replaced', 'wheel speed sensor'),
  d('Replaced NSF wheel bearing. Recommend timing belt at next service.', 'replaced', 'wheel bearing'),
  d('Corroded ground strap engine to body, cleaned and refitted', 'cleaned', 'ground strap', 'corroded'),
  d('Earth point behind headlamp corroded. Cleaned + sealed.', 'cleaned', 'ground point', 'corroded'),
  d('Connector at injector 2 not latched, seated it', 'connector seated', 'connector', 'not latched'),
  d('plug on cam sensor was loose. pushed home, ok now', 'connector seated', 'connector', 'not latched'),
  d('Timing chain stretched, replaced chain kit and tensioner', 'replaced', 'timing chain', 'stretched'),
  d('Belt tensioner worn, renewed tensioner and belt', 'replaced', 'belt tensioner', 'worn'),
  d('DPF blocked, forced regeneration done', 'other', 'particle filter', 'blocked'),
  d('Performed forced regen', 'other'),
  d('Brake light switch replaced & adjusted', 'replaced', 'brake light switch'),
  d('adjusted valve clearances', 'adjusted', 'valve clearance'),
  d('Oil and filter change', 'replaced', 'oil filter'),
  d('Annual service, oil filter air filter pollen filter', 'replaced'),
  d('Replaced fuel pump relay (contacts burnt)', 'replaced', 'fuel pump relay', 'burnt'),
  d('relay for fuel pump burnt out -> new one', 'replaced', 'fuel pump relay', 'burnt'),
  d('Vacuum hose perished, replaced', 'replaced', 'vacuum hose', 'cracked'),
  d('found vac hose off, refitted', 'repaired', 'vacuum hose'),
  d('water in connector of gearbox ecu, dried and sealed', 'cleaned', 'connector', 'water inside'),
  d('Water ingress into fuse box. Dried out, cleaned terminals.', 'cleaned', 'fuse box', 'water inside'),
  d('Radiator leaking - replaced radiator & coolant', 'replaced', 'radiator', 'leaking'),
  d('Coolant leak traced to water pump. Replaced pump and belt.', 'replaced', 'water pump', 'leaking'),
  d('replaced heater blower resistor', 'replaced', 'blower resistor'),
  d('Blower motor noisy, replaced', 'replaced', 'blower motor'),
  d('parts ordered: NOx sensor', ''),
  d('Waiting for part (rail pressure sensor)', ''),
  d('Exchanged nox sensor downstream, reset adaptation', 'replaced', 'nitrogen oxide sensor'),
  d('lambda probe before cat changed', 'replaced', 'oxygen sensor'),
  d(
    'Changed front O2 sensor - same fault. Found exhaust manifold gasket leaking, replaced gasket',
    'replaced',
    'exhaust manifold gasket',
    'leaking',
  ),
  d('Swapped coil 2 to 4, misfire followed. New coil fitted.', 'replaced', 'ignition coil'),
  d('Not the MAF. Intake boot torn, replaced boot', 'replaced', 'intake boot', 'cracked'),
  d('MAP sensor was not at fault; repaired high resistance in ground', 'repaired', null, 'high resistance'),
  d('Replaced throttle body and carried out basic setting', 'replaced', 'throttle body'),
  d('Throttle body carboned up, cleaned, adaptation done', 'cleaned', 'throttle body', 'contaminated'),
  d('Replaced engine', 'replaced'),
  d('fitted recon gearbox', 'replaced', 'gearbox'),
  d('Starter motor replaced under warranty', 'replaced', 'starter motor'),
  d('starter u/s. fitted exchange unit', 'replaced', 'starter motor'),
  d('Bled brakes', 'other'),
  d('flushed brake fluid', 'replaced', 'brake fluid'),
  d('Replaced both rear brake calipers (seized) + pads', 'replaced', 'brake caliper', 'seized'),
  d('OSF caliper sticking. New caliper, hose, pads', 'replaced', 'brake caliper', 'sticking'),
  d('repaired open circuit in door loom LH, window ok', 'repaired', 'door harness', 'open circuit'),
  d('wires broken in rubber boot of driver door', 'other', null, 'open circuit'),
  d('Fuse 27 blown, short in tow bar wiring, insulated', 'repaired', 'wiring harness', 'short to ground'),
  d('blown fuse replaced, cause not found', 'replaced', 'fuse'),
  d('gereinigt Drosselklappe', 'cleaned'),
  d('Drosselklappe ersetzt und angelernt', 'replaced'),
  d('exchange of the injector no. 4 because of leakage', 'replaced', 'fuel injector', 'leaking'),
  d('has been changed the thermostat, was hanging open', 'replaced', 'thermostat', 'stuck open'),
  d(
    'injector nr 1 too much return flow, new one built in + coded',
    'replaced',
    'fuel injector',
    'leaking internally',
  ),
  d('the glow plugs 2 and 3 defect, all 4 new', 'replaced', 'glow plug'),
  d(
    'HP pump worn, swarf in system. Replaced pump, rail, injectors, flushed tank',
    'replaced',
    'high-pressure fuel pump',
    'worn',
  ),
  d('Found metal in fuel filter, needs pump and injectors. Car scrapped.', ''),
  d('Sensor replaced', 'replaced'),
  d('replaced faulty sensor', 'replaced'),
  d('replaced temp sensor', 'replaced'),
  d('Replaced coolant temp sensor', 'replaced', 'coolant temperature sensor'),
  d('Replaced cam sensor, no change. Replaced crank sensor, fixed.', 'replaced', 'crankshaft sensor'),
  d(
    'replaced maf no change, found boost leak at intercooler, replaced intercooler',
    'replaced',
    'charge-air cooler',
    'leaking',
  ),
  d('Steering angle sensor calibration', 'relearned', 'steering angle sensor', 'not relearned'),
  d('Window regulator coded / initialised', 'relearned', 'window regulator', 'not relearned'),
  d('reset service light', 'other'),
  d('Codes cleared only', ''),
  d('tyre pressures corrected, TPMS relearned', 'relearned'),
  d('Replaced 1 x tpms sensor, battery flat', 'replaced', 'tyre pressure sensor', 'discharged'),
  d('Cleaned battery terminals, loose', 'cleaned', 'battery terminal', 'loose'),
  d('tightened loose battery clamp', 'repaired', 'battery terminal', 'loose'),
  d('clutch worn out. replaced clutch kit, dmf, release bearing', 'replaced', 'clutch disc', 'worn'),
  d('Gearbox oil + filter change, adaptation reset', 'replaced', 'transmission oil'),
  d('removed aftermarket alarm, fault gone', 'repaired', 'added equipment'),
  d(
    'disconnected tracker, drain gone from 400 mA to 20 mA',
    'repaired',
    'added equipment',
    'draws current when off',
  ),
  d('Replaced ABS pump unit & bled', 'replaced', 'hydraulic control unit'),
  d('ABS ring cracked, new driveshaft fitted', 'replaced', 'wheel speed ring', 'cracked'),
  d('purge valve stuck open, new valve', 'replaced', 'purge valve', 'stuck open'),
  d('Smoke tested evap: filler cap seal leaking. New cap.', 'replaced', 'fuel cap', 'leaking'),
  d('changed the fuel pump, was no pressure', 'replaced', 'fuel pump', 'low output'),
  d('low fuel pressure. tank pump weak -> pump new', 'replaced', 'fuel pump', 'low output'),
];

export const untouched = <T>(list: readonly T[]): T[] => list.filter((_, i) => i % 2 === 1);
export const mended = <T>(list: readonly T[]): T[] => list.filter((_, i) => i % 2 === 0);
