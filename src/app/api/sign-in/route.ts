import { SignInRequest, signIn } from '@/services/access/sign-in';
import { answer, readBody } from '../answer';

/** Signs somebody in, makes the owner at the first start, or admits this device. */
export function POST(request: Request) {
  return answer(request, 'open', async () => {
    const { cookies, personId } = await signIn(await readBody(request, SignInRequest), request.headers);
    const response = Response.json({ personId: personId ?? '' });
    for (const cookie of cookies) response.headers.append('set-cookie', cookie);
    return response;
  });
}
