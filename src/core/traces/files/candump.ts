import { looksLikeCandump, readCandump, type Frame } from '@/core/codes/frames/candump';
import { reassemble } from '@/core/codes/frames/isotp';
import { PIDS } from '@/core/codes/frames/pids';
import type { Channel, Trace } from '../channel';
import type { TraceFormat, TraceReader } from './contract';
import { onEvenSteps } from './grid';
import { ByteBuffer } from './byte-buffer';
import { Unreadable, type Preview, type ReadAs } from './read-as';

interface Series {
  name: string;
  unit: string;
  times: number[];
  values: number[];
}

/**
 * Values of service 01 in a frame log, each parameter of each controller a series (SAE J1979; frames put
 * together by ISO 15765-2). Answers may carry several parameters.
 */
function seriesOf(frames: Frame[]): Map<string, Series> {
  const series = new Map<string, Series>();
  const senders = new Set<number>();
  const { messages } = reassemble(frames);
  const answers = messages.filter((m) => m.data[0] === 0x41);
  for (const m of answers) senders.add(m.id);
  for (const m of answers) {
    let at = 1;
    while (at < m.data.length) {
      const pid = PIDS[m.data[at]!];
      if (!pid || at + pid.bytes >= m.data.length) break;
      const name = senders.size > 1 ? `${pid.name}, ${m.id.toString(16).toUpperCase()}` : pid.name;
      const s = series.get(name) ?? { name, unit: pid.unit, times: [], values: [] };
      s.times.push(m.time);
      s.values.push(pid.value(m.data[at + 1]!, m.data[at + 2] ?? 0));
      series.set(name, s);
      at += 1 + pid.bytes;
    }
  }
  return series;
}

const NOTHING =
  'No live values (service 01 answers) are in this log. Record while a tool asks for values, or take it as a scan on the case if it holds fault codes.';

function preview(head: Uint8Array, corrected?: ReadAs): Preview {
  const { frames, problems } = readCandump(new TextDecoder().decode(head));
  const series = [...seriesOf(frames).values()];
  if (series.length === 0) throw new Unreadable(NOTHING);
  const readAs: ReadAs = corrected ?? {
    format: 'candump',
    encoding: 'utf-8',
    separator: ',',
    decimal: '.',
    skip: 0,
    timeUnit: 's',
    interval: null,
    columns: series.map((s) => ({ name: s.name, unit: s.unit, use: 'channel' as const, times: 1 })),
  };
  return {
    readAs,
    rows: series.slice(0, 12).map((s) => [s.name, `${s.values[0]} ${s.unit}`, `${s.values.length} values`]),
    // The cut-off last line of the first part is not the file's fault.
    notes: problems.length > 1 ? [`Line ${problems[0]!.line} is no frame: ${problems[0]!.why}.`] : [],
  };
}

class CandumpReader extends ByteBuffer implements TraceReader {
  constructor(private readonly as: ReadAs) {
    super();
  }

  end(): Trace {
    const { frames, problems } = readCandump(new TextDecoder().decode(this.whole()));
    if (frames.some((f) => Number.isNaN(f.time)))
      throw new Unreadable('The log has no times. Record it with time stamps (candump -l).');
    const series = seriesOf(frames);
    const begin = frames[0]?.time ?? 0;
    const notes: string[] = [];
    const channels = [...series.values()].flatMap((s): Channel[] => {
      const column = this.as.columns.find((c) => c.name === s.name);
      if (column?.use === 'skip') return [];
      if (s.values.length < 2) {
        notes.push(`"${s.name}" was answered once only and is left out.`);
        return [];
      }
      const samples = Float32Array.from(s.values, (v) => v * (column?.times ?? 1));
      const times = Float64Array.from(s.times, (t) => t - begin);
      const even = onEvenSteps(
        times,
        [{ name: s.name, unit: column?.unit ?? s.unit, samples }],
        (i) => `value ${i + 1} of "${s.name}"`,
      );
      return even.channels;
    });
    if (channels.length === 0) throw new Unreadable(NOTHING);
    if (problems.length > 0)
      notes.push(
        `${problems.length} lines are no frames, the first is line ${problems[0]!.line}: ${problems[0]!.why}.`,
      );
    notes.push('Each value holds until it was answered again.');
    return { channels, notes };
  }
}

/** Frame logs: the values a tool asked for, as channels. */
export const candump: TraceFormat = {
  id: 'candump',
  name: 'Frame log (candump)',
  endings: ['log', 'candump'],
  fits: (head) => (looksLikeCandump(new TextDecoder().decode(head.subarray(0, 4096))) ? 0.9 : 0),
  preview,
  reader: (as) => new CandumpReader(as),
};
