import type { SVGProps } from 'react';
import type { Section } from '@/core/containers/section';

interface OutlineProps extends SVGProps<SVGPathElement> {
  readonly section: Section;
  readonly originX: number;
  readonly originY: number;
  readonly pxPerCm: number;
}

/** A level cut of a container as a closed line on the plan; a slot as a second one. */
export function SectionOutline({ section, originX, originY, pxPerCm, ...rest }: OutlineProps) {
  if (section.kind === 'disc')
    return <path d={circlePath(originX, originY, section.radiusCm * pxPerCm)} {...rest} />;
  const points =
    section.kind === 'polygon'
      ? section.points
      : [
          [-1, -1],
          [1, -1],
          [1, 1],
          [-1, 1],
        ].map(([x, z]) => [x! * section.halfLengthCm, z! * section.halfWidthCm] as const);
  const slot =
    section.kind === 'rect' && section.slotCm > 0
      ? `M${originX - section.halfLengthCm * pxPerCm} ${originY - section.slotCm * pxPerCm}h${2 * section.halfLengthCm * pxPerCm}v${2 * section.slotCm * pxPerCm}h${-2 * section.halfLengthCm * pxPerCm}z`
      : '';
  return (
    <path
      d={`M${points.map(([x, z]) => `${originX + x * pxPerCm} ${originY + z * pxPerCm}`).join('L')}z${slot}`}
      strokeLinejoin="round"
      {...rest}
    />
  );
}

function circlePath(x: number, y: number, r: number): string {
  return `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0z`;
}
