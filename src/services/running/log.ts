import pino from 'pino';

/**
 * Structured log lines on standard output. They carry ids, counts and durations, never names,
 * plates, VINs or what anybody wrote.
 */
export const log = pino({
  level: process.env.VANTLE_LOG ?? 'info',
  base: undefined,
  timestamp: pino.stdTimeFunctions.isoTime,
});
