import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CONDITIONS } from './conditions';
import { readSentence } from './read';
import { SYMPTOMS } from './vocabulary';

/**
 * Whole sentences as they are said at a counter, on both sides of the Atlantic; what they mean is common
 * practice, no source. None of them stands in the vocabulary as it is here.
 */
const SAID: [string, string[]][] = [
  ['The wife says it conked out twice at the roundabout this morning', ['stall']],
  ['Customer states vehicle hesitates when pulling away from a stop sign', ['hesitation']],
  ['It just clicks when I turn the key and nothing happens', ['no-crank']],
  ['turns over fine but she will not fire up', ['no-start']],
  ['Takes ages to start of a morning, fine the rest of the day', ['hard-start']],
  ['starts up and then dies straight away', ['start-stall']],
  ['the revs go up and down by themselves at the lights', ['hunting-idle']],
  ['coolant level keeps dropping but there is no puddle', ['coolant-loss']],
  ['temperature gauge goes into the red on long hills', ['overheat']],
  ['blue smoke out of the exhaust on start up', ['blue-smoke']],
  ['white smoke and it is using coolant', ['white-smoke', 'coolant-loss']],
  ['there is a whining noise from the gearbox in third', ['driveline-noise']],
  ['the steering wheel shakes at 70', ['drive-vibration']],
  ['pulls to the left when I brake', ['brake-pull']],
  ['brake pedal is spongy', ['soft-pedal']],
  ['grinding noise when braking', ['brake-noise']],
  ['heater blows cold', ['no-heat']],
  ['the a/c only blows warm air', ['ac-warm']],
  ['battery was flat again after the weekend', ['battery-drain']],
  ['driver window will not go up', ['windows-locks']],
  ['check engine light came on yesterday', ['engine-lamp']],
  ['smells of petrol inside', ['fuel-smell']],
  ['burning oil smell after a run', ['burning-smell']],
  ['it will not rev over three thousand, goes into limp mode', ['limp']],
  ['no power going up hills', ['no-power']],
  ['clutch slips in fifth gear', ['slipping']],
  ['goes through a lot of oil between services', ['oil-use']],
  ['the engine no longer stalls but it still shakes at idle', ['rough-idle']],
];

const idsOf = (text: string) =>
  readSentence(text)
    .symptoms.filter((s) => !s.negated)
    .map((s) => s.id);

describe('sentences as they are said (common practice, no source)', () => {
  it.each(SAID)('%s', (text, wanted) => {
    expect(idsOf(text)).toEqual(expect.arrayContaining(wanted));
  });
});

describe('what stands around a symptom', () => {
  const symptom = fc.constantFrom(...SYMPTOMS.flatMap((s) => s.says.map((says) => ({ id: s.id, says }))));
  const filler = fc.constantFrom(
    '',
    'customer states: ',
    'since last week, ',
    'hello. ',
    'and another thing: ',
  );

  it('does not hide it: capitals, fillers, a full stop', () => {
    fc.assert(
      fc.property(symptom, filler, fc.boolean(), ({ id, says }, before, loud) => {
        const text = `${before}${loud ? says.toUpperCase() : says}.`;
        const { symptoms, perhaps } = readSentence(text);
        expect([...symptoms, ...perhaps].map((s) => s.id)).toContain(id);
      }),
      { numRuns: 300 },
    );
  });

  it('adds its condition beside it', () => {
    const condition = fc.constantFrom(...CONDITIONS);
    fc.assert(
      fc.property(condition, (c) => {
        const read = readSentence(`stalls, ${c.says[0]}`);
        expect(read.symptoms.map((s) => s.id)).toContain('stall');
        expect(read.conditions.map((x) => x.id)).toContain(c.id);
      }),
    );
  });

  it('keeps every word that nobody knows', () => {
    // Letters no word of the vocabulary is near to.
    const unknown = fc.stringMatching(/^[qxz]{3}[jvk]{3}[qxz]{2}$/);
    fc.assert(
      fc.property(fc.uniqueArray(unknown, { minLength: 1, maxLength: 4 }), (words) => {
        const rest = readSentence(`stalls ${words.join(' ')}`).rest.join(' ');
        for (const word of words) expect(rest).toContain(word);
      }),
    );
  });
});

describe('sentences that name a thing say nothing of another', () => {
  it.each([
    ['rear tyre is low on air', 'ride-height'],
    ['front left tyre low', 'ride-height'],
    ['washer fluid low at the back', 'ride-height'],
    ['rear left window is down', 'ride-height'],
    ['low beam on one side is out', 'ride-height'],
    ['heater hose broken', 'no-heat'],
    ['gear indicator on', 'transmission-lamp'],
    ['front wheel bearing was replaced', 'wheel-noise'],
    ['engine was rattling but the new chain fixed it', 'engine-noise'],
    ['loses water but I see no puddle', 'coolant-leak'],
    ['it used to stall', 'stall'],
    ['oil light off again', 'oil-pressure-low'],
  ])('%s: not %s', (text, symptom) => {
    expect(
      readSentence(text)
        .symptoms.filter((s) => !s.negated)
        .map((s) => s.id),
    ).not.toContain(symptom);
  });
});

describe('what no symptom was said in', () => {
  // Each was read as one once: two words that stand somewhere in a sentence, a part by its name, a thing that is well.
  it.each([
    'lights die when braking',
    'lost all electrics while driving',
    'steering wheel straight, no pull',
    'customer says brakes feel fine now',
    'no noise heard on the road test',
    'immobiliser',
    'tpms sensor',
    'engine mount replaced',
    'handbrake cable',
    'clunk',
  ])('%s', (said) => {
    expect(readSentence(said).symptoms.filter((s) => !s.negated)).toEqual([]);
  });
  it.each([
    ['battery light flickers at idle', 'no-charge'],
    ['gearbox oil changed, still bangs into 2nd', 'harsh-shift'],
    ['still dead in the morning', 'battery-drain'],
    ['car goes off at the lights', 'stall'],
    ['smells like eggs', 'rich-smell'],
    ['oil in the coolant', 'oil-cap-sludge'],
    ['fuel dripping under the car', 'fuel-leak'],
    ['will not come out of park', 'shifter-locked'],
  ])('%s is %s', (said, id) => {
    expect(readSentence(said).symptoms.map((s) => s.id)).toEqual([id]);
  });
  it.each([
    ['stalls hot but fine when cold', ['hot']],
    ['no start hot', ['hot']],
    ['stalls, not when cold', []],
    ['hesitates when pulling away', ['acceleration']],
  ])('%s: %j', (said, conditions) => {
    expect(readSentence(said).conditions.flatMap((c) => (c.negated ? [] : [c.id]))).toEqual(conditions);
  });
});
