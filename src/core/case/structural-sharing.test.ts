import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { KINDS, type CaseRecord } from './kinds';
import { shareRows } from './structural-sharing';
import { emptyRecord } from './test-record';

const record = (symptoms: string[], said = ''): CaseRecord => ({
  ...emptyRecord({ said }),
  symptom: symptoms.map((words, i) => KINDS.symptom.parse({ id: `s${i}`, caseId: 'k', words })),
});

describe('rows shared between two states of a case', () => {
  it('keeps what did not change and takes what did', () => {
    const old = record(['shakes', 'stalls']);
    const shared = shareRows(old, record(['shakes', 'stalls when hot'], 'It shakes.'));
    expect(shared.symptom[0]).toBe(old.symptom[0]);
    expect(shared.symptom[1]).not.toBe(old.symptom[1]);
    expect(shared.scan).toBe(old.scan);
    expect(shared.vehicle).toBe(old.vehicle);
    expect(shared.case.said).toBe('It shakes.');
  });
  it('says exactly what the newer one says, whatever changed', () => {
    const words = fc.array(fc.constantFrom('shakes', 'stalls', 'hums', ''), { maxLength: 6 });
    fc.assert(
      fc.property(words, words, (a, b) => {
        const now = record(b);
        const old = record(a);
        expect(shareRows(old, now)).toEqual(now);
        // Coming twice, nothing is new.
        const twice = shareRows(now, record(b));
        expect(twice.symptom).toBe(now.symptom);
      }),
    );
  });
});
