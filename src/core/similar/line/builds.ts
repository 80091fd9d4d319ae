import type { LineReader } from './contract';

const CYLINDERS =
  /(?<= )([vil]-?(?:[2-68]|1[02])|w(?:8|12|16)|boxer|flat[ -]?(?:four|six)|inline[ -]?(?:four|five|six)|straight[ -]?six)(?= )/gi;
/** 3.8, 2.0, 1.9l; followed by a unit it is a value. */
const LITRES = /(?<= )([0-9][.,][0-9])(?: ?l(?:itres?|iters?)?)?(?= )/gi;
const UNIT =
  /^ (?:v|volts?|bar|a|amps?|ohms?|kohms?|mm|ms|%|kpa|psi|s|sec|nm|mv|ma|°|c|f|g|kg|km|km\/h|hours?|inch|mpa|g\/s|kg\/h|mg\S*|mm3|ml\S*|l\/h|rpm|k?hz|kw|w|lambda|λ|deg\S*)(?: |$)/i;
const COMPARED = /(?:[<>=≤≥]|over|above|below|under|than|least|most|at|to|of|is|was|only) $/i;

/** How an engine is built, for shops that do not name its code: V8, 3.8, 2.0 l. */
export const readBuilds: LineReader = (text) => {
  text.takeAll(CYLINDERS, (m) => ({
    kind: 'engine build',
    label: m[1]!.toUpperCase(),
    value: m[1]!.toUpperCase().replace('-', ''),
  }));
  text.takeAll(LITRES, (m) => {
    const value = m[1]!.replace(',', '.');
    const after = text.rest.slice(m.index! + m[0].length);
    const litres = /l/i.test(m[0]);
    if (!litres && (UNIT.test(after) || COMPARED.test(text.rest.slice(0, m.index)))) return undefined;
    return Number(value) < 0.6 || Number(value) > 9
      ? undefined
      : { kind: 'engine build', label: value, value };
  });
};

/**
 * Whether an engine as the shop names it is built so.
 *
 * @example isBuilt('2.3 diesel', '2.3') // true
 */
export const isBuilt = (engine: string, build: string): boolean =>
  engine
    .toUpperCase()
    .split(/[^\p{L}\p{N}.]+/u)
    .some((w) => w === build || w.replace(/(?<=\d)L$/, '') === build);
