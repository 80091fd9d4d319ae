/** What a column of a table of past jobs may hold. */
export const RECORD_FIELDS = [
  'date',
  'order',
  'customer',
  'plate',
  'vin',
  'make',
  'model',
  'year',
  'engine',
  'vehicle',
  'odometer',
  'complaint',
  'codes',
  'diagnosis',
  'done',
  'parts',
  'hours',
  'technician',
  'note',
] as const;
export type RecordField = (typeof RECORD_FIELDS)[number];

/** What each is called on the screen. */
export const FIELD_LABELS: Record<RecordField, string> = {
  date: 'date of the job',
  order: 'job number',
  customer: 'customer',
  plate: 'plate',
  vin: 'VIN',
  make: 'make',
  model: 'model',
  year: 'model year',
  engine: 'engine',
  vehicle: 'vehicle in one (year, make, model)',
  odometer: 'odometer',
  complaint: 'complaint',
  codes: 'fault codes',
  diagnosis: 'diagnosis, what was found',
  done: 'what was done',
  parts: 'parts fitted',
  hours: 'hours',
  technician: 'technician',
  note: 'note',
};

/** Fields that several columns may hold; the others one each. */
export const MANY: ReadonlySet<RecordField> = new Set([
  'complaint',
  'codes',
  'diagnosis',
  'done',
  'parts',
  'note',
]);

/**
 * The words of heads by field, as whole heads, in six languages; the earlier in a list, the stronger. Common
 * practice, no source.
 */
