import { candump } from './candump';
import { MOST_BYTES, type TraceFormat } from './contract';
import { csv } from './csv';
import { nameAndUnit } from './csv-names';
import { json } from './json';
import { longTable } from './long-table';
import { Unreadable, type Preview, type ReadAs } from './read-as';
import { wav } from './wav';

export * from './contract';
export * from './read-as';
export { PREVIEWED } from './json';
export { csvOf } from './write-csv';

/** Every format that is read. A new one is one file and one line here. */
const FORMATS: readonly TraceFormat[] = [csv, longTable, json, wav, candump];

/** @throws Unreadable for a format that this version does not have */
export function formatOf(id: string): TraceFormat {
  const f = FORMATS.find((x) => x.id === id);
  if (!f) throw new Unreadable(`Recordings of the kind "${id}" cannot be read by this version.`);
  return f;
}

/**
 * Looks at the beginning of a file and says how it would be read.
 *
 * @param head up to `PREVIEWED` bytes
 * @param size bytes of the whole file
 * @param corrected what a person has set in the preview
 * @throws Unreadable with a sentence saying what is wrong and what to do
 */
export function previewFile(head: Uint8Array, name: string, size: number, corrected?: ReadAs): Preview {
  if (size === 0) throw new Unreadable(`"${name}" is empty.`);
  if (size > MOST_BYTES)
    throw new Unreadable(
      `"${name}" has ${(size / 1e9).toFixed(1)} GB; up to ${MOST_BYTES / 1e9} GB are read. Export a shorter stretch or fewer channels, and take that.`,
    );
  const ending = /\.([a-z0-9]+)$/i.exec(name)?.[1]?.toLowerCase() ?? '';
  const best = corrected
    ? formatOf(corrected.format)
    : [...FORMATS].sort((a, b) => score(b, head, name, ending) - score(a, head, name, ending))[0]!;
  const preview = best.preview(head, corrected);
  return corrected ? preview : namedByFile(preview, name);
}

/** A file of one channel that has no name of its own is called by its file. */
function namedByFile(preview: Preview, fileName: string): Preview {
  const { columns } = preview.readAs;
  const own = columns.filter((c) => c.use === 'channel');
  const stem = fileName
    .replace(/\.\w+$/, '')
    .replace(/[_-]+/g, ' ')
    .trim();
  if (
    own.length !== 1 ||
    !/^(channel|column \d+|value|ch ?\d|data)$/i.test(own[0]!.name) ||
    !/[a-z]{3}/i.test(stem)
  )
    return preview;
  const named = nameAndUnit(stem);
  return {
    ...preview,
    readAs: {
      ...preview.readAs,
      columns: columns.map((c) =>
        c === own[0] ? { ...c, name: named.name.slice(0, 120), unit: c.unit || named.unit } : c,
      ),
    },
  };
}

const score = (f: TraceFormat, head: Uint8Array, name: string, ending: string) =>
  f.fits(head, name) + (f.endings.includes(ending) ? 0.1 : 0);
