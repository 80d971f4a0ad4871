import { wishedPlaces } from '../placing/wishedPlaces';
import { DISH_CM } from '../suitability/proportion';
import { middle } from '../plants/kind';
import { ANY_KIND, hangs, type School } from './school';
import { reachOf } from '../containers/section';
import { isLong, type Container } from '../containers/container';
import { insideDepthCm, rimSection } from '../containers/shape';

/** A dish so wide, cm, is a small landscape: two kinds do not make one. Ours. */
const WIDE_CM = 36;

const isWide = ({ shape }: Container): boolean =>
  2 * reachOf(rimSection(shape)).acrossCm >= WIDE_CM;

const isShallow = ({ shape }: Container): boolean => insideDepthCm(shape) <= DISH_CM;

/** No lead: plants of one height knit into an even dome with trails all round. Three colours of one kind, sharing one thirst, is its simplest form. */
export const dome: School = {
  id: 'dome',
  suits: ({ container, spot }) => {
    if (hangs(container)) return 1;
    if (isShallow(container)) return 0.8;
    if (isLong(container)) return 0.3;
    return spot.view === 'all round' ? 0.7 : 0.45;
  },
  parts: () => [
    { role: 'body', share: [0.3, 0.75] },
    { role: 'edge', share: [0.25, 0.7] },
  ],
  casts: ({ container }) =>
    isShallow(container) && isWide(container)
      ? [
          ['body', 'edge', 'edge'],
          ['body', 'body', 'edge', 'edge'],
          ['body', 'body', 'edge', 'edge', 'edge'],
          ['body', 'body', 'body', 'edge', 'edge'],
        ]
      : [
          ['body', 'edge'],
          ['body', 'body', 'edge'],
          ['body', 'body', 'edge', 'edge'],
          ['body', 'body', 'body', 'edge'],
        ],
  counts: 'free',
  likeMayTouch: null,
  order: 'alternate',
  allows: ANY_KIND,
  // Mounds of middling height knit; spikes and grasses stick out of a dome.
  prefers: ({ habit, heightCm, roles }, role) =>
    role === 'body'
      ? (habit === 'mound' || habit === 'cloud'
          ? 0.1
          : habit === 'spike' || habit === 'grass' || habit === 'strap'
            ? -0.15
            : 0) -
        (middle(heightCm) > 50 ? 0.1 : 0) -
        (roles[0] === 'lead' ? 0.1 : 0)
      : 0,
  spots: ({ container }, role, count) =>
    wishedPlaces(container, 'all round', role, count, { leads: 0, lead: 'by view' }),
  weights: {
    texture: 0,
    muddle: 0,
    pairs: 0,
    'lead-place': 0,
    silhouette: 0,
    evenness: 1.6,
    balance: 1.3,
    proportion: 0.6,
  },
};
