export type DisturbanceKind =
  'missing' | 'drop-out' | 'frozen' | 'spike' | 'missing pulses' | 'extra pulses' | 'silence' | 'sinks';

/** A stretch in which a channel does not tell the truth. */
export interface Disturbance {
  kind: DisturbanceKind;
  channel: string;
  /** Seconds. */
  from: number;
  to: number;
  /** How far it leaves what the channel does around it, in its unit; of pulses how many. */
  by: number;
}
