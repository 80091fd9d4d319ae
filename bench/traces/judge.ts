import type { TraceResult } from '@/core/traces';

/** What findings are about, by verdict, of those that begin with a word. */
export function named(result: TraceResult, start: string): { fail: string[]; unsure: string[] } {
  const of = (verdict: string) =>
    result.findings.filter((f) => f.verdict === verdict && f.about?.startsWith(start)).map((f) => f.about!);
  return { fail: of('fail'), unsure: of('unsure') };
}
