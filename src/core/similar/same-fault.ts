import { codeRelation } from '@/core/codes';
import { symptomById } from '@/core/symptoms';
import type { CaseProfile } from './profile';

/** Codes that count for less than this are leftovers and asides. */
const COUNTS = 0.5;

/** A lamp says that something was noticed, not what: every second car comes in with one. */
const lampOnly = (id: string) => /\b(lamp|light)\b/.test(symptomById(id)?.label ?? id);

/**
 * Whether two cases are about the same kind of trouble: a code of the same circuit that counts on
 * both, or a symptom other than a lamp. Being of one make, or having the engine lamp on, is not.
 *
 * @param a one case's profile
 * @param b the other's
 */
export function haveSameFault(
  a: Pick<CaseProfile, 'codes' | 'symptoms'>,
  b: Pick<CaseProfile, 'codes' | 'symptoms'>,
): boolean {
  const codes = b.codes.filter((c) => c.weight >= COUNTS);
  if (a.codes.some((x) => x.weight >= COUNTS && codes.some((y) => codeRelation(x.code, y.code) !== '')))
    return true;
  const symptoms = new Set(b.symptoms.map((s) => s.id));
  return a.symptoms.some((s) => symptoms.has(s.id) && !lampOnly(s.id));
}
