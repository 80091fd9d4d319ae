import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { coverageOf, covers } from './coverage';
import { followCodes, unrecordedClears, type CourseFacts } from './recurrence';
import { moduleKind, sameModule } from './modules';

const at = (minute: number) => new Date(Date.UTC(2026, 2, 2, 8, minute)).toISOString();

describe('names of modules over tools (common practice, no source)', () => {
  it.each([
    ['PCM - Powertrain control module', 'engine'],
    ['Engine control module (ECM)', 'engine'],
    ['ABS / ESP', 'brakes'],
    ['Airbag', 'restraints'],
    ['Engine sound', ''],
    ['Engine 2', ''],
    ['K7/2 front module', ''],
    ['', ''],
  ])('%s is of the kind "%s"', (name, kind) => {
    expect(moduleKind(name)).toBe(kind);
  });
  it('takes the very name before the kind, and no kind that two share', () => {
    expect(sameModule('Engine', ['ECM', 'engine'])).toBe('engine');
    expect(sameModule('Engine', ['ECM', 'Airbag'])).toBe('ECM');
    expect(sameModule('Engine', ['ECM', 'PCM'])).toBeUndefined();
    expect(sameModule('Door left', ['Door right'])).toBeUndefined();
  });
});

describe('what a scan read', () => {
  const module = (name: string, over: object = {}) => ({ scanId: 's', name, answered: true, ...over });
  const of = (scan: object, modules: ReturnType<typeof module>[] = [], codes: { scanId: string }[] = []) =>
    coverageOf({ id: 's', text: 'report', leftover: [], ...scan }, modules, codes);
  it('is the modules that answered, unless the tool broke off before', () => {
    const c = of({}, [
      module('Engine'),
      module('ABS', { answered: false }),
      module('Airbag', { read: false }),
    ]);
    expect(c).toMatchObject({ told: true, whole: false, read: ['Engine'], notRead: ['ABS', 'Airbag'] });
    expect(['Engine', 'ABS', 'Airbag', 'Radio'].map((m) => covers(c, m, 'B1000'))).toEqual([
      'yes',
      'no',
      'no',
      'no',
    ]);
  });
  it('is the whole vehicle but for those that were silent, where a person says so', () => {
    const c = of({ scope: 'vehicle' }, [module('ABS', { answered: false })]);
    expect(['Radio', 'ABS'].map((m) => covers(c, m, 'B1000'))).toEqual(['yes', 'no']);
    expect(covers(c, '', 'C0035')).toBe('yes');
    expect(covers(of({ scope: 'vehicle' }, [module('Engine', { answered: false })]), '', 'P0171')).toBe('no');
  });
  it('is nothing where nothing could be read, and not told for a bare list', () => {
    expect(of({ leftover: ['garbage'] })).toMatchObject({ told: true, read: [] });
    expect(of({ text: '' })).toMatchObject({ told: true, read: [] });
    expect(of({ scope: 'nothing' }, [module('Engine')])).toMatchObject({ told: true, read: [] });
    expect(of({}, [], [{ scanId: 's' }])).toMatchObject({ told: false });
    expect(covers(of({}, [], [{ scanId: 's' }]), 'Engine', 'P0171')).toBe('not told');
    const values = coverageOf(
      { id: 's', text: 'Engine speed 812 rpm', leftover: [] },
      [],
      [],
      [{ scanId: 's' }],
    );
    expect(values.because).toMatch(/live values and no list of codes/);
    expect(covers(values, 'Engine', 'P0171')).toBe('no');
    expect(coverageOf({ id: 's', text: '', leftover: [] }, [], [], [{ scanId: 'other' }]).because).toMatch(
      /could be read/,
    );
  });
});

