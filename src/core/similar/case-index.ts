import { GRADES } from '@/core/case';
import type { Catalogue } from '@/core/cause';
import { foldQuestion } from '@/core/guide/facts';
import { fold, yearOf } from './fold';
import { FloatList, IntList, Postings } from './postings';
import { causeKey, type CaseDigest } from './profile';
import { renumbered, renumberedSpans } from './renumber';
import { COMEBACK_WEIGHT, OLD_RECORDS_WEIGHT, PROOF_WEIGHT } from './weights';

/** Share of replaced versions above which the index packs itself anew. */
const PACK_AT = 0.25;
const LEAST_TO_PACK = 2000;
const MOST_FOLDED = 20_000;

/**
 * The index over all cases: for each term (a code, a symptom, a make …) the cases that have it, on
 * typed arrays. A changed case is added anew and its old version struck out; once a quarter is struck
 * out, everything is packed. It holds no text to show: that is in the digests, kept by whoever owns it.
 *
 * A term is written `kind|value`, the kinds being: `c` code, `ct` code with its failure type, `s` symptom, `t` circumstance, `w` word,
 * `u` unknown word, `mk` `md` `en` names of make, model and engine as they stand, `vm` `vd` `ve` `vb`
 * the same folded (the last two as model of a make and as whole build), `bd` a build by its names, `kf`
 * kind and fuel, `yr` model year, `o` outcome of a test, `p` part and `f` failure of a cause, `who`
 * person, `g` grade, `st` open or closed, `in` year it was opened.
 */
export class CaseIndex {
  private kinds = new Map<string, Map<string, Postings>>();
  /** Case ids by document. */
  ids: string[] = [];
  private slots = new Map<string, number>();
  /** 1 for a version that stands. */
  standing = new IntList();
  numbers = new IntList();
  /** Days since 1970 the case was opened. */
  opened = new FloatList();
  /** Its grade, as a position in `GRADES`. */
  grades = new IntList();
  /** 1 for an open case. */
  isOpen = new IntList();
  private fromOldRecords = new IntList();
  /** Its make as a position in `makeNames`, −1 for none. */
  makes = new IntList();
  makeNames: string[] = [];
  private makeIds = new Map<string, number>();
  /** Its circumstances as bits, by position in `conditionNames`; those beyond 31 are not counted. */
  conditions = new IntList();
  conditionNames: string[] = [];
  private conditionIds = new Map<string, number>();
  private folded = new Map<string, string>();
  private names = new Map<string, string>();
  /** What its proof makes of it as a precedent, 0 … 1. */
  proof = new FloatList();
  /** Vehicle by document, as a position in `vehicleIds` and `vins`. */
  vehicles = new IntList();
  vehicleIds: string[] = [];
  vins: string[] = [];
  private vehicleSlots = new Map<string, number>();
  /** Causes by document: from `causeStart[d]` up to `causeStart[d + 1]` in `causeList`. */
  causeStart = new IntList();
  causeList = new IntList();
  /** Causes as they stand on cases, `part/failure` by their raw ids. */
  rawCauses: string[] = [];
  private rawCauseIds = new Map<string, number>();
  /** Readings: document, label and value in the unit they were taken in. */
  readings = { docs: new IntList(), labels: new IntList(), values: new FloatList(), units: new IntList() };
  labels: { folded: string; label: string; words: ReadonlySet<string> }[] = [];
  private labelIds = new Map<string, number>();
  units: string[] = [];
  private unitIds = new Map<string, number>();
  /** The terms of each document, so that it can be struck out again. */
  private own = new IntList();
  private ownStart = new IntList();
  private allPostings: Postings[] = [];
  private cameBack = new Set<string>();
  private keysFor: { catalogue: Catalogue; causes: number; keys: string[] } | undefined;
  /** Grows with every change, for what is worked out from the whole index. */
  changes = 0;

  get size(): number {
    return this.slots.size;
  }
  /** Documents, struck-out versions among them. */
  get documents(): number {
    return this.ids.length;
  }

  has(id: string): boolean {
    return this.slots.has(id);
  }
  slotOf(id: string): number | undefined {
    return this.slots.get(id);
  }

