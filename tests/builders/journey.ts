import { expect, test as base, type BrowserContext, type Page } from '@playwright/test';
import { forwarder, isDeaf, type Forwarder } from './forwarder';

export { expect };
export type { BrowserContext, Page };

/** Are the journeys walked with the network cut after the first load, as `npm run offline` asks? */
export const IS_CUT = process.env.RILLBANK_CUT === '1';

/** What asks the services themselves: there is nothing of it without a network. */
export const SERVICE = { tag: '@service' } as const;
/** What starts browsers of its own, or cuts the network itself. */
export const OWN_DEVICES = { tag: '@own-devices' } as const;

/**
 * A journey in the browser. Whatever it is about, no page of it, on any of its devices, may ask another host for anything, nor be
 * refused anything by the policy of the page.
 */
export const test = base.extend<{ devices: void }>({
  devices: [
    async ({ browser }, go) => {
      const plain = browser.newContext.bind(browser);
      const against: string[][] = [];
      browser.newContext = async (options = {}) => {
        const front = IS_CUT ? await forwarder(APP) : null;
        const context = await plain(
          front ? { ...options, baseURL: front.url, serviceWorkers: 'allow' } : options,
        );
        against.push(watched(context));
        if (front) await cutAfterFirstLoad(context, front);
        return context;
      };
      await go();
      browser.newContext = plain;
      expect(against.flat()).toEqual([]);
    },
    { auto: true },
  ],
});

const APP = process.env.RILLBANK_URL ?? 'http://127.0.0.1:3100';

/** What goes against the rules in any page of a context, told as it happens. */
export function watched(context: BrowserContext): string[] {
  const against: string[] = [];
  context.on('request', (request) => {
    const { protocol, hostname } = new URL(request.url());
    if (/^https?:$/.test(protocol) && hostname !== '127.0.0.1')
      against.push(`asked another host: ${request.url()}`);
  });
  context.on('console', (message) => {
    if (/Content Security Policy/.test(message.text()))
      against.push(`${message.page()?.url()}: ${message.text()}`);
  });
  return against;
}

/** Opens the app once, waits until the whole of it is kept on the device, and cuts the network. */
async function cutAfterFirstLoad(context: BrowserContext, front: Forwarder): Promise<void> {
  const page = await context.newPage();
  // A room that draws nothing and keeps nothing.
  await page.goto(`${front.url}/shed`);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await expect
    .poll(() => page.evaluate(() => navigator.serviceWorker.controller?.state))
    .toBe('activated');
  await page.close();
  await front.cut();
  expect(await isDeaf(front.url)).toBe(true);
}
