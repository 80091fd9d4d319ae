import type { CaseRecord, Suspect } from '@/core/case';
import { baseCode, circuitOf, effectiveRoles, kindOf, meaningOf, type CodeKind } from '@/core/codes';
import type { Catalogue } from './catalogue';
import { namedIn, wordsIn, type Named } from './parts-in-text';

/** Somebody or something that belongs on the list of suspects, with the reason. */
export interface SuspectOffer {
  origin: Suspect['origin'];
  partId: string | null;
  failureId: string | null;
  /** The part's words when the shop's list does not have it. */
  words: string;
  why: string;
}

/**
 * The failure that a kind of code speaks of first; a code that only says "circuit" speaks of none. Common
 * practice, no source.
 */
const FAILURE_BY_KIND: Partial<Record<CodeKind, string>> = {
  'circuit open': 'open circuit',
  'circuit low': 'short to ground',
  'circuit high': 'open circuit',
  'range or performance': 'wrong reading',
  intermittent: 'intermittent contact',
  'mechanical limit': 'sticking',
  'leak or flow': 'leaking',
  configuration: 'not configured',
  'internal failure': 'internal fault',
};

/** Shorter names ("ecu", "tps") may be part of any wording. */
const LEAST_LETTERS = 4;

/** The part that a code's wording names: the longest name of the shop's list that stands in it. */
function partIn(text: string, catalogue: Catalogue): { id: string; name: string } | undefined {
  // What a circuit is shorted to is not the part that the code is about.
  const about = text.replace(
    /\b(?:short(?:ed)?|open)(?: circuit)?(?: to| or)+(?: (?:battery|ground|earth|supply|power|plus|positive|b\+|voltage|or|open|short))+/gi,
    ' ',
  );
  const words = wordsIn(about);
  const letters = (n: Named) => words.slice(n.from, n.to).reduce((sum, w) => sum + w.end - w.at, 0);
  const best = namedIn(words, catalogue, 'part')
    .filter((n) => letters(n) >= LEAST_LETTERS)
    .reduce<Named | undefined>((a, b) => (a === undefined || letters(b) > letters(a) ? b : a), undefined);
  return best?.item;
}

/**
 * Suspects that the case itself offers: the part its chased codes speak of, with the failure their
 * kind means first, and parts that were just fitted elsewhere. Those on the list already are left out.
 *
 * @param record the rows of the case
 * @param catalogue the shop's list of parts and failures
 * @param own the shop's own words for codes
 * @returns offers with their reason, codes first
 */
export function suggestSuspects(
  record: Pick<
    CaseRecord,
    'scan' | 'clear' | 'module' | 'code' | 'symptom' | 'role' | 'earlier' | 'suspect' | 'cause'
  >,
  catalogue: Catalogue,
  own: Record<string, string> = {},
): SuspectOffer[] {
  const offers: SuspectOffer[] = [];
  const listed = new Set(record.suspect.map((s) => catalogue.resolve(s.partId)?.id));
  const wordsListed = new Set(record.suspect.map((s) => s.words.toLowerCase()));
  const add = (offer: SuspectOffer) => {
    const known =
      offer.partId !== null ? listed.has(offer.partId) : wordsListed.has(offer.words.toLowerCase());
    const twice = offers.some(
      (o) => o.partId === offer.partId && (o.partId !== null || o.words === offer.words),
    );
    if (!known && !twice) offers.push(offer);
  };
  const roles = effectiveRoles(record);
  for (const [code, role] of roles) {
    if (role !== 'chase') continue;
    const row = record.code.find((c) => c.code === code);
    const text = own[baseCode(code)] || meaningOf(code) || row?.text || '';
    const part = partIn(circuitOf(code)?.part ?? text, catalogue) ?? partIn(row?.text ?? '', catalogue);
    if (!part) continue;
    const kind = kindOf(code, row?.text || text);
    const failure = FAILURE_BY_KIND[kind];
    add({
      origin: 'code',
      partId: part.id,
      failureId: failure ? (catalogue.find('failure', failure)?.id ?? null) : null,
      words: '',
      why: `${code} speaks of its ${kind === 'unknown' ? 'circuit' : kind}`,
    });
  }
  for (const e of record.earlier) {
    if (e.kind !== 'repair' || e.part.trim() === '') continue;
    const part = catalogue.find('part', e.part);
    add({
      origin: 'just fitted',
      partId: part?.id ?? null,
      failureId: null,
      words: part ? '' : e.part,
      why: `Fitted ${[e.when, e.by ? `by ${e.by}` : 'elsewhere'].filter(Boolean).join(' ')}: ${e.part}. A suspect, not an alibi`,
    });
  }
  return offers;
}
