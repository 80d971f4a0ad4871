'use client';

import type { Reading } from '@/core/checks/reading';
import { toHex } from '@/core/colour/oklch';
import { mixSurface, surfacesOf, wallOf } from '@/core/containers/container';
import { grown, reachOf } from '@/core/containers/section';
import { rimSection } from '@/core/containers/shape';
import type { Size } from '@/core/growth/foresee';
import { dripPlaces } from '@/core/placing/drip';
import type { Guide } from '@/core/placing/snap';
import { legsOf } from '@/core/marks/support';
import { vesselOf } from '@/core/marks/vessel';
import type { Support } from '@/core/plantings/support';
import { inTheWay } from '@/core/seeing/sightLines';
import type { SunThen } from '@/core/spots/sunPath';
import { RAD_PER_DEG } from '@/core/units/units';
import { SectionOutline } from '@/ui/controls/Outline';
import { hourText } from '@/words/looking';

/** Where the plan lies on the picture. */
export interface PlanAt {
  readonly originX: number;
  readonly originY: number;
  readonly pxPerCm: number;
}

/** What the stencil shows besides the plants. */
export const SHOWN = ['spread', 'sight', 'sun', 'drip'] as const;
export type Shown = (typeof SHOWN)[number];

const px = ({ originX, originY, pxPerCm }: PlanAt) => ({
  x: (cm: number) => originX + cm * pxPerCm,
  y: (cm: number) => originY + cm * pxPerCm,
});

/** The container's rim in its own colour, and the paper inside it. */
export function Rim({
  reading,
  at,
  wall,
}: {
  readonly reading: Reading;
  readonly at: PlanAt;
  readonly wall: number;
}) {
  const { container } = reading.planting;
  const rim = toHex(container.colour);
  const band = Math.max(3, wall);
  return (
    <g>
      <SectionOutline
        section={grown(rimSection(container.shape), band / at.pxPerCm / 2)}
        {...at}
        fill="var(--sheet)"
        stroke={rim}
        strokeWidth={band}
      />
      {surfacesOf(container)
        .slice(1)
        .map(({ section, heightCm }) => (
          <SectionOutline
            key={heightCm}
            section={grown(section, wallOf(container))}
            {...at}
            fill="none"
            stroke={rim}
            strokeWidth={Math.max(2, band * 0.6)}
          />
        ))}
    </g>
  );
}

/** Where the sun stands through this week's day, as ticks round the rim: long in the sun, short in shade, its hours at either end. */
export function SunSide({
  reading,
  at,
  path,
  frontDeg,
}: {
  readonly reading: Reading;
  readonly at: PlanAt;
  readonly path: readonly SunThen[];
  readonly frontDeg: number;
}) {
  const { acrossCm, deepCm } = reachOf(
    grown(rimSection(reading.planting.container.shape), wallOf(reading.planting.container)),
  );
  const { x, y } = px(at);
  const spot = (bearingDeg: number, outCm: number) => {
    const off = (bearingDeg - frontDeg) * RAD_PER_DEG;
    return [x(-Math.sin(off) * (acrossCm + outCm)), y(Math.cos(off) * (deepCm + outCm))] as const;
  };
  const lit = path.filter(({ through }) => through >= 0.5);
  const ends = lit.length > 0 ? [lit[0]!, lit[lit.length - 1]!] : [];
  return (
    <g aria-hidden stroke="var(--ink)" pointerEvents="none">
      {path.map(({ hour, bearingDeg, through }) => {
        const [x0, y0] = spot(bearingDeg, 2.2);
        const [x1, y1] = spot(bearingDeg, through >= 0.5 ? 4.6 : 2.9);
        return (
          <line
            key={hour}
            x1={x0}
            y1={y0}
            x2={x1}
            y2={y1}
            strokeWidth={through >= 0.5 ? 2 : 1}
            opacity={through >= 0.5 ? 1 : 0.55}
          />
        );
      })}
      {ends.map(({ hour, bearingDeg }, i) => {
        const [tx, ty] = spot(bearingDeg, 7);
        const aside = (tx - at.originX) / at.pxPerCm;
        // Kept on the picture: a label at its edge is written inward.
        const [near, far] = [56, at.originX * 2 - 56];
        const x1 = aside > 6 ? Math.min(tx, far) : aside < -6 ? Math.max(tx, near - 12) : tx;
        return (
          <text
            key={`${hour}-${i}`}
            x={x1}
            y={x1 === tx ? ty + (ty > at.originY ? 9 : 0) : at.originY + (deepCm + 9) * at.pxPerCm}
            textAnchor={aside > 6 ? 'start' : aside < -6 ? 'end' : 'middle'}
            fontSize={11}
            fill="var(--ink2)"
            stroke="none"
          >
            {i === 0 ? 'sun ' : ''}
            {hourText(i === 0 ? hour : hour + 0.5)}
          </text>
        );
      })}
    </g>
  );
}

