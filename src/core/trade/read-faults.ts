import type { NotOn, Sign, TradeFault } from './contract';

/**
 * How a line of a table of faults is read:
 *
 * part, failure | where | weight | sign:chance@when,when … | code:chance … | event:chance … | test:chance … | mistaken for; …
 *
 * Codes may be listed with "/" or as a range ("P0300-P0304:.8"): one of them is set with that chance.
 */
export function readFaults(table: string, notOn: readonly NotOn[] = []): TradeFault[] {
  return table
    .trim()
    .split('\n')
    .map((line) => {
      const cells = line.split('|').map((c) => c.trim());
      const [
        name = '',
        where = '',
        weight = '',
        signs = '',
        codes = '',
        after = '',
        tests = '',
        mistaken = '',
      ] = cells;
      const comma = name.indexOf(',');
      if (comma < 0 || cells.length < 7) throw new Error(`Not a line of faults: “${line}”`);
      return {
        part: name.slice(0, comma).trim(),
        failure: name.slice(comma + 1).trim(),
        where: where.split(' ').filter(Boolean),
        notOn,
        weight: Number(weight),
        signs: signs.split(' ').filter(Boolean).map(readSign),
        codes: readCodes(codes),
        expected: readCodes(codes, none),
        rarely: new Map(),
        after: readChances(after.replaceAll('flat-battery', 'flat battery')),
        tests: readChances(tests),
        mistaken: mistaken
          .split(';')
          .map((m) => m.trim())
          .filter(Boolean),
      };
    });
}

function readSign(text: string): Sign {
  const [, symptom, chance, when = ''] = /^([a-z-]+):([\d.]+)(?:@(.*))?$/.exec(text) ?? [];
  if (!symptom) throw new Error(`Not a sign: “${text}”`);
  return { symptom, chance: Number(chance), when: when.split(',').filter(Boolean) };
}

function readChances(text: string): Map<string, number> {
  const out = new Map<string, number>();
  for (const m of text.matchAll(/([a-z0-9][a-z0-9 -]*?):(\d*\.?\d+)/gi)) out.set(m[1]!.trim(), Number(m[2]));
  return out;
}

/** Chance of one member where one of several is set: members of small groups often come together. */
const member = (chance: number, of: number): number => chance / Math.sqrt(of);
/** Chance of one member by which none of all is as likely as it is said to be: (1 − p)ⁿ = 1 − chance. */
const none = (chance: number, of: number): number => 1 - (1 - chance) ** (1 / of);

/**
 * Codes with their chances.
 *
 * @param text "P0171/P0174:.8 P0300-P0304:.5"
 * @param each chance of one member of a group, from that of the group and its size
 * @throws Error for what is no list of codes
 * @example readCodes('P0301-P0304:.8').get('P0302') // 0.4
 */
export function readCodes(text: string, each = member): Map<string, number> {
  const out = new Map<string, number>();
  for (const item of text.split(' ').filter(Boolean)) {
    const [list = '', chance] = item.split(':');
    const codes = list.split('/').flatMap(members);
    for (const c of codes) out.set(c, Math.max(out.get(c) ?? 0, each(Number(chance), codes.length)));
  }
  return out;
}

function members(text: string): string[] {
  const [from = '', to] = text.split('-');
  if (!/^[PCBU][0-3][0-9A-F]{3}$/.test(from) || (to !== undefined && !/^[PCBU][0-3][0-9A-F]{3}$/.test(to)))
    throw new Error(`Not a code: “${text}”`);
  if (to === undefined) return [from];
  // Ranges count in decimal where their last figures are decimal, as the standard does.
  const base = from.slice(0, 3);
  const [a, b] = [from.slice(3), to.slice(3)];
  const decimal = /^\d\d$/.test(a) && /^\d\d$/.test(b);
  const radix = decimal ? 10 : 16;
  const out: string[] = [];
  for (let i = parseInt(a, radix); i <= parseInt(b, radix); i++)
    out.push(base + i.toString(radix).toUpperCase().padStart(2, '0'));
  return out;
}
