/** Stored words that people read in another form; rows and case files keep their own. */
const DISPLAYED: Readonly<Record<string, string>> = {
  'knock-on': 'follow-on',
  aside: 'unrelated',
  leftover: 'old',
  unsorted: 'not decided',
  held: 'stayed fixed',
  void: 'not valid',
};

/**
 * What a stored role, grade, verdict or follow-up state is called on screens and in reports.
 *
 * @param word as it is stored
 * @returns as it is shown; any other word as it is
 * @example displayWord('leftover') // 'old'
 * @example displayWord('proven') // 'proven'
 */
export const displayWord = (word: string): string => DISPLAYED[word] ?? word;
