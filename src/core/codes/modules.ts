/** Words that by themselves name a kind of module. Common practice, no source. */
const KIND_WORDS: Record<string, string> = {
  engine: 'engine ecm pcm powertrain motor moteur motore motorelektronik motorsteuerung motorsteuergerät',
  transmission: 'transmission gearbox tcm tcu getriebe getriebesteuerung cambio',
  brakes: 'abs esp esc brake brakes stability antilock bremse bremsen',
  'power steering': 'eps steering',
  body: 'body bcm',
  gateway: 'gateway',
  restraints: 'airbag airbags srs restraint restraints',
  cluster: 'cluster instrument instruments ipc kombiinstrument',
  climate: 'climate hvac',
  immobiliser: 'immobiliser immobilizer',
  radio: 'radio audio',
};
const KIND_OF_WORD = new Map(
  Object.entries(KIND_WORDS).flatMap(([kind, words]) => words.split(' ').map((w) => [w, kind] as const)),
);
/** Words that say only that it is a module. */
const FILLER = new Set(
  'control controller unit module modul ecu system electronic electronics electronique main power the and'.split(
    ' ',
  ),
);

/** A module's name in lower case without punctuation, for comparing names of one tool. */
export const foldModule = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/**
 * The kind of module a name speaks of, when every word of it does.
 *
 * @param name as a tool writes it
 * @returns the kind, or empty: a name with any other word in it ("engine sound", "engine 2") is left alone
 * @example moduleKind('PCM - Powertrain control module') // 'engine'
 */
export function moduleKind(name: string): string {
  const words = foldModule(name)
    .split(' ')
    .filter((w) => w !== '' && !FILLER.has(w));
  const kinds = new Set(words.map((w) => KIND_OF_WORD.get(w) ?? ''));
  return kinds.size === 1 ? [...kinds][0]! : '';
}

/**
 * The entry of a list of module names that is the module asked for, as another tool may call it.
 *
 * @param name the module
 * @param names modules of another scan
 * @returns the very name where it is there, else the only one of the same kind, else undefined
 */
export function sameModule(name: string, names: readonly string[]): string | undefined {
  const folded = foldModule(name);
  const exact = names.find((n) => foldModule(n) === folded);
  if (exact !== undefined) return exact;
  const kind = moduleKind(name);
  if (kind === '') return undefined;
  const alike = names.filter((n) => moduleKind(n) === kind);
  return alike.length === 1 ? alike[0] : undefined;
}

/**
 * The kind of module that stores a code when the scan does not say which did: fuel, air, ignition and
 * emission codes are the engine's, ratio and solenoid codes the transmission's. SAE J2012 gives the
 * groups; that the module of that name stores them is common practice, no source.
 *
 * @param base code without failure type
 * @returns the kind, or empty where several modules may store it (supply, network, body, maker's own)
 */
export function homeOf(base: string): string {
  if (/^P0[0-4]|^P2[0-4]/.test(base)) return 'engine';
  if (/^P0(7(?!00)|8|9)/.test(base)) return 'transmission';
  return '';
}
