import type { SVGProps } from 'react';
import type { PlanPoint } from '@/core/containers/section';
import type { PlanMark } from '@/core/stencil/planMark';
import { SectionOutline } from './Outline';

/** Where the plan lies on the picture. */
export interface PlanAt {
  readonly originX: number;
  readonly originY: number;
  readonly pxPerCm: number;
}

/** Ink on the paper of the stencil, the same in light and dark, and the colour of what is in hand. */
export const STENCIL_INK = '#1d2225';
export const STENCIL_LIT = '#00545c';
export const STENCIL_CHIP = '#fbfcfc';

/** Ink by what a mark stands for. */
const INK: Readonly<Record<Exclude<PlanMark['what'], 'rim' | 'level'>, SVGProps<SVGElement>>> = {
  ball: { fill: 'none', stroke: STENCIL_INK, strokeWidth: 1.2 },
  spread: {
    fill: 'none',
    stroke: 'var(--ink2)',
    strokeWidth: 0.8,
    strokeDasharray: '2 3',
    opacity: 0.7,
  },
  blocker: { fill: 'url(#hatch)', stroke: 'var(--ink)', strokeWidth: 1 },
  'side hole': { fill: STENCIL_CHIP, stroke: STENCIL_INK, strokeWidth: 0.8 },
  'planted side': { fill: STENCIL_CHIP, stroke: STENCIL_INK, strokeWidth: 1.6 },
  'guide ring': { fill: 'none', stroke: STENCIL_LIT, strokeWidth: 1.4, strokeDasharray: '5 4' },
  support: { fill: 'none', stroke: STENCIL_INK, strokeWidth: 1.3 },
  sun: { stroke: 'var(--ink)', strokeWidth: 2 },
  shade: { stroke: 'var(--ink)', strokeWidth: 1, opacity: 0.55 },
  sight: { stroke: 'var(--ink)', strokeWidth: 1.4 },
  'broken sight': { stroke: 'var(--ink)', strokeWidth: 1.4, strokeDasharray: '2 4' },
  guide: { stroke: STENCIL_LIT, strokeWidth: 1.4 },
  lean: { fill: 'none', stroke: STENCIL_INK, strokeWidth: 1.6 },
  emitter: { fill: STENCIL_CHIP, stroke: STENCIL_LIT, strokeWidth: 1.6 },
  'like place': { fill: 'none', stroke: STENCIL_LIT, strokeWidth: 1.4 },
  touched: { fill: 'none', stroke: STENCIL_LIT, strokeWidth: 1.4, strokeDasharray: '4 3' },
  'side letter': { fill: STENCIL_INK, fontSize: 9, fontWeight: 700 },
  letter: { fill: STENCIL_INK, fontSize: 12, fontWeight: 700 },
  'sun hour': { fill: 'var(--ink2)', fontSize: 11 },
};
/** Sizes that do not grow with the picture, px. */
const EMITTER_PX = 5.5;
const LIKE_PX = 13;
/** Room that an hour of the sun takes beside its place, px. */
const HOUR_PX = 56;
/** An hour further from the middle than this is written outward, cm. */
const ASIDE_CM = 6;

interface Colours {
  /** Of the container's rim, as CSS has it. */
  readonly rim?: string;
  readonly wallPx?: number;
}

/** Marks of the stencil, painted on the screen. */
export function PlanMarks({
  marks,
  at,
  ...colours
}: Colours & { readonly marks: readonly PlanMark[]; readonly at: PlanAt }) {
  return (
    <g aria-hidden pointerEvents="none">
      {marks.map((mark, i) => (
        <PlanMarkShape key={i} mark={mark} at={at} {...colours} />
      ))}
    </g>
  );
}

