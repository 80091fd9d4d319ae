/**
 * Where a word of the list of parts stands in the name of another part: a "radiator hose" is no radiator, a "drain plug"
 * no spark plug. Common practice, no source.
 */

/** What follows the name of a part and makes another part of it. */
const OBJECT =
  /^(?:seal|gasket|bolt|nut|stud|bracket|mount|mounting|hose|pipe|tube|wire|wiring|loom|harness|connector|plug|pin|relay|fuse|sensor|valve|motor|pump|cover|housing|clip|clamp|bush|switch|cap|belt|line|ring|shaft|regulator|solenoid|actuator|module|resistor|filter|cooler|bearing|tensioner|pulley|spring|rod|shield|tank|cable|terminal|strap|post|panel|reservoir|bottle|tray|box|block|button|lever|pedal|bulb|holder|stalk|handle|lock|latch|rack|fan|heater|charger|boot|grille|puller|dipstick|arch|arm|knob|hanger|blade|track|reader|contact|socket|washer|guide|hub|rim|spacer|trim|carpet)$/i;

/** Names of one word that are the last word of many other parts: alone they are meant only where nothing says which. */
const GENERIC =
  /^(?:plug|spring|cable|wire|wheel|regulator|contact|terminal|socket|ring|damper|nozzle|booster|bulb|drain|point|coil|throttle|lining|charger|strut|disk|lead)s?$/i;

/** What may stand before such a word and says nothing of which part it is. */
const HARMLESS =
  /^(?:\d+|a|an|the|my|its|his|her|one|two|three|four|five|six|all|both|each|another|other|no|of|on|to|at|for|in|with|and|or|n[ro]|number|cyl|cylinder|bank|front|rear|left|right|upper|lower|inner|outer|driver|passenger|near|off|side|lh|rh|[lr][fr]|[fr][lr]|[on]s[fr]?|new|old|used|bad|faulty|broken|worn|failed|leaking|corroded|damaged|defective|cracked|burnt|blown|weak|loose|dead|dirty|wet|open|shorted|split|chafed|seized|genuine|oe|oem|aftermarket|recon|reconditioned|exchange|correct|wrong|missing|same|single|replac\w*|renew\w*|chang\w*|swap\w*|fit\w*|install\w*|clean\w*|repair\w*|check\w*|test\w*|remov\w*|adjust\w*|tighten\w*|found|bought|ordered|suspect\w*|is|was|not|without)$/i;

/**
 * Whether a name of the list, where it stands in a text, is part of the name of another part.
 *
 * @param name the words it was found by
 * @param before the word before it in the same clause; empty where there is none, or it was understood otherwise
 * @param behind the words behind it in the same clause
 * @param isPart whether words are a name of the list
 * @returns true where another part is meant
 * @example isOtherPart('plug', 'drain', [], () => false) // true
 * @example isOtherPart('radiator', '', ['hose', 'burst'], () => false) // true
 * @example isOtherPart('coil', 'new', ['fitted'], () => false) // false
 */
export function isOtherPart(
  name: string,
  before: string,
  [next = '', then = '']: readonly string[],
  isPart: (words: string) => boolean,
): boolean {
  if (GENERIC.test(name) && before !== '' && !HARMLESS.test(before)) return true;
  if (OBJECT.test(next) && !isPart(`${name} ${next}`)) return true;
  return isPart(next) && OBJECT.test(then) && !isPart(then);
}
