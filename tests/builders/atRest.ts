import { expect, type Page } from '@playwright/test';

/** Waits until a room shows what it has: its heading, nothing still fetched or looked for, and nothing that changes between two looks. However slow the machine, however soon it is done. */
export async function atRest(page: Page): Promise<void> {
  await page.locator('h1').first().waitFor();
  await expect(page.getByText(/^Fetching|Looking…|still looking/)).toHaveCount(0);
  let before = '';
  await expect
    .poll(
      async () => {
        const now = await page.locator('body').innerHTML();
        const same = now === before;
        before = now;
        return same;
      },
      { intervals: [300], message: 'the room comes to rest' },
    )
    .toBe(true);
}
