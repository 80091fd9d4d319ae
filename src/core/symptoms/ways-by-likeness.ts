/**
 * Ways customers say something by what it is like: lamps by the picture on them, pedals and noises by what they remind
 * of, and what is said in the English of people whose first language is another: id | ways. Written from general
 * practice, no source.
 */
export const WAYS_BY_LIKENESS = `
oil-pressure-low | lamp like a teapot; teapot lamp; teapot light; oil can lamp; genie lamp; aladdin lamp; watering can lamp; watering can symbol; lamp with a drip; red can with a drop; lamp like an oil can; oil lamp flickers in corners
no-charge | red box with plus and minus; lamp with plus and minus; red battery picture
engine-lamp | yellow engine shape; engine picture lit; picture of an engine; lamp like a submarine; lamp like a helicopter; orange engine symbol; little engine is lit; engine outline lit
glow-lamp | pigtail lamp; curly lamp; spring lamp; coil lamp flashing; curly wire symbol; lamp like a spring
coolant-lamp | thermometer in waves; thermometer symbol; thermometer lamp; red thermometer; thermometer in water
brake-warning | circle with exclamation mark in brackets; skidding car lamp; car with squiggly lines; swerving car symbol; car with skid marks; slippery road lamp; red circle with brackets
airbag-light | man with a ball; person with a balloon; man with a balloon; seated person lamp; person with a circle in front
tyre-warning | horseshoe with exclamation mark; horseshoe lamp; cut tyre symbol; flat tyre symbol; yellow horseshoe
steering-lamp | steering wheel with exclamation mark; steering wheel picture lit; wheel symbol with exclamation
regen-often | box with dots lamp; lamp with dots and an exhaust; exhaust with dots
seat-belt | man with a strap lamp
soft-pedal | like standing on a sponge; like stepping on a sponge; feels like a sponge; pedal like a sponge; pedal like a pillow; pedal like a balloon; pedal like rubber; pedal like jelly
hard-pedal | pedal like a brick; pedal like stone; like pressing on a wall; pedal hard like wood
drive-vibration | wheel shaking in my hands; wheel shakes in my hands; steering shakes in my hands; shake comes through the steering; shaking through the steering wheel; seat of my pants vibrates at speed; like driving on a washboard; steering wheel dances; wheel vibrates in the hands
coolant-leak | puddle of green; green stuff under; pink stuff under; something green under; something pink under; green liquid under; pink liquid under; blue liquid under; orange liquid under; green fluid under; pink fluid under; green drops under; sweet liquid under the front
oil-leak | black drops under; brown spots on the drive; oily spots where I park; black puddle under; oil spots on the drive
gearbox-leak | red drops under; red fluid under; red puddle under; red oil under
fuel-leak | rainbow puddle under; drops that smell of petrol
ac-warm | blows the same temperature as outside; same temperature as outside; no colder than outside; only outside air; just fan air; cools nothing; like a hair dryer; brings no cold
overheat | climbs into the red; goes up to the red; needle goes to red; needle for heat; temperature to the red; boils water; water boils; water boiling; cooks the water; boils over; engine boiled; engine cooks; it boiled over; steam comes out of the front; temperature goes in the red; gauge goes in the red; needle goes in the red; heat needle goes to H
runs-cold | not coming on temperature; does not come to temperature; never comes to temperature; does not arrive to temperature; takes forever to warm up; needle stays down; needle never leaves cold; stays cold on the motorway
no-heat | heats only when driving; heating works only when I accelerate; heater works only when I rev; warm only at revs; heat only at high revs; cold feet in winter; no hot air for my feet; heater only warm when driving; heating only with revs; freezing inside
fan-always | fan runs long after; fan runs after I switch off; fan runs on after parking; fan goes on for minutes after; ventilator runs after stopping; fan of radiator running long; fan still running when I leave; fan never stops after switching off
water-inside | feet get wet; my shoes get wet; wet socks after driving; splashing noise in the door; hear water slosh; water sloshes; swimming pool in the footwell; floor is swimming; puddle on the floor inside
suspension-noise | clonk from back left; clonk from front right; clunk from back right; knock from front left; clunk over kerbs; noise on speed humps; noise over sleeping policemen; clonk on cobbles; like a loose hammer over bumps; knocks over holes; knocks on bad streets; tok tok over bumps
belt-squeal | squeals like a pig; squeaks like a mouse on start; chirps like a bird; bird chirping from the engine; cricket noise from the engine; peep peep from the belt
wheel-noise | like an aeroplane getting louder; sounds like a helicopter; like a plane taking off when I go faster; hums like a bee with speed; mud tyre noise; like winter tyres on the road
exhaust-noise | sounds like a race car; sounds like a tank; like a rally car; like a motorbike now; sounds like a boat
engine-noise | like a sewing machine; makes a noise like a tractor; like a diesel although petrol; like a typewriter; like a bag of spanners; like coins in a tin; tac tac tac from the engine; toc toc toc in the engine
knock | like marbles; like gravel in a tin when I accelerate
rattle-body | like a loose tin; rattles like a tin can; rattles like loose change; rattle from underneath; rattling from underneath; rattling under the floor; tin rattle under
misfire | like one leg shorter; limps on three; limping on three legs; runs on three legs; like it drops a beat; missing a cylinder
rough-idle | shakes like a washing machine; shakes like a wet dog; like a paint shaker at idle; shakes at the lights; rocks at the lights; whole car trembles at idle
hesitation | like somebody holds it back; like pulling a heavy weight when I set off; falls in a hole; takes a breath before it goes; thinks before it goes; yawns when I press
jerking | like a kangaroo; like a rocking horse; hops like a rabbit; like a beginner driving; nods like a horse
no-power | like pulling a caravan; like the handbrake is on; like driving with the handbrake on; like a brick on the accelerator missing; cannot pull the skin off; does not pull from down; does not pull from low; pulls only from 3000; pulls only over 3000; goes like a snail; no strength in hills; has no breath; lost all force; lost all strength; has no soul; car is slow
throttle-sticks | stays on high turns; hangs on high turns; hanging on high turns; remains on high turns; turns do not come down; hangs on gas
high-idle | turns too high when standing; stands on 1500; turns 1500 at idle; idles at high turns
hunting-idle | up and down like breathing; breathes at idle; like a heartbeat at idle; needle bounces at idle; needle dances at idle; turns go up and down at idle
stall | goes out at the lights; goes off at the lights; motor goes off; engine goes off; extinguishes itself; engine drowns; dies like switched off
start-stall | starts and goes off; goes off immediately; goes out immediately after start; lives for two seconds
no-start | does not take; will not take; motor does not take; does not catch; never catches; not catching; not springing to life; it will not fire; turns but does not take
slow-crank | turns like in honey; turns very lazy; turns heavy; turns tired; like a tired battery
no-crank | key turns and silence; silent when I turn the key; one tick and nothing; tick and nothing; one click and nothing; just one click and nothing; only a tick
starter-grind | like a coffee grinder on start; krrr when I turn the key; makes krrr on starting; screams and does not turn
hard-start | must try four times; takes five goes; takes 4 goes to start; has to be tried many times; only starts at the third try; starts at the fifth time; needs long to start
black-smoke | smokes like a train; smokes like an old steam engine black; soot cloud behind
blue-smoke | puffs of blue; blue cloud behind; smokes blue
white-smoke | clouds that smell sweet; sweet smelling cloud; steam cloud from the back that does not stop
rich-smell | rotten eggs; smells of rotten eggs; smells like bad eggs; stinks of sulphur
burning-smell | like burnt hair; smells like a burnt plug; like an electric fire; smells like burnt fish
clutch-smell | like burnt toast when I set off; burnt smell when I pull away on a hill
harsh-shift | kicks like a mule; like being hit from behind; like somebody hits it from behind when changing; hammers into gear; hits when it goes into gear
slipping | turns go up but no speed; revs shoot up and speed stays; motor screams but no speed; like a rubber band; revs rise but the car does not go faster
no-charging-plug | plugged in overnight not charged; plugged in and nothing; plugged it in and it did not charge; on the cable and not charging; wallbox says no car; charger does not see the car
stand-cut | dies when I put it in gear with the stand up; dies when putting it in first; cuts when I put it in first; goes off when I put it in gear
emission-test | did not get the sticker; no sticker because of the gas; did not pass the smoke test; failed for smoke
battery-hot | battery like a balloon; battery smells of eggs
lights-flicker | like a disco; lights like a disco
instruments-dead | lit up like a christmas tree and dead; everything on the dash went black; dash went dark; dash went black; clocks all dropped
steer-heavy | like a truck to steer; like a lorry without power steering; steering like concrete; need two arms to park; heavy like a tractor to turn
steer-play | like a boat to steer; steering like in butter
brake-judder | like driving over a ladder when I brake; pedal hammers back when braking; wheel hammers when braking
wipers | wipers only go on fast; wipers only one speed; wipers have one speed
horn | horn goes when I turn the wheel; hoots when I steer; beeps in corners by itself
`;
