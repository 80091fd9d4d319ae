'use client';

import { createContext, useContext } from 'react';

/** Somebody of the shop; who has left stands in what they wrote, and is chosen no more. */
export interface PersonOfShop {
  id: string;
  name: string;
  active: boolean;
}

export const PeopleContext = createContext<readonly PersonOfShop[]>([]);

/** Gives a person's name by id, also of somebody who has left; empty for nobody. */
export function usePeople(): (id: string | null) => string {
  const people = useContext(PeopleContext);
  return (id) => people.find((p) => p.id === id)?.name ?? '';
}

/**
 * Whom a choice offers: everybody who works here, and who is chosen already, so that nobody else is shown in the
 * place of somebody who has left.
 */
export function usePeopleToChoose(): (chosen: string | null) => { value: string; label: string }[] {
  const people = useContext(PeopleContext);
  return (chosen) =>
    people
      .filter((p) => p.active || p.id === chosen)
      .map((p) => ({ value: p.id, label: p.active ? p.name : `${p.name} (has left)` }));
}
