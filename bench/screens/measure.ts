import { readScan, rowsWithLines, SURE_ENOUGH, sureOfPicture } from '@/core/codes';
import { stopLetters, textOfPicture } from '@/services/scans/scan-picture';
import { drawScreens, screenOf } from './draw';
import { photographed } from './photo';

export interface ScreensScore {
  codes: number;
  right: number;
  /** Said for sure and not on the screen. */
  wrong: number;
  /** Shown to be looked at. */
  doubtful: number;
  milliseconds: number;
}

/** Draws screens, photographs and reads them; a code counts only where it was said for sure. */
export async function measureScreens(from: number, count: number): Promise<ScreensScore> {
  const screens = Array.from({ length: count }, (_, i) => screenOf(from + i));
  const drawn = await drawScreens(screens);
  const score = { codes: 0, right: 0, wrong: 0, doubtful: 0, milliseconds: 0 };
  for (const [i, screen] of screens.entries()) {
    const photo = await photographed(drawn[i]!, from + i);
    const begun = performance.now();
    const { text, sure } = await textOfPicture(photo);
    score.milliseconds += (performance.now() - begun) / count;
    const { report } = readScan(text);
    const rows = rowsWithLines(report, sureOfPicture(report, sure)).codes;
    const said = rows.filter((c) => c.sure >= SURE_ENOUGH).map((c) => c.code);
    score.codes += screen.codes.length;
    score.right += screen.codes.filter((c) => said.includes(c)).length;
    score.wrong += said.filter((c) => !screen.codes.includes(c)).length;
    score.doubtful += rows.length - said.length;
  }
  await stopLetters();
  return score;
}
