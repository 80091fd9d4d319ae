/**
 * Words of which two cannot both be true: each line names states, `|` parts them, `=` joins other words for the same
 * state. Common practice, no source.
 */
const OPPOSITES = `
on = lit = lights up = illuminated | off = dark = out = unlit
open | closed = shut
yes = y | no = n
ok = okay = good = fine = in order = normal | nok = bad = faulty = defective = no good
pass = passed | fail = failed
tight | loose = slack
dry | wet = damp
clean | dirty = contaminated = fouled
smooth | rough
free = moves = moves freely = moving = turns freely = spins freely = runs freely | stuck = seized = jammed
clear = free | blocked = clogged = restricted
full | empty
high | low
hot | cold
present = there = fitted | missing = absent
steady = stable = solid | erratic = unsteady = fluctuating = flashing = blinking = flickering
continuity | open
leaks = leak = leaking = leakage | leak-free
cracks = crack = cracked | crack-free
corrosion = corroded | corrosion-free
rust = rusty = rusted | rust-free
damage = damaged | undamaged
wear = worn | unworn
works = working = runs = running | dead
intact | broken = cracked = torn = split
`
  .trim()
  .split('\n')
  .map((line) => line.split(' | ').map((state) => state.split(' = ')));

const fold = (text: string): string =>
  text
    .normalize('NFKC')
    .toLowerCase()
    .replace(/[’']/g, "'")
    .replace(/\b(do|does|did|is|was)n't\b/g, '$1 not')
    .replace(/[.!]{1,4}$/, '')
    .replace(/\s+/g, ' ')
    .trim();

/** "not lit", "no leaks", "does not move": what is denied; undefined where nothing is. */
function denied(state: string): string | undefined {
  return /^(?:not|no|do(?:es)? not|did not|is not) (.+)$/.exec(state)?.[1];
}

/** One form for words and their plural or third person: "leaks", "lights up". */
const stem = (words: string): string => words.replace(/(?<=[a-z]{3})s\b/g, '');

/** Said of something that should happen and did not. */
const NOTHING = /^(?:nothing(?: happens)?|no (?:reaction|response))$/;
/** Something that should happen: "clicks", "lamp lights"; beside "tight" or "pass", nothing may be good news. */
const HAPPENS =
  /\b(?:clicks|lights|lights up|moves|runs|turns|cranks|starts|opens|closes|sparks|sprays|buzzes|hums|beeps|flashes|works|rises|falls|drops|changes)$/;

const isOf = (state: readonly string[], word: string): boolean =>
  state.some((s) => s === word || stem(s) === stem(word));

/** Of two colours one is not the other. */
const COLOURS = new Set(
  'black brown red orange yellow green blue violet purple grey gray white pink'.split(' '),
);

/** Whether two affirmed words are of one state, of opposite ones, or stand in no pair together. */
function pairOf(a: string, b: string): 'same' | 'other' | undefined {
  if (stem(a) === stem(b)) return 'same';
  if (COLOURS.has(a) && COLOURS.has(b))
    return a.replace('gray', 'grey') === b.replace('gray', 'grey') ? 'same' : 'other';
  for (const states of OPPOSITES) {
    const [of, against] = [states.findIndex((s) => isOf(s, a)), states.findIndex((s) => isOf(s, b))];
    if (of >= 0 && against >= 0) return of === against ? 'same' : 'other';
  }
  return undefined;
}

function compareOne(found: string, wanted: string): 'same' | 'other' | 'not told' {
  if (found === wanted) return 'same';
  if (NOTHING.test(found)) return denied(wanted) === undefined && HAPPENS.test(wanted) ? 'other' : 'not told';
  const whole = pairOf(found, wanted);
  if (whole) return whole;
  const [notFound, notWanted] = [denied(found), denied(wanted)];
  if (notFound === undefined && notWanted === undefined) return 'not told';
  const pair = pairOf(notFound ?? found, notWanted ?? wanted);
  if (pair === undefined) return 'not told';
  // Denied on both sides; or on one, and then what is denied must be the very thing, or its opposite.
  if (notFound !== undefined && notWanted !== undefined) return pair === 'same' ? 'same' : 'not told';
  return pair === 'same' ? 'other' : 'not told';
}

/**
 * Holds what was found against what was expected, both in words. Words that differ say that something is wrong only
 * where they are known as opposites, or one denies the other; "flickers" is neither on nor off.
 *
 * @param found as typed
 * @param wanted states of which one is expected
 * @returns `same` as one of them, `other` than each of them, or `not told`
 * @example compareStates('off', ['on', 'lit']) // 'other'
 * @example compareStates('not lit', ['on']) // 'other'
 * @example compareStates('flickers', ['on']) // 'not told'
 */
export function compareStates(found: string, wanted: readonly string[]): 'same' | 'other' | 'not told' {
  const told = wanted.map((w) => compareOne(fold(found), fold(w)));
  if (told.includes('same')) return 'same';
  return told.length > 0 && told.every((t) => t === 'other') ? 'other' : 'not told';
}
