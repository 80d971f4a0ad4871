'use client';

import { useMemo, useState } from 'react';
import { toHex, type Oklch } from '@/core/colour/oklch';
import { COLOUR_NAMES, NAMED_COLOURS } from '@/core/colour/names';
import { freeId } from '@/core/files/freeId';
import { middle } from '@/core/plants/kind';
import type { Library } from '@/core/plants/library';
import { guessedFrom, nearestKind, untold, type OwnKind, type Told } from '@/core/plants/own';
import { ownKindSchema, toldSchema } from '@/core/plants/ownSchema';
import { keptCm } from '@/core/units/units';
import { type Units } from '@/words/format';
import { plantSizeText } from '@/words/plants';
import { GrownPicture } from './GrownPicture';
import { PhotoColour } from './PhotoColour';
import { Button } from '@/ui/controls/Button';
import { entryLook } from '@/ui/controls/looks';
import { BLANK, TAG_SUN, type Tag } from './tag';
import { TagSizes } from './TagSizes';

/** A plant from the tag in hand: six things, the rest guessed from the kind most like it, and marked so. */
export function TagForm({
  library,
  units,
  onKeep,
  onClose,
}: {
  readonly library: Library;
  readonly units: Units;
  readonly onKeep: (record: OwnKind) => void;
  readonly onClose: () => void;
}) {
  const [tag, setTag] = useState(BLANK);
  const [tried, setTried] = useState(false);
  const { told, faults } = useMemo(() => readTag(tag, units.length), [tag, units.length]);
  const good = Object.keys(faults).length === 0;
  const like = useMemo(
    () => (good && tag.common.trim().length > 1 ? nearestKind(library.kinds, told) : null),
    [good, told, library, tag.common],
  );
  const guess = useMemo(() => like && guessedFrom(like, 'tag', told), [like, told]);
  const put = (change: Partial<Tag>) => setTag({ ...tag, ...change });
  const keep = () => {
    setTried(true);
    if (!good || !like) return;
    const id = freeId(tag.common, new Set(library.kinds.map(({ id: taken }) => taken)));
    onKeep(ownKindSchema.parse({ ...untold(id), likeId: like.id, told }));
  };
  const field = (
    name: string,
    key: 'common' | 'botanical' | 'height' | 'spread' | 'trail' | 'hardy' | 'price',
    suffix?: string,
    faultKey: string = key,
  ) => (
    <label className="block min-w-0">
      <span className="block text-note text-ink2">{name}</span>
      <span className="relative block">
        <input
          className={entryLook({ className: 'w-full' })}
          value={tag[key]}
          aria-invalid={tried && !!faults[faultKey]}
          onChange={(event) => put({ [key]: event.target.value })}
        />
        {suffix && (
          <span className="pointer-events-none absolute top-2 right-2 text-note text-ink2">
            {suffix}
          </span>
        )}
      </span>
      {tried && faults[faultKey] && (
        <span role="alert" className="mt-0.5 block text-note leading-4 font-semibold">
          ▲ {faults[faultKey]}
        </span>
      )}
    </label>
  );
  return (
    <section aria-label="From the tag" className="bg-paper">
      <h2 className="flex items-baseline border-b border-rule px-4 py-2.5 text-lead font-semibold">
        From the tag in hand
        <Button look="plain" className="ml-auto" onClick={onClose}>
          Close
        </Button>
      </h2>
      <div className="grid gap-3 px-4 py-3">
        {field('Name', 'common')}
        {field('Botanical name', 'botanical')}
        <div className="grid grid-cols-3 gap-3">
          {field('Height', 'height', units.length, 'heightCm')}
          {field('Spread', 'spread', units.length, 'spreadCm')}
          {field('Trails', 'trail', units.length, 'trailCm')}
        </div>
        <TagSizes tag={tag} put={put} field={field} units={units} />
        <ColourRow
          name="Leaf"
          value={tag.leafColour}
          onPick={(leafColour) => put({ leafColour })}
        />
        <ColourRow
          name="Flower"
          value={tag.flowerColour}
          onPick={(flowerColour) => put({ flowerColour })}
        />
        <PhotoColour
          onColour={(part, colour) =>
            put(part === 'leaf' ? { leafColour: colour } : { flowerColour: colour })
          }
        />
        {guess && like && (
          <div className="grid grid-cols-[120px_1fr] gap-3 bg-field p-2">
            <GrownPicture
              kind={guess}
              widthPx={120}
              heightPx={150}
              pxPerCm={Math.min(
                130 / (middle(guess.heightCm) + 24),
                110 / middle(guess.spreadCm),
                6,
              )}
            />
            <p className="self-center text-small" data-like>
              Most like <b className="font-semibold">{like.common.toLowerCase()}</b>. Guessed from
              it: {guessedList(told).join(', ')}. {plantSizeText(guess, units)}. Harm counts as
              unsure, and nothing is called edible, until you know.
            </p>
          </div>
        )}
        {tried && !good && (
          <p role="alert" className="font-semibold">
            Mend the marked lines; nothing was kept.
          </p>
        )}
        <Button look="act" className="justify-self-start" onClick={keep}>
          Keep this plant
        </Button>
      </div>
    </section>
  );
}

