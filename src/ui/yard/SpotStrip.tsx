import { RoomLink } from '@/ui/controls/RoomLink';
import type { ReactNode } from 'react';
import { Ruler } from '@/ui/controls/Ruler';
import { SIDE_RULER_PX } from '@/ui/controls/rulerSize';
import { benchHref, spotHref } from '@/ui/session/links';
import { DUE_MARK, type Due } from './dueMark';
import { PlaceDrawing } from './PlaceDrawing';
import type { Slot, Strip } from './yardLayout';

/** So many works are told under a container; of more the number. */
const TOLD = 2;
const AFTER_RULER_PX = 6;

/** The containers of one spot on their ground line, with what is due at each. */
export function SpotStrip({
  strip,
  pxPerCm,
  unit,
  due,
  dueBefore,
  picture,
}: {
  readonly strip: Strip;
  readonly pxPerCm: number;
  readonly unit: 'cm' | 'in';
  /** What is due, by planting; `null` until it is reckoned. */
  readonly due: ReadonlyMap<string, readonly Due[]> | null;
  /** What was due when it was last seen: its room is kept until it is reckoned anew. */
  readonly dueBefore: Readonly<Record<string, readonly Due[]>>;
  readonly picture: (slot: Slot) => ReactNode;
}) {
  const { spotId, spotName, facts, isFirst, heightPx, fromCm, slots } = strip;
  const from = SIDE_RULER_PX + AFTER_RULER_PX;
  const middles = slots.map(
    ({ widthPx: slot }, i) =>
      from + slots.slice(0, i).reduce((sum, { widthPx: before }) => sum + before, 0) + slot / 2,
  );
  return (
    <section
      aria-label={isFirst ? spotName : `${spotName}, more`}
      className="row-span-3 grid min-w-0 grid-rows-subgrid"
      data-strip={spotId}
    >
      {isFirst ? (
        <div className="flex flex-wrap content-end items-baseline gap-x-3 pb-1">
          <h2 className="display min-w-0 text-name leading-6 wrap-anywhere">
            <RoomLink href={spotHref(spotId)} className="hover:underline">
              {spotName}
            </RoomLink>
          </h2>
          <p className="text-note text-ink2">{facts}</p>
        </div>
      ) : (
        <div />
      )}
      <div className="relative bg-field" style={{ height: heightPx }}>
        <PlaceDrawing strip={strip} middles={middles} pxPerCm={pxPerCm} />
        <div className="absolute inset-y-0 left-0">
          <Ruler
            upright
            lengthPx={heightPx}
            zeroPx={-fromCm * pxPerCm}
            pxPerCm={pxPerCm}
            unit={unit}
            thickness={SIDE_RULER_PX}
          />
        </div>
        {slots.map((slot, i) => (
          <RoomLink
            key={slot.id}
            href={benchHref(slot.id)}
            aria-label={`${slot.name}: open on the bench`}
            className="absolute bottom-0 block"
            style={{
              left: Math.round(middles[i]! - slot.pictureWidthPx / 2),
              width: slot.pictureWidthPx,
              height: heightPx,
            }}
          >
            {picture(slot)}
          </RoomLink>
        ))}
      </div>
      {/* Where the air below is left out, the ground is no ground. */}
      <div
        className={`flex border-t-[1.5px] pb-1 ${fromCm > 0 ? 'border-dashed border-rule2' : 'border-tick'}`}
        style={{ paddingLeft: from }}
      >
        {slots.map((slot) => (
          <div
            key={slot.id}
            className="min-h-11 min-w-0 px-1 pt-1 text-center text-note leading-4"
            style={{ width: slot.widthPx }}
          >
            <p className="font-semibold break-words">{slot.name}</p>
            <div className={due ? '' : 'invisible'}>
              <DueHere due={due ? (due.get(slot.id) ?? []) : (dueBefore[slot.id] ?? [])} />
            </div>
          </div>
        ))}
      </div>
    </section>
  );
}

function DueHere({ due }: { readonly due: readonly Due[] }) {
  const told = due.slice(0, TOLD);
  return (
    <>
      {told.map(({ id, rule, title, isUrgent }) => {
        const Mark = DUE_MARK[rule];
        return (
          <p key={id} data-due={rule} {...(isUrgent ? { 'data-urgent': '' } : {})}>
            <span
              className={
                isUrgent
                  ? 'inline-flex items-center gap-1 bg-ink px-1 text-paper'
                  : 'inline-flex items-center gap-1 text-ink2'
              }
            >
              {isUrgent && <span aria-hidden>▲</span>}
              <Mark aria-hidden size={12} strokeWidth={2} className="shrink-0" />
              {title}
              {isUrgent && <span className="sr-only">, cannot wait</span>}
            </span>
          </p>
        );
      })}
      {due.length > TOLD && <p className="text-ink2">and {due.length - TOLD} more</p>}
    </>
  );
}
