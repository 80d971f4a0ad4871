import { toHex } from '@/core/colour/oklch';
import { fitOfColour, PLAIN_SCHEMES } from '@/core/colour/schemes';
import { kindOf } from '@/core/plants/book/index';
import { SCHEME_PLANTS, shownColour } from './schemePlants';

test.each(PLAIN_SCHEMES)(
  'the plants that show what %s means are in the book, belong to it, and differ',
  (kind) => {
    const colours = SCHEME_PLANTS[kind].map(([id, part]) => {
      const plant = kindOf(id);
      if (!plant) throw new Error(id);
      return [id, shownColour(plant, part)] as const;
    });
    // `null`: neutral in it, as white is in most.
    for (const [id, colour] of colours) {
      const fit = fitOfColour(colour, { kind });
      expect([id, fit === null || fit >= 0.6]).toEqual([id, true]);
    }
    expect(new Set(colours.map(([, colour]) => toHex(colour))).size).toBe(colours.length);
  },
);
