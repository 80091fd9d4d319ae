import type { ChildProcess } from 'node:child_process';

export const root: string;
export function run(
  command: string,
  args: string[],
  options?: { capture?: boolean; env?: Record<string, string> },
): { code: number; out: string };
export function runBeside(
  command: string,
  args: string[],
  env?: Record<string, string>,
): Promise<{ code: number; out: string }>;
export function bin(name: string, file: string): string;
export function TSX(): string;
export function CHROMIUM(): string;
export function NEXT(): string;
export function ensureInstalled(): void;
export function ensureBuilt(options?: { quiet?: boolean }): Promise<{ code: number; out: string }>;
export function freePort(): Promise<number>;
export function serve(options: {
  port: number;
  env: Record<string, string>;
  quiet?: boolean;
}): Promise<{ url: string; child: ChildProcess; stop: () => Promise<void>; token: string }>;
