'use client';

import { useEffect, useLayoutEffect, useRef } from 'react';
import { create } from 'zustand';
import type { Action } from './match-actions';

export type { Action } from './match-actions';

/**
 * Whatever is on the screen says here what one can do with it. Keys, the action line and the sheet of
 * keys all come from these lists: a new action is one entry where its work is done.
 */
interface Here {
  groups: { where: string; now: () => readonly Action[] }[];
}
const useHere = create<Here>(() => ({ groups: [] }));

/**
 * Offers actions while a part of the screen stands.
 *
 * @param where heading under which the sheet of keys lists them
 */
export function useActions(where: string, actions: readonly Action[]): void {
  const latest = useRef(actions);
  // Before it is painted: a key pressed on what is seen acts on what is seen.
  useLayoutEffect(() => {
    latest.current = actions;
  });
  useEffect(() => {
    const group = { where, now: () => latest.current };
    useHere.setState((s) => ({ groups: [...s.groups, group] }));
    return () => useHere.setState((s) => ({ groups: s.groups.filter((g) => g !== group) }));
  }, [where]);
}

/** Every action of the screen as it is now; what stands innermost comes first. */
export const actionsHere = (): { where: string; action: Action }[] =>
  [...useHere.getState().groups]
    .reverse()
    .flatMap(({ where, now }) => now().map((action) => ({ where, action })));

const WRITES = 'input:not([type=checkbox]):not([type=radio]), textarea, select, [role=listbox], [role=menu]';

/** Whether letters typed there belong to what has the focus. */
const takesLetters = (at: EventTarget | null): boolean =>
  at instanceof Element && at.closest(`${WRITES}, [role=dialog]`) !== null;

const LETTERS = 'vantle-letters';

/** Whether a letter alone does something on this machine; with Alt it always does. */
export const lettersAlone = (): boolean => localStorage.getItem(LETTERS) !== 'off';
export const setLettersAlone = (on: boolean): void => localStorage.setItem(LETTERS, on ? 'on' : 'off');

/** Listens for the keys of all actions: alone outside of fields, with Alt anywhere. */
export function useActionKeys(): void {
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      if (e.defaultPrevented || e.isComposing || e.ctrlKey || e.metaKey) return;
      if (e.altKey ? document.querySelector('[role=dialog]') : takesLetters(e.target) || !lettersAlone())
        return;
      // With Alt a key may make another sign: its place on the board says which it is.
      const key = e.altKey ? (SIGNS[e.code] ?? e.code.replace(/^(Key|Digit)/, '').toLowerCase()) : e.key;
      const found = actionsHere().find(({ action }) => action.key === key);
      if (!found) return;
      e.preventDefault();
      found.action.run('');
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
}

const SIGNS: Record<string, string> = { Period: '.', Slash: '/' };
