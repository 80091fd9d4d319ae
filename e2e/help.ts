import { expect, type Page } from '@playwright/test';

/** What several browser tests do alike. */

export const saved = (page: Page) => expect(page.getByText('Saved', { exact: true })).toBeVisible();
export const part = (page: Page, name: string) => page.getByRole('region', { name, exact: true });

/** Opens an empty case of its own; gives its id. */
export async function freshCase(page: Page): Promise<string> {
  const response = await page.request.post('/api/cases', { data: {} });
  const { id } = (await response.json()) as { id: string };
  await page.goto(`/cases/${id}`);
  return id;
}

/** Puts a test on the open case and writes its question. */
export async function addTest(page: Page, question: string) {
  const evidence = part(page, 'Evidence');
  await evidence.getByRole('button', { name: 'Test', exact: true }).click();
  await page.keyboard.type(question);
  return evidence.getByRole('article', { name: question });
}
