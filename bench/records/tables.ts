import { DONE_SENTENCES, mended, untouched, type DoneSentence } from './done-sentences';
import { chance, pick, random, type Random } from '@/sim/random';

/**
 * Tables of past jobs as shops keep them or an office program gives them out, with their truth. Written before the
 * reader of `core/exchange/records`. Layouts with an odd place in the list, and every second sentence, are kept
 * back: not looked at while the reader is mended.
 */

export interface Job {
  day: string;
  order: string;
  customer: string;
  plate: string;
  vin: string;
  make: string;
  model: string;
  year: number;
  engine: string;
  odometer: number;
  complaint: string;
  codes: string[];
  done: DoneSentence;
  parts: string;
  hours: number;
  by: string;
}

export type Truth =
  | 'date'
  | 'order'
  | 'customer'
  | 'plate'
  | 'vin'
  | 'make'
  | 'model'
  | 'year'
  | 'engine'
  | 'vehicle'
  | 'odometer'
  | 'complaint'
  | 'codes'
  | 'done'
  | 'parts'
  | 'hours'
  | 'technician'
  | '';

interface Column {
  head: string;
  is: Truth;
  cell: (j: Job) => string;
}
export interface TableLayout {
  name: string;
  columns: Column[];
  /** Lines above the heads. */
  above?: string[][];
  /** Lines below the rows. */
  below?: (jobs: Job[]) => string[][];
  /** No line of heads at all. */
  headless?: boolean;
}

const MAKES: [string, string[]][] = [
  ['Norvik', ['Tessa', 'Brig 4', 'Fjell']],
  ['Calder', ['Moor', 'Dale Estate', 'T20']],
  ['Ostara', ['Lino', 'Vela']],
  ['Brandt & Kole', ['K7', 'Transit Box']],
  ['Hiyama', ['Sora', 'Kaze RS']],
];
const ENGINES = ['1.6 16V', '2.0 TD', '1.4', '3.0 V6', '1.0T', '2.2 diesel', 'DKA', 'N47x'];
const NAMES = [
  'Ines Okafor',
  'R. Halvorsen',
  'Maple Taxis Ltd',
  'Jo Brandt',
  'D. Whitlock',
  'Fam. Kuyper',
  'S. Ito',
];
const PEOPLE = ['Ravi', 'Lena', 'Tom B.', 'MK'];
const COMPLAINTS = [
  'Engine light on',
  'EML on, lacks power',
  'Rough idle when cold',
  'cranks but won’t start',
  'misfire under load',
  'Battery flat after 2 days',
  'Overheating in traffic',
  'no heat',
  'noise from front when turning',
  'ABS light on',
  'stalls at junctions',
  'Car goes into limp mode on motorway',
  'smells of fuel',
  'A/C not cold',
  'customer states hard to start hot',
  'vibration at 60 mph',
  'coolant loss',
  'clutch slipping',
  'window not working',
  'Service light on',
];
const CODES = [
  'P0301',
  'P0171',
  'P0401',
  'P2263',
  'U0100',
  'C0035',
  'P0420',
  'P0128',
  'P0335',
  'B1234',
  'P0562',
];
const VIN_CHARS = 'ABCDEFGHJKLMNPRSTUVWXYZ0123456789';

function job(r: Random, sentences: readonly DoneSentence[], n: number): Job {
  const [make, models] = pick(r, MAKES);
  const year = 1998 + Math.floor(r() * 26);
  const opened = new Date(
    Date.UTC(Math.max(year, 2012) + Math.floor(r() * 3), Math.floor(r() * 12), 1 + Math.floor(r() * 28)),
  );
  return {
    day: opened.toISOString().slice(0, 10),
    order: String(24_000 + n),
    customer: pick(r, NAMES),
    plate: `${pick(r, ['AB', 'KX', 'LM'])}${10 + Math.floor(r() * 80)} ${pick(r, ['XYZ', 'RTO', 'JKL'])}`,
    // Seventeen characters of the alphabet of VINs, without a maker of this world.
    vin: `ZZX${Array.from({ length: 14 }, () => VIN_CHARS[Math.floor(r() * VIN_CHARS.length)]).join('')}`,
    make,
    model: pick(r, models),
    year,
    engine: pick(r, ENGINES),
    odometer: 8_000 + Math.floor(r() * 220_000),
    complaint: pick(r, COMPLAINTS),
    codes: chance(r, 0.4) ? [...new Set([pick(r, CODES), ...(chance(r, 0.4) ? [pick(r, CODES)] : [])])] : [],
    done: pick(r, sentences),
    parts: chance(r, 0.5) ? `${100_000 + Math.floor(r() * 900_000)}` : '',
    hours: Math.round(r() * 40 + 2) / 10,
    by: pick(r, PEOPLE),
  };
}

