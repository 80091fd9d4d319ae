import { waysByGrammar } from './grammar';
import { SYMPTOM_NAMES, type SymptomName } from './names';
import { WAYS_BY_LIKENESS } from './ways-by-likeness';
import { WAYS_IN_SHORT } from './ways-in-short';
import { WAYS_OF_RARER } from './ways-of-rarer';
import { WAYS_OF_STRANGERS } from './ways-of-strangers';
import { WAYS_OF_THE_FORECOURT } from './ways-of-the-forecourt';
import { WAYS_OF_THE_SELDOM } from './ways-of-the-seldom';
import { WAYS_OF_THE_COUNTER } from './ways-of-the-counter';
import { WAYS_TO_SAY } from './ways-to-say';

/** A symptom with the ways customers and technicians say it. */
export interface SymptomConcept extends SymptomName {
  says: string[];
  /** Ways that follow a pattern; where one is said of another symptom by hand, that stands. */
  patterned: string[];
}

/**
 * One line a concept: id | ways to say it, separated by semicolons; the names stand in `names.ts`. Words of the trade and of
 * customers on both sides of the Atlantic. Common practice, no source.
 */
const WAYS = `
no-crank | no crank; won't crank; does not turn over; doesn't turn over; will not turn over; starter does nothing; nothing when key turned; dead when turning key; just clicks; clicks but won't turn; single click; starter does not engage
no-start | no start; won't start; will not start; does not start; doesn't start; cranks but won't fire; cranks no start; turns over but won't start; winds over but won't fire; winds over without firing; spins over but does not catch; cranks over no fire; failure to start; non starter; refuses to start
hard-start | hard start; hard to start; long crank; long cranking; extended crank; takes ages to start; cranks for ages; cranks a long time; turns over for ages; cranks forever; slow to start; difficult to start; needs several attempts; starts after several tries; starts eventually; reluctant to start
slow-crank | slow crank; cranks slowly; turns over slowly; sluggish starter; labours to crank; laboured cranking
start-stall | starts then dies; starts and dies; starts and stalls; fires and dies; starts then cuts out; starts for a second; dies right after starting
starter-grind | starter grinds; grinding on start; starter whirrs; starter spins free; starter free wheels; grinding when starting
immobilised | immobiliser light; immobiliser active; immobiliser fault; immobilizer light; immobilizer active; immobiliser blocks; key not recognised; key not recognized; security light; theft light; anti theft; key not detected
kick-back | kicks back; kickback; backfires on cranking
stall | stalls; stalling; stalled; cuts out; cut out; cutting out; engine dies; engine dies at the lights; conks out; dies while driving; shuts off; shuts down while driving; switches itself off; engine quits
rough-idle | rough idle; shakes at the lights; shakes at standstill; shakes when stopped; shivers at idle; trembles at idle; judders at idle; idles rough; rough at idle; lumpy idle; shakes at idle; uneven idle; idle not smooth; lopes; hunting and shaking; runs rough at idle; vibrates at idle
hunting-idle | hunting idle; idle hunts; idle surges; idle goes up and down; revs up and down; idle fluctuates; wandering idle
high-idle | high idle; idles high; idle too high; revs stay up; hanging idle; idle hangs; revs hang
low-idle | low idle; idles too low; idle too low; idle drops
misfire | misfire; misfires; misfiring; engine miss; running on three cylinders; runs on three; running on two; cylinder dropping; popping; spluttering; sputters; spits
hesitation | hesitates; hesitation; flat spot; stumbles; stumble; bogs down; bogs; holds back; falls on its face; pulls away badly
jerking | jerks; jerking; bucks; bucking; kangaroos; jerky; shunting; juddering drive; stutters
no-power | no power; lack of power; loss of power; low power; lacks power; down on power; sluggish; gutless; slow to accelerate; won't pull; does not pull; pulls poorly; weak acceleration; poor acceleration; lost power
limp | limp mode; limp home; limp; reduced power; reduced engine power; emergency running; failsafe; safe mode; power reduced; won't rev over 3000
no-rev | won't rev; does not rev; won't rev up; no throttle response; no response to pedal; accelerator does nothing; pedal dead
surge | surging; surges; surge at speed; speed varies by itself; pulses at cruise
runaway | runs away; revs by itself; revs on its own; unintended acceleration; engine races
run-on | dieseling after switching off; keeps running with key off; won't shut off; engine will not stop
backfire | backfire; backfires; bangs in exhaust; pops in intake; pops on overrun; shoots in the exhaust
knock | knocking; pinging; pinking; detonation; spark knock; rattles under load
engine-noise | ticking; tapping; engine rattle; chain rattle; rattles on start up; tappet noise; rod knock; lifter tick; engine noise; noisy engine
whistle | whistle; whistling; hissing; hiss; air noise under bonnet; sucking noise; turbo whine; siren noise
belt-squeal | belt squeals; belt squeal; squealing belt; fan belt squeals; squeals on cold mornings; squeals when cold; squeals from the front on start up; chirping belt
fuel-use | high fuel consumption; fuel consumption up; poor mileage; poor mpg; drinks petrol; thirsty; bad fuel economy; uses too much fuel
fuel-smell | fuel smell; smells of petrol; petrol smell; gas smell; smell of gasoline; smells of fuel; diesel smell
rich-smell | rich smell; exhaust smells; runs rich; eggy smell; rotten egg; sulphur smell; sulfur smell
refuel-trouble | won't start after refuelling; pump clicks off; hard to fill; difficult to fill; nozzle clicks off; tank will not fill
turbo-overboost | overboost; boost too high
engine-vibration | vibrates at certain revs; vibrates around 2000 rpm
crankcase | crankcase pressure; blow by; dipstick pops out
black-smoke | black smoke; sooty exhaust; sooty; smokes black; black soot
blue-smoke | blue smoke; burns oil smoke; smokes blue; oil smoke
white-smoke | white smoke; steam from exhaust; smokes white; white exhaust; clouds of white
oil-use | uses oil; burns oil; oil consumption; loses oil; low oil; needs topping up with oil
oil-leak | oil leak; leaks oil; oil on drive; oil spots; drips oil
oil-level-rise | oil level rising; oil level too high; oil level rises; makes oil; oil diluted; fuel in oil; diesel in oil
oil-pressure-low | low oil pressure; oil light; oil pressure warning; oil lamp flickers
regen-often | regenerates too often; constant regen; regeneration fails; won't regen; filter full; soot filter full; filter blocked; dpf full; dpf light; particle filter light
adblue-warning | adblue warning; urea warning; def warning; start prevented in; countdown to no start; scr fault message; exhaust fluid warning
overheat | overheats; overheating; runs hot; temperature gauge high; temp needle in red; boils over; boiling; gets too hot; overheated
coolant-loss | loses coolant; coolant loss; losing water; low coolant; needs topping up with water; uses coolant; using coolant; goes through coolant; drinks water
coolant-leak | coolant leak; water leak from engine; antifreeze on floor; drips coolant; puddle of coolant
runs-cold | runs cold; does not warm up; never gets warm; slow to warm up; temperature gauge low; takes ages to warm up
fan-always | fan always on; fan runs constantly; fan stays on; fan at full speed
fan-never | fan does not run; fan not working; fan doesn't come on; fan never comes on
no-heat | no heat; heater cold; heater blows cold; no cabin heat; heater not working
coolant-pressure | hoses hard; rock hard hoses; bubbles in expansion tank; bubbles in coolant; pressurises coolant; pushes coolant out
temp-gauge | temperature gauge jumps; shows minus 40
coolant-smell | smells of coolant; smells of antifreeze; sweet smell
battery-drain | battery drain; battery goes flat; flat battery; dead battery; battery dies overnight; parasitic draw; drains battery; discharges overnight; flat after standing; dead after sitting
no-charge | not charging; does not charge; no charge; charging light; battery light on; alternator light; charge lamp; battery lamp
over-charge | overcharging; charges too much; high charging voltage; battery boils
lights-flicker | lights flicker; flickering lights; lights dim; headlights pulse; dims at idle; lights go bright and dim
lights-out | lights not working; headlight out; no headlights; tail lights out
instruments-dead | cluster dead; dash goes dead; gauges drop; instruments go off; gauges die; dash lights up like a christmas tree; all warning lights; all lights on
wipers | wipers do not work; wipers come on by themselves; wipers stop; wipers won't park
windows-locks | window does not work; window won't go up; central locking does not work; central locking plays up; doors lock by themselves; doors unlock by themselves; locks not working
horn | horn does not work; horn sounds by itself; no horn
fuse-blows | fuse blows; blows fuses; keeps blowing fuse; fuse pops
burning-smell | burning smell; smells burnt; smell of burning plastic; electrical smell; hot smell; smoke from dash
water-inside | wet carpet; water inside; water in footwell; damp inside; leaks when it rains
no-communication | no communication; scanner won't connect; cannot connect to module; module not answering; no comms; scan tool will not communicate; can't communicate
radio-display | radio dead; screen black; screen freezes; display goes blank; radio cuts out
alarm | alarm goes off; alarm sounds by itself; false alarms
key-remote | remote does not work; fob does not work; keyless not working; key fob dead; won't unlock with remote
fuel-gauge | fuel gauge wrong; fuel gauge stuck; fuel gauge shows empty
trailer | trailer lights not working; towing socket dead; trailer socket dead
speed-signal | speedo not working; speedometer dead; speedo dead; speedo drops to zero; speedometer jumps; speedo bounces; speedometer reads wrong
no-drive | no drive; won't move; does not move; no forward; no reverse; no gear engagement; engine revs but car does not move
slipping | slips; slipping; clutch slips; revs rise but speed does not; flares between gears; flare on shift; revs flare
harsh-shift | harsh shift; hard shift; bangs into gear; jerky shift; clunks into gear; thumps into gear; jolts when shifting; kicks into gear
no-shift | stuck in gear; stuck in third; won't shift; does not change gear; won't change gear; stays in second; no upshift; will not shift up
hard-gear | hard to get into gear; difficult to shift; crunches; grinds into gear; gear crunch; stiff gear lever; won't go into gear; can't select gear
judder-off | judder pulling away; judders when pulling away; judder on take off; shudder on take off; clutch judder; shudders from standstill
tcc-shudder | shudder at cruise; shudders at 80; rumble strip feel; vibrates lightly at steady speed
driveline-noise | whining gearbox; gearbox noise; diff whine; transmission whine; clunk on take up; clunk in driveline; howling axle; hum from gearbox
drive-vibration | vibration at speed; vibrates at speed; shakes at 100; vibration when driving; shimmy; vibration under acceleration
clutch-pedal | clutch pedal stays down; clutch pedal soft; clutch pedal sinks; clutch won't release; clutch drags; heavy clutch
awd-fault | four wheel drive fault; awd fault; 4wd not working; 4x4 light; won't engage 4wd; binds when turning
quickshift | jumps out of gear; pops out of gear; falls out of gear; false neutral
clutch-noise | noise when pressing the clutch; release bearing noise
pto | pto does not engage; power take off does not engage
brake-warning | abs light; abs lamp; esp light; traction light; stability control light; traction control light; brake warning; skid light
abs-false | abs kicks in; abs activates; pedal pulses at low speed; traction control cuts in; brakes grab by themselves; abs cuts in on dry road; brakes by itself
soft-pedal | soft pedal; spongy pedal; pedal goes to floor; long pedal; pedal sinks; brake pedal low
hard-pedal | hard brake pedal; no brake assist; no servo; brakes hard to press; heavy brake pedal
brake-pull | pulls when braking; pulls to one side when braking; veers under braking
brake-noise | brakes squeal; squealing brakes; grinding brakes; brake squeak; brakes grind; scraping brakes
brake-judder | brake judder; steering shakes when braking; pedal pulsates; judders when braking; warped discs; warped rotors
brake-drag | brakes bind; brake dragging; hot wheel; wheel gets hot; brake sticks; brakes stay on; smell of hot brakes; car held back
parking-brake | handbrake does not hold; handbrake stuck; handbrake light; parking brake fault; park brake won't release; parking brake stuck; epb fault; emergency brake does not hold
engine-brake | engine brake does not work; retarder not working
steer-heavy | heavy steering; no power steering; steering stiff; hard to steer; steering goes heavy; loss of power steering
steer-pull | pulls to one side; pulls left; pulls right; drifts; wanders; does not track straight
steer-play | loose steering; play in steering; vague steering; steering clunk
suspension-noise | clunk over bumps; knocks over bumps; clonk front; rattle over bumps; suspension noise; creaks; squeaks over bumps; thud over bumps
ride-height | sits low; rear sags; leans to one side; air suspension low; drops overnight; suspension down; level control fault; one corner low; sags overnight; sags when parked; squats at the back
wheel-noise | hum at speed; droning; humming; growl at speed; rumbling noise; roaring noise with speed
tyre-wear | uneven tyre wear; tire wear; wears inside; feathered tyres
tyre-warning | tyre pressure light; tire pressure light; tpms light; tpms warning; tpms fault; tyre warning
steer-noise | whine when steering; groans when steering; steering pump noise
weave | handlebars wobble; weaves at speed; tank slapper
hydraulics | hydraulics slow; lift does not lift; boom drops; hydraulics weak
stand-cut | cuts out in gear; dies when put in gear; dies when the side stand is up
ac-warm | a/c not cold; ac not cold; air con not working; ac blows warm; no cooling; air conditioning warm; a/c warm; aircon warm
ac-cycles | compressor cycles; ac cuts in and out; a/c cycles; cools then stops
blower | blower not working; fan only works on full; no air from vents; blower stuck; blower noise; only blows on 4
airflow-wrong | wrong vents; air to feet only; flap clicks; clicking behind dash; one side hot; one side cold
airbag-light | airbag light; srs light; airbag lamp; srs warning; airbag warning
seat-belt | seat belt warning; seatbelt chime; belt light
door-body | tailgate won't open; boot won't open; door won't open; sliding door won't open; sliding door stuck; trunk won't open
rattle-body | body rattle; trim rattle; squeak in dash
start-stop | start stop not working; stop start inactive; auto stop does not work
cruise | cruise control does not work; cruise control drops out; cruise control fault; cruise won't set; cruise drops out
camera-sensor | parking sensor fault; parking sensor beeps; camera fault; lane assist fault; lane assist off; blind spot fault; blind spot warning; collision warning; radar fault; assist unavailable; distance control
fog-inside | windows fog up; windscreen mists
ac-smell | air con smells; musty smell from the vents
hv-warning | hybrid warning; hybrid system warning; hybrid system fault; check hybrid; hv battery fault; traction battery warning; ev system fault; drive battery warning
not-ready | won't go ready; no ready light; does not go to ready; ready lamp stays off
no-charging-plug | won't charge from the plug; charging stops; does not charge at plug; charge flap; charger error; wallbox stops
range-short | range short; short range; loses range; electric range dropped
no-electric | engine runs all the time; no electric mode; won't run on battery; petrol engine always on
insulation | isolation fault; insulation fault; leakage detected; earth fault high voltage
engine-lamp | check engine light; engine light; engine management light; mil on; engine lamp; cel; eml; amber engine light
suspension-lamp | suspension light; suspension warning; vehicle too low message; chassis warning
steering-lamp | steering light; eps light; power steering light; steering warning
transmission-lamp | transmission light; gearbox warning; gear light flashes; drive light flashes; transmission fault stop safely
coolant-lamp | coolant light; temperature light; coolant warning light; low coolant light
lamp-flashes | check engine light flashes; engine light flashes; check engine flashing; flashing engine light; mil flashes
emission-test | failed emissions; failed emission test; failed smog; high co; high hydrocarbons; inspection failed; failed inspection; lambda out of range
glow-lamp | glow plug light; glow light flashing; preheat light; coil light
evap-smell | fuel cap message; tank hisses; tank sucks in
exhaust-noise | exhaust blows; exhaust leak; loud exhaust; blowing exhaust; exhaust noise; tractor noise
exhaust-fumes | fumes inside; exhaust smell inside; fumes in the cabin
`;

const list = (says: string): string[] => says.split(';').map((s) => s.trim());
const ways = new Map<string, string[]>();
for (const row of [
  WAYS,
  WAYS_OF_RARER,
  WAYS_TO_SAY,
  WAYS_OF_STRANGERS,
  WAYS_OF_THE_COUNTER,
  WAYS_BY_LIKENESS,
  WAYS_OF_THE_SELDOM,
  WAYS_OF_THE_FORECOURT,
  WAYS_IN_SHORT,
].flatMap((t) => t.trim().split('\n'))) {
  const [id = '', says = ''] = row.split('|');
  ways.set(id.trim(), [...(ways.get(id.trim()) ?? []), ...list(says)]);
}

const patterned = waysByGrammar();

/** The vocabulary the product ships with; a shop adds its own words to it. */
export const SYMPTOMS: readonly SymptomConcept[] = SYMPTOM_NAMES.map((name) => ({
  ...name,
  says: [...new Set([name.label, ...(ways.get(name.id) ?? [])])],
  patterned: patterned.get(name.id) ?? [],
}));