function PlanMarkShape({
  mark,
  at,
  rim = STENCIL_INK,
  wallPx = 3,
}: Colours & { readonly mark: PlanMark; readonly at: PlanAt }) {
  const px = ([xCm, zCm]: PlanPoint) =>
    [at.originX + xCm * at.pxPerCm, at.originY + zCm * at.pxPerCm] as const;
  switch (mark.kind) {
    case 'section':
      return (
        <SectionOutline
          section={mark.section}
          {...at}
          fill={mark.what === 'rim' ? 'var(--sheet)' : 'none'}
          stroke={rim}
          strokeWidth={mark.what === 'rim' ? wallPx : Math.max(2, wallPx * 0.6)}
        />
      );
    case 'circle': {
      const [cx, cy] = px(mark.at);
      return (
        <circle
          cx={cx}
          cy={cy}
          r={mark.radiusCm * at.pxPerCm}
          {...(INK[mark.what] as SVGProps<SVGCircleElement>)}
        />
      );
    }
    case 'line':
      return (
        <path
          d={`M${mark.points.map((point) => px(point).join(' ')).join('L')}`}
          fill="none"
          {...(INK[mark.what] as SVGProps<SVGPathElement>)}
        />
      );
    case 'arrow':
      return (
        <path
          d={arrowPath(px(mark.from), px(mark.to))}
          {...(INK[mark.what] as SVGProps<SVGPathElement>)}
        />
      );
    case 'symbol':
      return <Symbol what={mark.what} place={px(mark.at)} />;
    case 'label':
      return mark.what !== 'sun hour' ? (
        <Letter what={mark.what} place={px(mark.at)} text={mark.text} />
      ) : (
        <SunHour mark={mark} at={at} place={px(mark.at)} />
      );
  }
}

type Pixel = readonly [x: number, y: number];

function arrowPath([fx, fy]: Pixel, [tx, ty]: Pixel): string {
  const long = Math.hypot(tx - fx, ty - fy) || 1;
  const [dx, dy] = [(tx - fx) / long, (ty - fy) / long];
  return `M${fx} ${fy}L${tx} ${ty}m${-dx * 5 - dy * 3} ${-dy * 5 + dx * 3}L${tx} ${ty}l${-dx * 5 + dy * 3} ${-dy * 5 - dx * 3}`;
}

function Symbol({
  what,
  place: [x, y],
}: {
  readonly what: 'emitter' | 'like place' | 'touched';
  readonly place: Pixel;
}) {
  const ink = INK[what] as SVGProps<SVGCircleElement>;
  if (what !== 'emitter') return <circle cx={x} cy={y} r={LIKE_PX} {...ink} />;
  return (
    <g>
      <circle cx={x} cy={y} r={EMITTER_PX} {...ink} />
      <path
        d={`M${x} ${y - 3.4}c2 2.6 2.6 3.4 2.6 4.6a2.6 2.6 0 0 1-5.2 0c0-1.2.6-2 2.6-4.6z`}
        fill={STENCIL_LIT}
      />
    </g>
  );
}

function Letter({
  what,
  place: [x, y],
  text,
}: {
  readonly what: 'letter' | 'side letter';
  readonly place: Pixel;
  readonly text: string;
}) {
  const ink = INK[what] as SVGProps<SVGTextElement>;
  return (
    <text x={x} y={y + Number(ink.fontSize) / 3} textAnchor="middle" {...ink}>
      {text}
    </text>
  );
}

/** An hour of the sun, written outward; one at the edge of the picture is written inward, below the container. */
function SunHour({
  mark,
  at,
  place: [x, y],
}: {
  readonly mark: Extract<PlanMark, { what: 'sun hour' }>;
  readonly at: PlanAt;
  readonly place: Pixel;
}) {
  const aside = mark.at[0];
  const [least, most] = [HOUR_PX - 12, at.originX * 2 - HOUR_PX];
  const kept = aside > ASIDE_CM ? Math.min(x, most) : aside < -ASIDE_CM ? Math.max(x, least) : x;
  const outward = y > at.originY ? 9 : 0;
  return (
    <text
      x={kept}
      y={kept === x ? y + outward : at.originY + mark.elseZCm * at.pxPerCm}
      textAnchor={anchorOf(aside)}
      {...(INK['sun hour'] as SVGProps<SVGTextElement>)}
    >
      {mark.text}
    </text>
  );
}

function anchorOf(asideCm: number): 'start' | 'middle' | 'end' {
  if (asideCm > ASIDE_CM) return 'start';
  return asideCm < -ASIDE_CM ? 'end' : 'middle';
}
