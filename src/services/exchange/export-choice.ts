import { readCaseNumbers } from '@/core/exchange/case-numbers';
import { Problem } from '@/core/problem';
import type { ExportChoice } from '@/core/api';
import { CaseListFilter } from '@/core/case';
import { caseListIds } from '@/store/case-list';
import { db } from '@/store/database';
import { attachmentsOf, caseIdsOfNumbers, casesWrittenBetween, earlierCasesOf } from '@/store/choosing';
import { caseIdsByNumber, caseNumbers } from '@/store/shop';
import { momentsOf } from '../shop/days';
import { find } from '../find/find';

/** Most cases that a search gives out. */
const MOST_FOUND = 2000;

export interface ChosenCases {
  /** Lowest number first, so that an earlier case comes before the one that refers to it. */
  ids: string[];
  /** Numbers of cases that were not chosen, and come along because a chosen one refers to them. */
  brought: number[];
}

/**
 * The cases to give out: by number, by the days on which something was written on them, by a search line, or as the list of
 * all cases is filtered; those
 * they are comebacks of come along. Nothing chosen is all of them.
 *
 * @throws Problem where a number or a day cannot be read, or there is no such case
 */
export async function chosenCases(choice: ExportChoice): Promise<ChosenCases> {
  const numbers = await caseNumbers(db());
  const chosen = await idsOf(choice, numbers);
  if (chosen === undefined) return { ids: await caseIdsByNumber(db()), brought: [] };
  const all = new Set(chosen);
  // A comeback of a comeback refers on.
  for (let more = [...all]; more.length > 0;) {
    const earlier = await earlierCasesOf(db(), more);
    more = earlier.filter((id) => !all.has(id));
    for (const id of more) all.add(id);
  }
  const byNumber = (a: string, b: string) => (numbers.get(a) ?? 0) - (numbers.get(b) ?? 0);
  return {
    ids: [...all].sort(byNumber),
    brought: [...all]
      .filter((id) => !chosen.has(id))
      .flatMap((id) => numbers.get(id) ?? [])
      .sort((a, b) => a - b),
  };
}

async function idsOf(
  { numbers: typed = '', day = '', until = '', q = '', ...filter }: ExportChoice,
  numbers: ReadonlyMap<string, number>,
): Promise<Set<string> | undefined> {
  const sets: Set<string>[] = [];
  if (typed.trim() !== '') {
    const wanted = readCaseNumbers(typed);
    const ids = await caseIdsOfNumbers(db(), wanted);
    const there = new Set(ids.map((id) => numbers.get(id)));
    const missing = wanted.filter((n) => !there.has(n));
    // In a span some numbers may be gone; one that was named by itself has to be there.
    if (ids.length === 0 || missing.some((n) => new RegExp(`(?:^|[\\s,;#])${n}(?:$|[\\s,;])`).test(typed)))
      throw new Problem(`There is no case ${missing.slice(0, 5).join(', ')}.`);
    sets.push(new Set(ids));
  }
  if (day !== '') {
    const { from, before } = momentsOf(day, until || day);
    sets.push(new Set(await casesWrittenBetween(db(), from, before)));
  }
  if (Object.values(filter).some((v) => v !== undefined && v !== ''))
    sets.push(new Set(await caseListIds(db(), CaseListFilter.parse(filter))));
  if (q.trim() !== '') sets.push(new Set((await find(q, MOST_FOUND)).cases.map((c) => c.id)));
  const [first, ...rest] = sets;
  return first && new Set([...first].filter((id) => rest.every((s) => s.has(id))));
}

/** How much a choice gives out, before it is given out. */
export async function sizeOfChoice(
  choice: ExportChoice,
): Promise<{ cases: number; brought: number[]; files: number; bytes: number }> {
  const { ids, brought } = await chosenCases(choice);
  return { cases: ids.length, brought, ...(await attachmentsOf(db(), ids)) };
}
