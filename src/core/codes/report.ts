import type { CodeStatus } from '@/core/case';
import { readCode } from './code';
import { separateCodes } from './codes-in-line';

/** A pasted scan report, understood line by line. */
export interface ScanReport {
  /** `read` is off where the tool broke off before it had read the module. */
  modules: { name: string; answered: boolean; read?: boolean }[];
  /** What the report itself says it read: the whole vehicle, or nothing. */
  scope: '' | 'vehicle' | 'nothing';
  codes: { code: string; text: string; statuses: CodeStatus[]; module: number | null }[];
  freeze: { code: number; name: string; entered: string }[];
  /** Values the vehicle reported at that moment. */
  live: { name: string; entered: string }[];
  monitors: { name: string; state: 'complete' | 'incomplete' | 'not supported' }[];
  battery: string;
  odometer: string;
  tool: string;
  key: '' | 'off' | 'on';
  engine: '' | 'off' | 'running';
  /** Lines that said nothing understood here; kept, never dropped. */
  leftover: string[];
}

/** Status words of scan reports in the languages a shop meets. Common practice, no source. */
const STATUS_WORDS: readonly [RegExp, CodeStatus][] = [
  [/\b(permanent|perm)\b/i, 'permanent'],
  [/\b(pending|not confirmed|anstehend|en attente|pendiente|in attesa)\b/i, 'pending'],
  [/\b(stored|confirmed|saved|gespeichert|memorisé|memorise|almacenado|memorizzato|opgeslagen)\b/i, 'stored'],
  [/\b(active|current|present|aktiv|aktuell|actif|présent|activo|presente|attivo|actueel)\b/i, 'active'],
  [/\b(intermittent|sporadic|sporadisch|intermittente?|fugitif|esporádico)\b/i, 'intermittent'],
  [/\b(history|historic|past|passive|inactive|passiv|historique|histórico|storico)\b/i, 'history'],
  [/\b(not (?:yet )?(?:run|tested|complete[d]?)|test not complete|nicht abgeschlossen)\b/i, 'not run'],
];

const CODE =
  /(?<![A-Za-z0-9])(?:[PCBUpcbu][0-3][0-9A-Fa-f]{3}(?:[-:][0-9A-Fa-f]{2}(?![0-9A-Za-z]))?|SPN\s*[:=]?\s*\d{1,6}[\s,;/-]*FMI\s*[:=]?\s*\d{1,2}|0x[0-9A-Fa-f]{4}(?:[0-9A-Fa-f]{2})?)(?![A-Za-z0-9])/;
const NO_ANSWER =
  /\b(no (?:response|communication|answer|comm)|does not (?:answer|respond)|did not (?:answer|respond)|not responding|offline|unreachable|keine (?:antwort|kommunikation)|pas de (?:réponse|communication)|sin (?:respuesta|comunicación)|nessuna risposta)\b/i;
const NO_CODES =
  /\b(no (?:fault |trouble |stored )?(?:codes?|faults?|dtcs?)(?: (?:found|stored|present))?|0 (?:codes|faults|dtcs)|ok|keine fehler|aucun défaut|sin averías|nessun errore|passed?)\b/i;
/** The tool lost the vehicle: what stands above was read, nothing below. */
const BROKEN =
  /\b(lost (?:the )?connection|connection (?:was )?(?:lost|failed|interrupted)|(?:could|can) ?not be read|not be read|scan (?:was )?(?:aborted|cancell?ed|interrupted|incomplete)|read(?:ing)? (?:error|failed|aborted)|timed? ?out|verbindung (?:unterbrochen|verloren)|abgebrochen|connexion perdue|conexión perdida)\b/i;
/** A report that says of itself that every module was asked. */
const WHOLE =
  /\b(?:(?:whole|entire|complete|full)[- ](?:vehicle|system)s?(?:[- ](?:scan|report|test|readout))?|all (?:systems|modules|control units|controllers)(?: (?:were )?(?:scanned|read|tested))?|gesamtabfrage|alle steuergeräte)\b/i;
const MODULE_WORDS =
  /\b(module|control unit|controller|ecu|ecm|pcm|tcm|tcu|bcm|abs|esp|srs|airbag|hvac|ipc|cluster|gateway|immobili[sz]er|steering|eps|engine|transmission|gearbox|body|brakes?|restraints?|instrument|climate|parking|door|seat|radio|telematics|suspension|hybrid|battery management|inverter|charger|motorelektronik|getriebe|bremse|calculateur|moteur)\b/i;
const LABELLED = /^\s*([^:=\t]{2,60}?)\s*[:=\t]\s*(.+)$/;
const FRAME_VALUE =
  /^\s*[-–•*·>|]*\s*([A-Za-z][^:=\t]{1,60}?)\s*(?:[:=\t]|\s{2,})\s*([+\-−]?\d[\d.,]*\s*(?:%|°?[CF]\b|rpm|1\/min|kPa|km\/h|mph|V|mV|g\/s|kg\/h|bar|mbar|hPa|psi|inHg|s|ms|mg\S*|A|mA|λ|°)?.*)$/;
