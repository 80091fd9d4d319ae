import type { Quantity } from '@/core/readings';
import type { Vocabulary } from '@/core/symptoms';

export const CHIP_KINDS = [
  'vin',
  'year',
  'make',
  'model',
  'engine',
  'vehicle',
  'fuel',
  'engine build',
  'kind of vehicle',
  'code',
  'code family',
  'without',
  'symptom',
  'condition',
  'cause part',
  'failure',
  'reading',
  'person',
  'date',
  'grade',
  'state',
  'number',
  'like',
  'text',
] as const;

/** A reading asked for by comparison: its words, and on which side of what. */
export interface ReadingAsked {
  words: string[];
  /** `≈`: a value as it was read, with no side. */
  op: '>' | '<' | '=' | '≈';
  quantity: Quantity;
}

/** One piece of a query as it was understood; shown as a chip that can be taken off or corrected. */
export interface Chip {
  kind: (typeof CHIP_KINDS)[number];
  /** What the chip says. */
  label: string;
  /** The value searched for: a code, a concept id, a part id … */
  value: string;
  /** The words of the line it came from; taking the chip off takes these words out. */
  words: string;
  /** Not said in words that are known, but likely meant. */
  guess?: boolean;
  /** What the same words could mean as well. */
  or?: Pick<Chip, 'kind' | 'label' | 'value'>[];
  /** The comparison, for a reading. */
  reading?: ReadingAsked;
}

/** Names the shop's own vehicles and people go by, so that the line can tell them from plain words. */
export interface KnownWords {
  makes: string[];
  models: string[];
  engines: string[];
  vins: string[];
  /** Words in the labels of readings taken here, stemmed. */
  readings?: ReadonlySet<string>;
  people?: { id: string; name: string }[];
  /** What the shop calls its vehicles: nickname → make/model/engine. */
  nicknames?: { words: string; vehicle: string }[];
  vocabulary?: Vocabulary;
  /** The day it is, for "last month"; without it no dates are read. */
  today?: string;
}

/** A reading that a person put in place of another: these words mean that. */
export interface Correction {
  words: string;
  kind: Chip['kind'];
  value: string;
  label: string;
}
