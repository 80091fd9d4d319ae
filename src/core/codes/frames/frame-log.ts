import type { CodeStatus } from '@/core/case';
import { codeFromBytes } from '../code';
import { emptyReport, type ScanReport } from '../report';
import { hex, readCandump, type LineProblem } from './candump';
import { FreezeFrames } from './freeze-frames';
import { reassemble, type Message } from './isotp';
import { entered, MONITORS, PIDS } from './pids';

/** What a frame log says, in the shape of a scan report, with what a text report does not have. */
export interface FrameLogReading extends ScanReport {
  vin: string;
  /** Modules that confirmed a clear. */
  cleared: number[];
}

/** Usual answering identifiers of ISO 15765-4. */
const NAMES: Record<number, string> = {
  0x7e8: 'Engine',
  0x7e9: 'Transmission',
  0x7ea: 'Module 7EA',
  0x7eb: 'Module 7EB',
};

/** Status bits of ISO 14229-1 annex D as words; the two "not completed" bits say "not run". */
export function statusWords(status: number): CodeStatus[] {
  const out: CodeStatus[] = [];
  if (status & 0x01) out.push('active');
  if (status & 0x08) out.push('stored');
  if (status & 0x04) out.push('pending');
  if (status & 0x10 && !(status & 0x0d)) out.push('not run');
  if (out.length === 0 && status & 0x20) out.push('history');
  return out;
}

/**
 * Decodes a frame log: ISO 15765-2 reassembly, then the answers of J1979 services 01, 02, 03, 04, 07,
 * 09 and 0A, and of ISO 14229 services 14 and 19. Every message is decoded or handed back in
 * `leftover` with its bytes; broken lines are named.
 *
 * @param text a log in the open candump format
 */
export function readFrameLog(text: string): FrameLogReading {
  const { frames, problems } = readCandump(text);
  const book = addressBook(text);
  const put = reassemble(frames);
  const out: FrameLogReading = { ...emptyReport(), vin: '', cleared: [] };
  const moduleOf = (id: number): number => {
    const name = book.get(id) ?? NAMES[id] ?? `Module ${id.toString(16).toUpperCase()}`;
    const known = out.modules.findIndex((m) => m.name === name);
    return known >= 0 ? known : out.modules.push({ name, answered: true }) - 1;
  };
  const answered = new Set(put.messages.map((m) => m.id));
  const listed = new Set<number>();
  const freeze = new FreezeFrames(out);
  for (const m of put.messages) {
    if (isRequest(m)) {
      // Asked by its own address, and never a word: it is silent.
      if (m.id >= 0x7e0 && m.id <= 0x7e7 && !answered.has(m.id + 8))
        out.modules[moduleOf(m.id + 8)]!.answered = false;
      continue;
    }
    const left = decode(m, out, freeze, moduleOf);
    if (!left && LISTS.has(m.data[0] ?? 0)) listed.add(moduleOf(m.id));
    if (left)
      out.leftover.push(`line ${m.firstLine}: ${left} — ${m.id.toString(16).toUpperCase()}: ${hex(m.data)}`);
  }
  out.leftover.push(...freeze.end());
  for (const p of [...problems, ...put.problems].sort((a, b) => a.line - b.line))
    out.leftover.push(sayProblem(p));
  // A module that gave live values and no list of codes was not read for codes.
  out.modules.forEach((m, i) => {
    if (m.answered && !listed.has(i)) m.read = false;
  });
  return out;
}

/** Answers that list codes: J1979 services 03, 07 and 0A, ISO 14229 service 19. */
const LISTS = new Set([0x43, 0x47, 0x4a, 0x59]);

/** Lines such as `// module 7EA ABS` say which controller answers where. */
function addressBook(text: string): Map<number, string> {
  const book = new Map<number, string>();
  for (const m of text.matchAll(/^\/\/ module ([0-9A-F]{3,8}) (.{1,60})$/gm))
    book.set(parseInt(m[1]!, 16), m[2]!.trim());
  return book;
}

const sayProblem = (p: LineProblem) => `line ${p.line}: ${p.why}${p.text ? ` — ${p.text}` : ''}`;

/** Requests to the vehicle: functional 7DF, physical 7E0 to 7E7 and their 29-bit forms. */
function isRequest(m: Message): boolean {
  return (
    m.id === 0x7df ||
    (m.id >= 0x7e0 && m.id <= 0x7e7) ||
    (m.id & 0x1fff00ff) === 0x18da00f1 ||
    m.id === 0x18db33f1
  );
}

