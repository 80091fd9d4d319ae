import type { LikeTrace } from '@/core/api/traces-like';
import type { AlikeTraces } from '@/core/similar';
import { Problem } from '@/core/problem';
import {
  ALIKE,
  closeness,
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
  hasTraces,
  putFingerprint,
  traceFile,
  tracesWithFault,
  tracesWithoutFingerprint,
  type TraceFile,
} from '@/store/traces';
import { caseIndex, profilesOf } from '../find/index-of-cases';

const SHOWN = 6;
/** Recordings that speak as evidence. */
const EVIDENCE = 60;
/** Fingerprints drawn up while somebody waits; the rest follows with the next question. */
const AT_ONCE = 12;
/** A stretch is looked for in so many of the recordings nearest as a whole. */
const STRETCHES = 2000;
/** Bytes of a recording that are read at a time. */
const PIECE = 512 * 1024;
/** A marked stretch that fits worse than this is not there. */
const FITS = 0.75;

const shared = globalThis as typeof globalThis & {
  vantlePrints?: Map<string, Fingerprint>;
  /** Drawing up is under way, or soon will be. */
  vantlePrintsSoon?: boolean;
};

/** Reads the channels of a kept recording; undefined where its file is gone or cannot be read. */
async function channelsOf(file: TraceFile): Promise<Channel[] | undefined> {
  const bytes = await readStored(file.hash);
  if (!bytes) return undefined;
  try {
    const as = ReadAs.parse(JSON.parse(file.readAs));
    const reader = formatOf(as.format).reader(as);
    // In pieces, so that others are answered in between.
    for (let at = 0; at < bytes.length; at += PIECE) {
      reader.push(bytes.subarray(at, at + PIECE));
      await new Promise(setImmediate);
    }
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
  for (const w of waiting.slice(0, AT_ONCE)) await drawUp(w);
  let all = await library();
  // Of many that wait its own may not have been among the first.
  if (!all.some((x) => x.id === traceId)) {
    await drawUp(file);
    all = await library();
  }
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

/**
 * Whether a recording says something of what was wrong: a fault was found in it, or it is marked as of before the
 * repair. Two in which nothing was found are alike because both are sound, whatever their cases turned out to be.
 */
function speaks(t: { id: string; sheet: string }, withFault: ReadonlySet<string>): boolean {
  const { stands } = readSheet(t.sheet);
  return stands === 'before' || (stands === '' && withFault.has(t.id));
}

/**
 * Recordings of other cases that are like those of a case, as evidence for what it is. Reads only what has been drawn
 * up already.
 *
 * @returns undefined for a case without recordings that speak
 */
export async function alikeTraces(caseId: string): Promise<AlikeTraces | undefined> {
  if (!(await hasTraces(db(), caseId))) return undefined;
  if ((await tracesWithoutFingerprint(db(), FINGERPRINT_VERSION, 1)).length > 0) drawUpSoon();
  const withFault = await tracesWithFault(db());
  const all = (await library()).filter((t) => speaks(t, withFault));
  const own = all.filter((t) => t.caseId === caseId);
  const others = all.filter((t) => t.caseId !== caseId);
  const cases = new Map<string, number>();
  const among = new Set<string>();
  for (const t of own)
    for (const { item, distance } of nearestPrints(t, others, EVIDENCE)) {
      among.add(item.caseId);
      cases.set(item.caseId, Math.max(cases.get(item.caseId) ?? 0, closeness(distance)));
    }
  return among.size > 0 ? { cases, among } : undefined;
}

/** Draws up what waits, in the background: at the start, and a moment after a recording has come. */
export async function drawUpWaiting(): Promise<void> {
  for (;;) {
    const waiting = await tracesWithoutFingerprint(db(), FINGERPRINT_VERSION, AT_ONCE);
    if (waiting.length === 0) return;
    for (const file of waiting) {
      await drawUp(file);
      await new Promise(setImmediate);
    }
  }
}

/** Seconds after a recording has come: its trace row may follow it. */
const SOON = 3000;

/** Draws up what has just come, a moment later. */
export function drawUpSoon(): void {
  if (shared.vantlePrintsSoon) return;
  shared.vantlePrintsSoon = true;
  // Whoever asks for traces like it draws it up at once; a failure here costs nothing.
  setTimeout(() => {
    shared.vantlePrintsSoon = false;
    void drawUpWaiting().catch(() => undefined);
  }, SOON).unref();
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
