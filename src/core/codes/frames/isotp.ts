import type { Frame, LineProblem } from './candump';

/** A whole message put together from its frames. */
export interface Message {
  bus: string;
  id: number;
  data: Uint8Array;
  /** Bytes after the message in its last frame. */
  padding: number;
  firstLine: number;
  lastLine: number;
  time: number;
}

interface Pending {
  want: number;
  got: number[];
  next: number;
  firstLine: number;
  time: number;
}

/**
 * Puts messages together from CAN frames. Source: ISO 15765-2: single, first, consecutive and flow
 * control frames, normal addressing, classic CAN.
 *
 * @param frames in the order of the log
 * @returns messages in the order in which they were complete, and what broke, by line
 */
export function reassemble(frames: Frame[]): { messages: Message[]; problems: LineProblem[] } {
  const messages: Message[] = [];
  const problems: LineProblem[] = [];
  const open = new Map<string, Pending>();
  for (const f of frames) {
    const key = `${f.bus}:${f.id}`;
    const bad = (why: string) => problems.push({ line: f.line, text: '', why });
    const first = f.data[0];
    if (first === undefined) {
      bad('a frame without data');
      continue;
    }
    const dropOpen = () => {
      const p = open.get(key);
      if (p)
        bad(
          `a new message begins while the one from line ${p.firstLine} still lacks ${p.want - p.got.length} bytes`,
        );
      open.delete(key);
    };
    switch (first >> 4) {
      case 0: {
        const length = first & 0x0f;
        if (length === 0 || length > 7) bad(`a single frame cannot hold ${length} bytes`);
        else if (f.data.length - 1 < length) bad(`says ${length} bytes and holds ${f.data.length - 1}`);
        else {
          dropOpen();
          messages.push({
            bus: f.bus,
            id: f.id,
            data: f.data.slice(1, 1 + length),
            padding: f.data.length - 1 - length,
            firstLine: f.line,
            lastLine: f.line,
            time: f.time,
          });
        }
        break;
      }
      case 1: {
        const length = ((first & 0x0f) << 8) | (f.data[1] ?? 0);
        if (f.data.length < 8 || length < 8) bad('a first frame must be full and announce 8 bytes or more');
        else {
          dropOpen();
          open.set(key, {
            want: length,
            got: [...f.data.slice(2)],
            next: 1,
            firstLine: f.line,
            time: f.time,
          });
        }
        break;
      }
      case 2: {
        const p = open.get(key);
        if (!p) bad('a consecutive frame without a first frame');
        else if ((first & 0x0f) !== p.next) {
          bad(`frame ${p.next} of the message from line ${p.firstLine} is missing (this is ${first & 0x0f})`);
          open.delete(key);
        } else {
          p.next = (p.next + 1) & 0x0f;
          p.got.push(...f.data.slice(1));
          if (p.got.length >= p.want) {
            messages.push({
              bus: f.bus,
              id: f.id,
              data: Uint8Array.from(p.got.slice(0, p.want)),
              padding: p.got.length - p.want,
              firstLine: p.firstLine,
              lastLine: f.line,
              time: p.time,
            });
            open.delete(key);
          }
        }
        break;
      }
      case 3:
        if ((first & 0x0f) > 2) bad(`flow status ${first & 0x0f} is not defined`);
        break;
      default:
        bad(`frame type ${first >> 4} is not defined`);
    }
  }
  for (const p of open.values())
    problems.push({
      line: p.firstLine,
      text: '',
      why: `the log ends while this message still lacks ${p.want - p.got.length} bytes`,
    });
  return { messages, problems };
}

/**
 * Cuts a message into frames, the inverse of {@link reassemble} without flow control.
 *
 * @param data 1 to 4095 bytes
 * @param padding the byte that fills the last frame
 * @returns frames of 8 bytes
 * @throws RangeError for an empty message or one that is too long
 */
export function cutIntoFrames(data: Uint8Array, padding = 0x00): Uint8Array[] {
  if (data.length < 1 || data.length > 4095) throw new RangeError('A message has 1 to 4095 bytes.');
  const full = (list: number[]) =>
    Uint8Array.from([...list, ...Array<number>(8 - list.length).fill(padding)]);
  if (data.length <= 7) return [full([data.length, ...data])];
  const frames = [full([0x10 | (data.length >> 8), data.length & 0xff, ...data.slice(0, 6)])];
  for (let at = 6, n = 1; at < data.length; at += 7, n = (n + 1) & 0x0f)
    frames.push(full([0x20 | n, ...data.slice(at, at + 7)]));
  return frames;
}