const WORDS: Record<RecordField, string> = {
  date: "date in|job date|ro date|repair order date|order date|opened(?: at| on)?|date opened|created(?: at| on)?|arrived|arrival|check(?:ed)? in|received|service date|repair date|visit date|date of (?:job|repair|visit|service)|date received|date|when|day|datum|auftragsdatum|annahme(?:datum)?|reparaturdatum|date d[’']?entr[ée]e|date de r[ée]paration|date or|fecha(?: de entrada)?|data(?: ingresso)?|invoice date|invoiced(?: on)?|completed(?: on)?|finished|closed(?: at| on)?|date out|rechnungsdatum",
  order:
    'job ?(?:no|number|id|#|nr)?\\.?|ro(?: ?(?:no|number|#))?\\.?|repair order(?: (?:no|number))?|work ?order(?: ?(?:no|number|#))?\\.?|wo(?: ?(?:no|number|#))?|order ?(?:no|number|#|id)?\\.?|invoice ?(?:no|number|#)?\\.?|ticket(?: ?(?:no|number|#|id))?|case ?(?:no|number|id)?|ref(?:erence)?\\.?(?: no\\.?)?|id|auftrag(?:s?(?:nr|nummer))?\\.?|rechnungs?nr\\.?|n[°ºo]\\.? ?(?:or|ordre|facture|orden|factura|de orden)|orden|commessa|n[°º] commessa|werkorder(?:nummer)?|opdrachtnummer',
  customer:
    'customer(?: name)?|client(?: name)?|owner|name|account|kunde(?:nname)?|halter|client|cliente|klant(?:naam)?|nom(?: du client)?|nombre',
  plate:
    'reg(?:istration)?(?: ?(?:no|number|plate|mark))?\\.?|regn(?: no)?\\.?|vrm|plate(?: ?(?:no|number))?|licen[cs]e(?: ?plate)?(?: ?(?:no|number))?|tag|kennzeichen|kfz-?kennzeichen|immatriculation|immat\\.?|matr[íi]cula|targa|kenteken|number ?plate|vehicle reg(?:istration)?',
  vin: 'vin(?: ?(?:no|number|code))?|vehicle vin|chassis(?: ?(?:no|number|nr))?\\.?|frame(?: ?(?:no|number))?|fin|fahrgestell(?:nr|nummer)\\.?|fahrzeug-?ident\\w*|n[°º] de? (?:ch[âa]ssis|s[ée]rie)|vin ?/ ?chassis|bastidor|n[°º]? ?(?:de )?bastidor|telaio|chassisnummer|serial(?: ?(?:no|number))?',
  make: 'make|brand|manufacturer|vehicle make|hersteller|marke|marque|marca|merk',
  model: 'model|vehicle model|model name|modell|typ|mod[èe]le|modelo|modello|type|range|series',
  year: 'year|model ?year|my|built|build year|year of (?:make|manufacture)|vehicle year|baujahr|bj\\.?|erstzulassung|ez|ann[ée]e|a[ñn]o|anno|bouwjaar',
  engine:
    'engine(?: ?(?:code|type|size))?|motor(?:code|kennbuchstabe)?|mkb|moteur|motore|eng\\.?|displacement',
  vehicle:
    'vehicle(?: ?(?:description|details|info))?|car|make ?[/&+-] ?model|make and model|unit|asset|machine|wagon|fzg\\.?|wagen|bike|truck|equipment|fahrzeug|v[ée]hicule|veh[íi]culo|veicolo|voertuig|auto',
  odometer:
    'odo(?:meter)?(?: ?(?:in|reading|km|mi|miles))?|mileage(?: ?in)?|miles(?: ?in)?|km|kms|kilomet(?:er|re)s?|km[- ]?stand|kilometerstand|kilom[ée]trage|kil[óo]metros|chilometri|km stand|speedo|laufleistung|engine hours|hours run',
  complaint:
    '(?:customer|client|driver|owner) (?:says|said|states|complains(?: of)?|reports)|(?:customer )?(?:complaint|concern|request|report|states|comments?|problem|symptoms?)s?|complaint ?/ ?concern|fault(?: ?(?:reported|description))?|reported fault|problem(?: ?description)?|issue|what(?: was| is|’s)? wrong|wrong|reason(?: ?for (?:visit|job))?|symptoms?|summary|subject|job description|instructions?|work requested|beanstandung|kundenbeanstandung|kundenangaben?|problem|fehlerbeschreibung|plainte(?: client)?|motif(?: de visite)?|sympt[ôo]mes?|demande client|aver[íi]a|queja|motivo|s[íi]ntomas?|difetto|reclamo|klacht(?:omschrijving)?|omschrijving klacht',
  codes:
    'codes?|dtcs?|dtc codes?|fault ?codes?|trouble ?codes?|error ?codes?|fehlercodes?|fehlerspeicher|codes? d[ée]fauts?|c[óo]digos?(?: de (?:aver[íi]a|falla))?|codici(?: errore)?|foutcodes?|storingscodes?',
  diagnosis:
    "diagnos(?:is|tics|e|tic)|diagnosis ?/ ?findings?|findings?|found|cause|root cause|cause of (?:fault|failure)|technician(?:'?s)? (?:findings|notes|comments)|befund|ursache|constat(?:ation)?|diagn[óo]stico|causa|diagnosi|bevinding(?:en)?|oorzaak",
  done: '(?:work|job|jobs) ?(?:done|carried out|performed|completed|description)?|repairs?(?: ?(?:done|carried out|performed|description|details|notes|made))?|correction|action(?: taken)?s?|fix|solution|resolution|remedy|what (?:was|i|we) (?:done|did)|done|labou?r(?: ?(?:description|performed))?|services? performed|description(?: of work)?|details|diagnosis ?/ ?work|ausgef[üu]hrte arbeit(?:en)?|arbeit(?:en)?|reparatur|l[öo]sung|ma(?:ß|ss)nahmen?|behebung|t[äa]tigkeit|travaux(?: effectu[ée]s)?|r[ée]paration|interventions?|trabajos?(?: realizados?)?|reparaci[óo]n|lavor[io](?: esegui[rt][oi])?|riparazione|uitgevoerd(?:e)? werk(?:zaamheden)?|werkzaamheden|reparatie',
  parts:
    'parts?(?: ?(?:used|fitted|list|numbers?|no))?|materials?|teile|ersatzteile|pi[èe]ces|piezas|recambios|ricambi|onderdelen',
  hours:
    'hours|hrs|labou?r ?(?:hours|hrs|time)|time(?: spent)?|stunden|aw|heures|horas|ore|uren|billed hours|actual hours',
  technician:
    'tech(?:nician)?(?: name)?|mechanic|assignee|assigned(?: to)?|done by|worked by|by|initials|fitter|mechaniker|monteur|bearbeiter|m[ée]canicien|t[ée]cnico|mec[áa]nico|meccanico|tecnico|who',
  note: 'notes?|remarks?|comments?|bemerkung(?:en)?|remarques?|observaciones|nota|opmerking(?:en)?|memo|internal notes?|advisor(?:y|ies)|recommendations?|lesson',
};
/** The choices of a pattern on its outermost level. */
function choicesOf(pattern: string): string[] {
  const choices = [''];
  let depth = 0;
  for (const ch of pattern) {
    if (ch === '(') depth++;
    else if (ch === ')') depth--;
    if (ch === '|' && depth === 0) choices.push('');
    else choices[choices.length - 1] += ch;
  }
  return choices;
}
const PATTERNS = new Map(
  Object.entries(WORDS).map(([field, words]) => [
    field as RecordField,
    choicesOf(words).map((w) => new RegExp(`^(?:${w})$`, 'iu')),
  ]),
);
/** Of money, states and tax: never a field of ours, whatever else the head says. */
const IGNORED =
  /\b(?:total|net|gross|vat|tax|price|cost|amount|paid|balance|subtotal|discount|rate|due|status|phone|tel|mobile|e-?mail|address|postcode|zip|city|betrag|preis|summe|netto|brutto|mwst|montant|prix|importe|precio|prezzo|bedrag|prijs)\b|[$€£]/iu;

