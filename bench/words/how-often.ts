/**
 * How often a symptom shows, and the same words where they say nothing of it. Written in one go before the reader was
 * asked; of four lines the last two are held back: sentence | always, intermittent or once; nothing where it is not
 * told.
 */
export const HOW_OFTEN = `
stalls once warm |
cuts out every now and again | intermittent
it dies once you lift off the throttle |
happened only once, last Tuesday | once
does it every single time | always
not always, maybe one start in five | intermittent
lamp is on all the time | always
stored as a permanent DTC |
misses once in a while | intermittent
stalled once on the motorway, never again | once
CV joint knocks, constant velocity joint worn |
no start about twice a week | intermittent
P0300 random misfire detected |
comes and goes | intermittent
the fan runs permanently | always
once started it runs fine |
occasionally stalls at idle | intermittent
compressor cycles on and off |
does not do it all the time | intermittent
he always has it serviced here |
it has done it once | once
fault appears sporadically | intermittent
once the key is out it keeps running |
whines constantly | always
sometimes it will, sometimes it will not | intermittent
at once the engine dies |
every cold start | always
some days fine, some days hopeless | intermittent
cannot make it do it on demand |
once a month it leaves me stranded | intermittent
always on the left lock | always
hit and miss | intermittent
timed out, one time password lost |
continuous buzzing from the dash | always
happens randomly | intermittent
replaced the pump once already |
nine times out of ten | intermittent
never fails to do it | always
each time I brake | always
from time to time a jerk | intermittent
was only the one time | once
not once did it fail on the test drive |
the noise never stops | always
now and then it will not crank | intermittent
every other start | intermittent
always been noisy since new | always
rarely, maybe monthly | intermittent
a one off, has not come back | once
`;
