/** Something one can do from where one is: by its key, or by writing it into the action line. */
export interface Action {
  /** What it does, as the line offers it. */
  say: string;
  /** Other words it answers to. */
  words?: string;
  /** What may be written after its words, and goes with it. */
  takes?: string;
  /** One letter: alone outside of fields, with Alt anywhere. */
  key?: string;
  run: (rest: string) => void;
}

export interface Match<A> {
  action: A;
  /** What was written beyond the words of the action. */
  rest: string;
}

const wordsOf = (text: string): string[] => text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];

/**
 * The actions a line may mean, likeliest first.
 *
 * @param line as typed: beginnings of the action's words in any order, then what it takes, in the writer's own spelling
 * @param actions in the order in which they stand when nothing was typed
 * @example matchActions('test does the pump hold', actions)[0] // { action: 'Add a test', rest: 'does the pump hold' }
 */
export function matchActions<A extends Pick<Action, 'say' | 'words' | 'takes'>>(
  line: string,
  actions: readonly A[],
): Match<A>[] {
  const typed = [...line.matchAll(/\S+/g)].map((m) => ({ word: m[0].toLowerCase(), at: m.index }));
  if (typed.length === 0) return actions.map((action) => ({ action, rest: '' }));
  const found = actions.flatMap((action, order) => {
    const own = wordsOf(`${action.words ?? ''} ${action.say}`);
    let n = 0;
    let score = 0;
    for (const { word } of typed) {
      const hit = own.find((w) => w === word) ?? own.find((w) => w.startsWith(word));
      if (!hit) break;
      // A whole word says more than its beginning, and the action's first words more than its last.
      score += (hit === word ? 2 : 1) + 1 / (1 + own.indexOf(hit));
      n++;
    }
    const left = typed[n];
    if (n === 0 || (left && !action.takes)) return [];
    // What is all the action's own words goes before what only begins so.
    return [{ action, rest: left ? line.slice(left.at).trim() : '', score: score - (left ? 1.5 : 0), order }];
  });
  return found
    .sort((a, b) => b.score - a.score || a.order - b.order)
    .map(({ action, rest }) => ({ action, rest }));
}
