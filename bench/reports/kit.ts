import { ACCEPTED, type Content, type Fault, type Language, type Unit, type Value } from './content';

/** What stands in a text, and no more than that: what a layout leaves out is not asked for. */
export interface Truth {
  codes: { code: string; module: string | null; statuses: string[]; text: string | null }[];
  modules: { name: string; answered: boolean }[];
  live: { name: string; entered: string }[];
}
export interface Printed {
  text: string;
  truth: Truth;
}

/** A layout of a made-up tool: its name, the languages it prints, and how. */
export interface Layout {
  name: string;
  languages?: readonly Language[];
  print: (c: Content, chance: () => number) => Printed;
}

/** Which parts of the content a layout shows. */
export interface Shows {
  modules?: boolean;
  clean?: boolean;
  silent?: boolean;
  status?: boolean;
  text?: boolean;
  live?: boolean;
  codes?: boolean;
}

/** The truth of a layout by what it shows; all of it when nothing is said, but no live values. */
export function truthOf(c: Content, shows: Shows = {}): Truth {
  const { modules = true, clean = true, silent = true, status = true, text = true, live = false } = shows;
  return {
    codes: c.units.flatMap((u) =>
      u.faults.map((f) => ({
        code: f.code,
        module: modules ? u.name : null,
        statuses: status ? [ACCEPTED[f.status]] : [],
        text: text ? f.text : null,
      })),
    ),
    modules: modules
      ? c.units.flatMap((u): Truth['modules'] =>
          u.state === 'silent'
            ? silent
              ? [{ name: u.name, answered: false }]
              : []
            : u.state === 'codes' || clean
              ? [{ name: u.name, answered: true }]
              : [],
        )
      : [],
    live: live ? c.live.map((v) => ({ name: v.name, entered: `${v.value} ${v.unit}` })) : [],
  };
}

/** Lines per unit: what a layout prints for one with faults, a clean one and a silent one. */
export function byUnit(
  c: Content,
  print: {
    codes: (u: Unit, i: number) => string[];
    clean?: (u: Unit, i: number) => string[];
    silent?: (u: Unit, i: number) => string[];
  },
): string[] {
  return c.units.flatMap((u, i) => print[u.state]?.(u, i) ?? []);
}

export const faultLines = (u: Unit, line: (f: Fault, i: number) => string | string[]): string[] =>
  u.faults.flatMap((f, i) => line(f, i));

export const valueLines = (c: Content, line: (v: Value) => string): string[] => c.live.map(line);

/** Text padded to a column. */
export const pad = (s: string, width: number): string => s.padEnd(width, ' ');
export const dots = (s: string, width: number): string => `${s} `.padEnd(width, '.');

const SAYS: Record<
  Language,
  {
    none: string[];
    silent: string[];
    code: string;
    text: string;
    status: string;
    module: string;
    count: (n: number) => string;
    report: string;
  }
> = {
  en: {
    none: ['no fault codes', 'No codes found', '0 codes', 'no DTCs stored', 'pass', 'OK', 'No faults'],
    silent: ['no response', 'no communication', 'does not respond', 'not reachable', 'No answer from module'],
    code: 'Code',
    text: 'Description',
    status: 'Status',
    module: 'Module',
    count: (n) => `${n} fault${n === 1 ? '' : 's'}`,
    report: 'Vehicle report',
  },
  de: {
    none: ['keine Fehler', 'kein Fehlereintrag', '0 Fehler', 'Keine Fehler gespeichert', 'i. O.'],
    silent: ['keine Antwort', 'nicht erreichbar', 'keine Kommunikation', 'antwortet nicht'],
    code: 'Fehlercode',
    text: 'Beschreibung',
    status: 'Status',
    module: 'Steuergerät',
    count: (n) => `${n} Fehler`,
    report: 'Fahrzeugbericht',
  },
  fr: {
    none: ['aucun défaut', 'pas de défaut', '0 défaut'],
    silent: ['pas de réponse', 'pas de communication'],
    code: 'Code',
    text: 'Libellé',
    status: 'État',
    module: 'Calculateur',
    count: (n) => `${n} défaut${n === 1 ? '' : 's'}`,
    report: 'Rapport du véhicule',
  },
  es: {
    none: ['sin averías', 'sin fallos', '0 averías'],
    silent: ['sin respuesta', 'sin comunicación'],
    code: 'Código',
    text: 'Descripción',
    status: 'Estado',
    module: 'Centralita',
    count: (n) => `${n} avería${n === 1 ? '' : 's'}`,
    report: 'Informe del vehículo',
  },
  it: {
    none: ['nessun errore', 'nessun guasto', '0 errori'],
    silent: ['nessuna risposta', 'non risponde'],
    code: 'Codice',
    text: 'Descrizione',
    status: 'Stato',
    module: 'Centralina',
    count: (n) => (n === 1 ? '1 errore' : `${n} errori`),
    report: 'Rapporto del veicolo',
  },
  nl: {
    none: ['geen storingen', 'geen fouten', '0 storingen'],
    silent: ['geen antwoord', 'geen communicatie', 'reageert niet'],
    code: 'Code',
    text: 'Omschrijving',
    status: 'Status',
    module: 'Regeleenheid',
    count: (n) => (n === 1 ? '1 storing' : `${n} storingen`),
    report: 'Voertuigrapport',
  },
};
/** Words around the faults in the language of the content. */
export const says = (c: Content) => SAYS[c.language];
