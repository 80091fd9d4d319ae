'use client';

import { useEffect, useRef, useState } from 'react';
import { CaseListAnswer } from '@/core/api/case-list';
import type { CaseListQuery } from '@/core/case';
import { ask } from '../send';

const PAGE = 100;
/** So long nothing more is typed before the list is asked for. */
const PAUSE_MS = 200;

export type ListChoice = Omit<CaseListQuery, 'from' | 'most'>;

/** What stands in the address for a choice; what is as usual is left out. */
export function addressOf(choice: ListChoice): string {
  const query = new URLSearchParams();
  for (const name of ['words', 'state', 'grade', 'lead'] as const)
    if (choice[name] !== '') query.set(name, choice[name]);
  if (choice.sort !== 'openedAt' || choice.order !== 'down') {
    query.set('sort', choice.sort);
    query.set('order', choice.order);
  }
  return query.toString();
}

/** The list of cases, read page by page as it is scrolled; another choice begins it anew. */
export function useCaseList(start: ListChoice, first: CaseListAnswer) {
  const [choice, setChoice] = useState(start);
  const [rows, setRows] = useState(first.rows);
  const [total, setTotal] = useState(first.total);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const turn = useRef(0);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(timer.current), []);

  const load = async (of: ListChoice, from: number) => {
    const mine = ++turn.current;
    setBusy(true);
    const query = new URLSearchParams(addressOf(of));
    query.set('from', String(from));
    query.set('most', String(PAGE));
    const { answer, problem: refused } = await ask(`/api/case-list?${query}`, CaseListAnswer);
    // A slower, older answer must not cover a newer one.
    if (mine !== turn.current) return;
    setBusy(false);
    setProblem(refused);
    if (!answer) return;
    setTotal(answer.total);
    setRows((before) => {
      if (from === 0) return answer.rows;
      // A case opened meanwhile moves the rest down by one.
      const known = new Set(before.map((r) => r.id));
      return [...before, ...answer.rows.filter((r) => !known.has(r.id))];
    });
  };
  const choose = (change: Partial<ListChoice>) => {
    const next = { ...choice, ...change };
    setChoice(next);
    window.history.replaceState(null, '', `/cases${addressOf(next) && `?${addressOf(next)}`}`);
    clearTimeout(timer.current);
    timer.current = setTimeout(() => void load(next, 0), change.words === undefined ? 0 : PAUSE_MS);
  };
  const more = () => {
    if (!busy && rows.length < total) void load(choice, rows.length);
  };
  return { choice, rows, total, busy, problem, choose, more };
}
