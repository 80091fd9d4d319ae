/**
 * The numbers of SAE J1939 (SPN, FMI) by what they are like among the generic codes, so that general practice is known
 * for them too. Which quantity a number stands for, and what the failure mode indicators say, is the standard's; which
 * generic code speaks of the same is by judgement, no source.
 *
 * A line each: SPN | electrical, erratic or out of calibration | too high | too low | mechanical, not responding
 */
const TABLE = `
27 | P0405 P0406 | | | P0404
51 | P0121 P2135 | | | P2101
84 | P0500 | | |
91 | P2122 P2138 | | | P2138
94 | P0190 | P0088 | P0087 | P0087
96 | P0460 | | |
100 | P0521 | | P0521 P0522 | P0521
102 | P0236 P0238 | P0234 | P0299 | P0299
103 | P2263 | P0234 | P0299 | P2263
105 1131 | P0113 | | |
110 | P0117 P0118 | P0217 | P0128 | P0128
157 164 | P0191 P0192 P0193 | P0088 | P0087 | P0087
158 168 | P0562 | P0563 | P0562 | P0562
174 | P0182 P0183 | | |
190 636 | P0335 | | | P0335
411 | P0405 P0406 | | P0401 | P0401
412 | P040B P040C | P2457 | |
620 3509 3510 3511 3512 3513 3514 | P0641 | P0641 | P0641 |
625 639 | U0001 | | | U0001
641 2795 | P0045 P2563 | P0234 | P0299 | P2263 P0045
647 | P0480 | | | P0480
651 652 653 654 655 656 | P0201 | P0263 | P0263 | P0263
677 | P0615 | | | P0615
723 | P0340 | | | P0340
1127 | P0236 P0238 | P0234 | P0299 | P0299
1347 | P0003 P0251 | P0088 | P0087 | P0087
1761 | P203A P203B | | P203F | P203A
2659 | P0401 | P0402 | P0401 | P0401
2791 | P0403 P0404 | P0402 | P0401 | P0404
3031 | P205B | | |
3216 | P2200 P2202 | | | P2200
3226 | P229F P229E | P20EE | | P229F
3241 3242 3245 3246 3249 4360 4363 | P0544 P2031 | P2463 | | P0544
3251 | P2452 P2453 | P2463 | P2452 | P2452
3361 4331 5394 | P2047 | | P20EE | P20EE P207F
3363 4354 4355 4356 4357 | P20B9 P20BB | | | P20B9
3364 3516 3521 | P206A P207F | P207F | P207F | P207F
3719 3720 | P2463 P242F | P2463 P242F | | P2463
3936 | P2002 | P2463 | P2002 | P2002
4334 | P204A P204B | P20E8 | P20E8 | P20E8
4364 4792 | P20EE | | P20EE | P20EE
`;

/** The highest failure mode indicator of the standard. */
const MOST_FMI = 31;

/** What a failure mode indicator speaks of: a column of the table (SAE J1939-73, from memory). */
function columnOf(fmi: number): number {
  if ([0, 15, 16, 20].includes(fmi)) return 1;
  if ([1, 17, 18, 21].includes(fmi)) return 2;
  if ([7, 14, 31].includes(fmi)) return 3;
  return 0;
}

/**
 * Generic codes that each number is like.
 *
 * @returns generic codes by the number as `readCode` writes it
 * @example j1939Kin().get('SPN 94 FMI 18') // ['P0087']
 */
export function j1939Kin(): Map<string, readonly string[]> {
  const kin = new Map<string, readonly string[]>();
  for (const line of TABLE.trim().split('\n')) {
    const [numbers = '', ...columns] = line
      .split('|')
      .map((c) => c.trim().split(' ').filter(Boolean).join(' '));
    for (const spn of numbers.split(' '))
      for (let fmi = 0; fmi <= MOST_FMI; fmi++) {
        const like = columns[columnOf(fmi)] || columns[0];
        if (like) kin.set(`SPN ${spn} FMI ${fmi}`, like.split(' '));
      }
  }
  return kin;
}
