'use client';

import styled from 'styled-components';
import { useContext, useState, type ReactNode } from 'react';
import { asWrittenHere } from '@/core/readings';
import { DecimalSign } from './numbers';

const Contents = styled.div`
  display: contents;
`;

/**
 * Writes a number that can be read in two ways as the shop writes numbers, once its field is left, and says so; a
 * number that is clear is finished then too.
 *
 * @param text as typed
 * @param offers the ways to write it, where it cannot be read as it stands
 * @param write puts a text into the field
 * @param finish what else is written to a number once it is clear, such as its unit
 * @returns whether the shop's way settles it, what to do when the field is left, what was done, and how to write it the other way
 */
export function useNumbersOfShop(
  text: string,
  offers: readonly string[],
  write: (text: string) => void,
  finish: (text: string) => string = (text) => text,
): { settles: boolean; leave: () => void; said: string; other: string } {
  const sign = useContext(DecimalSign);
  const [done, setDone] = useState<{ typed: string; meant: string; other: string }>();
  const there = sign === '' ? undefined : asWrittenHere(text, offers, sign);
  const leave = () => {
    if (!there) {
      const finished = offers.length === 0 ? finish(text) : text;
      if (finished !== text) write(finished);
      return;
    }
    const meant = finish(there.meant);
    setDone({ typed: text, meant, other: finish(there.other) });
    write(meant);
  };
  const holds = done?.meant === text;
  return {
    settles: there !== undefined,
    leave,
    said: holds ? `${done.typed} is written as ${done.meant}, as this shop writes numbers.` : '',
    other: holds ? done.other : '',
  };
}

/**
 * A box that says when the cursor leaves it, without a place of its own in the layout. A press on something offered
 * is an answer, not leaving.
 */
export function Leaving({ onLeave, children }: { onLeave: () => void; children: ReactNode }) {
  return (
    <Contents
      onBlur={({ currentTarget, relatedTarget }) => {
        if (!currentTarget.contains(relatedTarget) && !relatedTarget?.closest('[data-offer]')) onLeave();
      }}
    >
      {children}
    </Contents>
  );
}
