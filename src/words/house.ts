import type { HouseQuestion } from '@/core/plantings/house';

/** What good gardeners answer differently: the question, and why ours is the first answer. */
export const HOUSE_WORDS: Readonly<
  Record<HouseQuestion, { readonly asks: string; readonly why: string }>
> = {
  counts: {
    asks: 'Odd numbers or pairs',
    why: 'By school: odd for one-sided and offset designs, where the eye hunts for differences; pairs for baskets and rings, so that every side is even.',
  },
  neighbours: {
    asks: 'Like colours side by side',
    why: 'By scheme: contrasts are kept apart, shades of one colour may flow together.',
  },
  roots: {
    asks: 'Roots of a pot-bound ball',
    why: 'Loosened only where they circle: it cures circling with the least shock.',
  },
  drainage: {
    asks: 'In the base',
    why: 'Mesh over the hole: a coarse layer raises the wet zone and costs root room.',
  },
  mix: {
    asks: 'Mix',
    why: 'Fresh under 30 L; above that the top third is renewed. Never reused after disease.',
  },
  feed: { asks: 'Feed', why: 'Slow-release at planting, and liquid from week six for the hungry.' },
  headspace: {
    asks: 'Space below the rim',
    why: '2 cm, 2.5 cm for baskets: it is the watering reservoir.',
  },
  fullness: { asks: 'How tightly planted', why: 'By the weeks you ask for it to be full in.' },
  sun: {
    asks: 'What “full sun” means',
    why: 'Hours, with afternoon heat told beside them: words differ between writers. New spots start with this habit.',
  },
  lead: {
    asks: 'Where the lead stands',
    why: 'By view: behind when seen from one side, within when seen from all.',
  },
  pinch: { asks: 'Pinching trails', why: 'By plant, and by what stands behind it.' },
};
