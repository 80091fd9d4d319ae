/**
 * What is said on the telephone and noted down by whoever answers. Written after the weights were fitted for the first
 * time, in one go, and never looked at: nothing is mended or fitted for any of it. sentence | symptoms.
 */
export const BY_TELEPHONE = `
yeah hi, so I was on the ring road and it just lost all its oomph, like somebody let the air out | no-power
it's my mum's, she says the little engine thing is on, she's not noticed anything else | engine-lamp
I have to hold the wheel a bit to the right otherwise we end up in the hedge | steer-pull
she can't get it going in the mornings, it goes rur rur rur for ages then finally coughs into life | hard-start
it's leaving a right old mess of oil on my neighbour's block paving and he's not happy | oil-leak
you know when you go over the railway crossing, there's a horrible bang at the back | suspension-noise
it went into that crawl mode on the bypass, had to switch off at the lay-by and then it was fine | limp
I've just had it serviced with you and now there's a smell of diesel inside | fuel-smell
my wife reckons the brakes are going, there's a grating noise | brake-noise
the fan keeps blaring after I've locked it, people in the car park stare at me | fan-always
I turned the key this morning and there was just a tick, dash went dim | no-crank
it will fire up but as soon as I come off the pedal it goes off again | stall, ?start-stall, ?low-idle
you push the clutch and it goes all the way and there's nothing there | clutch-pedal
the kids in the back are boiling, the vents only blow hot, it's thirty outside | ac-warm, ?heater-only-hot
when I put the wipers on the left one sort of flops | wipers
it's drinking, absolutely drinking petrol, forty quid gets me nowhere | fuel-use
I get a shimmy at about sixty-five, goes away at seventy-five | drive-vibration
the tyre thing came up again, I was at the garage with the airline only yesterday | tyre-warning
it makes a groaning noise like a cow when I reverse into the space | ?steer-noise, ?brake-noise
it's leaking, no not oil, clear stuff, right under where my feet would be, passenger side, only when it's hot out | ac-water
I can't lock it, the button does nothing, I have to use the actual key | key-remote, ?windows-locks
the wheel at the back gets so hot my son burnt his finger | brake-drag
there's this blue smoke when I boot it | blue-smoke
the auto box, it goes up to three thousand and sort of hangs and then slams into the next one | harsh-shift, ?slipping
it won't come out of park, I'm stuck on my drive | shifter-locked
I've got a puddle under the radiator, looks like orange squash | coolant-leak
the needle's right up, the heater's blowing cold though, weird | overheat, no-heat
it keeps asking me for that blue stuff, I put two cans in | adblue-warning
there's a clicking when I go round the mini roundabout, only to the left | shaft-click
the boot won't stay up, nearly took my head off | door-body
it beeps at me the whole time as if I was about to hit something | camera-sensor
I was told the exhaust's got a hole, sounds like a boy racer | exhaust-noise
my battery's gone flat again, third time since Christmas | battery-drain
it judders like mad when I pull away up our hill | judder-off
so the light with the exclamation mark in the brackets, the red one, is on | brake-warning
sometimes when it's wet it just turns over and over | no-start
the speedo went to nought and then came back at the lights | speed-signal
I lose a drop of water every week but there's nothing on the floor | coolant-loss
you know that whistle a kettle makes, that, when I put my foot down | whistle
it's idling like a bag of nails, sort of rocking | rough-idle
the steering's gone dead heavy | steer-heavy
one of my headlights is out but the bulb's fine, I swapped it | lights-out
it's hunting, you know, vroom vroom vroom by itself at the lights | hunting-idle
the handbrake, I pull it right up and it still rolls | parking-brake
there's a sort of hum, been getting worse, like a plane, goes when I lean it to the right | wheel-noise
it's the airbag light, been on since the valet | airbag-light
it's hesitating, you put your foot down at a junction and pray | hesitation
it smells of eggs | rich-smell
I had the belt done and now it screeches when it's cold | belt-squeal
the car's all misted up inside every single morning | fog-inside
the dash went completely black on the motorway, everything, then it came back | instruments-dead
third gear grinds | hard-gear
the fuel gauge, I ran out with it showing a quarter | fuel-gauge
it's failed on emissions | emission-test
back left window's dropped into the door | windows-locks
it's throwing out black smoke at every roundabout | black-smoke
no it's driving fine, I just want it looked at before we go to France |
could you ring him back about the estimate for the bumper |
he wants to know if his tyres have come in |
it was making a noise but it's stopped since I emptied the boot |
she says thanks, it's been perfect since you did the clutch |
is it still under warranty, the gearbox you did |
he'll drop it off tonight, there's a key in the letterbox, battery's fine |
it's only in for its MOT and an oil change, no complaints |
`;
