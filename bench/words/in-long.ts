/**
 * Complaints told at length, with what was done before, what is well, other people's words and side matters, as they
 * stand in forms, e-mails and notes of calls. Written in one go before any of it was read by the program:
 * sentence | symptoms.
 */
export const IN_LONG = `
Bought it six weeks ago with a fresh inspection, and ever since the engine cuts out whenever I come off the motorway and stop at the roundabout | stall
My brother changed the plugs and the air filter but it still stumbles when I pull out of the drive, once it is warm you would not know | hesitation
The shop before you fitted a new battery and an alternator, nevertheless every Monday the battery is empty | battery-drain
Customer says it never used a drop of oil until the turbo was done, since then a litre between fill-ups | oil-use
We were on holiday with the caravan when the temperature went up to the red on the pass, my husband put the heating on full and it came down | overheat
It is fine in town, but as soon as I am above 110 on the autobahn the whole dashboard trembles | drive-vibration
The previous owner told me the clicking was normal, but when I turn into my yard with full lock it clicks like a bicycle | shaft-click
When I start in the morning there is a cloud, bluish, then for the rest of the day nothing | blue-smoke
No lamps are on and it drives well, only the fuel consumption has gone from 6 to 9 litres since the winter | fuel-use
Radio works, heating works, but the wipers stopped in the middle of the screen in heavy rain and I had to call the breakdown service | wipers
The air conditioning was refilled last summer and again in May and now it blows warm again | ac-warm
I smell petrol only after filling to the brim and only in the left rear corner | fuel-smell
It goes into gear but then waits, one, two, and then bang it moves off | delayed-engage, harsh-shift
They replaced the wheel bearing on the right but the drone at 80 to 100 is still there, quieter in left hand bends | wheel-noise
The yellow engine symbol came on after the wash and went out by itself two days later, drives as before | engine-lamp
Tow truck driver said battery is good, it turns over strongly, it just does not fire | no-start
Sometimes after the shop when the engine is hot I have to crank for ten seconds until it catches, cold it starts on the first turn | hard-start
With four people in it scrapes the speed bumps and the back sits down like a dog | ride-height
The steering wheel stands five degrees to the left on a straight road since the track rod was replaced, it does not pull | wheel-off-centre
Brakes were done at the end of last year, discs and pads all round, now the pedal pulsates when slowing down from 120 | brake-judder
At the inspection they failed it for CO, he said too rich at idle | emission-test, ?rich-smell
The key has to be turned three times before the locks react, new coin cell in it already | key-remote, ?windows-locks
My daughter says there is water in the footwell behind the driver, carpet wet through, sunroof drains were cleaned in spring | water-inside
Sometimes the gauge cluster is dead for a second when I am driving over rails, then it all comes up again | instruments-dead
There is nothing to hear from the starter, the dash lights go out when I turn the key | no-crank
Takes ages to get hot, gauge under half even on the highway, and my feet freeze | runs-cold, no-heat
The tank light says reserve though I have just put 40 litres in, the pump at the station was fine | fuel-gauge
On the first drive of the day the auto slips between 2 and 3, after ten minutes it changes like butter | slipping
A shudder like driving over cobbles at steady 60 to 70 with a light foot, gone when I press harder | tcc-shudder
A whine in the speakers that follows the revs since the new radio | audio-whine
Customer noticed oil drops on the paving, front, engine side, dealer topped up half a litre | oil-leak
The handbrake warning lamp stays lit with the lever down, brakes feel normal | brake-warning, ?parking-brake
Anti-skid kicks in on a dry straight road at walking pace just before I stop, pedal rattles | abs-false
Rear left wheel gets so hot you can smell it, rim is black with dust | brake-drag
It pulls to the right under hard braking only, otherwise straight as an arrow | brake-pull
When reversing out with the wheel at lock there is a groan from the pump | steer-noise
Somebody hit the mirror, since then it does not fold any more | mirrors
Motor races to 3000 by itself at the lights and then falls again | runaway, ?high-idle
It hunts between 600 and 1100 when I wait with the aircon off | hunting-idle
Lost power on the hill, exclamation mark and a message engine performance reduced, off and on again and it was normal | no-power, limp, ?engine-lamp
Loud rattle under the car on start-up for two seconds like stones in a can, heat shield was tightened | exhaust-noise, ?engine-noise
The belt screams when it is wet for the first kilometre | belt-squeal
Engine knocks on regular but not on super, uphill mainly | knock
Coolant tank is at minimum every two weeks, no puddle, no smoke, oil clean | coolant-loss
After standing overnight there is a green lake below the radiator | coolant-leak
When I unplug the charger it will not let go of the plug, I have to lock and unlock five times | plug-stuck
Car charges at work but at home after a minute it stops and shows red | no-charging-plug
Range was 300 now 190 and it is not even cold | range-short
It refuses to go into ready, dash lights up, then turtle | not-ready, ?hv-warning, ?ev-limit
Diesel, regenerates every 80 km and the fan roars when I park | regen-often, ?fan-always
Message says fill urea though the tank is full, 600 km left until no restart | adblue-warning
The tailgate opens by itself a hand's width when parked | door-body
Passenger airbag lamp came on after I pushed the seat right back to vacuum | airbag-light
It beeps for the seat belt although nobody sits there, shopping bag weighs nothing | seat-belt
Rear view camera is black in the morning, works in the afternoon | camera-sensor
The start-stop has not worked for a year, the old battery was replaced, still not | start-stop
Cruise drops out after a few minutes, no lamp | cruise
Fan on 1, 2, 3 nothing, only 4 blows | blower
Air comes on the windscreen only, whatever I choose | airflow-wrong
Horn sounds when I turn left | horn
Fuse 14 is blown again, third time, with the trailer on | fuse-blows, trailer
Left brake light comes on with the indicator | brake-lights, ?indicators
Headlights go dark for a second when the window is lifted | lights-flicker
Driver window goes down but not up, the others are fine | windows-locks
Every few days clock is on 00:00 and the stations are gone | memory-lost
The alarm went on three times in the night, neighbour complained | alarm
Smell of burnt plastic from the vents when the heater is on 4 | burning-smell
White smoke from under the bonnet at the lights and a sweet smell | smoke-engine-bay, coolant-smell
Speedo drops to zero now and then and the gearbox then bangs into third | speed-signal, harsh-shift
The reverse gear crunches unless I go to first before | hard-gear
Clutch bites right at the top and it slips in fourth uphill | slipping, clutch-pedal
When I let the clutch out there is a chirp that stops with a toe on the pedal | clutch-noise
Prop shaft was balanced, still a clonk when taking up drive | driveline-noise
The bike dies as soon as I put it in first with the stand up | stand-cut
Jumps out of second under load, chain is new | quickshift
The fork weeps on the left and dives | fork-leak
Handlebars shimmy hands off at 80 | weave
Tractor: lift arms come up slowly when oil is hot, steering gets lazy as well | hydraulics, steer-heavy
Truck: air takes ten minutes to build, buzzer on | air-brake
Retarder has no effect downhill since yesterday | engine-brake
PTO does not engage with the seat empty, that is right, but neither with me on it | pto
Boat engine will not rev past 3500, runs sweet below | no-rev, ?rev-limit, ?limp
Old carb car floods when hot, smells of petrol, starts with the foot flat | flooded, fuel-smell, ?hard-start
Keeps running on for a few turns after I take the key out | run-on
Bangs in the exhaust when I lift off downhill | backfire
Customer complains of judder when setting off on a slope, auto | judder-off
Lights itself up: the interior lamp stays on all night | interior-light
Water drips on my foot on the passenger side when the air con is on | ac-water
The compressor clicks in and out every three seconds | ac-cycles
Musty stink from the vents for the first minute | ac-smell
Loud hum from the fuel tank since I ran it nearly dry | pump-noise
The gear display shows a dash and it stays in third | gear-display, limp, ?no-shift
Cannot get it out of P without the trick with the screwdriver | shifter-locked
Gas pedal got stuck when I overtook, had to switch off | throttle-sticks
Customer states: intermittent no crank, happens hot, waits 20 min then ok. Battery tested good by other shop. | no-crank
c/s dies while driving, restarts after 10 min, no MIL on, fuel pump replaced 2 weeks ago no change | stall
C/o rough idle in D at stop, smooth in N. Mounts look ok. | rough-idle, ?engine-vibration
cust reports P0420 light returned 3 days after cat replaced elsewhere, no drivability concern | engine-lamp
Verified concern: vehicle vibrates 55-65 mph, tires balanced twice. | drive-vibration
Owner says no noise when cold, rumbles from the back after ten miles, louder on coarse tarmac | wheel-noise, ?driveline-noise
I do not think it is the brakes because they were checked, but the car wants to go left all the time | steer-pull
Das Auto ruckelt, I mean it jerks, when I go slowly in second gear with the clutch out | jerking
Since the chip tuning it goes into emergency programme on the motorway at full throttle | limp, ?turbo-overboost
The motor has no more pull over 2500 turns, in the low it is normal | no-power
By cold weather comes white damp out of exhaust, also when warm, and water misses | white-smoke, coolant-loss
It makes a noise like whistle when accelerate, and has less force than before | whistle, no-power
The electric window of behind left not closes | windows-locks
When it rains it does not want to start, dry no problem | no-start, ?hard-start
The light of the oil flickers at the red light when very hot | oil-pressure-low
The car eat the tyres inside, already the second set | tyre-wear
He stays hanging at 1500 turns when I go off the gas | high-idle
In curves to the right knocks something in the front | suspension-noise, ?driveline-noise, ?shaft-click
The gearbox switches not in the fifth, stays in four | no-shift
The accu is after two days empty, we have already a new one | battery-drain
I have to brake very strong with the leg, since the engine was washed | hard-pedal
Ventilation runs on when I close the car, half an hour long | fan-always
Very often she must be pushed, starter only says clack | no-crank
Neighbor says the exhaust smells like eggs, I can't smell it | rich-smell
The check engine flashed on the hill and the car shook like a wet dog | lamp-flashes, misfire
Wife's car: heats fine, cools fine, but every time the AC kicks in the idle drops and it almost quits | low-idle, ?stall, ?rough-idle
The dealer reset the tyre warning twice, pressures are right, it still comes back after some kilometres | tyre-warning
Front left tyre needs air every Friday | tyre-pressure-loss
Since the windscreen was replaced it whistles at 100 by the A-pillar | wind-noise
Dashboard rattles on bad roads, otherwise silent | rattle-body
Suspension pump behind the seat runs all the time and then a message drive carefully | air-compressor-runs, ?suspension-lamp
The display of the radio reboots every ten minutes | radio-display
Fuel flap stays locked, had to be opened from the boot | fuel-flap
Both dipped beams are out, full beam works, bulbs are good | lights-out
Indicator on the right blinks fast | indicators
Rear screen stays misted, the wires do nothing | rear-demister
There is a tingle when you touch the door, no, not the car, it is my coat; but the seat heating on my side stays cold | seat-heater
Diagnostics plug does not answer to our tester, engine runs | no-communication
Mileage shows lines instead of numbers | odometer
Immobilizer light blinks and it cranks for one second then stops | immobilised, ?start-stall
It fires, runs for two seconds, dies, every time | start-stall
It needs two batteries' worth of cranking, slowly, whirr... whirr... in frost | slow-crank
When I twist the key it goes 'zing' and nothing turns | starter-grind, ?no-crank
Bucks like a horse at 40 in fifth, clutch in and it coasts fine | jerking
Surges on the flat at 50 with my foot still | surge
Smoke, black, when towing | black-smoke
Fumes in the cabin at standstill, headache | exhaust-fumes
The pedal sinks slowly at the lights but pumps up | soft-pedal
Grinding from the front on the last metre before standing | brake-noise
I need double the distance to stop since the winter lay-up | brake-long
Parking brake motor whirrs for ten seconds | parking-noise
Brake fluid lamp comes on in sharp corners | brake-fluid-low
The lamp for the pads is on, they measured 6 mm left | pad-lamp
Steering gets stiff when I park, ok on the move | steer-heavy
Free play in the wheel, an inch before anything happens | steer-play
Wheel does not come back by itself after the corner | steer-return
Red juice under the steering rack | steer-leak
Bounces like a ship after a bump | damper-leak
Rides as hard as a board since the new springs | ride-hard
Yellow steering wheel symbol on the dash, steers as usual | steering-lamp
Gearbox warning, cog with an exclamation mark, no other problem | transmission-lamp
The glow coil lamp blinks while driving | glow-lamp
A hiss from the filler when I open the cap and a message check fuel cap | evap-smell
Mayonnaise under the oil cap, hoses hard as stone after a run | oil-cap-sludge, coolant-pressure
Oil level goes up by itself and smells of diesel | oil-level-rise
Thermometer shows 130 then 50 then 90 within a minute, engine feels normal | temp-gauge
Bubbling behind the glovebox after start | heater-noise
Fan squeals like a bird on level 2 | blower, ?ac-noise
The heating can not be turned off, boiling even on cold | heater-only-hot
The parking heater clicks, smokes a bit and shuts off | auxiliary-heater
The generator overcharges, 16 volts on my plug-in meter and bulbs die | over-charge, lights-out
Battery lamp glows weakly at idle and goes at 1500 | no-charge
Electric parking plug on the caravan: left indicator dead on the trailer only | trailer
The door open sign stays on with all doors shut | door-warning
No complaint, only inspection and oil change please |
All good after the repair, thank you, no more shaking and the light stays off |
He wants to know if the timing belt is due at 90,000 |
Please quote for four tyres and alignment, no problems so far |
The previous shop diagnosed a misfire but it turned out to be only the floor mat buzzing |
Pick-up on Thursday, key is in the box, the battery in the remote is new |
Check air conditioning before holiday, cools well |
Used to overheat before the water pump was done, now stable at 90 |
The stalling is gone since the throttle was cleaned; now it only smells of oil when parked | oil-leak, ?burning-smell
No smoke, no noise, no loss of coolant, just the lamp | engine-lamp
Not a rattle, more like a deep growl from the back axle that changes with speed and not with revs | driveline-noise, ?wheel-noise
It isn't that it doesn't start, it is that it takes too long | hard-start
Neither the heater nor the AC does anything, the fan is silent | blower, ?no-heat, ?ac-warm
`;
