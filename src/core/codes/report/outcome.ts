/** What a report says of a whole module: how many faults, none, or that it did not answer. */
export type Outcome = { kind: 'count'; count: number } | { kind: 'none' } | { kind: 'silent' };

/** Words for faults, by language. Common practice, no source. */
const FAULT =
  '(?:fault|trouble|error|diagnostic|stored|dtc|active(?: (?:or|and) (?:previously active|inactive|stored))?)?\\s?(?:codes?|entr(?:y|ies)|records?|faults?|dtcs?|errors?|troubles?|fehler(?:codes?|eintrag|einträge|speichereinträge)?|eintr(?:ag|äge)|défauts?|codes? défaut|averías?|fallos?|códigos?|errori|errore|guast[oi]|codic[ei]|storing(?:en)?|fout(?:en|codes?)?|problems?|issues?|avarias?|erros?|błęd(?:ów|y)|felkod(?:er)?|fel)';
const TAIL =
  '(?:\\s+(?:codes?|found|stored|present|detected|recorded|set|in memory|gespeichert|vorhanden|gefunden|hinterlegt|trouvés?|présents?|détectés?|mémorisés?|enregistrés?|almacenad[oa]s?|memorizad[oa]s?|memorizzat[oi]|encontrad[oa]s|memorizzati|rilevati|gevonden|opgeslagen))*';

