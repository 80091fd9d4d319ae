/**
 * Messages, voicemails and forms as customers leave them, with misspellings, no punctuation, and the English of people
 * whose first language is another. Written in one go before any of it was read by the program: sentence | symptoms.
 */
export const BY_MESSAGE = `
hi its me again the van wont turn over this morning just one click and nothing | no-crank
Hello, my car is making like a tractor noise since yesterday when cold, can I bring it | engine-noise
it goes fine until about 70 then the whole wheel starts shaking in my hands | drive-vibration
good morning, on the motorway the motor lost all force and the yellow lamp came | no-power, engine-lamp
theres a puddle of something green under the front after work | coolant-leak
the wife says it stinks of petrol in the garage | fuel-smell
when i brake hard it dives to the left | brake-pull
it takes 4 or 5 goes to get it started if its been sat all weekend | hard-start
the thing keeps dying on me at every red light | stall
after i filled up it would not start again, had to wait half an hour | no-start, ?refuel-trouble
little lamp like a teapot with a drip comes on in corners | oil-pressure-low
the red lamp with the battery is on all the time now | no-charge
aircon just blows the same temp as outside | ac-warm
windscreen keeps steaming up from the inside however long I run the fan | fog-inside
my boy says third gear grinds every time | hard-gear
clutch goes to the floor and stays there | clutch-pedal
car in garage 3 times for same, still goes into safe mode uphill | limp
you can hear a hiss from under the hood when I step on it and it feels weak | whistle, no-power
puffs of blue every time I start it | blue-smoke
I top the oil up every week but nothing on the drive | oil-use
the needle for heat climbs into the red when I sit in traffic but drops when moving | overheat
no hot air for my feet this winter, engine reach normal | no-heat
the fan of radiator is running long long after I close the car | fan-always
door on passenger side will not unlock from the fob | windows-locks, ?key-remote
alarm went off 3 times last night on its own | alarm
battery dead again monday, third one this year | battery-drain
lights go dim then bright then dim when I'm waiting at the lights | lights-flicker
dash went completely black while driving then came back | instruments-dead
when it rains my feet get wet on passenger side | water-inside
wipers only go on fast | wipers
blinker ticks like crazy on left side | indicators
fuel gage says empty but I just filled | fuel-gauge
steering groans when I park | steer-noise, ?steer-heavy
I must hold steering to right or she goes to left by herself | steer-pull
clonk from back left when going over the sleeping policemen | suspension-noise
front tires are bald on inside edge after 9000 miles | tyre-wear
tyre light keeps coming back on even though all are pumped | tyre-warning
humming that gets louder with speed, goes away in right bends | wheel-noise
car sits lower in one corner in the morning | ride-height
handbrake doesnt hold on my hill | parking-brake
brake pedal feels like standing on a sponge | soft-pedal
there is grinding when I stop, metal on metal | brake-noise
back wheels smoke after ten km, rims burning hot | brake-drag
airbag light since the seat was cleaned | airbag-light
in reverse it takes three seconds before it bites | delayed-engage
auto box kicks like a mule from 1st to 2nd | harsh-shift
revs shoot up on hills but the car doesn't go faster | slipping
Gear lever wont come out of park | shifter-locked
no reverse at all since this morning | no-drive, ?no-shift
car jerks in low gear when I let go of gas | coasting-jerk, ?jerking
it pings going uphill when hot | knock
the exhaust is blowing, sounds like a race car | exhaust-noise
smells like rotten eggs behind the car | rich-smell
black stuff comes out the pipe when I floor it | black-smoke
white clouds that smell sweet on cold start, and coolant disappears | white-smoke, coolant-loss
milky gunk under oil filler cap | oil-cap-sludge
idle is at 1500 and does not come down | high-idle
at idle it goes up and down up and down like breathing | hunting-idle
bogs down when I pull out of a junction | hesitation
there's a flat spot around 2000 rpm | hesitation
check engine flashing and shaking really bad | lamp-flashes, ?misfire, ?rough-idle, ?engine-vibration
running on three I think | misfire
MOT failed on emissions, co too high | emission-test
message says add blue range 0 no restart | adblue-warning
warning: particle filter full, see manual | regen-often
says charge battery, hybrid system fault | hv-warning
plugged in overnight and it had not charged a bit | no-charging-plug
range has dropped from 300 to 190 km this winter | range-short
lane assist not available, camera blocked says the display | camera-sensor
cruise will not set any more | cruise
stop start never works now | start-stop
radio resets itself and forgets the stations | radio-display, ?memory-lost
heated seat driver stays cold | seat-heater
sunroof stuck half open and rain coming | sunroof, ?water-inside
rear screen heating dead | rear-demister
boot wont stay open falls on my head | door-body
fuse for the cigarette socket blows every time | fuse-blows, ?power-socket
key turns but starter stays on after engine runs | starter-runs-on
key light blinks on the dash and it will not fire | immobilised, no-start
horn goes when I turn the wheel | horn
rattling from underneath like a loose tin | rattle-body, ?exhaust-noise
a squeel when I start it in the cold that stops after 1 min | belt-squeal
speedo jumps about then drops to nought | speed-signal
four wheel drive light blinking and stuck in 2wd | awd-fault
ESP and ABS lights after pothole | brake-warning
diesel smell inside when heater is on | fuel-smell
eats diesel, 11 litres instead of 7 | fuel-use
motor does not pull from down, only from 3000 | no-power
sometimes it stay hanging on high turns when I clutch | throttle-sticks, ?high-idle
motor goes out when I take foot from gas | stall
he starts but immediately goes off again | start-stall
turns very slow in cold like battery is empty | slow-crank
engine is turning but not catching | no-start
makes krrr when I turn key and does not engage | starter-grind
the motor is not coming on temperature | runs-cold
water boils out from the tank | overheat, ?coolant-loss
heating works only when I accelerate | no-heat
climate makes bad smell like old socks | ac-smell
gears do not go in when the motor is on | hard-gear
tractor has no force on the hydraulic arms | hydraulics
bike dies when I put it in first with stand up | stand-cut
bike front end wobbles at 80 if I let go | weave
chain jumps under load | chain-noise
oil on the fork legs | fork-leak
outboard engine overheat alarm after five minutes | overheat
boat motor will not rev over 3000 | no-rev, ?rev-limit
forklift creeps and pulls hard to turn | ?steer-heavy, ?clutch-pedal
truck: air builds slow and brakes stay on | air-brake, brake-drag
retarder not working and warning | engine-brake
trailer lights all flash together | trailer
just a service please and tyres rotated |
can you quote for timing belt, 96k miles |
picking up tomorrow at nine, card payment ok? |
thanks for the brakes, they are great now |
do you have a courtesy car free on thursday |
bought it last week, want a full check before a long trip |
mot due on the 14th, no problems that I know of |
it is the blue one with the roof box, keys in the letter box |
please check tyre pressures and top up washer fluid |
neighbour scratched the door, need a respray |
my number changed, please call the new one |
does not stall any more, but now idle is rough | rough-idle
no smoke but it drinks oil | oil-use
brakes are fine, it's the steering wheel that is crooked | wheel-off-centre
not overheating, gauge normal, just coolant level dropping | coolant-loss
starts fine, drives fine, only the lamp is on | engine-lamp
the knocking stopped after the oil change, now only the lamp | engine-lamp
had a dead battery in march, replaced, no issue since |
AC is cold, but there is a loud noise when it comes on | ac-noise
no warning lamps but no power at all above 80 | no-power
it never stalls hot, only cold | stall
no leak visible, but smell of antifreeze in the cabin | coolant-smell
not the brakes, more like a bearing, a drone from the rear right | wheel-noise
lamp came on once in june, not since | ?engine-lamp
vibrates standing still in gear, smooth in neutral | engine-vibration, ?rough-idle
`;
