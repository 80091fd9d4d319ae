import { figuresAt } from './figures';
import { bitmapOf, cutOut, marginOf, scaled } from './gray';
import type { PreparedScreen } from './prepare';
import type { OcrLine } from './ocr';
import { screenText, type ScreenText } from './screen-text';

/** What a reader of letters gives for a picture, as far as it is used here. */
interface Page {
  text: string;
  confidence: number;
  blocks:
    | {
        paragraphs: {
          lines: {
            words: {
              text: string;
              confidence: number;
              bbox: { x0: number; x1: number; y0: number; y1: number };
            }[];
          }[];
        }[];
      }[]
    | null;
}

/** The reader of letters, as the server and a browser both have it. */
export interface Letters {
  setParameters: (parameters: Record<string, string>) => Promise<unknown>;
  /** Takes the bytes of a BMP. */
  recognize: (bitmap: Uint8Array, output: { blocks: boolean; text: boolean }) => Promise<Page>;
}

/** How a page is parted, by the numbers of the reader: one block of text, or a single line. */
const BLOCK = '6';
const LINE = '7';

/** To be set before the first picture is read. */
export const LETTERS_BEGIN = { tessedit_pageseg_mode: BLOCK, preserve_interword_spaces: '1' };

/**
 * Reads a prepared picture of a screen.
 *
 * @param pictures of `prepareScreen`
 * @param letters the reader of letters, begun with `LETTERS_BEGIN`
 * @param progress told the share that is done, 0 to 1
 */
export async function readScreen(
  { smooth, sharp, shades }: PreparedScreen,
  letters: Letters,
  progress: (share: number) => void = () => undefined,
): Promise<ScreenText> {
  const passes: OcrLine[][] = [];
  for (const [i, picture] of [smooth, sharp].entries()) {
    passes.push(linesOf(await letters.recognize(bitmapOf(picture), { blocks: true, text: false })));
    progress(0.35 * (i + 1));
  }
  return screenText(
    passes,
    {
      readAgain: async (line) => {
        await letters.setParameters({ tessedit_pageseg_mode: LINE });
        const out: OcrLine[] = [];
        const margin = marginOf(line);
        for (const [picture, scale] of [
          [smooth, 1.25],
          [smooth, 0.85],
          [sharp, 1],
        ] as const) {
          const page = await letters.recognize(bitmapOf(scaled(cutOut(picture, line), scale)), {
            blocks: true,
            text: false,
          });
          const back = (x: number, edge: number) => x / scale + edge - margin;
          out.push(
            linesOf(page)
              .flat()
              .map((w) => ({
                ...w,
                left: back(w.left, line.left),
                right: back(w.right, line.left),
                top: back(w.top, line.top),
                bottom: back(w.bottom, line.top),
              })),
          );
        }
        await letters.setParameters({ tessedit_pageseg_mode: BLOCK });
        return out;
      },
      figuresAt: (number) => figuresAt(shades, number),
    },
    (share) => progress(0.7 + 0.3 * share),
  );
}

function linesOf({ blocks }: Page): OcrLine[] {
  return (blocks ?? []).flatMap((b) =>
    b.paragraphs.flatMap((p) =>
      p.lines.map((l) =>
        l.words.map(({ text, confidence, bbox: { x0, x1, y0, y1 } }) => ({
          text,
          confidence,
          left: x0,
          right: x1,
          top: y0,
          bottom: y1,
        })),
      ),
    ),
  );
}
