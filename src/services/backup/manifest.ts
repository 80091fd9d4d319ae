import { z } from 'zod';

/** What a backup says of itself, in `manifest.json`. */
export const Manifest = z.object({
  format: z.literal('vantle-backup/1'),
  at: z.iso.datetime(),
  shop: z.string().max(400),
  cases: z.number().int().min(0),
  files: z.number().int().min(0),
  /** SHA-256 of `shop.db`. */
  database: z.string().length(64),
});
export type Manifest = z.infer<typeof Manifest>;
