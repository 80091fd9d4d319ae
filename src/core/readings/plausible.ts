/** What a temperature circuit shows when it is open: −40°, the cold end of one byte (SAE J1979). */
const OPEN_TEMPERATURE = -40;
/** With the engine off manifold and outside pressure are one, within this many kPa; common practice, no source. */
const NEAR_BAROMETER = 3;

/**
 * Whether a temperature is the cold end of its scale, so that no sensor is there.
 *
 * @param celsius as shown
 */
export const isOpenTemperature = (celsius: number): boolean => Math.abs(celsius - OPEN_TEMPERATURE) < 0.6;

/**
 * Whether manifold pressure with the engine off is the pressure outside.
 *
 * @param off difference from the barometer in kPa
 */
export const isAtBarometer = (off: number): boolean => Math.abs(off) <= NEAR_BAROMETER + 1e-9;
