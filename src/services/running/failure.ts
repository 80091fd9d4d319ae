import { Problem, type ProblemCode } from '@/core/problem';

/** What a failure of the database or of the store of files means to whoever asked: a code for the program, and the sentence beside it. */
export interface Failure {
  error: string;
  code: ProblemCode;
  /** The database's own code, where it belongs into the log. */
  logged?: string;
}

/** @returns undefined for what nobody expected */
export function failureOf(e: unknown): Failure | undefined {
  let logged = '';
  for (let at: unknown = e; at instanceof Error; at = at.cause) {
    if (at instanceof Problem) return { error: at.message, code: at.code };
    const code = 'code' in at ? String(at.code) : '';
    if (code === 'CONTENT_STORE')
      return {
        error: 'The store of the shop’s files does not answer as it should. Nothing was lost; try again.',
        code: 'busy',
        logged: `${code} ${at.message}`,
      };
    if (code.startsWith('SQLITE_CONSTRAINT'))
      return {
        error: 'This belongs to something that is not there any more. Reload the case and try again.',
        code: 'gone',
      };
    if (code.startsWith('SQLITE_BUSY') || code.startsWith('SQLITE_LOCKED'))
      return {
        error: 'The database was busy for too long. It is kept here and will be sent again.',
        code: 'busy',
      };
    if (code.startsWith('SQLITE_FULL') || code.startsWith('SQLITE_IOERR') || code === 'ENOSPC')
      return {
        error:
          'The disk could not take it (full, or failing). Free some space; what you typed is kept in this browser and will be sent again.',
        code: 'disk',
        logged: code,
      };
    if (code.startsWith('SQLITE')) logged = code;
  }
  return logged === ''
    ? undefined
    : {
        error:
          'It could not be saved, for a reason nobody expected. It is kept here; reload to send it again.',
        code: 'internal',
        logged,
      };
}
