/**
 * When a symptom shows, and words of that kind that say nothing of when: names of parts and functions, things that were
 * ordered, what is denied. Written in one go before the reader was asked about any of it; of four lines the last two
 * are held back: sentence | conditions; `?` before one that may be read as well.
 */
export const WHEN_IT_HAPPENS = `
misses on the first start of the day only | cold-start
parking brake stuck on |
stalls coming down to a stop | decel, ?idle, ?low-speed
park brake warning message |
shakes at sixty, smooth at fifty | ?cruise, ?high-speed
parking sensors beep at nothing |
only does it with the heater and lights on | lights-on
will not come out of park |
cuts out going round a roundabout | turning
cruise control will not set |
judders pulling away in first | acceleration, ?low-speed
cruise drops out |
fine cold, dies once it has warmed through | hot
heavy steering |
worse when it is raining | rain
power steering whine |
after a weekend it cranks forever | standing
steering wheel off centre |
jerks holding 50 on a level road | cruise
idle control valve stuck |
bogs down with the trailer on | load
idle air valve replaced |
squeals when I first touch the brakes | braking
load sensing valve seized |
dies when the tank is below a quarter | low-fuel
cold start injector leaking |
clunks over speed humps | bumps
hot film air mass meter fault |
hums louder the faster you go | ?high-speed
brake lights stay on |
trouble started after the timing belt was done | after-repair
rain sensor not working |
no start after filling up | after-refuel
reverse light inop |
bangs going into reverse | reverse, ?in-gear
reversing camera black |
cuts out when the compressor comes on | ac-on
turn signal dead on the left |
hesitates on a warm restart after the shop | after-short-stop, ?hot
turning circle is not equal both sides |
noise on full left lock | turning
door open warning with all doors shut | ?door-open
lamp comes on flat out on the motorway | high-speed, ?cruise
full throttle position never reached |
surges lifting off the gas | decel
blows cold air on the right |
loses power on long climbs | load
hot smell from the left wheel |
smokes at start up in the morning | cold-start
standing water in the footwell |
rattles with the engine hot at idle | hot, idle
high speed can bus down |
misfires in damp weather | rain
low speed can no communication |
slow to crank when it is minus ten | cold-weather
freeze plug leaking |
overheats in a jam on a hot day | hot-weather, low-speed
freeze frame shows 2,000 rpm |
does it stone cold and hot alike | cold-start, hot
hill start assist fault |
flat battery every Monday | standing
trailer module no communication |
shudders in drive at the lights | in-gear, idle
winter tyres fitted |
whines on the overrun in third | decel
full tank but the gauge says empty |
pulls to the left under braking | braking
low fuel pressure |
gone since the new battery was fitted | ?after-repair
fuel light on all the time |
drops to limp overtaking | acceleration
snow mode button dead |
wanders on rough roads | bumps
acceleration sensor fault |
no crank after it has sat for a week | standing
brake pedal switch replaced |
shakes braking from 120 | braking, ?high-speed
lights on warning chime missing |
hard to start hot, fine in the morning | hot
not when cold |
it never does it on the motorway | 
does not matter whether hot or cold |
cutting out at junctions | idle, ?low-speed
wipers stop half way and do not park |
battery flat overnight | ?standing
washer pump dead |
dead after being parked for two weeks | standing
engine cover cold to the touch |
hiccups between 1,500 and 2,000 uphill | load
oil cooler leaks |
ticks for five minutes after start, then quiet | ?cold-start
cooling fan runs on high speed |
vibrates between 80 and 100 km/h | ?cruise, ?high-speed
radiator fan low speed dead |
squeaks turning the wheel at standstill | turning, ?idle
drive shaft boot torn |
dies when the brake is pressed at the lights | braking, idle
steering angle sensor not calibrated |
starts only with the key held for long | ?key-on
rear wheel speed sensor |
the bike stumbles opening the throttle | acceleration
accelerator pedal worn |
weak when the sun has been on it | hot-weather, ?hot
air conditioning blows warm |
after washing the engine it would not idle | rain, ?idle
water pump leaks |
warning comes after ten miles of motorway | ?cruise, ?high-speed, ?hot
service light reset needed |
`;

/** The same from other mouths, written after the reader had learned from the first; asked once (13 of 23 right, 3 wrong), then mended for. */
export const WHEN_TOLD_ELSEWHERE = `
by cold motor it shakes, by warm motor is good | cold-start
the truck only acts up pulling a load up the grade | load
car dies when you come to a stop sign | decel, ?idle, ?low-speed
stalls every time I let off the gas | decel
it whines when backing out of the driveway | reverse
low beam lamp out |
grinding only when I turn left out of the lot | turning, ?low-speed
left turn lamp fast |
noise is there in all gears also neutral | ?idle, ?in-gear
shift to park not possible |
shakes from 110 kph upwards | high-speed
high pressure pump noisy |
when the outside temperature is under freezing it will not start | cold-weather
temperature sensor outside wrong |
after the oil change it smokes | after-repair
oil change overdue |
with the air conditioner on the idle drops | ac-on, ?idle
air conditioner compressor seized |
started right after I got gas | after-refuel
gas cap lamp |
happens going over railroad tracks | bumps
track rod end worn |
in heavy rain the engine dies | rain
heavy duty battery fitted |
only after it sits three or four days | standing
sits low at the rear |
on the highway it loses power | ?cruise, ?high-speed
highway tires worn |
comes on at key on and goes out |  key-on
key fob dead |
when I floor it nothing happens | acceleration
floor mat wet | ?rain
it does it first thing, never again that day | cold-start
first gear synchro worn |
after a quick stop for groceries it cranks long | after-short-stop
quick connect fitting leaks |
squeal goes away once it has warmed up | ?hot, ?cold-start
warm air does not come |
in stop and go traffic the needle climbs | low-speed
climbing tube on the truck bent |
coasting in neutral no vibration |  ?decel, ?idle
neutral safety switch |
vibration when I brake from highway speed | braking, ?high-speed
brake booster leaks |
with the blinker and the radio on the lamps dim | ?lights-on
radio on the blink |
engine hunts while waiting for the light | idle
waiting for parts |
when the fuel gets low it bucks on bends | low-fuel, turning
fuel gauge low reading |
`;
