import { displayWord } from '@/core/case/display-words';

/** Rounded to what a handful of cases can bear. */
export const about = (share: number): string => {
  const percent = Math.round(share * 20) * 5;
  if (percent === 0) return 'under 5\u00a0%';
  if (percent === 100) return 'over 95\u00a0%';
  return `about ${percent}\u00a0%`;
};

/** "2 proven, 1 stayed fixed": the grades behind a count, best first, with a comma before them. */
export function gradesInWords(byGrade: Partial<Record<string, number>>): string {
  const words = ['held', 'proven', 'checked', 'claimed']
    .filter((g) => byGrade[g])
    .map((g) => `${byGrade[g]} ${displayWord(g)}`);
  return words.length ? `, ${words.join(', ')}` : '';
}

/** "3 cases, 2 stayed fixed, 1 claimed". */
export const countWords = (cases: number, byGrade: Partial<Record<string, number>>): string =>
  `${cases} case${cases === 1 ? '' : 's'}${gradesInWords(byGrade)}`;
