/** One CAN frame of a log. */
export interface Frame {
  /** Seconds, as the log counts them; NaN where it has none. */
  time: number;
  bus: string;
  id: number;
  extended: boolean;
  data: Uint8Array;
  /** Line of the log, from 1. */
  line: number;
}

/** A line that could not be used, and why. */
export interface LineProblem {
  line: number;
  text: string;
  why: string;
}

const COMPACT = /^\((\d+\.\d+)\)\s+(\S+)\s+([0-9A-Fa-f]+)#(#?)([0-9A-Fa-f.]*|R\d?)\s*[TR]?$/;
const COLUMNS =
  /^(?:\((\d+\.\d+)\)\s+)?(\S+)\s+(?:[TR]X\s+.*?)?([0-9A-Fa-f]{3}|[0-9A-Fa-f]{8})\s+\[(\d+)\]\s*((?:[0-9A-Fa-f]{2}\s*)*)(?:'.*')?$/;

/**
 * Reads a frame log in the open candump format, both its compact (`(t) can0 7E8#0641…`) and its
 * column form (`can0 7E8 [8] 06 41 …`).
 *
 * @param text the log
 * @returns frames in order, and every line that is no frame with the reason
 */
export function readCandump(text: string): { frames: Frame[]; problems: LineProblem[] } {
  const frames: Frame[] = [];
  const problems: LineProblem[] = [];
  text.split(/\r\n|\r|\n/).forEach((raw, i) => {
    const line = raw.trim();
    if (line === '' || line.startsWith('//')) return;
    const bad = (why: string) => problems.push({ line: i + 1, text: raw.slice(0, 300), why });
    let m = COMPACT.exec(line);
    if (m) {
      if (m[4]) return bad('a CAN FD frame; only classic CAN is read here');
      if (m[5]!.startsWith('R')) return bad('a remote frame carries no data');
      const hex = m[5]!.replace(/\./g, '');
      if (hex.length % 2) return bad('an odd number of hex digits: half a byte is missing');
      if (hex.length > 16) return bad(`${hex.length / 2} bytes in a frame that holds 8`);
      const id = parseInt(m[3]!, 16);
      const extended = m[3]!.length > 3;
      if (id > (extended ? 0x1fffffff : 0x7ff)) return bad(`${m[3]} is no CAN identifier`);
      frames.push({ time: Number(m[1]), bus: m[2]!, id, extended, data: bytes(hex), line: i + 1 });
      return;
    }
    m = COLUMNS.exec(line);
    if (m) {
      const hex = (m[5] ?? '').replace(/\s/g, '');
      if (hex.length / 2 !== Number(m[4])) return bad(`says ${m[4]} bytes and has ${hex.length / 2}`);
      if (hex.length > 16) return bad(`${hex.length / 2} bytes in a frame that holds 8`);
      frames.push({
        time: m[1] ? Number(m[1]) : NaN,
        bus: m[2]!,
        id: parseInt(m[3]!, 16),
        extended: m[3]!.length > 3,
        data: bytes(hex),
        line: i + 1,
      });
      return;
    }
    bad('not a line of a frame log');
  });
  return { frames, problems };
}

function bytes(hex: string): Uint8Array {
  return Uint8Array.from(hex.match(/../g) ?? [], (h) => parseInt(h, 16));
}

/** Writes bytes as upper-case hex with blanks, for showing what was not decoded. */
export function hex(data: Uint8Array): string {
  return [...data].map((b) => b.toString(16).toUpperCase().padStart(2, '0')).join(' ');
}

/** Says whether a text looks like a frame log: most of its first lines are frames. */
export function looksLikeCandump(text: string): boolean {
  const lines = text
    .slice(0, 20_000)
    .split(/\r\n|\r|\n/)
    .map((l) => l.trim())
    .filter(Boolean)
    .slice(0, 40);
  const hits = lines.filter((l) => COMPACT.test(l) || COLUMNS.test(l)).length;
  return lines.length > 0 && hits >= lines.length / 2;
}
