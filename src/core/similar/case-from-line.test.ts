import { describe, expect, test } from 'vitest';
import { Catalogue, starterItems } from '@/core/cause';
import { checkFields } from '@/core/case';
import { caseFromLine } from './case-from-line';
import { readQuery } from './query';

const catalogue = new Catalogue(starterItems());
const known = { makes: ['Corvane'], models: ['Tessa'], engines: ['1.6 petrol'], vins: [] };
let n = 0;
const opsOf = (line: string) =>
  caseFromLine(readQuery(line, known, catalogue), {
    caseId: 'c',
    vehicle: { id: 'v', revision: 1 },
    at: '2026-01-01T10:00:00.000Z',
    newId: () => `id${++n}`,
  });

describe('a case begun with a line', () => {
  test('takes vehicle, codes and symptoms, each in the shape of its row', () => {
    const ops = opsOf('Corvane Tessa 2015 P0171 P0300 shakes at idle when hot');
    const set = ops.find((op) => op.op === 'set');
    expect(set).toMatchObject({ kind: 'vehicle', set: { make: 'Corvane', model: 'Tessa', year: 2015 } });
    const added = ops.flatMap((op) => (op.op === 'add' ? [op] : []));
    expect(added.map((op) => op.kind)).toEqual(['scan', 'code', 'code', 'symptom']);
    expect(added[1]!.row).toMatchObject({ scanId: added[0]!.id, code: 'P0171' });
    expect(added[3]!.row).toMatchObject({
      concept: 'rough-idle',
      conditions: expect.arrayContaining(['hot']),
    });
    for (const op of added) expect(() => checkFields(op.kind, op.row)).not.toThrow();
  });
  test('takes nothing of what is no evidence, and no scan where no code is named', () => {
    expect(opsOf('proven last year')).toEqual([]);
    expect(opsOf('heater blows cold').map((op) => op.kind)).toEqual(['symptom']);
  });
});
