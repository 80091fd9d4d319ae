import { LABELLED_SCANS, proposeRoles } from '../src/core/codes';

/** How often the proposed role is the hand-labelled one, by role and for whole scans. */
export function triage(): Promise<string> {
  const roles = new Map<string, { right: number; all: number }>();
  let scans = 0;
  for (const { facts, labels } of LABELLED_SCANS) {
    const proposed = proposeRoles(facts);
    let whole = true;
    for (const [code, role] of labels) {
      const count = roles.get(role) ?? { right: 0, all: 0 };
      count.all++;
      if (proposed.get(code)?.role === role) count.right++;
      else whole = false;
      roles.set(role, count);
    }
    if (whole) scans++;
  }
  const sum = [...roles.values()].reduce((a, b) => ({ right: a.right + b.right, all: a.all + b.all }));
  const line = (what: string, right: number, all: number) =>
    `| ${what} | ${all} | ${right} | ${((100 * right) / all).toFixed(1)} % |`;
  return Promise.resolve(
    [
      '| labelled as | codes | proposed the same | share |',
      '| --- | ---: | ---: | ---: |',
      ...[...roles].map(([role, c]) => line(role, c.right, c.all)),
      line('all codes', sum.right, sum.all),
      line('whole scans', scans, LABELLED_SCANS.length),
    ].join('\n'),
  );
}
