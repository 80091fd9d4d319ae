import type { CatalogueItem } from '../../src/core/case';
import { Catalogue, causeName, starterItems } from '../../src/core/cause';
import { assemble, readCaseFile } from '../../src/core/exchange';
import { CaseIndex, digestOf, type CaseDigest } from '../../src/core/similar';
import type { PastCase, World } from './world';

/** The past cases of a world as Vantle has them: read from their files, in its index. */
export interface WorldShop {
  world: World;
  cases: PastCase[];
  catalogue: Catalogue;
  digests: Map<string, CaseDigest>;
  index: CaseIndex;
  /** The key under which each fault is counted. */
  keyOf: string[];
  /** All that a text index would hold of each case. */
  texts: { id: string; text: string }[];
}

const slug = (s: string) =>
  s
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, 36);

/** The list a shop begins with, and the world's own words where that does not have them. */
function catalogueOf(world: World): Catalogue {
  const starter = starterItems();
  const list = new Catalogue(starter);
  const own = new Map<string, CatalogueItem>();
  const add = (kind: 'part' | 'failure', name: string) => {
    if (list.find(kind, name)) return;
    const id = `${kind === 'part' ? 'p' : 'f'}-w-${slug(name)}`;
    own.set(id, { id, kind, system: '', name, synonyms: [], mergedInto: null, fresh: false });
  };
  for (const f of world.faults) {
    add('part', f.part);
    add('failure', f.failure);
  }
  return new Catalogue([...starter, ...own.values()]);
}

export function worldShop(world: World, cases: PastCase[]): WorldShop {
  const catalogue = catalogueOf(world);
  const index = new CaseIndex();
  const digests = new Map<string, CaseDigest>();
  const texts: WorldShop['texts'] = [];
  let ids = 0;
  for (const past of cases) {
    const caseId = past.file.id!;
    const { rows } = readCaseFile(past.file, {
      caseId,
      vehicleId: `v${caseId}`,
      vehicleKnown: false,
      number: past.file.number!,
      catalogue,
      newId: () => `r${++ids}`,
      person: () => null,
      earlierCase: () => undefined,
    });
    const record = assemble(rows);
    record.case.grade = past.grade;
    const digest = digestOf(record, catalogue);
    digests.set(caseId, digest);
    index.put(digest);
    const { vehicle: v } = record;
    texts.push({
      id: caseId,
      text: [
        v.make,
        v.model,
        v.engine,
        v.year,
        record.case.said,
        ...record.code.map((c) => `${c.code} ${c.text}`),
        ...record.test.map((t) => t.question),
        ...record.reading.map((x) => `${x.label} ${x.entered}`),
        ...record.cause.map((c) => causeName(catalogue, c)),
        ...record.repair.map((x) => x.what),
      ].join(' '),
    });
  }
  const keyOf = world.faults.map(
    (f) => `${catalogue.find('part', f.part)!.id}/${catalogue.find('failure', f.failure)!.id}`,
  );
  return { world, cases, catalogue, digests, index, keyOf, texts };
}