function ColourRow({
  name,
  value,
  onPick,
}: {
  readonly name: string;
  readonly value: Oklch | null;
  readonly onPick: (colour: Oklch | null) => void;
}) {
  return (
    <fieldset>
      <legend className="flex items-center gap-2 text-note text-ink2">
        {name} colour
        {value && (
          <>
            <span
              className="inline-block size-4 border border-rule2"
              style={{ background: toHex(value) }}
            />
            <Button look="plain" onClick={() => onPick(null)}>
              not told
            </Button>
          </>
        )}
      </legend>
      <div className="mt-1 flex flex-wrap gap-1">
        {COLOUR_NAMES.map((colour) => (
          <Button
            look="bare"
            key={colour}
            aria-label={`${name} ${colour}`}
            title={colour}
            onClick={() => onPick(NAMED_COLOURS[colour])}
            className="size-[22px] border border-rule2"
            style={{ background: toHex(NAMED_COLOURS[colour]) }}
          />
        ))}
      </div>
    </fieldset>
  );
}

/** What has to be guessed, in words. */
function guessedList(told: Told): readonly string[] {
  const names: readonly (readonly [keyof Told, string])[] = [
    ['heightCm', 'height'],
    ['spreadCm', 'spread'],
    ['hours', 'light'],
    ['thirst', 'water'],
    ['lowestC', 'hardiness'],
    ['leafColour', 'leaf colour'],
    ['flowerColour', 'flowers'],
    ['price', 'price'],
  ];
  return [
    ...names.filter(([field]) => told[field] === undefined).map(([, name]) => name),
    'leaf shape',
    'weeks',
  ];
}

/** A tag's words as values; faults by field. A single figure stands for a range of a tenth either way. */
function readTag(
  tag: Tag,
  unit: Units['length'],
): { readonly told: Told; readonly faults: Readonly<Record<string, string>> } {
  const number = (text: string) =>
    text.trim() === '' ? undefined : Number(text.replace(',', '.').replace('−', '-'));
  const around = (text: string) => {
    const value = number(text);
    if (value === undefined) return undefined;
    const cm = keptCm(value, unit);
    return [Math.round(cm * 9) / 10, Math.round(cm * 11) / 10].sort((a, b) => a - b);
  };
  const told = Object.fromEntries(
    Object.entries({
      common: tag.common,
      botanical: tag.botanical.trim() || undefined,
      heightCm: around(tag.height),
      spreadCm: around(tag.spread),
      trailCm: around(tag.trail),
      hours: tag.sun ? [...TAG_SUN[tag.sun]] : undefined,
      thirst: tag.water || undefined,
      lowestC: unit === 'cm' ? number(tag.hardy) : celsius(number(tag.hardy)),
      size: tag.size || undefined,
      price: number(tag.price),
      leafColour: tag.leafColour ?? undefined,
      flowerColour: tag.flowerColour ?? undefined,
    }).filter(([, value]) => value !== undefined),
  );
  const parsed = toldSchema.safeParse(told);
  if (parsed.success) return { told: parsed.data, faults: {} };
  return {
    told: {},
    faults: Object.fromEntries(
      parsed.error.issues.map(({ path, message }) => [String(path[0]), message]),
    ),
  };
}

const celsius = (fahrenheit: number | undefined): number | undefined =>
  fahrenheit === undefined ? undefined : (fahrenheit - 32) / 1.8;
