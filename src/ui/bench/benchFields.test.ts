import { benchFields, GAP_PX } from './benchFields';

const TUB = {
  isLong: false,
  extent: { leftCm: 50, rightCm: 50, planAcrossCm: 34, planDepthCm: 34 },
  span: { aboveCm: 120, belowCm: 5 },
};
const BOX = {
  isLong: true,
  extent: { leftCm: 72, rightCm: 72, planAcrossCm: 64, planDepthCm: 20 },
  span: { aboveCm: 60, belowCm: 18 },
};
/** Windows with the width of the ground in each. */
const WINDOWS = [
  [320, 568, 288],
  [390, 844, 358],
  [844, 390, 812],
  [768, 1024, 736],
  [1280, 800, 1232],
  [1920, 1080, 1672],
  [2560, 1440, 2352],
] as const;

test.each(WINDOWS)(
  'in a window of %i × %i the drawings in sight take at least 60 %% of it',
  (windowWidth, windowHeight, width) => {
    for (const asked of [TUB, BOX]) {
      const { how, plan, stand } = benchFields({
        ...asked,
        room: { windowWidth, windowHeight, width },
      });
      const areas = [plan, stand].map(({ widthPx, heightPx }) => widthPx * heightPx);
      const seen = how === 'one' ? Math.min(...areas) : areas[0]! + areas[1]!;
      expect(seen / (windowWidth * windowHeight)).toBeGreaterThanOrEqual(0.6);
      if (how === 'beside') expect(plan.widthPx + stand.widthPx + GAP_PX).toBe(width);
      else expect([plan.widthPx, stand.widthPx]).toEqual([width, width]);
    }
  },
);

test.each(WINDOWS)(
  'in a window of %i × %i all that grows is within its field, and what is seen together has one scale',
  (windowWidth, windowHeight, width) => {
    for (const asked of [TUB, BOX]) {
      const { extent, span } = asked;
      const { how, plan, stand } = benchFields({
        ...asked,
        room: { windowWidth, windowHeight, width },
      });
      expect(stand.pxPerCm * (extent.leftCm + extent.rightCm)).toBeLessThanOrEqual(stand.widthPx);
      expect(stand.pxPerCm * (span.aboveCm + span.belowCm)).toBeLessThanOrEqual(stand.heightPx);
      expect(plan.pxPerCm * extent.planAcrossCm * 2).toBeLessThanOrEqual(plan.widthPx);
      expect(plan.pxPerCm * extent.planDepthCm * 2).toBeLessThanOrEqual(plan.heightPx);
      if (how !== 'one') expect(plan.pxPerCm).toBe(stand.pxPerCm);
    }
  },
);

test('a long container stands over its plan and is drawn larger than side by side; a round one stands beside it; a phone shows one', () => {
  const room = { windowWidth: 1280, windowHeight: 800, width: 1232 };
  const box = benchFields({ ...BOX, room });
  expect(box.how).toBe('stacked');
  expect(box.stand.pxPerCm).toBeGreaterThan(
    benchFields({ ...BOX, isLong: false, room }).stand.pxPerCm,
  );
  expect(benchFields({ ...TUB, room }).how).toBe('beside');
  const phone = { windowWidth: 390, windowHeight: 844, width: 358 };
  expect(benchFields({ ...BOX, room: phone }).how).toBe('one');
  expect(benchFields({ ...TUB, room: { ...phone, width: 600 } }).how).toBe('beside');
  expect(benchFields({ ...TUB, room: { ...phone, width: 599 } }).how).toBe('one');
});
