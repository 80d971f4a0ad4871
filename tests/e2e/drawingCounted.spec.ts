import { USUAL_HOUSE } from '@/core/plantings/house';
import { expect, test } from '../builders/journey';
import { looksOf } from '../../src/core/checks/outlook';
import { read } from '../../src/core/checks/reading';
import { kindOf } from '../../src/core/plants/book/index';
import { inSpot, type PlantingInSpot } from '../../src/core/plantings/planting';
import { extentOf } from '../../src/core/seeing/framing';
import type { Picture } from '../../src/core/seeing/part';
import { buildScene, elevation } from '../../src/core/seeing/scene';
import { subjectOf } from '../../src/core/seeing/subject';
import { countSeen } from '../../src/core/seeing/visible';
import { rillbankHalt } from '../../src/demo/rillbankHalt';
import { toSvg } from '../../src/drawing/svg';

const { plantings, spots } = rillbankHalt();
const WEEKS = 12;
/** Longer side of the picture whose pixels are counted: about as the Bench shows it at 1280 × 800, outlines being drawn in pixels. */
const SIDE_PX = 470;
/** Pixels counted to each pixel shown, across and down: with hard edges a line thinner than a pixel would otherwise count as one. */
const FINER = 4;
/** One colour for each plant, far apart; the container is black. */
const colourOf = (plant: number) =>
  plant < 0 ? '#000000' : `#${((plant + 1) * 8).toString(16).padStart(2, '0')}ff00`;

/** What lets more than half of what is behind it through hides nothing: a flower's shadow on the leaves under it. */
const THROUGH = 0.5;

/** The drawing as it is painted at rest, every plant in a colour of its own and with hard edges. */
function counted(picture: Picture, only: number | null): string {
  const layers = picture.layers.map((layer) => ({
    ...layer,
    drawn: layer.drawn
      .filter(({ plant }) => plant < 0 || only === null || plant === only)
      .map((drawn) => ({
        ...drawn,
        parts: drawn.parts
          .filter(({ alpha }) => alpha === 1 || (drawn.plant >= 0 && alpha >= THROUGH))
          .map((part) => ({ ...part, alpha: 1, colour: colourOf(drawn.plant) })),
      })),
  }));
  return toSvg({ ...picture, layers }, { title: 'counted', background: '#ffffff' }).replace(
    '<svg ',
    '<svg shape-rendering="crispEdges" ',
  );
}

for (const id of ['demo-tub-1', 'demo-tub-2', 'demo-basket-1', 'demo-window-box'])
  test(`the share of each plant that checks say is seen is that of its pixels in the drawing, within 3 %: ${id}`, async ({
    page,
  }) => {
    const planting = plantings.find((one) => one.id === id)!;
    const it: PlantingInSpot = inSpot(
      planting,
      spots.find((spot) => spot.id === planting.spotId)!,
      kindOf,
      USUAL_HOUSE,
    );
    const scene = buildScene(subjectOf(it), WEEKS);
    const { leftCm, rightCm, aboveCm, belowCm } = extentOf(read(it));
    const PX_PER_CM = SIDE_PX / Math.max(leftCm + rightCm, aboveCm + belowCm);
    const frame = {
      widthPx: Math.ceil((leftCm + rightCm) * PX_PER_CM),
      heightPx: Math.ceil((aboveCm + belowCm) * PX_PER_CM),
    };
    await page.goto('about:blank');
    const pixels = (svg: string) =>
      page.evaluate(
        async ({ source, widthPx, heightPx, finer }) => {
          const image = new Image();
          image.src = URL.createObjectURL(new Blob([source], { type: 'image/svg+xml' }));
          await image.decode();
          const canvas = new OffscreenCanvas(widthPx * finer, heightPx * finer);
          const context = canvas.getContext('2d', { willReadFrequently: true })!;
          context.drawImage(image, 0, 0, widthPx * finer, heightPx * finer);
          const { data } = context.getImageData(0, 0, widthPx * finer, heightPx * finer);
          const counts: Record<number, number> = {};
          for (let i = 0; i < data.length; i += 4)
            if (data[i + 1] === 255 && data[i + 2] === 0)
              counts[data[i]! / 8 - 1] = (counts[data[i]! / 8 - 1] ?? 0) + 1;
          return counts;
        },
        { source: svg, ...frame, finer: FINER },
      );
    const share = it.plants.map(() => 0);
    for (const look of looksOf(it)) {
      const picture = elevation(
        scene,
        { ...look, pxPerCm: PX_PER_CM, originX: leftCm * PX_PER_CM, originY: aboveCm * PX_PER_CM },
        'full',
        frame,
      );
      const together = await pixels(counted(picture, null));
      for (let i = 0; i < it.plants.length; i += 1) {
        const own = (await pixels(counted(picture, i)))[i] ?? 0;
        share[i]! += look.weight * (own > 0 ? (together[i] ?? 0) / own : 0);
      }
    }
    const said = countSeen(it, WEEKS).share;
    const off = share.map((value, i) => Math.round((said[i]! - value) * 1000) / 1000);
    expect({ id, worst: Math.max(...off.map(Math.abs)) <= 0.03, off }).toEqual({
      id,
      worst: true,
      off,
    });
  });
