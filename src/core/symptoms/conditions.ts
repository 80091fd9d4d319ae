/** A circumstance under which a symptom shows, with the ways people say it. */
export interface ConditionConcept {
  id: string;
  label: string;
  says: string[];
}

const TABLE = `
cold-start | cold start | cold start; cold; from cold; when cold; first start; first thing in the morning; first thing; cold mornings; in the morning; stone cold; engine cold; early morning; after a cold night; before it warms up; while it is cold; still cold; until warm; until it warms up; first few minutes; from a cold engine; on a cold engine
hot | hot | hot; when hot; when warm; once warm; after warming up; hot start; warm engine; at operating temperature; hot engine; warmed up; heat soaked; after a long drive; after twenty minutes; after half an hour; once it is warm; fully warm; up to temperature; when it has warmed up; after a long run; after a drive; after the motorway
idle | at idle | at idle; idling; at standstill; at traffic lights; at the lights; when stopped; stationary; tick over; tickover; at a junction; waiting at lights; standing still; standing at lights; not moving; at a stop; when standing; in neutral; engine idling; at a red light; in a queue; at the level crossing
acceleration | accelerating | accelerating; under acceleration; on acceleration; pulling away; full throttle; when i put my foot down; on kickdown; at wide open throttle; hard acceleration; accelerates; when accelerating; putting my foot down; foot down; overtaking; flooring it; joining the motorway; when speeding up; opening the throttle; opening it up; on the throttle; kickdown; getting up to speed; pedal to the metal
load | under load | under load; uphill; up hills; hills; towing; with a trailer; loaded; heavy load; when climbing; while climbing; climbing a hill; climbing hills; on climbs; on a climb; on long climbs; with a load; pulling a caravan; caravan; steep; on inclines; incline; gradient; up a slope; mountain; full car; fully loaded; working hard; trailer behind
cruise | at steady speed | steady speed; cruising; cruise; constant speed; motorway; highway; freeway; on the autobahn; at speed; same speed; constant throttle; at 50; at 60; at 70; holding speed; open road; steady throttle; driving along; dual carriageway; trunk road
decel | on the overrun | decelerating; coasting; on the overrun; lifting off; off throttle; slowing down; downhill; letting off; coming to a stop; foot off; off the gas pedal; engine braking; rolling to a stop; rolling up to lights; lets off; going downhill
low-speed | at low speed | low speed; low revs; around town; in traffic; crawling; stop and go; when parking; while parking; in a jam; walking pace; slow speed; slow traffic; traffic jam; in town; city traffic; manoeuvring; below 30; car park speed
high-speed | at high speed | high speed; above 100; over 120; high revs; at 120; at 130; above 70; fast driving; flat out; top speed; above 3000 rpm; high rpm; over 80
braking | braking | braking; when braking; on the brakes; applying brakes; brake applied; slowing with the brakes; pressing the brake; foot on the brake; hard braking; gentle braking; stepping on the brakes; brakes on; emergency stop
turning | turning | turning; in corners; cornering; full lock; on lock; on full left lock; on full right lock; on left lock; on right lock; steering; roundabout; turning left; turning right; left hand bends; right hand bends; in bends; bends; when steering; turning the wheel; tight turns; u turn; lock to lock; curves; corners
bumps | over bumps | over bumps; bumpy road; rough road; potholes; cobbles; speed bumps; gravel; over potholes; uneven road; kerb; dirt road; rough surface; railway crossing; railroad tracks; train tracks; tram tracks; expansion joints; humps; bad road; washboard
rain | rain or wet | rain; raining; wet; after rain; damp; humid; car wash; puddles; washing; in wet weather; fog; wet road; when wet; wet day; wet days; heavy rain; damp mornings; after washing; drizzle; flood; water on the road; moist; pressure washer; after the car wash
cold-weather | cold weather | cold weather; frost; freezing; winter; below zero; minus degrees; in the cold; frosty; icy; snow; sub zero; in winter; cold days; when it freezes; cold snap; minus ten
hot-weather | hot weather | hot weather; summer; hot day; hot days; heat wave; warm weather; in summer; very hot; warm days; hot afternoon
after-repair | after a repair | after a repair; after the repair; since the service; after service; since it was repaired; since the garage; after the garage; since new; since the repair; after work was done; since work was done; after they replaced; since they replaced; since the timing belt; since the clutch was done; after fitting; since fitting; after a service; since it was serviced; after the oil change; since the oil change; after an oil change; after the brake job; after replacing; since replacing; after changing; since i changed; after they changed; after they fitted; since the tune-up; after the tune-up; since it was at the shop; since it came back from the shop; after bodywork; since the accident; after the accident
after-refuel | after refuelling | after refuelling; after refueling; after filling up; after tanking; fill up; after refuel; after filling; after a fill up; after putting fuel in; after fuel stop; just filled up; after getting gas; after i got gas; after getting fuel; with a full tank; on a full tank
low-fuel | fuel low | low fuel; tank nearly empty; quarter tank; almost empty; low tank; quarter of a tank; nearly out of fuel; on reserve; below a quarter; less than a quarter; fuel gets low; tank gets low
standing | after standing | after standing; after sitting; after a weekend; parked for days; standing for days; left for a few days; after a few days; standing a week; parked a week; after two weeks; left standing; unused; not used for days; long parking; parked overnight; sat for a week; sat for days; overnight; after standing overnight; after the night; monday morning; every monday; on mondays; after holidays
reverse | in reverse | in reverse; reversing; backing up; backing out; when backing; while backing; going backwards; backwards; into reverse; when reversing
in-gear | in gear | in gear; in drive; engaging gear; selecting drive; put in gear; put into drive; into drive; selecting a gear; gear engaged; shift to drive
ac-on | air conditioning on | ac on; a/c on; air con on; with the aircon on; with the ac on; with air conditioning on; air con running; ac running; climate on; compressor comes on; compressor cuts in; compressor on; ac kicks in
lights-on | electrical load on | with lights on; headlights on; electrical load; everything switched on; with headlights on; with everything on; heater and lights on; rear window heater on; high electrical load; lights and wipers on
key-on | key on | key on; ignition on; switching on; turning the key on; ignition switched on; with ignition on
door-open | opening a door | opening the door; door opened; door open; open the door; opening doors; when getting in; when unlocking
after-short-stop | restart after a short stop | after a short stop; after shopping; hot restart; petrol station stop; after a quick stop; after stopping briefly; after five minutes off; warm restart; after the shops; stopped for ten minutes; short break; brief stop
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
