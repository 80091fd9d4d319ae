/**
 * Things of a vehicle that people complain of, and what each symptom is when a thing does something wrong: one line a
 * thing: what it is called | what it does: symptom; … The words of what it does stand in `doing.ts`; `any` is all that
 * only means "there is something wrong with it". "=word" is that very word (a brake light is a lamp on the dash,
 * brake lights are at the back). Words of the trade and of customers. Common practice, no source.
 */
export const THINGS = `
wiper; windscreen wiper; wiper blade | any: wipers
washer; washer jet; screen wash; windscreen washer; washer pump; washer nozzle | any: washers; no: washers
horn; hooter | any sounds noise: horn; no: horn
window; electric window; driver window; passenger window; side window | dead stuck alone slow stays moves: windows-locks; mists: fog-inside; whistles: wind-noise
windscreen; windshield | mists: fog-inside
central lock; door lock; lock; locks; central locking | any: windows-locks
door; back door; sliding door; side door; tailgate; boot; boot lid; bonnet | shut: door-body; unlock: windows-locks; alone: windows-locks; whistles: wind-noise; rattles: rattle-body
mirror; door mirror; wing mirror | dead stuck alone shut: mirrors
sunroof; roof; sliding roof; soft top; folding roof; moonroof | stuck dead alone slow shut: sunroof; leaks: water-inside; whistles: wind-noise
rear window; rear screen; back window; heated rear window; rear defroster; rear demister; rear screen heating; rear window heating; screen heating; back window heating | no-heat: rear-demister; dead: rear-demister; stuck: windows-locks
heated seat; seat heater; seat heating | any: seat-heater; no-heat: seat-heater; cold: seat-heater
seat; driver seat; passenger seat; electric seat | stuck dead alone: seat-adjust
seat belt; belt chime; belt reminder; belt buzzer; seat warning; =seatbelt | any: seat-belt
interior light; dome light; courtesy light; roof light; map light; cabin light; boot light | any out: interior-light
lighter socket; cigar lighter; power socket; cigarette lighter; power outlet; 12v socket; usb socket; usb port; accessory socket | any: power-socket
headlight; headlamp; =headlights; dipped beam; low beam; high beam; main beam; front light | dead out: lights-out; flickers: lights-flicker; mists: lamp-moisture; aims: headlamp-aim; stays: light-by-itself; alone: light-by-itself
tail light; rear light; fog light; number plate light; side light; =tail =lights; =rear =lights | dead out: lights-out; mists: lamp-moisture; stays: light-by-itself; flickers: lights-flicker
brake =lights; stop =lights; stop =lamps; brake =lamps; third brake light | any out: brake-lights; no: brake-lights
indicator; blinker; turn signal; flasher; hazard light; =hazards | any out: indicators; no: indicators; fast: indicators
=lights; =lamps | flickers: lights-flicker; dim: lights-flicker; alone: light-by-itself; stays: light-by-itself
radio; stereo; screen; display; touch screen; sat nav; navigation; bluetooth; infotainment | dead cuts alone stays stuck stalls: radio-display
pixel; lines in the display; segments in the display | missing: display-pixels
speaker; loudspeaker | whines: audio-whine; buzz: audio-whine; dead: radio-display
alarm; siren of the alarm | any: alarm; sounds: alarm
key fob; remote; fob; remote key; keyless entry; key battery; remote locking | any: key-remote
fuel gauge; tank gauge; gas gauge; petrol gauge; fuel needle | any: fuel-gauge; shows: fuel-gauge
speedometer; speedometer needle; speedo; speed gauge | any shakes: speed-signal; shows: speed-signal
temperature gauge; temperature needle; water gauge | erratic: temp-gauge; wrong: temp-gauge; dead: temp-gauge; red: overheat; never-gets: runs-cold; stays-low: runs-cold; low: runs-cold
odometer; mileage display; mileage counter; trip counter; mileage | shows: odometer; dead: odometer; wrong: odometer
dash; instrument cluster; instrument; all the gauges; =gauges; tachometer; rev counter | dead cuts erratic stalls: instruments-dead
clock; radio preset; settings; trip computer; preset; memory | resets: memory-lost
trailer light; trailer socket; trailer electrics; caravan light; tow bar socket; trailer plug; trailer =lights | any out: trailer
filler door; fuel flap; fuel door; tank flap; filler flap; fuel filler door | any: fuel-flap; shut: fuel-flap; stuck: fuel-flap
fuel cap; gas cap; tank cap; petrol cap; filler cap | whistles: evap-smell; warns: evap-smell; sucks: evap-smell
tank; fuel tank; filler neck; fuel pump nozzle; nozzle; filling up; fill up; pump at the station | clicks-off: refuel-trouble; spits-back: refuel-trouble
relay; fuse box; fusebox | clicks: relay-chatter; buzz: relay-chatter; burns: burning-smell
fuse; amp fuse; fuses | blows: fuse-blows
carpet; footwell; boot floor; floor mat; spare wheel well; inside of the car | wet: water-inside; leaks: water-inside
battery; batteries | flat: battery-drain; dead: battery-drain; empties: battery-drain; boils: over-charge; swells: battery-hot; hot: battery-hot; smells: battery-hot
battery light; charge light; charging light; alternator light; battery symbol; =battery =lamp; battery warning | lit: no-charge; stays: no-charge; flickers: no-charge
alternator; dynamo; generator of the car; charging | no-charging: no-charge; dead: no-charge
charging voltage; voltage; volts; voltmeter | too-high: over-charge
engine; cylinder head; top end; top of the engine; valve; tappet; timing chain; lifter; rocker cover | noise: engine-noise; ticks: engine-noise; rattles: engine-noise; knocks: engine-noise
belt; fan belt; drive belt; alternator belt; v belt; ribbed belt | noise: belt-squeal; whines: belt-squeal
fuel pump | noise: pump-noise; whines: pump-noise
turbo; turbocharger; supercharger | whistles: whistle; whines: whistle; noise: whistle
starter; starter motor | noise: starter-grind; whines: starter-grind; spins: starter-grind; runs-on: starter-runs-on; stays: starter-runs-on; slow: slow-crank; dead: no-crank
ignition key; key; ignition lock; ignition barrel | stuck: key-stuck; no-turn: key-stuck; not-known: immobilised
immobiliser; immobilizer; anti theft; padlock light; security light; key light; padlock | lit: immobilised; flickers: immobilised; dead: immobilised; warns: immobilised
kickstarter; kick start; kick starter | kicks: kick-back
idle; =revs at idle; =revs; idle speed; tickover; rev needle; rev gauge | erratic: hunting-idle; up-and-down: hunting-idle
idle; idle speed; tickover | too-high: high-idle; too-low: low-idle; drops: low-idle; shakes: rough-idle; rough: rough-idle
accelerator; gas pedal; accelerator cable | stuck: throttle-sticks; stays: throttle-sticks; dead: no-rev; hangs: throttle-sticks
fuel line; fuel pipe; fuel hose; fuel filter; clear pipe | air-bubbles: air-in-fuel; leaks: fuel-leak
=fuel; =petrol; =diesel; =gasoline; =gas | leaks: fuel-leak; smells: fuel-smell; too-much: fuel-use; uses: fuel-use; puddle: fuel-leak
water in fuel; water separator; fuel water separator | lit: water-in-fuel; warns: water-in-fuel
oil | leaks: oil-leak; puddle: oil-leak; loses: oil-use; tops-up: oil-use; burns: oil-use; uses: oil-use; pushed-out: crankcase
oil level; oil; dipstick | smells-of-fuel: oil-level-rise; rises: oil-level-rise; too-high: oil-level-rise
oil pressure; oil pressure light; oil light; oil can light; oil can | lit: oil-pressure-low; too-low: oil-pressure-low; low: oil-pressure-low; flickers: oil-pressure-low; no: oil-pressure-low; drops: oil-pressure-low
oil cap; oil filler; oil filler cap | sludge: oil-cap-sludge
dipstick; oil separator; breather; crankcase; oil filler cap | pushed-out: crankcase; puffs: crankcase
particle filter; dpf; soot filter; filter regeneration; regeneration | often: regen-often; full: regen-often; blocked: regen-often; burns: regen-often
adblue; urea; def; exhaust fluid | warns: adblue-warning; lit: adblue-warning; too-low: adblue-warning; leaks: def-leak; crystals: def-leak
urea injector; dosing valve; urea tank; urea line | crystals: def-leak; leaks: def-leak
coolant; =water; coolant level; expansion tank; radiator; header tank | loses: coolant-loss; low: coolant-loss; drops: coolant-loss; tops-up: coolant-loss; uses: coolant-loss; goes-away: coolant-loss
coolant; radiator; coolant hose; water pump; antifreeze; heater hose | leaks: coolant-leak; puddle: coolant-leak
coolant hose; top hose; radiator hose; bottom hose; expansion tank | hard: coolant-pressure; air-bubbles: coolant-pressure
coolant; expansion tank | dirty: coolant-mixed; smells: coolant-smell
coolant light; coolant warning; coolant level warning; coolant level light; temperature light; temperature warning | lit: coolant-lamp; stays: coolant-lamp; warns: coolant-lamp; flickers: coolant-lamp
cooling fan; radiator fan; engine fan; electric fan | stays: fan-always; dead: fan-never; noise: fan-noise
heater; heating; heat; cabin heat; hot air | dead: no-heat; cold: no-heat; no: no-heat; no-heat: no-heat; gurgles: heater-noise
heater; heat; temperature inside | stays: heater-only-hot; always-hot: heater-only-hot
heater core; behind the dash; under the dash | gurgles: heater-noise; rattles: rattle-body; burns: burning-smell; clicks: airflow-wrong
parking heater; auxiliary heater; night heater; diesel heater; standing heater | any: auxiliary-heater; no-light: auxiliary-heater
blower; heater fan; interior fan; cabin fan; fan inside; ventilation; air from the fan; air from the vents; fan speed | any: blower; no: blower; only-one: blower
air; air flow | wrong-place: airflow-wrong
vent; vents; flap | wrong-place: airflow-wrong; smells: ac-smell
ac; air conditioning; climate control; airco | dead warm cold-not: ac-warm; cuts: ac-cycles; stalls: ac-cycles; cycles: ac-cycles; smells: ac-smell; noise: ac-noise; whines: ac-noise; leaks: ac-water; wet: ac-water
ac compressor; compressor clutch; ac clutch | noise: ac-noise; whines: ac-noise; cycles: ac-cycles; cuts: ac-cycles; dead: ac-warm
suspension compressor; air suspension compressor; air suspension pump; compressor for the air suspension; ride height compressor | stays: air-compressor-runs; runs-on: air-compressor-runs
gearbox; automatic; transmission; auto box; rear axle; back axle; front axle; diff; differential; axle; transfer case; propshaft; prop shaft; drive shaft; driveline; in second; in third; in fourth; in fifth; in all gears; drive to reverse; into drive | whines: driveline-noise; hums: driveline-noise; noise: driveline-noise; clunks: driveline-noise; grinds: driveline-noise
gearbox; automatic; transmission; auto box; into second; into third; into gear; second gear; gear change; gear shift; into drive; into reverse; 2 to 3; 1 to 2; 3 to 4; downshift; upshift | bangs: harsh-shift; kicks: harsh-shift; clunks: harsh-shift; harsh: harsh-shift; jerks: harsh-shift
gearbox; transmission; automatic | leaks: gearbox-leak; hot: gearbox-hot; slips: slipping; shifts-not: no-shift; stuck: no-shift; slow-engage: delayed-engage; puddle: gearbox-leak
drive; reverse; forward gear; into gear; =drive | slow-engage: delayed-engage; no: no-drive; never: no-drive
transmission light; gearbox light; transmission warning; gear warning; gear light; cog symbol; gear symbol; gear cog | lit: transmission-lamp; warns: transmission-lamp; flickers: transmission-lamp
gear; gears; reverse; fifth gear; third gear; first gear; second gear; top gear; reverse gear; overdrive; into first; into second; into third; into reverse; fourth | hard: hard-gear; hard-in: hard-gear; crunches: hard-gear; grinds: hard-gear; not-in: hard-gear; jumps-out: quickshift; stuck: no-shift; shifts-not: no-shift
gear; gears; fifth gear; third gear; first gear; second gear; top gear; reverse gear; overdrive; fourth gear; fourth | not-to: no-shift; no-up: no-shift; missing: no-shift
neutral light; gear display; gear indicator; gear position display; gear readout | any no: gear-display; shows: gear-display; flickers: gear-display
gear lever; shift lever; selector; lever; shifter; out of park; gear selector | stuck: shifter-locked; stays: shifter-locked; locked: shifter-locked
clutch | slips: slipping; judders: judder-off; shakes: judder-off; noise: clutch-noise; whines: clutch-noise; rattles: clutch-noise; smells: clutch-smell; burns: clutch-smell; drags: clutch-pedal; bites: clutch-pedal; hard: clutch-pedal; heavy: clutch-pedal; high: clutch-pedal
clutch pedal | any: clutch-pedal; hard: clutch-pedal; heavy: clutch-pedal; soft: clutch-pedal; stuck: clutch-pedal; stays: clutch-pedal; noise: clutch-noise; floor: clutch-pedal
four wheel drive; all wheel drive; awd; 4wd; 4x4; low range; diff lock | any: awd-fault; lit: awd-fault; not-in: awd-fault; no: awd-fault; flickers: awd-fault
pto; power take off; pto shaft; pto clutch | any: pto; not-in: pto
brake; brakes; brake pedal; front brakes; rear brakes; brake pad; brake disc; caliper; pads; disc | whines: brake-noise; noise: brake-noise; grinds: brake-noise; rattles: brake-noise; judders: brake-judder; shakes: brake-judder; pulses: brake-judder; drags: brake-drag; hot: brake-drag; stuck: brake-drag; soft: soft-pedal; floor: soft-pedal; poor: brake-long; locks: wheel-locks; pulls: brake-pull
brake pedal; pedal | soft: soft-pedal; floor: soft-pedal; hard: hard-pedal; heavy: hard-pedal; pulses: brake-judder
brake light; brake lamp; abs light; abs lamp; esp light; esc light; stability light; traction light; traction control light; brake warning; abs warning; esp warning; stability warning; abs; esp | lit: brake-warning; stays: brake-warning; warns: brake-warning; flickers: brake-warning
abs; traction control; stability control; esp | intervenes: abs-false; alone: abs-false
abs block; abs pump; abs unit; abs modulator; hydraulic unit | buzz: abs-noise; noise: abs-noise; whines: abs-noise; clicks: abs-noise
handbrake; parking brake; emergency brake; park brake; epb | any: parking-brake; not-hold: parking-brake; not-off: parking-brake; poor: parking-brake
parking brake motor; handbrake motor; epb motor; parking brake actuator | noise: parking-noise; grinds: parking-noise; whines: parking-noise
engine brake; retarder; exhaust brake | any: engine-brake; weak: engine-brake; no: engine-brake
brake fluid; brake fluid light; brake fluid level; brake fluid warning | low: brake-fluid-low; lit: brake-fluid-low; loses: brake-fluid-low; leaks: brake-fluid-low; flickers: brake-fluid-low; warns: brake-fluid-low
brake pad light; pad light; pad wear light; brake wear; pad wear; brake lining warning; pad warning | lit: pad-lamp; warns: pad-lamp
wheel; back wheel; rear wheel; front wheel | locks: wheel-locks; hums: wheel-noise; grinds: wheel-noise; rumbles: wheel-noise; hot: brake-drag
wheel bearing; hub; bearing; front hub; rear hub | hums: wheel-noise; noise: wheel-noise; grinds: wheel-noise; whines: wheel-noise; rumbles: wheel-noise
tyre; road noise | noise: wheel-noise; hums: wheel-noise; rumbles: wheel-noise
trailer brake; trailer brakes | any: trailer-brakes; grabs: trailer-brakes; locks: trailer-brakes; poor: trailer-brakes; drags: trailer-brakes
air pressure; brake air; air tanks; air in the tanks; air brake; build air | slow: air-brake; low: air-brake; drops: air-brake; not-up: air-brake; loses: air-brake
steering; power steering; steer wheel | pulls: steer-pull; heavy: steer-heavy; hard: steer-heavy; noise: steer-noise; whines: steer-noise; clunks: steer-noise; loose: steer-play; not-back: steer-return; off-centre: wheel-off-centre; not-straight: wheel-off-centre; no: steer-heavy
wheel | not-straight: wheel-off-centre; off-centre: wheel-off-centre; heavy: steer-heavy
steering light; steering warning; eps light; power steering light; power steering warning; steering symbol; steering wheel symbol; steering wheel light | lit: steering-lamp; warns: steering-lamp; stays: steering-lamp; red: steering-lamp
power steering fluid; steering fluid; steering rack; steering pump; power steering reservoir; steering oil | leaks: steer-leak; low: steer-leak; loses: steer-leak; tops-up: steer-leak; whines: steer-noise; noise: steer-noise
suspension; strut; spring; shock; anti roll bar; drop link; bush; front end; rear suspension; control arm; ball joint | noise: suspension-noise; clunks: suspension-noise; knocks: suspension-noise; rattles: suspension-noise; whines: suspension-noise; hard: ride-hard; low: ride-height; sinks: ride-height
shock; shock absorber; damper | leaks: damper-leak; wet: damper-leak; bounces: damper-leak
fork; fork leg; fork seal | leaks: fork-leak; wet: fork-leak
suspension light; suspension warning; level control warning; level control light; damper warning; ride height warning; air suspension light; chassis warning; chassis light; level control | lit: suspension-lamp; warns: suspension-lamp; stays: suspension-lamp
front; rear; corner; back end; front end; one side; left side; right side; back; rear end | lower: ride-height; sinks: ride-height; low: ride-height; sags: ride-height
tyre; tyres; front tyres; rear tyres | wears: tyre-wear; loses-air: tyre-pressure-loss; flat: tyre-pressure-loss
tyre pressure light; tyre light; tyre pressure warning; tyre warning; tpms; tyre monitor; tyre pressure lamp | lit: tyre-warning; stays: tyre-warning; warns: tyre-warning; comes-back: tyre-warning; flickers: tyre-warning
handlebar; bars; handlebars; =bars | shakes: weave; judders: weave
hydraulics; hydraulic; loader; boom; bucket; lift arms; lift; slew; slews; tipper; tail lift; arm of the digger | slow: hydraulics; weak: hydraulics; sinks: hydraulics; dead: hydraulics
airbag; airbag light; srs; srs light; air bag; airbag warning; restraint light | lit: airbag-light; stays: airbag-light; warns: airbag-light; flickers: airbag-light
dash trim; door trim; trim; interior trim; door card; parcel shelf; dash; glovebox; centre console; headlining | rattles: rattle-body; buzz: rattle-body; whines: rattle-body; noise: rattle-body
start stop; stop start; auto stop | any: start-stop
cruise; cruise control; speed limiter; adaptive cruise | any: cruise; cuts: cruise; stalls: cruise
parking sensor; park sensor; camera; reversing camera; lane assist; lane keeping; blind spot; front radar; radar; front camera; driver assistance; collision warning; distance sensor; park assist; emergency braking assist | any: camera-sensor; blocked: camera-sensor; warns: camera-sensor; lit: camera-sensor; no: camera-sensor
door open light; door open warning; door warning; door ajar light; door ajar; door open | lit: door-warning; warns: door-warning; stays: door-warning
hybrid battery; hybrid battery warning; hybrid system; hybrid; high voltage battery; drive battery; traction battery; hv battery; ev system | warns: hv-warning; lit: hv-warning; fault: hv-warning
hybrid battery fan; battery fan; drive battery fan; fan behind the rear seat; fan of the drive battery | any: hv-battery-fan; noise: hv-battery-fan; stays: hv-battery-fan
regen; regenerative braking; recuperation; energy recovery; regeneration when i lift | no: regen-brake; dead: regen-brake; weak: regen-brake
range; electric range | halved: range-short; low: range-short; drops: range-short; short: range-short
charging; charge; fast charging; at the charger; at the fast charger | slow: charge-slow; only-kw: charge-slow; stops: no-charging-plug; cuts: no-charging-plug
charge plug; charging plug; charging cable; charge cable; plug | stuck: plug-stuck
turtle light; turtle lamp; turtle symbol; tortoise light; power limited; drive power limited | lit: ev-limit; warns: ev-limit
insulation; isolation; isolation fault; insulation fault | warns: insulation; fault: insulation; low: insulation
exhaust; muffler; silencer; tailpipe; exhaust pipe; flexi pipe; manifold | blows: exhaust-noise; loud: exhaust-noise; rattles: exhaust-noise; noise: exhaust-noise; hums: exhaust-noise; leaks: exhaust-noise; smells: rich-smell; bangs: backfire; pops: backfire; clunks: backfire
exhaust fumes; exhaust smell; exhaust gas; fumes | inside: exhaust-fumes
check engine light; engine light; engine management light; mil; check engine; malfunction lamp; engine lamp; orange engine light; =mil; engine warning; motor control light; motor light; engine symbol; eml; cel | lit: engine-lamp; stays: engine-lamp; warns: engine-lamp
check engine light; engine light; engine management light; mil; check engine; malfunction lamp; engine lamp; eml; cel | flickers: lamp-flashes
glow plug light; glow light; coil light; preheat light; spiral light; glow lamp | lit: glow-lamp; flickers: glow-lamp; stays: glow-lamp
service light; oil service light; service lamp; oil change light; service due; service message; oil level light; oil level message; service reminder | lit: oil-service-lamp; stays: oil-service-lamp; warns: oil-service-lamp
emission test; smog; smog check; mot; inspection; emissions; exhaust test | failed: emission-test
particle count; particle test; particle number | failed: particle-number; too-high: particle-number
chain; drive chain; sprocket | jumps: chain-noise
chain over the sprocket; drive chain; chain and sprocket; final drive chain | rattles: chain-noise; noise: chain-noise; clunks: chain-noise; jumps: chain-noise
cables; wiring; wires; harness; loom | bitten: rodents; burns: burning-smell
lamp; bulb; card; nut; kit; phone; cover; cap; bolt; screw; clip; sensor; switch; valve; relay; module; tool; document; code; triangle; oil change; filter change; wheel change; tyre change; lane change; belt change; battery change; plug change; brake change; change of weather; phone battery; watch battery; torch battery; ferry; dog |
`;
