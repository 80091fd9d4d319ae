/** A circumstance under which a symptom shows, with the ways people say it. */
export interface ConditionConcept {
  id: string;
  label: string;
  says: string[];
}

const TABLE = `
cold-start | cold start | cold start; cold; from cold; when cold; first start; first thing in the morning; cold mornings; overnight; in the morning; after standing overnight; stone cold; engine cold
hot | hot | hot; when hot; when warm; once warm; after warming up; hot start; warm engine; at operating temperature; hot engine; warmed up; heat soaked; after a long drive
idle | at idle | at idle; idling; at standstill; at traffic lights; at the lights; when stopped; stationary; tick over; tickover
acceleration | accelerating | accelerating; under acceleration; on acceleration; pulling away; full throttle; when i put my foot down; on kickdown; at wide open throttle; hard acceleration
load | under load | under load; uphill; up hills; hills; towing; with a trailer; loaded; heavy load; climbing
cruise | at steady speed | steady speed; cruising; cruise; constant speed; motorway; highway; freeway; on the autobahn; at speed
decel | on the overrun | decelerating; coasting; on the overrun; lifting off; off throttle; slowing down; downhill
low-speed | at low speed | low speed; low revs; around town; in traffic; crawling; stop and go; parking
high-speed | at high speed | high speed; above 100; over 120; high revs
braking | braking | braking; when braking; on the brakes; applying brakes; brake applied
turning | turning | turning; in corners; cornering; full lock; on lock; steering; roundabout
bumps | over bumps | over bumps; bumpy road; rough road; potholes; cobbles; speed bumps; gravel
rain | rain or wet | rain; raining; wet; after rain; damp; humid; car wash; puddles; washing; in wet weather; fog
cold-weather | cold weather | cold weather; frost; freezing; winter; below zero; minus degrees
hot-weather | hot weather | hot weather; summer; hot day; hot days
after-repair | after a repair | after a repair; after the repair; since the service; after service; since it was repaired; since the garage; after the garage; since new
after-refuel | after refuelling | after refuelling; after refueling; after filling up; after tanking; fill up
low-fuel | fuel low | low fuel; tank nearly empty; quarter tank; almost empty
standing | after standing | after standing; after sitting; after a weekend; parked for days; standing for days; left for a few days
reverse | in reverse | in reverse; reversing; backing up
in-gear | in gear | in gear; in drive; engaging gear; selecting drive
ac-on | air conditioning on | ac on; a/c on; air con on; with the aircon on
lights-on | electrical load on | with lights on; headlights on; electrical load; everything switched on
key-on | key on | key on; ignition on; switching on
door-open | opening a door | opening the door; door opened; door open
after-short-stop | restart after a short stop | after a short stop; after ten minutes; after shopping; hot restart; restart; petrol station stop
`;

export const CONDITIONS: readonly ConditionConcept[] = TABLE.trim()
  .split('\n')
  .map((row) => {
    const [id, label, says] = row.split('|').map((p) => p.trim());
    return { id: id!, label: label!, says: [label!, ...says!.split(';').map((s) => s.trim())] };
  });

const byId = new Map(CONDITIONS.map((c) => [c.id, c]));

/** A condition's label by its id; the id itself when it is not in the list (a shop's own word). */
export function conditionLabel(id: string): string {
  return byId.get(id)?.label ?? id;
}

/** Warning lamps by the names they have in the trade. */
export const LAMPS = [
  'engine',
  'engine flashing',
  'glow plug',
  'oil pressure',
  'coolant',
  'charge',
  'brake',
  'ABS',
  'stability',
  'steering',
  'airbag',
  'tyre pressure',
  'immobiliser',
  'particle filter',
  'urea',
  'hybrid system',
  'transmission',
  'suspension',
] as const;
