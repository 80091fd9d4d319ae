import { SaxesParser } from 'saxes';
import { readCode } from '../code';
import { labelOf } from './labels';
import { outcomeOf } from './outcome';

/**
 * A report as JSON, or as lines of JSON, as plain lines.
 *
 * @param text as pasted
 * @returns undefined where it is no JSON, or holds no fault and no module
 */
export function fromJson(text: string): string | undefined {
  const whole = parsed(text);
  const values =
    whole === undefined
      ? text.split('\n').flatMap((l) => (l.trim() === '' ? [] : [parsed(l.replace(/,\s*$/u, ''))]))
      : [whole];
  return values.some((v) => v === undefined) ? undefined : linesOfObjects(values);
}

/** An element of XML: attributes, leaves and what stands in it are fields; other elements are objects below it. */
type Element = { [field: string]: string | Element[] };

/**
 * A report as XML, as plain lines. Elements are taken for what their names say, whatever the schema.
 *
 * @param text as pasted
 * @returns undefined where it is no whole XML, or holds no fault and no module
 */
export function fromXml(text: string): string | undefined {
  const root = emptyElement();
  const open = [root];
  const parser = new SaxesParser();
  parser.on('error', (e) => {
    throw e;
  });
  parser.on('opentag', ({ name, attributes }) => {
    const element = Object.assign(emptyElement(), attributes);
    const there = open.at(-1)![name];
    if (Array.isArray(there)) there.push(element);
    else open.at(-1)![name] = [element];
    open.push(element);
  });
  const words = (said: string) => {
    if (said.trim() !== '') open.at(-1)!.text = said.trim();
  };
  parser.on('text', words);
  parser.on('cdata', words);
  parser.on('closetag', ({ name }) => foldLeaf(open.pop()!, open.at(-1)!, name));
  try {
    parser.write(text).close();
  } catch {
    return undefined;
  }
  return linesOfObjects([root]);
}

/** Without a prototype: an element may have any name. */
const emptyElement = () => Object.create(null) as Element;

/** An element with nothing but words in it is a field of the one around it. */
function foldLeaf(leaf: Element, around: Element, tag: string): void {
  const same = around[tag];
  if (!Array.isArray(same) || same.length !== 1) return;
  if (Object.keys(leaf).length === 1 && typeof leaf.text === 'string') around[tag] = leaf.text;
}

/** Objects that have a field for a code, each as one line; the module may be said by the object around it. */
function linesOfObjects(values: readonly unknown[]): string | undefined {
  const lines: string[] = [];
  const walk = (value: unknown, module: string, depth: number): void => {
    if (depth > 12 || typeof value !== 'object' || value === null) return;
    if (Array.isArray(value)) {
      for (const v of value) walk(v, module, depth + 1);
      return;
    }
    const fields = Object.entries(value).flatMap(([k, v]) =>
      typeof v === 'string' || typeof v === 'number'
        ? [[k, String(v).replaceAll('"', "'").replace(/\s+/gu, ' ')] as const]
        : [],
    );
    const own =
      fields.find(([k]) => labelOf(k) === 'module' || (module === '' && /^name$/iu.test(k)))?.[1] ?? module;
    if (fields.some(([k, v]) => isOfCode(k, v, fields))) {
      const named = fields.some(([k]) => labelOf(k) === 'module');
      const said = fields.map(([k, v]) => [isOfCode(k, v, fields) ? 'code' : k, v] as const);
      lines.push(
        [...(named || own === '' ? [] : [['module', own] as const]), ...said]
          .map(([k, v]) => `${k}="${v}"`)
          .join(' '),
      );
    }
    lines.push(...emptyModule(value, own));
    for (const v of Object.values(value)) walk(v, own, depth + 1);
  };
  for (const v of values) walk(v, '', 0);
  return lines.length ? lines.join('\n') : undefined;
}

/** A field that is called a code; where none is, one that is a code of the standards, whatever it is called. */
const isOfCode = (key: string, value: string, all: readonly (readonly [string, string])[]): boolean =>
  all.some(([k, v]) => labelOf(k) === 'code' && v !== '')
    ? labelOf(key) === 'code' && value !== ''
    : value.length <= LONGEST_CODE && ['iso', 'j1939'].includes(readCode(value)?.scheme ?? '');
const LONGEST_CODE = 24;

const LISTS_FAULTS = /^(?:(?:fault|trouble|error)[_ -]?)?(?:codes?|dtcs?|faults?|errors?)$/iu;

/** A module whose list of faults is empty, or that says that it did not answer, as a line. */
function emptyModule(value: object, own: string): string[] {
  const lists = Object.entries(value).filter(([k, v]) => LISTS_FAULTS.test(k) && Array.isArray(v));
  const silent = Object.values(value).some((v) => typeof v === 'string' && outcomeOf(v)?.kind === 'silent');
  // What a fault says is its wording.
  const fault = Object.entries(value).some(([k, v]) => labelOf(k) === 'code' && typeof v === 'string');
  if (own === '' || fault || !(silent || lists.length > 0)) return [];
  if (silent) return [`${own}: no response`];
  return lists.every(([, v]) => (v as unknown[]).length === 0) ? [`${own}: no codes`] : [];
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}
