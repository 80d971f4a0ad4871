import {
  FORMATS,
  goodArchive,
  isInOurWords,
  readArchive,
  spoiled,
  spoiledBytes,
} from '../../tests/builders/spoiledFiles';

const EACH = 150;

describe.each(FORMATS.map((format) => [format.name, format] as const))('%s files', (_, format) => {
  test('a good one is let in', () => {
    const { messages, kept } = format.read(format.good);
    expect(messages).toEqual([]);
    expect(kept).toBeGreaterThan(0);
  });

  test(`${EACH} spoiled ones: none stops the door, what is let in can be stored and opened, the rest is refused in our words (seed 3)`, () => {
    let refusedCount = 0;
    for (let i = 0; i < EACH; i += 1) {
      const { messages } = format.read(spoiled(format.good, 3, i));
      for (const message of messages) if (!isInOurWords(message)) throw new Error(message);
      if (messages.length > 0) refusedCount += 1;
    }
    expect(refusedCount).toBeGreaterThan(EACH / 10);
  });
});

test('60 spoiled archives: none stops the door, each is refused in our words or read (seed 3)', async () => {
  const good = await goodArchive();
  expect(await readArchive(good)).toEqual({ messages: [], kept: 2 });
  let refusedCount = 0;
  for (let i = 0; i < 60; i += 1) {
    const { messages } = await readArchive(spoiledBytes(good, 3, i));
    for (const message of messages) if (!isInOurWords(message)) throw new Error(message);
    if (messages.length > 0) refusedCount += 1;
  }
  expect(refusedCount).toBeGreaterThan(10);
});
