import type { IncomingMessage, RequestListener, ServerResponse } from 'node:http';
import type { NetworkInterfaceInfo } from 'node:os';

export function isLoopbackAddress(address: string | undefined): boolean;
export function ownNames(options: {
  host: string;
  names?: string;
  interfaces?: NodeJS.Dict<NetworkInterfaceInfo[]>;
  hostname?: string;
}): Set<string>;
export function refusalOf(
  request: { method?: string; url?: string; headers: Record<string, string | undefined> },
  names: Set<string>,
): { status: number; error: string } | undefined;
export function policyOf(nonce: string): string;
export const HEADERS: Record<string, string>;
export function inFront(
  inner: (request: IncomingMessage, response: ServerResponse) => void,
  options: { names: Set<string>; secure?: boolean; proxy?: string },
): RequestListener;
