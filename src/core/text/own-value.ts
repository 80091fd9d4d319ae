/**
 * What a record says under a name that came from outside: its own entries only, so that "constructor" is no entry.
 *
 * @example ownValue({ P0171: 'too lean' }, 'constructor') // undefined
 */
export const ownValue = <T>(record: Readonly<Record<string, T>>, name: string): T | undefined =>
  Object.hasOwn(record, name) ? record[name] : undefined;
