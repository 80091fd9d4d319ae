/** This tab of the browser, and which tabs are open. Without any shapes: it is on every page. */

/** What the keys of outboxes in the browser's storage begin with. */
export const OUTBOX_KEY = 'vantle:outbox:';

const NAME = 'vantle:tab';
const lockOf = (tab: string) => `vantle:tab:${tab}`;
const aName = () => Math.random().toString(36).slice(2, 10);

/** A name for this tab that survives a reload and a restored crash. */
export function tabName(): string {
  const kept = sessionStorage.getItem(NAME);
  return kept ?? remember(unkept ?? aName());
}

/** The name where the browser has no room to keep even that: it holds until a reload. */
let unkept: string | undefined;
function remember(name: string): string {
  try {
    sessionStorage.setItem(NAME, name);
  } catch {
    unkept = name;
  }
  return name;
}

/**
 * Holds this tab's name as long as the tab is open, so that others can tell. A duplicated tab brings the name of its
 * original along and takes a new one.
 */
export function holdTabName(): void {
  // Only where the page came over a secure connection, or from this machine.
  const { locks } = navigator as { locks?: LockManager };
  if (!locks) return;
  const hold = (name: string) =>
    void locks.request(lockOf(name), { ifAvailable: true }, (lock) => {
      if (lock) return new Promise(() => undefined);
      const other = aName();
      remember(other);
      hold(other);
      return undefined;
    });
  hold(tabName());
}

/** Names of the tabs that are open now; undefined where the browser cannot tell. */
export async function tabsOpen(): Promise<ReadonlySet<string> | undefined> {
  const locks = (globalThis.navigator as { locks?: LockManager } | undefined)?.locks;
  if (!locks) return undefined;
  const { held = [] } = await locks.query();
  return new Set(
    held.flatMap(({ name }) => (name?.startsWith(lockOf('')) ? [name.slice(lockOf('').length)] : [])),
  );
}

/** Stands in the browser's storage while files wait there to be sent. */
export const FILES_WAIT = 'vantle:files-wait';

/** Cases that this tab shows now: their own screen sends what was written on them. */
export const casesShown = new Set<string>();
