import { Catalogue } from '@/core/cause/catalogue';
import { starterItems } from '@/core/cause/starter';
import { TRADE_FAULTS, TRADE_TESTS } from '.';
import type { TradeFault } from './contract';
import { withDictionary } from './derived';
import { withoutSupply } from './no-supply';
import { knowledgeOf, type TradeKnowledge } from './knowledge';

let full: readonly TradeFault[] | undefined;
const kept = new WeakMap<Catalogue, TradeKnowledge>();

/** All faults of the trade with the codes that the dictionary adds; read once. */
export const allTradeFaults = (): readonly TradeFault[] =>
  (full ??= withDictionary([...TRADE_FAULTS, ...withoutSupply(TRADE_FAULTS)], new Catalogue(starterItems())));

/** What the trade knows in the words of a shop's list; drawn up once for each list. */
export function tradeOf(catalogue: Catalogue): TradeKnowledge {
  let knowledge = kept.get(catalogue);
  if (!knowledge) kept.set(catalogue, (knowledge = knowledgeOf(allTradeFaults(), TRADE_TESTS, catalogue)));
  return knowledge;
}
