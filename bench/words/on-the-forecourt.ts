/**
 * What people say who bring a vehicle back or drop it off in a hurry, native and second-language English. Written in
 * one go before the vocabulary was asked about any of it; every second line is held back: sentence | symptoms.
 */
export const ON_THE_FORECOURT = `
it just dies when I come to a stop sign, starts right back up though | stall
on a hill it has no guts at all and drops to forty | no-power
cranks and cranks, then finally catches on the fourth go | hard-start
you turn the key and get one click, that's it | no-crank
after I fill the tank it acts up, takes three tries | refuel-trouble, hard-start
there's a shudder at around 45 like driving over ribs | tcc-shudder
it bangs into second gear when cold | harsh-shift
temperature needle went into the red on the bypass | overheat
I top up the coolant every week and there's no puddle | coolant-loss
heater only gets warm when I'm moving | no-heat
blows warm air with the snowflake button on | ac-warm
there's a squeal for a minute after a wet night | belt-squeal
big blue cloud behind me when I set off in the morning | blue-smoke
black soot comes out when I floor it | black-smoke
smells like petrol inside after parking in the sun | fuel-smell
the little engine picture is lit, drives perfectly normal otherwise | engine-lamp
the engine symbol blinks when going uphill and it shakes | lamp-flashes, misfire
ABS and the skidding car light came on together | brake-warning
pedal goes nearly to the floor the first press, second is fine | soft-pedal
car dives to the left when I brake hard | brake-pull
steering wheel shakes when braking from motorway speed | brake-judder
wheel gets really hot and smells after a drive, rear right | brake-drag, burning-smell
handbrake button flashes and won't let go | parking-brake
grinding from the front left when turning, louder with speed | wheel-noise
knocking over speed bumps on the driver side | suspension-noise
the steering is like a truck's until I rev it | steer-heavy
battery was dead again this morning, new one last month | battery-drain
red battery light flickers at idle | no-charge
headlights pulse bright and dim | lights-flicker
left indicator ticks twice as fast | indicators
one brake light out, bulb is good | brake-lights
wipers stop halfway up the screen | wipers
window goes down but not back up | windows-locks
remote only works if I hold it against the door | key-remote
the alarm wakes the street at three in the morning | alarm
radio goes silent when I start the engine | radio-display
sat nav screen stays black | radio-display
carpet behind the driver is soaked | water-inside
tailgate opens by itself | door-body
seat belt chime won't stop with the belt on | seat-belt
airbag warning since they moved the seat | airbag-light
tyre light comes back an hour after pumping them up | tyre-warning
loses about ten psi a week on one corner | tyre-pressure-loss
it jumps out of cruise every few minutes | cruise
start stop hasn't worked since winter | start-stop
it says service adblue system and counts down | adblue-warning
keeps doing its filter burn, every other day, fan runs after | regen-often
oil can comes on in right hand bends | oil-pressure-low
uses a litre every 600 miles | oil-use
drips of oil on my drive, front | oil-leak
it surges like someone is pumping the throttle at 50 | surge
idles at 1,500 when hot | high-idle
idle goes up and down, up and down | hunting-idle
flat spot when I pull out of a junction | hesitation
bucks like a horse in first gear crawl | jerking
limps home at 2,500 revs max, then fine after restart | limp
loud pop from the exhaust on the overrun | backfire
pings on the motorway slope with supermarket fuel | knock
whistles when boost comes in, less pull than before | whistle, no-power
exhaust blowing under the driver floor | exhaust-noise
fumes in the car at lights | exhaust-fumes
the shifter won't come out of park unless I jiggle it | shifter-locked
clutch bites right at the top and smells on hills | ?slipping, ?clutch-pedal, clutch-smell
hard to get first when stopped, engine on | hard-gear
gears grind going into third | hard-gear
whining noise that rises with road speed, not revs | driveline-noise
vibration through the floor at 70 | drive-vibration
fan roars all the time, even on a cold start | fan-always
fuel gauge says half when it's brimmed | fuel-gauge
speedo drops to zero then comes back | speed-signal
wont take charge from the wallbox, plug light goes red | no-charging-plug
says hybrid system failure, pull over | hv-warning
ready light does not come, pedal dead | not-ready, ?no-rev
range is down to half since autumn | range-short
horn only works with the wheel turned left | horn
washer jets dribble | washers
interior light never goes off | interior-light
mirror doesn't fold anymore | mirrors
no heat from the seat, passenger side | seat-heater
the trailer socket has no left indicator | trailer
parking sensors scream with nothing behind | camera-sensor
lane assist says unavailable, camera blocked | camera-sensor
nothing wrong, just the yearly service and tyres please |
no noise any more since the belt, only want it checked |
is it normal that the fan runs after shutdown? |
bought it last week, want everything looked over |
`;
