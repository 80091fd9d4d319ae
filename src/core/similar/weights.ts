/**
 * Weights of nearness and of the odds, in one place. Chosen by `npm run bench -- weights` on worlds of
 * made-up faults that the reported figures are not taken from (`bench/worlds`); see docs/bench.md.
 */

/** Parts of nearness: of what was asked for, how much each part counts. */
export const WEIGHTS = {
  vehicle: 0.28,
  codes: 0.36,
  symptoms: 0.26,
  conditions: 0.06,
  tests: 0.2,
  parts: 0.3,
  words: 0.14,
  traces: 0.2,
  events: 0.06,
};

/** What is left of a precedent by the grade of its proof. */
export const PROOF_WEIGHT: Record<string, number> = {
  held: 1,
  proven: 1,
  checked: 0.92,
  claimed: 0.6,
  '': 0.6,
};
/** What is left of one that came back. */
export const COMEBACK_WEIGHT = 0.6;
/**
 * What is left of one taken from old records: its cause was read out of a sentence, and nobody looked it over. Set by
 * judgement.
 */
export const OLD_RECORDS_WEIGHT = 0.8;
/** How much a code counts that is akin to the one asked for, and the same code with another failure type. */
export const RELATED_CODE_WEIGHT = { sibling: 0.25, otherType: 0.75 };

/**
 * How much of a rank is the case's own nearness; the rest is how well its cause goes with everything
 * asked for, over all the shop's cases of that cause.
 */
export const RANK = { own: 0.25 };

/** How the odds of causes come from counts. */
export const FIT = {
  /** Cases of the shop's usual mix that stand behind each likelihood. */
  smoothing: 3,
  /**
   * How often a sign of a case has nothing to do with its cause, or the cause is named wrongly: no single sign
   * rules a cause out.
   */
  noise: 0.05,
  /** How much each kind of evidence weighs in the exponent; naive Bayes counts what hangs together twice. */
  vehicle: 1,
  codes: 1.1,
  symptoms: 0.75,
  conditions: 0.5,
  words: 0.1,
  tests: 1,
  /**
   * Recordings of the same shape. Alone more would serve better still (`npm run bench -- likeness`); beside codes and
   * symptoms of the same cause it counts what hangs together twice.
   */
  traces: 1.7,
  /** What was not said, where something of its kind was: causes that mostly show it become less likely. */
  codesAbsent: 1,
  symptomsAbsent: 1,
  conditionsAbsent: 0.8,
  /** Least weight of what the shop has not seen, in cases, and as a share of all cases. */
  unseen: 0.6,
  unseenShare: 0.04,
  /**
   * What is left of the odds of a cause whose part was changed before without help: the new part may be bad or wrong,
   * or it was another of its kind. By judgement.
   */
  changedInVain: 0.2,
  /** Earlier repairs and events: body work, a flat battery, a part just fitted. */
  events: 0.7,
  /** Causes without a case here that have less than this are not listed. */
  leastShare: 0.0005,
};

/** What the trade knows, in cases: how much it weighs beside the shop's own. Chosen on worlds of the bench. */
export const TRADE = {
  /** Of what the shop has not met, how much the trade knows. */
  share: 0.9,
  /** How many cases the chance of a sign by general practice is worth, where it says that a cause shows it. */
  strength: 4,
  /** How many cases the chance of a stray sign is worth. */
  background: 20,
  /** How many cases general practice as a whole is worth where it is set beside the shop's counts. */
  cases: 60,
  /** With how many cases a shop begins to tell by itself how much it has not met. */
  grownUp: 25,
  /** As how many precedents it counts for what a cause may have at most. */
  precedents: 2,
};

/**
 * What a cause keeps at most of its odds by how many cases had it: one precedent alone is at best an
 * even bet, three nine in ten, whatever they share with the case. The rest goes to the unseen. Set by
 * judgement: in the worlds of the bench hardly a cause has so few.
 *
 * @param cases how many cases had the cause
 * @example mostShare(1) // 0.5
 */
export const mostShare = (cases: number): number => 1 - 1 / (cases * cases + 1);
