/** Words that say which of several, not what: corners, sides, banks, numbers and letters, English and German. */
const PLACES =
  /\b(front|rear|left|right|fl|fr|rl|rr|lf|rf|lr|vl|vr|hl|hr|bank|upper|lower|inner|outer|(?:ch|channel|kanal)\d*|[a-d]|\d+)\b/giu;

/**
 * What a channel measures, by its name, without which of several it is.
 *
 * @returns in lower case; empty where the name says nothing else
 * @example kindOfName('Wheel speed FL') // 'wheel speed'
 * @example kindOfName('APP2') // 'app'
 */
export const kindOfName = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[_[\](),]+/gu, ' ')
    .replace(PLACES, ' ')
    .replace(/\d+$/u, '')
    .replace(/\s+/gu, ' ')
    .trim();

/** Words that say which quantity is measured, and not of what. Speeds are all of one vehicle. */
const QUANTITY =
  /\b(?:temp|temperature|temperatur|press|pressure|druck|volt|voltage|spannung|current|strom|sensor|signal|position|before|after)\b/giu;
/** What turns with the road: wheels, shafts and the vehicle. */
const SPEED = /speed|drehzahl|geschw|km\/?h|mph/iu;

/**
 * Whether channels may be held against each other: of one unit, and by their names of one thing. Four wheels, two
 * tracks of a pedal, gas along a pipe; but neither a pressure with a position, both in volts, nor coolant with air.
 *
 * @returns true for channels that say nothing but which of several they are
 * @example mayAgree([{ name: 'MAP', unit: 'V' }, { name: 'TPS', unit: 'V' }]) // false
 * @example mayAgree([{ name: 'EGT before turbine', unit: '°C' }, { name: 'EGT after filter', unit: '°C' }]) // true
 */
export function mayAgree(channels: readonly { name: string; unit: string }[]): boolean {
  const unit = channels[0]?.unit ?? '';
  if (channels.some((c) => c.unit !== unit)) return false;
  if (channels.every((c) => SPEED.test(`${c.name} ${c.unit}`))) return true;
  const said = channels.map((c) => kindOfName(c.name).replace(QUANTITY, ' ').split(/\s+/u).filter(Boolean));
  const telling = said.filter((words) => words.length > 0);
  if (telling.length === 0) return true;
  return (
    telling.length === said.length && telling[0]!.some((w) => telling.every((words) => words.includes(w)))
  );
}

/**
 * Whether a unit is that of a sensor's signal as it comes, in which a figure says nothing of what is measured.
 *
 * @example isBareSignal('mA') // true
 */
export const isBareSignal = (unit: string): boolean => /^(?:m?V|m?A)$/u.test(unit);
