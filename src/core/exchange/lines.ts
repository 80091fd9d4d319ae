/** Longer than this no line of a stream of case files may be. */
export const LONGEST_LINE = 64 * 1024 * 1024;
/** So much of the start tells whether it is one value over several lines. */
const START = 4096;

/**
 * Lines of a byte stream in UTF-8; a text that is one JSON value over several lines comes as one.
 *
 * @param body the bytes, for instance a file or the body of a request
 * @param longest so many characters are one line at the most
 * @returns each line with its place from 1; its text is undefined where it is too long
 */
export async function* linesOf(
  body: ReadableStream<Uint8Array>,
  longest = LONGEST_LINE,
): AsyncGenerator<{ line: number; text: string | undefined }> {
  const reader = body
    .pipeThrough(new TextDecoderStream() as never)
    .getReader() as ReadableStreamDefaultReader<string>;
  let line = 0;
  // Pieces of the line under way, joined once it is whole: looked through again and again it would take
  // time that grows with the square of its length.
  let pieces: string[] = [];
  let length = 0;
  let over = false;
  /** A single value over several lines; not known until its first line has come. */
  let whole: boolean | undefined;
  let start = '';
  const add = (piece: string) => {
    length += piece.length;
    over ||= length > longest;
    if (over) pieces = [];
    else if (piece !== '') pieces.push(piece);
  };
  const take = () => {
    const text = over ? undefined : pieces.join('');
    pieces = [];
    length = 0;
    over = false;
    return { line: ++line, text };
  };
  for (;;) {
    const { done, value = '' } = await reader.read();
    let piece = value;
    if (whole === undefined) {
      start += piece;
      if (!done && start.length < START && !start.trimStart().includes('\n')) continue;
      start = start.replace(/^\uFEFF/, '');
      whole = /^\s*\{\s*\n/.test(start);
      piece = start;
    }
    if (!whole)
      for (let at; (at = piece.indexOf('\n')) >= 0; piece = piece.slice(at + 1)) {
        add(piece.slice(0, at));
        yield take();
      }
    add(piece);
    if (!done) continue;
    const last = take();
    if (whole || last.text === undefined || last.text.trim() !== '') yield last;
    return;
  }
}

/**
 * Some lines of a stream, for whoever has to mend them.
 *
 * @param body the bytes
 * @param wanted their places, from 1
 * @returns the text of each that is there and not too long
 */
export async function someLines(
  body: ReadableStream<Uint8Array>,
  wanted: readonly number[],
): Promise<Map<number, string>> {
  const left = new Set(wanted);
  const found = new Map<number, string>();
  if (left.size === 0) return found;
  for await (const { line, text } of linesOf(body)) {
    if (left.delete(line) && text !== undefined) found.set(line, text);
    if (left.size === 0) break;
  }
  return found;
}
