import type { CodeStatus } from '@/core/case';
import { statusOf } from './status';

/** What a column or a label of a scan report is about. */
export const LABELS = [
  'code',
  'text',
  'status',
  'module',
  'detail',
  'name',
  'value',
  'unit',
  'date',
  'skip',
] as const;
export type Label = (typeof LABELS)[number];

/** The words of heads and labels, by language, as whole texts. Common practice, no source. */
const WORDS: Record<Label, string> = {
  code: 'code|codes|dtc|dtcs|spn|fault ?codes|trouble ?codes|fault ?code|trouble ?code|fault|error ?code|diagnostic trouble code|fehlercode|fehler|fehlernummer|nummer|code défaut|código|codigo|código de avería|avería|codice|codice errore|foutcode|storingscode|no\\.?|number',
  text: 'description|desc|descr|txt|text|dtc description|code description|fault description|fault name|wording|meaning|definition|fault text|beschreibung|fehlertext|bezeichnung|klartext|libellé|libelle|désignation|descripción|descripcion|descrizione|testo|omschrijving|betekenis',
  status: 'status|state|st|fault status|fehlerstatus|zustand|état|etat|statut|estado|stato|toestand',
  module:
    'module|mod|control module|ctrl unit|controller|ecu|unit|control unit|system|node|steuergerät|steuergeraet|calculateur|centralita|unidad|módulo|centralina|modulo|regeleenheid|module name|ecu name|system name',
  detail:
    'count|counter|frequency|kilomet(?:re|er)s|fault frequency|fault count|reset counter|fault priority|occurrences?|occurred|hits|times|häufigkeit|zähler|anzahl|fréquence|frecuencia|frequenza|aantal|first seen|last seen|first occurrence|last occurrence|first|last|seen|erstmals|zuletzt|odometer at (?:the )?fault|mileage at (?:the )?fault|set at|at km|km|km-stand|kilometerstand bei fehler|drive cycles?|priority|priorität|failure type|oc|occ|fault type|symptom|fehlerart|subtype|environment|age|unlearn counter|aging counter',
  name: 'name|parameter|label|signal|measured value|value name|messwert|messgröße|paramètre|parámetro|parametro|meetwaarde|pid',
  value: 'value|reading|actual|current value|wert|istwert|valeur|valor|valore|waarde',
  unit: 'unit|units|einheit|unité|unidad de medida|unità|eenheid',
  date: 'date|time|date ?/ ?time|date and time|datum|uhrzeit|zeit|heure|fecha|hora|data|ora|tijd|scan date|report date|printed|created|erstellt',
  skip: 'fmi|ftb|failure type byte|distance since clear(?:ed)?|distance since codes cleared|warm-?ups since clear(?:ed)?|part ?(?:number|no\\.?)|hardware|software|version|serial(?: number)?|coding|teilenummer|sw|hw|vin|vehicle|plate|fahrzeug|véhicule|vehículo|veicolo|voertuig|technician|mechanic|customer|order|job|signature|page|shop|workshop|protocol|address|bus',
};
const PATTERNS = Object.entries(WORDS).map(
  ([label, words]) => [new RegExp(`^(?:${words})$`, 'iu'), label as Label] as const,
);

/**
 * What a head or label is about.
 *
 * @param text the whole of a cell, or what stands before a colon
 * @returns the first label whose words it is, or undefined
 * @example labelOf('Fehlercode') // 'code'
 */
