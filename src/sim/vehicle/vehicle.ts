import { codeToBytes, cutIntoFrames, type VehiclePort } from '@/core/codes';
import { SIM_FAULTS, type Place, type Shows, type SimFault } from './faults';

interface Stored {
  /** Two-byte code, failure type byte. */
  code: number;
  type: number;
  /** ISO 14229-1 status bits. */
  status: number;
  /** Drives in which it did not fail; old codes are forgotten. */
  clean: number;
}

const PLACES: Record<Place, { ask: number; answer: number; name: string; j1979: boolean }> = {
  engine: { ask: 0x7e0, answer: 0x7e8, name: 'Engine', j1979: true },
  transmission: { ask: 0x7e1, answer: 0x7e9, name: 'Transmission', j1979: true },
  abs: { ask: 0x7e2, answer: 0x7ea, name: 'ABS', j1979: false },
  body: { ask: 0x7e3, answer: 0x7eb, name: 'Body', j1979: false },
};
const FORGOTTEN_AFTER = 40;
/** Healthy values at idle, warm, by parameter (raw bytes). */
const IDLE: Record<number, number[]> = {
  0x04: [56],
  0x05: [130],
  0x06: [129],
  0x07: [130],
  0x0b: [34],
  0x0c: [0x0b, 0x90],
  0x0d: [0],
  0x0f: [64],
  0x10: [1, 4],
  0x11: [38],
  0x33: [100],
};

/**
 * A simulated vehicle at the diagnostic socket: four controllers on one bus that answer J1979 and
 * ISO 14229 in real frames. Its codes come straight back, come back only on the road, age, and clear;
 * its monitors run as it is driven.
 */
export class SimVehicle implements VehiclePort {
  readonly name = 'simulated vehicle';
  readonly modules = Object.values(PLACES);
  private readonly memory: Record<Place, Stored[]> = { engine: [], transmission: [], abs: [], body: [] };
  private freeze: { code: number; speed: number } | undefined;
  /** Monitors of the second byte that have not run since the clear. */
  private open = 0;
  private running = false;
  private clock = 0;
  /** The clock when values began to be recorded with the engine running. */
  private began: number | undefined;

  constructor(
    readonly fault: SimFault,
    private readonly vin: string,
  ) {
    for (const l of fault.litter ?? [])
      this.memory[l.at].push({ code: codeToBytes(l.code), type: 0, status: 0x28, clean: 2 });
    // It came in with whatever its fault had set on the way here.
    this.show('road');
    this.show('running');
    this.show('key');
  }

  /** A vehicle with one of the faults of the list. */
  static withFault(id: string, vin: string): SimVehicle {
    const fault = SIM_FAULTS.find((f) => f.id === id);
    if (!fault) throw new Error(`There is no simulated fault "${id}".`);
    return new SimVehicle(fault, vin);
  }

  /** Key off and on, engine started: what shows without driving comes back. */
  keyCycle(): void {
    for (const list of Object.values(this.memory)) for (const s of list) s.status &= ~0x42;
    this.running = true;
    this.show('key');
    this.show('running');
  }

  /** A drive that lets monitors run: what shows only on the road comes back, the rest grows older. */
  drive(): void {
    this.keyCycle();
    const before = new Set(this.fault.sets.map((s) => codeToBytes(s.code)));
    this.show('road');
    this.open &= this.open - 1;
    this.open &= this.open - 1;
    for (const [place, list] of Object.entries(this.memory) as [Place, Stored[]][]) {
      for (const s of list) if (!before.has(s.code)) s.clean++;
      this.memory[place] = list.filter((s) => s.clean < FORGOTTEN_AFTER);
    }
  }

  private show(when: Shows): void {
    for (const s of this.fault.sets) {
      if (s.shows !== when || this.fault.silent?.includes(s.at)) continue;
      const code = codeToBytes(s.code);
      const list = this.memory[s.at];
      const known = list.find((x) => x.code === code);
      // First time pending, confirmed when it fails again; circuits are confirmed at once.
      if (known) Object.assign(known, { status: 0x2f, clean: 0 });
      else list.push({ code, type: s.type ?? 0, status: when === 'key' ? 0x2f : 0x27, clean: 0 });
      if (s.at === 'engine') this.freeze ??= { code, speed: when === 'road' ? 62 : 0 };
    }
  }

  private clear(place: Place): void {
    this.memory[place] = [];
    if (place !== 'engine') return;
    this.freeze = undefined;
    this.open = 0xe1;
    // What is wrong with the key on is there again before anybody has looked away.
    this.show('key');
  }

  /** Lets time pass with the engine running: from now on its values wander as a running engine's do. */
  wait(seconds: number): void {
    this.began ??= this.clock;
    this.clock += seconds;
    this.running = true;
  }

