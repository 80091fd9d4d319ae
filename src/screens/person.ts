/** Id of the person at this screen, as chosen in the frame; null for nobody. */
export function personHere(): string | null {
  if (typeof document === 'undefined') return null;
  const found = /(?:^|; )vantle-person=([^;]*)/.exec(document.cookie)?.[1];
  return found ? decodeURIComponent(found) : null;
}
