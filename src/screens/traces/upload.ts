'use client';

import { ProblemAnswer } from '@/core/api';
/** Most tries while the case itself is still on its way to the server. */
const TRIES = 5;

/**
 * Sends a recording to be kept with the case, under an id made here: sending it twice adds it once.
 *
 * @throws Error with a sentence when it was refused or did not get through
 */
export async function upload(
  caseId: string,
  id: string,
  file: Blob & { name?: string },
  tell: (share: number) => void,
): Promise<void> {
  for (let tried = 1; ; tried++) {
    const { status, text } = await send(caseId, id, file, tell);
    if (status === 200) return;
    if (status === 404 && tried < TRIES) {
      await new Promise((r) => setTimeout(r, 1500));
      continue;
    }
    if (status === 0)
      throw new Error(
        'No connection to the shop’s server. The trace stays open here; send the recording again when there is one.',
      );
    throw new Error(refusal(text));
  }
}

function refusal(text: string): string {
  try {
    return ProblemAnswer.parse(JSON.parse(text)).error;
  } catch {
    return 'The recording was not accepted.';
  }
}

function send(caseId: string, id: string, file: Blob & { name?: string }, tell: (share: number) => void) {
  return new Promise<{ status: number; text: string }>((resolve) => {
    const request = new XMLHttpRequest();
    const query = new URLSearchParams({ name: file.name ?? 'recording', recording: '1' });
    request.open('PUT', `/api/cases/${caseId}/files/${id}?${query}`);
    request.upload.onprogress = (e) => tell(e.total ? e.loaded / e.total : 0);
    request.onload = () => resolve({ status: request.status, text: request.responseText });
    request.onerror = () => resolve({ status: 0, text: '' });
    request.send(file);
  });
}
