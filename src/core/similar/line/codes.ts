import { meaningOf, readCode } from '@/core/codes';
import type { LineReader } from './contract';

/** P0171, p 0171, P0-171, PO171, U0100-87, P030x; the digits may have the letter O for a nought. */
const WRITTEN = /(?<= )([pcbu])([ -]?)([0-3o])([ -]?)([0-9a-fox]{3})(-[0-9a-f]{2})?(?= )/gi;
const BUS_CODE = /(?<= )SPN\s*\d{1,6}\s*FMI\s*\d{1,2}(?= )/gi;
/** "P0301 but not P0300": the second is not looked for. */
const DENIED = /\b(?:not|no|without|never)(?: any)? $/i;

/** Fault codes, however they are spaced. */
export const readCodes: LineReader = (text) => {
  text.takeAll(BUS_CODE, (m) => {
    const code = readCode(m[0])!.code;
    return { kind: 'code', label: code, value: code };
  });
  const { rest } = text;
  for (const m of [...rest.matchAll(WRITTEN)]) {
    const [written, letter = '', gap, second = '', gap2, tail = '', type = ''] = m;
    const plain = `${letter}${second}${tail}`.toUpperCase().replace(/O/g, '0');
    // "boost" has the shape, too: figures make a code, and a gap within it has to make one that there is.
    if ((`${second}${tail}`.match(/\d/g) ?? []).length < 2) continue;
    if ((gap || gap2) && !meaningOf(plain)) continue;
    const code = plain.includes('X')
      ? plain.replace(/X/g, 'x')
      : (readCode(`${plain}${type}`)?.code ?? plain);
    const denied = DENIED.test(rest.slice(0, m.index));
    if (denied) text.take(written, { kind: 'without', label: code, value: code });
    else text.take(written, { kind: 'code', label: code, value: code });
  }
};
