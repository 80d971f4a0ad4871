import type { Extent } from '@/core/seeing/framing';
import { liftCm, MARGIN_CM, terraceRoom, terraceScale } from './terraceScale';
import { SIDE_RULER_PX } from '@/ui/controls/rulerSize';

const extent: Extent = {
  leftCm: 30,
  rightCm: 40,
  aboveCm: 90,
  belowCm: 5,
  planAcrossCm: 30,
  planDepthCm: 30,
};
const at = (atCm: number, raisedCm = 0, backCm = 0) => ({
  extent,
  member: { plantingId: `p${atCm}`, atCm, backCm, raisedCm, turnDeg: 0 },
});

test('the room reaches to the outermost leaf on either side and above the highest on its stand', () => {
  const low = terraceRoom([at(-100), at(20)]);
  expect(low.reachCm).toBe(140 + MARGIN_CM);
  expect(low.highCm).toBe(90 + MARGIN_CM);
  expect(terraceRoom([at(20, 40)]).highCm).toBeCloseTo(
    90 + liftCm({ raisedCm: 40, backCm: 0 }) + MARGIN_CM,
  );
});

test('whatever stands there, all of it fits the field', () => {
  for (const standing of [[at(0)], [at(-200), at(180, 60, 40)], []]) {
    const room = terraceRoom(standing);
    const { pxPerCm, middle, ground } = terraceScale(room, 900, 420);
    expect(room.reachCm * pxPerCm).toBeLessThanOrEqual(middle + 1e-9);
    expect(room.highCm * pxPerCm).toBeLessThanOrEqual(ground);
    expect(middle).toBe((900 - SIDE_RULER_PX) / 2);
  }
});
