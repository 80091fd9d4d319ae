import { describe, expect, it } from 'vitest';
import { thingWords } from './frame-tables';
import { readSentence } from './index';
import { symptomById } from './names';
import { shippedPhrases } from './phrases';

/** What names no thing says something of the car only where the sentence speaks of the car. */

const read = (text: string) => readSentence(text).symptoms.flatMap((s) => (s.negated ? [] : [s.id]));

describe('a phrase that names no thing', () => {
  it.each([
    ['the belt slips', 'slipping'],
    ['the noise dies away when warm', 'stall'],
    ['the rattle comes and goes, dies down when warm', 'stall'],
    ['someone knocked my bumper in the car park', 'knock'],
    ['knocked the mirror off', 'knock'],
    ['I stalled the payment', 'stall'],
    ['please skip the wash this time', 'misfire'],
    ['spat out the gum, it spits the disc out of the player', 'misfire'],
    ['no push on the pedal', 'no-power'],
    ['no force on the brakes', 'no-power'],
    ['the lamp goes red', 'overheat'],
    ['the door mirror slips down', 'slipping'],
    ['engine raced, I had to stall it', 'stall'],
    ['the smell won’t go away', 'no-start'],
    ['the car doesn’t go faster than 50', 'no-start'],
    ['please check tyre pressures and top up washer fluid', 'coolant-loss'],
    ['runs lean on bank 1', 'ride-height'],
    ['short circuit to ground in the loom', 'fuse-blows'],
    ['nail in the rear tyre', 'knock'],
    ['a singing noise at 40', 'burning-smell'],
    ['the tyre is always flat', 'battery-drain'],
    ['cold in the morning then warm', 'ac-cycles'],
    ['no restart after refuelling', 'adblue-warning'],
    ['rail pressure sensor drifts', 'steer-pull'],
    ['the solenoid valve slips', 'slipping'],
    ['oil change and a knock on the door when ready', 'harsh-shift'],
  ])('%s: not %s', (text, id) => {
    expect(read(text)).not.toContain(id);
  });

  it.each([
    ['it slips in third', 'slipping'],
    ['slips when pulling away', 'slipping'],
    ['clutch slips', 'slipping'],
    ['dies at junctions', 'stall'],
    ['it stalls the engine when I brake', 'stall'],
    ['engine light on, dies at idle', 'stall'],
    ['engine light on and it just dies', 'stall'],
    ['the engine knocks uphill', 'knock'],
    ['knocking when pulling', 'knock'],
    ['has no force', 'no-power'],
    ['on the motorway no power', 'no-power'],
    ['in second gear it jerks', 'jerking'],
    ['engine overheating', 'overheat'],
    ['boils over in traffic', 'overheat'],
    ['it spits and coughs', 'misfire'],
    ['car is slow', 'no-power'],
  ])('%s: %s', (text, id) => {
    expect(read(text)).toContain(id);
  });

  it('is never said of the car where a mirror, a radio or a seat does it, whichever phrase it is', () => {
    const thin = [...shippedPhrases()]
      .flat()
      .filter((p) => p.tokens.length <= 2 && !p.tokens.some((t) => thingWords().has(t)));
    expect(thin.length).toBeGreaterThan(200);
    const OTHERS = ['the radio', 'the passenger seat', 'the door mirror', 'the sunroof'];
    const wrong: string[] = [];
    for (const { id, tokens } of thin) {
      // What is said of the car's electrics or body may be said of these.
      if (['electrics', 'electrical', 'body', 'comfort'].includes(symptomById(id)!.area)) continue;
      for (const subject of OTHERS) {
        const text = `${subject} ${tokens.join(' ')}`;
        if (read(text).includes(id)) wrong.push(`${text} → ${id}`);
      }
    }
    expect(wrong).toEqual([]);
  });
});

describe('what is taken back, and what is not', () => {
  it.each([
    ['never stalls hot, only cold', 'stall', true],
    ['no misfire except when cold', 'misfire', true],
    ['it never overheats, only in traffic', 'overheat', true],
    ['does not stall any more, only the lamp is on', 'stall', false],
    ['the knocking stopped after the oil change', 'knock', false],
    ['the knocking has stopped', 'knock', false],
    ['the squeal from the belt stopped since the repair', 'belt-squeal', false],
    ['the horn stopped working', 'horn', true],
    ['wipers stopped', 'wipers', true],
  ] as const)('%s: %s %s', (text, id, there) => {
    if (there) expect(read(text)).toContain(id);
    else expect(read(text)).not.toContain(id);
  });
});
