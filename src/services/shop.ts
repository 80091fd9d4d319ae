import { db } from '@/store/database';
import { getSetting } from '@/store/shop';

/** The shop's name, for the desk and for printed pages. */
export async function shopName(): Promise<string> {
  return (await getSetting<string>(db(), 'shop.name')) ?? 'Our shop';
}