describe('course of codes, drawn at random', () => {
  const NAMES = ['Engine', 'ABS', 'Airbag'];
  const CODES = ['P0171', 'C0035', 'B0051'];
  /** Scans with the modules each read and the codes each found, clears and repairs, at times in any order. */
  const stories = fc.record({
    scans: fc.array(
      fc.record({
        minute: fc.integer({ min: 0, max: 600 }),
        read: fc.subarray([0, 1, 2]),
        found: fc.subarray([0, 1, 2]),
      }),
      { minLength: 1, maxLength: 6 },
    ),
    clears: fc.array(fc.integer({ min: 0, max: 600 }), { maxLength: 3 }),
    repairs: fc.array(fc.integer({ min: 0, max: 600 }), { maxLength: 2 }),
  });
  type Story = typeof stories extends fc.Arbitrary<infer S> ? S : never;
  const facts = (s: Story): CourseFacts => ({
    scans: s.scans.map((x, i) => ({
      id: `s${i}`,
      at: at(x.minute),
      phase: '' as const,
      text: 'x',
      leftover: [],
      scope: 'modules' as const,
    })),
    modules: s.scans.flatMap((x, i) =>
      NAMES.map((name, m) => ({
        id: `m${i}-${m}`,
        scanId: `s${i}`,
        name,
        answered: x.read.includes(m),
      })),
    ),
    codes: s.scans.flatMap((x, i) =>
      x.found
        .filter((m) => x.read.includes(m))
        .map((m) => ({ scanId: `s${i}`, code: CODES[m]!, text: '', moduleId: `m${i}-${m}` })),
    ),
    clears: s.clears.map((c) => ({ at: at(c) })),
    repairs: s.repairs.map((r) => ({ at: at(r) })),
  });
  const courses = (f: CourseFacts) => new Map(followCodes(f).map((c) => [c.code, c]));

  it('a code is called gone only when a scan after a clear read its module and did not have it', () => {
    fc.assert(
      fc.property(stories, (s) => {
        for (const c of followCodes(facts(s))) {
          if (c.course !== 'did not return' && c.course !== 'cured' && c.course !== 'intermittent') continue;
          const m = CODES.indexOf(c.code);
          const seen = s.scans.some(
            (x) => x.read.includes(m) && !x.found.includes(m) && s.clears.some((k) => k < x.minute),
          );
          if (!seen) return false;
          if (c.course === 'cured' && s.repairs.length === 0) return false;
          if (c.course === 'did not return' && s.clears.length === 0) return false;
        }
        return true;
      }),
      { numRuns: 600 },
    );
  });
  it('no scan that did not read its module changes what is said of a code, but that it was not read', () => {
    fc.assert(
      fc.property(
        stories,
        fc.integer({ min: 0, max: 600 }),
        fc.integer({ min: 0, max: 2 }),
        (s, minute, m) => {
          const before = courses(facts(s)).get(CODES[m]!);
          const others = [0, 1, 2].filter((x) => x !== m);
          const after = courses(
            facts({ ...s, scans: [...s.scans, { minute, read: others, found: [] }] }),
          ).get(CODES[m]!);
          if (!before || !after) return before === after;
          const open = ['not read', 'not scanned since', 'returned later', 'returned at once'];
          return (
            before.course === after.course || (open.includes(before.course) && open.includes(after.course))
          );
        },
      ),
      { numRuns: 600 },
    );
  });
  it('nothing depends on the order in which it was typed', () => {
    fc.assert(
      fc.property(stories, (s) => {
        const f = facts(s);
        // Rows of one moment have no order of their own.
        const moments = [...s.scans.map((x) => x.minute)];
        if (new Set(moments).size !== moments.length) return true;
        const turned = courses({
          scans: [...f.scans].reverse(),
          modules: [...f.modules].reverse(),
          codes: [...f.codes].reverse(),
          clears: [...f.clears].reverse(),
          repairs: [...f.repairs!].reverse(),
        });
        return [...courses(f)].every(([code, c]) => {
          const t = turned.get(code)!;
          return t.course === c.course && t.because === c.because && t.scanIds.join() === c.scanIds.join();
        });
      }),
      { numRuns: 400 },
    );
  });
  it('a repair of unknown time leaves open what took the code away', () => {
    const [c] = followCodes({
      scans: [
        { id: 'a', at: at(0), phase: '' },
        { id: 'b', at: at(60), phase: '' },
      ],
      modules: [
        { id: 'm', scanId: 'a', name: 'Engine', answered: true },
        { id: 'n', scanId: 'b', name: 'Engine', answered: true },
      ],
      codes: [{ scanId: 'a', code: 'P0171', text: '', moduleId: 'm' }],
      clears: [{ at: at(30) }],
      repairs: [{ at: null }],
    });
    expect(c).toMatchObject({ course: 'did not return', repairNotTold: true });
    expect(c!.because).toMatch(/not told/);
  });
});

describe('clears that nobody recorded', () => {
  it('flags a clear with no scan before it, and a second one straight after', () => {
    expect(unrecordedClears([{ at: '3' }], [{ id: 'x', at: '2' }])).toEqual(['x']);
    const two = [
      { id: 'x', at: '2' },
      { id: 'y', at: '4' },
    ];
    expect(unrecordedClears([{ at: '1' }], two)).toEqual(['y']);
    expect(unrecordedClears([{ at: '1' }, { at: '3' }], two)).toEqual([]);
  });
});
