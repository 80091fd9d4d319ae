'use client';

import { proxy, releaseProxy, wrap, type Remote } from 'comlink';
import type { TraceApi } from '@/workers/trace-api';

/** A trace in a worker of its own; ending it stops whatever it is doing and frees its memory. */
export class TraceWorker {
  private worker: Worker;
  api: Remote<TraceApi>;

  constructor() {
    this.worker = new Worker(new URL('../../workers/trace.worker.ts', import.meta.url), { type: 'module' });
    this.api = wrap<TraceApi>(this.worker);
  }

  /** Told how far reading has come, 0 … 1. */
  progress = (tell: (share: number) => void) => proxy(tell);

  end(): void {
    this.api[releaseProxy]();
    this.worker.terminate();
  }
}
