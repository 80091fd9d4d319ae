/** A code's meaning in our own short words. */
export interface Meaning {
  code: string;
  says: string;
}

/** A part's faults that follow one another in the standard's numbering. */
export interface CodeRun {
  part: string;
  codes: Meaning[];
}

const SAYS: Record<string, string> = {
  C: 'circuit',
  R: 'range or performance',
  L: 'circuit low',
  H: 'circuit high',
  I: 'circuit intermittent',
  O: 'circuit open',
  S: 'slow response',
  N: 'no activity',
  // The standard's first code of a solenoid says no more than that something is wrong with it.
  M: 'malfunction, kind not told',
  F: 'performance or stuck off',
  K: 'stuck on',
  E: 'electrical',
};

/**
 * The code that follows another. The standard counts in decimal (after P0079 comes P0080) and has put later
 * additions at the places with a letter (P007A to P007F), which follow one another only among themselves.
 *
 * @param code five characters
 * @param hexadecimal for the runs that do count through letters, as those of hybrid drives
 * @returns the next code
 * @throws Error where a run would leave the letters, for instance after P007F
 * @example nextCode('P0079') // 'P0080'
 * @example nextCode('P007A') // 'P007B'
 */
export function nextCode(code: string, hexadecimal = false): string {
  const [letter, digits] = [code[0]!, code.slice(1)];
  const hex = (n: number) => letter + n.toString(16).toUpperCase().padStart(4, '0');
  if (hexadecimal) return hex(parseInt(digits, 16) + 1);
  const last = digits[3]!;
  if (last === 'F') throw new Error(`No code follows ${code} in decimal counting.`);
  if (last !== '9') return hex(parseInt(digits, 16) + 1);
  // Decimal carry over the places that are decimal; a letter further left stays as it is.
  const carried = /^(.*?)(\d+)$/.exec(digits)!;
  const up = String(Number(carried[2]) + 1).padStart(carried[2]!.length, '0');
  if (up.length > carried[2]!.length) throw new Error(`No code follows ${code} in decimal counting.`);
  return letter + carried[1]! + up;
}

/**
 * Reads rows of two forms: `P0070 CRLHI outside air temperature sensor`, a part's faults one letter each
 * (an `x` after the code counts in hexadecimal), and `P0087 = fuel rail pressure too low`, a single one.
 *
 * @param text the rows
 * @returns runs with their part, and single meanings
 * @throws Error at a row of neither form, or an unknown letter
 */
export function readRows(text: string): { runs: CodeRun[]; single: Meaning[] } {
  const runs: CodeRun[] = [];
  const single: Meaning[] = [];
  for (const row of text.trim().split('\n')) {
    const m = /^([PCBU][0-3][0-9A-F]{3})(x?) (=|[A-Z]+) (\S.*)$/.exec(row);
    if (!m) throw new Error(`"${row}" is not a row of codes.`);
    const [, first, hexadecimal, letters, says] = m as unknown as [string, string, string, string, string];
    if (letters === '=') {
      single.push({ code: first, says });
      continue;
    }
    const codes: Meaning[] = [];
    let code = first;
    for (const letter of letters) {
      if (codes.length > 0) code = nextCode(code, hexadecimal === 'x');
      if (!SAYS[letter]) throw new Error(`"${row}" has a letter that stands for nothing.`);
      codes.push({ code, says: SAYS[letter] });
    }
    runs.push({ part: says, codes });
  }
  return { runs, single };
}
