import type { ReactNode } from 'react';
import type { RuleId } from '@/core/care/task';
import { PinchDrawing } from '@/ui/potting/PinchDrawing';

const GREY = 'oklch(0.74 0.004 225)';
const LINE = {
  fill: 'none',
  stroke: 'var(--ink)',
  strokeWidth: 2.4,
  strokeLinecap: 'round',
} as const;
const CUT = { fill: 'none', stroke: 'var(--act)', strokeWidth: 3 } as const;

const leaf = (x: number, y: number, way: 1 | -1) =>
  `M${x} ${y}c${way * 10} -9 ${way * 24} -9 ${way * 32} -2c${way * -10} 7 ${way * -24} 8 ${way * -32} 2z`;

function Drawn({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    <svg width={250} height={130} viewBox="0 0 250 130" role="img" aria-label={label}>
      {children}
    </svg>
  );
}

/** A faded flower and its stalk, cut just above the next leaf; beside it the bud that comes. */
function Deadhead() {
  const petal = (x: number, y: number, deg: number) => (
    <ellipse key={deg} cx={x} cy={y - 12} rx={5} ry={11} transform={`rotate(${deg} ${x} ${y})`} />
  );
  return (
    <Drawn label="Flower and stalk cut above the next leaf; a new bud comes from there">
      <g {...LINE}>
        <path d="M70 126V70C70 54 66 44 60 36" />
        <path d="M190 126V74C190 60 194 50 202 42" />
      </g>
      <g fill={GREY} stroke="var(--ink)" strokeWidth={1.4}>
        <path d={leaf(70, 86, -1)} />
        <path d={leaf(70, 92, 1)} />
        {[-70, -35, 70, 110].map((deg) => petal(58, 32, deg))}
        <circle cx={58} cy={32} r={6} />
        <path d={leaf(190, 86, -1)} />
        <path d={leaf(190, 92, 1)} />
        <path d="M202 44c-9 -5 -9 -15 1 -22c9 7 9 17 -1 22z" />
      </g>
      <g {...CUT}>
        <path d="M48 76L92 68" strokeDasharray="7 5" />
        <path d="M112 76h22m-7 -6l7 6l-7 6" />
      </g>
    </Drawn>
  );
}

/** The outline of a plant that has spread, and the smaller one it is cut back to. */
function Trim() {
  return (
    <Drawn label="Cut back by a third to a half all round, the shape kept">
      <path d="M92 122l6 -30h54l6 30z" fill={GREY} stroke="var(--ink)" strokeWidth={1.8} />
      <path {...LINE} d="M52 96C46 40 92 14 125 14C158 14 204 40 198 96" strokeWidth={1.6} />
      <path
        d="M88 92C84 60 104 44 125 44C146 44 166 60 162 92z"
        fill={GREY}
        stroke="var(--ink)"
        strokeWidth={1.8}
      />
      <path {...CUT} d="M80 92C76 54 100 36 125 36C150 36 174 54 170 92" strokeDasharray="7 5" />
    </Drawn>
  );
}

/** A stem held to a cane by a loose figure of eight. */
function Tie() {
  return (
    <Drawn label="A loose figure of eight between stem and cane">
      <g {...LINE}>
        <path d="M100 126V8" strokeWidth={6} stroke={GREY} />
        <path d="M152 126C150 90 158 60 150 14" />
      </g>
      <g fill={GREY} stroke="var(--ink)" strokeWidth={1.4}>
        <path d={leaf(153, 44, 1)} />
        <path d={leaf(152, 96, 1)} />
      </g>
      <path
        {...CUT}
        d="M92 62C92 50 112 52 126 66C140 80 162 82 162 68C162 54 140 54 126 66C112 80 92 78 92 62z"
      />
    </Drawn>
  );
}

/** Fleece over sticks, down to the ground and held there. */
function Cover() {
  return (
    <Drawn label="Fleece over sticks, down to the ground, held at its edge">
      <path d="M88 122l6 -34h62l6 34z" fill={GREY} stroke="var(--ink)" strokeWidth={1.8} />
      <g fill={GREY} stroke="var(--ink)" strokeWidth={1.4}>
        <path d={leaf(125, 74, -1)} />
        <path d={leaf(125, 68, 1)} />
      </g>
      <g {...LINE} strokeWidth={1.8}>
        <path d="M125 88V56M98 90L86 26M152 90L164 26" />
      </g>
      <path {...CUT} d="M40 122C56 84 66 44 86 24C112 14 138 14 164 24C184 44 194 84 210 122" />
      <path d="M30 122h190" stroke="var(--ink)" strokeWidth={1.6} />
    </Drawn>
  );
}

/** Sacking round the side of a pot, its top open, feet under it. */
function Wrap() {
  return (
    <Drawn label="Wrapped round the side, open above, on feet">
      <path d="M84 106l-10 -66h102l-10 66z" fill={GREY} stroke="var(--ink)" strokeWidth={1.8} />
      <g fill="var(--ink)">
        <path d="M90 106h14v12h-14zM146 106h14v12h-14z" />
      </g>
      <g {...LINE}>
        <path d="M125 40V16M110 40C108 30 104 24 98 20M140 40C142 30 146 24 152 20" />
      </g>
      <path {...CUT} d="M66 46h118M70 62h110M72 78h106M75 94h100" strokeDasharray="10 4" />
    </Drawn>
  );
}

const DRAWINGS: Partial<Readonly<Record<RuleId, () => ReactNode>>> = {
  pinch: PinchDrawing,
  deadhead: Deadhead,
  trim: Trim,
  tie: Tie,
  cover: Cover,
  wrap: Wrap,
};

/** What a hand does, where words alone leave it open. */
export function TaskDrawing({ rule }: { readonly rule: RuleId }) {
  const One = DRAWINGS[rule];
  return One ? (
    <div className="pt-1" data-how={rule}>
      <One />
    </div>
  ) : null;
}