  /**
   * The cases that have a term, or undefined. Those of one vehicle (`id`) or number (`no`) are looked
   * for: a list for each would be most of the index.
   */
  postings(term: string): Postings | undefined {
    const bar = term.indexOf('|');
    const [kind, value] = [term.slice(0, bar), term.slice(bar + 1)];
    if (kind === 'id') return this.having(this.vehicles, this.vehicleSlots.get(value));
    if (kind === 'no') return this.having(this.numbers, Number(value));
    return this.kinds.get(kind)?.get(value);
  }

  private having(list: IntList, value: number | undefined): Postings | undefined {
    if (value === undefined) return undefined;
    const found = new Postings(-1);
    for (let d = 0; d < list.length; d++)
      if (list.values[d] === value && this.standing.values[d] === 1) found.push(d, 1);
    return found.length ? found : undefined;
  }
  /** How many cases have a term. */
  count(term: string): number {
    return this.postings(term)?.live ?? 0;
  }
  /** The case of a number, none or one: `withNumber(12)` gives `['c12']`. */
  withNumber(number: number): string[] {
    const postings = this.postings(`no|${number}`);
    return Array.from({ length: postings?.length ?? 0 }, (_, i) => postings!.docs[i]!)
      .filter((d) => this.standing.values[d] === 1)
      .map((d) => this.ids[d]!);
  }

  /** All values of a kind of term that some case has: `values('c')` gives the codes. */
  values(kind: string): string[] {
    const out: string[] = [];
    for (const [value, postings] of this.kinds.get(kind) ?? []) if (postings.live > 0) out.push(value);
    return out;
  }

  /**
   * Adds a case or replaces what was known of it.
   *
   * @param digest what is kept of the case
   * @param cameBack whether its trouble came back later
   */
  put(digest: CaseDigest, cameBack = false): void {
    this.remove(digest.id);
    this.changes++;
    const doc = this.ids.length;
    this.ids.push(digest.id);
    this.slots.set(digest.id, doc);
    this.standing.push(1);
    this.numbers.push(digest.number);
    this.opened.push(Date.parse(digest.openedAt) / 86_400_000);
    if (cameBack) this.cameBack.add(digest.id);
    else this.cameBack.delete(digest.id);
    this.grades.push(GRADES.indexOf(digest.grade));
    this.fromOldRecords.push(digest.fromOldRecords ? 1 : 0);
    this.proof.push(proofOf(digest.grade, cameBack, digest.fromOldRecords));
    this.isOpen.push(digest.open ? 1 : 0);
    const { make } = digest.vehicle;
    this.makes.push(make ? intern(this.makeIds, this.makeNames, make) : -1);
    let bits = 0;
    for (const c of digest.conditions) {
      const bit = intern(this.conditionIds, this.conditionNames, c);
      if (bit < 31) bits |= 1 << bit;
    }
    this.conditions.push(bits);
    const vehicle = intern(this.vehicleSlots, this.vehicleIds, digest.vehicle.id);
    this.vins[vehicle] = digest.vehicle.vin;
    this.vehicles.push(vehicle);
    this.causeStart.push(this.causeList.length);
    for (const c of digest.causes)
      this.causeList.push(intern(this.rawCauseIds, this.rawCauses, `${c.partId ?? ''}/${c.failureId ?? ''}`));
    this.ownStart.push(this.own.length);
    eachTerm(digest, this.foldOnce, this.nameOnce, (kind, value, weight) => {
      let values = this.kinds.get(kind);
      if (!values) this.kinds.set(kind, (values = new Map()));
      let postings = values.get(value);
      if (!postings) {
        postings = new Postings(this.allPostings.length);
        values.set(value, postings);
        this.allPostings.push(postings);
      }
      // What a case says twice counts once.
      if (postings.length > 0 && postings.docs[postings.length - 1] === doc) return;
      postings.push(doc, weight);
      this.own.push(postings.id);
    });
    for (const r of digest.readings) this.putReading(doc, r);
  }

  /** A question folded; the same few thousand come again and again. */
  private foldOnce = (question: string): string => {
    let folded = this.folded.get(question);
    if (folded === undefined) {
      if (this.folded.size > MOST_FOLDED) this.folded.clear();
      this.folded.set(question, (folded = foldQuestion(question)));
    }
    return folded;
  };

