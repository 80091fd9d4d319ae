/**
 * A verdict with a stretch between its two borders in which nothing is told.
 *
 * @param fails beyond the border of a fault, what the figure is uncertain by counted
 * @param passes within the border of what is sound, counted so too
 * @example verdictOf(3.2 > 3, 3.2 < 2.5) // 'fail'
 * @example verdictOf(2.7 > 3, 2.7 < 2.5) // 'unsure'
 */
export function verdictOf(fails: boolean, passes: boolean): 'fail' | 'pass' | 'unsure' {
  if (fails) return 'fail';
  return passes ? 'pass' : 'unsure';
}
