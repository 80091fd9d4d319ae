import type { Repair } from '@/core/case';

/** What a clause of a job's text says was done. */
export type Did =
  | {
      kind: 'did';
      action: Repair['action'];
      /** Place in the list of deeds, the most telling first. */
      rank: number;
    }
  /** Seen, heard, measured: it may name what was wrong. */
  | { kind: 'found' }
  /** Tried, and no better for it. */
  | { kind: 'in vain' }
  /** Looked at and good, or only tried out. */
  | { kind: 'tested' }
  /** Advice, an estimate, a part on order, refused, done by others or before: not done in this job. */
  | { kind: 'not done' };

/**
 * A job's text in clauses: by full stops, commas, dashes, arrows, and the words that begin a new thought. A comma
 * within a number and the point of an abbreviation do not part.
 *
 * @example clausesOf('Found hose split. Fitted new hose, no. 4') // ['Found hose split', 'Fitted new hose', 'no 4']
 */
export function clausesOf(text: string): string[] {
  return text
    .replace(/\b(no|nr|cyl|approx|incl|inc)\.(?=\s?\d|\s)/giu, '$1')
    .split(
      /[;\n\r!?]+|->|→|[.](?=\s|$)|,(?!\d)|\s[-–—/+]\s|\s\+\s?|(?=\b(?:but|found|because|caused by|due to|as per|after which|then)\b)/iu,
    )
    .map((c) => c.trim())
    .filter((c) => /[\p{L}\p{N}]/u.test(c));
}

const NOT_DONE =
  /\b(?:advis\w*|recommend\w*|suggest\w*|quot\w*|estimate\w*|declin\w*|refus\w*|order(?:ed|ing)?|back ?order\w*|awaiting|waiting|wait for|to (?:be )?(?:replace|renew|fit|do|change|follow)\w*|need(?:s|ed|ing)?|requir\w*|should|would|will|next (?:service|visit|time)|not (?:replaced|fitted|done|changed|repaired|renewed)|no work|monitor|keep an eye|scrapped|uneconomical|wants?|(?:previous|other|last|another) (?:garage|shop|owner|workshop)|already (?:replaced|fitted|renewed)|recently|had been|ago|last (?:week|month|year|time|service)|(?:by|from) (?:the )?(?:customer|owner|dealer|others?)|(?:customer|owner|driver|dealer) (?:has |had |already |himself |herself )*(?:replaced|fitted|changed|renewed|repaired|cleaned|installed|tried)|if (?:it|the|fault|light|problem))\b/iu;
