/** "2 proven, 1 held": the grades behind a count, best first. */
export function gradesInWords(byGrade: Record<string, number | undefined>): string {
  const words = ['held', 'proven', 'checked', 'claimed']
    .filter((g) => byGrade[g])
    .map((g) => `${byGrade[g]} ${g}`);
  return words.length ? `, ${words.join(', ')}` : '';
}
