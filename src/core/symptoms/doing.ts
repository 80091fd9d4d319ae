/**
 * What a thing does that is wrong, by the ways it is said: name | ways; …. "not" stands for any denial ("won't",
 * "doesn't", "never"). Words of customers and of the trade. Common practice, no source.
 */
export const DOING = `
dead | not work; die; dead; inop; inoperative; kaput; broken; not function; stop work; no longer work; quit; fail; failed; not respond; do nothing; nothing come out; nothing happen; not light; stay dark; stay black; black; blank; not come on; not switch on; not turn on; not power up; out of order; without function; not do anything; go dead; u/s; unavailable; not available; not run; never come on; never work; not light up; nothing come; deactivated
out | out
stuck | stuck; not move; not go up; not go down; go down but not up; go up but not down; not go back; not go forward; not come out; not release; jam; seize; not slide; not budge; stick; not come up; not come down; not fold; freeze; cannot move; not turn; not retract; not adjust; not go over
shut | not open; not close; not shut; not latch; not stay shut; not stay open; pop open; open by itself; open on its own; open alone; not fold; not close all the way; only open; open alone; not engage
unlock | not unlock; not lock; lock itself; unlock itself; lock by itself; lock alone; unlock by itself; unlock alone
alone | by itself; by themselves; on its own; on their own; alone; for no reason; without reason; at random; whenever it wants; start when; come on when; go off when; go when; come on with the key in; come on in the garage; whenever i; wipe when dry; randomly; play up; misbehave; have a mind of its own; go crazy; crazy
stays | stay on; not turn off; not switch off; not go off; not go out; never stop; not stop; all the time; always on; always run; run all the time; run constantly; keep run; stay lit; on all night; not cancel; stuck on; run for hours; constantly; permanently; not shut off; carry on; on permanent; run on; never turn off; never go out; continuous; every time; stay
cuts | cut in and out; die; drop out; go dark; go blank; come and go; on and off; in and out; intermittent; switch off; sometimes; shut off; shut down; reboot; restart; now and then; stop in the middle; stop halfway; stop half way; go out; lose signal; turn off by itself; stop; interrupt
stalls | stall; die; stall-off; cut out
erratic | drop to empty; jump; jump around; bounce; swing; drop to zero; go to zero; erratic; jumpy; wander; flick; hunt; all over the place; dance; jump up and down; twitch
up-and-down | up and down; rise and fall; go up and down; between; hunt; surge; swing; pulse
wrong | wrong; not correct; incorrect; false; lie; inaccurate; not accurate; implausible; not right; not match
shows | show; read; say; says empty; say empty; show dash; show empty; stuck at; blank; display dash; flash
slow | slow; slowly; take long; take ages; take too long; crawl; too slow; sluggish; lag
weak | weak; feeble; hardly; no power; no force; poor
moves | go down; come down; drop; go up; open
no-heat | not heat; not defrost; not demist; not clear; not warm; not get warm; not get hot; not hot; stay cold; not defog; no warm; no warm air; no heat; only cold; not warm up
no-light | not light; not start; not ignite; not fire; not come on; go out
cold | cold; blow cold; stay cold; only cold; freezing; icy; =lukewarm
warm | warm; blow warm; hot; blow hot; lukewarm; only warm; warm air; not cold; not cool; not blow cold; no cold; no cooling
cold-not | not cold; not cool; not blow cold; no cold air; not get cold; no cooling; make not cold
always-hot | always hot; only hot; not turn down; too hot; stuck on hot; stays hot; cook
mists | mist; mist up; fog; fog up; steam up; misted; condensation; moisture; wet inside; damp inside; water in; water inside; full of water; foggy
aims | point; aim; dazzle; aim too low; aim too high; blind; shine up; shine down; at the sky; at the ground; too low; too high
flickers | flicker; flash; blink; pulse; glow dim; glow faint; come on and off; go on and off; pulsate; strobe; on and off
dim | dim; get dark; go dim; brightness; bright and dim; dip; weak
fast | fast; too fast; twice as fast; quick; double speed
missing | miss; missing; fade; lost; gone
resets | reset; lose; lost; forget; zero; gone; clear; start from zero
sounds | go off; stall-off; sound; at night
blows | blow; pop; burn out; go; keep blow; melt
blocked | blocked; block; blind; dirty; obstructed; clogged
full | full; blocked; clogged; block; choke
often | often; every day; too often; all the time; every few; constantly; interrupted; not complete; want to burn; burn off; again and again; every; never finish; abort
wet | wet; soak; soaked; damp; water; soaking; puddle; drip; oily; wet with oil
flat | flat; empty; dead; run down; go flat; discharged; every two days empty; jump start; jump; need a jump; boost; drain; empty after; low every morning; jump lead
empties | drain; discharge; go flat; empty; die overnight; not hold charge; draw; flat after
boils | boil; cook; acid; gas
swells | swollen; swell; bulge; bloated; leak acid
hot | hot; overheat; get hot; too hot; burning; very warm; glow
smells | smell; smelly
smells-of-fuel | smell of fuel; smell of petrol; smell of diesel; smell of gas; smell like fuel; fuel smell
lit | on; lit; light up; come on; illuminated; illuminate; glow; burn; show; shine; appear; light; turn on; comes up; up; pop up; lights; light since; keep come on; warn; message; exclamation mark
warns | warn; lamp; message; fault; error; beep; says; say; alert; service
no-charging | not charge; no charge; not charging; output; low output
too-high | too high; high; up to 16; go up to 16; over 15; at 16; race; at 2000; 2000; at 1500; 1500; fast; too fast; up to; excessive
too-low | too low; low; drop; fall; at 500; below; only 12; nothing
drops | drop; fall; sink; go down; dip; fall off; drop off; fall away; sinks; shrink
rises | rise; go up; increase; climb; get higher; go over max; above max; over the mark; up
noise | noise; noisy; loud; make noise; sound; make sound; racket; make strange noise; funny noise; grrr; tack; tack tack; tac tac; brrr; clack; din; squeak; buzz; howl; scream; grind; whine; growl; rumble; rattle; chatter; roar; moan
whines | whine; squeal; howl; scream; groan; creak; squeak; chirp; moan; screech; singing; sing; shriek
hums | hum; drone; roar; growl; rumble; whir; howl; grumble; boom
rumbles | rumble; grumble; growl; roar; hum; drone; thump
clunks | clunk; bang; thump; knock; thud; clank; clonk
knocks | knock; clunk; bang; thump; clank; tap
rattles | rattle; clatter; jingle; chatter; buzz; tinny; squeak
ticks | tick; tap; click; clatter; clack
buzz | buzz; hum; whine; whir; vibrate; humming
clicks | click; tick; clack; chatter; clicking
grinds | grind; scrape; crunch; graunch; metal on metal; rub; grate
gurgles | gurgle; slosh; water noise; bubble; splash; trickle; rush; water
whistles | whistle; hiss; wind; whoosh; wind noise; suck
bangs | =bang; =bangs; =banged; =banging; shot; shoot; explode
pops | pop; bang; spit; crack
leaks | leak; drip; run out; seep; weep; wet; spray; drop on; spill; pour; on the ground; on the floor; run down; leaking; dripping
puddle | puddle; pool; spot; patch; stain; on my drive; on the ground; on the floor; under the car
loses | lose; loss; disappear; go missing; vanish; lost
goes-away | go away; disappear; vanish; go missing; always empty; always low; go down
tops-up | need top up; keep top up; need refill; keep add; always top up; top up every; add every; have to add; must add; need add; top up all the time; must refill; need topping; keep fill; need litre; need a litre; always empty
uses | use; burn; drink; consume; consumption; eat; guzzle; swallow; too much; far too much; drinks
burns | burn; burnt; smoke; burning; smolder; hot plastic; melt
too-much | too much; consume; drink; a lot; more than; use; high consumption; far too much
pushed-out | push out; pushed out; blow out; pop out; come out; spit out; throw out; force out; pop off
puffs | puff; smoke; blow; blow by; pressure
sludge | sludge; mayonnaise; cream; creamy; gunk; milky; white; emulsion; foam; slime; goo; coffee
crystals | crystal; white crust; crust; white; salt; powder; deposits
dirty | dirty; brown; rusty; mud; muddy; oily; oil in; milky; sludge; frozen; slush; cloudy; rust
hard | hard; rock hard; rock solid; solid; stiff; heavy; tough; difficult; tight
heavy | heavy; stiff; hard; hard to turn; difficult; like a truck; like a tractor; hardly turn
air-bubbles | bubble; air bubble
red | red; in the red; into the red; hot
never-gets | not reach; never reach; not go up; never go up; stay down; not rise; not get to; not move; not come up; stay low; stay cold; never middle; not reach the middle; below half; quarter
stays-low | stay low; stay down; stay cold; at the bottom; in the cold; quarter
low | low; too low; lower; down; drop; sink; fall
gets | get
runs-on | run on; carry on; keep run; not stop; keep turn; stay engaged; carry on run
spins | spin; whir; spin free; race; free wheel; shriek
no-turn | not turn; turn not; cannot turn; hard to turn; not go in
not-known | not recognise; not recognize; not detect; not known; unknown; not recognised; not found; not read
kicks | kick; kick back; jolt; nudge; thump; bump; hit; jerk; slap
hangs | hang; hang open; stay open; stay down; not come back; hang up; not return; slow to come back
shakes | shake; vibrate; tremble; shiver; wobble
judders | judder; shudder; shake; chatter; grab; snatch
rough | rough; lumpy; uneven; not smooth; not round; unround; bumpy; irregular; unstable; not stable
clicks-off | click off; cut off; switch off; fill slow; take slow; take only; keep click; keep switch off; stop after; not fill; shut off; stop fill
spits-back | spit back; splash back; blow back; spill
sucks | suck; hiss; vacuum; pressure; whoosh
cycles | cycle; click on and off; on and off; every few second; in and out; for a minute; for a while
only-one | only work on; only speed; only full; only on; only on high; only on max; only one; only high; only four
wrong-place | only come out of; only at; only on the windscreen; only to the; only feet; wrong vent; come out wrong; only out of the; wrong place; only face; not to the
harsh | harsh; hard; rough; violent; brutal; jerky
jerks | jerk; buck; lurch; jolt; shunt
slips | slip; flare; spin up; not grip; skid
shifts-not | not shift; not change; not go up; not go down; not kick; not downshift; not upshift; stay in; stick in; not change up; not change down; not kick down; hunt; no kickdown
slow-engage | take second; second before; late; delay; slow to; engage late; take long; delayed; take up; hesitate; pause; wait
not-in | not engage; not go in; go not in; not select; not get into; hard to get; refuse; not get in; not go; no engage; not come in
crunches | crunch; grind; grate; scrape; crash; graunch
jumps-out | jump out; pop out; fall out; slip out; kick out; drop out; jumps
not-to | not up to; not go up to; not reach; never reach; not get; not into; no; never; never get; not select; not find; missing
no-up | not go up; not shift up; not change up
locked | lock; not move; not shift; not come; cannot move; block; not release
drags | drag; bind; not free; rub; not release; stick; not separate; held back; stay on; hot
bites | bite; grab; take; come; only bite; bite at the top; come late; bite late; come high
high | high; late; at the top; very top
soft | soft; spongy; mushy; long; sink; low; long travel; pump; need pump
floor | floor; to the floor; go down; sink; stay down; bottom
pulses | pulsate; pulse; vibrate; shake; pump
poor | poor; weak; bad; not stop; hardly stop; long; forever; not brake; far to stop; hardly; poorly; no bite; not hold
locks | lock; lock up; block; skid; grab
pulls | pull; drag; veer; drift; tug
intervenes | kick in; cut in; activate; come in; intervene; work when; come on dry; grab; trigger
not-hold | not hold; roll; not stop; weak; slip; not tight; many clicks; high
not-off | not release; not free; stuck; not come off; not go off; not let go; drag
grabs | grab; bite hard; snatch; too hard; lock
not-up | not build; not come up; not get up; not rise; not fill
loose | loose; play; vague; slop; sloppy; free play; wander; slack; wobbly; dead spot
not-back | not come back; not return; not self centre; not go back; stay turned; not centre; not straighten
off-centre | off centre; crooked; to the left; to the right; turned; not centred; off center; at an angle; skewed; tilted; not in the middle; crook
not-straight | not straight; crooked; skew
sinks | sink; drop; go down; sag; collapse; sit down; come down; lower; settle; drop down
sags | sag; sit low; hang; lower; squat; sit; down; hang down
lower | lower than; lower; low; down; deeper; sit down
bounces | bounce; float; wallow; bob
wears | wear; worn; bald; wear out; feather; eat; scrub; uneven; gone
loses-air | need air; lose air; lose pressure; go flat; low; puncture; leak; flat; down; need pump; deflate
comes-back | come back; again; return; reappear
fault | fault; error; failure; warning; malfunction; defect; message
halved | half; halve; less; instead of; short; shorter; drop; down; only; lost; shrunk; reduce
short | short; shorter; poor; less
only-kw | only kw; only at kw; at only kw; kw; slow; slower; limited
stops | stop; cut; abort; break off; interrupt; end; refuse; not start
loud | loud; like a race car; like a tractor; like a tank; noisy; deafening; sound like
bitten | chew; bite; bitten; gnaw; eat; eaten; nibble; rodent; mouse; mice; rat; marten; nest
inside | inside; in the cab; into the cab; into the cabin; in the cabin; come in; in the car; into the car
hard-in | hard to select; hard to engage; hard to get into; difficult to select; difficult to engage; will hardly go in; hard to find
jumps | jump; hop; skip; slip; leap
failed | fail; failed; not pass; not through; rejected; failure; too high
never | never; not engage
tack | tack
`;
