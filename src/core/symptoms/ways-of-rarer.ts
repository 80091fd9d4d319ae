/**
 * Ways of saying the symptoms that come less often, one line a concept: id | ways. Common practice, no source.
 */
export const WAYS_OF_RARER = `
starter-runs-on | starter keeps running; starter runs on after starting; starter does not stop; starter stays engaged; starter will not disengage
flooded | engine flooded; floods the plugs; plugs wet with fuel; wet plugs; drowned the plugs; smells of fuel when cranking
key-stuck | key does not turn; key stuck in the ignition; key will not come out; ignition lock stuck; steering lock stuck; cannot turn the key
throttle-sticks | accelerator sticks; throttle sticks; accelerator pedal stuck; gas pedal hangs; throttle stays open; pedal hard to press gas
rev-limit | cuts at high revs; will not go past 4000; hits a wall at high revs; breaks up at high revs; cuts at the limiter too early; misses at high revs
fuel-leak | fuel leak; leaks fuel; leaks petrol; leaks diesel; drips fuel; drips diesel; puddle of fuel; fuel under the car; wet with diesel
air-in-fuel | air in the fuel line; bubbles in the fuel line; loses prime; fuel runs back; has to be primed; bubbles in the diesel hose
water-in-fuel | water in fuel light; water in fuel message; water separator light; drain water from the filter message
pump-noise | fuel pump noise; fuel pump whines; whining from the tank; buzzing from the tank; humming from under the rear seat
exhaust-temp | exhaust glows; catalyst glows red; manifold glows red; catalyst overheats; exhaust red hot; exhaust temperature warning
smoke-engine-bay | smoke from under the bonnet; smoke from the engine bay; smoke from engine compartment; smells and smokes from under the hood; oil burning on the exhaust
oil-cap-sludge | milky oil; mayonnaise under the oil cap; white sludge on the dipstick; cream under oil cap; coolant in oil; emulsion in oil; oil in coolant; oil in the expansion tank; oily film in coolant; greasy coolant
particle-number | failed particle test; particle count too high; fails the soot measurement
heater-noise | gurgles behind the dash; water noise in the heater; sloshing noise in the dash; gurgling heater; bubbling in the heater
fan-noise | cooling fan noise; fan roars; fan howls; fan scrapes; fan rattles; roaring fan noise; fan clutch roars
coolant-mixed | coolant rusty; coolant brown; coolant frozen; sludge in the radiator
brake-lights | brake lights stay on; brake light stays on; brake lights not coming on; brake lights always on
mirrors | mirror does not fold; mirror folds by itself; mirror will not adjust; mirror heater not working
sunroof | sunroof stuck; sunroof will not close; sunroof opens by itself; sunroof leaks; panoramic roof will not close
washers | washers do not spray; no washer fluid; washer jets dead; washer does not spray; headlamp washer dead; washer pump runs but no water
rear-demister | rear demister not working; rear defogger dead; heated rear window does not work; back window heater not working
seat-heater | heated seat not working; seat heater dead; heated seat gets too hot; seat heating cuts out
seat-adjust | electric seat does not move; seat stuck; seat moves by itself; seat memory lost; driver seat will not move
interior-light | interior light stays on; courtesy light stays on; dome light will not go off; boot light stays on; interior light does not go off
power-socket | cigarette lighter dead; usb socket dead; 12 volt socket not working; charger socket dead; power outlet dead
headlamp-aim | headlights too low; headlights point down; headlamps point up; headlight levelling not working; headlamp range adjustment fault; adaptive light fault; curve light fault
lamp-moisture | condensation in the headlight; misted headlight; headlight misted up inside; condensation in the rear lamp
relay-chatter | relay clicks by itself; relay chatters; clicking relay; rapid clicking under the dash; relay buzzes
memory-lost | clock resets; radio asks for code; settings lost; loses settings; trip computer resets; memory seat lost after battery
audio-whine | whine in the speakers; alternator whine in the radio; speakers crackle; radio buzzes with revs; interference on the radio
odometer | odometer flashes; mileage display dots; mileage wrong
fuel-flap | fuel flap stuck; fuel door will not open; filler flap does not unlock; tank flap jammed
indicators | indicators flash too fast; indicator flashes fast; indicators stay on; hazards come on by themselves; indicator does not cancel; blinker does not cancel; no clicking from indicators
light-by-itself | lights come on by themselves; lights will not go off; headlights stay on; lights stay on after locking; low beam always on; parking lights stay on
display-pixels | missing pixels; pixels missing; display unreadable; lines across the display; faded display
rodents | marten bites; cables chewed; mice in the engine bay; chewed wires; wires bitten; rodent bite marks
battery-hot | battery hot; battery smells of acid; battery leaking acid; battery gases
shifter-locked | will not come out of park; stuck in park; selector locked; shift lever stuck; gear lever locked; cannot move out of park
gear-display | gear display blank; gear indicator flashes; wrong gear shown; prndl flashes; gear display flashes
delayed-engage | delay going into drive; delayed engagement; engages late; waits before it goes into reverse; takes seconds to engage drive
gearbox-leak | gearbox leaks oil; transmission leak; red oil under the car; atf leak; oil from the bellhousing; drive shaft seal leaks; diff leaks
gearbox-hot | transmission overheating; gearbox too hot; transmission temperature warning; atf too hot
clutch-smell | clutch smells; clutch stinks; burnt clutch smell; smell of clutch
coasting-jerk | jerks when lifting off; jolts when coming off the gas; kicks down when coasting; lurches when slowing down; bucks on the overrun
shaft-click | clicks on full lock; clicking when turning; cv joint clicks; knocking on full lock when pulling away; clacks in tight bends
chain-noise | chain noisy; chain jumps; chain slaps; drive chain rattles; chain skips
brake-fluid-low | brake fluid low; loses brake fluid; brake fluid leak; brake fluid on the wheel
pad-lamp | brake pad light; brake pad wear light; pad wear warning; brake lining lamp
brake-long | brakes poorly; weak brakes; long stopping distance; brakes do not bite; bad brake effect; brakes fade
abs-noise | abs pump runs on; abs pump noise; buzzing from the abs; pump keeps running after stopping
wheel-locks | wheel locks up; rear wheel locks; front wheel locks when braking; brakes lock up; locks up in the wet
trailer-brakes | trailer brakes drag; trailer brakes do not work; trailer pushes; overrun brake not working
air-brake | air pressure too low; air tanks do not fill; air leak from the brakes; compressor builds no air; air pressure drops overnight
parking-noise | parking brake motor grinds; buzzing from the rear when parking brake releases; epb motor noisy
wheel-off-centre | steering wheel off centre; steering wheel crooked going straight; wheel not centred; steering wheel stands at an angle
steer-return | steering does not return; steering does not self centre; sticky steering; notchy steering; steering catches
steer-leak | power steering leak; loses power steering fluid; steering fluid low; steering rack leaks; power steering fluid on the floor
damper-leak | shock absorber leaks; bounces after bumps; wallows; keeps bouncing; leaking damper; nose dives; floats over bumps
tyre-pressure-loss | slow puncture; tyre loses air; tyre flat every week; loses pressure; tyre goes down
fork-leak | fork leaks; fork seal leaks; oil on the fork leg; fork oil leak
ride-hard | rides hard; stiff ride; bottoms out; hits the stops; suspension hard; too firm
air-compressor-runs | compressor runs all the time; suspension compressor keeps running; air compressor noisy; suspension pump runs after parking
ac-noise | ac compressor noisy; rattles when the ac is on; noise with ac on; compressor clutch squeals; air con rattles
ac-water | water drips in the passenger footwell from the ac; ac drain blocked; water behind the dash with ac on; air con water inside
heater-only-hot | heater always hot; heater cannot be turned down; only hot air; blows hot all the time; temperature cannot be lowered
auxiliary-heater | parking heater does not work; auxiliary heater not starting; night heater dead; standing heater smokes; preheater does not start
wind-noise | wind noise; whistles at speed from the door; wind whistle from the mirror; door seal whistles
door-warning | door open light stays on; says door open; door ajar message; tailgate open message; bonnet open message
hv-battery-fan | battery fan loud; loud fan behind the rear seat; hybrid battery fan noisy
regen-brake | no regenerative braking; regen braking not available; recuperation not available; does not recuperate
charge-slow | charges slowly; slow charging; charging takes too long; fast charging slow; charging power limited
ev-limit | drive power limited; reduced drive power; acceleration limited electric
plug-stuck | charging plug stuck; cable stuck in the car; plug will not release; charge cable will not unlock
oil-service-lamp | service light; service message; oil level message; oil level low message; oil change light
def-leak | white crystals under the car; urea leaks; adblue leaks; crystals around the injector; crystals on the exhaust
egr-smell | exhaust leak at the manifold; soot marks around the injector; hissing at the manifold with smell; chuffing injector
`;
