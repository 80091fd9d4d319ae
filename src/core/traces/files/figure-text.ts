import { readNumberBytes } from './number-bytes';

/** Units as tools write them behind a name or a figure. Single letters that are names as often stand in `SHORT`. */
const UNIT =
  /^(?:[kmµμ]?V|[mkµμ]?A|[km]?W|[mk]?Hz|MHz|[kM]?(?:Ω|ohms?)|°|deg|°?\s?C|°?\s?F|°C|°F|%|‰|rpm|r\/min|1\/min|min-1|min⁻¹|U\/min|bar|mbar|hPa|kPa|MPa|Pa|psi|inHg|mmHg|km\/h|kmh|kph|mph|m\/s|ms|[µμu]s|ns|s|sec|min|h|g\/s|kg\/h|mg|mg\/str|mm³|l\/h|l\/min|Nm|N·m|lb-ft|g|kg|mm|cm|m|km|λ|ppm|K|V ?DC|A ?DC)$/i;
const SHORT = /^[a-z]$/i;

/** Whether a text is a unit and nothing else, brackets around it allowed. */
export const isUnit = (text: string): boolean => UNIT.test(text.replace(/^[([]\s*|\s*[)\]]$/g, ''));

/** Whether a word behind a name is a unit: `rpm`, `%`; a single letter may as well belong to the name. */
export const isUnitWord = (text: string): boolean => UNIT.test(text) && !SHORT.test(text);

/** A figure as a tool writes it for people: digits in groups of three, a unit behind it. */
interface FigureText {
  value: number;
  unit: string;
  /** Read as it stands, without groups or a unit. */
  plain: boolean;
}

const bytes = new TextEncoder();
const read = (text: string, decimal: '.' | ','): number => {
  const b = bytes.encode(text);
  return readNumberBytes(b, 0, b.length, decimal.charCodeAt(0));
};

/** No figure with its unit is longer, quotes and blanks around it included. */
const LONGEST = 80;

/** Digits in groups of three before the decimal sign. */
const GROUPED = { '.': /^[-+]?\d{1,3}(?:,\d{3})+(?:\.\d+)?$/, ',': /^[-+]?\d{1,3}(?:\.\d{3})+(?:,\d+)?$/ };

/**
 * The figure that a cell holds.
 *
 * @param cell text of the cell
 * @param decimal the table's decimal sign
 * @returns undefined for what is no figure
 * @example figureText('2,802.77 rpm', '.') // { value: 2802.77, unit: 'rpm', plain: false }
 */
export function figureText(cell: string, decimal: '.' | ','): FigureText | undefined {
  if (cell.length > LONGEST) return undefined;
  const text = cell.replace(/^["\s]+|["\s]+$/g, '');
  const value = read(text, decimal);
  if (!Number.isNaN(value)) return { value, unit: '', plain: true };
  const end = text.search(/[^\d.,]*$/);
  const [figure, unit] = [text.slice(0, end).trim(), text.slice(end).trim()];
  if (unit !== '' && !isUnit(unit)) return undefined;
  const grouped = GROUPED[decimal].test(figure);
  const own = read(grouped ? figure.replaceAll(decimal === '.' ? ',' : '.', '') : figure, decimal);
  return Number.isNaN(own) ? undefined : { value: own, unit, plain: false };
}