const iso = (j: Job) => j.day;
const dmy = (j: Job) => j.day.split('-').reverse().join('/');
const dots = (j: Job) => j.day.split('-').reverse().join('.');
const mdy = (j: Job) => `${Number(j.day.slice(5, 7))}/${Number(j.day.slice(8))}/${j.day.slice(0, 4)}`;
const short = (j: Job) => dots(j).replace(/\.(\d\d)(\d\d)$/, '.$2');
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
const worded = (j: Job) =>
  `${Number(j.day.slice(8))} ${MONTHS[Number(j.day.slice(5, 7)) - 1]} ${j.day.slice(0, 4)}`;
const c = (head: string, is: Truth, cell: (j: Job) => string): Column => ({ head, is, cell });
const km = (j: Job) => j.odometer.toLocaleString('en');

export const LAYOUTS: readonly TableLayout[] = [
  {
    name: 'plain English',
    columns: [
      c('Date', 'date', dmy),
      c('Job No', 'order', (j) => j.order),
      c('Customer', 'customer', (j) => j.customer),
      c('Reg', 'plate', (j) => j.plate),
      c('Make', 'make', (j) => j.make),
      c('Model', 'model', (j) => j.model),
      c('Mileage', 'odometer', (j) => String(j.odometer)),
      c('Complaint', 'complaint', (j) => j.complaint),
      c('Work done', 'done', (j) => j.done.text),
    ],
  },
  {
    name: 'American office program',
    columns: [
      c('RO Number', 'order', (j) => j.order),
      c('RO Date', 'date', mdy),
      c('VIN', 'vin', (j) => j.vin),
      c('Year', 'year', (j) => String(j.year)),
      c('Make', 'make', (j) => j.make),
      c('Model', 'model', (j) => j.model),
      c('Odometer In', 'odometer', (j) => String(j.odometer)),
      c('Concern', 'complaint', (j) => j.complaint),
      c('Correction', 'done', (j) => j.done.text),
      c('Tech', 'technician', (j) => j.by),
      c('Labor Hrs', 'hours', (j) => String(j.hours)),
      c('Total', '', (j) => `$${(j.hours * 120).toFixed(2)}`),
    ],
  },
  {
    name: 'notes of one man',
    columns: [
      c('when', 'date', worded),
      c('car', 'vehicle', (j) => `${j.year} ${j.make} ${j.model} ${j.engine}`),
      c('problem', 'complaint', (j) => `${j.complaint}${j.codes.length ? `, ${j.codes.join(' ')}` : ''}`),
      c('fix', 'done', (j) => j.done.text),
    ],
  },
  {
    name: 'German office program',
    columns: [
      c('Auftragsnr.', 'order', (j) => j.order),
      c('Datum', 'date', dots),
      c('Kunde', 'customer', (j) => j.customer),
      c('Kennzeichen', 'plate', (j) => j.plate),
      c('FIN', 'vin', (j) => j.vin),
      c('Hersteller', 'make', (j) => j.make),
      c('Modell', 'model', (j) => j.model),
      c('Km-Stand', 'odometer', (j) => j.odometer.toLocaleString('de')),
      c('Beanstandung', 'complaint', (j) => j.complaint),
      c('Fehlercodes', 'codes', (j) => j.codes.join(', ')),
      c('Ausgeführte Arbeiten', 'done', (j) => j.done.text),
      c('Mechaniker', 'technician', (j) => j.by),
    ],
  },
  {
    name: 'title above, totals below',
    above: [['Kestrel Lane Garage'], ['Jobs finished', '', ''], []],
    columns: [
      c('Job date', 'date', iso),
      c('Invoice #', 'order', (j) => `INV-${j.order}`),
      c('Vehicle', 'vehicle', (j) => `${j.make} ${j.model}`),
      c('Reg no.', 'plate', (j) => j.plate),
      c('Fault reported', 'complaint', (j) => j.complaint),
      c('DTCs', 'codes', (j) => j.codes.join(' ')),
      c('Work carried out', 'done', (j) => j.done.text),
      c('Net', '', (j) => (j.hours * 60).toFixed(2)),
    ],
    below: (jobs) => [
      [],
      ['Total', '', '', '', '', '', '', jobs.reduce((s, j) => s + j.hours * 60, 0).toFixed(2)],
    ],
  },
  {
    name: 'two date columns',
    columns: [
      c('Invoiced', '', dmy),
      c('Date in', 'date', dmy),
      c('Regn', 'plate', (j) => j.plate),
      c('Vehicle description', 'vehicle', (j) => `${j.make} ${j.model} (${j.year})`),
      c('Customer request', 'complaint', (j) => j.complaint),
      c('Diagnosis / work', 'done', (j) => j.done.text),
      c('Parts used', 'parts', (j) => j.parts),
    ],
  },
  {
    name: 'no heads',
    headless: true,
    columns: [
      c('', 'date', iso),
      c('', 'plate', (j) => j.plate),
      c('', 'vehicle', (j) => `${j.make} ${j.model}`),
      c('', 'complaint', (j) => j.complaint),
      c('', 'done', (j) => j.done.text),
    ],
  },
  {
    name: 'heads that mislead',
    columns: [
      c('ID', 'order', (j) => j.order),
      c('Name', 'customer', (j) => j.customer),
      c('Type', 'model', (j) => j.model),
      c('Brand', 'make', (j) => j.make),
      c('Built', 'year', (j) => String(j.year)),
      c('km', 'odometer', (j) => String(j.odometer)),
      c('Arrived', 'date', iso),
      c('Reason for visit', 'complaint', (j) => j.complaint),
      c('Code', 'codes', (j) => j.codes[0] ?? ''),
      c('Solution', 'done', (j) => j.done.text),
    ],
  },
  {
    name: 'database field names',
    columns: [
      c('job_id', 'order', (j) => j.order),
      c('opened_at', 'date', (j) => `${j.day}T08:30:00Z`),
      c('vehicle_vin', 'vin', (j) => j.vin),
      c('vehicle_make', 'make', (j) => j.make),
      c('vehicle_model', 'model', (j) => j.model),
      c('vehicle_year', 'year', (j) => String(j.year)),
      c('engine_code', 'engine', (j) => j.engine),
      c('odometer_km', 'odometer', (j) => String(j.odometer)),
      c('customer_complaint', 'complaint', (j) => j.complaint),
      c('dtc_codes', 'codes', (j) => j.codes.join('|')),
      c('repair_description', 'done', (j) => j.done.text),
    ],
  },
  {
    name: 'French',
    columns: [
      c('N° OR', 'order', (j) => j.order),
      c('Date d’entrée', 'date', dmy),
      c('Client', 'customer', (j) => j.customer),
      c('Immatriculation', 'plate', (j) => j.plate),
      c('Marque', 'make', (j) => j.make),
      c('Modèle', 'model', (j) => j.model),
      c('Kilométrage', 'odometer', (j) => String(j.odometer)),
      c('Plainte client', 'complaint', (j) => j.complaint),
      c('Codes défaut', 'codes', (j) => j.codes.join(' ; ')),
      c('Travaux effectués', 'done', (j) => j.done.text),
    ],
  },
  {
    name: 'everything in one sentence',
    columns: [
      c('Date', 'date', short),
      c('Reg', 'plate', (j) => j.plate),
      c('Description', 'done', (j) => j.done.text),
    ],
  },
  {
    name: 'ticket export',
    columns: [
      c('Ticket', 'order', (j) => `#${j.order}`),
      c('Created', 'date', (j) => `${j.day} 09:15`),
      c('Closed', '', (j) => `${j.day} 17:40`),
      c('Asset', 'vehicle', (j) => `${j.year} ${j.make} ${j.model}`),
      c('Summary', 'complaint', (j) => j.complaint),
      c('Resolution', 'done', (j) => j.done.text),
      c('Assignee', 'technician', (j) => j.by),
    ],
  },
  {
    name: 'three Cs',
    columns: [
      c('Date', 'date', mdy),
      c('Unit', 'vehicle', (j) => `${j.make} ${j.model}`),
      c('Miles', 'odometer', km),
      c('Complaint', 'complaint', (j) => j.complaint),
      c('Correction', 'done', (j) => j.done.text),
      c('Remarks', '', () => ''),
    ],
  },
  {
    name: 'Dutch',
    columns: [
      c('Werkordernummer', 'order', (j) => j.order),
      c('Datum', 'date', (j) => dmy(j).replaceAll('/', '-')),
      c('Klant', 'customer', (j) => j.customer),
      c('Kenteken', 'plate', (j) => j.plate),
      c('Merk', 'make', (j) => j.make),
      c('Type', 'model', (j) => j.model),
      c('Bouwjaar', 'year', (j) => String(j.year)),
      c('Km stand', 'odometer', (j) => String(j.odometer)),
      c('Klacht', 'complaint', (j) => j.complaint),
      c('Uitgevoerd werk', 'done', (j) => j.done.text),
    ],
  },
  {
    name: 'shouting',
    columns: [
      c('DATE', 'date', dmy),
      c('REG', 'plate', (j) => j.plate.replace(' ', '')),
      c('CHASSIS NO', 'vin', (j) => j.vin),
      c('MAKE/MODEL', 'vehicle', (j) => `${j.make} ${j.model}`.toUpperCase()),
      c('FAULT', 'complaint', (j) => j.complaint.toUpperCase()),
      c('REPAIR', 'done', (j) => j.done.text.toUpperCase()),
      c('HRS', 'hours', (j) => String(j.hours)),
      c('INITIALS', 'technician', (j) => j.by),
    ],
  },
  {
    name: 'Spanish',
    columns: [
      c('Nº orden', 'order', (j) => j.order),
      c('Fecha', 'date', dmy),
      c('Cliente', 'customer', (j) => j.customer),
      c('Matrícula', 'plate', (j) => j.plate),
      c('Marca', 'make', (j) => j.make),
      c('Modelo', 'model', (j) => j.model),
      c('Año', 'year', (j) => String(j.year)),
      c('Kilómetros', 'odometer', (j) => String(j.odometer)),
      c('Avería', 'complaint', (j) => j.complaint),
      c('Trabajo realizado', 'done', (j) => j.done.text),
    ],
  },
];

export interface PrintedTable {
  rows: string[][];
  truth: { columns: Truth[]; jobs: Job[]; firstRow: number };
}

/** A table of one layout with its truth. */
export function printTable(
  layout: TableLayout,
  seed: number,
  count: number,
  sentences: readonly DoneSentence[],
): PrintedTable {
  const r = random(seed);
  const jobs = Array.from({ length: count }, (_, n) => job(r, sentences, n));
  const above = [...(layout.above ?? []), ...(layout.headless ? [] : [layout.columns.map((x) => x.head)])];
  return {
    rows: [
      ...above,
      ...jobs.map((j) => layout.columns.map((x) => x.cell(j))),
      ...(layout.below?.(jobs) ?? []),
    ],
    truth: { columns: layout.columns.map((x) => x.is), jobs, firstRow: above.length },
  };
}

export const HALVES = {
  'looked at': { layouts: mended(LAYOUTS), sentences: mended(DONE_SENTENCES) },
  'not looked at': { layouts: untouched(LAYOUTS), sentences: untouched(DONE_SENTENCES) },
};