/** Lines from the plants picked toward the eye, and the plants that stand in between. */
export function SightLines({
  reading,
  at,
  sizes,
  picked,
  eye,
  beyondCm,
}: {
  readonly reading: Reading;
  readonly at: PlanAt;
  readonly sizes: readonly Size[];
  readonly picked: readonly string[];
  readonly eye: { readonly azimuthRad: number; readonly pitchRad: number };
  readonly beyondCm: number;
}) {
  const { x, y } = px(at);
  const [dx, dz] = [Math.sin(eye.azimuthRad), Math.cos(eye.azimuthRad)];
  return (
    <g aria-hidden pointerEvents="none">
      {reading.plants.map((plant, i) => {
        if (!picked.includes(plant.id)) return null;
        const blockers = inTheWay(reading, sizes, i, eye);
        return (
          <g key={plant.id}>
            <line
              x1={x(plant.xCm)}
              y1={y(plant.zCm)}
              x2={x(plant.xCm + dx * beyondCm)}
              y2={y(plant.zCm + dz * beyondCm)}
              stroke="var(--ink)"
              strokeWidth={1.4}
              strokeDasharray={blockers.length > 0 ? '2 4' : undefined}
            />
            {blockers.map((j) => (
              <circle
                key={j}
                cx={x(reading.plants[j]!.xCm)}
                cy={y(reading.plants[j]!.zCm)}
                r={(sizes[j]!.spreadCm / 2) * at.pxPerCm * 0.7}
                fill="url(#hatch)"
                stroke="var(--ink)"
                strokeWidth={1}
              />
            ))}
          </g>
        );
      })}
    </g>
  );
}

/** What stands in the mix for plants to climb, from above. */
export function SupportPlan({ support, at }: { readonly support: Support; readonly at: PlanAt }) {
  const { x, y } = px(at);
  const [cx, cy, half] = [x(support.xCm), y(support.zCm), (support.widthCm / 2) * at.pxPerCm];
  const lines = { fill: 'none', stroke: '#1d2225', strokeWidth: 1.3 };
  return (
    <g aria-hidden pointerEvents="none">
      {support.form === 'obelisk' && (
        <path
          d={`M${cx - half} ${cy - half}h${2 * half}v${2 * half}h${-2 * half}zl${2 * half} ${2 * half}m0 ${-2 * half}l${-2 * half} ${2 * half}`}
          {...lines}
        />
      )}
      {support.form === 'wigwam' &&
        legsOf(support, { soilY: () => 0 }).map(({ from }, i) => (
          <line key={i} x1={cx} y1={cy} x2={x(from[0])} y2={y(from[2])} {...lines} />
        ))}
      {support.form === 'trellis' && (
        <path
          d={`M${cx - half} ${cy}h${2 * half}M${cx - half} ${cy - 3}v6M${cx + half} ${cy - 3}v6`}
          {...lines}
          strokeWidth={2.4}
        />
      )}
    </g>
  );
}

