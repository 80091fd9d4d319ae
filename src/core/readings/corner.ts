/** The four corners of a vehicle, as the trade writes them: front or rear, then the side. */
export const CORNERS = ['FL', 'FR', 'RL', 'RR'] as const;
export type Corner = (typeof CORNERS)[number];

/** Other ways to write them. Common practice, no source; VL, VR, HL and HR are German. */
const WAYS: Record<Corner, RegExp> = {
  FL: /^(f\W?l|l\W?f|v\W?l|front left|left front)$/i,
  FR: /^(f\W?r|r\W?f|v\W?r|front right|right front)$/i,
  RL: /^(r\W?l|l\W?r|h\W?l|rear left|left rear)$/i,
  RR: /^(r\W?r|h\W?r|rear right|right rear)$/i,
};

/**
 * The corner that a label names.
 *
 * @param label as typed: `LF`, `left front`, `front-left`
 * @returns undefined when it names none
 * @example cornerOf('LR') // 'RL'
 */
export function cornerOf(label: string): Corner | undefined {
  const t = label.trim().replace(/[\s-]+/g, ' ');
  return CORNERS.find((c) => WAYS[c].test(t));
}
