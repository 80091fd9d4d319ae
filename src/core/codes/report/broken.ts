import type { Line } from './split';
import type { Reading } from './reading';
import { isName } from './outcome';

/** The tool lost the vehicle: what stands above was read, nothing below. */
const BROKEN =
  /\b(?:lost (?:the )?connection|connection (?:was )?(?:lost|failed|interrupted)|(?:could|can) ?not be read|not be read|scan (?:was )?(?:aborted|cancell?ed|interrupted|incomplete)|read(?:ing)? (?:error|failed|aborted)|timed? ?out|verbindung (?:unterbrochen|verloren)|abgebrochen|connexion perdue|conexión perdida|connessione persa|verbinding verbroken)\b/iu;
/** A report that says of itself that every module was asked. */
const WHOLE =
  /\b(?:(?:whole|entire|complete|full)[- ](?:vehicle|system)s?(?:[- ](?:scan|report|test|readout))?|all (?:systems|modules|control units|controllers)(?: (?:were )?(?:scanned|read|tested))?|gesamtabfrage|alle steuergeräte)\b/iu;

/**
 * Whether a line says that the tool read all modules.
 *
 * @param text a line of a report
 * @returns true for a short line that says so
 */
export const scopeSaid = (text: string): boolean => WHOLE.test(text) && text.length < 120;

/** Takes a line that says the tool broke off; the module it names, or the one open, was not read. */
export function readBroken(r: Reading, { n, raw, text }: Line): boolean {
  const m = BROKEN.exec(text);
  if (!m) return false;
  r.broken = true;
  const name = text
    .slice(0, m.index)
    .replace(/(?:\b(?:was|is|has been|data)\b|[\s:–-])+$/iu, '')
    .trim();
  if (
    /\p{L}{2}/u.test(name) &&
    isName(name) &&
    name.split(/\s+/u).length <= 6 &&
    m[0].length + name.length + 12 > text.length
  ) {
    r.under(name, true, n);
    r.out.modules[r.module!]!.read = false;
  } else if (r.module !== null && !r.settled.has(r.module)) r.out.modules[r.module]!.read = false;
  r.out.leftover.push(raw.slice(0, 2000));
  r.mark(n, 'scope');
  return true;
}
