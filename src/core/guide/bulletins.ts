import type { Bulletin, Vehicle } from '@/core/case';
import { codeRelation } from '@/core/codes';
import { SHIPPED, symptomById, type Vocabulary } from '@/core/symptoms';

/** What a bulletin, a procedure or a known-good value is held against. */
export interface MatchSubject {
  vehicle: Pick<Vehicle, 'make' | 'model' | 'engine' | 'year'> | null;
  codes: readonly string[];
  /** Concepts of the vocabulary. */
  symptoms: readonly string[];
}

export interface BulletinHit {
  bulletin: Bulletin;
  score: number;
  because: string[];
}

const words = (s: string) =>
  s
    .toLowerCase()
    .replace(/[^\p{L}\p{N}.]+/gu, ' ')
    .trim()
    .split(' ')
    .filter(Boolean);

/**
 * Bulletins that go with a vehicle, its codes and its symptoms. One that is for another build is left
 * out, however well its codes fit; one that is for this build alone is not enough.
 *
 * @param shelf all bulletins
 * @param looked the vehicle, codes and symptoms
 * @param vocabulary the shop's own, for symptoms in plain words
 * @returns best first, each with why
 */
export function matchBulletins(
  shelf: readonly Bulletin[],
  looked: MatchSubject,
  vocabulary: Vocabulary = SHIPPED,
): BulletinHit[] {
  const hits = shelf.flatMap((bulletin): BulletinHit[] => {
    const because: string[] = [];
    let score = 0;
    const build = buildFits(bulletin, looked.vehicle);
    if (build === 'other') return [];
    if (build === 'fits') {
      score += 2;
      because.push(`for ${bulletin.build}${yearsOf(bulletin)}`);
    }
    const exact = bulletin.codes.filter((c) => looked.codes.some((x) => codeRelation(x, c) === 'same code'));
    const kin = bulletin.codes.filter(
      (c) => !exact.includes(c) && looked.codes.some((x) => codeRelation(x, c) !== ''),
    );
    if (exact.length) {
      score += 3;
      because.push(`for ${exact.join(', ')}`);
    } else if (kin.length) {
      score += 1;
      because.push(`for ${kin[0]}, akin to a code here`);
    }
    const symptoms = [
      ...new Set(
        bulletin.symptoms
          .flatMap((s) => vocabulary.read(s).symptoms.filter((x) => !x.negated))
          .map((x) => x.id),
      ),
    ].filter((id) => looked.symptoms.includes(id));
    if (symptoms.length) {
      score += symptoms.length;
      because.push(`for ${symptoms.map((id) => symptomById(id)?.label ?? id).join(', ')}`);
    }
    // A build alone has dozens of bulletins; a code or symptom has to speak for one.
    if (exact.length + kin.length + symptoms.length === 0) return [];
    return [{ bulletin, score, because }];
  });
  return hits.sort((a, b) => b.score - a.score || a.bulletin.number.localeCompare(b.bulletin.number));
}

const yearsOf = (b: Bulletin): string =>
  b.yearFrom || b.yearTo ? ` ${b.yearFrom || '…'}–${b.yearTo || '…'}` : '';

function buildFits(b: Bulletin, vehicle: MatchSubject['vehicle']): 'fits' | 'other' | 'any' {
  const wanted = words(b.build);
  if (wanted.length === 0) return 'any';
  if (!vehicle || (vehicle.make === '' && vehicle.model === '')) return 'any';
  const has = new Set(words(`${vehicle.make} ${vehicle.model} ${vehicle.engine}`));
  const whole = vehicle.make !== '' && vehicle.model !== '' && vehicle.engine !== '';
  // Of a vehicle that is only named in part, what is named has to be in the bulletin.
  if (whole ? !wanted.every((w) => has.has(w)) : ![...has].every((w) => wanted.includes(w))) return 'other';
  if (vehicle.year !== null && b.yearFrom && vehicle.year < b.yearFrom) return 'other';
  if (vehicle.year !== null && b.yearTo && vehicle.year > b.yearTo) return 'other';
  return 'fits';
}
