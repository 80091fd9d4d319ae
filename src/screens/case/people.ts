'use client';

import { createContext, useContext } from 'react';

/** Everybody of the shop by id, for saying who did a step. */
export const PeopleContext = createContext<readonly { id: string; name: string }[]>([]);

/** Gives a person's name by id; empty for nobody. */
export function usePeople(): (id: string | null) => string {
  const people = useContext(PeopleContext);
  return (id) => people.find((p) => p.id === id)?.name ?? '';
}
