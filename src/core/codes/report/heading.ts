import { CLEARED_TITLE, isFaultTitle, isTitle, labelOf } from './labels';
import { isName, namedOutcome, outcomeOf, SWITCHED } from './outcome';
import { findCodes, OWN_BEFORE } from './place';
import type { Reading } from './reading';
import { isValue, valueOf } from './value';
import type { Line } from './split';
import { partStatus, statusOf } from './status';
import { leadOf, statusBefore, type Survey } from './survey';

/** Words that by themselves name a controller; only where the place does not tell. Common practice, no source. */
const CONTROLLER =
  /\b(?:modules?|control unit|controllers?|ecu|ecm|pcm|tcm|tcu|bcm|abs|esp|srs|airbag|hvac|ipc|cluster|gateway|immobili[sz]er|steering|eps|engine|transmission|trans|gearbox|body|brakes?|restraints?|instruments?|climate|parking|door|seat|radio|telematics|radar|camera|tipm|tpms|obc|bms|dc-?dc|suspension|hybrid|battery management|inverter|charger|\p{L}*elektronik|\p{L}*steuergerät|getriebe|bremse\p{L}*|calculateur|moteur|motor\p{L}*|centralita|centralina|motore|cambio|freni)\b/iu;
/**
 * Whether a text names a control module by one of the trade's words for them.
 *
 * @param text a line or a cell
 * @returns true where it does
 */
export const namesController = (text: string): boolean => CONTROLLER.test(text);

const FURNITURE =
  /^(?:-+\s*)?(?:page|seite|página|pagina|blad)\s+\d+\s+(?:of|von|de|di|van|sur|\/)\s+\d+\b|\bpage \d+ of \d+\b|\bseite \d+ von \d+\b/iu;
/** Words of sentences, and of what stands around a report. */
const SENTENCE =
  /\b(?:is|are|was|were|has|have|found|please|thanks?|see|only|your|my|this|these|possible|causes?|severity|advice|order|invoice|job|customer|technician|page|printed|legend|total)\b/iu;
