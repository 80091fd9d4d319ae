/**
 * Troubles that come less often, as drivers, riders, farmers and fleet managers put them, second-language English among
 * them. Written in one go before the vocabulary was looked at for any of them; every second line is held back:
 * sentence | symptoms.
 */
export const SELDOM_SAID = `
van did not get through the inspection, too many particles they said | particle-number
there is a sweet sickly smell in the cabin when the heating is on | coolant-smell
the kilometre counter shows lines instead of numbers | odometer
I stand at the pump and the little door for fuel does not pop | fuel-flap
message gearbox temperature too high on the mountain | gearbox-hot
electric handbrake makes a terrible groaning when I pull the button | parking-noise
steering wheel sits at ten past going straight on since I hit the kerb | wheel-off-centre
oil all over the fork leg of my bike | fork-leak
from 110 upward it is whistling at the A pillar | wind-noise
under the back seat a ventilator is howling, it is a hybrid | hv-battery-fan
after engine runs you still hear the starter turning with | starter-runs-on
yellow lamp with the drops under the filter symbol | water-in-fuel
at the traffic light smoke came out at the edges of the bonnet | smoke-engine-bay
sounds like a brook behind the glovebox when I accelerate | heater-noise
cooling water looks like cocoa | coolant-mixed
people behind me flash because my stop lights do not come | brake-lights
passenger mirror stays folded | mirrors
back window stays iced up, wires do nothing | rear-demister
bum heater on the driver side gives up after two minutes | seat-heater
left front lamp has water drops inside | lamp-moisture
something behind the fuse panel goes tack tack tack with ignition off | relay-chatter
put it in D, count to four, then it takes | delayed-engage
brake fluid has to be topped up all the time | brake-fluid-low
wear indicator for the brakes lights up | pad-lamp
strange grinding from the ABS block each morning when I set off | abs-noise
rear wheel locked up on wet road with little braking | wheel-locks
brakes of the trailer do not grip any more | trailer-brakes
after the bend I must turn the wheel back by hand | steer-return
every week 0.8 bar missing in the same tyre | tyre-pressure-loss
compressor of the air suspension runs and runs after parking | air-compressor-runs
wet carpet left front only when I use the climate | ac-water, ?water-inside
hot air comes even when I set it to blue | heater-only-hot
no recuperation any more when I lift the foot | regen-brake
wallbox gives 11 kW but the car takes 2 | charge-slow
turtle symbol, it creeps | ev-limit, ?no-power
charging plug can not be pulled out | plug-stuck
it stinks of exhaust in the engine compartment | egr-smell
loud singing from the tank | pump-noise
panoramic roof opens and goes right back | sunroof
windscreen spray comes only on the left | washers
driver chair moves forward but not back any more | seat-adjust
lamp over the mirror remains dark when I open the door | interior-light
nothing charges at the cigarette plug | power-socket
whistle in the loudspeakers that goes up with revs | audio-whine
half of the figures in the dash are missing | display-pixels
lever can not be moved from P | shifter-locked
display shows no gear, only a line | gear-display
smelled like burnt clutch on the ramp | clutch-smell
chain of the motorbike slaps and jumps | chain-noise
pressure gauge for the brakes climbs very slowly in the lorry | air-brake
red fluid drops below the steering gear | steer-leak
hard as a board over every joint in the road | ride-hard
smells like old socks when the climate starts | ac-smell
loud rattling as soon as climate goes on | ac-noise
standing heater smokes and goes off | auxiliary-heater
dash insists that the tailgate is open though it is shut | door-warning
service spanner comes back each day | oil-service-lamp
white salt on the pipe of the urea | def-leak
I can not turn the key, the wheel is locked | key-stuck
exhaust pipe glows dark red at night | exhaust-temp
radio stations and clock are gone each morning | memory-lost
marten was in the engine, cables eaten | rodents
battery is blown up like a balloon and smells of eggs | battery-hot
starter pedal hits back | kick-back
oil is thrown out at the dipstick tube | crankcase
big fan at the front roars like a plane | fan-noise
oncoming people complain that I dazzle them | headlamp-aim
blinker at the left side goes double quick | indicators
rear damper is sweating oil | damper-leak
clack clack clack when I pull out of the junction with full lock | shaft-click
front loader lifts only when I rev | hydraulics
plugs are soaking wet after a few tries | flooded
boost goes to 1.8 bar and then it cuts | turbo-overboost, ?limp
side lights switch themselves on in the yard | light-by-itself
headache from fumes in the cabin | exhaust-fumes
brown mayonnaise at the oil lid | oil-cap-sludge
pulls back in little hops when I take the foot off in second | coasting-jerk
needs twice the distance to stop | brake-long
chassis fault, drive moderately | suspension-lamp
goes to 4200 and not one rev more | rev-limit
needle of the water jumps to red and back | temp-gauge
oil drops where the gearbox meets the engine | gearbox-leak, ?oil-leak
handlebar starts to shimmy at 80 when I take a hand off | weave
cog wheel with exclamation mark | transmission-lamp
floor and seat hum at exactly 2000 revs | engine-vibration
petrol engine never switches off in my hybrid | no-electric
gas stays hanging when I let go | throttle-sticks
small bubbles in the clear diesel pipe | air-in-fuel
starter screeches like metal on metal | starter-grind
16 volts on the meter when I rev | over-charge
falls out of second on my enduro | quickshift
as soon as I kick it in gear it dies, tractor with seat switch | stand-cut
hiss when I open the fuel lid and a message check cap | evap-smell
whole car trembles as I let the clutch come | judder-off
turned the key off and it goes on shaking for some seconds | run-on
speed goes like a wave with the foot still | surge
it revved up to the limiter all alone, had to stall it in gear | runaway
belt screams for a minute on damp mornings | belt-squeal
tank takes the petrol only in sips, nozzle clicks | refuel-trouble
warm air in the feet although I chose the windscreen | airflow-wrong
`;
