import { NUMBER, readNumber } from './entry';
import { convert, findUnit, type Quantity } from './units';

const part = new RegExp(`^(${NUMBER})\\s*(.*)$`);

/**
 * Reads what an instrument's sheet says of its accuracy and gives the uncertainty of one reading:
 * `± 0.5 %`, `0,02 V`, `± (0.5 % + 2 digits)`. A digit is one step of the last place shown.
 *
 * @param text as typed; empty means that nothing is known, which counts as 0
 * @param reading the reading as entered
 * @param decimals how many places it was entered with
 * @returns half the width of the uncertainty in the reading's unit, or a sentence
 * @example uncertainty('0.5 % + 2 digits', { value: 12, unit: 'V' }, 1) // 0.06 + 0.2 V
 */
export function uncertainty(text: string, reading: Quantity, decimals: number): number | { problem: string } {
  const clean = text
    .replace(/[()±]|\+\/-|\+-/g, ' ')
    .replace(/\b(?:of (?:the )?(?:reading|value)|rdg\.?)(?![a-z])/gi, '')
    .trim();
  if (clean === '') return 0;
  const problem = {
    problem: `The accuracy "${text.trim()}" is not understood. Write ± 0.5 %, ± 0.02 V or ± (0.5 % + 2 digits).`,
  };
  let total = 0;
  for (const term of clean.split(/\s*\+\s*/)) {
    const m = part.exec(term.trim());
    const n = readNumber(m?.[1] ?? '');
    if (!m || !n || n.value < 0) return problem;
    const unit = (m[2] ?? '').trim();
    if (/^(digits?|dgts?|counts?|lsd)$/i.test(unit)) total += n.value * 10 ** -decimals;
    else if (unit === '%') total += (Math.abs(reading.value) * n.value) / 100;
    else {
      const found = unit === '' ? { sign: reading.unit } : findUnit(unit);
      if (!found) return problem;
      try {
        // A difference, not a point on the scale: 2 °C are 3.6 °F apart.
        const one = convert({ value: n.value, unit: found.sign }, reading.unit);
        const zero = convert({ value: 0, unit: found.sign }, reading.unit);
        total += Math.abs(one.value - zero.value);
      } catch {
        return problem;
      }
    }
  }
  return total;
}
