/**
 * Notes on job cards, in pieces of sentences, with the words of other things around; two complaints at once; what is
 * denied, what is over, and what is no complaint at all. Written as `at-the-counter.ts` was: sentence | symptoms.
 */
export const ON_THE_JOB_CARD = `
C/S engine runs rough when cold, ok hot | rough-idle
cust. states MIL on, no driveability complaint | engine-lamp
c/o noise rh front over bumps | suspension-noise
cust reports intermittent no start, cranks ok | no-start
veh towed in, NO CRANK, battery tested good | no-crank
pt: lack of pwr, EML on | no-power, engine-lamp
AC inop | ac-warm
rr window inop | windows-locks
P/S heavy at idle | steer-heavy
vib @ 110 km/h | drive-vibration
int. stall at stops, restarts ok | stall
engine light on and it drinks fuel | engine-lamp, fuel-use
shudders when cold and white smoke on start-up | rough-idle, white-smoke
no power and black smoke on hills | no-power, black-smoke
stalls when hot and hard to restart | stall, hard-start
airbag and abs lamps on after jump start | airbag-light, brake-warning
overheats and loses coolant | overheat, coolant-loss
heater cold and temperature high | no-heat, overheat
abs light on and speedo dead | brake-warning, speed-signal
rough idle, check engine light, poor fuel economy | rough-idle, engine-lamp, fuel-use
gearbox bangs and the gear display blinks | harsh-shift, gear-display
battery light and heavy steering together | no-charge, steer-heavy
wipers, horn and indicators all dead | wipers, horn, indicators, ?lights-out
brake lights on all the time and cruise does not work | brake-lights, cruise
squeals on start up and battery lamp glows faintly | belt-squeal, no-charge
water in the boot and rear lamp misted up | water-inside, lamp-moisture
hesitates and backfires on acceleration | hesitation, backfire
revs hang between gears and idle hunts | hunting-idle, ?throttle-sticks, ?high-idle
jumps out of second and crunches into third | quickshift, hard-gear
stuck in limp, engine light, no turbo boost | limp, engine-lamp, no-power
no heat and the blower only works on high | no-heat, blower
customer says it cuts out, we could not make it do so | stall
engine cuts out over speed bumps | stall
starts and runs fine but the glow light flashes | glow-lamp
no smoke, no noise, just no power | no-power, -engine-noise
no misfire, only a rough idle | rough-idle, -misfire
does not overheat but coolant goes down | coolant-loss, -overheat
starts fine, no stalling, but engine light on | engine-lamp, -stall
no warning lights, but it pulls to the right when braking | brake-pull
it doesn't use oil but it leaks | oil-leak, -oil-use
no leaks, yet the coolant level falls | coolant-loss, -coolant-leak
cranks well, will not fire, no smell of fuel | no-start, -fuel-smell
ac is cold, but the blower squeals | ?blower, -ac-warm
not the brakes, the wheel bearing hums | wheel-noise, -brake-noise
steering is fine, but the tyres wear on the outside | tyre-wear
engine light is off again | -engine-lamp
no more smoke since the injectors | -black-smoke
stopped stalling after the throttle was cleaned | -stall
it used to overheat, that was fixed last year | -overheat
the misfire is gone | -misfire
does not shake any more since new coils | -rough-idle
battery was flat last winter, new battery since, never again | -battery-drain
since the new alternator it charges again | -no-charge
brakes don't squeal now | -brake-noise
customer never saw the engine light | -engine-lamp
gearbox shifts perfectly | -harsh-shift
Please check brakes before our holiday trip |
service and MOT please |
annual inspection |
customer wants winter tyres fitted |
oil change and filter |
software update for the radio was done |
wants a quote for new front pads and discs |
replace timing belt at 100,000 |
has had new injectors, new pump and a new control unit at another garage |
bought the car three weeks ago from a dealer |
customer is waiting, needs the car by five |
read codes and call customer before any work |
vehicle has 84,000 miles, petrol, automatic |
previous garage replaced the throttle body and the air flow meter |
key number on the tag, car is in bay 4 |
towbar fitted two months ago |
please check the air pressure and the spare wheel |
spark plugs are original |
the car is a 2014 estate with a tow bar |
fuel pump was replaced last month |
left the keys with the front desk |
all good otherwise |
test drive with the customer, nothing found |
no complaint at the moment |
coolant was changed in spring |
had an accident on the left front two years ago |
runs well, starts well |
all lights work |
engine was rebuilt 10,000 km ago |
check steering angle after new tie rods |
we fitted a new battery and coded it |
customer asks whether the recall was done |
drove 400 km without trouble |
tested the starter: 180 A, fine |
Wants to know if it can tow two tonnes |
parked outside since May |
battery disconnected during the welding |
the lamp test shows all lamps work |
cleaned the terminals and the ground strap |
suspects the fuel filter |
brought his own oil |
compression test 11.8 11.9 11.7 11.8 |
The light on the dash is on | ?engine-lamp
makes a noise | 
it's not right |
something is loose somewhere |
feels different from before |
smells funny sometimes |
since last week a strange behaviour |
when it rains it does it more |
only on Mondays |
worse with the trailer |
after washing it takes an hour until it is good again |
Car feel weak when going up the hill | no-power
He do not want to start in the cold | hard-start, ?no-start
By accelerate the car stutter | hesitation, ?misfire, ?jerking
the car goes in emergency program | limp
Motor control lamp lights | engine-lamp
the engine lamp is burning | engine-lamp
car pulls to right side by braking | brake-pull
steering is making sound when I turn | steer-noise
it makes tack tack tack in the engine | engine-noise
gas don't take | hesitation, ?no-rev
Climate brings only warm air | ac-warm
in the morning comes blue smoke from behind | blue-smoke
the water goes away but nothing is under the car | coolant-loss
the window go down alone | windows-locks
car is making black when I give gas | black-smoke
battery is every two days empty | battery-drain
the light from the airbag stays | airbag-light
gears go not in | hard-gear
clutch comes very late | clutch-pedal, ?slipping
brakes are doing like grrr | brake-noise
motor goes sometimes out at the red light | stall
it is leaking the oil below | oil-leak
consume of fuel too much | fuel-use
the tachometer is jumping | ?instruments-dead, ?speed-signal, ?hunting-idle
the heating is not heating | no-heat
She's chucking out black smoke, mate | black-smoke
bloody thing won't start again | no-start, ?hard-start
she'll crank all day long | no-start
ain't got no heat | no-heat
truck's gutless | no-power
rig derated to 55 mph with the DEF light on | limp, adblue-warning
bike bogs off the line | hesitation
sled is flat on top end | no-power
quad won't idle without choke | ?low-idle, ?stall, ?rough-idle
tractor loses drive when hot | no-drive, ?slipping
excavator slews slow when warm | hydraulics
outboard cuts out at full throttle | stall, ?rev-limit
scooter won't go over 45 km/h | no-power, ?rev-limit
lorry won't build air | air-brake
bus heater cold at the back | no-heat
generator engine hunts under no load | hunting-idle
van shuts off and dash goes dark over railway crossings | stall, instruments-dead
shakes in the steering wheel only under braking | brake-judder
shakes in the seat only at 120, not under braking | drive-vibration, -brake-judder
pulls left all the time, also when braking | steer-pull, ?brake-pull
clicks when turning left with gas | shaft-click
knocks when turning the wheel at standstill | ?steer-noise, ?suspension-noise
whine in second and third only | driveline-noise
rumble that changes when I swerve | wheel-noise
tick that follows engine speed | engine-noise
roar under the car on acceleration | exhaust-noise
chirp at idle, gone with a splash of water on the belt | belt-squeal
heat soak: won't restart for twenty minutes, then fine | hard-start, ?no-start
needs choke when hot | ?hard-start
only starts with throttle open | hard-start
dies when the AC kicks in | stall, ?low-idle
idles fine, dies as soon as I give it gas | ?stall, ?hesitation
lurches when coming off the gas in first | coasting-jerk
fuel light on but tank full | fuel-gauge
tank takes only five litres at a time then clicks off | refuel-trouble
loses radio presets overnight | memory-lost
all four windows came down by themselves overnight | windows-locks
locks itself while I'm standing next to it | windows-locks
wipers start when I indicate left | wipers
radio goes off when I press the brake | radio-display
screen says lost communication with gateway | no-communication
scanner connects to all but the gearbox controller | no-communication
`;