export function labelOf(text: string): Label | undefined {
  const t = text
    .trim()
    .replace(/^[#*"'\s]+|[\s#*:"'.]+$/gu, '')
    .replace(/\s+/gu, ' ');
  if (t === '' || t.length > 40) return undefined;
  return PATTERNS.find(([pattern]) => pattern.test(t))?.[1];
}

/** Titles over a list of faults, of values or of the report itself; never a module. */
const TITLE =
  /^(?:(?:the )?(?:stored|active|current|pending|permanent|confirmed|history|all|total|number of|fault|trouble|diagnostic|error|vehicle|system|full|complete|live|scan|health|test)[\s-]*)*(?:codes?|faults?|dtcs?|errors?|entries|report|list|results?|memory|overview|systems?|modules|scan|summary|data|values|protocol|printout|check|log|readings|parameters)(?: (?:found|read|stored|list|memory|overview|summary|report))?$|^(?:fahrzeugbericht|fehlerspeicher(?:eintr(?:ag|äge))?|fehlerliste|fehler|prüfprotokoll|messwerte?|istwerte|diagnoseprotokoll|steuergeräte|übersicht|rapport(?: du véhicule)?|liste des défauts|défauts|mémoire des défauts|valeurs|informe(?: del vehículo)?|averías|lista de averías|memoria de averías|valores|rapporto(?: del veicolo)?|errori|memoria errori|valori|voertuigrapport|storingen|foutgeheugen|meetwaarden|codes? (?:défauts? )?(?:confirmés?|en attente|mémorisés?|présents?|permanents?)|códigos? (?:confirmados?|pendientes?|almacenados?|permanentes?)|codici (?:confermati|in attesa|memorizzati|permanenti)|(?:bestätigte|sporadische|anstehende|gespeicherte|aktive) (?:fehler|codes?|fehlercodes?))$/iu;

/**
 * Whether a line is the title of a list or of the whole report.
 *
 * @param line without decoration; two languages may be parted by a stroke
 */
export const isTitle = (line: string): boolean =>
  line
    .replace(/\((?:s|es|en)\)/giu, '')
    .replace(SERVICE, '')
    .replace(/\s*\(\d{1,3}\)\s*:?$/u, '')
    .replace(/\s*[:–-]\s*(?:none|keine?|aucune?|ningun[oa]|nessun[oa]|geen)$/iu, '')
    // "Fault memory   4 faults": how many, behind the title.
    .replace(
      /\s*[:=–-]?\s+\d{1,3}\s+(?:faults?|codes?|dtcs?|errors?|entries|eintr(?:ag|äge)|fehler|d[ée]fauts?|aver[íi]as|errori|storingen)$/iu,
      '',
    )
    .replace(/\s*[:=]?\s*\d{1,3}$|\s+count\s*[:=]?\s*\d{0,3}$/iu, '')
    .split(/\s+\/\s+/u)
    .map((part) => part.replace(/^[\s#*=[(:-]+|[\s#*=\])(:-]+$/gu, '').trim())
    .every((part) => TITLE.test(part) || isGroupTitle(part));

/** The service of the standard that asked for the faults, before what it gives: "Mode 07 - pending DTCs". */
const SERVICE = /^[\s#*=[(-]*(?:mode|service)\s*\$?(?:0x)?0?[37a]\s*[-–:=]\s*/iu;
/** A word for faults in a title, by language. */
const OF_FAULTS =
  /(?<!\p{L})(?:(?:fault|trouble|diagnostic|error)\s)?(?:codes?|faults?|dtcs?|errors?|entries|fehler(?:codes?|einträge)?|codes? défauts?|défauts?|averías?|fallos?|códigos?|errori|codici|guasti|storingen|foutcodes)(?!\p{L})/iu;

/** Faults and their status, and nothing else: "Défauts mémorisés", "Stored DTCs". */
const isGroupTitle = (line: string): boolean =>
  OF_FAULTS.test(line) && line.split(/\s+/u).length <= 4 && groupStatus(line).length > 0;

/** A title over faults, not over values or the report as a whole. */
export const isFaultTitle = (line: string): boolean =>
  /codes?|faults?|dtcs?|errors?|memory|fehler|défauts?|averías?|errori|guasti|storing|foutgeheugen/iu.test(
    line,
  );

/** Codes under this title, or behind it, are those that were taken out of the memory. */
export const CLEARED_TITLE =
  /\b(?:cleared|erased|deleted|gelöscht\p{L}*|effacé\p{L}*|borrad\p{L}*|cancellat\p{L}*|gewist\p{L}*)(?!\p{L})/iu;

/**
 * The status that a title says of all faults under it.
 *
 * @example groupStatus('Pending codes') // ['pending']
 */
export const groupStatus = (title: string): CodeStatus[] => {
  const words = title
    .replace(SERVICE, '')
    .replace(
      /\b(?:(?:fault|trouble|diagnostic)\s{1,3})?(?:codes?|codici|c[óo]digos?|faults?|dtcs?|errors?|fehler(?:codes?)?|list|memory)\b|:/giu,
      ' ',
    )
    .replace(OF_FAULTS, ' ')
    .replace(/\s*\(\d{1,3}\)\s*$/u, '')
    .trim();
  // A title is of several: "confirmés", "pendientes".
  return (
    statusOf(words) ??
    statusOf(words.replace(/(?<=\p{L}{3})e?s$/iu, '')) ??
    statusOf(words.replace(/(?<=\p{L}{3})s$/iu, '')) ??
    []
  );
};

/** A heading after which values are live ones, and one after which they were stored with a code. */
export const LIVE_TITLE =
  /^[\s#*=[-]*(?:(?:live|current|actual|measured|sensor|data)[\s-]*)+(?:data|values?|list|stream|readings|parameters)\b|^[\s#*=[-]*(?:messwerte?|istwerte|live[- ]?daten|valeurs (?:actuelles|mesurées|réelles)|mesures|valores (?:actuales|reales)|datos en vivo|valori (?:attuali|istantanei)|meetwaarden|actuele waarden)\b/iu;
export const FREEZE_TITLE =
  /freeze[\s-]*frames?|snapshot data|fault environment|umgebungsbedingungen|umgebungsdaten|standbild|données figées|trame figée|datos congelados|cuadro congelado|fermo immagine|dati congelati|omgevingscondities|bevroren/iu;
