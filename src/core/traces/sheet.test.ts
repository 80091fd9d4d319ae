import { describe, expect, it } from 'vitest';
import { ANALYSES, readSheet, settingsOf, Sheet } from './index';

describe('what is laid on a trace', () => {
  it('reads back as it was written, and damaged text is a fresh sheet', () => {
    const sheet = Sheet.parse({
      marks: [1.5, null],
      crank: { channel: 'coil', cylinder: 3, every: 720 },
      pins: [{ id: 'a', at: 2, words: 'here' }],
      places: { r1: { channel: 'current', from: 1, to: 2 } },
    });
    expect(readSheet(JSON.stringify(sheet))).toEqual(sheet);
    for (const text of ['', '{', '[]', '{"marks":"no"}', '{"crank":{"every":100}}'])
      expect(readSheet(text)).toEqual(Sheet.parse({}));
  });
});

describe('every analysis', () => {
  it('says what it asks, how it goes about it, and where that comes from', () => {
    expect(ANALYSES).toHaveLength(12);
    expect(new Set(ANALYSES.map((a) => a.id)).size).toBe(12);
    for (const a of ANALYSES) {
      expect([a.id, a.question.endsWith('?'), a.explains.length > 80, a.source.length > 10]).toEqual([
        a.id,
        true,
        true,
        true,
      ]);
      expect([a.id, a.roles.length > 0]).toEqual([a.id, true]);
    }
  });
  it('has a form whose defaults it accepts, and refuses what lies outside', () => {
    for (const a of ANALYSES) {
      const fields = settingsOf(a.settings);
      const shown = Object.fromEntries(fields.map((f) => [f.name, f.is ?? f.options?.[0] ?? '']));
      expect([a.id, a.settings.parse({})]).toEqual([a.id, shown]);
      for (const f of fields.filter((x) => x.kind === 'number')) {
        expect([a.id, f.name, a.settings.safeParse({ [f.name]: f.max! + 1 }).success]).toEqual([
          a.id,
          f.name,
          false,
        ]);
        expect([a.id, f.name, a.settings.safeParse({ [f.name]: f.min! - 1 }).success]).toEqual([
          a.id,
          f.name,
          false,
        ]);
      }
    }
  });
});
