import 'fake-indexeddb/auto';
import { KeptPictures, MOST_PICTURES } from './keptPictures';

const png = (text: string) => new Blob([text], { type: 'image/png' });
let count = 0;
const nameOf = () => `pictures-${(count += 1)}`;

test('what was kept is there at the next visit, and only what was asked for', async () => {
  const name = nameOf();
  const first = new KeptPictures('build 1', name);
  await first.keep('a', png('tub'));
  await first.keep('b', png('box'));
  first.close();
  const found = await new KeptPictures('build 1', name).of(['b', 'c']);
  expect([...found.keys()]).toEqual(['b']);
});

test('another build of the app, which may draw otherwise, begins anew', async () => {
  const name = nameOf();
  const first = new KeptPictures('build 1', name);
  await first.keep('a', png('tub'));
  first.close();
  const second = new KeptPictures('build 2', name);
  expect((await second.of(['a'])).size).toBe(0);
  expect(await second.letGoOfOlder()).toBe(1);
  expect(await second.letGoOfOlder()).toBe(0);
  await second.keep('a', png('tub'));
  expect((await second.of(['a'])).size).toBe(1);
});

test('they are bounded: those that lie longest go first, and the latest stay', async () => {
  const kept = new KeptPictures('build 1', nameOf());
  let now = 0;
  jest.spyOn(Date, 'now').mockImplementation(() => (now += 1));
  for (let i = 0; i <= MOST_PICTURES; i += 1) await kept.keep(`${i}`, png('x'));
  jest.restoreAllMocks();
  const all = await kept.of(Array.from({ length: MOST_PICTURES + 1 }, (_, i) => `${i}`));
  expect(all.size).toBeLessThanOrEqual(MOST_PICTURES);
  expect(all.size).toBeGreaterThan(MOST_PICTURES * 0.8);
  expect(all.has('0')).toBe(false);
  expect(all.has(`${MOST_PICTURES}`)).toBe(true);
});

test('a browser that keeps nothing is asked once and left in peace', async () => {
  const open = jest.spyOn(indexedDB, 'open').mockImplementation(() => {
    throw new Error('refused');
  });
  const kept = new KeptPictures('build 1', nameOf());
  await kept.keep('a', png('tub'));
  expect((await kept.of(['a'])).size).toBe(0);
  open.mockRestore();
});
