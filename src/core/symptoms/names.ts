/** What a symptom is called; the ways people say it stand in `vocabulary.ts`, which few pages need. */
export interface SymptomName {
  id: string;
  label: string;
  /** The part of the vehicle it points at, for grouping. */
  area: string;
}

/** By area, one line a symptom: id | label. Words of the trade. Common practice, no source. */
const NAMES: Record<string, string> = {
  starting: `
no-crank | does not crank
no-start | cranks but does not start
hard-start | hard to start
slow-crank | cranks slowly
start-stall | starts and dies
starter-grind | starter grinds or whirrs
immobilised | immobiliser blocks the start
kick-back | kicks back on cranking
starter-runs-on | starter keeps running
flooded | floods on starting
key-stuck | key does not turn or come out`,
  running: `
stall | stalls
rough-idle | rough idle
hunting-idle | idle hunts up and down
high-idle | idle too high
low-idle | idle too low
misfire | misfires
hesitation | hesitates on acceleration
jerking | jerks or bucks
no-power | lack of power
limp | in limp mode
no-rev | does not rev up
surge | surges at steady speed
runaway | revs by itself
run-on | runs on after switching off
backfire | backfires
knock | knocks or pings
engine-noise | engine noise
whistle | whistles or hisses
belt-squeal | belt squeals
fuel-use | uses too much fuel
fuel-smell | smells of fuel
rich-smell | exhaust smells or is rich
refuel-trouble | trouble after refuelling
turbo-overboost | boosts too much
engine-vibration | vibrates at certain revs
crankcase | too much crankcase pressure
throttle-sticks | accelerator sticks
rev-limit | cuts at high revs
fuel-leak | leaks fuel
air-in-fuel | air in the fuel line
water-in-fuel | water-in-fuel lamp
pump-noise | fuel pump noisy
exhaust-temp | exhaust too hot`,
  smoke: `
black-smoke | black smoke
blue-smoke | blue smoke
white-smoke | white smoke
oil-use | uses oil
oil-leak | leaks oil
oil-level-rise | oil level rises
oil-pressure-low | low oil pressure
regen-often | regenerates too often or not at all
adblue-warning | urea system warning
smoke-engine-bay | smoke from under the bonnet
oil-cap-sludge | oil and coolant mixed
particle-number | failed the particle test`,
  cooling: `
overheat | overheats
coolant-loss | loses coolant
coolant-leak | coolant leak
runs-cold | does not warm up
fan-always | cooling fan always on
fan-never | cooling fan does not run
no-heat | heater blows cold
coolant-pressure | coolant hoses rock hard
temp-gauge | temperature reading wrong
coolant-smell | smells of coolant
heater-noise | gurgles behind the dash
fan-noise | cooling fan noisy
coolant-mixed | coolant dirty or frozen`,
  electrical: `
battery-drain | battery goes flat
no-charge | does not charge
over-charge | overcharges
lights-flicker | lights flicker or dim
lights-out | lights do not work
instruments-dead | instruments drop out
wipers | wipers misbehave
windows-locks | windows or locks misbehave
horn | horn trouble
fuse-blows | fuse keeps blowing
burning-smell | smells of burning
water-inside | water inside
no-communication | no communication with a module
radio-display | radio or screen misbehaves
alarm | alarm goes off
key-remote | remote or key trouble
fuel-gauge | fuel gauge wrong
trailer | trailer or towing electrics
speed-signal | speedometer erratic
brake-lights | brake lights wrong
mirrors | mirror misbehaves
sunroof | sunroof misbehaves
washers | washers do not spray
rear-demister | rear window heater does not work
seat-heater | seat heater does not work
seat-adjust | seat does not move
interior-light | interior light wrong
power-socket | socket in the car dead
headlamp-aim | headlamps aim wrong
lamp-moisture | lamp misted inside
relay-chatter | relay clicks by itself
memory-lost | clock or settings lost
audio-whine | noise in the speakers
odometer | mileage display wrong
fuel-flap | fuel flap stuck
indicators | indicators misbehave
light-by-itself | lights come on by themselves
display-pixels | display shows missing pixels
rodents | animals have bitten cables
battery-hot | battery hot, swollen or smells`,
  transmission: `
no-drive | no drive
slipping | transmission or clutch slips
harsh-shift | shifts harshly
no-shift | does not shift
hard-gear | hard to engage gear
judder-off | judders when pulling away
tcc-shudder | shudders at steady speed
driveline-noise | drivetrain noise
drive-vibration | vibrates when driving
clutch-pedal | clutch pedal wrong
awd-fault | four-wheel drive fault
quickshift | motorcycle falls out of gear
clutch-noise | noise with the clutch pressed
pto | power take-off trouble
shifter-locked | selector locked
gear-display | gear display wrong
delayed-engage | engages late
gearbox-leak | gearbox leaks
gearbox-hot | gearbox too hot
clutch-smell | clutch smells
coasting-jerk | jerks when lifting off
shaft-click | clicks when turning under power
chain-noise | drive chain noisy or jumps`,
  brakes: `
brake-warning | brake or stability lamp
abs-false | stability control works when it should not
soft-pedal | soft brake pedal
hard-pedal | hard brake pedal
brake-pull | pulls when braking
brake-noise | brake noise
brake-judder | brakes judder
brake-drag | brakes drag or bind
parking-brake | parking brake trouble
engine-brake | engine brake or retarder does not work
brake-fluid-low | brake fluid lamp or loss
pad-lamp | brake pad lamp
brake-long | brakes poorly
abs-noise | abs unit noisy
wheel-locks | wheel locks up
trailer-brakes | trailer brakes wrong
air-brake | air brake pressure wrong
parking-noise | parking brake motor noisy`,
  chassis: `
steer-heavy | steering heavy
steer-pull | pulls to one side
steer-play | steering loose
suspension-noise | suspension noise
ride-height | sits low or uneven
wheel-noise | wheel or bearing noise
tyre-wear | tyres wear unevenly
tyre-warning | tyre pressure warning
steer-noise | noise when steering
weave | weaves or wobbles at the bars
hydraulics | hydraulics slow or weak
stand-cut | cuts out when put in gear
wheel-off-centre | steering wheel off centre
steer-return | steering does not return
steer-leak | steering fluid lost
damper-leak | shock absorber leaks or bounces
tyre-pressure-loss | tyre loses air
fork-leak | fork leaks
ride-hard | rides hard
air-compressor-runs | suspension compressor runs on`,
  comfort: `
ac-warm | air conditioning blows warm
ac-cycles | air conditioning cycles on and off
blower | blower trouble
airflow-wrong | air comes out of the wrong vents
airbag-light | airbag lamp on
seat-belt | seat or belt warning
door-body | door or tailgate trouble
rattle-body | body rattles
start-stop | stop-start does not work
cruise | cruise control does not work
camera-sensor | driver assistance fault
fog-inside | windows fog up
ac-smell | air conditioning smells
ac-noise | air conditioning noisy
ac-water | water from the air conditioning
heater-only-hot | heater always hot
auxiliary-heater | auxiliary heater does not work
wind-noise | wind noise
door-warning | door-open warning wrong`,
  hybrid: `
hv-warning | hybrid or drive battery warning
not-ready | does not go ready
no-charging-plug | does not charge from the plug
range-short | range too short
no-electric | engine never stops
insulation | insulation fault
hv-battery-fan | drive battery fan loud
regen-brake | no energy recovered
charge-slow | charges slowly
ev-limit | drive power limited
plug-stuck | charge plug stuck`,
  emissions: `
engine-lamp | engine light on
suspension-lamp | suspension lamp
steering-lamp | steering lamp
transmission-lamp | transmission lamp
coolant-lamp | coolant or temperature lamp
lamp-flashes | engine light flashes
emission-test | failed the emission test
glow-lamp | glow plug lamp
evap-smell | tank vents or fuel cap message
exhaust-noise | exhaust noise or leak
exhaust-fumes | fumes inside
oil-service-lamp | service or oil level lamp
def-leak | urea leaks or crystals
egr-smell | engine smells of exhaust`,
};

/** Every symptom that has a name, in the order of their areas. */
export const SYMPTOM_NAMES: readonly SymptomName[] = Object.entries(NAMES).flatMap(([area, block]) =>
  block
    .trim()
    .split('\n')
    .map((row) => {
      const [id = '', label = ''] = row.split('|').map((p) => p.trim());
      return { id, label, area };
    }),
);

const byId = new Map(SYMPTOM_NAMES.map((s) => [s.id, s]));

/** Looks a symptom up by its id; undefined when it is not in the vocabulary. */
export function symptomById(id: string): SymptomName | undefined {
  return byId.get(id);
}
