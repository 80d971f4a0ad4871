import { render, screen } from '@testing-library/react';
import type { Settings } from '@/core/files/plantingFile';
import { USUAL_SETTINGS } from '@/data/usualSettings';
import { spellAs } from '@/ui/spelling/spelling';
import { Spelling } from './Spelling';

let settings: Settings | undefined;
jest.mock('@/ui/session/StoreProvider', () => ({ useLive: () => settings, useStore: () => null }));
jest.mock('next/navigation', () => ({ usePathname: () => '/' }));

beforeEach(() => {
  settings = undefined;
  window.localStorage.clear();
});
afterEach(() => spellAs(false));

const Words = () => <p>The colour of the pot</p>;
const page = (words: string) => (
  <Spelling>
    <Words key={words} />
  </Spelling>
);

test('until the settings are read a page is spelled as it was at the last visit', () => {
  settings = { ...USUAL_SETTINGS, market: 'american' };
  const first = render(page('first visit'));
  expect(screen.getByText('The color of the pot')).toBeTruthy();
  first.unmount();
  settings = undefined;
  const { rerender } = render(page('the next'));
  expect(screen.getByText('The color of the pot')).toBeTruthy();
  expect(document.documentElement.lang).toBe('en-US');
  // What the settings say counts, now and at the visit after.
  settings = { ...USUAL_SETTINGS, market: 'european' };
  rerender(page('read'));
  expect(screen.getByText('The colour of the pot')).toBeTruthy();
  expect(document.documentElement.lang).toBe('en-GB');
  expect(window.localStorage).toHaveLength(0);
});
