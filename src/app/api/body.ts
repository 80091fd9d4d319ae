import { Problem } from '@/core/problem';

/**
 * The body as bytes, given up as soon as it is too long, whatever its sender announced.
 *
 * @param most bytes that are taken
 * @param says what to do where there are more
 */
export async function bytesOf(
  request: Request,
  most: number,
  says: string,
): Promise<Uint8Array<ArrayBuffer>> {
  const tooLarge = () => new Problem(says, 'too large');
  if (Number(request.headers.get('content-length') ?? 0) > most) throw tooLarge();
  const parts: Uint8Array[] = [];
  let length = 0;
  for await (const part of (request.body ?? []) as AsyncIterable<Uint8Array>) {
    length += part.length;
    if (length > most) throw tooLarge();
    parts.push(part);
  }
  const all = new Uint8Array(length);
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all;
}

/** @throws Problem for what is no multipart form */
export async function formOf(
  bytes: Uint8Array<ArrayBuffer>,
  type: string,
  fields: string,
): Promise<FormData> {
  const wrong = () =>
    new Problem(`The form could not be read. Send it as multipart/form-data with ${fields}.`);
  if (!type.startsWith('multipart/form-data')) throw wrong();
  return new Response(bytes, { headers: { 'content-type': type } }).formData().catch(() => {
    throw wrong();
  });
}
