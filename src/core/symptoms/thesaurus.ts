/**
 * Words that mean the same thing when people talk about vehicles, on both sides of the Atlantic and
 * in the customer's mouth as in the technician's. The first of each row stands for all of them when a
 * sentence is held against the vocabulary, so that one phrase there is met in many wordings.
 * Common practice, no source.
 */
export const SAME_WORDS = `
shake: shiver tremble wobble shimmy vibrate vibration rattle-shake jiggle
judder: shudder shuddering
jerk: buck lurch kangaroo jolt hop
stall: conk
noise: sound racket din
squeal: screech squeak shriek chirp
grind: graunch scrape scraping
clunk: clonk thud thump bang
rattle: clatter jingle tinny
whine: howl moan wail
hum: drone roar growl rumble boom
hiss: hissing swoosh whoosh whistle
click: clack
tick: tap tappet
smell: stink odour odor reek whiff pong
petrol: gasoline fuel gas
diesel: derv
lamp: light warning telltale indicator-lamp symbol icon
flash: blink flashing flicker
gearbox: transmission trans gearchange
gear: gears cog
pedal: paddle
accelerator: throttle
bonnet: hood
boot: trunk tailgate hatch liftgate
tyre: tire tyres tires
motorway: highway freeway autobahn interstate
petrol-station: forecourt
car: vehicle van truck lorry pickup automobile
engine: motor
ages: forever eternity
slow: sluggish lazy lethargic
weak: feeble
power: poke oomph grunt
smoke: smoking fumes cloud
coolant: antifreeze
leak: drip seep weep dribble
lose: lost losing loss
temperature: temp
gauge: needle dial
dash: dashboard cluster binnacle instrument
steer: steering wheel-steer
brake: brakes braking
disc: rotor disk
heater: heating demister
cold: chilly
ac: aircon aircondition air-conditioning climate
compressor: pump-ac
drain: discharge flatten
charge: recharge
crank: cranking
start: fire catch fires fired firing
rev: rpm revs
idle: tickover idling
hesitate: hesitation falter dither
jump: leap
leave: left
pull: veer drift tug
stiff: heavy
intermittent: occasional sporadic
refuel: refuelling refueling fill tank-up
screen: display monitor touchscreen infotainment
remote: fob keyfob
door: doors
window: windows glass
blower: fan-heater
suspension: damper shock strut
bump: pothole hump policeman kerb ramp cobble
corner: bend roundabout curve
stuck: jam jammed stick seize seized
dead: lifeless kaput
slip: slipping
shift: change
upshift: shift-up
`
  .trim()
  .split('\n')
  .map((row) => {
    const [first, rest] = row.split(':');
    return [first!.trim(), ...rest!.trim().split(' ')];
  });

/** Word groups that stand for one word, as they are said next to each other. */
export const WORD_GROUPS: readonly (readonly [string, string])[] = [
  ['turn over', 'crank'],
  ['spin over', 'crank'],
  ['wind over', 'crank'],
  ['cut out', 'stall'],
  ['cut off', 'stall'],
  ['give out', 'stall'],
  ['give up', 'stall'],
  ['switch itself off', 'stall'],
  ['go off', 'stall-off'],
  ['tick over', 'idle'],
  ['traffic light', 'traffic-stop'],
  ['red light', 'traffic-stop'],
  ['stop light', 'traffic-stop'],
  ['fire up', 'start'],
  ['start up', 'start'],
  ['come to life', 'start'],
  ['gas pedal', 'accelerator'],
  ['right foot', 'accelerator'],
  ['loud pedal', 'accelerator'],
  ['put foot down', 'accelerat'],
  ['step on it', 'accelerat'],
  ['floor it', 'accelerat'],
  ['pick up speed', 'accelerat'],
  ['air con', 'ac'],
  ['p s', 'steer'],
  ['air condition', 'ac'],
  ['air conditioner', 'ac'],
  ['a c', 'ac'],
  ['steer wheel', 'steer'],
  ['gear box', 'gearbox'],
  ['hand brake', 'handbrake'],
  ['park brake', 'handbrake'],
  ['emergency brake', 'handbrake'],
  ['check engine', 'check-engine'],
  ['head gasket', 'head-gasket'],
  ['pull away', 'pull-away'],
  ['set off', 'pull-away'],
  ['move off', 'pull-away'],
  ['take off', 'pull-away'],
  ['drive off', 'pull-away'],
  ['slow down', 'decelerat'],
  ['lift off', 'decelerat'],
  ['let off gas', 'decelerat'],
  ['rotten egg', 'sulphur'],
  ['bad egg', 'sulphur'],
];
