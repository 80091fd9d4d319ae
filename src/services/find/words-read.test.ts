import { beforeAll, describe, expect, it } from 'vitest';
import { KINDS } from '@/core/case';
import { emptyRecord } from '@/core/case/test-record';
import { SHIPPED } from '@/core/symptoms';
import { readWords } from '@/core/symptoms/by-clause';
import { testShop } from '../testing/test-shop';
import { wordsRead } from './words-read';

const symptom = (id: string, concept: string, words: string) =>
  KINDS.symptom.parse({ id, caseId: 'k', concept, words });

describe('the words of a case, read before the page goes out', () => {
  beforeAll(() => testShop());

  it('are those of the customer and of symptoms in their own words, each once', async () => {
    const said = 'stalls at the lights when hot, rattles on cold start';
    const own = 'goes into emergency programme at full throttle';
    const record = emptyRecord({ said });
    record.symptom.push(symptom('s1', '', own), symptom('s2', '', own), symptom('s3', 'stall', 'dies'));
    const read = await wordsRead(record);
    expect(Object.keys(read)).toEqual([said, own]);
    // The browser would read the same, had it the vocabulary.
    expect(read[said]).toEqual(readWords(SHIPPED, said));
    expect(read[said]!.symptoms.map((s) => s.id)).toEqual(['stall', 'engine-noise']);
    expect(read[said]!.symptoms[0]!.conditions).toContain('hot');
    expect(read[own]!.perhaps.map((p) => p.id)).toEqual(['limp']);
  });

  it('are none where nothing was said', async () => {
    expect(await wordsRead(emptyRecord())).toEqual({});
  });
});
