import { expect, type Page } from '@playwright/test';

/** A phone held upright. */
export const PHONE = { width: 390, height: 844 };

/** Loads the made-up set. */
export async function halt(page: Page): Promise<void> {
  await page.goto('/shed');
  await page.getByRole('button', { name: 'Load the demo set' }).click();
  await expect(page.getByRole('button', { name: 'Take away the demo set' })).toBeVisible();
}

/** Moves the Halt's own day. @param said as the Yard says it then */
export async function dayIs(page: Page, day: string, said: string): Promise<void> {
  await page.goto('/');
  await page.locator('[data-held-day]').getByLabel('Another day').fill(day);
  await expect(page.locator('[data-held-day]')).toContainText(said);
}

/** Waits until the round is of all containers, not of the first few: until then its stops may still change places. */
export async function allSeen(page: Page): Promise<void> {
  await expect(page.locator('[data-round]:not([data-part])')).toBeVisible();
}

/** Opens today's round. */
export async function walk(page: Page): Promise<void> {
  await page.goto('/rounds');
  await allSeen(page);
}