/** A deed that a clause denies: "no repair performed", "unable to fix". */
const DENIED =
  /\b(?:no|nothing|none|without|unable to|could(?: not|n['’]?t)|cannot|can['’]?t|did(?: not|n['’]?t)|never|not)(?: \p{L}{1,20}){0,2} (?:repair|replac|renew|clean|adjust|fit|fix|install|program|cod|chang|calibrat|weld|solder|done)\p{L}*\b/iu;
/** Words of a deed that tell of none: what is due, what fits, what a sound does, who was told. */
const NO_DEED =
  /\b(?:(?:oil change|service|belt change) (?:is )?(?:due|overdue|history|light|interval|book)|chang(?:e|es|ed|ing) (?:in|with|under|when|at|its|tone|pitch|sound)|(?:loose|tight|good|poor|bad|does(?: not|n['’]?t)|will not|won['’]?t) fit|updated? (?:the )?(?:customer|owner|client|file|notes?|estimate)|(?:customer|owner|client) updated?|software (?:level )?(?:is )?(?:up to date|current|latest|checked)|fixed price)\b/giu;
const IN_VAIN =
  /\b(?:no change|nothing changed|(?:has|have|had) not changed|unchanged|no difference|no better|no improvement|not (?:any )?better|same (?:fault|problem|code|again)|still (?:the same|there|faulty|on|misfir\w*|present)|did(?: not|n['’]?t) (?:help|cure|fix|work)|fault (?:remains|remained|returned|still)|to no avail|without success)\b/iu;
const GOOD =
  /\b(?:ok|okay|good|fine|tested|checked|inspected|within (?:spec|limits)|no faults?|nothing found|passed|not the|not at fault|not faulty|ruled out|no leaks?|swap(?:ped|s)?\b.*\b(?:to|with|from|between|over))\b|✓/iu;

/** Words that say what was done, the most telling first. Common practice, no source. */
const ACTIONS: readonly [Repair['action'], RegExp][] = [
  [
    'replaced',
    /\b(?:replac\w*|renew\w*|exchang\w*|chang(?:e|ed|ing)|swapped(?: out)?|install(?:ed)?|built in|put in|r ?& ?r|r\/r|repl|supplied and fitted|s ?& ?f)\b|\bfit(?:ted)?\b|\b(?:a )?new\b|\brecon(?:ditioned)?\b/iu,
  ],
  [
    'connector seated',
    /\b(?:re-?seated|seated|plug(?:ged)? (?:back )?in|re-?connected|pushed (?:home|back|on)|latched|clipped (?:in|home)|refitted (?:the )?(?:connector|plug))\b/iu,
  ],
  ['hose rerouted', /\bhoses? (?:re-?routed|swapped (?:over|round))|re-?routed (?:the )?hoses?\b/iu],
  [
    'repaired',
    /\b(?:repair\w*|fix(?:ed)?|solder\w*|re-?wired|re-?wire|insulat\w*|weld\w*|rebuil[dt]\w*|overhaul\w*|splic\w*|rectified)\b/iu,
  ],
  [
    'cleaned',
    /\b(?:clean\w*|dried|de-?carboni[sz]ed|de-?coked|freed|unblocked|cleared (?:the )?(?:blockage|drain)|blown (?:out|through)|flushed|greased|lubricated)\b/iu,
  ],
  [
    'configured',
    /\b(?:re-?program\w*|programmed|re-?coded|coded|coding|flashed|re-?flash\w*|software (?:update|upgrade|level)\w*|updated?|configured|variant coding|parameteri[sz]ed)\b/iu,
  ],
  [
    'relearned',
    /\b(?:re-?learn\w*|learn(?:ed|t)|teach(?:ed)?[- ]in|taught|initiali[sz]\w*|adaptations? (?:done|carried|performed|reset)|reset (?:the )?adaptations?|basic settings?)\b/iu,
  ],
  ['calibrated', /\b(?:calibrat\w*|zeroed)\b/iu],
  [
    'adjusted',
    /\b(?:adjust\w*|aligned|re-?aligned|set up|reset (?:the )?(?:gap|timing|clearance)|corrected|tensioned|re-?timed|shimmed)\b/iu,
  ],
  [
    'repaired',
    /\b(?:tighten\w*|refitted(?! (?:the )?(?:old|original))|re-?sealed|re-?attached|re-?secured|secured|sealed|bypassed|unseized|straightened|taped)\b/iu,
  ],
  [
    'other',
    /\b(?:bled|bleed|regen\w*|topped up|top up|drained|refilled|recharged|re-?gassed|charged (?:the )?battery|battery charged|balanced|reset|serviced|service)\b/iu,
  ],
];

/** Rank of a deed that only counts where no other is told. */
const WEAK = ACTIONS.length - 2;
const TAKEN_OFF = /\b(?:removed|disconnected|unplugged)\b/iu;
/** Things that were added to a vehicle and may be taken off again for good. */
const ADDED =
  /\b(?:alarm|tracker|remote|aftermarket|after-market|retrofit\w*|tuning box|chip|dash ?cam\w*|radio|phone|charger|tow ?bar module|accessor\w+|added)\b/iu;

/** Old parts that come off, new ones that do not say so: "refitted" puts the same part back. */
const REFITTED = /\bre-?fit(?:ted)?\b/iu;
/** "New" that says nothing of a part: "as new", "new fault". */
const NEW_NOT_PART =
  /\b(?:as|like) new\b|\bnew (?:seal|gasket|bolt|nut|washer|clip|o-?ring)s?\b(?=\W*$)|\bnew (?:fault|code|problem|customer|noise|complaint|vehicle|car|owner|issue|symptom|estimate|appointment|concern)s?\b/giu;
/** Words of a fix that only put things back in order afterwards. */
const AFTERWARDS =
  /\b(?:clear(?:ed)? (?:the )?(?:all )?(?:fault )?(?:codes?|dtcs?|faults?|memory)|codes? (?:cleared|erased)|erased|road ?test\w*|test ?dr(?:ive|ove)\w*|reset (?:the )?(?:service|oil|ecu|light|lamp))\b/iu;

/**
 * What one clause says was done.
 *
 * @param clause from `clausesOf`
 * @returns how it is to be taken
 * @example didIn('advise front pads') // { kind: 'not done' }
 * @example didIn('EGR seized, freed off').kind // 'did'
 */
export function didIn(clause: string): Did {
  const text = clause.replace(NEW_NOT_PART, ' ').replace(NO_DEED, ' ');
  if (NOT_DONE.test(text)) return { kind: 'not done' };
  if (IN_VAIN.test(text)) return { kind: 'in vain' };
  if (DENIED.test(text)) return { kind: 'not done' };
  if (/\bnot the\b|\bnot at fault\b|\bnot faulty\b|\bruled out\b/iu.test(text)) return { kind: 'tested' };
  // A swap to and fro is a test; a clause that says "checked" and nothing else of a fix is one too.
  if (/\bswap(?:ped|s)?\b.*\b(?:to|with|from|between|over|round)\b/iu.test(text)) return { kind: 'tested' };
  // Taken off for access is no repair; an added thing taken off is.
  if (TAKEN_OFF.test(text) && ADDED.test(text)) return { kind: 'did', action: 'repaired', rank: WEAK };
  const rank = ACTIONS.findIndex(
    ([a, words]) =>
      words.test(text) && !(a === 'replaced' && REFITTED.test(text) && !/\bnew\b|replac/iu.test(text)),
  );
  const action = ACTIONS[rank]?.[0];
  // "Cleared codes and reset": only what follows a fix, but for deeds that are one of themselves.
  const only = action === 'other' && AFTERWARDS.test(text) && !/regen|bled|serviced/iu.test(text);
  if (action) return { kind: 'did', action, rank: only ? ACTIONS.length : rank };
  if (AFTERWARDS.test(text)) return { kind: 'tested' };
  if (GOOD.test(text)) return { kind: 'tested' };
  return { kind: 'found' };
}
