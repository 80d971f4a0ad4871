import { wishedPlaces } from '../placing/wishedPlaces';
import { ANY_KIND, hangs, NO_PREFERENCE, type School } from './school';
import { isLong } from '../containers/container';

/** Boxes: one unit repeated along the length in a zigzag; the ends match. */
export const repeatRun: School = {
  id: 'repeat-run',
  suits: ({ container }) => (!hangs(container) && isLong(container) ? 1 : 0),
  parts: () => [
    { role: 'lead', share: [0.1, 0.4] },
    { role: 'body', share: [0.2, 0.6] },
    { role: 'edge', share: [0.2, 0.6] },
  ],
  casts: () => [
    ['lead', 'body', 'edge'],
    ['lead', 'body', 'edge', 'edge'],
    ['lead', 'body', 'body', 'edge'],
  ],
  counts: 'pairs',
  likeMayTouch: null,
  order: 'alternate',
  allows: ANY_KIND,
  prefers: NO_PREFERENCE,
  spots: ({ container, spot, house }, role, count, leads) =>
    wishedPlaces(container, spot.view, role, count, { leads, lead: house.lead }),
  // An even line along a box is what many want of it.
  weights: { pairs: 1.8, balance: 1.3, 'lead-place': 0.7, silhouette: 0 },
};
