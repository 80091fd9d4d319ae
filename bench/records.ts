import { Catalogue, starterItems } from '@/core/cause';
import { DONE_AT_THE_DEALER } from './records/done-at-the-dealer';
import { LATER_SENTENCES } from './records/done-sentences';
import { scoreDone, type Tally } from './records/score-done';
import { ROW_PARTS, scoreRows } from './records/score-rows';
import { scoreColumns } from './records/score-tables';
import { HALVES } from './records/tables';

const SEEDS = [11, 12, 13, 14, 15];
const percent = ({ right, wrong, unread }: Tally): string => {
  const of = right + wrong + unread || 1;
  return [right, wrong, unread].map((n) => ((100 * n) / of).toFixed(1)).join(' / ');
};

/** Tables of past jobs whose truth is known, in both halves; right / wrong / unread in per cent. */
export function records(): Promise<string> {
  const catalogue = new Catalogue(starterItems());
  const lines = Object.entries(HALVES).map(([name, half]) => {
    const columns = scoreColumns(half.layouts, half.sentences, SEEDS);
    const rows = scoreRows(half.layouts, half.sentences, SEEDS, catalogue);
    const done = scoreDone(half.sentences, catalogue);
    return [
      name,
      percent(columns.columns),
      ...ROW_PARTS.filter((p) => p !== 'part').map((p) => percent(rows.of[p])),
      percent(done.action),
      percent(done.part),
      percent(done.failure),
    ];
  });
  const half = (rest: number) => DONE_AT_THE_DEALER.filter((_, i) => i % 2 === rest);
  for (const [name, sentences] of [
    ['sentences of later', LATER_SENTENCES],
    ['from overseas, looked at', half(0)],
    ['from overseas, not looked at', half(1)],
  ] as const) {
    const done = scoreDone(sentences, catalogue);
    lines.push([
      name,
      ...ROW_PARTS.map(() => ''),
      percent(done.action),
      percent(done.part),
      percent(done.failure),
    ]);
  }
  const heads = ['', 'columns', ...ROW_PARTS.filter((p) => p !== 'part'), 'deed', 'part', 'failure'];
  const table = [heads, heads.map(() => '---'), ...lines].map((l) => `| ${l.join(' | ')} |`);
  return Promise.resolve(['Right / wrong / unread in per cent.', '', ...table].join('\n'));
}
