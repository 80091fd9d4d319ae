import type { CodeKind } from '@/core/codes';
import { circuitOpening } from './circuit';
import type { Circumstances, Opening } from './circumstances';
import { flowOpening, OTHER } from './other';
import { misfireOpening, mixtureOpening } from './running';
import { communicationOpening, internalOpening, voltageOpening } from './supply';

export { circumstancesOf, type Circumstances, type Move, type Opening } from './circumstances';

/**
 * What a kind of code asks for first on such a part and vehicle, while the shop has no experience of its own with
 * it. Common practice, no source.
 *
 * @param kind what sort of fault the code speaks of
 * @param c what sort of part and vehicle it is, by `circumstancesOf`
 * @returns a sentence of advice and tests in their order; each limit says where it holds or holds everywhere
 */
export function openingFor(kind: CodeKind, c: Circumstances): Opening {
  const opening = byKind(kind, c);
  if (!c.throttle) return opening;
  return { ...opening, moves: opening.moves.map((m) => ({ ...m, caution: m.caution ?? THROTTLE })) };
}

const THROTTLE = 'a throttle closes with force: no fingers in it with the key on';

function byKind(kind: CodeKind, c: Circumstances): Opening {
  switch (kind) {
    case 'circuit':
    case 'circuit open':
    case 'circuit low':
    case 'circuit high':
      return circuitOpening(kind, c);
    case 'misfire':
      return misfireOpening(c);
    case 'mixture':
      return mixtureOpening(c);
    case 'voltage':
      return voltageOpening(c);
    case 'communication':
      return communicationOpening(c);
    case 'internal failure':
      return internalOpening(c);
    case 'leak or flow':
      return flowOpening(c);
    default:
      return OTHER[kind];
  }
}
