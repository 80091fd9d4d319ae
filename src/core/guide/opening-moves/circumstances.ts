/** A test as a procedure proposes it: what is asked, what must hold, what is read against what. */
export interface Move {
  question: string;
  conditions?: string[];
  setup?: string;
  caution?: string;
  expectation?: string;
  minutes: number;
  readings: { label: string; limit?: string }[];
}

/** The advice for a kind of code, and its first tests. */
export interface Opening {
  says: string;
  moves: Move[];
}

/**
 * What decides how a circuit is gone about: a sensor of two wires is fed through a resistor in the controller, one
 * of three has a supply of its own, an actuator is driven with battery voltage.
 */
export type Wiring = 'two-wire sensor' | 'supplied sensor' | 'oxygen sensor' | 'actuator' | 'not known';

/** What the moves depend on beside the kind of code. */
export interface Circumstances {
  wiring: Wiring;
  diesel: boolean;
  /** A 24 V system. */
  volts24: boolean;
  /** The mixture code says too rich. */
  rich: boolean;
  /** The part moves a throttle, which can close on fingers. */
  throttle: boolean;
  /** The part carries fuel vapour. */
  fuelVapour: boolean;
}

const SENSOR = /sensor|sender|meter\b|thermistor|transducer|switch/i;
const TWO_WIRE = /temperature sensor|thermistor|temp(?:erature)? (?:signal|circuit|input)/i;
const ACTUATOR =
  /solenoid|valve|injector|\bcoil\b|heater|pump|motor|relay|\bfan\b|actuator|lamp|glow plug|clutch|regulator|control circuit|control\b/i;

/** The wiring of a part by its name; common practice, no source. */
function wiringOf(text: string): Wiring {
  if (/oxygen|lambda|\bo2\b|ho2s/i.test(text) && !/heater/i.test(text)) return 'oxygen sensor';
  if (TWO_WIRE.test(text)) return 'two-wire sensor';
  if (/heater/i.test(text)) return 'actuator';
  if (SENSOR.test(text)) return 'supplied sensor';
  return ACTUATOR.test(text) ? 'actuator' : 'not known';
}

/**
 * What the codes and the vehicle say of the circumstances.
 *
 * @param texts the wordings of the codes of one kind
 * @param vehicle its fuel and kind as typed
 * @param battery volts measured, when they were
 * @returns what all of them have in common; where their wiring differs it is not known
 */
export function circumstancesOf(
  texts: readonly string[],
  vehicle: { fuel?: string; kind?: string; engine?: string } = {},
  battery?: number,
): Circumstances {
  const wirings = new Set(texts.map(wiringOf));
  const any = (pattern: RegExp) => texts.some((t) => pattern.test(t));
  return {
    wiring: wirings.size === 1 ? [...wirings][0]! : 'not known',
    diesel: /diesel|\btdi\b|\bcdi\b/i.test(`${vehicle.fuel ?? ''} ${vehicle.engine ?? ''}`),
    volts24: vehicle.kind === '24 V vehicle' || (battery !== undefined && battery > 17),
    rich: any(/\brich\b/i) && !any(/\blean\b/i),
    throttle: any(/throttle/i),
    fuelVapour: any(/vapou?r|purge|evap|canister|tank vent|vent solenoid|fuel cap/i),
  };
}
