import { findUnit } from '@/core/readings';
import { labelOf } from './labels';

/** Units that only lists of live values print, beside those a technician types. Common practice, no source. */
const PRINTED =
  /^(?:tr\/min|u\/min|1\/min|rpm|min-?1|deg|°\s?c(?:rank)?a?|(?:mg|mm³|mm3)\/(?:str|stroke|st|hub|h|cp|i)|mm³|mm3|counts?|steps?|schritte|pulses?|hz|g|nm|w|kw|l\/100 ?km|ohms?|sec|lambda|λ|g\/l|steps|cc|percent|prozent)$/iu;

/** A number, with its sign and one unit or none behind it. */
const NUMBER = /^([+\-−]?\d[\d.,'\u00a0 ]*?)\s*(1\/min|[^\d\s.,'][^\s]*(?:\s?[a-z³/]+)?)?$/iu;

/** States that a live value may have instead of a number. */
const STATE =
  /^(?:on|off|open|closed|yes|no|active|inactive|closed loop|open loop|ok|ein|aus|ja|nein|marche|arrêt|oui|non)$/iu;

export interface LiveValue {
  name: string;
  entered: string;
}

/** Whether a text is a value as a list prints it. */
export function isValue(text: string): boolean {
  const m = NUMBER.exec(text.trim());
  if (!m) return false;
  const unit = m[2]?.trim() ?? '';
  return unit === '' || isUnit(unit);
}

/**
 * Whether a text is a unit, as it is known here or as tools print it.
 *
 * @param text a cell
 * @returns true for a unit, false for an empty cell
 */
export const isUnit = (text: string): boolean =>
  text.trim() !== '' && (findUnit(text.trim()) !== undefined || PRINTED.test(text.trim()));

/**
 * A line of a list of live values: name, value, unit.
 *
 * @param cells of the line, by its marks; one cell with a colon or an equals sign is parted
 * @param listed whether the line stands in a list of values, so that a state ("on") is a value too
 * @returns undefined for any other line
 * @example valueOf(['Engine speed', '742', 'rpm'], false) // { name: 'Engine speed', entered: '742 rpm' }
 */
export function valueOf(cells: readonly string[], listed: boolean): LiveValue | undefined {
  const parts =
    cells.length === 1 ? splitLabel(cells[0]!, listed) : cells.map((c) => c.trim()).filter((c) => c !== '');
  if (!parts || parts.length < 2 || parts.length > 4) return undefined;
  const name = parts[0]!.replace(/^[-–•*·>\s]+|[\s.:=]+$/gu, '');
  if (!/\p{L}{2}|\b\p{Lu}\d/u.test(name) || name.length > 80 || labelOf(name) !== undefined) return undefined;
  const [value = '', unit = ''] = parts.slice(1).map((p) => p.replace(/^[=:.\s]+/u, ''));
  const entered = unit !== '' && isUnit(unit) && NUMBER.test(value) ? `${value} ${unit}` : value;
  if (parts.length > 2 && entered === value && unit !== '' && !isRange(parts[2]!)) return undefined;
  if (!/\d/.test(entered)) return listed && STATE.test(entered) ? { name, entered } : undefined;
  return isValue(entered) ? { name, entered: entered.slice(0, 200) } : undefined;
}

/** Units that stand in no vehicle's name and in no sentence. */
const SURE_UNIT = /^(?:°\s?[CF]|%|rpm|kPa|m?bar|hPa|psi|km\/h|mph|g\/s|kg\/h|mV|mA|ms|Hz|°|λ|Ω|mg\/\S+)$/u;

/** Names that are of nothing but a measured quantity. */
const MEASURED = /\b(?:voltage|supply|current|temperature|pressure)\b/iu;

/** The range or the limit a tool prints behind a value. */
const isRange = (text: string): boolean =>
  /^[[(]?[+\-−<>≤≥]?\s?\d[\d.,]*\s?(?:\.{2,3}|-|–|to|bis)?/u.test(text);

function splitLabel(line: string, listed: boolean): string[] | undefined {
  const m = /^(.{2,80}?)\s*(?:[:=]|\.{3,})\s*(\S.*)$/u.exec(line);
  if (m) return [m[1]!, m[2]!];
  // "Engine speed 742 rpm": outside a list of values only with a unit that no vehicle's name has.
  const bare = /^([\p{L}][\p{L}\p{N}\s/()-]{3,60}?)\s+([+\-−]?\d[\d.,]*\s?\S{1,8})$/u.exec(line);
  if (!bare) return undefined;
  const [, name, value] = bare as unknown as [string, string, string];
  const unit = NUMBER.exec(value)?.[2];
  const sure = unit !== undefined && (SURE_UNIT.test(unit) || MEASURED.test(name));
  return unit && isValue(value) && (listed || sure) ? [name, value] : undefined;
}