const PATTERNS: readonly [RegExp, Outcome['kind']][] = [
  [
    new RegExp(
      `^(?:no|without|zero|keine?|ohne|aucune?|pas de|sans|sin|ningún|ninguna|nessuna?|geen|sem|brak|inga)\\s+${FAULT}${TAIL}$`,
      'iu',
    ),
    'none',
  ],
  [
    /^(?:ok|okay|pass(?:ed)?|clean|no fault found|no (?:fault|code|error|dtc)s? (?:is |are )?saved|nothing (?:stored|found|saved|there)|none|(?:free of|without) (?:faults?|codes?|errors?)|(?:fault|error|code)[- ]free|there are no (?:faults?|codes?|errors?)|i\.?\s?o\.?|in ordnung|fehlerfrei|rien à signaler|correcto|conforme|in orde)$/iu,
    'none',
  ],
  [
    /^no (?:response|communication|answer|reply|comms?|contact|connection)(?: (?:from|with) (?:the )?(?:module|ecu|unit|control unit|controller))?$/iu,
    'silent',
  ],
  [
    /^(?:(?:does|did) ?(?:not|n['’]?t)|(?:wo|ca)n['’]?t|will not|gives? no) (?:respond|answer|reply|communicate|talk|response|communication)$|^(?:is )?not (?:responding|reachable|answering|communicating|talking)$/iu,
    'silent',
  ],
  [
    /^(?:(?:could|can|was|were|would|will|did) ?(?:not|n['’]?t)|unable to|failed to|not able to)(?: able to)? (?:be )?(?:talk|connect(?:ed)?|communicate|reach(?:ed)?|respond)(?: (?:to|with))?(?: (?:it|this|that|the (?:module|unit|ecu|controller)))?$/iu,
    'silent',
  ],
  [
    /^(?:offline|unreachable|not reached|silent|time-?out|timed out|comm(?:unication|s)?\.? (?:lost|time-?out|error|failed|failure|fault|not possible)|no link)$/iu,
    'silent',
  ],
  [
    /^(?:keine (?:antwort|kommunikation|verbindung|rückmeldung)|nicht erreichbar|antwortet nicht|meldet sich nicht)$/iu,
    'silent',
  ],
  [/^(?:pas de (?:réponse|communication)|aucune réponse|ne répond pas|injoignable)$/iu, 'silent'],
  [/^(?:sin (?:respuesta|comunicación)|no responde|no comunica)$/iu, 'silent'],
  [/^(?:nessuna (?:risposta|comunicazione)|non risponde|non comunica)$/iu, 'silent'],
  [/^(?:geen (?:antwoord|communicatie|reactie)|reageert niet|antwoordt niet|niet bereikbaar)$/iu, 'silent'],
];
/** It has faults; how many is not said. */
const FAILS = /^(?:fail(?:ed)?|faulty|nok|not ok|n\.?\s?i\.?\s?o\.?|nicht i\.?\s?o\.?)$/iu;
const COUNTED = new RegExp(`^(\\d{1,3})\\s+${FAULT}${TAIL}$`, 'iu');
const FAULT_ALONE = new RegExp(`^${FAULT}$`, 'iu');

/**
 * The outcome that a stretch of text is, and nothing else.
 *
 * @param text what stands behind a module's name, or on a line of its own; two languages may be parted by a stroke
 * @returns undefined as soon as any other word stands in it
 * @example outcomeOf('keine Fehler / no faults') // { kind: 'none' }
 */
export function outcomeOf(text: string): Outcome | undefined {
  return oneOutcome(text) ?? summed(text);
}

/** "1 fault present, 1 fault stored": each part says how many. */
function summed(text: string): Outcome | undefined {
  const parts = text.split(/,\s+|\s+(?:and|und|et|y|e|en)\s+/iu);
  if (parts.length < 2 || parts.length > 4) return undefined;
  let count = 0;
  for (const part of parts) {
    const one = oneOutcome(part);
    if (!one || one.kind === 'silent') return undefined;
    if (one.kind === 'count') count += one.count;
  }
  return count === 0 ? { kind: 'none' } : { kind: 'count', count };
}

function oneOutcome(text: string): Outcome | undefined {
  const parts = text
    .replace(/^[\s"'([:.–—-]+|[\s"')\].:;!–—-]+$/gu, (m) => (/^i\.?\s?o\.?$/i.test(text.trim()) ? m : ''))
    .split(/\s+\/\s+/u);
  let found: Outcome | undefined;
  for (const part of parts.map((p) => p.trim())) {
    const one = single(part);
    if (!one && !(found && FAULT_ALONE.test(part))) return undefined;
    found ??= one;
  }
  return found;
}

/** The module itself as the subject: "Steuergerät antwortet nicht". */
const SUBJECT =
  /^(?:(?:the )?(?:control )?(?:unit|module)|controller|ecu|steuergerät|calculateur|centralita|centralina|regeleenheid)\s+/iu;
/** "Fault 0 of 0": where faults are counted through. */
const NONE_OF_NONE = /^\p{L}+\s+0\s*(?:of|von|de|di|van|\/)\s*0$/iu;

function single(text: string): Outcome | undefined {
  const subject = SUBJECT.exec(text);
  if (subject) {
    const said = single(text.slice(subject[0].length));
    if (said?.kind === 'silent') return said;
  }
  if (NONE_OF_NONE.test(text)) return { kind: 'none' };
  const counted = COUNTED.exec(text);
  if (counted) {
    const count = Number(counted[1]);
    return count === 0 ? { kind: 'none' } : { kind: 'count', count };
  }
  if (FAILS.test(text)) return { kind: 'count', count: 1 };
  const kind = PATTERNS.find(([pattern]) => pattern.test(text))?.[1];
  return kind === undefined || kind === 'count' ? undefined : { kind };
}

/** A date is in it: the title of a report, not a module. */
const DATED = /\d{1,4}[-/.]\d{1,2}[-/.]\d{2,4}/u;
const PARTED = /\s*(?:\.{2,}|\?\s|\s[-–—|/]\s|:\s?|\t|\s{2,}|,\s|(?=[([]))\s*/gu;

/** A column between the name and the count that says the same in a word. */
const STATE_COLUMN = /\s\s(?:ok|okay|pass(?:ed)?|faults?|faulty|fail(?:ed)?|errors?|dtcs?)$/iu;
/** "MIL: ON   DTC count": a label with its value is no name. */
export const SWITCHED = /:\s*(?:on|off|yes|no)\b/iu;

/**
 * A module's name with the outcome behind it: "ABS: no response", "[FCM] front camera - 3 faults", "Engine 2 codes",
 * "Gearbox .... 1", "Door (0)".
 *
 * @param line one line
 * @param bare whether a number alone is a count in this report
 * @returns name and outcome, or undefined where the line is something else
 */
export function namedOutcome(line: string, bare: boolean): { name: string; outcome: Outcome } | undefined {
  for (const m of line.matchAll(PARTED)) {
    const name = line.slice(0, m.index).trim().replace(STATE_COLUMN, '').trim();
    if (!isName(name) || SWITCHED.test(name) || DATED.test(name)) continue;
    // A remark in brackets takes nothing back: "no faults (cleared 12 km ago)".
    const rest = line
      .slice(m.index + m[0].length)
      .trim()
      .replace(/(?<=\p{L})\s*\([^()]{3,60}\)$/u, '');
    const outcome = outcomeOf(rest) ?? (bare ? countOf(rest) : undefined);
    if (outcome) return { name, outcome };
  }
  // "Engine 2 codes", "Airbag no response": only a blank between.
  const words = line.trim().split(/\s+/u);
  for (let k = 1; k < words.length && k < 7; k++) {
    const name = words.slice(0, k).join(' ');
    const outcome = outcomeOf(words.slice(k).join(' '));
    if (outcome && isName(name) && outcomeOf(name) === undefined) return { name, outcome };
  }
  return undefined;
}

/** A number alone behind a module's name, in brackets or not. */
export function countOf(text: string): Outcome | undefined {
  const m = /^[([]?\s*(\d{1,2})\s*[)\]]?$/u.exec(text.trim());
  if (!m) return undefined;
  const count = Number(m[1]);
  return count === 0 ? { kind: 'none' } : { kind: 'count', count };
}

/** Whether words can be a module's name at all: short, with a letter, no sentence. */
export function isName(text: string): boolean {
  const t = text.trim().replace(/^\d{1,2}[.)]\s+/u, '');
  return (
    t.length >= 2 &&
    t.length <= 70 &&
    /\p{L}/u.test(t) &&
    t.split(/\s+/u).length <= 8 &&
    !/[?!;]|\. \p{Lu}|^(?:the )?(?:rest|others?|remaining)(?:$|\s)|^(?:all|every|each|alle|tous|toutes|todos|tutti)\s/iu.test(
      t,
    )
  );
}
