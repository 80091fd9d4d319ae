import { z } from 'zod';
import { takeFile } from '@/services/files/files';
import { answer, personHere, Problem } from '../../../../answer';

const Query = z.object({
  name: z.string().min(1).max(400),
  testId: z.string().min(1).max(40).nullable(),
  partId: z.string().min(1).max(40).nullable(),
  scanId: z.string().min(1).max(40).nullable(),
  recording: z.literal('1').nullable(),
});
const Id = z.string().regex(/^[A-Za-z0-9_-]{6,40}$/);

/** Takes a file in as the body of the request. Sending it again under the same id does no harm. */
export function PUT(request: Request, { params }: { params: Promise<{ id: string; fileId: string }> }) {
  return answer(request, 'take in', async () => {
    const { id, fileId } = await params;
    const q = new URL(request.url).searchParams;
    const query = Query.safeParse(
      Object.fromEntries(['name', 'testId', 'partId', 'scanId', 'recording'].map((k) => [k, q.get(k)])),
    );
    if (!query.success || !Id.safeParse(fileId).success) throw new Problem('The file needs a name.');
    if (!request.body) throw new Problem(`"${query.data.name}" is empty.`);
    const announced = Number(request.headers.get('content-length') ?? 0);
    const { recording, ...rest } = query.data;
    const upload = { caseId: id, id: fileId, ...rest, recording: recording === '1' };
    return { attachment: await takeFile(upload, request.body, announced, personHere()) };
  });
}
