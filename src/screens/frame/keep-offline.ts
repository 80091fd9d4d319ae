import { CACHES, isKept, KEPT_AT, type KeepMessage } from '@/workers/offline/names';

/** The window's side of the service worker; nothing of it where the browser has none (no TLS, a test). */

/** Registers the service worker. */
export function registerWorker(): void {
  // Without TLS, beyond this machine, a browser has no service workers; the application works without.
  void navigator.serviceWorker?.register('/offline-worker.js', { scope: '/' }).catch(() => undefined);
}

/** Has the page that is shown kept as the server has it now, with what it loaded of the application. */
export async function keepForOffline(path: string): Promise<void> {
  if (!navigator.serviceWorker || !isKept(path)) return;
  const { active } = await navigator.serviceWorker.ready;
  const assets = performance
    .getEntriesByType('resource')
    .map((e) => e.name)
    .filter((name) => name.startsWith(`${location.origin}/_next/static/`));
  const message: KeepMessage = { keep: path, assets };
  active?.postMessage(message);
}

/** Whoever comes next on this device must not read what another had opened. */
export async function forgetKeptPages(): Promise<void> {
  if (typeof caches === 'undefined') return;
  // A browser that keeps nothing refuses to be asked.
  await Promise.all([caches.delete(CACHES.pages), caches.delete(CACHES.pictures)]).catch(() => undefined);
}

/** When the server drew this page, where it was answered without the server; otherwise null. */
export const keptAt = (): string | null => document.body.getAttribute(KEPT_AT);
