import { Refusal } from '@/core/checks/contract';
import {
  analyse,
  crankClock,
  endOf,
  Pyramid,
  spanOf,
  triggersOf,
  valueAt,
  laidOut,
  type Adjusted,
  type AnalyseAsk,
  type Channel,
  type DerivedSpec,
  type TraceResult,
} from '@/core/traces';
import {
  csvOf,
  formatOf,
  PREVIEWED,
  previewFile,
  Unreadable,
  type Preview,
  type ReadAs,
} from '@/core/traces/files';
import { recordWithScope } from '@/sim/scope/scope';

/** What can go wrong is said in a sentence; anything else is a defect and thrown. */
export type Answer<T> = { ok: true; value: T } | { ok: false; message: string; field?: string };

export interface Loaded {
  channels: {
    name: string;
    unit: string;
    samples: number;
    interval: number;
    start: number;
    low: number;
    high: number;
  }[];
  from: number;
  to: number;
  notes: string[];
}

export interface ViewAnswer {
  from: number;
  to: number;
  width: number;
  /** For each asked channel, lowest and highest of each pixel. */
  columns: Float32Array[];
}

export type AnalysisRequest = AnalyseAsk;

/** Cuts a file into pieces, so that progress shows and other questions are answered in between. */
const PIECE = 8 * 1024 * 1024;

/**
 * Everything heavy about one trace, away from the page: reading, drawing columns, analyses, export. Lives
 * in a web worker; stopping it is ending the worker.
 */
export class TraceApi {
  /** As they were read. */
  private recorded: Channel[] = [];
  private notes: string[] = [];
  private channels: Channel[] = [];
  private pyramids: Pyramid[] = [];

  async preview(file: Blob, name: string, corrected?: ReadAs): Promise<Answer<Preview>> {
    return asAnswer(async () => {
      // JSON can only be looked at whole; a small one is.
      const whole = /\.json$/i.test(name) && file.size < 20e6;
      const head = new Uint8Array(await file.slice(0, whole ? file.size : PREVIEWED).arrayBuffer());
      return previewFile(head, name, file.size, corrected);
    });
  }

  async read(file: Blob, as: ReadAs, onProgress?: (share: number) => void): Promise<Answer<Loaded>> {
    return asAnswer(async () => {
      const reader = formatOf(as.format).reader(as);
      for (let at = 0; at < file.size; at += PIECE) {
        reader.push(new Uint8Array(await file.slice(at, at + PIECE).arrayBuffer()));
        onProgress?.(Math.min(1, (at + PIECE) / file.size));
      }
      const trace = reader.end();
      return this.take(trace.channels, trace.notes);
    });
  }

  async simulate(o: { test: string; fault: string; order: string; seed: number }): Promise<Answer<Loaded>> {
    return asAnswer(() => Promise.resolve(this.take(recordWithScope(o), [])));
  }

  private take(channels: Channel[], notes: string[]): Loaded {
    this.recorded = channels;
    this.notes = notes;
    return this.show(channels);
  }

  /** Lays the recording out anew: channels adjusted, computed ones behind them. */
  layOut(o: { adjust: Record<string, Adjusted>; derived: DerivedSpec[] }): Loaded {
    return this.show(laidOut(this.recorded, o));
  }

  private show(channels: Channel[]): Loaded {
    const before = this.channels;
    const levels = this.pyramids;
    this.channels = channels;
    this.pyramids = channels.map((c) => {
      const same = before.findIndex((b) => b.samples === c.samples);
      return same >= 0 ? levels[same]! : new Pyramid(c.samples);
    });
    const notes = this.notes;
    return {
      channels: channels.map((c, i) => {
        const [low, high] = this.pyramids[i]!.range(0, c.samples.length);
        return {
          name: c.name,
          unit: c.unit,
          samples: c.samples.length,
          interval: c.interval,
          start: c.start,
          low,
          high,
        };
      }),
      ...spanOf(channels),
      notes,
    };
  }

  view(which: number[], from: number, to: number, width: number): ViewAnswer {
    const columns = which.map((i) => {
      const c = this.channels[i]!;
      return this.pyramids[i]!.columns((from - c.start) / c.interval, (to - c.start) / c.interval, width);
    });
    return { from, to, width, columns };
  }

  /** Values of all channels at moments. */
  values(moments: number[]): number[][] {
    return moments.map((t) => this.channels.map((c) => valueAt(c, t)));
  }

  /** Marks of the crank, one cycle apart; none when the channel does not tell. */
  crank(channel: number, every: number): number[] {
    const c = this.channels[channel];
    return (c && crankClock(triggersOf(c), every)?.marks) || [];
  }

  async analyse(ask: AnalysisRequest): Promise<Answer<TraceResult>> {
    return asAnswer(() => Promise.resolve(analyse(this.channels, ask)));
  }

  /** The channels, for another worker that can be stopped without losing them here. */
  copies(): Channel[] {
    return this.channels;
  }

  /** Takes channels over from another worker. */
  hold(channels: Channel[]): void {
    this.channels = channels;
  }

  /** The same analysis over each half of a recording: how far its figures differ within itself. */
  async halves(ask: AnalysisRequest): Promise<(TraceResult | undefined)[]> {
    const span = spanOf(this.channels);
    const from = Math.max(ask.from, span.from);
    const to = Math.min(ask.to, span.to);
    const middle = (from + to) / 2;
    const parts = [
      { from, to: middle },
      { from: middle, to },
    ];
    return Promise.all(
      parts.map(async (p) => {
        const answer = await this.analyse({ ...ask, ...p });
        return answer.ok ? answer.value : undefined;
      }),
    );
  }

  csv(from: number, to: number): Blob {
    const here = this.channels.filter((c) => c.start < to && endOf(c) > from);
    return new Blob([...csvOf(here.length > 0 ? here : this.channels, from, to)], { type: 'text/csv' });
  }
}

async function asAnswer<T>(work: () => Promise<T>): Promise<Answer<T>> {
  try {
    return { ok: true, value: await work() };
  } catch (e) {
    if (e instanceof Refusal) return { ok: false, message: e.message, field: e.field };
    if (e instanceof Unreadable) return { ok: false, message: e.message };
    if (e instanceof RangeError)
      return {
        ok: false,
        message: 'It does not fit into this browser’s memory. Export a shorter stretch or fewer channels.',
      };
    throw e;
  }
}
