import { toMarkdown } from '@/core/report';
import { caseIdOf } from '@/services/cases/cases';
import { REPORT_READERS, reportOf } from '@/services/shop/report';
import { reportPdf } from '@/services/shop/report-pdf';
import { answer, Problem } from '../../../answer';

/** The report of a case: `?for=customer|technician&as=pdf|md`. */
export function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(request, 'look', async () => {
    const q = new URL(request.url).searchParams;
    const reader = REPORT_READERS.find((r) => r === (q.get('for') ?? 'technician'));
    if (!reader) throw new Problem(`A report is for one of: ${REPORT_READERS.join(', ')}.`);
    const as = q.get('as') ?? 'md';
    if (as !== 'pdf' && as !== 'md') throw new Problem('A report comes as pdf or as md.');
    const report = await reportOf(await caseIdOf((await params).id), reader);
    if (!report) throw new Problem('This case is not there any more.', 'gone');
    const name = `${report.foot.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}-${reader}.${as}`;
    return new Response(as === 'pdf' ? new Uint8Array(await reportPdf(report)) : toMarkdown(report), {
      headers: {
        'content-type': as === 'pdf' ? 'application/pdf' : 'text/markdown; charset=utf-8',
        'content-disposition': `inline; filename*=UTF-8''${encodeURIComponent(name)}`,
        'cache-control': 'no-store',
      },
    });
  });
}
