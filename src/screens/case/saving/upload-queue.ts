'use client';

import { ProblemAnswer } from '@/core/api';
import { del, entries, set } from 'idb-keyval';
import { create } from 'zustand';
import { FILES_WAIT } from '../../tab';

/** A file on its way to the shop's server. It stays in the browser's storage until it has arrived. */
export interface Pending {
  id: string;
  caseId: string;
  testId: string | null;
  partId: string | null;
  scanId?: string | null;
  name: string;
  file: Blob;
  /** Why it was refused for good; empty while it is still tried. */
  refused: string;
  /** The browser has no room to keep it: it is lost if the page is left before it was sent. */
  loose?: boolean;
}

interface Queue {
  pending: Pending[];
  /** Share sent of the one under way, by id. */
  progress: Record<string, number>;
  offline: boolean;
  enqueue: (files: Pending[]) => Promise<void>;
  drop: (id: string) => void;
  /** Tries a refused one again. */
  retry: (id: string) => void;
  /** Goes on with what an earlier page left behind: of one case, or of all. */
  resume: (caseId?: string) => Promise<void>;
}

export const MOST = 50 * 1024 * 1024;
const KEY = 'vantle-upload:';
/** How often a file waits for the test or part it belongs to, which may still be on its way. */
const MOST_WAITS = 15;
const waits = new Map<string, number>();
const running = new Map<string, XMLHttpRequest>();
/** Called when a file has arrived, so that the case is asked for what is new. */
let arrived: () => void = () => undefined;
export const onArrival = (then: () => void) => {
  arrived = then;
};

/** Notes where every page can see it at once whether files wait. */
function mark(wait: boolean): void {
  try {
    if (wait) localStorage.setItem(FILES_WAIT, '1');
    else localStorage.removeItem(FILES_WAIT);
  } catch {
    // No room for a mark: the files go on when their case is opened.
  }
}

const waited = (id: string): number => {
  const n = (waits.get(id) ?? 0) + 1;
  waits.set(id, n);
  return n;
};

export const useUploads = create<Queue>((put, get) => {
  const forget = (id: string) => {
    put((s) => ({ pending: s.pending.filter((p) => p.id !== id) }));
    if (get().pending.every((p) => p.refused !== '')) mark(false);
    void del(KEY + id).catch(() => undefined);
  };
  const refuse = (id: string, refused: string) =>
    put((s) => ({ pending: s.pending.map((p) => (p.id === id ? { ...p, refused } : p)) }));

  /** One at a time: a tablet in a shop has little to send with. */
  const next = () => {
    if (running.size > 0) return;
    const p = get().pending.find((x) => x.refused === '');
    if (!p) return;
    const request = new XMLHttpRequest();
    running.set(p.id, request);
    const query = new URLSearchParams({ name: p.name });
    if (p.testId) query.set('testId', p.testId);
    if (p.partId) query.set('partId', p.partId);
    if (p.scanId) query.set('scanId', p.scanId);
    request.open('PUT', `/api/cases/${p.caseId}/files/${p.id}?${query}`);
    request.upload.onprogress = (e) =>
      put((s) => ({ progress: { ...s.progress, [p.id]: e.total ? e.loaded / e.total : 0 } }));
    const end = (again: boolean) => {
      running.delete(p.id);
      put({ offline: again });
      if (again) setTimeout(next, 4000);
      else next();
    };
    request.onload = () => {
      if (request.status === 200) {
        forget(p.id);
        arrived();
        end(false);
      } else if (request.status >= 500 || (request.status === 404 && waited(p.id) < MOST_WAITS)) end(true);
      else {
        refuse(p.id, errorOf(request.responseText));
        end(false);
      }
    };
    request.onerror = () => end(true);
    request.onabort = () => end(false);
    request.send(p.file);
  };

  return {
    pending: [],
    progress: {},
    offline: false,
    async enqueue(files) {
      const judged = files.map((f) => ({ ...f, refused: f.refused || refusalOf(f.name, f.file) }));
      put((s) => ({ pending: [...s.pending, ...judged] }));
      if (judged.some((f) => f.refused === '')) mark(true);
      for (const f of judged) {
        if (f.refused !== '') continue;
        // Without room for it the file is still sent, and it is said that the page must stay.
        const kept = await set(KEY + f.id, f).then(
          () => true,
          () => false,
        );
        if (!kept)
          put((s) => ({ pending: s.pending.map((p) => (p.id === f.id ? { ...p, loose: true } : p)) }));
      }
      next();
    },
    drop(id) {
      running.get(id)?.abort();
      forget(id);
    },
    retry(id) {
      waits.delete(id);
      refuse(id, '');
      next();
    },
    async resume(caseId) {
      const kept = (await entries<string, Pending>().catch(() => []))
        .filter(([k, p]) => String(k).startsWith(KEY) && (caseId === undefined || p.caseId === caseId))
        .map(([, p]) => p);
      if (caseId === undefined && kept.length === 0) mark(false);
      put((s) => ({
        pending: [...s.pending, ...kept.filter((k) => !s.pending.some((p) => p.id === k.id))],
      }));
      next();
    },
  };
});

/**
 * Why a file cannot be taken, before anything of it is sent.
 *
 * @returns a sentence that says what to do; empty where it can be taken
 */
export const refusalOf = (name: string, file: Blob): string =>
  file.size > MOST ? `"${name}" is larger than 50 MB. Shorten the film or make the picture smaller.` : '';

function errorOf(text: string): string {
  try {
    return ProblemAnswer.parse(JSON.parse(text)).error;
  } catch {
    return 'It was not accepted.';
  }
}