  /** A name folded; a shop has a few hundred of them. */
  private nameOnce = (name: string): string => {
    let folded = this.names.get(name);
    if (folded === undefined) {
      if (this.names.size > MOST_FOLDED) this.names.clear();
      this.names.set(name, (folded = fold(name)));
    }
    return folded;
  };

  private putReading(doc: number, r: CaseDigest['readings'][number]): void {
    const said = `${r.question}/${r.label}`;
    let label = this.labelIds.get(said);
    if (label === undefined) {
      const folded = `${foldQuestion(r.question)}/${foldQuestion(r.label)}`;
      label = this.labelIds.get(folded);
      if (label === undefined) {
        label = this.labels.length;
        this.labels.push({
          folded,
          label: r.label,
          words: new Set(fold(`${r.label} ${r.question}`).split(' ')),
        });
        this.labelIds.set(folded, label);
      }
      this.labelIds.set(said, label);
    }
    this.readings.docs.push(doc);
    this.readings.labels.push(label);
    this.readings.values.push(r.value);
    this.readings.units.push(intern(this.unitIds, this.units, r.unit));
  }

  /** Strikes a case out; does nothing when it is not there. */
  remove(id: string): void {
    const doc = this.slots.get(id);
    if (doc === undefined) return;
    this.slots.delete(id);
    this.changes++;
    this.standing.values[doc] = 0;
    for (let i = this.ownStart.values[doc]!; i < this.endOf(this.ownStart, this.own, doc); i++)
      this.allPostings[this.own.values[i]!]!.live--;
    if (this.ids.length > LEAST_TO_PACK && this.slots.size < this.ids.length * (1 - PACK_AT)) this.pack();
  }

  private endOf(starts: IntList, list: IntList, doc: number): number {
    return doc + 1 < this.ids.length ? starts.values[doc + 1]! : list.length;
  }

  /** Whether a case came back; says so for one that is there already. */
  setCameBack(id: string, cameBack: boolean): void {
    const doc = this.slots.get(id);
    if (doc === undefined || this.cameBack.has(id) === cameBack) return;
    if (cameBack) this.cameBack.add(id);
    else this.cameBack.delete(id);
    this.changes++;
    this.proof.values[doc] = proofOf(
      GRADES[this.grades.values[doc]!]!,
      cameBack,
      this.fromOldRecords.values[doc] === 1,
    );
  }
  /** Ids of the cases that came back. */
  cameBackIds(): string[] {
    return [...this.cameBack];
  }

  /** The key of each raw cause as the shop counts it today, merges followed. */
  causeKeys(catalogue: Catalogue): string[] {
    if (this.keysFor?.catalogue !== catalogue || this.keysFor.causes !== this.rawCauses.length)
      this.keysFor = {
        catalogue,
        causes: this.rawCauses.length,
        keys: this.rawCauses.map((raw) => {
          const [partId, failureId] = raw.split('/');
          return causeKey(catalogue, { partId: partId || null, failureId: failureId || null });
        }),
      };
    return this.keysFor.keys;
  }

  /** The value a document has of a kind of term, or empty. */
  valueAt(doc: number, kind: string): string {
    const ids = new Set<number>();
    for (let i = this.ownStart.values[doc]!; i < this.endOf(this.ownStart, this.own, doc); i++)
      ids.add(this.own.values[i]!);
    for (const [value, postings] of this.kinds.get(kind) ?? []) if (ids.has(postings.id)) return value;
    return '';
  }

