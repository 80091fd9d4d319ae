import type { CodeStatus } from '@/core/case';

/**
 * What tools call the status of a fault, longest phrases first, by language. A negation is a phrase of its own, so
 * that "not present" is never "present". Common practice, no source; the bits behind the words: ISO 14229-1, table D.2.
 */
const PHRASES: readonly [source: string, status: CodeStatus][] = [
  // Tests that have not run.
  [
    '(?:diagnostic )?(?:test|self[- ]test|monitor) (?:is |was )?not (?:yet )?(?:complete[d]?|run|finished|passed)(?: since (?:last )?clear(?:ed|ing)?)?',
    'not run',
  ],
  ['not (?:yet )?(?:tested|run|complete[d]?)(?: since (?:last )?clear(?:ed|ing)?)?', 'not run'],
  ['test nicht (?:abgeschlossen|beendet|durchgeführt)|nicht (?:geprüft|getestet|abgeschlossen)', 'not run'],
  ['(?:test )?non (?:terminé|achevé|effectué)|non testé', 'not run'],
  ['(?:prueba |test )?no (?:terminad[ao]|completad[ao]|finalizad[ao]|realizad[ao])', 'not run'],
  ['(?:test )?non (?:completat[oa]|terminat[oa]|eseguit[oa])', 'not run'],
  ['(?:test )?niet (?:voltooid|afgerond|uitgevoerd)', 'not run'],
  // Not there now.
  [
    '(?:currently |momentarily |at present )?not (?:currently )?(?:present|active|detected)(?: (?:at|during) (?:the )?(?:time of )?(?:request|test|scan|readout)| now| at present)?',
    'history',
  ],
  [
    'no longer (?:active|present|current|detected)|not any ?more|inactive|passive|historic(?:al)?|history|hist|previous(?:ly active)?|past|not actual',
    'history',
  ],
  [
    '(?:momentan |derzeit |aktuell |zurzeit )?nicht (?:mehr |momentan |derzeit |aktuell |zurzeit )?(?:vorhanden|aktiv|anliegend)|passiv|inaktiv|historisch|vergangen',
    'history',
  ],
  ['(?:actuellement )?(?:non|pas) (?:présente?|active?)|absente?|historique|inactive?|passée?', 'history'],
  ['(?:actualmente )?no (?:presente|activ[oa])|históric[oa]|inactiv[oa]|pasad[oa]|ausente', 'history'],
  ['(?:attualmente )?non (?:presente|attiv[oa])|storic[oa]|passat[oa]|inattiv[oa]|assente', 'history'],
  ['(?:momenteel )?niet (?:meer )?(?:aanwezig|actief)|historisch|inactief|verleden', 'history'],
  // Seen once.
  [
    'not (?:yet )?confirmed|unconfirmed|pending(?: dtc)?|pend|nicht bestätigt|unbestätigt|anstehend|schwebend|vorläufig',
    'pending',
  ],
  [
    'non confirmée?|en attente|no confirmad[oa]|pendiente|non confermat[oa]|in attesa|niet bevestigd|in afwachting',
    'pending',
  ],
  ['permanente?|perm', 'permanent'],
  [
    '(?:confirmed|conf|stored)(?: dtc)?|cmdtc|continuous memory(?: dtc)?|saved|memori[sz]ed|memory|recorded|logged',
    'stored',
  ],
  ['(?:ab)?gespeichert|bestätigt|abgelegt|mémorisée?|memorise|enregistrée?|confirmée?', 'stored'],
  [
    'almacenad[oa]|memorizad[oa]|guardad[oa]|confirmad[oa]|memorizzat[oa]|registrat[oa]|confermat[oa]|opgeslagen|bevestigd',
    'stored',
  ],
  [
    'intermittent(?:e|ly)?|sporadic(?:ally)?|sporadisch|intermitterend|fugitif|fugitive|sporadique|intermitente|esporádic[oa]|sporadic[oa]',
    'intermittent',
  ],
  [
    '(?:currently |now |permanently )?(?:active|act|present|current|curr|detected)(?: now)?|actual(?: present)?|test failed(?: at (?:the )?time of (?:the )?(?:request|test|scan|readout))?',
    'active',
  ],
  // Tools that know "sporadic" say "static" of a fault that is there at every test.
  ['static|statisch|statique|estátic[oa]|static[oa]', 'active'],
  ['(?:momentan |derzeit |aktuell )?(?:aktiv|vorhanden|anliegend)|aktuell|liegt vor', 'active'],
  ['(?:actuellement )?(?:présente?|active?|actif)|en cours', 'active'],
  ['(?:actualmente )?(?:presente|activ[oa])|actual', 'active'],
  ['(?:attualmente )?(?:presente|attiv[oa])|attuale', 'active'],
  ['(?:momenteel )?(?:aanwezig|actief)|actueel', 'active'],
];
const AT_START = PHRASES.map(
  ([source, status]) => [new RegExp(`^(?:${source})(?![\\p{L}\\p{N}])`, 'iu'), status] as const,
);

