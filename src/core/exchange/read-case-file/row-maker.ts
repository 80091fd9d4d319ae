import { Problem } from '@/core/problem';
import type { z } from 'zod';
import { KINDS, type CatalogueItem, type Kind } from '@/core/case';
import type { Catalogue } from '@/core/cause';
import type { Vocabulary } from '@/core/symptoms';

/** Rows ready to be stored, owners before what hangs on them. */
export interface CaseRows {
  rows: { kind: Kind; row: Record<string, unknown> & { id: string } }[];
  /** Parts and failures the shop did not know, to be added and looked at. */
  fresh: CatalogueItem[];
}

/** What a case file needs from the shop it comes into. */
export interface ImportContext {
  caseId: string;
  vehicleId: string;
  /** The vehicle is in the shop's records already; the file's description of it is left aside. */
  vehicleKnown: boolean;
  number: number;
  catalogue: Catalogue;
  /** Makes an id nobody has yet. */
  newId: () => string;
  /** Id of a person by name, or null. */
  person: (name: string | undefined) => string | null;
  /** Id of an earlier case this one came back from, by what the file says of it; undefined if it is not here. */
  earlierCase: (of: { id?: string | undefined; number?: number | undefined }) => string | undefined;
  /** The shop's own vocabulary. */
  vocabulary?: Vocabulary;
}

/** What other parts of a file may name, and what to call it where it is missing. */
const NAMED = {
  test: 'test',
  trace: 'trace',
  procedure: 'procedure',
  suspect: 'suspect',
  cause: 'cause',
  part: 'part',
  file: 'file',
} as const;
type Named = keyof typeof NAMED;

const known = new Map<Kind, { name: string; missing: unknown }[]>();

/**
 * The fields of a kind of row, with what each says where nobody said anything. The file's own shape has
 * checked what is in it; checking each of its some forty rows again would be a third of an import.
 */
function fieldsOf(kind: Kind) {
  let fields = known.get(kind);
  if (!fields) {
    fields = Object.entries(KINDS[kind].shape as Record<string, z.ZodType>).map(([name, field]) => ({
      name,
      missing: field.safeParse(undefined).data,
    }));
    known.set(kind, fields);
  }
  return fields;
}

/** Makes the rows of one case, and keeps the names by which the parts of its file speak of each other. */
export class RowMaker {
  readonly rows: CaseRows['rows'] = [];
  readonly fresh: CatalogueItem[] = [];
  /** By the position in the file: symptoms and scans are named by their number. */
  readonly symptoms: string[] = [];
  readonly scans: string[] = [];
  readonly #named = new Map<Named, Map<string, string>>();

  constructor(readonly into: ImportContext) {}

  /**
   * Adds a row; fields the file leaves out take the defaults of the row's own shape.
   *
   * @param kind of the row
   * @param fields what the file says
   * @param position in its list, from 0
   * @returns its id: the one given, or a new one
   */
  add(kind: Kind, fields: Record<string, unknown>, position = 0): string {
    const id = typeof fields.id === 'string' ? fields.id : this.into.newId();
    const own: Record<string, unknown> = { ...fields, id, caseId: this.into.caseId };
    // In the order of the shape, as rows come from the database too.
    const row = { id } as Record<string, unknown> & { id: string };
    for (const { name, missing } of fieldsOf(kind))
      row[name] = own[name] ?? (name === 'position' ? position : missing);
    this.rows.push({ kind, row });
    return id;
  }

  /** Id of a part or failure of the catalogue by its name; one that is not known is added as fresh. */
  entry(kind: 'part' | 'failure', name: string | undefined): string | null {
    if (!name) return null;
    const there =
      this.into.catalogue.find(kind, name) ??
      this.fresh.find((f) => f.kind === kind && f.name.toLowerCase() === name.toLowerCase());
    if (there) return there.id;
    const item: CatalogueItem = {
      id: this.into.newId(),
      kind,
      system: kind === 'part' ? 'Not sorted yet' : '',
      name,
      synonyms: [],
      mergedInto: null,
      fresh: true,
    };
    this.fresh.push(item);
    return item.id;
  }

  /** Keeps under which name the rest of the file speaks of a row. */
  name(what: Named, name: string | undefined, id: string): void {
    if (name === undefined) return;
    let names = this.#named.get(what);
    if (!names) this.#named.set(what, (names = new Map<string, string>()));
    names.set(name, id);
  }

  /** Id that was kept under a name before its row is made, if there is one. */
  idNamed(what: Named, name: string | undefined): string | undefined {
    return name ? this.#named.get(what)?.get(name) : undefined;
  }

  /** Id of the first row of a kind that was named. */
  firstNamed(what: Named): string | null {
    return this.#named.get(what)?.values().next().value ?? null;
  }

  /**
   * Id of the row a name stands for; null where nothing is named.
   *
   * @throws Problem when the file has none of that name
   */
  find(what: Named, name: string | null | undefined): string | null {
    if (!name) return null;
    const id = this.#named.get(what)?.get(name);
    if (id === undefined)
      throw new Problem(`The file speaks of the ${NAMED[what]} "${name}", but has none of that name.`);
    return id;
  }
}
