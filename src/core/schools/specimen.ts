import { wishedPlaces } from '../placing/wishedPlaces';
import { ANY_KIND, hangs, type School } from './school';
import { isLong } from '../containers/container';

/** What it is worth to be sold well grown, and costs not to be: bedding is no specimen. Ours. */
const GROWN = 0.18;
/** What it is worth to be wood: a specimen is more the second year. Ours. */
const LASTS = 0.16;
/** Habits that hold the eye by themselves. */
const FORMED: ReadonlySet<string> = new Set(['paddle', 'rosette', 'strap', 'grass', 'fern']);

/** One plant, alone or over a carpet, its pot and its dressing tuned to each other. */
export const specimen: School = {
  id: 'specimen',
  suits: ({ container }) => (hangs(container) || isLong(container) ? 0 : 0.3),
  parts: () => [
    { role: 'lead', share: [0.08, 1] },
    { role: 'edge', share: [0, 0.92] },
  ],
  // Alone, or over a quiet carpet.
  casts: () => [['lead'], ['lead', 'edge']],
  counts: 'free',
  likeMayTouch: true,
  order: 'alternate',
  allows: ANY_KIND,
  // It has to be worth looking at alone.
  prefers: ({ cycle, foliage, habit, bloom, sold }, role) =>
    role === 'edge'
      ? 0
      : (sold.some(({ size }) => size === '2L' || size === '3L') ? GROWN : -GROWN) +
        (cycle === 'shrub' || cycle === 'tender shrub' ? LASTS : 0) -
        (cycle === 'perennial' && !FORMED.has(habit) && !foliage.evergreen ? LASTS : 0) +
        (foliage.texture === 'bold' ? 0.12 : 0) +
        (FORMED.has(habit) ? 0.1 : 0) +
        (bloom && bloom.cover > 0.3 ? 0.05 : 0),
  spots: ({ container, house }, role, count, leads) =>
    role === 'lead'
      ? Array.from({ length: count }, () => ({ xCm: 0, zCm: 0 }))
      : wishedPlaces(container, 'all round', role, count, { leads, lead: house.lead }),
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