const DECORATED = /^(?:[=#*]{1,}\s*\S.*|\[[^\]]+\]|.*:)$/u;

/** Whether a fault begins in this line. */
export function beginsFault(line: Line, survey: Survey): boolean {
  if (survey.own.has(line.n)) return true;
  const [found] = findCodes(line.text);
  if (!found) return false;
  const lead = leadOf(line.text.slice(0, found.at));
  if (lead === '' || OWN_BEFORE.test(lead) || statusBefore(lead) !== undefined) return true;
  if (survey.brackets === 'wording' && /[([]$/u.test(lead)) return true;
  return survey.codeLast && /^[\s)\].]*$/u.test(line.text.slice(found.end));
}

/** "Scan result: Door": the name is what comes behind. */
export const SCAN_OF =
  /^(?:scan|test|read-?out)(?:\s(?:results?|report))?(?:\s(?:of|for))?\s*[:–-]\s*(?=\p{L})/iu;
/** "Fault 1 of 2": faults are counted through; none of none is an outcome. */
const COUNTER =
  /^(?:fault|dtc|code|error|fehler|défaut|avería|errore|storing)\s+#?[1-9]\d?\s*(?:of|von|de|di|van|\/)\s*\d{1,3}$/iu;
/**
 * Whether a line only counts through the faults: "Fault 1 of 2".
 *
 * @param text a line
 * @returns true for the count through faults, false for none of none
 * @example isCounter('Fault 1 of 2') // true
 */
export const isCounter = (text: string): boolean => COUNTER.test(text);

/** The next line that is no page footer and says nothing of the part's number or software. */
function nextOf(lines: readonly Line[], i: number): Line | undefined {
  for (let k = i + 1; k < lines.length; k++) {
    const { text } = lines[k]!;
    const label = (/^([^:=\t]{2,30}?)\s*[:=\t]/u.exec(text) ?? IDENTIFIES.exec(text))?.[1];
    const about = label === undefined ? undefined : labelOf(label);
    if (
      !FURNITURE.test(text) &&
      !isCounter(text) &&
      about !== 'skip' &&
      about !== 'detail' &&
      about !== 'date'
    )
      return lines[k];
  }
  return undefined;
}

/** What identifies a module stands without a colon too: "Software 0040  Hardware H14". */
const IDENTIFIES =
  /^(part no\.?|part number|software|hardware|coding|serial no\.?|version|teilenummer|sw|hw)\s+(?=\S*\d)/iu;

/** What a shop's tool thinks of a code is no wording of it. */
const ADVICE =
  /^(?:(?:most )?(?:likely|possible|probable|common)|suggested|recommended|typical)\s+(?:fix(?:es)?|causes?|repairs?|solutions?|actions?|checks?)\b/iu;

/** The fault above already has its status, or the report has none to wait for. */
function complete(r: Reading, survey: Survey): boolean {
  const entry = r.entries.at(-1);
  if (!entry || entry.settled || (entry.statuses.length && !entry.statusFirst)) return true;
  const parted = partStatus(entry.body);
  return parted !== undefined && parted.ends && (parted.by === 'mark' || survey.bareStatus);
}

/** The fault above has its status before its wording, or in the middle of its line. */
function statusAhead(r: Reading, survey: Survey): boolean {
  const entry = r.entries.at(-1)!;
  const parted = partStatus(entry.body);
  return (
    entry.statusFirst || (parted !== undefined && !parted.ends && (parted.by === 'mark' || survey.bareStatus))
  );
}

/** The fault above has no wording yet, in a report whose faults have one. */
function wordless(r: Reading, survey: Survey): boolean {
  const { body } = r.entries.at(-1)!;
  return survey.hasWording && !/\p{L}{2}/u.test(partStatus(`${body} .x`)?.text.replace(/\.x$/u, '') ?? body);
}

/** A word at the end of a line that belongs to the first of the next: "… not", "… no longer". */
const NEGATION = /(?:^|[\s([])(?:not|no|longer|currently|nicht|mehr|momentan|non|pas|niet|en|in)$/iu;

/** Whether a wording breaks off in the middle of a status. */
export const breaksOff = (body: string): boolean => NEGATION.test(body);

/** Nothing that is longer is the wording of one fault. */
const LONGEST_WORDING = 1500;

/** Whether a line goes on with the wording of the fault above it. */
export function continues(r: Reading, lines: readonly Line[], i: number, survey: Survey): boolean {
  const entry = r.entries.at(-1);
  const line = lines[i]!;
  const before = lines[i - 1];
  if (!entry || entry.settled || r.list !== '' || !before || entry.lines.at(-1) !== before.n) return false;
  if (FURNITURE.test(line.text) || (DECORATED.test(line.text) && !/\)$/u.test(line.text))) return false;
  if (ADVICE.test(line.text)) return false;
  // A module with what it gave: "Airbag - could not talk to it".
  if (
    namedOutcome(line.text, false) &&
    (namesController(line.text) || /^\p{Lu}{2,5}\s*[:–-]\s/u.test(line.text))
  )
    return false;
  // What is said of another code is no wording of this one.
  if (findCodes(line.text).length > 0) return false;
  const body = entry.body;
  if (body.length > LONGEST_WORDING) return false;
  const unbalanced =
    (body.match(/[([]/g)?.length ?? 0) > (body.match(/[)\]]/g)?.length ?? 0) ||
    (body.match(/"/g)?.length ?? 0) % 2 === 1;
  if (unbalanced && line.text.length < 90) return true;
  const next = nextOf(lines, i);
  const follows = next && (beginsFault(next, survey) || outcomeOf(next.text));
  if (wordless(r, survey) && /\p{L}{3}/u.test(line.text))
    return !(follows && namesController(line.text) && line.text.split(/\s+/u).length <= 2);
  if (complete(r, survey)) return false;
  // The maker's number and its wording stand above, the standard's code comes next.
  if (survey.own.has(entry.lines[0]!) && next && findCodes(next.text).length) return true;
  if (statusAhead(r, survey))
    return (
      (/^\p{Ll}/u.test(line.text) && !namesController(line.text)) ||
      (before.raw.trimEnd().length >= 45 && !follows)
    );
  if (breaksOff(body)) return true;
  if (/[.!?]$/u.test(line.text) && line.text.split(/\s+/u).length > 8) return false;
  // A wording of its own where only the code stood so far: "16683", then its words.
  if (!/\p{L}{2}/u.test(body))
    return /\p{L}{3}/u.test(line.text) && !(next && beginsFault(next, survey) && namesController(line.text));
  if (!survey.hasStatus) return /^\p{Ll}/u.test(line.text) && line.text.split(/\s+/u).length <= 12;
  if (next && statusOf(next.text) && !namedOutcome(line.text, survey.bareCounts)) return true;
  if (/^\p{Ll}/u.test(line.text)) return true;
  const parted = partStatus(line.text);
  if (
    parted &&
    (parted.by === 'mark' || survey.bareStatus) &&
    !(next && beginsFault(next, survey) && namesController(line.text))
  )
    return true;
  return before.raw.trimEnd().length >= 50 && !follows && line.text.split(/\s+/u).length <= 6;
}

/** Where wordings stand above their codes, the name of a controller above a wording is a heading. */
function overWordings(r: Reading, lines: readonly Line[], i: number, survey: Survey): boolean {
  const [name, next, coded] = [lines[i]!.text, lines[i + 1], lines[i + 2]];
  if (!survey.textAbove || !next || !coded || r.above !== '') return false;
  return (
    namesController(name) &&
    name.split(/\s+/u).length <= 3 &&
    !namesController(next.text) &&
    findCodes(next.text).length === 0 &&
    beginsFault(coded, survey)
  );
}

/**
 * Whether a line that was not understood may have been a heading: a short name at the left of what stands under the
 * open one. Faults below it are not said to be the open module's.
 *
 * @param line one that was not understood
 * @param indentOfOpen how far the heading of the open module is from the left
 * @returns true where it may have been one
 */
export const mayBeHeading = (line: Line, indentOfOpen: number): boolean =>
  line.indent <= indentOfOpen &&
  /^[\p{Lu}\d[(=*#]/u.test(line.text) &&
  isName(line.text) &&
  line.text.split(/\s+/u).length <= 6 &&
  line.cells.filter((c) => c !== '').length <= 2 &&
  !IDENTIFIES.test(line.text) &&
  !/[.,]$|\d{1,4}[-/.]\d{1,2}[-/.]\d{2,4}/u.test(line.text) &&
  !FURNITURE.test(line.text);

const beginsGroup = ({ text }: Line): boolean => isTitle(text) && isFaultTitle(text);

function beginsWordFault({ text }: Line, survey: Survey): boolean {
  const parted = survey.wordFaults ? partStatus(text) : undefined;
  return parted?.by === 'mark' && parted.ends && /\p{L}{3}/u.test(parted.text);
}

/** Whether a line is the heading of a module: by what follows it. */
export function isHeading(r: Reading, lines: readonly Line[], i: number, survey: Survey): boolean {
  // "MIL: ON   DTC count: 2".
  if (SWITCHED.test(lines[i]!.text)) return false;
  const line = lines[i]!;
  const { text } = line;
  if (!isName(text) || FURNITURE.test(text) || labelOf(text) !== undefined || isValue(text)) return false;
  if (isTitle(text) || CLEARED_TITLE.test(text) || valueOf(line.cells, false)) return false;
  if (/[.!?]$/u.test(text) || line.cells.filter((c) => c !== '').length > 2 || /["“”]/u.test(text))
    return false;
  if (/\d{1,4}[-/.]\d{1,2}[-/.]\d{2,4}|\.{4,}|\p{L}\s*[:=]\s*[+\-−]?\d/u.test(text)) return false;
  if (SENTENCE.test(text) && !DECORATED.test(text)) return false;
  // "Source: workshop tool" says something under a label; a module's label was known before.
  if (/^\p{L}[\p{L} ]{1,30}:\s+\p{L}/u.test(text) && !SCAN_OF.test(text)) return false;
  // The rest of a wording with its status behind it.
  const rest = partStatus(text);
  if (/^(?:\.{2,}|…)/u.test(text) || (rest?.ends && rest.by === 'mark' && rest.text.trim() !== ''))
    return false;
  // Longer ones, and ones with a comma, are sentences unless something is drawn around them.
  const words = text.split(/\s+/u).length;
  if (!DECORATED.test(text) && (words > 6 || (words > 4 && text.includes(',')))) return false;
  const below = nextOf(lines, i);
  if (
    survey.textAbove &&
    !DECORATED.test(text) &&
    !(namesController(text) && words <= 3) &&
    !(below && outcomeOf(below.text))
  )
    return false;
  // A module in brackets with a status behind it is the end of a wrapped line, and no heading.
  const behind = /^[[(][^\])]*[\])]\s+(.+)$/u.exec(text)?.[1];
  if (behind !== undefined && statusOf(behind)) return false;
  const next = nextOf(lines, i);
  const said = next && outcomeOf(next.text);
  if (next && (beginsFault(next, survey) || said)) return true;
  // Over a title of its faults, or over faults in words, only what is called a controller is a module.
  if (next && namesController(text) && (beginsGroup(next) || beginsWordFault(next, survey))) return true;
  // Where wordings stand above their codes, a marked line over a wording is a heading.
  if (
    next &&
    survey.textAbove &&
    /^[#=[]/u.test(text) &&
    DECORATED.test(text) &&
    !DECORATED.test(next.text)
  ) {
    const after = nextOf(lines, lines.indexOf(next));
    if (after && findCodes(after.text).length > 0) return true;
  }
  if (overWordings(r, lines, i, survey)) return true;
  // A second line of the heading, or a module whose faults follow in words of their own.
  return DECORATED.test(text) && /^[[#=]/u.test(text) && namesController(text);
}
