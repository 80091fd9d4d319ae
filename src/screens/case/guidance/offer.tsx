'use client';

import type { ComponentProps } from 'react';
import { Button, SentenceButton } from '@/ui/controls';

/** A button for something Vantle offers next to what was just written; Alt and Enter take it. */
export function OfferButton(props: ComponentProps<typeof Button>) {
  return <Button {...props} data-offer="" aria-keyshortcuts="Alt+Enter" />;
}

/** The same for an offer of so many words that they take several lines. */
export function OfferSentence(props: ComponentProps<typeof SentenceButton>) {
  return <SentenceButton {...props} data-offer="" aria-keyshortcuts="Alt+Enter" />;
}

const OFFER = '[data-offer]:not([disabled])';

/**
 * Takes what is offered nearest to the cursor: the next offer in the smallest box around it, at most in its part
 * of the case.
 *
 * @returns whether there was one
 */
export function takeOffer(): boolean {
  const at = document.activeElement;
  const inside = at && at !== document.body ? at : document.querySelector('main');
  for (let box: Element | null = inside; box; box = box.parentElement) {
    const offers = [...box.querySelectorAll<HTMLElement>(OFFER)];
    const next = offers.find((o) => at && at.compareDocumentPosition(o) & Node.DOCUMENT_POSITION_FOLLOWING);
    const offer = next ?? offers[0];
    if (offer) {
      offer.click();
      return true;
    }
    if (box.matches('section[id], main')) return false;
  }
  return false;
}
