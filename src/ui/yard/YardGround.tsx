import { PlantingPicture } from '@/ui/controls/PlantingPicture';
import { StillPicture } from '@/ui/controls/StillPicture';
import type { Due } from './dueMark';
import { SpotStrip } from './SpotStrip';
import type { Sight } from './useYardSight';
import type { Slot, Strip, YardLayout } from './yardLayout';

/** Height of a strip's name, and of what stands under it, before they are laid out, px. */
const ROUND_IT_PX = 78;

/** The strips, line by line. */
export function YardGround({
  layout,
  unit,
  due,
  before,
  onShown,
}: {
  readonly layout: Pick<YardLayout, 'lines' | 'pxPerCm'> & Partial<Pick<YardLayout, 'pictures'>>;
  readonly unit: 'cm' | 'in';
  /** What is due, by planting; `null` until it is reckoned. */
  readonly due: ReadonlyMap<string, readonly Due[]> | null;
  /** As it was last seen: shown until the pictures of now have been made. */
  readonly before: Sight | null;
  readonly onShown?: () => void;
}) {
  const pictureIn = ({ heightPx }: Strip, { id, name, pictureWidthPx }: Slot) => {
    const earlier = before?.pictures.get(id) ?? null;
    const picture = layout.pictures?.get(id);
    return picture ? (
      <PlantingPicture
        still
        whenSeen
        {...picture}
        before={earlier}
        label={name}
        {...(onShown ? { onShown } : {})}
      />
    ) : (
      <StillPicture bitmap={earlier} widthPx={pictureWidthPx} heightPx={heightPx} label={name} />
    );
  };
  return layout.lines.map((line) => (
    // What is far out of sight is neither laid out nor painted; names, fields and what stands under them begin level.
    <div
      key={keyOf(line[0]!)}
      className="grid grid-rows-[auto_auto_1fr] gap-x-4 pb-2 [content-visibility:auto]"
      style={{
        gridTemplateColumns: line.map(({ widthPx }) => `${widthPx}px`).join(' '),
        containIntrinsicHeight: `auto ${line[0]!.heightPx + ROUND_IT_PX}px`,
      }}
    >
      {line.map((strip) => (
        <SpotStrip
          key={keyOf(strip)}
          strip={strip}
          pxPerCm={layout.pxPerCm}
          unit={unit}
          due={due}
          dueBefore={before?.told.due ?? {}}
          picture={(slot) => pictureIn(strip, slot)}
        />
      ))}
    </div>
  ));
}

const keyOf = ({ spotId, slots }: Strip): string => `${spotId} ${slots[0]!.id}`;
