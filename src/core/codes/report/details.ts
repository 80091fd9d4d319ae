import type { Line } from './split';
import { labelOf } from './labels';
import type { ScanReport } from './types';

/** A label with its value: `Battery: 12.4 V`, `Odometer = 84 120 km`, tab-separated too. */
const LABELLED = /^\s*([^:=\t]{2,60}?)\s*[:=\t]\s*(.+)$/u;

/** A label and its value, where a line is that. */
export function labelled(text: string): { label: string; value: string } | undefined {
  const m = LABELLED.exec(text);
  return m ? { label: m[1]!.trim(), value: m[2]!.trim() } : undefined;
}

const DATE =
  /\b(?:\d{4}[-/.]\d{1,2}[-/.]\d{1,2}|\d{1,2}[-/.]\d{1,2}[-/.]\d{2,4})(?:(?:[ T,]|\sat\s|\sum\s){1,4}\d{1,2}:\d{2}(?::\d{2})?(?:\s?[ap]m)?)?/iu;

/** `Battery 12.4 V`, `Odometer 84,200 km`: the few labels that need no colon where nothing else is in the line. */
function withoutColon(text: string): { label: string; value: string } | undefined {
  const battery =
    /^(battery(?: voltage)?|batterie(?:spannung)?|bordspannung|accu(?:spanning)?)\s{1,8}(\d{1,2}(?:[.,]\d{1,2})?\s?v)$/iu;
  const distance =
    /^(odometer|mileage|km[- ]?stand|kilometerstand|laufleistung)\s{1,8}(\d[\d.,']{2,9}(?:\s?(?:km|mi|miles))?)$/iu;
  const m = battery.exec(text.trim()) ?? distance.exec(text.trim());
  return m ? { label: m[1]!, value: m[2]! } : undefined;
}

/**
 * What a line says of the vehicle or the report as a whole: battery, odometer, tool, key, engine, date.
 *
 * @param line one line
 * @param out the report; what was understood is put there
 * @param listed whether the line stands in a list of values, where a name needs its colon to be more than one of them
 * @returns whether the line was that
 */
export function takeVehicle(line: Line, out: ScanReport, listed = false): boolean {
  const m = labelled(line.text) ?? (listed ? undefined : withoutColon(line.text));
  const label = (m?.label ?? '').toLowerCase();
  const value = m?.value ?? '';
  const state = /^(?:on|off|run(?:ning)?|start|stopped|idle|ein|aus|läuft|steht|engine|key|koeo|koer)\b/iu;
  if (
    /^(?:battery|battery voltage|supply voltage|system voltage|bordspannung|batterie(?:spannung)?|tension batterie|batería|tensione batteria|accu(?:spanning)?)$/u.test(
      label,
    ) &&
    /^\d+(?:[.,]\d+)?\s*v(?:olts?)?\b/iu.test(value)
  ) {
    if (out.battery !== '') return false;
    out.battery = value;
    // A name of more than one word is one of a list of values.
    if (!/^(?:battery|batterie|batería|accu)$/u.test(label))
      out.live.push({ name: m!.label, entered: value });
  } else if (
    /^(?:odometer|mileage|kilomet\w*|km[- ]?stand|laufleistung|kilométrage|kilometraje|chilometraggio|kilometerstand)$/u.test(
      label,
    ) &&
    /\d/.test(value)
  ) {
    out.odometer = value;
  } else if (
    /^(?:tool|scan tool|device|tester|scanner|diagnostic tool|gerät|diagnosegerät|appareil|equipo|strumento)$/u.test(
      label,
    )
  ) {
    out.tool = value;
  } else if (
    /^(?:key|ignition|zündung|contact|contacto|quadro|contactslot)$/u.test(label) &&
    state.test(value)
  ) {
    out.key = /\boff\b|\baus\b/iu.test(value) && !/\bon\b|\bein\b/iu.test(value) ? 'off' : 'on';
    if (/engine off|koeo|motor aus/iu.test(value)) out.engine = 'off';
    if (/running|koer|motor läuft/iu.test(value)) out.engine = 'running';
  } else if (/^engine(?: state)?$/u.test(label) && /^(?:off|running|stopped)\b/iu.test(value)) {
    out.engine = /running/iu.test(value) ? 'running' : 'off';
  } else if (/^(?:key on,? engine off|koeo)$/iu.test(line.text)) {
    out.key = 'on';
    out.engine = 'off';
  } else if (/^(?:key on,? engine running|engine running|koer)$/iu.test(line.text)) {
    out.key = 'on';
    out.engine = 'running';
  } else if (labelOf(label) === 'date' && DATE.test(value)) {
    out.made = DATE.exec(value)![0];
  } else if (labelOf(label) === 'skip' || /^vin\b/u.test(label)) {
    return true;
  } else return false;
  return true;
}

/** A line with a date and nothing beside it but words for one: the report says when it was made. */
export const isDateAlone = (text: string): boolean =>
  DATE.test(text) &&
  text
    .replace(DATE, ' ')
    .split(/[\s:,.–-]+/u)
    .every((word) => DATE_WORDS.has(word.toLowerCase()));
const DATE_WORDS = new Set([
  '',
  ...'date datum fecha data printed created made report scan time zeit uhr at on of um vom am pm'.split(' '),
]);

/** The date in the title of a report. */
export function dateIn(text: string): string {
  return DATE.exec(text)?.[0] ?? '';
}

/** How often a fault was seen, where that stands beside its status. */
export const countsIn = (text: string): string[] =>
  [
    ...text.matchAll(
      /\b(?:count(?:er)?|frequency|occurrences?|häufigkeit|zähler|fréquence|frecuencia|frequenza|aantal)\s*[:=]?\s*\d{1,6}/giu,
    ),
  ].map((m) => m[0]);

/** A line that says when and how often a fault was seen; parts of it are labels of that and their values. */
export function isDetail(text: string): boolean {
  const parts = text.split(/\s{2,}|\t|;\s|,\s(?=\p{L})|\s\|\s/u).filter((p) => p.trim() !== '');
  return (
    parts.length > 0 &&
    parts.every((p) => {
      const m = labelled(p);
      if (m) return labelOf(m.label) === 'detail';
      const words = /^([\p{L}\s-]+?)\s+(?:at\s+)?\d[\d.,\s]*(?:km|mi|h|min|x)?$/iu.exec(p.trim());
      return words !== null && labelOf(words[1]!) === 'detail';
    })
  );
}

const MONITOR_STATE =
  /^(.*?)[\s:=.\-–|]+(complete|completed|ready|passed|done|incomplete|not complete|not ready|pending|not supported|n\/a|not available)\s*$/iu;
const MONITOR_NAME =
  /\b(monitor|misfire|fuel system|component|catalyst|evap|evaporative|secondary air|oxygen sensor|o2 sensor|heater|egr|vvt|nmhc|nox|boost pressure|exhaust gas sensor|pm filter|readiness)\b/iu;

/** The heading of a list of readiness monitors. */
export const isReadinessHeading = (text: string): boolean =>
  /readiness|^(?:(?:obd|emissions?|i\/m|on-?board|system|diagnostic|(?:non-?)?continuous|test)\s)*monitors?(?:\s(?:status|state|tests?|results?|list))?\s*:?\s*$/iu.test(
    text,
  ) &&
  !MONITOR_STATE.test(text) &&
  text.length < 60;

function monitorState(word: string): ScanReport['monitors'][number]['state'] {
  if (/not supported|n\/a|not available/u.test(word)) return 'not supported';
  return /^(?:complete|completed|ready|passed|done|ok|rdy|cmpl)$/u.test(word) ? 'complete' : 'incomplete';
}

/** As small tools write it, believed in a list of them alone: "CAT  INC", "FUEL OK". */
const SHORT_STATE = /^([A-Z][A-Z0-9 /]{1,12}?)[\s:=.\-–|]+(ok|inc|incmp|incomp|rdy|cmpl)\s*$/iu;

/** A readiness monitor with its state. */
export function monitorOf(text: string, inList: boolean): ScanReport['monitors'][number] | undefined {
  const m = MONITOR_STATE.exec(text) ?? (inList ? SHORT_STATE.exec(text.trim()) : null);
  if (!m || !(inList || MONITOR_NAME.test(m[1]!))) return undefined;
  const word = m[2]!.toLowerCase();
  return {
    name: m[1]!.replace(/^[\s\-–•*·]+|[\s:.]+$/gu, ''),
    state: monitorState(word),
  };
}
