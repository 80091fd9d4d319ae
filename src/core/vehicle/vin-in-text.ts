import { vinCheckDigit } from './vin';

/** A VIN found in a text, and whether its check digit bears it out. */
export interface FoundVin {
  vin: string;
  /** The check digit is right. Many makers outside North America do not use it. */
  checked: boolean;
}

/** Letters that no VIN has, and what they are on a photo; ISO 3779 leaves I, O and Q out. */
const NEVER: Record<string, string> = { I: '1', O: '0', Q: '0' };

/**
 * The VINs in what a label says: a barcode's content, or letters read of a photo. Labels put marks before and behind
 * it (an I for imported, asterisks, a web address around it).
 *
 * @param text of the label
 * @returns each once, those with a right check digit first; where one has it, no other piece of the same run
 * @example vinsIn('I1M8GDM9AXKP042788') // [{ vin: '1M8GDM9AXKP042788', checked: true }]
 */
export function vinsIn(text: string): FoundVin[] {
  const found: FoundVin[] = [];
  for (const [run] of text.toUpperCase().matchAll(/[A-Z0-9]+(?:[ -][A-Z0-9]+)*/g)) {
    const together = run.replace(/[ -]/g, '');
    // Words run together make no VIN; a VIN may be printed in groups.
    for (const piece of new Set([...run.split(/[ -]/), ...(together.length <= 19 ? [together] : [])]))
      found.push(...inPiece(piece));
  }
  const unique = found.filter((f, i) => found.findIndex((o) => o.vin === f.vin) === i);
  return unique.sort((a, b) => Number(b.checked) - Number(a.checked));
}

function inPiece(piece: string): FoundVin[] {
  if (piece.length < 17 || piece.length > 40) return [];
  const windows = Array.from({ length: piece.length - 16 }, (_, i) => piece.slice(i, i + 17)).map((w) =>
    w.replace(/[IOQ]/g, (c) => NEVER[c]!),
  );
  const right = windows.filter((w) => vinCheckDigit(w) === w[8] && plausible(w));
  if (right.length) return right.map((vin) => ({ vin, checked: true }));
  return piece.length === 17 && plausible(windows[0]!) ? [{ vin: windows[0]!, checked: false }] : [];
}

/** Letters and figures both, and figures at the end, as serial numbers have them. */
const plausible = (vin: string): boolean =>
  /[A-Z]/.test(vin) && /\d{3}$/.test(vin) && (vin.match(/\d/g)?.length ?? 0) >= 4;
