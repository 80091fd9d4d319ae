type Row = Record<string, unknown>;

/** Fields that say something: empty text, null and empty lists are what a missing field means. */
export function filled<T extends Row>(row: T, leave: readonly string[] = []): Partial<T> {
  return Object.fromEntries(
    Object.entries(row).filter(
      ([k, v]) =>
        !leave.includes(k) &&
        v !== '' &&
        v !== null &&
        v !== undefined &&
        !(Array.isArray(v) && v.length === 0),
    ),
  ) as Partial<T>;
}
/** Fields of every row that a file does not say. */
export const BASE = ['id', 'caseId', 'revision', 'position'] as const;
/** A list that says something. */
export const some = <T>(list: T[]): T[] | undefined => (list.length ? list : undefined);
