/** Longer than this no line of a stream of case files may be. */
export const LONGEST_LINE = 64 * 1024 * 1024;

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
  let rest = '';
  let line = 0;
  let whole: string | undefined;
  for (;;) {
    const { done, value } = await reader.read();
    if (value !== undefined) rest += line === 0 && rest === '' ? value.replace(/^\uFEFF/, '') : value;
    if (whole === undefined && line === 0 && /^\s*\{\s*\n/.test(rest)) whole = '';
    if (whole !== undefined) {
      // A single file written over many lines: read to its end.
      if (done) {
        yield { line: 1, text: rest };
        return;
      }
      if (rest.length > longest) {
        yield { line: 1, text: undefined };
        return;
      }
      continue;
    }
    let at: number;
    while ((at = rest.indexOf('\n')) >= 0) {
      line++;
      yield { line, text: at > longest ? undefined : rest.slice(0, at) };
      rest = rest.slice(at + 1);
    }
    if (done) {
      if (rest.trim() !== '') yield { line: line + 1, text: rest };
      return;
    }
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
