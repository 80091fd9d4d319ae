import { chance, pick, weighted, type Random } from '@/sim/random';

/** What a vehicle holds before any tool prints it: the truth that a layout then shows, in whole or in part. */

export type Language = 'en' | 'de' | 'fr' | 'es' | 'it' | 'nl';
export const LANGUAGES: readonly Language[] = ['en', 'de', 'fr', 'es', 'it', 'nl'];

/** What a status means; a layout prints a word for it. */
export type Meaning = 'active' | 'stored' | 'pending' | 'permanent' | 'intermittent' | 'history' | 'not run';

export interface Fault {
  code: string;
  text: string;
  status: Meaning;
  /** The tool's word for it. */
  word: string;
  count: number;
  odometer: number;
}
export interface Unit {
  name: string;
  state: 'codes' | 'clean' | 'silent';
  faults: Fault[];
}
export interface Value {
  name: string;
  value: string;
  unit: string;
}
export interface Content {
  language: Language;
  units: Unit[];
  live: Value[];
  vehicle: string;
  vin: string;
  date: string;
  odometer: string;
  battery: string;
}

/** Names of modules, kinds that every reader knows beside such as only one maker uses. */
const UNITS: Record<Language, string[]> = {
  en: [
    ...['Engine control module', 'ECM', 'PCM - Powertrain control module', 'TCM', 'Transmission', 'ABS'],
    ...['Airbag', 'Body control module', 'K7/2 front module', '[FCM] front camera', 'Instrument cluster'],
    ...['Left rear door', 'Trailer', 'Rear blower', 'Side radar right', 'N15/3 selector', 'Lift axle'],
    ...['17 Dash panel', '09 Central electrics', 'Fuel pump driver', 'Tailgate', 'Telltale unit', 'Gateway'],
    ...[
      'Head-up display',
      'Battery sensor',
      'Seat memory',
      'Parking aid',
      'Glow plug unit',
      'Steering column',
    ],
  ],
  de: [
    ...['Motorelektronik', 'Getriebe', 'Bremselektronik', 'Zentralelektrik', 'Klimaanlage', 'Lenkhilfe'],
    ...['Türsteuergerät Fahrer', 'Kombiinstrument', 'Airbag', 'Einparkhilfe', 'Anhänger', 'Glühzeitgerät'],
  ],
  fr: [
    ...['Calculateur moteur', 'Boîte de vitesses', 'Direction assistée', 'Habitacle', 'ABS', 'Airbag'],
    ...['Tableau de bord', 'Climatisation', 'Porte conducteur', 'Aide au stationnement'],
  ],
  es: [
    'Motor',
    'Caja de cambios',
    'Dirección',
    'Carrocería',
    'ABS',
    'Airbag',
    'Cuadro',
    'Climatizador',
    'Puerta',
  ],
  it: ['Motore', 'Cambio', 'Freni', 'Sterzo', 'Airbag', 'Quadro strumenti', 'Climatizzatore', 'Porta guida'],
  nl: [
    'Motormanagement',
    'Versnellingsbak',
    'Remmen',
    'Stuurbekrachtiging',
    'Airbag',
    'Instrumenten',
    'Deur',
  ],
};