const MONITOR_STATE =
  /^(.*?)[\s:=.\-–|]+(complete|completed|ready|passed|done|incomplete|not complete|not ready|pending|not supported|n\/a|not available)\s*$/i;
const MONITOR_NAME =
  /\b(monitor|misfire|fuel system|component|catalyst|evap|evaporative|secondary air|oxygen sensor|o2 sensor|heater|egr|vvt|nmhc|nox|boost pressure|exhaust gas sensor|pm filter|readiness)\b/i;

/** A report in which nothing has been read yet. */
export function emptyReport(): ScanReport {
  return {
    modules: [],
    scope: '',
    codes: [],
    freeze: [],
    live: [],
    monitors: [],
    battery: '',
    odometer: '',
    tool: '',
    key: '',
    engine: '',
    leftover: [],
  };
}

/**
 * Reads a scan report pasted as text from any tool: columns, bullets, module headings, statuses in
 * words of several languages. Tolerant on purpose; every line it does not understand is handed back.
 *
 * @param text the report
 * @returns what was understood, with codes in order and the module each stands under
 * @throws never; unreadable text comes back whole in `leftover`
 */
export function readReport(text: string): ScanReport {
  const out = emptyReport();
  let module: number | null = null;
  let inReadiness = false;
  let lastCode: number | null = null;
  let broken = false;
  let whole = false;
  let noneSaid = false;
  /** Modules of which an outcome stands: codes, or that there are none. */
  const settled = new Set<number>();
  const setModule = (name: string, answered: boolean) => {
    const clean = tidy(name);
    const known = out.modules.findIndex((m) => m.name.toLowerCase() === clean.toLowerCase());
    if (known >= 0) module = known;
    else module = out.modules.push({ name: clean, answered }) - 1;
    lastCode = null;
    inReadiness = false;
  };

  const lines = text
    .split(/\r\n|\r|\n/)
    .flatMap((line) =>
      separateCodes(line, CODE, (words) => MODULE_WORDS.test(words) && words.split(/\s+/).length <= 4),
    );
  for (const [n, raw] of lines.entries()) {
    const line = raw.trim();
    if (line === '' || /^[-=_*#~.\s|+]+$/.test(line)) continue;
    const found = CODE.exec(line);
    if (found) {
      const code = readCode(found[0])!;
      const before = line.slice(0, found.index);
      const after = line.slice(found.index + found[0].length);
      const head = tidy(
        before.replace(/\b(dtc|code|fault|fehler|défaut|error)\b\s*#?\d*/gi, '').replace(/^\d+[.)]/, ''),
      );
      if (head.length > 1 && MODULE_WORDS.test(head) && !statusesIn(head).length) setModule(head, true);
      const statuses = statusesIn(before + ' ' + after);
      out.codes.push({ code: code.code, text: describe(after), statuses, module });
      lastCode = out.codes.length - 1;
      inReadiness = false;
      if (module !== null) settled.add(module);
      continue;
    }
    if (BROKEN.test(line)) {
      const name = tidy(line.replace(BROKEN, ''));
      broken = true;
      if (name.length > 1 && MODULE_WORDS.test(name) && name.split(/\s+/).length <= 6) {
        setModule(name, true);
        out.modules[module!]!.read = false;
      } else if (module !== null && !settled.has(module)) out.modules[module]!.read = false;
      out.leftover.push(raw.slice(0, 2000));
      continue;
    }
    if (WHOLE.test(line)) whole = true;
    if (NO_ANSWER.test(line)) {
      setModule(line.replace(NO_ANSWER, '').replace(/\b(module|status)\s*:?$/i, ''), false);
      continue;
    }
    if (meta(line, out)) continue;
    if (/readiness|monitors?\b.*:?\s*$/i.test(line) && !MONITOR_STATE.test(line)) {
      inReadiness = true;
      continue;
    }
    const monitor = MONITOR_STATE.exec(line);
    if (monitor && (inReadiness || MONITOR_NAME.test(monitor[1]!))) {
      out.monitors.push({ name: tidy(monitor[1]!), state: monitorState(monitor[2]!) });
      continue;
    }
    if (/freeze\s*frame|umgebungsbedingungen|données figées/i.test(line)) continue;
    const only = statusesIn(line);
    if (
      lastCode !== null &&
      only.length &&
      /^(status|state|zustand|état|estado)?\s*[:=]?\s*[\p{L}\s,/+-]+$/iu.test(line)
    ) {
      const code = out.codes[lastCode]!;
      code.statuses = [...new Set([...code.statuses, ...only])];
      continue;
    }
    if (NO_CODES.test(line) && line.length < 80) {
      const name = tidy(line.replace(NO_CODES, ''));
      if (name.length > 1 && MODULE_WORDS.test(name)) setModule(name, true);
      if (module !== null) settled.add(module);
      else if (name.length <= 1) noneSaid = true;
      else if (module === null && name.length > 1) out.leftover.push(raw);
      continue;
    }
    const value = FRAME_VALUE.exec(line);
    if (value && lastCode !== null && /\d/.test(value[2]!)) {
      out.freeze.push({ code: lastCode, name: tidy(value[1]!), entered: value[2]!.trim().slice(0, 200) });
      continue;
    }
    if (isHeading(line) || standsOverCodes(line, lines, n)) {
      setModule(line, true);
      continue;
    }
    if (lastCode !== null && out.codes[lastCode]!.text === '' && /^[\p{L}"(]/u.test(line)) {
      out.codes[lastCode]!.text = describe(line);
      continue;
    }
    out.leftover.push(raw.slice(0, 2000));
  }
  if (whole && !broken && (out.codes.length > 0 || noneSaid || settled.size > 0)) out.scope = 'vehicle';
  else if (out.codes.length === 0 && out.modules.length === 0 && !noneSaid) out.scope = 'nothing';
  return out;
}

/** The status words in a stretch of report text. */
function statusesIn(text: string): CodeStatus[] {
  const found: CodeStatus[] = [];
  let rest = text;
  for (const [pattern, status] of STATUS_WORDS) {
    if (pattern.test(rest)) {
      found.push(status);
      rest = rest.replace(pattern, ' ');
    }
  }
  return found;
}

/** A code's own wording without bullets, separators and status words around it. */
function describe(text: string): string {
  const parts = text.split(/\t|\s\|\s?|;|\s{2,}/).map((p) => p.trim());
  const wording = parts.find((p) => tidy(withoutStatuses(p)) !== '') ?? '';
  return tidy(
    wording
      .replace(/^\s*[([]([\p{L}\s,/]+)[)\]]/u, (whole, inner: string) =>
        statusesIn(inner).length ? '' : whole,
      )
      .replace(/[([]\s*(?:status\s*:?\s*)?([\p{L}\s,/]+)[)\]]\s*$/u, (whole, inner: string) =>
        statusesIn(inner).length ? '' : whole,
      )
      .replace(/\s[-–,]\s*([\p{L}]+)\s*$/u, (whole, inner: string) => (statusesIn(inner).length ? '' : whole))
      // A bare last word is the status only when it is hardly ever part of a wording.
      .replace(/\s(stored|pending|permanent|confirmed|history|active|gespeichert|memorisé)$/i, ''),
  ).slice(0, 400);
}

function withoutStatuses(text: string): string {
  return STATUS_WORDS.reduce((rest, [pattern]) => rest.replace(pattern, ' '), text);
}

function tidy(text: string): string {
  return text
    .replace(/^[\s\-–•*·>|:=,;#[\]()]+|[\s\-–•*·>|:=,;[(]+$/g, '')
    .replace(/^([^[]*)\]$/, '$1')
    .replace(/\s+/g, ' ')
    .trim();
}

function monitorState(word: string): 'complete' | 'incomplete' | 'not supported' {
  const w = word.toLowerCase();
  if (/not supported|n\/a|not available/.test(w)) return 'not supported';
  return /^(complete|completed|ready|passed|done)$/.test(w) ? 'complete' : 'incomplete';
}

function meta(line: string, out: ScanReport): boolean {
  const m = LABELLED.exec(line);
  const label = (m?.[1] ?? '').toLowerCase();
  const value = m?.[2]?.trim() ?? '';
  if (/battery|supply voltage|bordspannung|batterie/.test(label) && /\d\s*v\b/i.test(value))
    out.battery = value;
  else if (/odometer|mileage|kilomet|laufleistung/.test(label) && /\d/.test(value)) out.odometer = value;
  else if (/^(tool|scan tool|device|tester|gerät|appareil)$/.test(label)) out.tool = value;
  else if (/^(key|ignition|zündung|contact)/.test(label)) {
    out.key = /off|aus\b/i.test(value) && !/\bon\b/i.test(value) ? 'off' : 'on';
    if (/engine off|koeo/i.test(value)) out.engine = 'off';
    if (/running|koer/i.test(value)) out.engine = 'running';
  } else if (/^engine( state)?$/.test(label) && /off|running|stopped/i.test(value)) {
    out.engine = /running/i.test(value) ? 'running' : 'off';
  } else if (/^(key on,? engine off|koeo)$/i.test(line)) {
    out.key = 'on';
    out.engine = 'off';
  } else if (/^(key on,? engine running|engine running|koer)$/i.test(line)) {
    out.key = 'on';
    out.engine = 'running';
  } else return false;
  return true;
}

/** A line that names a controller: short, with a controller's word in it, or ending in a colon. */
function isHeading(line: string): boolean {
  if (line.length > 80) return false;
  if (/^\[.+\]$|^#+\s/.test(line)) return MODULE_WORDS.test(line);
  if (/[.!?]$/.test(line) || line.split(/\s+/).length > 9) return false;
  return MODULE_WORDS.test(line) && (/[:)]\s*$/.test(line) || line.split(/\s+/).length <= 6);
}

/** A short line without figures, straight above a line with a code, names the controller it came from. */
function standsOverCodes(line: string, lines: string[], n: number): boolean {
  const next = lines.slice(n + 1).find((l) => l.trim() !== '');
  return (
    next !== undefined &&
    CODE.test(next) &&
    /^[\p{L}][\p{L}\s/&().:-]*$/u.test(line) &&
    line.split(/\s+/).length <= 5
  );
}
