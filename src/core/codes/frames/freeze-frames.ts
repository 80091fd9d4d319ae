import { codeFromBytes } from '../code';
import type { ScanReport } from '../report';
import { hex } from './candump';
import { entered, PIDS } from './pids';

interface Value {
  name: string;
  entered: string;
}

/** No code: parameter 02 of a frame that stores none reads 0000. */
const NONE = 'P0000';

/**
 * Answers of J1979 service 02: parameter 02 names the code of a frame, the others are values at its moment.
 * Frames are told apart by module and frame number; values wait until their frame's code is known.
 */
export class FreezeFrames {
  /** By module and frame: the place of its code in the report, or -1 for none. */
  private readonly codes = new Map<string, number>();
  private readonly waiting = new Map<string, Value[]>();

  constructor(private readonly out: Pick<ScanReport, 'codes' | 'freeze'>) {}

  /**
   * Takes one answer.
   *
   * @param data from the service byte on: 42, parameter, frame, value
   * @param module its place in the report
   * @returns why it cannot be decoded, else undefined
   */
  take(data: Uint8Array, module: number): string | undefined {
    const [, number = 0, frame = 0] = data;
    const key = `${module}/${frame}`;
    if (number === 0x02) {
      if (data.length < 5) return 'the code of a freeze frame is cut short';
      const code = codeFromBytes(((data[3] ?? 0) << 8) | (data[4] ?? 0));
      this.codes.set(key, code === NONE ? -1 : this.place(code, module));
      for (const value of this.waiting.get(key) ?? []) this.put(key, frame, value);
      this.waiting.delete(key);
      return undefined;
    }
    const pid = PIDS[number];
    if (!pid) return `parameter ${hex(data.slice(1, 2))} of a freeze frame is not known here`;
    if (3 + pid.bytes > data.length) return 'a freeze frame value is cut short';
    const value = { name: pid.name, entered: entered(pid, data[3]!, data[4] ?? 0) };
    if (this.codes.has(key)) this.put(key, frame, value);
    else this.waiting.set(key, [...(this.waiting.get(key) ?? []), value]);
    return data.length > 3 + pid.bytes ? 'bytes after a freeze frame value are not read here' : undefined;
  }

  /**
   * Closes the log.
   *
   * @returns a sentence for each frame whose code was never read; its values belong to no code that is known
   */
  end(): string[] {
    return [...this.waiting].map(
      ([key, values]) =>
        `freeze frame ${Number(key.split('/')[1]) + 1} without its code (parameter 02 was not read): ${values
          .map((v) => `${v.name} ${v.entered}`)
          .join(', ')}`,
    );
  }

  private place(code: string, module: number): number {
    const known = this.out.codes.findIndex((c) => c.code === code && c.module === module);
    return known >= 0 ? known : this.out.codes.push({ code, text: '', statuses: ['stored'], module }) - 1;
  }

  private put(key: string, frame: number, value: Value): void {
    const code = this.codes.get(key)!;
    if (code < 0) return;
    // A second frame of the same code keeps its values apart from the first's.
    const first = [...this.codes].find(([, c]) => c === code)![0] === key;
    this.out.freeze.push({
      code,
      name: first ? value.name : `${value.name} (frame ${frame + 1})`,
      entered: value.entered,
    });
  }
}
