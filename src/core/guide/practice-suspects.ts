import type { Catalogue } from '@/core/cause';
import { SPEAKS } from './speaks';

/** Below this share a cause of general practice is not worth a place on the list. By judgement. */
const LEAST_SHARE = 0.08;
/** So many signs are named as its reason. */
const MOST_REASONS = 2;

/** The odds of a case, as far as it matters here: causes with the shop's cases of them, and what speaks for each. */
export interface OddsWithReasons {
  causes: readonly {
    key: string;
    name: string;
    share: number;
    numbers: readonly number[];
    ruledOut: boolean;
  }[];
  because: Readonly<Record<string, readonly { label: string; factor: number }[]>>;
}

/** A suspect to be put on the list, as its row will say. */
interface Suggested {
  origin: 'practice';
  partId: string | null;
  failureId: string | null;
  words: string;
  why: string;
}

/**
 * Likely causes that only general practice knows: none of the shop's similar cases was one, and its part is not on the
 * list yet. One suggestion a part, the likeliest first, as the odds are sorted.
 *
 * @param odds of the case; a key is `part/failure` in the catalogue's ids
 * @param listed what is a suspect or suggested already
 * @param catalogue the shop's parts; a cause whose part is not in it is named by its words
 * @returns rows for suspects, each with the signs of the case that speak for it most
 * @example
 * practiceSuspects({ causes: [{ key: 'x/', name: 'cracked hose', share: 0.2, numbers: [], ruledOut: false }],
 *   because: {} }, [], new Catalogue([]))[0].why; // 'general practice'
 */
export function practiceSuspects(
  odds: OddsWithReasons,
  listed: readonly { partId: string | null; words: string }[],
  catalogue: Catalogue,
): Suggested[] {
  const there = new Set(listed.map((o) => catalogue.resolve(o.partId)?.id ?? o.words));
  return odds.causes.filter(isOfPractice).flatMap((c): Suggested[] => {
    const [partId = '', failureId = ''] = c.key.split('/');
    const part = catalogue.resolve(partId);
    const words = part ? '' : c.name;
    if (there.has(part?.id ?? words)) return [];
    there.add(part?.id ?? words);
    const named = part
      ? { partId: part.id, failureId: failureId || null, words }
      : { partId: null, failureId: null, words };
    return [{ origin: 'practice', ...named, why: whyOf(odds.because[c.key] ?? []) }];
  });
}

const isOfPractice = (c: OddsWithReasons['causes'][number]): boolean =>
  !c.ruledOut && c.share >= LEAST_SHARE && c.numbers.length === 0;

/** The signs of the case that speak most for a cause. */
function whyOf(because: readonly { label: string; factor: number }[]): string {
  const speaks = because
    .filter((b) => b.factor > SPEAKS)
    .sort((a, b) => b.factor - a.factor)
    .slice(0, MOST_REASONS);
  return ['general practice', speaks.map((b) => b.label).join(', ')].filter(Boolean).join(': ');
}
