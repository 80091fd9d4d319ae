/** A word as the reader of letters gives it, with its place in pixels of the picture. */
export interface OcrWord {
  text: string;
  /** 0 to 100. */
  confidence: number;
  left: number;
  right: number;
  top: number;
  bottom: number;
}
export type OcrLine = readonly OcrWord[];

/** A place on the picture, in pixels. */
export type Place = Omit<OcrWord, 'text' | 'confidence'>;
