import type { TraceAnalysis } from '../contract';
import { agreement } from './agreement';
import { busLevels } from './bus-levels';
import { camCrank } from './cam-crank';
import { commandAnswer } from './command-answer';
import { crankingCompression } from './cranking-compression';
import { cylinderMap } from './cylinder-map';
import { dropOuts } from './drop-outs';
import { hold } from './hold';
import { ignition } from './ignition';
import { injectorDrops } from './injector-drops';
import { pulsation } from './pulsation';
import { pulses } from './pulses';

/** Every analysis of traces. A new one is one file and one line here. */
export const ANALYSES: readonly TraceAnalysis[] = [
  pulses,
  cylinderMap,
  crankingCompression,
  injectorDrops,
  pulsation,
  ignition,
  camCrank,
  dropOuts,
  agreement,
  commandAnswer,
  hold,
  busLevels,
];
