import { ANY_KIND, hangs, type School } from './school';
import { isLong } from '../containers/container';

/** One plant, its pot and its dressing, tuned to each other. */
export const specimen: School = {
  id: 'specimen',
  suits: ({ container }) => (hangs(container) || isLong(container) ? 0 : 0.3),
  parts: () => [{ role: 'lead', share: [1, 1] }],
  casts: () => [['lead']],
  counts: 'free',
  likeMayTouch: true,
  order: 'alternate',
  allows: ANY_KIND,
  // It has to be worth looking at alone.
  prefers: ({ foliage, habit, bloom }) =>
    (foliage.texture === 'bold' ? 0.12 : 0) +
    (habit === 'paddle' ||
    habit === 'rosette' ||
    habit === 'strap' ||
    habit === 'grass' ||
    habit === 'fern'
      ? 0.1
      : 0) +
    (bloom && bloom.cover > 0.3 ? 0.05 : 0),
  spots: (_, __, count) => Array.from({ length: count }, () => ({ xCm: 0, zCm: 0 })),
  weights: {
    roles: 0,
    balance: 0,
    texture: 0,
    neighbours: 0,
    'lead-place': 0,
    silhouette: 0,
    fullness: 0,
    scheme: 0.8,
    'pot-contrast': 1.6,
    proportion: 1.5,
    interest: 1.3,
  },
};
