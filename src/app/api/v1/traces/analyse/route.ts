import { TraceForm } from '@/core/api';
import { analyseRecording } from '@/services/traces/trace-analysis';
import { answer, Problem } from '../../../answer';
import { bytesOf, formOf } from '../../../body';

/** Longer recordings are looked at in the browser, which does not send them. */
const MOST_BYTES = 60 * 1024 * 1024;

/** Analyses a recording and keeps nothing of it: a form with `file`, and what is asked. */
export function POST(request: Request) {
  return answer(request, 'look', async () => {
    const bytes = await bytesOf(
      request,
      MOST_BYTES,
      'That is more than 60 MB. Send a shorter stretch or fewer channels, or open it in the browser.',
    );
    const form = await formOf(bytes, request.headers.get('content-type') ?? '', 'file');
    const file = form.get('file');
    if (!(file instanceof File)) throw new Problem('Send the recording as "file" in the form.');
    const text = (name: string) => {
      const value = form.get(name);
      return typeof value === 'string' && value.trim() !== '' ? value : undefined;
    };
    const asked = TraceForm.safeParse({
      analysis: text('analysis'),
      roles: json(text('roles'), 'roles'),
      settings: json(text('settings'), 'settings'),
      firingOrder: text('firingOrder'),
      strokes: text('strokes') && Number(text('strokes')),
    });
    if (!asked.success) {
      const issue = asked.error.issues[0]!;
      throw new Problem(`${issue.path.join('.')}: ${issue.message}`);
    }
    return analyseRecording(new Uint8Array(await file.arrayBuffer()), file.name, asked.data);
  });
}

function json(text: string | undefined, name: string): unknown {
  if (text === undefined) return undefined;
  try {
    return JSON.parse(text);
  } catch {
    throw new Problem(`"${name}" is not valid JSON.`);
  }
}
