import { fromJson, fromXml } from './objects';
import { quotedCells } from './split';

/** Characters that HTML writes by name. */
const ENTITIES: Record<string, string> = { amp: '&', lt: '<', gt: '>', quot: '"', apos: "'", nbsp: ' ' };

/**
 * A report that came as HTML, JSON or XML, as the plain lines a person would see; any other text as it is. The rows of a
 * table become lines parted by tabs, objects lines of `name="value"`.
 *
 * @param text as pasted or dropped
 * @returns text to be read line by line
 * @example plainText('<tr><td>P0171</td><td>stored</td></tr>') // 'P0171\tstored\n'
 */
export function plainText(text: string): string {
  if (/<\/?(?:html|table|tr|td|div|p|br|li|body|pre)\b[^>]{0,500}>/iu.test(text.slice(0, 20_000)))
    return fromHtml(text);
  if (/^\s*[[{]/u.test(text)) return fromJson(text) ?? text;
  if (/^\s*<\??[a-z]/iu.test(text)) return fromXml(text) ?? text;
  return fromColumns(text, ',') ?? fromColumns(text, ';') ?? text;
}

/** Lines of a CSV without heads: as many cells in each, a code of the standards as one of them in most. */
function fromColumns(text: string, separator: string): string | undefined {
  const lines = text.trimEnd().split(/\r?\n/u);
  if (lines.length < 2 || lines.length > 5000 || text.length > 500_000) return undefined;
  const rows = lines.map((line) => quotedCells(line, separator));
  const columns = rows[0]!.length;
  const coded = rows.filter((row) =>
    row.some((cell) => /^[PCBU][0-3][0-9A-F]{3}(?:-[0-9A-F]{2})?$/iu.test(cell)),
  );
  if (columns < 3 || rows.some((row) => row.length !== columns) || coded.length < 0.5 * rows.length)
    return undefined;
  // Under heads the table is read by them.
  return coded.length < rows.length && coded[0] !== rows[0]
    ? undefined
    : rows.map((row) => row.join('\t')).join('\n');
}

function fromHtml(html: string): string {
  return html
    .replace(/<(script|style|head)\b[\s\S]*?<\/\1>/giu, ' ')
    .replace(/<!--[\s\S]*?-->/gu, ' ')
    .replace(/\s*\n\s*/gu, ' ')
    .replace(/<\/t[dh]>\s*(?=<t[dh]\b)/giu, '\t')
    .replace(/<(?:br|hr)\b[^>]*>|<\/(?:tr|p|div|li|h\d|table|pre|dd|dt)>/giu, '\n')
    .replace(/<[^>]{0,2000}>/gu, '')
    .replace(
      /&(?:#(\d{1,6})|#x([0-9a-f]{1,5})|(\w{2,6}));/giu,
      (whole, dec?: string, hex?: string, name?: string) => {
        if (name) return ENTITIES[name.toLowerCase()] ?? whole;
        const code = dec ? Number(dec) : parseInt(hex!, 16);
        return code > 0 && code <= 0x10ffff ? String.fromCodePoint(code) : whole;
      },
    )
    .split('\n')
    .map((line) => line.replace(/^ +| +$/gu, ''))
    .join('\n');
}