  exchange(id: number, data: readonly number[]): Promise<string[]> {
    const lines = this.log(id, data);
    for (const [place, p] of Object.entries(PLACES) as [Place, (typeof PLACES)[Place]][]) {
      const asked = id === p.ask || (id === 0x7df && p.j1979);
      if (!asked || this.fault.silent?.includes(place)) continue;
      const answer = this.answer(place, data, id === 0x7df);
      if (answer) lines.push(...this.log(p.answer, answer));
    }
    return Promise.resolve(lines);
  }

  private log(id: number, data: readonly number[]): string[] {
    return cutIntoFrames(Uint8Array.from(data)).map((f) => {
      this.clock += 0.004;
      const hex = [...f].map((b) => b.toString(16).toUpperCase().padStart(2, '0')).join('');
      return `(${(1_700_000_000 + this.clock).toFixed(6)}) can0 ${id.toString(16).toUpperCase()}#${hex}`;
    });
  }

  private answer(
    place: Place,
    [service = 0, sub = 0]: readonly number[],
    toAll: boolean,
  ): number[] | undefined {
    const list = this.memory[place];
    const two = (wanted: (s: Stored) => boolean) => {
      const some = list.filter(wanted);
      return [some.length, ...some.flatMap((s) => [s.code >> 8, s.code & 0xff])];
    };
    switch (service) {
      case 0x03:
        return [0x43, ...two((s) => (s.status & 0x08) !== 0)];
      case 0x07:
        return [0x47, ...two((s) => (s.status & 0x04) !== 0)];
      case 0x0a:
        return [0x4a, ...two(() => false)];
      case 0x04:
        this.clear(place);
        return [0x44];
      case 0x14:
        this.clear(place);
        return [0x54];
      case 0x19:
        return [0x59, 0x02, 0xff, ...list.flatMap((s) => [s.code >> 8, s.code & 0xff, s.type, s.status])];
      case 0x09:
        return place === 'engine' && sub === 0x02 && this.vin.length === 17
          ? [0x49, 0x02, 0x01, ...[...this.vin].map((c) => c.charCodeAt(0))]
          : undefined;
      case 0x02:
        return place === 'engine' && this.freeze ? this.frozen(sub) : undefined;
      case 0x01:
        return place === 'engine' ? this.live(sub) : undefined;
      default:
        return toAll ? undefined : [0x7f, service, 0x11];
    }
  }

  private frozen(pid: number): number[] | undefined {
    const { code, speed } = this.freeze!;
    if (pid === 0x02) return [0x42, 0x02, 0x00, code >> 8, code & 0xff];
    const raw = pid === 0x0d ? [speed] : this.raw(pid);
    return raw && [0x42, pid, 0x00, ...raw];
  }

  private live(pid: number): number[] | undefined {
    if (pid === 0x01) {
      const stored = this.memory.engine.filter((s) => s.status & 0x08).length;
      return [0x41, 0x01, (stored ? 0x80 : 0) | stored, 0x07, 0xe1, this.open];
    }
    if (pid === 0x42) {
      const millivolts = Math.round((this.fault.volts ?? (this.running ? 14.1 : 12.5)) * 1000);
      return [0x41, 0x42, millivolts >> 8, millivolts & 0xff];
    }
    const raw = this.raw(pid);
    return raw && [0x41, pid, ...(this.began === undefined ? raw : this.wandered(pid, raw))];
  }

  /** A value as it wanders while time passes: idle hunts a little, every ten seconds the throttle is blipped. */
  private wandered(pid: number, raw: readonly number[]): number[] {
    const t = this.clock - (this.began ?? this.clock);
    const blip = Math.exp(-(((t % 10) - 5) ** 2) / 0.8);
    const slow = Math.sin(t * 1.7) + 0.5 * Math.sin(t * 4.3 + 1);
    const by = {
      0x04: 20 * blip + slow,
      0x06: 3 * slow - 4 * blip,
      0x0b: 40 * blip + slow,
      0x0c: 6000 * blip + 60 * slow,
      0x10: 900 * blip + 12 * slow,
      0x11: 45 * blip,
    }[pid];
    if (by === undefined) return [...raw];
    const most = 256 ** raw.length - 1;
    const value = raw.reduce((v, b) => v * 256 + b, 0) + Math.round(by);
    const held = Math.min(most, Math.max(0, value));
    return raw.length === 1 ? [held] : [held >> 8, held & 0xff];
  }

  private raw(pid: number): number[] | undefined {
    if (pid === 0x0c && !this.running) return [0, 0];
    const bent = this.fault.bends?.[pid];
    return bent === undefined ? IDLE[pid] : [bent, ...(IDLE[pid]?.slice(1) ?? [])];
  }
}
