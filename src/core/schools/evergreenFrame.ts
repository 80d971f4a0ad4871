import { wishedPlaces } from '../placing/wishedPlaces';
import { hangs, NO_PREFERENCE, type School } from './school';

/** A frame that stands all twelve months, and pockets that change with the season. */
export const evergreenFrame: School = {
  id: 'evergreen-frame',
  suits: ({ container }) => (hangs(container) ? 0.2 : 0.35),
  parts: () => [
    { role: 'lead', share: [0.05, 0.4] },
    { role: 'body', share: [0.2, 0.7] },
    { role: 'edge', share: [0.15, 0.6] },
  ],
  casts: () => [
    ['lead', 'body', 'edge'],
    ['lead', 'body', 'body', 'edge'],
  ],
  counts: 'free',
  likeMayTouch: null,
  order: 'alternate',
  // The frame must keep its leaves and stay out; the body is what changes.
  allows: ({ foliage, bringInC, lowestC }, role) =>
    role === 'body' || (foliage.evergreen && bringInC === null && lowestC <= -5),
  prefers: NO_PREFERENCE,
  spots: ({ container, spot, house }, role, count, leads) =>
    wishedPlaces(container, spot.view, role, count, { leads, lead: house.lead }),
  weights: { frame: 2, interest: 1.3, 'pot-frost': 1 },
};
