import { newStarterNames, STARTER_NAMES_VERSION } from '@/core/cause';
import type { Tx } from '@/store/database';
import { listCatalogue, updateCatalogue } from '@/store/catalogue';
import { appendHistory } from '@/store/rows';
import { getSetting, putSetting } from '@/store/shop';

const KEY = 'catalogue.names';

/**
 * Gives the entries a shop began with the names that were added to the starter list since, once for each version of
 * it: a name that somebody takes away afterwards stays away. What the shop calls something else stays as it is.
 *
 * @param tx the transaction of the start
 */
export async function addStarterNames(tx: Tx): Promise<void> {
  if ((await getSetting<number>(tx, KEY)) === STARTER_NAMES_VERSION) return;
  for (const { item, synonyms } of newStarterNames(await listCatalogue(tx))) {
    await updateCatalogue(tx, item.id, { synonyms });
    await appendHistory(tx, {
      at: new Date().toISOString(),
      who: '',
      caseId: null,
      kind: 'catalogue',
      rowId: item.id,
      op: 'set',
      before: { synonyms: item.synonyms },
      after: { synonyms },
    });
  }
  await putSetting(tx, KEY, STARTER_NAMES_VERSION);
}
