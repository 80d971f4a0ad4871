import type { KeyboardEvent, PointerEvent } from 'react';
import { halfFrontCm } from '@/core/containers/shape';
import type { Gathered } from '@/core/plantings/gathering';
import { seasonWeeks, type PlantingInSpot } from '@/core/plantings/planting';
import type { Extent } from '@/core/seeing/framing';
import type { Subject } from '@/core/seeing/subject';
import { RAD_PER_DEG } from '@/core/units/units';
import { PlantingPicture } from '@/ui/controls/PlantingPicture';
import { Ruler } from '@/ui/controls/Ruler';
import { lengthText, type Units } from '@/words/format';
import { Stand } from './Stand';
import { liftCm, PITCH_RAD, RULER_PX, type TerraceScale } from './terraceScale';
import { SIDE_RULER_PX } from '@/ui/controls/rulerSize';

/** How far before the container's middle a stand's front legs are, of its half width: about where its foot ends. */
const STAND_FRONT = 0.8;

/** One container as it stands on the line. */
export interface Standing {
  readonly it: PlantingInSpot;
  readonly member: Gathered;
  readonly extent: Extent;
  readonly subject: Subject;
}

interface LineProps {
  readonly standing: readonly Standing[];
  readonly scale: TerraceScale;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly weeks: number;
  readonly picked: string | null;
  readonly units: Units;
  readonly hand: {
    readonly down: (event: PointerEvent, member: Gathered) => void;
    readonly move: (event: PointerEvent) => void;
    readonly up: (event: PointerEvent) => void;
    readonly letGo: () => void;
    readonly key: (event: KeyboardEvent, member: Gathered) => void;
  };
}

/** The containers on their ground line, the furthest first, between two rulers of one scale. */
export function TerraceLine({ standing, scale, widthPx, heightPx, units, ...rest }: LineProps) {
  const { pxPerCm, middle, ground } = scale;
  const fromBack = [...standing].sort((a, b) => b.member.backCm - a.member.backCm);
  return (
    <>
      <svg
        width={widthPx}
        height={heightPx}
        className="pointer-events-none absolute inset-0"
        aria-hidden
      >
        <line
          x1={0}
          x2={widthPx - SIDE_RULER_PX}
          y1={ground}
          y2={ground}
          stroke="var(--rule2)"
          strokeWidth={1}
        />
      </svg>
      {fromBack.map((one) => (
        <OnLine key={one.member.plantingId} one={one} scale={scale} units={units} {...rest} />
      ))}
      <div className="absolute top-0 right-0">
        <Ruler
          upright
          lengthPx={heightPx - RULER_PX}
          zeroPx={heightPx - RULER_PX - ground}
          pxPerCm={pxPerCm * Math.cos(PITCH_RAD)}
          unit={units.length}
          thickness={SIDE_RULER_PX}
        />
      </div>
      <div className="absolute bottom-0 left-0">
        <Ruler lengthPx={widthPx} zeroPx={middle} pxPerCm={pxPerCm} unit={units.length} />
      </div>
    </>
  );
}

/** One container on its stand: drawn, and taken hold of. */
function OnLine({
  one: { it, member, extent, subject },
  scale: { pxPerCm, middle, ground },
  weeks,
  picked,
  units,
  hand,
}: Omit<LineProps, 'standing' | 'widthPx' | 'heightPx'> & { readonly one: Standing }) {
  const width = Math.round((extent.leftCm + extent.rightCm) * pxPerCm);
  const height = Math.round((extent.aboveCm + extent.belowCm) * pxPerCm);
  const x = middle + member.atCm * pxPerCm;
  const foot = ground - liftCm(member) * pxPerCm;
  const half = halfFrontCm(it.planting.container.shape) * pxPerCm;
  const isPicked = picked === member.plantingId;
  return (
    <div>
      {member.raisedCm > 0 && (
        <Stand
          x={x}
          half={half * 0.92}
          foot={foot + half * STAND_FRONT * Math.sin(PITCH_RAD)}
          highPx={member.raisedCm * Math.cos(PITCH_RAD) * pxPerCm}
        />
      )}
      <div
        role="button"
        tabIndex={0}
        data-member={member.plantingId}
        aria-pressed={isPicked}
        aria-label={whereOnLine(it.planting.name, member, units)}
        className={`absolute cursor-grab outline-offset-[-2px] ${isPicked ? 'outline-2 outline-act outline-dashed' : ''}`}
        style={{
          left: x - width / 2,
          top: foot - (height - extent.belowCm * pxPerCm),
          width,
          height,
          touchAction: 'pan-y',
        }}
        onPointerDown={(event) => hand.down(event, member)}
        onPointerMove={hand.move}
        onPointerUp={hand.up}
        onPointerCancel={hand.letGo}
        onKeyDown={(event) => hand.key(event, member)}
      >
        <PlantingPicture
          subject={subject}
          weeks={Math.min(weeks, seasonWeeks(it.planting))}
          widthPx={width}
          heightPx={height}
          label=""
          lens={{
            azimuthRad: member.turnDeg * RAD_PER_DEG,
            pitchRad: PITCH_RAD,
            pxPerCm,
            originX: width / 2,
            originY: height - extent.belowCm * pxPerCm,
          }}
        />
      </div>
    </div>
  );
}

/** "Kitchen pot, 20 cm left, raised 15 cm". */
function whereOnLine(name: string, { atCm, raisedCm, backCm }: Gathered, units: Units): string {
  return [
    name,
    `${lengthText(Math.abs(atCm), units)} ${atCm < 0 ? 'left' : 'right'}`,
    raisedCm > 0 ? `raised ${lengthText(raisedCm, units)}` : '',
    backCm > 0 ? `${lengthText(backCm, units)} back` : '',
  ]
    .filter(Boolean)
    .join(', ');
}
