import { readSymptoms } from '@/services/find/symptom-reading';
import { answer, Problem } from '../../../answer';
import { bytesOf } from '../../../body';

const MOST_LETTERS = 4000;

/** Reads a complaint in anyone's words and puts it nowhere: text as the body. */
export function POST(request: Request) {
  return answer(request, 'look', async () => {
    const says = `That is more than ${MOST_LETTERS} letters. Send one complaint at a time.`;
    const bytes = await bytesOf(request, 4 * MOST_LETTERS, says);
    const text = new TextDecoder().decode(bytes).trim();
    if (text === '') throw new Problem('Send the complaint as text in the body.');
    if (text.length > MOST_LETTERS) throw new Problem(says, 'too large');
    return readSymptoms(text);
  });
}
