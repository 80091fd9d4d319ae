import { z } from 'zod';
import { HARMONICS, SLICES, STEPS, WINDOWS, type Fingerprint } from './fingerprint';

/** Raised when fingerprints are drawn otherwise: kept ones are then drawn anew. */
export const FINGERPRINT_VERSION = 2;

/** Steps of one unit in a byte: shapes reach to ±4 deviations, shares to 1. */
const SHAPE = 31;
const SHARE = 127;

const Packed = z.object({
  channels: z
    .array(
      z.object({
        name: z.string(),
        unit: z.string(),
        rough: z.number(),
        fine: z.string(),
        from: z.number(),
        to: z.number(),
        body: z.string(),
      }),
    )
    .max(64),
});

const bytesOf = (x: Float32Array, scale: number): number[] =>
  Array.from(x, (v) => Math.max(-127, Math.min(127, Math.round(v * scale))));
const textOf = (bytes: readonly number[]): string => btoa(String.fromCharCode(...bytes.map((b) => b & 255)));
const bytesIn = (text: string): Int8Array => Int8Array.from(atob(text), (c) => (c.charCodeAt(0) << 24) >> 24);

/** A fingerprint as text, a byte for each figure. */
export function packFingerprint(f: Fingerprint): string {
  return JSON.stringify({
    channels: f.channels.map((c) => ({
      name: c.name,
      unit: c.unit,
      rough: Number(c.rough.toPrecision(4)),
      from: c.from,
      to: c.to,
      fine: textOf(bytesOf(c.fine, SHAPE)),
      body: textOf([
        ...bytesOf(c.course, SHAPE),
        ...bytesOf(c.swing, SHARE),
        ...bytesOf(c.harmonics, SHARE),
        ...bytesOf(c.steps, SHARE / 2),
        ...bytesOf(c.cycle, SHAPE),
      ]),
    })),
  });
}

/**
 * @throws ZodError or SyntaxError for a text that is none
 */
export function unpackFingerprint(text: string): Fingerprint {
  return {
    channels: Packed.parse(JSON.parse(text)).channels.map((c) => {
      const all = bytesIn(c.body);
      let at = 0;
      const take = (n: number, scale: number) =>
        Float32Array.from(all.subarray(at, (at += n)), (v) => v / scale);
      return {
        name: c.name,
        unit: c.unit,
        rough: c.rough,
        from: c.from,
        to: c.to,
        fine: Float32Array.from(bytesIn(c.fine), (v) => v / SHAPE),
        course: take(WINDOWS, SHAPE),
        swing: take(WINDOWS, SHARE),
        harmonics: take(HARMONICS, SHARE),
        steps: take(STEPS, SHARE / 2),
        cycle: take(SLICES, SHAPE),
      };
    }),
  };
}
