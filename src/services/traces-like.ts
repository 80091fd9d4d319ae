import type { LikeTrace } from '@/core/api/traces-like';
import { Problem } from '@/core/problem';
import {
  ALIKE,
  differencesOf,
  fingerprintOf,
  FINGERPRINT_VERSION,
  nearestPrints,
  packFingerprint,
  readSheet,
  stretch,
  stretchIn,
  unpackFingerprint,
  type Channel,
  type Fingerprint,
} from '@/core/traces';
import { formatOf, ReadAs } from '@/core/traces/files';
import { vehicleName } from '@/core/vehicle';
import { db, write } from '@/store/database';
import { readStored } from '@/store/files';
import {
  fingerprintBodies,
  fingerprintedTraces,
  putFingerprint,
  traceFile,
  tracesWithoutFingerprint,
  type TraceFile,
} from '@/store/traces';
import { caseIndex, profilesOf } from './index-of-cases';

const SHOWN = 6;
/** Fingerprints drawn up while somebody waits; the rest follows with the next question. */
const AT_ONCE = 12;
/** A stretch is looked for in so many of the recordings nearest as a whole. */
const STRETCHES = 2000;
/** A marked stretch that fits worse than this is not there. */
const FITS = 0.75;

const shared = globalThis as typeof globalThis & { vantlePrints?: Map<string, Fingerprint> };

/** Reads the channels of a kept recording; undefined where its file is gone or cannot be read. */
async function channelsOf(file: TraceFile): Promise<Channel[] | undefined> {
  const bytes = await readStored(file.hash);
  if (!bytes) return undefined;
  try {
    const as = ReadAs.parse(JSON.parse(file.readAs));
    const reader = formatOf(as.format).reader(as);
    reader.push(bytes);
    return reader.end().channels;
  } catch {
    return undefined;
  }
}

async function drawUp(file: TraceFile): Promise<void> {
  const channels = await channelsOf(file);
  const body = channels ? packFingerprint(fingerprintOf(channels)) : '';
  await write((tx) => putFingerprint(tx, { traceId: file.id, version: FINGERPRINT_VERSION, body }));
}

/** All fingerprints of the shop, kept in this process and brought up to date from the database. */
async function library() {
  const prints: Map<string, Fingerprint> = (shared.vantlePrints ??= new Map<string, Fingerprint>());
  const rows = await fingerprintedTraces(db(), FINGERPRINT_VERSION);
  const missing = rows.filter((r) => !prints.has(r.id)).map((r) => r.id);
  for (let i = 0; i < missing.length; i += 500)
    for (const [id, body] of await fingerprintBodies(db(), missing.slice(i, i + 500)))
      prints.set(id, unpackFingerprint(body));
  return rows.flatMap((r) => (prints.has(r.id) ? [{ ...r, print: prints.get(r.id)! }] : []));
}

/**
 * The recordings of the shop that are most like one, with what their cases turned out to be.
 *
 * @param marked a stretch of one channel that is looked for instead of the whole, in seconds
 * @returns nearest first, and how many recordings have not been looked at yet
 * @throws Problem when the recording is not with the shop
 */
export async function tracesLike(
  traceId: string,
  marked?: { channel: string; from: number; to: number },
): Promise<{ like: LikeTrace[]; waiting: number }> {
  const file = await traceFile(db(), traceId);
  if (!file) throw new Problem('The recording of this trace is not with the shop yet.', 'gone');
  const waiting = await tracesWithoutFingerprint(db(), FINGERPRINT_VERSION, AT_ONCE + 1);
  const own = waiting.find((w) => w.id === traceId);
  for (const w of [...(own ? [own] : []), ...waiting.filter((x) => x !== own).slice(0, AT_ONCE)])
    await drawUp(w);
  const all = await library();
  const asked = all.find((x) => x.id === traceId);
  if (!asked) throw new Problem('The recording of this trace cannot be read any more.', 'gone');
  const found = marked
    ? await stretchesLike(file, marked, all, asked)
    : nearestPrints(asked, all, SHOWN).map((n) => ({ ...n, again: null }));
  const held = await caseIndex();
  const profiles = await profilesOf(held, [...new Set(found.map((f) => f.item.caseId))]);
  return {
    waiting: Math.max(0, waiting.length - AT_ONCE),
    like: found.flatMap(({ item, distance, again }) => {
      const profile = profiles.get(item.caseId);
      if (!profile) return [];
      return [
        {
          id: item.id,
          name: item.name,
          number: profile.number,
          vehicle: vehicleName(profile.vehicle),
          cause: profile.causes.map((c) => c.name).join(', '),
          grade: profile.grade,
          stands: readSheet(item.sheet).stands,
          distance: Number(distance.toFixed(3)),
          alike: distance < (marked ? FITS : ALIKE),
          differs: marked ? [] : differencesOf(asked.print, item.print),
          again,
          hash: item.hash,
          readAs: item.readAs,
        },
      ];
    }),
  };
}

type Kept = Awaited<ReturnType<typeof library>>[number];

/** Recordings in which a marked stretch comes again. */
async function stretchesLike(
  file: TraceFile,
  marked: { channel: string; from: number; to: number },
  all: readonly Kept[],
  asked: Kept,
) {
  const channel = (await channelsOf(file))?.find((c) => c.name === marked.channel);
  if (!channel || !(marked.to > marked.from))
    throw new Problem('Lay both marks on the trace, around what is to be looked for.');
  const part = stretch(channel, marked.from, marked.to);
  const like = { samples: part.samples, seconds: marked.to - marked.from };
  const near = nearestPrints(asked, all, STRETCHES);
  const rest = all.filter((x) => x.id !== asked.id && !near.some((n) => n.item === x));
  return [...near.map((n) => n.item), ...rest]
    .slice(0, STRETCHES)
    .flatMap((item) =>
      item.print.channels
        .filter((c) => c.unit === channel.unit || c.name === channel.name)
        .flatMap((c) => {
          const place = stretchIn(c, like);
          return place && place.distance < FITS
            ? [{ item, distance: place.distance, again: { channel: c.name, from: place.from, to: place.to } }]
            : [];
        })
        .sort((a, b) => a.distance - b.distance)
        .slice(0, 1),
    )
    .sort((a, b) => a.distance - b.distance)
    .slice(0, SHOWN);
}
