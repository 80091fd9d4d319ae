import { log } from '../running/log';

/**
 * Digests are put down some seconds after cases were written, many at once: neither a pause in typing nor a
 * look at the shop waits for it, or writes. After a crash the next start draws up those that are missing.
 */

const QUIET_MS = 4000;
const shared = globalThis as typeof globalThis & {
  vantleDigests?: ReturnType<typeof setTimeout> | undefined;
  vantleKeeper?: () => Promise<void>;
};

/** Names what keeps digests; the index does, once it is there. Without it the next start draws them up. */
export function keepDigestsBy(keeper: () => Promise<void>): void {
  shared.vantleKeeper = keeper;
}

/** Says that a case was written; its digest is put down when it has been quiet for a while. */
export function digestsAreStale(): void {
  clearTimeout(shared.vantleDigests);
  shared.vantleDigests = setTimeout(() => {
    shared.vantleDigests = undefined;
    shared
      .vantleKeeper?.()
      .catch((e: unknown) => log.warn({ err: e instanceof Error ? e.name : '' }, 'digests not kept yet'));
  }, QUIET_MS);
  shared.vantleDigests.unref();
}

/** Forgets what waits, for tests that throw their database away. */
export function forgetStaleDigests(): void {
  clearTimeout(shared.vantleDigests);
  shared.vantleDigests = undefined;
}
