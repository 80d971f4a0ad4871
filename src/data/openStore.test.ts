/** A browser that has no database at all: what is global in other tests is taken away first. */
beforeAll(() => {
  // Node would wait for ever for a channel that nobody closes.
  Object.assign(globalThis, {
    indexedDB: undefined,
    IDBKeyRange: undefined,
    BroadcastChannel: undefined,
  });
});

test('without a database the store works in memory, tells so, and its live queries answer and follow', async () => {
  jest.resetModules();
  const { openStore } = await import('./openStore');
  const { rillbankHalt } = await import('@/demo/rillbankHalt');
  const opened = await openStore(() => undefined);
  if (!('store' in opened)) throw new Error(`Not opened: ${opened.kind}`);
  expect(opened.trouble).toMatchObject({ kind: 'missing' });
  const counts: number[] = [];
  const stop = opened.store.watch(
    (store) => store.plantings.all(),
    (all) => counts.push(all.length),
    (error) => {
      throw error;
    },
  );
  const seen = async (count: number) => {
    for (let i = 0; i < 200 && !counts.includes(count); i += 1)
      await new Promise((resolve) => setTimeout(resolve, 10));
    expect(counts).toContain(count);
  };
  await seen(0);
  await opened.store.whole.addAll(rillbankHalt());
  await seen(9);
  stop();
  opened.store.close();
});
