import { CASE_KINDS, KIND_NAMES, type AnyRow, type CaseRecord, type Kind } from '@/core/case';

/**
 * The rows of one case as they stand within a transaction: read once at its start, and brought along with everything
 * that is written. Whoever writes a case asks for the same rows again and again; a database server far away is asked
 * once.
 */
export class CaseCache {
  /** By kind and id, in the order in which they came. */
  private rows = new Map<string, Record<string, unknown>>();
  /** Ids that are known to be nowhere. */
  private absent: ReadonlySet<string>;

  /**
   * @param record the case as it stands
   * @param others rows beside it that will be asked for: those that have an id that is about to be added
   * @param asked the kinds and ids that were looked for
   */
  constructor(
    readonly record: CaseRecord,
    others: readonly { kind: Kind; row: AnyRow }[],
    asked: readonly { kind: Kind; id: string }[],
  ) {
    this.put('case', record.case);
    this.put('vehicle', record.vehicle);
    for (const kind of CASE_KINDS) for (const row of record[kind]) this.put(kind, row);
    for (const { kind, row } of others) this.put(kind, row);
    this.absent = new Set(asked.map(({ kind, id }) => `${kind}/${id}`).filter((key) => !this.rows.has(key)));
  }

  /** A row; null where there is none, undefined where it is not told here. */
  get(kind: Kind, id: string): Record<string, unknown> | null | undefined {
    const key = `${kind}/${id}`;
    const row = this.rows.get(key);
    if (row) return { ...row };
    if (this.absent.has(key)) return null;
    return undefined;
  }

  /** Rows of a kind whose field names an owner within this case; undefined where that is not told here. */
  where(kind: Kind, field: string, owner: string): Record<string, unknown>[] | undefined {
    const here =
      (field === 'caseId' && owner === this.record.case.id) ||
      KIND_NAMES.some((k) => this.ofThisCase(this.rows.get(`${k}/${owner}`)));
    if (!here || !(CASE_KINDS as readonly Kind[]).includes(kind)) return undefined;
    return this.list(kind).filter((row) => row[field] === owner);
  }

  /** The whole case as it stands now. */
  now(): CaseRecord {
    const lists = CASE_KINDS.map((kind) => [
      kind,
      this.list(kind).sort((a, b) => Number(a.position) - Number(b.position)),
    ]);
    const own = this.rows.get(`case/${this.record.case.id}`)!;
    return {
      ...(Object.fromEntries(lists) as object),
      case: { ...own },
      vehicle: { ...this.rows.get(`vehicle/${String(own.vehicleId)}`) },
    } as CaseRecord;
  }

  /** Whether the vehicle of the case is cached too: it may have been put to another. */
  hasVehicle(): boolean {
    const own = this.rows.get(`case/${this.record.case.id}`);
    return own !== undefined && this.rows.has(`vehicle/${String(own.vehicleId)}`);
  }

  put(kind: Kind, row: object): void {
    this.rows.set(`${kind}/${(row as { id: string }).id}`, row as Record<string, unknown>);
  }

  change(kind: Kind, id: string, set: Record<string, unknown>): void {
    const row = this.rows.get(`${kind}/${id}`);
    if (row) this.put(kind, { ...row, ...set });
  }

  remove(kind: Kind, id: string): void {
    this.rows.delete(`${kind}/${id}`);
    this.absent = new Set([...this.absent, `${kind}/${id}`]);
  }

  /** Notes where it stands; what is given back brings it there again. */
  mark(): () => void {
    const [rows, absent] = [new Map(this.rows), this.absent];
    return () => {
      this.rows = rows;
      this.absent = absent;
    };
  }

  private ofThisCase(row: Record<string, unknown> | undefined): boolean {
    return row?.caseId === this.record.case.id || row?.id === this.record.case.id;
  }

  private list(kind: Kind): Record<string, unknown>[] {
    return [...this.rows]
      .filter(([key, row]) => key.startsWith(`${kind}/`) && row.caseId === this.record.case.id)
      .map(([, row]) => ({ ...row }));
  }
}