/** Head of the reasons in a table of rows to mend. */
export const REASON_HEAD = 'why it was refused';

/** A head as it is compared: underscores and capitals within a word are blanks, marks at its ends go. */
export const foldHead = (head: string): string =>
  head
    .normalize('NFKC')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .replace(/[_\s]+/gu, ' ')
    .replace(/^[\s:*.#]+|[\s:*]+$/gu, '')
    .toLowerCase()
    .slice(0, 80);

/** Whether a head says what is never taken: money, a state, an address. */
export const isIgnoredHead = (head: string): boolean =>
  foldHead(head) === REASON_HEAD || IGNORED.test(foldHead(head));

/**
 * Which fields a head may mean, the likeliest first, by its words alone.
 *
 * @param head as it stands in the table
 * @returns fields with how strong the word is for each, 1 the strongest; empty for one that is not known
 * @example fieldsOfHead('Fahrgestellnr.')[0].field // 'vin'
 */
export function fieldsOfHead(head: string): { field: RecordField; strength: number }[] {
  const text = foldHead(head);
  if (text === '' || IGNORED.test(text)) return [];
  const bare = text.replace(/^(?:vehicle|customer|job|repair|order)[ -](?=\w)/u, '');
  const found: { field: RecordField; strength: number }[] = [];
  for (const [field, patterns] of PATTERNS) {
    const at = patterns.findIndex((p) => p.test(text));
    const alike = at >= 0 ? at : patterns.findIndex((p) => p.test(bare));
    if (alike >= 0) found.push({ field, strength: (at >= 0 ? 1 : 0.8) - alike / 200 });
  }
  return found.sort((a, b) => b.strength - a.strength);
}

/**
 * The unit of an odometer, by the head of its column; empty where it does not say ("Odometer").
 *
 * @example unitOfHead('Km-Stand') // 'km'
 */
export function unitOfHead(head: string): '' | 'km' | 'mi' | 'h' {
  const text = foldHead(head);
  if (/\b(?:km|kms|kilom\p{L}*|kil[óo]m\p{L}*|chilometri)\b|km[- ]?stand/u.test(text)) return 'km';
  if (/\bmi(?:les?)?\b/u.test(text)) return 'mi';
  return /\bhours\b/u.test(text) ? 'h' : '';
}