/** Wordings as tools print them, with words in them that elsewhere are a status. */
const WORDINGS: Record<Language, [code: string, text: string][]> = {
  en: [
    ['P0171', 'System too lean bank 1'],
    ['P0016', 'Crankshaft/camshaft position correlation, bank 1 sensor A'],
    ['P0335', 'Crankshaft position sensor A circuit'],
    ['P0118', 'Engine coolant temperature sensor 1 circuit high'],
    ['P0420', 'Catalyst system efficiency below threshold'],
    ['P0562', 'System voltage low'],
    ['P0299', 'Turbocharger underboost'],
    ['P0730', 'Incorrect gear ratio'],
    ['P0A80', 'Replace hybrid battery pack'],
    ['P2002', 'Particle filter efficiency below threshold bank 1'],
    ['P2463', 'Soot accumulation'],
    ['P0087', 'Fuel rail pressure too low'],
    ['P0192-16', 'Fuel rail pressure sensor: circuit voltage below threshold'],
    ['P1A2F', 'Starter relay: circuit current above threshold'],
    ['P0605', 'Internal control module read only memory error'],
    ['C0035', 'Left front wheel speed sensor circuit'],
    ['C1130', 'Engine signal implausible'],
    ['C0561-71', 'System disabled, information stored in another module'],
    ['C1145', 'Brake pedal position: initial configuration not complete'],
    ['B1318', 'Battery voltage low'],
    ['B10A2-13', 'Crash input: circuit open'],
    ['B1D08', 'Key not present'],
    ['B2477', 'Module configuration failure'],
    ['B1676', 'Battery pack voltage out of range'],
    ['U0100', 'Lost communication with engine control module'],
    ['U0121-87', 'Lost communication with ABS: missing message'],
    ['U0140', 'Lost communication with body control module'],
    ['U0415', 'Invalid data received from ABS'],
    ['U3003-16', 'Battery voltage: circuit voltage below threshold'],
  ],
  de: [
    ['P0299', 'Ladedruckregelung: Regelgrenze unterschritten'],
    ['P0335', 'Kurbelwellensensor: kein Signal'],
    ['P0118', 'Kühlmitteltemperatursensor: Signal zu groß'],
    ['P0171', 'Gemisch zu mager, Bank 1'],
    ['P0401', 'Abgasrückführung: Durchfluss zu gering'],
    ['C0035', 'Raddrehzahlsensor vorn links: Unterbrechung'],
    ['B1318', 'Versorgungsspannung zu niedrig'],
    ['U0100', 'Keine Kommunikation mit Motorsteuergerät'],
    ['U0121', 'Botschaft vom ABS fehlt'],
    ['P0380', 'Glühkerzenkreis A: Kurzschluss nach Plus'],
  ],
  fr: [
    ['P0299', 'Pression de suralimentation trop basse'],
    ['P0335', 'Capteur de régime moteur, absence de signal'],
    ['P0171', 'Mélange trop pauvre, rangée 1'],
    ['C0035', 'Capteur de roue avant gauche, circuit ouvert'],
    ['B1318', 'Tension batterie insuffisante'],
    ['U0100', 'Communication avec le calculateur moteur perdue'],
    ['P0380', 'Circuit de préchauffage A'],
  ],
  es: [
    ['P0299', 'Presión de sobrealimentación demasiado baja'],
    ['P0201', 'Inyector cilindro 1, circuito abierto'],
    ['P0171', 'Mezcla demasiado pobre, banco 1'],
    ['C0035', 'Sensor de rueda delantera izquierda'],
    ['B1318', 'Tensión de batería baja'],
    ['U0100', 'Pérdida de comunicación con el motor'],
  ],
  it: [
    ['P0299', 'Pressione di sovralimentazione insufficiente'],
    ['P0335', 'Sensore giri motore, segnale assente'],
    ['P0171', 'Miscela troppo magra, bancata 1'],
    ['C0035', 'Sensore ruota anteriore sinistra'],
    ['B1318', 'Tensione batteria bassa'],
    ['U0100', 'Comunicazione con centralina motore persa'],
  ],
  nl: [
    ['P0299', 'Turbodruk te laag'],
    ['P0335', 'Krukassensor, geen signaal'],
    ['P0171', 'Mengsel te arm, bank 1'],
    ['C0035', 'Wielsensor linksvoor, onderbreking'],
    ['B1318', 'Accuspanning te laag'],
    ['U0100', 'Geen communicatie met motorregeleenheid'],
  ],
};

/** The tools' words for a status; the first of each is what a plain tool prints. */
export const WORDS: Record<Language, Record<Meaning, string[]>> = {
  en: {
    active: ['active', 'Current', 'present', 'Currently present', 'ACTIVE', 'Present now'],
    stored: ['stored', 'Confirmed', 'Stored', 'confirmed', 'Saved'],
    pending: ['pending', 'Pending', 'PENDING', 'not confirmed'],
    permanent: ['permanent', 'Permanent'],
    intermittent: ['intermittent', 'Sporadic', 'Intermittent'],
    history: [
      ...['history', 'Previous', 'Past', 'not present', 'no longer active', 'inactive', 'Historic'],
      ...['currently not present', 'not present at time of request', 'Passive', 'not active'],
    ],
    'not run': ['test not complete', 'not tested since clear', 'test not run'],
  },
  de: {
    active: ['aktiv', 'vorhanden', 'aktuell', 'momentan vorhanden'],
    stored: ['gespeichert', 'abgespeichert'],
    pending: ['anstehend', 'nicht bestätigt', 'schwebend'],
    permanent: ['permanent'],
    intermittent: ['sporadisch'],
    history: ['nicht vorhanden', 'passiv', 'nicht mehr aktiv', 'momentan nicht vorhanden'],
    'not run': ['Test nicht abgeschlossen', 'nicht geprüft'],
  },
  fr: {
    active: ['présent', 'actif', 'Présente'],
    stored: ['mémorisé', 'Enregistré'],
    pending: ['en attente'],
    permanent: ['permanent'],
    intermittent: ['intermittent', 'fugitif'],
    history: ['absent', 'non présent', 'historique'],
    'not run': ['test non terminé'],
  },
  es: {
    active: ['presente', 'activo'],
    stored: ['memorizado', 'almacenado'],
    pending: ['pendiente'],
    permanent: ['permanente'],
    intermittent: ['esporádico', 'intermitente'],
    history: ['no presente', 'histórico', 'inactivo'],
    'not run': ['prueba no terminada'],
  },
  it: {
    active: ['presente', 'attivo'],
    stored: ['memorizzato'],
    pending: ['in attesa'],
    permanent: ['permanente'],
    intermittent: ['intermittente', 'sporadico'],
    history: ['non presente', 'storico', 'passato', 'non attivo'],
    'not run': ['test non completato'],
  },
  nl: {
    active: ['aanwezig', 'actief', 'actueel'],
    stored: ['opgeslagen'],
    pending: ['in afwachting'],
    permanent: ['permanent'],
    intermittent: ['sporadisch', 'intermitterend'],
    history: ['niet aanwezig', 'niet actief', 'historisch'],
    'not run': ['test niet voltooid'],
  },
};
/** "Stored" and "confirmed" are one bit of the status byte; which word a reader takes for it does not matter. */
export const ACCEPTED: Record<Meaning, string> = {
  active: 'active',
  stored: 'stored|active',
  pending: 'pending',
  permanent: 'permanent',
  intermittent: 'intermittent',
  history: 'history|stored',
  'not run': 'not run',
};

