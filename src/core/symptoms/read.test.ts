import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CONDITIONS } from './conditions';
import { readSentence, Vocabulary } from './read';
import { SYMPTOMS } from './vocabulary';

const ids = (text: string) =>
  readSentence(text)
    .symptoms.filter((s) => !s.negated)
    .map((s) => s.id);

describe('reading symptoms (common practice, no source)', () => {
  it.each([
    ["won't start", 'no-start'],
    ['wont start', 'no-start'],
    ['winds over all day without firing', 'no-start'],
    ['does not turn over, just clicks', 'no-crank'],
    ['Cuts out at traffic lights', 'stall'],
    ['heisitates on acceleration', 'hesitation'],
    ['shakes at idle', 'rough-idle'],
    ['drinks water', 'coolant-loss'],
    ['battery is flat every monday morning, battery goes flat', 'battery-drain'],
    ['a/c not cold', 'ac-warm'],
    ['clonk over bumps', 'suspension-noise'],
    ['the boot is full of water', 'water-inside'],
    ['motor keeps conking out', 'stall'],
    ['trunk lid will not open', 'door-body'],
    ['no longer any whine from the gearbox', ''],
    ['the rattle from the engine has gone', ''],
    ['clunks over bumps', 'suspension-noise'],
    ['no power uphill', 'no-power'],
    ['check engine light flashing', 'lamp-flashes'],
    ['pedal goes to the floor', 'soft-pedal'],
  ])('%s', (text, id) => {
    expect(ids(text)[0] ?? '').toBe(id);
  });

  it('every phrase of the vocabulary finds its own concept', () => {
    const wrong: string[] = [];
    for (const s of SYMPTOMS)
      for (const says of s.says)
        if (!ids(says).includes(s.id)) wrong.push(`${s.id}: ${says} → ${ids(says).join()}`);
    expect(wrong).toEqual([]);
  });

  it('every phrase of the conditions finds its own condition', () => {
    const wrong: string[] = [];
    for (const c of CONDITIONS)
      for (const says of c.says)
        if (!readSentence(says).conditions.some((x) => x.id === c.id)) wrong.push(`${c.id}: ${says}`);
    expect(wrong).toEqual([]);
  });

  it('knows what is no longer there', () => {
    expect(readSentence('no longer stalls').symptoms).toMatchObject([{ id: 'stall', negated: true }]);
    expect(ids("doesn't overheat any more")).toEqual([]);
    expect(ids('no start')).toEqual(['no-start']);
  });

  it('reads conditions and how often beside the symptom', () => {
    const r = readSentence('stalls now and then at the lights when hot after rain');
    expect(r.symptoms.map((s) => s.id)).toEqual(['stall']);
    expect(r.conditions.map((c) => c.id).sort()).toEqual(['hot', 'idle', 'rain']);
    expect(r.frequency).toBe('intermittent');
  });

  it('has unique ids and at least 120 concepts', () => {
    expect(new Set(SYMPTOMS.map((s) => s.id)).size).toBe(SYMPTOMS.length);
    expect(SYMPTOMS.length).toBeGreaterThanOrEqual(120);
  });

  it('never throws, and reads the same sentence the same way twice', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (s) => {
        expect(readSentence(s)).toEqual(readSentence(s));
      }),
    );
  });

  it('reads the same whether it was drawn up at once, in steps, or by a sentence that came in between', async () => {
    const text = 'knocks when cold, won’t rev over 3000 and the coolant goes missing';
    const atOnce = new Vocabulary().read(text);
    expect(atOnce.symptoms.length).toBeGreaterThan(1);
    const inSteps = new Vocabulary();
    let pauses = 0;
    await inSteps.prepare(async () => void pauses++);
    expect(pauses).toBeGreaterThan(10);
    expect(inSteps.read(text)).toEqual(atOnce);
    const interrupted = new Vocabulary();
    const early: unknown[] = [];
    await interrupted.prepare(async () => void (early.length === 0 && early.push(interrupted.read(text))));
    expect(early).toEqual([atOnce]);
    expect(interrupted.read(text)).toEqual(atOnce);
  });
});

describe('a circumstance', () => {
  const when = (text: string) => readSentence(text).conditions.map((c) => c.id);

  it('is not what something is compared with', () => {
    expect(when('a shudder like driving over cobbles')).toEqual([]);
    expect(when('feels as if over bumps')).toEqual([]);
    expect(when('knocks over cobbles')).toEqual(['bumps']);
    expect(when('sounds like a tractor, over bumps')).toEqual(['bumps']);
  });
});
