'use client';

import dynamic from 'next/dynamic';
import { memo, useRef } from 'react';
import type { Reading } from '@/core/checks/reading';
import { toHex } from '@/core/colour/oklch';
import { mixSurface, wallOf } from '@/core/containers/container';
import { reachOf } from '@/core/containers/section';
import { halfDepthCm } from '@/core/containers/shape';
import type { Subject } from '@/core/seeing/subject';
import { containerMarks } from '@/core/stencil/container';
import { guideMarks } from '@/core/stencil/guides';
import { holeCm, spreadMarks } from '@/core/stencil/plants';
import { sideMarks } from '@/core/stencil/sides';
import { PlantingPicture } from '@/ui/controls/PlantingPicture';
import { Ruler, tickText } from '@/ui/controls/Ruler';
import type { Editing } from '@/ui/session/useEditing';
import type { Units } from '@/words/format';
import type { Keyed } from '@/words/names';
import { PlanMarks } from '@/ui/controls/PlanMarks';
import { Hatch, Hole, PickBox, SideWords, TalkedRings } from './StencilMarks';
import type { Closer } from './closer';
import type { Shown } from './stencilShown';
import { useStencilHand } from './useStencilHand';

// Shown when asked for: the sun's way, lines of sight, drip and supports come after the plan.
const AidsBelow = dynamic(() => import('./StencilAids').then((m) => m.AidsBelow), { ssr: false });
const AidsAbove = dynamic(() => import('./StencilAids').then((m) => m.AidsAbove), { ssr: false });

interface StencilProps {
  readonly reading: Reading;
  readonly keys: readonly Keyed[];
  readonly subject: Subject;
  readonly weeks: number;
  readonly closer: Pick<Closer, 'xCm' | 'zCm'>;
  /** As near as it is looked at. */
  readonly pxPerCm: number;
  readonly widthPx: number;
  readonly heightPx: number;
  /** Plants picked; the last is the one in hand. */
  readonly selection: readonly string[];
  readonly onSelect: (places: readonly string[]) => void;
  readonly culprits: readonly string[];
  readonly editing: Pick<Editing, 'planting' | 'apply' | 'preview'>;
  readonly unit: Units['length'];
  readonly shown: readonly Shown[];
  readonly eye: { readonly azimuthRad: number; readonly pitchRad: number };
}

const RULER_PX = 24;
/** How far past the wall words and lines of sight reach, cm. */
const BEYOND_WALL_CM = 2;
const SIGHT_CM = 10;

/** The plan: paper the size of the mix, a hole at true root-ball size for each plant, leaves seen through the holes. Drag a hole to move its plant. */
export const Stencil = memo(function Stencil({
  reading,
  keys,
  subject,
  weeks,
  closer,
  pxPerCm,
  widthPx,
  heightPx,
  selection,
  onSelect,
  culprits,
  editing,
  unit,
  shown,
  eye,
}: StencilProps) {
  const { planting, plants, spot } = reading;
  const { container } = planting;
  const paperPx = heightPx - RULER_PX;
  const at = {
    originX: widthPx / 2 - closer.xCm * pxPerCm,
    originY: paperPx / 2 + 14 - closer.zCm * pxPerCm,
    pxPerCm,
  };
  const shows = (what: Shown) => shown.includes(what);
  const sizes = reading.sizesAt(weeks);
  const letterOf = new Map(keys.map(({ kind, letter }) => [kind.id, letter]));
  const paper = useRef<SVGSVGElement>(null);
  const plantIds = plants.map(({ id }) => id);
  const hand = useStencilHand({ paper, container, at, plantIds, selection, onSelect, editing });
  const { gesture } = hand;
  const held = gesture.name === 'dragging' ? [gesture.place] : selection.slice(-1);
  const talked = shows('spread') ? [...new Set([...held, ...culprits.slice(0, 1)])] : [];
  const reachCm = halfDepthCm(container.shape) + wallOf(container);
  const aids = { reading, weeks, at, shown };
  if (widthPx <= 0 || pxPerCm <= 0) return <div style={{ height: heightPx }} />;
  return (
    <div style={{ height: heightPx }}>
      <div className="pointer-events-none absolute inset-x-4 top-3">
        <h2 className="display text-drawing leading-6">From above</h2>
        <p className="text-note text-ink2 lying:hidden">{tickText(unit)}</p>
        {shows('spread') && (
          <p className="text-note text-ink2 lying:hidden">
            Dashed: spread {weeks === 0 ? 'on planting day' : 'by then'}
          </p>
        )}
      </div>
      <svg
        width={widthPx}
        height={paperPx}
        className="absolute inset-0 overflow-hidden"
        aria-hidden
      >
        <PlanMarks
          marks={containerMarks(container)}
          at={at}
          rim={toHex(container.colour)}
          wallPx={Math.max(3, wallOf(container) * pxPerCm)}
        />
      </svg>
      <div className="absolute inset-0" style={{ clipPath: `inset(0 0 ${RULER_PX}px 0)` }}>
        <PlantingPicture
          subject={subject}
          weeks={weeks}
          holesCm={plants.map(holeCm)}
          lens={{ azimuthRad: 0, pitchRad: Math.PI / 2, ...at }}
          widthPx={widthPx}
          heightPx={heightPx}
          label="The plants seen from above through the holes of the stencil"
        />
      </div>
      <svg
        ref={paper}
        width={widthPx}
        height={paperPx}
        className="absolute inset-0 overflow-hidden select-none"
        onPointerDown={hand.down}
        onPointerMove={hand.move}
        onPointerUp={hand.release}
        onPointerCancel={hand.cancel}
      >
        <Hatch />
        {(planting.support || shows('sun')) && <AidsBelow {...aids} />}
        {shows('spread') && <PlanMarks marks={spreadMarks(plants, sizes)} at={at} />}
        <SideWords
          at={at}
          reachPx={(reachCm + BEYOND_WALL_CM) * pxPerCm}
          heightPx={paperPx}
          back={spot.view === 'one side' ? 'wall side' : 'back'}
          withSun={shows('sun')}
        />
        <TalkedRings
          reading={reading}
          at={at}
          sizes={sizes}
          ids={talked}
          room={{ widthPx, heightPx: paperPx }}
          unit={unit}
        />
        {(shows('sight') || shows('drip')) && (
          <AidsAbove
            {...aids}
            places={selection.length > 0 ? selection : plantIds}
            eye={eye}
            beyondCm={reachCm + SIGHT_CM}
          />
        )}
        {gesture.name === 'dragging' && (
          <PlanMarks
            marks={guideMarks(gesture.guides, reachOf(mixSurface(container)), plants)}
            at={at}
          />
        )}
        {plants.map((plant, i) => (
          <Hole
            key={plant.id}
            reading={reading}
            at={at}
            index={i}
            letter={letterOf.get(plant.kindId)}
            picked={selection.includes(plant.id)}
            lit={selection.includes(plant.id) || culprits.includes(plant.id)}
            unit={unit}
            onKey={hand.key}
          />
        ))}
        {container.sideHoles.length > 0 && (
          <PlanMarks
            marks={sideMarks(container, reading.sides, ({ kindId }) => letterOf.get(kindId) ?? '')}
            at={at}
          />
        )}
        <PickBox gesture={gesture} at={at} />
      </svg>
      <div className="absolute inset-x-0 bottom-0">
        <Ruler lengthPx={widthPx} zeroPx={at.originX} pxPerCm={pxPerCm} unit={unit} />
      </div>
    </div>
  );
});
