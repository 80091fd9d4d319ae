/** Id of the person at this screen, as chosen in the frame; null for nobody. */
export function personHere(): string | null {
  const found = /(?:^|; )vantle-person=([^;]*)/.exec(document.cookie)?.[1];
  return found ? decodeURIComponent(found) : null;
}
