import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { chromium, type Browser } from '@playwright/test';
// The steps are plain JavaScript so that they run before anything is installed.
// @ts-expect-error no types
import { BROWSER, build, freePort, root, serve } from './steps.mjs';

/** The built app with the demo set, served to a browser that asks nobody else, for as long as the work takes. */
export async function withBuiltApp<T>(
  work: (browser: Browser, url: string) => Promise<T>,
): Promise<T> {
  if (!existsSync(join(root, '.next', 'BUILD_ID')) && build() !== 0)
    throw new Error('The build failed.');
  const port: number = await freePort(4700);
  const { stop } = await serve(port, { RILLBANK_DEMO: '1' });
  const browser = await chromium.launch(BROWSER);
  try {
    return await work(browser, `http://127.0.0.1:${port}`);
  } finally {
    await browser.close();
    stop();
  }
}

/** A window of a desk. tsx wraps named functions in a helper that a page does not have. */
export async function deskPage(browser: Browser) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.addInitScript('globalThis.__name = (named) => named');
  return page;
}
