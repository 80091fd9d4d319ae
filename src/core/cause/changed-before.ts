import type { CatalogueItem } from '@/core/case';
import type { Catalogue } from './catalogue';
import { isOtherPart } from './part-names';
import { namedIn, wordsIn } from './parts-in-text';

/** A part that was changed before and did not help, with the words that say so. */
export interface ChangedInVain {
  part: CatalogueItem;
  words: string;
}

const CHANGED =
  /\b(?:replac(?:ed|ing)|renew(?:ed|ing)|chang(?:ed|ing)(?! (?:to|from|down|up|gear|hands|owner)\b)|swapped|exchanged|fitted|installed|put in|new)\b/iu;
/** Said to come, wished for, or not done: no part was changed. */
const NOT_DONE =
  /\b(?:not|never|n['’]t|needs?|wants?|should|could|to be|will|would|if|unless|before (?:we|i)|quot\w*|advis\w*|recommend\w*)\b[^,;]{0,30}\b(?:replac|renew|chang|swap|exchang|fit|install|put in|new)/iu;
/** The trouble began with the part: a suspect, not one that is ruled out. */
const SINCE =
  /\b(?:since|ever since|began after|started after|only after|from the day)\b[^,;]{0,40}\b(?:replac|renew|chang|swap|exchang|fit|install|put in|new)/iu;
/** A part put in another's place and back is a test of it; nothing new was fitted. */
const SWAPPED_ABOUT =
  /\bswap(?:ped|ping)?\b(?!(?:[^,;]{0,60}\bnew\b| out\b))[^,;]{0,60}(?:\b(?:with|to|from|between|over|round|around|about)\b|\d ?(?:and|&|\+) ?\d|\b(?:left|front) and (?:right|rear)\b)/iu;
/** Done long ago: the trouble of today was not there yet. */
const LONG_AGO = /\blast year\b|\byears? ago\b|\bin 20\d\d\b/iu;
/** What was done is no part: "oil change". */
const NO_PART = /^(?:light|lamp|change|level)$/;
/** And the trouble is there all the same. */
const STAYS =
  /\bno (?:change|difference|success|improvement|better|effect|help|luck)\b|\bnot (?:any )?better\b|\bnot help(?:ed)?\b|\bwithout success\b|\bto no avail\b|\bin vain\b|\bdid(?: not|n['’]t) (?:help|cure|fix|solve|change)\b|\b(?:came|comes|come|coming|is|was|light|code) (?:straight |right |always )?back\b|\breturn(?:ed|s)\b|\b(?:same|fault|problem|code|issue) (?:again|remains|persists|stays)\b|\bsame (?:fault|problem|thing|code|symptom|as before)\b|\bkeeps? (?:coming|on)\b|\bstill (?:there|the same|same|on|here|present|not|no|bad|rough|noisy|dead|hot|cold|low|high|lean|rich|flat|wet|loose|does|has|have|gets?|goes|going|comes?|coming|runs?|loses?|losing|won['’]?t|can['’]?t|faults?|faulty|problems?|issues?|codes?|light|lamp|leak\w*|misfir\w*|stall\w*|shak\w*|shudder\w*|cut\w*|flash\w*|hesitat\w*|overheat\w*|jerk\w*|knock\w*|smok\w*|drain\w*|dies|dying|vibrat\w*|whin\w*|whistl\w*|grind\w*|slip\w*|pull\w*|squeal\w*|squeak\w*|rattl\w*|clunk\w*|clonk\w*|nois\w*|happen\w*|doing|makes?|making)\b/iu;
/** It is cured: nothing to be said of what was changed. */
const CURED = /\bany ?more\b|\bno longer\b|\bnow (?:ok|okay|fine|good|gone)\b|\bcured\b|\bfixed it\b/iu;

/** Sentences, and thoughts that begin anew. */
const SENTENCES = /[.!?\n;](?=\s|$)/u;

/**
 * Parts that a complaint says were changed, and that did not help: the same sentence, or the one after it, has to say
 * that the trouble stayed. A part since whose change the trouble is there is none: it is a suspect.
 *
 * @param said a customer's or a technician's words
 * @param catalogue the shop's list of parts and failures
 * @returns each part once; common practice, no source
 * @example changedInVain('Replaced plug and coil on 3, still misfires', catalogue) // spark plug, ignition coil
 */
export function changedInVain(said: string, catalogue: Catalogue): ChangedInVain[] {
  const sentences = said
    .split(SENTENCES)
    .map((s) => s.trim())
    .filter(Boolean);
  const found = new Map<string, ChangedInVain>();
  for (const [i, sentence] of sentences.entries()) {
    if (!saysInVain(sentence, sentences[i + 1] ?? '')) continue;
    for (const clause of partWords(sentence).split(',')) {
      // "New house, battery still flat": what stands in another clause was not changed.
      if (!CHANGED.test(clause)) continue;
      const words = wordsIn(clause);
      for (const { item, from, to } of namedIn(words, catalogue, 'part')) {
        const [name, behind] = [words.slice(from, to), words.slice(to, to + 2)].map((w) =>
          w.map((x) => x.word),
        );
        const other = isOtherPart(name!.join(' '), words[from - 1]?.word ?? '', behind!, () => false);
        if (!found.has(item.id) && !other && !NO_PART.test(behind![0] ?? ''))
          found.set(item.id, { part: item, words: sentence });
      }
    }
  }
  return [...found.values()];
}

/** Whether a sentence says that something was changed, and it or the next one that the trouble stayed. */
function saysInVain(sentence: string, next: string): boolean {
  const changed =
    CHANGED.test(sentence) && ![NOT_DONE, SINCE, LONG_AGO, SWAPPED_ABOUT].some((r) => r.test(sentence));
  if (!changed || CURED.test(sentence) || CURED.test(next)) return false;
  return STAYS.test(sentence) || (/^(?:still|no|not|same|but|did)\b/iu.test(next) && STAYS.test(next));
}

/** The words about what was changed: what stays the same comes after them or before, and may name parts of its own. */
function partWords(sentence: string): string {
  const at = STAYS.exec(sentence)?.index ?? sentence.length;
  const changed = CHANGED.exec(sentence)?.index ?? 0;
  return at > changed ? sentence.slice(0, at) : sentence.slice(changed);
}
