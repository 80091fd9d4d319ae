import { IntList, type FloatList } from './postings';

/** A list by document over other document numbers; −1 leaves one out. */
export function renumbered<L extends IntList | FloatList>(list: L, empty: L, to: Int32Array): L {
  for (let d = 0; d < to.length; d++) if (to[d]! >= 0) empty.push(list.values[d]!);
  return empty;
}

/** Stretches by document (starts, and what they hold) over other document numbers. */
export function renumberedSpans(starts: IntList, list: IntList, to: Int32Array): [IntList, IntList] {
  const [start, values] = [new IntList(), new IntList()];
  for (let d = 0; d < to.length; d++) {
    if (to[d]! < 0) continue;
    start.push(values.length);
    const end = d + 1 < to.length ? starts.values[d + 1]! : list.length;
    for (let i = starts.values[d]!; i < end; i++) values.push(list.values[i]!);
  }
  return [start, values];
}
