import { weeksBetween } from '../../units/units';
import { isEverInLeaf, sharedWeeks } from '../season';
import { each } from './rule';

/** What flowers before or after its leaves, or under cover in winter, by botanical name or genus. */
const FLOWERS_BARE = [
  'Colchicum',
  'Nerine',
  'Jasminum nudiflorum',
  'Schlumbergera',
  'Clivia',
  'Strelitzia',
];

/** Most of the bloom falls in weeks in which the plant is in leaf, unless it flowers bare. */
export const bloomsInLeaf = each(({ bloom, botanical, inLeaf }) => {
  if (!bloom || FLOWERS_BARE.some((name) => botanical.startsWith(name))) return [];
  const share = sharedWeeks(inLeaf, bloom.weeks) / (weeksBetween(...bloom.weeks) + 1);
  return [share < 0.5 && `in leaf in ${Math.round(share * 100)} % of the weeks it flowers`];
});

/** Weeks by which a plant may have gone over before its last leaf falls. */
const OVER_BEFORE = 14;

/** What is in leaf all year never goes over; what is not goes over near the end of its leaves. */
export const goesOverWithItsLeaves = each((kind) => {
  const { goneOver, inLeaf } = kind;
  if (isEverInLeaf(kind))
    return [goneOver && `in leaf all year, but over in week ${goneOver.week}`];
  if (!goneOver) return ['loses its leaves, but never goes over'];
  const early = weeksBetween(goneOver.week, inLeaf[1]);
  const late = weeksBetween(inLeaf[1], goneOver.week);
  return [
    Math.min(early, late) > OVER_BEFORE &&
      `leaves end in week ${inLeaf[1]}, but it is over in ${goneOver.week}`,
  ];
});

/** Weeks by which nurseries under glass are ahead of the year. */
const AHEAD = 8;

/** Shops have it growing in some week in which it is in leaf, or soon will be. */
export const soldInLeaf = each((kind) => {
  const { inShops, inLeaf } = kind;
  // Ahead of its leaves it is in leaf nearly all year, and in the other weeks at rest.
  if (isEverInLeaf(kind) || weeksBetween(...inLeaf) + AHEAD >= 51) return [];
  const ahead = [((inLeaf[0] - 1 - AHEAD + 52) % 52) + 1, inLeaf[1]] as const;
  return [
    !inShops.some((weeks) => sharedWeeks(weeks, ahead) > 0) &&
      `sold in weeks ${inShops.map((weeks) => weeks.join('–')).join(', ')}, in leaf in ${inLeaf.join('–')}`,
  ];
});
