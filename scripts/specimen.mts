// One kind full grown and in flower in a small pot, as SVG: what the sheets for looking at are made of.
import { usualContainer } from '../src/core/containers/usual';
import { freely } from '../src/core/growth/conditions';
import { middle, type PlantKind } from '../src/core/plants/kind';
import { seedOf } from '../src/core/random/hash';
import { buildScene, elevation } from '../src/core/seeing/scene';
import type { Subject } from '../src/core/seeing/subject';
import { weekAfter } from '../src/core/units/units';
import { toSvg } from '../src/drawing/svg';

/** Weeks after planting at which a specimen stands: full grown. */
export const SPECIMEN_WEEKS = 16;

/** A kind alone in a pot as deep as its trail is long, planted so that it flowers at {@link SPECIMEN_WEEKS}. */
export function specimenSubject(kind: PlantKind): Subject {
  const trail = kind.trailCm ? middle(kind.trailCm) : 0;
  return {
    container: usualContainer(
      'Pot',
      { kind: 'round', topCm: 14, baseCm: 11, depthCm: Math.max(10, Math.min(16, trail)) },
      'terracotta',
    ),
    hung: trail > 0,
    plantedWeek: weekAfter((kind.bloom?.weeks[0] ?? 30) + 4, -SPECIMEN_WEEKS),
    conditions: freely(8),
    plants: [{ kind, xCm: 0, zCm: trail ? 4 : 0, seed: seedOf(kind.id), size: kind.sold[0]!.size }],
  };
}

/**
 * @param cell width and height, px
 * @param prefix keeps the ids of this drawing apart from others on the page
 */
export function specimen(kind: PlantKind, cell: number, prefix: string): string {
  const trail = kind.trailCm ? middle(kind.trailCm) : 0;
  const subject = specimenSubject(kind);
  const depth = Math.max(10, Math.min(16, trail));
  const tall = middle(kind.heightCm) + Math.max(trail * 0.9, 14) + 6;
  const wide = middle(kind.spreadCm) * 1.25 + 8;
  const pxPerCm = Math.min((cell - cell / 6) / tall, (cell - cell / 12) / wide, 6);
  const picture = elevation(
    buildScene(subject, SPECIMEN_WEEKS),
    {
      azimuthRad: 0.2,
      pitchRad: 0.2,
      pxPerCm,
      originX: cell / 2,
      originY: trail ? cell / 8 + (middle(kind.heightCm) + depth) * pxPerCm : cell - cell / 7,
    },
    'full',
    { widthPx: cell, heightPx: cell },
  );
  return toSvg(picture, { title: kind.common, background: null }).replace(
    /(clip|ramp)(\d+)/g,
    `$1${prefix}_$2`,
  );
}
