import type { CatalogueItem, Repair } from '@/core/case';
import { wordsIn, type Catalogue } from '@/core/cause';
import { clausesOf, didIn, type Did } from './clauses';
import { failureIn, partsOf, unique } from './parts-of-clause';

/** What the text of a past job says was done, as far as it says so. */
export interface DoneReading {
  /** Nothing when it tells of no repair. */
  action: Repair['action'] | '';
  /** The part it was, where one alone is left; proposed, not known. */
  part: CatalogueItem | undefined;
  failure: CatalogueItem | undefined;
  /** "cyl 3", "rear left": as written. */
  where: string;
  /** Other parts that were done at the same time. */
  also: CatalogueItem[];
  /** Parts that were fitted and changed nothing. */
  inVain: CatalogueItem[];
  /** Why no part is proposed, for the preview; empty when there is one. */
  because: string;
}

/** Parts that are mostly done because of another: not the cause where another part is named. Common practice. */
const BY_THE_WAY =
  /^(?:coolant|oil filter|brake fluid|transmission oil|refrigerant|fuel itself|intake manifold gasket|injector seal|ground point|fuse)$/;
const WHERE =
  /\b(?:cyl(?:inder)?s?\.? ?\d(?:(?:,| ?& ?| and )\d)*|n(?:o|r|umber)\.? ?\d|#\d|bank ?[12]|[on]\/?s\/?[fr]|[lr]h(?: (?:front|rear))?|(?:front|rear)(?: (?:left|right))?|(?:left|right)(?: hand)?(?: (?:front|rear))?|upstream|downstream|inlet|outlet)\b/iu;

interface Clause {
  text: string;
  did: Did;
  parts: CatalogueItem[];
  failure: CatalogueItem | undefined;
  where: string;
  /** Something else was replaced along with it that the list has no name for. */
  more: boolean;
}

/** Words of a list of parts that are no part of their own: "with new seals and bolts", "both", "kit". */
const FILLER =
  /^(?:new|old|a|an|the|both|all|set|kit|pair|of|with|its|it|unit|assembly|complete|front|rear|left|right|upper|lower|inner|outer|seal|gasket|bolt|nut|clip|screw|washer|fluid|oil|coolant|clamp|fixing|x|to|on|for|one|from|genuine|oem|aftermarket|used|side|hand|system|done|ok|cyl\w*|no|nr|bank|[on]s[fr]|lh|rh|\d+)$/;

/** "Radiator leaking, customer declined": what was found just before a refusal was not done either. */
function refuse(clauses: Clause[]): void {
  for (const [i, c] of clauses.entries()) {
    const before = clauses[i - 1];
    if (c.did.kind === 'not done' && c.parts.length === 0 && before?.did.kind === 'found')
      before.did = { kind: 'not done' };
  }
}

/** "Replaced caliper, hose, pads": what follows a deed without a verb of its own was done too. */
function continueLists(clauses: Clause[]): void {
  for (let i = 1; i < clauses.length; i++) {
    const [before, c] = [clauses[i - 1]!, clauses[i]!];
    if (before.did.kind !== 'did' || c.did.kind !== 'found' || c.failure || c.parts.length === 0) continue;
    if (
      wordsIn(c.text).length <= 2 + 3 * c.parts.length &&
      !/\b(?:found|was|is|were|had|has)\b/iu.test(c.text)
    )
      c.did = before.did;
  }
}

/**
 * Reads what was done out of a job's text: which part, what was wrong with it, what was done with it. Advice,
 * estimates and refusals are not done; what was good is not the part; what was fitted in vain is set apart; where
 * several parts remain it does not choose.
 *
 * @param text as the shop wrote it
 * @param catalogue the shop's list of parts and failures
 * @returns what it says; measured on sentences written beforehand (`bench/records`)
 * @example readDone('EGR valve stuck open, replaced with new', catalogue) // replaced, EGR valve, stuck open
 */
export function readDone(text: string, catalogue: Catalogue): DoneReading {
  const clauses = clausesOf(text).map((c) => readClause(c, catalogue));
  const inVain: CatalogueItem[] = [];
  for (const [i, c] of clauses.entries()) {
    if (c.did.kind !== 'in vain') continue;
    // "Replaced X, no change": what was done last was in vain; what was done before that had not cured it either.
    const earlier = clauses.slice(0, i);
    inVain.push(...(c.parts.length ? c : (earlier.findLast((b) => b.did.kind === 'did') ?? c)).parts);
    for (const b of earlier) if (b.did.kind === 'did' || b.did.kind === 'found') b.did = { kind: 'in vain' };
  }
  refuse(clauses);
  continueLists(clauses);
  const done = clauses.filter((c) => c.did.kind === 'did');
  if (done.length === 0) return nothing('It tells of no repair.', unique(inVain));
  const acquitted = new Set(
    clauses.filter((c) => c.did.kind === 'tested').flatMap((c) => c.parts.map((p) => p.id)),
  );
  const alive = clauses.filter((c) => c.did.kind === 'did' || c.did.kind === 'found');
  const doneParts = unique(done.flatMap((c) => c.parts));
  const found = alive.filter((c) => c.failure && c.parts.length > 0);
  const more = done.some((c) => c.more);
  const unknown = done.some((c) => unknownObject(c, clauses));
  const main = unknown ? undefined : mainPart(doneParts, found, alive, acquitted, more);
  const action = actionFor(main, done);
  const failing = found.find((c) => main && c.parts.some((p) => p.id === main.id));
  const failure =
    failing?.failure ??
    (main && alive.length <= 3 ? onlyFailure(alive) : undefined) ??
    byAction(action, main, catalogue);
  const where =
    alive.find((c) => main && c.parts.includes(main) && c.where)?.where ??
    alive.find((c) => c.where)?.where ??
    '';
  return {
    action,
    part: main,
    failure: main ? failure : undefined,
    where: main ? where : '',
    also: doneParts.filter((p) => p.id !== main?.id),
    inVain: unique(inVain).filter((p) => p.id !== main?.id),
    because: main ? '' : whyNone(doneParts, more),
  };
}

const whyNone = (parts: readonly CatalogueItem[], more: boolean): string =>
  more || parts.length > 1
    ? `It names several parts (${parts.map((p) => p.name).join(', ')}) and not which of them it was.`
    : 'It names no part of the list.';

const nothing = (because: string, inVain: CatalogueItem[]): DoneReading => ({
  action: '',
  part: undefined,
  failure: undefined,
  where: '',
  also: [],
  inVain,
  because,
});

/** The one part it was: what was found bad, else the one that was done; none where several are left. */
function mainPart(
  done: readonly CatalogueItem[],
  found: readonly Clause[],
  alive: readonly Clause[],
  acquitted: ReadonlySet<string>,
  more: boolean,
): CatalogueItem | undefined {
  const bad = unique(found.flatMap((c) => c.parts)).filter((p) => !acquitted.has(p.id));
  const first = found.find((c) => c.parts.length === 1)?.parts[0];
  // Of two parts, the one found bad after the other was replaced: either may have been it.
  if (bad.length === 1) return isSaidAfter(bad[0]!, done, found, alive) ? undefined : bad[0];
  if (first && done.some((p) => p.id === first.id)) return first;
  if (bad.length > 1 || more) return undefined;
  const telling = done.filter((p) => !BY_THE_WAY.test(p.name));
  const left = (telling.length ? telling : done).filter((p) => !acquitted.has(p.id));
  if (left.length === 1) return left[0];
  if (left.length > 1) return undefined;
  // Done to something that an earlier clause names: "EGR valve stuck, cleaned".
  if (!alive.some((c) => c.did.kind === 'did' && c.did.action !== 'other')) return undefined;
  const named = unique(alive.flatMap((c) => c.parts)).filter((p) => !acquitted.has(p.id));
  return named.length === 1 ? named[0] : undefined;
}

/**
 * Whether what was bad is another part than what was done, and told after it: "replaced tyre pressure sensor, battery
 * flat" tells of the sensor's battery, "replaced air-flow meter, found hose split" of what was left.
 */
function isSaidAfter(
  bad: CatalogueItem,
  done: readonly CatalogueItem[],
  found: readonly Clause[],
  alive: readonly Clause[],
): boolean {
  const telling = done.filter((p) => !BY_THE_WAY.test(p.name));
  if (telling.length === 0 || telling.some((p) => p.id === bad.id)) return false;
  const last = alive.findLastIndex((c) => c.did.kind === 'did');
  const deed = alive[last]?.did;
  return deed?.kind === 'did' && deed.action === 'replaced' && found.every((c) => alive.indexOf(c) > last);
}

/** What was done with the part; with none, the most telling deed of all. */
function actionFor(main: CatalogueItem | undefined, done: readonly Clause[]): Repair['action'] {
  const its = done.filter((c) => c.parts.length === 0 || (main && c.parts.some((p) => p.id === main.id)));
  const deeds = (its.length ? its : done).flatMap((c) => (c.did.kind === 'did' ? [c.did] : []));
  return deeds.reduce((a, b) => (b.rank < a.rank ? b : a)).action;
}

/** A failure said on its own, in the only clause that says one. */
function onlyFailure(alive: readonly Clause[]): CatalogueItem | undefined {
  const said = alive.filter((c) => c.failure && c.parts.length === 0);
  return said.length === 1 ? said[0]!.failure : undefined;
}

/** What the deed itself tells of the failure: updated software was outdated, a seated connector was not latched. */
function byAction(
  action: Repair['action'],
  main: CatalogueItem | undefined,
  catalogue: Catalogue,
): CatalogueItem | undefined {
  if (action === 'connector seated' && main?.name === 'connector')
    return catalogue.find('failure', 'not latched');
  if ((action === 'relearned' || action === 'calibrated') && main)
    return catalogue.find('failure', 'not relearned');
  if (action === 'configured' && main?.name === 'software')
    return catalogue.find('failure', 'outdated software');
  return undefined;
}

function readClause(text: string, catalogue: Catalogue): Clause {
  const words = wordsIn(text);
  const parts = partsOf(text, words, catalogue);
  const did = didIn(text);
  return {
    text,
    did,
    parts,
    failure: failureIn(text, catalogue, parts.length > 0),
    where: WHERE.exec(text)?.[0] ?? '',
    more: did.kind === 'did' && did.action === 'replaced' && namesMore(text, catalogue),
  };
}

/**
 * Whether a deed was done to something that the list has no name for, and nothing before it speaks of: "replaced TPMS
 * sensor, battery flat" is no battery.
 */
function unknownObject(clause: Clause, all: readonly Clause[]): boolean {
  if (clause.did.kind !== 'did' || clause.did.action !== 'replaced' || clause.parts.length > 0) return false;
  const told = clause.text
    .replace(/\([^)]*\)/gu, ' ')
    .split(/\b(?:and|with|because|under|by|at)\b|&|\+/iu)[0]!;
  const words = wordsIn(told).filter(
    (w) => w.word.length > 2 && !FILLER.test(w.word) && didIn(w.word).kind === 'found' && !PLAIN.test(w.word),
  );
  const object = words.at(-1);
  if (!object) return false;
  const others = new Set(all.filter((c) => c !== clause).flatMap((c) => wordsIn(c.text).map((w) => w.word)));
  return !others.has(object.word);
}
/** Words beside a deed that are no object of it. */
const PLAIN =
  /^(?:faulty|defective|bad|broken|damaged|worn|same|unit|part|item|correct|right|wrong|exchange|customer|warranty|supplied|carried|out|back|again|has|have|been|was|were|built|car|vehicle|paying|fixed|now|fault|gone|cured|cleared|road|tested)$/;

/** Whether an "and" of the clause brings in something that is neither a part of the list nor a deed nor a filler. */
function namesMore(text: string, catalogue: Catalogue): boolean {
  const pieces = text.split(/\band\b|&|\+|\bplus\b|\//iu).slice(1);
  return pieces.some((piece) => {
    const words = wordsIn(piece);
    if (words.length === 0 || words.length > 4 || didIn(piece).kind !== 'found') return false;
    return (
      partsOf(piece, words, catalogue).length === 0 &&
      failureIn(piece, catalogue, true) === undefined &&
      words.some((w) => w.word.length > 2 && !FILLER.test(w.word))
    );
  });
}