/** Drip emitters, where they would lie. */
export function Drip({ reading, at }: { readonly reading: Reading; readonly at: PlanAt }) {
  const { x, y } = px(at);
  return (
    <g aria-hidden pointerEvents="none">
      {dripPlaces(reading.planting.container, reading.plants).map(({ xCm, zCm }, i) => (
        <g key={i}>
          <circle
            cx={x(xCm)}
            cy={y(zCm)}
            r={5.5}
            fill="#fbfcfc"
            stroke="#00545c"
            strokeWidth={1.6}
          />
          <path
            d={`M${x(xCm)} ${y(zCm) - 3.4}c2 2.6 2.6 3.4 2.6 4.6a2.6 2.6 0 0 1-5.2 0c0-1.2.6-2 2.6-4.6z`}
            fill="#00545c"
          />
        </g>
      ))}
    </g>
  );
}

/** Which way a plant leans: an arrow from its stem, longer the more it slants. */
export function Lean({
  reading,
  at,
  index,
}: {
  readonly reading: Reading;
  readonly at: PlanAt;
  readonly index: number;
}) {
  const plant = reading.plants[index]!;
  if (!plant.lean || plant.lean.tiltDeg < 1) return null;
  const { x, y } = px(at);
  const [ox, , oz] = vesselOf(reading.planting.container, reading.hung).outward(
    plant.xCm,
    plant.zCm,
  );
  const turn = plant.lean.turnDeg * RAD_PER_DEG;
  const [lx, lz] = [
    ox * Math.cos(turn) + oz * Math.sin(turn),
    oz * Math.cos(turn) - ox * Math.sin(turn),
  ];
  const long = 12 + plant.lean.tiltDeg * 0.5;
  const [cx, cy] = [x(plant.xCm), y(plant.zCm)];
  const [tx, ty] = [cx + lx * long, cy + lz * long];
  return (
    <path
      aria-hidden
      d={`M${cx + lx * 9} ${cy + lz * 9}L${tx} ${ty}m${-lx * 5 - lz * 3} ${-lz * 5 + lx * 3}L${tx} ${ty}l${-lx * 5 + lz * 3} ${-lz * 5 - lx * 3}`}
      fill="none"
      stroke="#1d2225"
      strokeWidth={1.6}
      pointerEvents="none"
    />
  );
}

/** Lines that hold the plant under the hand. */
export function Guides({
  reading,
  at,
  guides,
  halfCm,
}: {
  readonly reading: Reading;
  readonly at: PlanAt;
  readonly guides: readonly Guide[];
  readonly halfCm: { readonly acrossCm: number; readonly deepCm: number };
}) {
  const { x, y } = px(at);
  const ink = { stroke: '#00545c', strokeWidth: 1.4, fill: 'none' } as const;
  const of = (id: string) => reading.planting.places.find((place) => place.id === id);
  return (
    <g aria-hidden pointerEvents="none">
      {guides.map((guide, i) => {
        switch (guide.kind) {
          case 'middle':
          case 'column':
          case 'row':
            return guide.axis === 'x' ? (
              <line
                key={i}
                x1={x(guide.atCm)}
                x2={x(guide.atCm)}
                y1={y(-halfCm.deepCm)}
                y2={y(halfCm.deepCm)}
                {...ink}
              />
            ) : (
              <line
                key={i}
                y1={y(guide.atCm)}
                y2={y(guide.atCm)}
                x1={x(-halfCm.acrossCm)}
                x2={x(halfCm.acrossCm)}
                {...ink}
              />
            );
          case 'ring':
            return (
              <circle
                key={i}
                cx={x(0)}
                cy={y(0)}
                r={guide.radiusCm * at.pxPerCm}
                {...ink}
                strokeDasharray="5 4"
              />
            );
          case 'mirror':
          case 'touch': {
            const other = of(guide.of);
            return (
              other && (
                <circle
                  key={i}
                  cx={x(other.xCm)}
                  cy={y(other.zCm)}
                  r={13}
                  {...ink}
                  strokeDasharray={guide.kind === 'mirror' ? undefined : '4 3'}
                />
              )
            );
          }
        }
      })}
    </g>
  );
}

/** Half the plan room of the mix, for guides and lines. */
export function halfPlan(reading: Reading): { readonly acrossCm: number; readonly deepCm: number } {
  return reachOf(mixSurface(reading.planting.container));
}
