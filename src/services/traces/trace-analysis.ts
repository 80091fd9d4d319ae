import type { TraceAnswer, TraceForm } from '@/core/api';
import { Refusal } from '@/core/checks/contract';
import { Problem } from '@/core/problem';
import {
  analyse,
  ANALYSES,
  fittingAnalyses,
  isMeantFor,
  proposedRoles,
  type Channel,
  type TraceAnalysis,
} from '@/core/traces';
import { formatOf, PREVIEWED, previewFile, Unreadable } from '@/core/traces/files';

/**
 * Reads a recording and runs the analyses on it that it seems meant for, or the one that is asked for. Nothing is kept.
 *
 * @throws Problem with a sentence for a file that cannot be read, and for an analysis or a channel that is not there
 */
export function analyseRecording(bytes: Uint8Array, name: string, form: TraceForm): TraceAnswer {
  const { format, notes, channels } = recordingOf(bytes, name);
  const asked = ANALYSES.find((a) => a.id === form.analysis);
  if (form.analysis !== '' && !asked)
    throw new Problem(
      `There is no analysis "${form.analysis}". There are ${ANALYSES.map((a) => a.id).join(', ')}.`,
    );
  const meant = fittingAnalyses(channels, ANALYSES).filter(
    (id, i) =>
      i === 0 ||
      isMeantFor(
        ANALYSES.find((a) => a.id === id)!,
        channels,
      ),
  );
  const chosen = asked ? [asked] : meant.map((id) => ANALYSES.find((a) => a.id === id)!);
  return {
    format,
    notes,
    channels: channels.map((c) => ({
      name: c.name,
      unit: c.unit,
      samples: c.samples.length,
      interval: c.interval,
      start: c.start,
    })),
    analyses: chosen.map((a) => run(a, channels, form)),
  };
}

function recordingOf(
  bytes: Uint8Array,
  name: string,
): { format: string; notes: string[]; channels: Channel[] } {
  try {
    // JSON can only be looked at whole.
    const head = /\.json$/i.test(name) ? bytes : bytes.subarray(0, PREVIEWED);
    const { readAs, notes } = previewFile(head, name, bytes.length);
    const format = formatOf(readAs.format);
    const reader = format.reader(readAs);
    reader.push(bytes);
    const trace = reader.end();
    return { format: format.name, notes: [...notes, ...trace.notes], channels: trace.channels };
  } catch (e) {
    if (e instanceof Unreadable) throw new Problem(e.message);
    throw e;
  }
}

function run(
  analysis: TraceAnalysis,
  channels: readonly Channel[],
  form: TraceForm,
): TraceAnswer['analyses'][number] {
  const named = Object.entries(form.roles).map(([role, names]) => {
    if (!analysis.roles.some((r) => r.id === role))
      throw new Problem(
        `${analysis.title} has no role "${role}". It has ${analysis.roles.map((r) => r.id).join(', ')}.`,
      );
    return [
      role,
      names.map((n) => {
        const i = channels.findIndex((c) => c.name === n);
        if (i < 0)
          throw new Problem(
            `There is no channel "${n}". There are ${channels.map((c) => c.name).join(', ')}.`,
          );
        return i;
      }),
    ] as const;
  });
  const roles = { ...proposedRoles(analysis, channels), ...Object.fromEntries(named) };
  const settings = analysis.settings.safeParse(form.settings);
  if (!settings.success)
    throw new Problem(`${settings.error.issues[0]!.path.join('.')}: ${settings.error.issues[0]!.message}`);
  const says = {
    analysis: analysis.id,
    title: analysis.title,
    roles: Object.fromEntries(
      Object.entries(roles).map(([r, list]) => [r, list.map((i) => channels[i]!.name)]),
    ),
  };
  try {
    const { findings } = analyse(channels, {
      analysis: analysis.id,
      roles,
      settings: form.settings,
      engine: { order: form.firingOrder, strokes: form.strokes, angles: '' },
      from: -Infinity,
      to: Infinity,
    });
    return {
      ...says,
      refused: '',
      findings: findings.map((f) => ({
        verdict: f.verdict,
        because: f.because,
        about: f.about ?? '',
        figure: f.figure ?? '',
        place: f.place ?? null,
      })),
    };
  } catch (e) {
    if (e instanceof Refusal) return { ...says, refused: e.message, findings: [] };
    throw e;
  }
}
