import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { convert, findUnit, readEntry, unitsOf } from '@/core/readings';
import { CHECKS } from './all';
import { formOf, jsonSchemaOf, overall, runCheck, type Typed } from './run';
import { checksForCode, inRun, searchChecks } from './search';

/** What holds for every check, whatever it computes. */

const done = (result: ReturnType<typeof runCheck>) => {
  if (result.state !== 'done') throw new Error(JSON.stringify(result));
  return result;
};
const sane = (text: string) => !/NaN|Infinity|undefined|null|\[object/.test(text);

/** Rewrites every entry with a unit into another unit of the same kind. */
function inOtherUnits(typed: Typed, step: number): Typed {
  const swap = (text: string) => {
    const e = readEntry(text);
    if (e.kind !== 'quantity' || e.quantity.unit === '' || e.quantity.unit === '%') return text;
    if (CHECKS.some((c) => formOf(c).some((f) => f.info.kind === 'choice' && f.info.options.includes(text))))
      return text;
    const measures = findUnit(e.quantity.unit)!.measures;
    const units = unitsOf(measures);
    const to = units[(units.indexOf(e.quantity.unit) + step) % units.length]!;
    return `${convert(e.quantity, to).value.toPrecision(12)} ${to}`;
  };
  return Object.fromEntries(
    Object.entries(typed).map(([name, v]) => [
      name,
      typeof v === 'string'
        ? swap(v)
        : v.map((row) =>
            Object.fromEntries(Object.entries(row).map(([k, t]) => [k, k === 'at' ? t : swap(t)])),
          ),
    ]),
  );
}

/** Gives every bare number of an example its unit, so that swapping units swaps all of them. */
function withUnits(check: (typeof CHECKS)[number], typed: Typed): Typed {
  const dress = (text: string | undefined, unit: string) => {
    const e = readEntry(text ?? '');
    return e.kind === 'quantity' && e.quantity.unit === '' && unit !== '' && unit !== '*'
      ? `${text} ${unit}`
      : (text ?? '');
  };
  const out: Typed = { ...typed };
  for (const f of formOf(check)) {
    const v = typed[f.name];
    if (v === undefined) continue;
    const { info } = f;
    if (info.kind === 'quantity' && typeof v === 'string') out[f.name] = dress(v, info.unit);
    if (info.kind === 'list' && typeof v !== 'string') {
      const first = v
        .map((r) => readEntry(r.entered ?? ''))
        .find((e) => e.kind === 'quantity' && e.quantity.unit !== '');
      const unit = info.unit === '*' ? (first?.kind === 'quantity' ? first.quantity.unit : '') : info.unit;
      out[f.name] = v.map((r) => ({ ...r, entered: dress(r.entered, unit) }));
    }
    if (info.kind === 'table' && typeof v !== 'string')
      out[f.name] = v.map((r) =>
        Object.fromEntries(
          info.columns.map((c) => {
            const first = v
              .map((x) => readEntry(x[c.name] ?? ''))
              .find((e) => e.kind === 'quantity' && e.quantity.unit !== '');
            const unit = c.unit === '*' ? (first?.kind === 'quantity' ? first.quantity.unit : '') : c.unit;
            return [c.name, c.words || c.options.length ? (r[c.name] ?? '') : dress(r[c.name], unit)];
          }),
        ),
      );
  }
  return out;
}

describe('the list of checks', () => {
  it('has at least 22, each with its own id, in a file of that name', () => {
    expect(CHECKS.length).toBeGreaterThanOrEqual(22);
    expect(new Set(CHECKS.map((c) => c.id)).size).toBe(CHECKS.length);
    for (const c of CHECKS)
      expect(readFileSync(new URL(`./all/${c.id}.ts`, import.meta.url), 'utf8')).toContain(c.id);
  });
});

describe.each(CHECKS.map((c) => [c.id, c] as const))('%s', (_, check) => {
  const example = check.example as Typed;

  it('says something of its example, in sentences without holes', () => {
    const { findings, drawing } = done(runCheck(check, example));
    expect(findings.length).toBeGreaterThan(0);
    for (const f of findings) {
      expect(f.because).toMatch(/\S.*\.$/);
      expect(sane(f.because) && sane(f.figure ?? '')).toBe(true);
    }
    expect(sane(JSON.stringify(drawing ?? ''))).toBe(true);
    expect(overall(findings).because).not.toBe('');
  });

  it('waits for what is missing and says what', () => {
    const result = runCheck(check, {});
    expect(result.state === 'waiting' ? result.missing.length > 0 : result.state).toBeTruthy();
    expect(result.state).not.toBe('done');
  });

  it('comes to the same verdict in any unit', () => {
    const dressed = withUnits(check, example);
    const before = done(runCheck(check, dressed)).findings.map((f) => [f.about, f.verdict]);
    for (const step of [1, 2, 3]) {
      const other = inOtherUnits(dressed, step);
      expect(done(runCheck(check, other)).findings.map((f) => [f.about, f.verdict])).toEqual(before);
    }
  });

  it('meets any input with a sentence, never with a broken number', () => {
    const entry = fc.oneof(
      fc.constantFrom(
        '',
        '0',
        '-1',
        'NaN',
        '1e309',
        '-300 °C',
        '1e-320 V',
        '1e-320',
        'OL',
        '5 parsecs',
        '0 V',
        '99999999',
        '50 %',
        '3 bar',
        '12',
      ),
      fc.string({ maxLength: 12 }),
      fc.integer({ min: -500, max: 500 }).map(String),
    );
    const fields = formOf(check);
    const typed = fc.record(
      Object.fromEntries(
        fields.map((f) => [
          f.name,
          f.info.kind === 'list'
            ? fc.array(fc.record({ at: fc.constantFrom('', '1', '2', 'FL', 'FR', 'RL'), entered: entry }), {
                maxLength: 6,
              })
            : f.info.kind === 'table'
              ? fc.array(
                  fc.record(
                    Object.fromEntries(
                      f.info.columns.map((c) => [
                        c.name,
                        c.options.length ? fc.constantFrom('', ...c.options) : entry,
                      ]),
                    ),
                  ),
                  { maxLength: 6 },
                )
              : f.info.kind === 'choice'
                ? fc.constantFrom('', ...f.info.options)
                : entry,
        ]),
      ),
    );
    // Each field is taken from the example or from the heap, so that some get past the form.
    const mixed = fc
      .tuple(typed, fc.array(fc.boolean(), { minLength: fields.length, maxLength: fields.length }))
      .map(([wild, keep]) =>
        Object.fromEntries(fields.map((f, i) => [f.name, keep[i] ? (example[f.name] ?? '') : wild[f.name]!])),
      );
    fc.assert(
      fc.property(mixed, (input) => {
        const result = runCheck(check, input as Typed);
        const said =
          result.state === 'done'
            ? [
                ...result.findings.map((f) => f.because + (f.figure ?? '')),
                JSON.stringify(result.drawing ?? ''),
              ]
            : result.state === 'refused'
              ? result.problems.map((p) => p.message)
              : result.missing;
        return said.length > 0 && said.every((s) => s !== '' && (result.state === 'refused' || sane(s)));
      }),
      { numRuns: 200 },
    );
  });

  it('describes its input as JSON Schema', () => {
    const schema = jsonSchemaOf(check);
    expect(Object.keys(schema.properties as object)).toEqual(formOf(check).map((f) => f.name));
  });
});

describe('finding a check', () => {
  it.each([
    ['P0171', 'fuel-trim'],
    ['p0171 scan tool', 'fuel-trim'],
    ['U0100 multimeter', 'bus-resistance'],
    ['compression gauge', 'compression-spread'],
    ['flat battery fuse', 'parasitic-current'],
    ['refractometer', 'urea-concentration'],
    ['thermostt', 'thermostat'],
    ['P0016', 'cam-crank'],
    ['hand pump', 'applied-truth'],
  ])('%s', (typed, id) => {
    expect(
      searchChecks(typed)
        .slice(0, 3)
        .map((h) => h.check.id),
    ).toContain(id);
  });
  it('says why, and finds nothing for nonsense', () => {
    expect(searchChecks('P2463')[0]!.because).toEqual(['for P2463']);
    expect(searchChecks('xqzzt')).toEqual([]);
    expect(searchChecks('').length).toBe(CHECKS.length);
    expect(checksForCode('P0302').map((c) => c.id)).toContain('ignition-burn');
  });
  it('knows which codes lie in a run', () => {
    expect(inRun('P0171-P0175', 'P0173')).toBe(true);
    expect(inRun('P0171-P0175', 'P0176')).toBe(false);
    expect(inRun('P0171', 'P0171-00')).toBe(true);
    expect(inRun('P0171-P0175', 'U0173')).toBe(false);
    expect(inRun('P2002', '')).toBe(false);
  });
});