/** Puts one answer into the report; returns why not, where it cannot be decoded. */
function decode(
  m: Message,
  out: FrameLogReading,
  freeze: FreezeFrames,
  moduleOf: (id: number) => number,
): string | undefined {
  const [service = 0, second = 0] = m.data;
  const module = moduleOf(m.id);
  switch (service) {
    case 0x41:
      return currentData(m.data, module, out);
    case 0x42:
      return freeze.take(m.data, module);
    case 0x43:
      return codeList(m.data, 'stored', module, out);
    case 0x47:
      return codeList(m.data, 'pending', module, out);
    case 0x4a:
      return codeList(m.data, 'permanent', module, out);
    case 0x44:
    case 0x54:
      out.cleared.push(module);
      return undefined;
    case 0x49:
      return vehicleInformation(m.data, out);
    case 0x59:
      return second === 0x02 || second === 0x0a
        ? udsCodes(m.data, module, out)
        : `report type ${hex(m.data.slice(1, 2))} of service 19 is not read here`;
    case 0x7f:
      return m.data[2] === 0x78
        ? undefined
        : `service ${hex(m.data.slice(1, 2))} was refused with ${hex(m.data.slice(2, 3))}`;
    default:
      return `service ${hex(m.data.slice(0, 1))} is not read here`;
  }
}

/** Several parameters may stand in one answer; each is its number and its bytes. */
function currentData(data: Uint8Array, module: number, out: FrameLogReading): string | undefined {
  let at = 1;
  while (at < data.length) {
    const number = data[at]!;
    if (number === 0x01) {
      if (at + 5 > data.length) return 'parameter 01 is cut short';
      readiness(data.slice(at + 1, at + 5), out);
      at += 5;
    } else if (number % 0x20 === 0) {
      // Which parameters are supported: four bytes of bits, nothing to keep.
      at += 5;
    } else {
      const pid = PIDS[number];
      if (!pid) return `parameter ${hex(data.slice(at, at + 1))} is not known here`;
      if (at + 1 + pid.bytes > data.length) return `parameter ${hex(data.slice(at, at + 1))} is cut short`;
      const value = entered(pid, data[at + 1]!, data[at + 2] ?? 0);
      out.live.push({ name: pid.name, entered: value });
      if (number === 0x42 && out.battery === '') out.battery = value;
      if (number === 0x0c) out.engine = pid.value(data[at + 1]!, data[at + 2] ?? 0) > 0 ? 'running' : 'off';
      at += 1 + pid.bytes;
    }
  }
  return undefined;
}

function readiness(bits: Uint8Array, out: FrameLogReading): void {
  const [, b = 0, c = 0, d = 0] = bits;
  if (out.monitors.length) return;
  const add = (name: string, supported: number, open: number) => {
    if (name !== '' && supported) out.monitors.push({ name, state: open ? 'incomplete' : 'complete' });
  };
  MONITORS.continuous.forEach((name, i) => add(name, b & (1 << i), b & (1 << (i + 4))));
  (b & 0x08 ? MONITORS.compression : MONITORS.spark).forEach((name, i) =>
    add(name, c & (1 << i), d & (1 << i)),
  );
}

function addCode(out: FrameLogReading, module: number, code: string, statuses: CodeStatus[]): void {
  const known = out.codes.find((c) => c.code === code && c.module === module);
  if (known) known.statuses = [...new Set([...known.statuses, ...statuses])];
  else out.codes.push({ code, text: '', statuses, module });
}

/** On CAN a list of codes carries its count first. */
function codeList(
  data: Uint8Array,
  status: CodeStatus,
  module: number,
  out: FrameLogReading,
): string | undefined {
  const count = data[1] ?? 0;
  if (data.length !== 2 + 2 * count) return `announces ${count} codes and holds ${(data.length - 2) / 2}`;
  for (let i = 0; i < count; i++)
    addCode(out, module, codeFromBytes((data[2 + 2 * i]! << 8) | data[3 + 2 * i]!), [status]);
  return undefined;
}

function udsCodes(data: Uint8Array, module: number, out: FrameLogReading): string | undefined {
  if ((data.length - 3) % 4 !== 0) return 'a list of codes of three bytes and a status is cut short';
  for (let at = 3; at < data.length; at += 4) {
    const base = codeFromBytes((data[at]! << 8) | data[at + 1]!);
    const type = hex(data.slice(at + 2, at + 3));
    // A type of 00 says nothing more than the code; a telling one refines what service 03 gave.
    const plain = out.codes.find((c) => c.code === base && c.module === module);
    const code = type === '00' ? base : `${base}-${type}`;
    if (plain) plain.code = code;
    addCode(out, module, code, statusWords(data[at + 3]!));
  }
  return undefined;
}

/** Texts of service 09 that are kept as they come. */
const INFORMATION: Record<number, string> = { 0x04: 'Calibration', 0x0a: 'Controller name' };

function vehicleInformation(data: Uint8Array, out: FrameLogReading): string | undefined {
  const text = String.fromCharCode(...data.slice(3))
    .replace(/\0/g, '')
    .trim();
  if (data[1] === 0x02) {
    if (!/^[A-HJ-NPR-Z0-9]{17}$/.test(text))
      return 'the VIN it gives has not 17 characters of the VIN alphabet';
    out.vin = text;
    return undefined;
  }
  // Which information is supported: bits, nothing to keep.
  if (data[1]! % 0x20 === 0) return undefined;
  const name = INFORMATION[data[1]!];
  if (!name || text === '') return `information ${hex(data.slice(1, 2))} is not read here`;
  out.live.push({ name, entered: text.slice(0, 200) });
  return undefined;
}
