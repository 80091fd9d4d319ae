/** A value that scan tools show under many names. */
interface Known {
  key: string;
  name: string;
  /** What it measures, as `core/readings` says it; trims are shares of their own. */
  kind:
    'temperature' | 'pressure' | 'speed' | 'trim' | 'share' | 'voltage' | 'flow' | 'angle' | 'vehicle speed';
  words: RegExp;
}

/**
 * Common names of one value, in the spellings of several tools and languages. Common practice, no source; the values
 * themselves: SAE J1979 / ISO 15031-5.
 */
const KNOWN: readonly Known[] = [
  {
    key: 'ltft',
    name: 'Long-term fuel trim',
    kind: 'trim',
    words:
      /\b(?:lt ?ft|ltft ?[12]|long[ -]?term (?:fuel )?(?:trim|adj\w*|correction)|ltf trim|fuel trim long|long ft|adaption lang\w*|lernwert gemisch)/u,
  },
  {
    key: 'stft',
    name: 'Short-term fuel trim',
    kind: 'trim',
    words:
      /\b(?:st ?ft|short[ -]?term (?:fuel )?(?:trim|adj\w*|correction)|stf trim|fuel trim short|short ft)/u,
  },
  {
    key: 'coolant',
    name: 'Coolant temperature',
    kind: 'temperature',
    words:
      /\b(?:ect|clt|(?:engine )?coolant temp\w*|^(?:engine )?coolant$|kühlmitteltemp\w*|kuehlmitteltemp\w*|température (?:eau|liquide)\w*|temperatura (?:del )?(?:refrigerante|acqua)|koelvloeistoftemp\w*)\b/u,
  },
  {
    key: 'intake',
    name: 'Intake air temperature',
    kind: 'temperature',
    words:
      /\b(?:iat|intake (?:air )?temp\w*|charge air temp\w*|ansaugluft\w*temp\w*|température air\w*|temperatura aria|temperatura (?:de )?aire)\b/u,
  },
  {
    key: 'ambient',
    name: 'Outside air temperature',
    kind: 'temperature',
    words:
      /\b(?:aat|oat|(?:ambient|outside) (?:air )?temp\w*|außentemp\w*|aussentemp\w*|température ext\w*|buitentemp\w*)\b/u,
  },
  {
    key: 'oil',
    name: 'Oil temperature',
    kind: 'temperature',
    words: /\b(?:(?:engine )?oil temp\w*|öltemp\w*|oeltemp\w*|température huile)\b/u,
  },
  {
    key: 'map',
    name: 'Manifold pressure',
    kind: 'pressure',
    words:
      /\b(?:map|(?:intake )?manifold (?:absolute )?pressure|saugrohrdruck|pression (?:du )?collecteur)\b/u,
  },
  {
    key: 'baro',
    name: 'Barometric pressure',
    kind: 'pressure',
    words:
      /\b(?:baro\w*(?: pressure)?|atmospheric pressure|ambient pressure|umgebungsdruck|luftdruck|pression atmosphérique)\b/u,
  },
  {
    key: 'rail',
    name: 'Fuel rail pressure',
    kind: 'pressure',
    words: /\b(?:frp|(?:fuel |common )?rail pressure|raildruck|pression (?:de )?rail|pressione rail)\b/u,
  },
  {
    key: 'rpm',
    name: 'Engine speed',
    kind: 'speed',
    words:
      /\b(?:rpm|engine (?:speed|rpm|revs)|motordrehzahl|drehzahl|régime moteur|régimen del motor|giri motore|motortoerental)\b/u,
  },
  {
    key: 'vss',
    name: 'Vehicle speed',
    kind: 'vehicle speed',
    words: /\b(?:vss|vehicle speed|road speed|fahrgeschwindigkeit|geschwindigkeit|vitesse véhicule)\b/u,
  },
  {
    key: 'load',
    name: 'Calculated load',
    kind: 'share',
    words: /^(?:(?:calc\w* |engine )?load(?: value)?|charge moteur)$/u,
  },
  {
    key: 'throttle',
    name: 'Throttle position',
    kind: 'share',
    words: /\b(?:tps|throttle(?: position| angle| valve)?|drosselklappe\w*|papillon)\b/u,
  },
  {
    key: 'maf',
    name: 'Air flow',
    kind: 'flow',
    words: /\b(?:maf|(?:mass )?air ?flow(?: rate)?|luftmasse\w*|débit d['’]air)\b/u,
  },
  {
    key: 'supply',
    name: 'Module voltage',
    kind: 'voltage',
    words:
      /^battery$|\b(?:(?:control )?module voltage|battery voltage|system voltage|batteriespannung|bordspannung|tension batterie)\b/u,
  },
  {
    key: 'advance',
    name: 'Ignition timing advance',
    kind: 'angle',
    words:
      /\b(?:(?:ignition |spark )timing(?: advance)?|spark advance|timing advance|ignition advance|zündwinkel|avance)\b/u,
  },
];

/** Words that add nothing to which value it is: units, places it is alone in, what kind of figure it is. */
const FILLER = new Set(
  'engine sensor bank value reading temp temperature temperatur pressure position absolute the of in for no nr b bk s °c °f c f k kpa bar mbar hpa psi inhg rpm 1 2 3 4 min % percent v volt g kg h deg ° km mph motor sensore capteur'.split(
    ' ',
  ),
);

export interface LiveName {
  /** One value has one key, whatever the tool calls it, with its bank and its sensor. */
  key: string;
  name: string;
  kind?: Known['kind'];
  bank?: number;
}

/**
 * Which value a tool means.
 *
 * @param label as the tool prints it
 * @returns one key for all its names; a label nobody knows is its own key
 * @example liveName('LT FTRM B1').key // 'ltft 1' — and so for 'Long-term fuel trim (bank 1)'
 */
export function liveName(label: string): LiveName {
  const text = label
    .toLowerCase()
    .replace(/[_.:()[\]#,/]+/gu, ' ')
    .replace(/ftrm/gu, 'ft')
    .replace(/\s+/gu, ' ')
    .trim();
  const bank = /\bb(?:ank|k)? ?([12])\b|(?:ft|trim) ?([12])\b/u.exec(text);
  const n = bank ? Number(bank[1] ?? bank[2]) : undefined;
  // Any other word makes another value of it: what is wanted, the radiator's outlet, the current of its motor.
  const known = KNOWN.find((k) => {
    const m = k.words.exec(text);
    if (!m) return false;
    const rest = `${text.slice(0, m.index)} ${text.slice(m.index + m[0].length)}`.split(/[\s-]+/u);
    return rest.every((w) => w === '' || FILLER.has(w) || /^b[12]?s?[1-4]?$/u.test(w));
  });
  if (!known) return { key: text, name: label.trim() };
  // Of temperatures and pressures there may be several sensors; of trims one a bank.
  const sensor = /\bsensor ?(\d)\b|\b(?:ect|iat|map|tps)[ -]?(\d)\b/u.exec(text);
  const s = known.kind === 'trim' || !sensor ? '' : ` s${sensor[1] ?? sensor[2]}`;
  return {
    key: `${known.key}${n ? ` ${n}` : ''}${s === ' s1' ? '' : s}`,
    name: `${known.name}${n ? `, bank ${n}` : ''}${s && s !== ' s1' ? `, sensor ${s.slice(2)}` : ''}`,
    kind: known.kind,
    ...(n ? { bank: n } : {}),
  };
}