  /** Takes struck-out versions out of every list. */
  private pack(): void {
    const to = new Int32Array(this.ids.length).fill(-1);
    let next = 0;
    for (let d = 0; d < this.ids.length; d++) if (this.standing.values[d] === 1) to[d] = next++;
    this.allPostings = [];
    const renamed = new Map<number, number>();
    for (const values of this.kinds.values())
      for (const [value, old] of values) {
        if (old.live === 0) {
          values.delete(value);
          continue;
        }
        const fresh = old.packed(to, this.allPostings.length);
        renamed.set(old.id, fresh.id);
        this.allPostings.push(fresh);
        values.set(value, fresh);
      }
    for (let i = 0; i < this.own.length; i++) this.own.values[i] = renamed.get(this.own.values[i]!) ?? -1;
    const { docs, labels, values, units } = this.readings;
    const readings = {
      docs: new IntList(),
      labels: new IntList(),
      values: new FloatList(),
      units: new IntList(),
    };
    for (let i = 0; i < docs.length; i++) {
      const doc = to[docs.values[i]!]!;
      if (doc < 0) continue;
      readings.docs.push(doc);
      readings.labels.push(labels.values[i]!);
      readings.values.push(values.values[i]!);
      readings.units.push(units.values[i]!);
    }
    this.readings = readings;
    [this.causeStart, this.causeList] = renumberedSpans(this.causeStart, this.causeList, to);
    [this.ownStart, this.own] = renumberedSpans(this.ownStart, this.own, to);
    this.numbers = renumbered(this.numbers, new IntList(), to);
    this.opened = renumbered(this.opened, new FloatList(), to);
    this.grades = renumbered(this.grades, new IntList(), to);
    this.isOpen = renumbered(this.isOpen, new IntList(), to);
    this.fromOldRecords = renumbered(this.fromOldRecords, new IntList(), to);
    this.makes = renumbered(this.makes, new IntList(), to);
    this.conditions = renumbered(this.conditions, new IntList(), to);
    this.proof = renumbered(this.proof, new FloatList(), to);
    this.vehicles = renumbered(this.vehicles, new IntList(), to);
    this.standing = renumbered(this.standing, new IntList(), to);
    this.ids = this.ids.filter((_, d) => to[d]! >= 0);
    this.slots = new Map(this.ids.map((id, d) => [id, d]));
  }
}

function intern(ids: Map<string, number>, list: string[], value: string): number {
  let id = ids.get(value);
  if (id === undefined) {
    id = list.length;
    list.push(value);
    ids.set(value, id);
  }
  return id;
}

const proofOf = (grade: string, cameBack: boolean, fromOldRecords: boolean): number =>
  (cameBack ? COMEBACK_WEIGHT : (PROOF_WEIGHT[grade] ?? PROOF_WEIGHT['']!)) *
  (fromOldRecords ? OLD_RECORDS_WEIGHT : 1);

/** The terms of a case with their weights. */
function eachTerm(
  d: CaseDigest,
  foldOnce: (question: string) => string,
  nameOnce: (name: string) => string,
  add: (kind: string, value: string, weight: number) => void,
): void {
  for (const c of d.codes) {
    add('c', c.code, c.weight);
    for (const type of c.types ?? []) add('ct', `${c.code}-${type}`, c.weight);
  }
  for (const s of d.symptoms) add('s', s.id, 1);
  for (const c of d.conditions) add('t', c, 1);
  for (const e of d.events ?? []) add('e', e, 1);
  for (const w of d.words) add('w', w, 1);
  for (const w of d.unknown) add('u', w, 1);
  const v = d.vehicle;
  const [make, model, engine] = [nameOnce(v.make), nameOnce(v.model), nameOnce(v.engine)];
  if (make) {
    add('mk', v.make, 1);
    add('vm', make, 1);
  }
  if (model) {
    add('md', v.model, 1);
    add('vd', `${make}/${model}`, 1);
    add('bd', `${v.make}/${v.model}/${v.engine}`, 1);
  }
  if (engine) {
    add('en', v.engine, 1);
    add('ve', engine, 1);
  }
  if (model && engine) add('vb', `${make}/${model}/${engine}`, 1);
  if (v.year !== null) add('yr', String(v.year), 1);
  if (v.kind || v.fuel) add('kf', `${v.kind}/${v.fuel}`, 1);
  for (const o of d.outcomes)
    if (o.verdict === 'pass' || o.verdict === 'fail') add('o', `${foldOnce(o.question)}|${o.verdict}`, 1);
  for (const c of d.causes) {
    if (c.partId) add('p', c.partId, 1);
    if (c.failureId) add('f', c.failureId, 1);
  }
  for (const p of d.people) add('who', p, 1);
  if (d.grade) add('g', d.grade, 1);
  add('st', d.open ? 'open' : 'closed', 1);
  add('in', yearOf(d.openedAt), 1);
}
