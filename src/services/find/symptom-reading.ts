import type { SymptomsReading } from '@/core/api';
import { conditionLabel, perhapsIn, symptomsByClause } from '@/core/symptoms';
import { shopVocabulary } from './words';

/** Reads a complaint by the shop's own vocabulary; nothing is kept. */
export async function readSymptoms(text: string): Promise<SymptomsReading> {
  const vocabulary = await shopVocabulary();
  const reading = vocabulary.read(text);
  const symptoms = symptomsByClause(vocabulary, text);
  return {
    symptoms: symptoms.map((s) => ({
      ...s,
      conditions: s.conditions.map((id) => ({ id, label: conditionLabel(id) })),
    })),
    perhaps: perhapsIn(vocabulary, text).map(({ id, label, words, share }) => ({
      ...{ id, label, words },
      share: Number(share.toFixed(2)),
    })),
    denied: reading.symptoms
      .filter((s) => s.negated && !symptoms.some((x) => x.id === s.id))
      .map(({ id, label, words }) => ({ id, label, words })),
    unread: reading.rest,
  };
}
