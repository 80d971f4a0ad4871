import type { PlanPoint } from '../containers/section';
import type { Guide } from '../placing/snap';
import type { PlacedPlant } from '../plantings/planting';
import type { PlanMark } from './planMark';

/** Lines that hold the plant under the hand. */
export function guideMarks(
  guides: readonly Guide[],
  half: { readonly acrossCm: number; readonly deepCm: number },
  plants: readonly PlacedPlant[],
): readonly PlanMark[] {
  return guides.flatMap((guide): PlanMark[] => {
    switch (guide.kind) {
      case 'middle':
      case 'column':
      case 'row': {
        const points: PlanPoint[] =
          guide.axis === 'x'
            ? [
                [guide.atCm, -half.deepCm],
                [guide.atCm, half.deepCm],
              ]
            : [
                [-half.acrossCm, guide.atCm],
                [half.acrossCm, guide.atCm],
              ];
        return [{ kind: 'line', what: 'guide', points }];
      }
      case 'ring':
        return [{ kind: 'circle', what: 'guide ring', at: [0, 0], radiusCm: guide.radiusCm }];
      case 'mirror':
      case 'touch': {
        const other = plants.find(({ id }) => id === guide.of);
        const what = guide.kind === 'mirror' ? 'like place' : 'touched';
        return other ? [{ kind: 'symbol', what, at: [other.xCm, other.zCm] }] : [];
      }
    }
  });
}