/** Phrases that hardly ever end a wording, so that they are a status though no mark parts them from it. */
const SAFE =
  /(?:^|\s)(?:stored|confirmed|pending|permanent|history|currently (?:not )?present|no longer (?:active|present)|not present at time of request|(?:ab)?gespeichert|sporadisch|(?:momentan|derzeit) (?:nicht )?vorhanden|mémorisé|memorizado|almacenado|memorizzato|opgeslagen)$/iu;

/** What may stand beside a status without being one: marks, counts, distances, dates, the word itself. */
const BESIDE =
  /^(?:[\s,;/+&|·•:()[\]{}"'.–—-]+|(?:fault )?(?:status|state|zustand|état|estado|stato|toestand)(?![\p{L}])|(?:and|und|et|y|e|en|the|this|it|is|are|all|both|each|alle|beide|tous|todos|tutti|error|fault|fehler)(?![\p{L}])|(?:count|counter|frequency|occurrences?|occurred|occ\.?|times?|häufigkeit|zähler|fréquence|frecuencia|frequenza|aantal)(?![\p{L}])|[x×]\s?\d{1,4}(?![\p{L}\d])|\d{1,4}\s?[x×](?![\p{L}])|at(?= \d)|\d{1,3}\s?(?:of|von|de|\/)\s?\d{1,3}(?:\s(?:drive|driving|trip)?\s?(?:cycles?|trips?))?(?![\p{L}\d])|\d[\d.,' ]*\s?(?:km|mi|miles|h|min)(?![\p{L}])|\d{1,4}[./-]\d{1,2}[./-]\d{1,4}|\d{1,2}:\d{2}(?::\d{2})?|0x[0-9a-f]{2}(?![\p{L}\d])|\d{1,5}(?![\p{L}\d]))/iu;

/** A status with its counts, dates and odometer is shorter; every end of a line is tried as one. */
const LONGEST = 200;

/**
 * The statuses of a stretch of text that is nothing but a status: "stored, pending", "Status: Present  Count: 12".
 *
 * @param text a cell, a bracket, a line
 * @returns the statuses, at least one; undefined as soon as any other word stands in it ("circuit current above
 *   threshold" is a wording)
 * @example statusOf('not present at time of request') // ['history']
 */
export function statusOf(text: string): CodeStatus[] | undefined {
  let rest = text.trim();
  if (rest.length > LONGEST) return undefined;
  const found = new Set<CodeStatus>();
  while (rest !== '') {
    const phrase = longestAtStart(rest);
    if (phrase) found.add(phrase.status);
    const length = phrase?.length ?? BESIDE.exec(rest)?.[0].length ?? 0;
    if (length === 0) return undefined;
    rest = rest.slice(length).trimStart();
  }
  return found.size ? [...found] : undefined;
}

function longestAtStart(text: string): { status: CodeStatus; length: number } | undefined {
  let best: { status: CodeStatus; length: number } | undefined;
  for (const [pattern, status] of AT_START) {
    const length = pattern.exec(text)?.[0].length ?? 0;
    if (length > (best?.length ?? 0)) best = { status, length };
  }
  return best;
}

/** A wording with the status that stands at one of its ends. */
export interface Parted {
  text: string;
  statuses: CodeStatus[];
  /** How the two are parted: by a mark, or by nothing but a blank. */
  by: 'mark' | 'blank';
  /** The status ends the text, so that the wording goes no further. */
  ends: boolean;
}

const BRACKET_END = /^(.*?)[\s.]*[([{]([^()[\]{}]{2,60})[)\]}]\s*$/u;
const BRACKET_START = /^\s*[([{]([^()[\]{}]{2,60})[)\]}]\s*[-–:]?\s*(.*)$/u;
const MARKS = /\s*(?:\t|\s{2,}|\s?\.{2,}\s?|\s[-–—|/]\s|[;|]|,\s|:\s)\s*/gu;

/** Cells of a stretch of text, and the marks between them. */
const CELLS = /(\s{2,}|\t|\s?\|\s?|;)/u;

/** A status that is a cell of its own between others: `P0171  active  System too lean`. */
function statusCell(text: string): Parted | undefined {
  const parts = text.split(CELLS);
  const at = parts.findIndex((p, k) => k % 2 === 0 && statusOf(p) !== undefined);
  if (at < 0) return undefined;
  const statuses = statusOf(parts[at]!)!;
  const after = parts.slice(at + 1).join('');
  const ends = !/\p{L}{2}/u.test(after);
  return { text: [...parts.slice(0, at), after].join(''), statuses, by: 'mark', ends };
}

/**
 * Parts a wording from a status before or behind it.
 *
 * @param text what stands beside a code
 * @returns undefined where no end of it is a status
 * @example partStatus('System too lean (stored)') // { text: 'System too lean', statuses: ['stored'], by: 'mark', ends: true }
 */
export function partStatus(text: string): Parted | undefined {
  const whole = statusOf(text);
  if (whole) return { text: '', statuses: whole, by: 'mark', ends: true };
  const byte = STATUS_BYTE.exec(text);
  if (byte) {
    const statuses = statusOfByte(parseInt(byte[1]!, 16));
    return { text: text.slice(0, byte.index), statuses, by: 'mark', ends: true };
  }
  const cell = statusCell(text);
  if (cell && /\p{L}/u.test(cell.text)) return cell;
  const end = BRACKET_END.exec(text);
  const inEnd = end && statusOf(end[2]!);
  if (inEnd) return { text: end[1]!, statuses: inEnd, by: 'mark', ends: true };
  const start = BRACKET_START.exec(text);
  const inStart = start && statusOf(start[1]!);
  if (inStart) return { text: start[2]!, statuses: inStart, by: 'mark', ends: false };
  const marks = [...text.matchAll(MARKS)].map((m) => ({ at: m.index, end: m.index + m[0].length }));
  for (const m of marks) {
    const after = statusOf(text.slice(m.end));
    if (after) return { text: text.slice(0, m.at), statuses: after, by: 'mark', ends: true };
  }
  for (const m of marks.toReversed()) {
    const before = statusOf(text.slice(0, m.at));
    if (before) return { text: text.slice(m.end), statuses: before, by: 'mark', ends: false };
  }
  return statusAtEnd(text) ?? statusAtStart(text);
}

/** The byte itself, with its name: `Status 0x2F`. */
const STATUS_BYTE = /\bstatus(?: byte)?\s?[:=]?\s?(?:0x|\$)([0-9A-F]{2})\s*$/iu;
/** The same without its sign: `Status 2F`. A number alone may be a count; one with a letter in it is a byte. */
const UNSIGNED_BYTE = /\bstatus(?: byte)?\s?[:=]?\s?(?=[A-F]?\d)([0-9A-F]{2})\s*$/iu;

/**
 * Whether a report prints status bytes without a sign before them: every number behind "Status" has two signs, and one
 * of them is a letter.
 *
 * @param lines of the report
 * @returns true where they do
 * @example printsBareBytes(['Misfire  Status 2F', 'Lean  Status 28']) // true
 */
export function printsBareBytes(lines: readonly string[]): boolean {
  const behind = lines.flatMap(
    (l) => /\bstatus(?: byte)?\s?[:=]?\s?([0-9A-F]{1,8})\s*$/iu.exec(l)?.[1] ?? [],
  );
  return behind.some((b) => /[A-F]/u.test(b)) && behind.every((b) => b.length === 2);
}

/**
 * A status byte without its sign at the end of what stands beside a code, in a report that prints them so.
 *
 * @param text what stands beside a code
 * @returns the text before it and its statuses, or undefined
 * @example bareByteAtEnd('Misfire  Status 2F') // { text: 'Misfire  ', statuses: ['active', 'pending', 'stored'] }
 */
export function bareByteAtEnd(text: string): { text: string; statuses: CodeStatus[] } | undefined {
  const m = UNSIGNED_BYTE.exec(text);
  return m ? { text: text.slice(0, m.index), statuses: statusOfByte(parseInt(m[1]!, 16)) } : undefined;
}

/** The longest phrase that ends the text, with only a blank before it. */
function statusAtEnd(text: string): Parted | undefined {
  const trimmed = text.trimEnd();
  const starts = [...trimmed.matchAll(/(?:^|\s)(?=\S)/gu)].map((m) => m.index + m[0].length).slice(-7);
  for (const at of starts) {
    const tail = trimmed.slice(at);
    const phrase = longestAtStart(tail);
    // One phrase alone: of "key not present stored" only the last word is the status.
    if (!phrase || tail.slice(phrase.length).replace(/[\s.x×\d]+$/u, '') !== '') continue;
    // "Random misfire detected" is a wording to its end.
    if (at === 0 || /^(?:detected|memory)$/iu.test(tail)) return undefined;
    return { text: trimmed.slice(0, at), statuses: [phrase.status], by: 'blank', ends: true };
  }
  return undefined;
}

/** Counts, dates and status bytes that a tool prints between a code and its status. */
const NUMBERS = /^(?:\s*(?:0x[0-9a-f]{2}|\d{1,2}[./-]\d{1,2}[./-]\d{2,4}|\d{1,4}[x×]?)(?=\s))+/iu;

function statusAtStart(text: string): Parted | undefined {
  const trimmed = text.replace(NUMBERS, '').trimStart();
  const phrase = longestAtStart(trimmed);
  const rest = phrase && trimmed.slice(phrase.length);
  return phrase && /^\s+\S/u.test(rest!)
    ? { text: rest!.trimStart(), statuses: [phrase.status], by: 'blank', ends: false }
    : undefined;
}

/** Whether the text ends in words that are a status wherever they stand. */
export const endsSafely = (text: string): boolean => SAFE.test(text.trimEnd());

/** Statuses that only a fault memory has; "present" and "not active" are said of switches and of equipment too. */
const OF_A_MEMORY: ReadonlySet<CodeStatus> = new Set(['stored', 'pending', 'permanent', 'intermittent']);
/**
 * Whether one of the statuses is said of nothing but faults.
 *
 * @param statuses as they were read
 * @returns true where one of them is
 * @example isOfAMemory(['active']) // false
 */
export const isOfAMemory = (statuses: readonly CodeStatus[]): boolean =>
  statuses.some((s) => OF_A_MEMORY.has(s));

/**
 * Statuses of a status byte.
 *
 * @param byte 0 to 255; ISO 14229-1, table D.2: bit 0 test failed, 2 pending, 3 confirmed, 4 not completed since clear
 * @example statusOfByte(0x2f) // ['active', 'pending', 'stored']
 */
export function statusOfByte(byte: number): CodeStatus[] {
  const bits: [number, CodeStatus][] = [
    [0x01, 'active'],
    [0x04, 'pending'],
    [0x08, 'stored'],
    [0x10, 'not run'],
  ];
  return bits.flatMap(([bit, status]) => (byte & bit ? [status] : []));
}
