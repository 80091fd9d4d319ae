/** How often a symptom shows, by the words for it; common practice, no source. Empty: not told. */
export type Frequency = '' | 'always' | 'intermittent' | 'once';

const SOME = '(?:two|three|four|five|six|seven|eight|nine|ten|a few|\\d{1,3})';
const SPAN = '(?:day|week|fortnight|month|year|trip|journey|drive|tank)';
const EVERY_TIME = '(?:always|every time|all the time|constantly|continuously)';

const words = (...alternatives: string[]) => new RegExp(`\\b(?:${alternatives.join('|')})\\b`, 'i');

/** Asked first: "not always" and "once a week" are neither always nor once. */
const INTERMITTENT = words(
  'sometimes',
  'intermittent(?:ly)?',
  'occasional(?:ly)?',
  'on occasion',
  'now and (?:then|again)',
  'from time to time',
  'sporadic(?:ally)?',
  'comes? and goe?s?',
  'randomly',
  'at random',
  'hit (?:and|or|&) miss',
  'rarely',
  'seldom',
  `(?:not|\\w*n['’]t|never) (?:\\w+ ){0,2}${EVERY_TIME}`,
  `once (?:in a while|in a blue moon|every|or twice (?:a|per) ${SPAN}|(?:a|per|each) ${SPAN})`,
  `(?:twice|${SOME} times) (?:a|per|each|every) ${SPAN}`,
  `every (?:other|second|third|fourth|few) (?:\\w+ )?(?:time|start|day|week|morning|drive|trip|stop)`,
  `${SOME} (?:times )?out of ${SOME}`,
  `(?:one|1) (?:\\w+ )?in ${SOME}`,
  'some (?:days|mornings|starts|trips)',
);
/** What goes on and off by itself is meant to ("the compressor cycles on and off"); a fault that does is intermittent. */
const ON_AND_OFF = /(?<!\b(?:cycl\w+|switch\w*|turn\w*|click\w*|clutch) )\b(?:on and off|off and on)\b/i;

const DONE_TO_IT = '(?:replac|chang|fitt|repair|clean|check|test|clear|tow|servic|adjust|measur|start)ed';
const AFTER_ONCE = `(?= ?(?:[.,;:!?)]|$| (?:on|last|yesterday|this|when|while|in|at|during|so far|only|before|today|since|and|but)\\b))`;
const ONCE = new RegExp(
  [
    `\\b(?:only|just) (?:the )?(?:once|one time)\\b`,
    `\\b(?:happened|occurred|did it|done it|does it|died|quit|cut out|went out|came on|lost \\w+) once${AFTER_ONCE}`,
    `\\b(?!${DONE_TO_IT})\\w+ed (?:it )?once${AFTER_ONCE}`,
    `\\bone[- ]off\\b`,
    `\\ba single time\\b`,
    `\\b(?:only|just) the one time\\b`,
  ].join('|'),
  'i',
);

const ALWAYS = words(
  // What somebody always does is not what the vehicle does.
  '(?<!\\b(?:he|she|we|they|customer|owner|driver) )always',
  'every single time',
  '(?:every|each) (?:single )?(?:cold |hot |warm )?(?:time|start|morning|drive|trip|stop)',
  'all the time',
  'constantly',
  'continuous(?:ly)?',
  'permanently',
  // A permanent trouble code is a kind of code.
  'permanent(?! (?:dtc|codes?|fault|trouble|magnet|memory|split))',
  'non-?stop',
  'never stops',
  'never fails to',
  'without exception',
);

/**
 * How often a symptom shows, as a sentence says it.
 *
 * @param text the sentence
 * @returns always, intermittent or once; empty where it is not told
 * @example frequencyIn('not always, maybe one start in five') // 'intermittent'
 * @example frequencyIn('stalls once warm') // ''
 */
export function frequencyIn(text: string): Frequency {
  if (INTERMITTENT.test(text) || ON_AND_OFF.test(text)) return 'intermittent';
  if (ONCE.test(text)) return 'once';
  return ALWAYS.test(text) ? 'always' : '';
}
