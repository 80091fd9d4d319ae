/** More than any report; a file beyond it is not even opened. */
const MOST = 2_000_000;

/**
 * The text of a report that was dropped as a file.
 *
 * @param file of any kind
 * @returns its text, or the sentence that says why it is not taken
 */
export async function textOf(file: File): Promise<{ text: string } | { problem: string }> {
  if (file.size > MOST)
    return {
      problem: `“${file.name}” has ${(file.size / 1e6).toFixed(1)} MB; a report of more than 2 MB is not taken. Paste the part with the codes.`,
    };
  const bytes = new Uint8Array(await file.arrayBuffer());
  const head = new TextDecoder('latin1').decode(bytes.slice(0, 5));
  if (head === '%PDF-')
    return {
      problem: `“${file.name}” is a PDF. Open it, select all, copy, and paste the text here; where it is locked, photograph the page.`,
    };
  if (head.startsWith('PK'))
    return {
      problem: `“${file.name}” is an archive or an office document. Open it and copy the report out of it.`,
    };
  let text: string;
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    text = new TextDecoder(bytes[0] === 0xff && bytes[1] === 0xfe ? 'utf-16le' : 'windows-1252').decode(
      bytes,
    );
  }
  // Bytes that no text has.
  const strange = [...text.slice(0, 4000)].filter((c) => c < '\t' || (c > '\r' && c < ' ')).length;
  if (strange > 10)
    return {
      problem: `“${file.name}” is no text. Copy the report out of the tool as text, or photograph its screen.`,
    };
  return { text };
}
