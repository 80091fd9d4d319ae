import type { CodeFacts, Proposal, TriageFacts } from './triage-types';

/** So many codes deserve the next hour; where more stand alike, none of them is singled out. */
const FEW = 3;

/** Words of a wording that any code may have; they tie it to no complaint. */
const COMMON = new Set(
  `sensor circuit signal module control system low high open short voltage range performance fault error lost
  communication with data invalid light lamp warning check engine left right front rear bank bad not the and for
  from too correlation switch unit position value stored status input output supply ground battery test when
  electrical intermittent function response implausible missing message received expected condition failure
  problem issue comes goes sometimes always vehicle car customer says said this that after before`.split(
    /\s+/,
  ),
);
const stem = (w: string) => w.replace(/(?<=\p{L}{3})(ing|es|s|ed)$/u, '');
const words = (text: string): string[] => [
  ...new Set(
    text
      .toLowerCase()
      .split(/[^\p{L}]+/u)
      .filter((w) => w.length > 3 && !COMMON.has(w))
      .map(stem),
  ),
];

/** Whether it is known to be there still. */
const stands = (c: CodeFacts) =>
  UNSEEN.has(c.course) ? 'It stood, and was not seen to be gone' : 'It stands';
const UNSEEN: ReadonlySet<string> = new Set(['not read', 'not scanned since', 'not run yet']);
const returned = (c: CodeFacts) => c.course.startsWith('returned') || c.course === 'intermittent';
const active = (c: CodeFacts) => c.statuses.some((s) => s === 'active' || s === 'permanent');

/** A first choice among codes that nothing explains: what is seen of them, most telling first. */
const TIERS: readonly { name: string; of: (c: CodeFacts) => boolean; says: (c: CodeFacts) => string }[] = [
  { name: 'back after the clear', of: returned, says: (c) => c.courseBecause || `It ${c.course}.` },
  { name: 'active now', of: active, says: () => 'Active now, while others are only stored.' },
];

/**
 * Sorts the codes that no rule of triage spoke of: those of the complaint first, then those back after a
 * clear, then those that are active. Where more than a few stand alike and nothing recorded points to one, all of
 * them stay unsorted. Common practice, no source.
 *
 * @param rest codes without a proposal
 * @param all the facts of the case
 * @returns a proposal for each, with the reason that is on the case
 */
export function sortRest(rest: readonly CodeFacts[], all: TriageFacts): Map<string, Proposal> {
  const out = new Map<string, Proposal>();
  const say = (c: CodeFacts, role: Proposal['role'], rule: string, because: string) =>
    out.set(c.code, { role, rule, because });
  if (rest.length === 0) return out;

  const complaint = words(all.said ?? '');
  const named = rest.filter((c) => words(c.text).some((w) => complaint.includes(w)));
  const chosen = named.length > 0 && named.length <= FEW && named.length < rest.length ? named : undefined;
  if (chosen) {
    for (const c of chosen) {
      const shared = words(c.text).filter((w) => complaint.includes(w));
      say(c, 'chase', 'named in the complaint', `The complaint speaks of it: ${shared.join(', ')}.`);
    }
    for (const c of rest)
      if (!chosen.includes(c)) {
        if (returned(c)) say(c, 'chase', 'back after the clear', c.courseBecause || `It ${c.course}.`);
        else
          say(
            c,
            'unsorted',
            'another is nearer',
            `Nothing recorded ties it to the complaint; ${chosen.map((x) => x.code).join(', ')} first.`,
          );
      }
    return out;
  }
  const names = all.areas.join(', ');
  if (rest.length <= FEW) {
    for (const c of rest) {
      const tier = TIERS.find((t) => t.of(c));
      if (tier) say(c, 'chase', tier.name, `${tier.says(c)} Nothing else on the case explains it.`);
      else
        say(
          c,
          'chase',
          'stands',
          `${stands(c)}${names ? `; the complaint is of ${names}` : ', no symptom is recorded yet'}, and nothing else on the case explains it.`,
        );
    }
    return out;
  }
  for (const tier of TIERS) {
    const top = rest.filter(tier.of);
    if (top.length === 0 || top.length > FEW || top.length === rest.length) continue;
    for (const c of rest)
      if (top.includes(c)) say(c, 'chase', tier.name, tier.says(c));
      else say(c, 'unsorted', 'others first', `${top.map((x) => x.code).join(', ')} first: ${tier.name}.`);
    return out;
  }
  const event = ['collision', 'bodywork', 'flat battery'].find((e) => all.events?.includes(e));
  const why = event
    ? `${rest.length} codes stand after ${event === 'flat battery' ? 'a flat battery' : event}, and nothing tells one from another.`
    : `${rest.length} codes stand alike${names ? '' : ', and no symptom points to one'}.`;
  const would = rest.every((c) => c.course === 'no clear yet')
    ? 'What returns after a recorded clear would tell.'
    : 'A scan after a drive, or the complaint in more words, would tell.';
  for (const c of rest) say(c, 'unsorted', 'not told', `${why} ${would}`);
  return out;
}
