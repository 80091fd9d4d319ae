/**
 * What people say of driving, brakes, comfort and lamps, written as `at-the-counter.ts` was: sentence | symptoms.
 */
export const ON_THE_ROAD = `
puts in gear and nothing happens, just revs | no-drive
drives forward but no reverse | no-drive, ?no-shift
revs climb but the car doesn't go faster | slipping
clutch slips when I pull the caravan | slipping
bangs into second | harsh-shift
hard shifts from 2 to 3 | harsh-shift
the automatic gives a kick when I come to a stop | harsh-shift
stuck in third | no-shift
it won't go up to fifth gear | no-shift
does not kick down any more | no-shift
hard to get into first, crunches | hard-gear
crunches going into reverse | hard-gear
juddering when I set off in first | judder-off
it shakes when I pull away from the lights on a slope | judder-off
feels like driving over rumble strips at 50, goes away if I touch the brake | tcc-shudder
whining from the back axle on overrun | driveline-noise
clunk when I go from drive to reverse | driveline-noise
wobble through the floor at 65 to 70 mph | drive-vibration
steering wheel shakes at 70 | drive-vibration
clutch pedal sticks to the floor | clutch-pedal
clutch only bites right at the top | clutch-pedal, ?slipping
four wheel drive won't engage | awd-fault
4x4 lamp flashes and no low range | awd-fault
my bike jumps out of second | quickshift
rattle that disappears when I push the clutch down | ?clutch-noise, ?driveline-noise
squeaks when I press the clutch | clutch-noise
PTO won't switch on | pto
can't move the lever out of park | shifter-locked
gear indicator shows a dash | gear-display
takes three seconds before drive takes up | delayed-engage
engages late when cold | delayed-engage
red oil under the gearbox | gearbox-leak
transmission hot message when towing | gearbox-hot
smell of burning clutch in the traffic jam | clutch-smell
jerks when I lift off the gas | coasting-jerk
clicking from the front wheel on full lock when I accelerate | shaft-click
chain clatters and hops over the sprocket | chain-noise
ABS light is on | brake-warning
traction control off message and the esp lamp | brake-warning
abs kicks in on dry road at walking pace | abs-false
brake pedal goes to the floor | soft-pedal
spongy brakes | soft-pedal
pedal is hard as a brick and the car hardly stops | hard-pedal, ?brake-long
have to stand on the brakes | ?hard-pedal, ?brake-long
it pulls left as soon as I brake | brake-pull
brakes squeal in reverse | brake-noise
metal on metal when I brake | brake-noise
steering wheel shakes when braking from high speed | brake-judder
pedal pulsates | brake-judder
front wheel gets hot and smells, car won't roll | brake-drag
rear brakes are binding | brake-drag
handbrake doesn't hold on a hill | parking-brake
electric parking brake won't release | parking-brake
engine brake does nothing when I pull the lever | engine-brake
brake fluid light in corners | brake-fluid-low
brake pad wear lamp | pad-lamp
takes forever to stop | brake-long
buzzing from the abs block after start | abs-noise
back wheel locks when I brake lightly | wheel-locks
trailer brakes grab | trailer-brakes
air pressure builds too slow, red lamp and buzzer | air-brake
parking brake motor grinds | parking-noise
steering went heavy all of a sudden | steer-heavy
can hardly turn the wheel when parking | steer-heavy
wanders to the right on a straight road | steer-pull
it pulls to the left | steer-pull
there's play in the steering | steer-play
steering feels loose and vague | steer-play
thumping from the front over speed bumps | suspension-noise
squeaks over every bump | suspension-noise
rattles on cobbles | suspension-noise
car sits down on the left after a night | ride-height
front is lower than the rear | ride-height
droning that gets louder with speed | wheel-noise
humming from the rear left, gone in left hand bends | wheel-noise
tires worn on the inside edge | tyre-wear
front tyres wear out after 8000 miles | tyre-wear
tire pressure lamp comes back every day | tyre-warning
groans when I turn the wheel | steer-noise
bars wobble when I let go at 40 | weave
loader lifts slowly when the oil is hot | hydraulics
engine dies when I put it in first with the stand up | stand-cut
wheel isn't straight when going straight | wheel-off-centre
steering doesn't come back after a corner | steer-return
power steering fluid is always low | steer-leak
shock is wet with oil | damper-leak
bounces for ages after a bump | damper-leak
right front tyre needs air every three days | tyre-pressure-loss
oil on the fork leg | fork-leak
rides like a plank | ride-hard
compressor for the air suspension never stops | air-compressor-runs
ac blows warm | ac-warm
aircon isn't cold any more | ac-warm
the climate makes not cold | ac-warm
A/C cuts in and out every few seconds | ac-cycles
blower only works on four | blower
no air from the fan at any speed | blower
air only comes out of the windshield vents | airflow-wrong
airbag lamp lit | airbag-light
srs light on since I moved the seat | airbag-light
belt chime won't stop | seat-belt
passenger seat warning with nobody in it | seat-belt
tailgate won't latch | door-body
door doesn't open from inside | door-body, ?windows-locks
buzzing from the dash trim on bad roads | rattle-body
stop start hasn't worked for months | start-stop
cruise drops out going uphill | cruise
front radar blocked message | camera-sensor
lane assist unavailable | camera-sensor
reversing camera is black | camera-sensor
windows mist up all the time | fog-inside
smells of old socks when I turn the air con on | ac-smell
grinding when the ac switches on | ac-noise
water in the passenger footwell with the ac on | ac-water, ?water-inside
heater can't be turned down, always hot | heater-only-hot
the parking heater won't light | auxiliary-heater
whistling round the driver's door at 60 | wind-noise
says the door is open when it's shut | door-warning
hybrid system warning, pull over safely | hv-warning
it won't go into ready | not-ready
car won't charge at home | no-charging-plug
charge stops after five minutes | no-charging-plug, ?charge-slow
I get 120 km instead of 250 | range-short
petrol engine runs all the time, never electric | no-electric
isolation warning | insulation
fan behind the rear seat is really loud | hv-battery-fan
no regen when I lift | regen-brake
charges at only 20 kW at the fast charger | charge-slow
turtle lamp and hardly any power | ev-limit, ?no-power
charging plug won't come out | plug-stuck
engine management light | engine-lamp
check engine light came on yesterday | engine-lamp
MIL is illuminated | engine-lamp
orange engine lamp lights since last week | engine-lamp
check engine blinks when I pull hard | lamp-flashes
level control warning | suspension-lamp
red steering wheel symbol | steering-lamp
gear cog with an exclamation mark on the dash | transmission-lamp
blue coolant lamp doesn't go out | ?coolant-lamp, ?runs-cold
coolant level warning | coolant-lamp
failed MOT on emissions | emission-test
smog check failed for high CO | emission-test
coil lamp flashes | glow-lamp
check fuel cap message | evap-smell
hiss when I open the fuel cap | evap-smell
exhaust is blowing | exhaust-noise
loud like a race car since yesterday, under the middle | exhaust-noise
exhaust fumes in the cab | exhaust-fumes
service due in 0 days lamp | oil-service-lamp
white crystals round the urea injector | def-leak
`;
