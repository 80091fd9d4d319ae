import type { CodeStatus } from '../case';
import { readCode } from './code';
import { readScan } from './read-scan';

/** A fault as a person types it into one line. */
export interface TypedCode {
  code: string;
  /** Its wording; empty where none was typed. */
  text: string;
  statuses: CodeStatus[];
}

/** "P0300-P0304", "P0171 to P0174": both ends are said, what lies between is not. */
const BETWEEN = /(?<=[PCBU][0-3O][0-9A-FO]{3}) ?(?:-|–|to|and|&|\+|\/) ?(?=[PCBU][0-3O][0-9A-FO]{3}\b)/giu;

/**
 * The faults of one typed line, read as a line of a report is: several codes, a letter O for a zero, a status, a wording.
 * What has no code is one fault in words.
 *
 * @param line as typed
 * @returns the faults in order; none for an empty line
 * @example typedCodes('po171 lean')[0].code // 'P0171'
 * @example typedCodes('P0171, P0174 pending').length // 2
 * @example typedCodes('p0300-p0304').length // 2
 * @example typedCodes('side stand switch')[0].code // 'side stand switch'
 */
export function typedCodes(line: string): TypedCode[] {
  const said = line.trim().replace(/\s+/g, ' ').replace(BETWEEN, ', ');
  if (said === '') return [];
  const { codes } = readScan(said).report;
  if (codes.length > 0) return codes.map(({ code, text, statuses }) => ({ code, text, statuses }));
  return [{ code: (readCode(said)?.code ?? said).slice(0, 60), text: '', statuses: [] }];
}
