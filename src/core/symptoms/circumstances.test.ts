import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CONDITIONS, readSentence } from '.';

/** Common practice, no source: what a service writer would note as when it happens. */
const when = (text: string) =>
  readSentence(text)
    .conditions.flatMap((c) => (c.negated ? [] : [c.id]))
    .sort();

describe('words of a circumstance', () => {
  it.each([
    ['stalls hot', ['hot']],
    ['misfires cold, fine hot', ['cold-start']],
    ['jerks when it is cold', ['cold-start']],
    ['judders uphill', ['load']],
    ['does it in reverse', ['reverse']],
    ['stalls under braking', ['braking']],
    ['cold: long cranking', ['cold-start']],
    ['dies with the fuel low in bends', ['low-fuel', 'turning']],
    ['flat after standing overnight', ['standing']],
    ['no start after two weeks', ['standing']],
  ])('“%s” says when', (text, conditions) => {
    expect(when(text)).toEqual(expect.arrayContaining(conditions));
  });

  it.each([
    // The name of a part or a function.
    'cold start valve leaks',
    'reversing lamp dead',
    'turn signal lamp out',
    'parking brake cable seized',
    'cruise control switch broken',
    'steering column lock stuck',
    'idle valve dirty',
    'high speed can bus open',
    'rain sensor faulty',
    'wet grip tyres fitted',
    'door open switch broken',
    'brake light switch replaced',
    'low speed fan relay burnt',
    'winter tyres on the front',
    // What a thing is like, not when something happens.
    'the right rear wheel is hot',
    'heater blows cold',
    'the carpet is wet',
    // Ordered, planned, or a span of days without what it is behind.
    'needs a new part',
    'part takes two weeks',
    'will not come out of park',
  ])('“%s” does not', (text) => {
    expect(when(text)).toEqual([]);
  });

  it('that make no difference say no circumstance', () => {
    expect(when('stalls whether hot or cold')).toEqual([]);
    expect(when('stalls regardless of load')).toEqual([]);
    expect(when('stalls hot or cold')).not.toEqual([]);
  });

  it('go with a symptom before or behind them, for every circumstance there is', () => {
    const says = CONDITIONS.flatMap((c) => c.says.map((text) => ({ id: c.id, text })));
    fc.assert(
      fc.property(fc.constantFrom(...says), ({ id, text }) => {
        const read = readSentence(`grinding noise, ${text}`).conditions;
        expect(read.map((c) => c.id)).toContain(id);
      }),
      { numRuns: 300 },
    );
  });

  it('are part of a name in front of a device, for every bare one', () => {
    const bare = CONDITIONS.flatMap((c) =>
      c.says.filter((t) => /^\p{L}+$/u.test(t)).map((text) => ({ id: c.id, text })),
    );
    fc.assert(
      fc.property(
        fc.constantFrom(...bare),
        fc.constantFrom('sensor', 'valve', 'switch', 'lamp'),
        ({ id, text }, device) => {
          expect(readSentence(`${text} ${device} replaced`).conditions.map((c) => c.id)).not.toContain(id);
        },
      ),
    );
  });
});
