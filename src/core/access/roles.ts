/** Who may do what in a shop. Everything that is asked of the server names one of these actions. */

export const ACTIONS = {
  open: 'Sign in; whether the server is up',
  own: 'One’s own sign-in, PIN and passphrase',
  look: 'See cases, find, guide, reports',
  'take in': 'Open cases: complaint, customer, vehicle; what the customer answered; follow-ups',
  diagnose: 'Evidence, suspects, repair, proof; known-good values, procedures, how reports are read',
  'sign off': 'Name the cause, close and open a case again',
  'keep lists': 'Parts and failures, words, meanings of codes, bulletins',
  'data in and out': 'Import and export cases, backups',
  'run the shop': 'Settings, people, devices, tokens, who did what; erase a customer',
} as const;
export type Action = keyof typeof ACTIONS;

interface RoleFacts {
  name: string;
  may: readonly Action[];
}

/** Every role. A new one is one entry here. */
const TABLE = {
  lead: { name: 'Lead', may: Object.keys(ACTIONS) as Action[] },
  technician: { name: 'Technician', may: ['open', 'own', 'look', 'take in', 'diagnose'] },
  desk: { name: 'Front desk', may: ['open', 'own', 'look', 'take in'] },
} as const satisfies Record<string, RoleFacts>;

export type Role = keyof typeof TABLE;
export const ROLES = Object.keys(TABLE) as [Role, ...Role[]];
/**
 * A role as people read it.
 *
 * @param role as stored
 * @returns its name
 * @example roleName('desk') // 'Front desk'
 */
export const roleName = (role: Role): string => TABLE[role].name;

/**
 * Whether a role may do something.
 *
 * @example mayDo('technician', 'sign off') // false
 */
export const mayDo = (role: Role, action: Action): boolean =>
  (TABLE[role].may as readonly Action[]).includes(action);

/** The sentence for somebody whose role may not. */
export function notAllowed(role: Role, action: Action): string {
  const others = ROLES.filter((r) => mayDo(r, action)).map((r) => roleName(r).toLowerCase());
  return `${roleName(role)} may not do this (${ACTIONS[action].toLowerCase()}). Ask the ${others.at(-1)}.`;
}

/** What a token may do: only look, what a technician may, or everything. */
export const TOKEN_SCOPES = ['look', 'technician', 'lead'] as const;
export type TokenScope = (typeof TOKEN_SCOPES)[number];

/** Whether a token of a scope may do something. */
export const tokenMayDo = (scope: TokenScope, action: Action): boolean =>
  scope === 'look' ? action === 'look' || action === 'open' : mayDo(scope, action);
