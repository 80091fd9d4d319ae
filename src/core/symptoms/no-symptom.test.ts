import { describe, expect, it } from 'vitest';
import { starterItems } from '@/core/cause';
import { ORDINARY } from './ordinary-words';
import { readSentence } from './read';
import { tokens } from './words';

const read = (text: string) => readSentence(text).symptoms.flatMap((s) => (s.negated ? [] : [s.id]));

// On what could a symptom be read that nobody told of? On the name of a part, on a tale, on an everyday word.
describe('nothing is read where nothing was told', () => {
  it('the name of a part is no symptom, whatever was done with it', () => {
    const done = [
      'replaced the {x}',
      'please check the {x}',
      '{x} checked, fine',
      'the {x} is original',
      'swapped the {x} with a known good one',
      'new {x} fitted by another garage',
      'check the wiring to the {x}',
    ];
    const parts = starterItems().filter((i) => i.kind === 'part');
    expect(parts.length).toBeGreaterThan(300);
    const wrong = parts.flatMap(({ name }) =>
      done
        .map((d) => d.replace('{x}', name))
        .filter((text) => read(text).length > 0)
        .map((text) => `${text}: ${read(text).join()}`),
    );
    expect(wrong).toEqual([]);
  });

  const TALES = `
I was on my way to work when my wife called
my son drove it last, he says he did nothing
I only use it to go to church on Sunday
we bought it with 30,000 on the clock
the mechanic before you said it needs a new gearbox
I do not know much about cars
he told me to turn the key and wait
I had to walk home in the rain
my neighbour jumped in and helped push
I always park it in the garage overnight
we drove through deep water last month
there was a light rain when I left
I put the shopping in the boot and drove home
I let it run for ten minutes to warm up
kids were jumping on the back seats
we hit a pothole pretty hard in March
she ran over a kerb and a branch
I fill up at the supermarket station
used a cheap oil once
I pulled over and called the recovery
stopped at the petrol station for a coffee
smoke from a fire near the road
the dog chewed the seat
the ferry was noisy
loud music is his thing
it was hot that day, 35 degrees
I leave the lights on when I unload at night
my phone battery was dead so I could not call
the trailer was empty
the caravan weighs 1,400 kg
my brakes were done by a friend
the tyres were cheap ones
he warmed up the engine before the trip
car wash every week
I turned left at the lights
keeps good time
the drive home took an hour
one of the guys at the club has the same car
the parts store read it out for free
they cleared it and sent me away
I paid 900 for nothing
had to wait three weeks for the part
the engine bay was steam cleaned
someone put the wrong oil in
the last owner smoked in it
there is a rattle in my own head by now
please look at it quickly
I need it to take my mother to hospital
it has a manual gearbox and a sport suspension
runs on autogas since 2019
converted to LPG
tuned to 240 hp by the owner
car has been lowered
aftermarket radio and subwoofer fitted
has a dashcam on the lighter socket
steering wheel was re-trimmed
towing eye is in the boot
seats are leather with heating
the mirror glass was replaced after a parking bump
locksmith made a new key
battery in the remote was changed
fuel additive used twice
oil is checked weekly by the owner
coolant was tested to minus 30
pads at 60 percent
tyres at 5 mm
belts look new
hoses soft and dry
no play in the wheel bearings
timing chain was done at 110,000
clutch feels normal
all windows and locks work
alarm was fitted by the dealer
the bulb check at key on is ok
voltage drop on the ground side is 30 mV
fuse 14 is intact
continuity of both wires is good
pressure rises to 3.8 bar at once
scan shows no codes
every module answers
customer is in a hurry, will call back at noon
vehicle towed in by the recovery service
the car is used for school runs and short trips
last service was done at 72,000 miles
engine oil 5W-30 filled, 6 litres
new tyres fitted all round, wheel alignment done
had the alternator rebuilt two years ago
the previous owner fitted a towbar and an alarm
customer does mostly motorway driving
engine starts at once, idles smoothly and pulls well
brakes work well, pedal firm
heater is nice and warm
ac blows ice cold
lights, wipers, horn ok
no leaks found under the vehicle
steering straight, no play
suspension quiet over bumps
temperature stays at 90 degrees
fan comes on at 98 degrees and goes off again
customer heard about a recall for the fuel pump
found a dead mouse in the air filter box
the radio code card is missing
wheel bearing and brake discs were replaced in spring
customer has to stop for charging on long trips
the seat was out for the carpet repair
warning triangle and first aid kit are missing
coolant flushed and refilled
runs on premium only
power supply and ground at the module are good
checked for play, none found
please check the oil light switch
still the same. No lamps. Radio was changed 2 weeks ago
`;
  it.each(TALES.trim().split('\n'))('%s', (text) => {
    expect(read(text)).toEqual([]);
  });

  it('everyday words are not taken for misspelt ones', () => {
    expect(ORDINARY.size).toBeGreaterThan(250);
    expect(read('a small spot on the seat')).toEqual([]);
    expect(read('smart key in the drawer')).toEqual([]);
    // A misspelling is no everyday word.
    for (const word of ['stals', 'missfire', 'overheeting', 'hesitats'])
      expect(ORDINARY.has(tokens(word)[0]!.token)).toBe(false);
    expect(read('engine stalls and overheeting')).toContain('overheat');
  });
});
