import P from 'parsimmon';

/** The words and signs that limits are made of, English of both sides; see docs/readings.md. */

/** One of these words or signs, the longest first, in any case; blanks in them as typed. */
export const word = (...words: string[]) =>
  P.alt(
    ...[...words]
      .sort((a, b) => b.length - a.length)
      .map((w) =>
        P.regexp(
          new RegExp(
            `${w.replace(/[.+*?^$()|[\]\\/]/g, '\\$&').replace(/ /g, '\\s+')}${/\w$/.test(w) ? '(?![A-Za-z])' : ''}`,
            'i',
          ),
        ),
      ),
  );

export const space = P.regexp(/[\s\u00a0\u202f]*/);
/** What it reads, with the blanks behind it. */
export const tight = <T>(p: P.Parser<T>) => p.skip(space);

export const MORE = tight(
  P.seq(
    word(
      ...['≥', '≧', '>=', '=>', '>', 'at least', 'not less than', 'no less than', 'not below', 'not under'],
      ...[
        'more than',
        'greater than',
        'not lower than',
        'not fewer than',
        'no fewer than',
        'no lower than',
        'larger than',
        'higher than',
        'above',
        'over',
        'from',
        'min',
        'min.',
        'minimum',
      ],
    ),
    P.regexp(/\s*:?/),
  ),
);
export const LESS = tight(
  P.seq(
    word(
      ...['≤', '≦', '<=', '=<', '<', 'at most', 'not more than', 'no more than', 'not above', 'not over'],
      ...[
        'not greater than',
        'no greater than',
        'not higher than',
        'no higher than',
        'not exceeding',
        'not to exceed',
        'should not exceed',
        'must not exceed',
        'may not exceed',
        'less than',
        'fewer than',
        'lower than',
        'smaller than',
        'below',
        'under',
        'up to',
      ],
      ...['max', 'max.', 'maximum'],
    ),
    P.regexp(/\s*:?/),
  ),
);
export const OR_MORE = tight(
  word(
    'or more',
    'or above',
    'or over',
    'or greater',
    'or higher',
    'or better',
    'or warmer',
    'or hotter',
    'at least',
    'or thicker',
    'or deeper',
    'or longer',
    'min',
    'min.',
    'minimum',
    'and above',
  ),
);
export const OR_LESS = tight(
  word(
    'or less',
    'at most',
    'or colder',
    'or cooler',
    'or thinner',
    'or shorter',
    'or below',
    'or under',
    'or lower',
    'max',
    'max.',
    'maximum',
    'and below',
  ),
);
export const TO = tight(
  word('...', '..', '…', '–', '—', '−', '-', 'to', 'and', 'through', 'bis', 'à', 'bis zu'),
);
export const PLUS_MINUS = tight(
  word('±', '+/-', '+/−', '+-', '+−', '-/+', 'plus/minus', 'plus minus', 'within'),
);
export const ABOUT = tight(
  word('~', '≈', 'about', 'around', 'approx', 'approx.', 'approximately', 'ca', 'ca.', 'circa', 'roughly'),
);