const LIVE: Record<Language, [name: string, unit: string, low: number, high: number, places: number][]> = {
  en: [
    ['Engine speed', 'rpm', 640, 3200, 0],
    ['Coolant temperature', '°C', -10, 104, 0],
    ['Short-term fuel trim bank 1', '%', -20, 25, 1],
    ['Manifold absolute pressure', 'kPa', 22, 210, 0],
    ['Mass air flow', 'g/s', 2, 60, 2],
    ['Control module voltage', 'V', 11, 14.8, 1],
    ['Vehicle speed', 'km/h', 0, 120, 0],
    ['Throttle position', '%', 0, 82, 1],
    ['Fuel rail pressure', 'bar', 200, 1600, 0],
  ],
  de: [
    ['Motordrehzahl', '1/min', 640, 3200, 0],
    ['Kühlmitteltemperatur', '°C', -10, 104, 0],
    ['Ladedruck', 'mbar', 900, 2400, 0],
    ['Batteriespannung', 'V', 11, 14.8, 1],
  ],
  fr: [
    ['Régime moteur', 'tr/min', 640, 3200, 0],
    ['Température eau', '°C', -10, 104, 0],
    ['Tension batterie', 'V', 11, 14.8, 1],
  ],
  es: [
    ['Régimen del motor', 'rpm', 640, 3200, 0],
    ['Temperatura refrigerante', '°C', -10, 104, 0],
  ],
  it: [
    ['Giri motore', 'rpm', 640, 3200, 0],
    ['Temperatura acqua', '°C', -10, 104, 0],
  ],
  nl: [
    ['Motortoerental', 'rpm', 640, 3200, 0],
    ['Koelvloeistoftemperatuur', '°C', -10, 104, 0],
  ],
};
const MEANINGS = Object.keys(ACCEPTED) as Meaning[];

/** Draws what a vehicle holds: two to six modules, some clean, some silent, one to four faults each. */
export function drawContent(r: Random, language: Language): Content {
  const names = [...UNITS[language]].sort(() => r() - 0.5).slice(0, 2 + Math.floor(r() * 5));
  const wordings = [...WORDINGS[language]].sort(() => r() - 0.5);
  const words = Object.fromEntries(MEANINGS.map((m) => [m, pick(r, WORDS[language][m])])) as Record<
    Meaning,
    string
  >;
  const units = names.map((name, i): Unit => {
    const state = i === 0 ? 'codes' : (['codes', 'clean', 'silent'] as const)[weighted(r, [5, 3, 1])]!;
    const faults = state === 'codes' ? wordings.splice(0, 1 + Math.floor(r() * 3)) : [];
    return {
      name,
      state: faults.length ? 'codes' : state === 'codes' ? 'clean' : state,
      faults: faults.map(([code, text]) => {
        const status = MEANINGS[weighted(r, [6, 6, 3, 1, 2, 4, 1])]!;
        return {
          code,
          text,
          status,
          word: words[status],
          count: 1 + Math.floor(r() * 40),
          odometer: 20_000 + Math.floor(r() * 200_000),
        };
      }),
    };
  });
  const live = [...LIVE[language]]
    .sort(() => r() - 0.5)
    .slice(0, 2 + Math.floor(r() * 4))
    .map(([name, unit, low, high, places]) => ({
      name,
      value: (low + r() * (high - low)).toFixed(places),
      unit,
    }));
  return {
    language,
    units,
    live,
    vehicle: pick(r, ['Tarn Vela 2.0 D', 'Orlo Kestrel 1.4', 'Maro 650 S', 'Quill Hauler 12 t']),
    vin: '1M8GDM9AXKP042788',
    date: chance(r, 0.5) ? '2026-03-14 09:42' : '14.03.2026 09:42',
    odometer: `${20_000 + Math.floor(r() * 200_000)} km`,
    battery: `${(11.4 + r() * 3).toFixed(1)} V`,
  };
}
