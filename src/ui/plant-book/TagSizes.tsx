import type { JSX } from 'react';
import { NURSERY_SIZE_IDS } from '@/core/plants/nursery';
import { PickField } from '@/ui/controls/fields';
import { TAG_SUN, type Tag } from './tag';
import { sizeName, type Units } from '@/words/format';

/** What a tag says of size, light, water and cold. */
export function TagSizes({
  tag,
  put,
  field,
  units,
}: {
  readonly tag: Tag;
  readonly put: (change: Partial<Tag>) => void;
  readonly field: (
    name: string,
    key: 'common' | 'botanical' | 'height' | 'spread' | 'trail' | 'hardy' | 'price',
    suffix?: string,
    faultKey?: string,
  ) => JSX.Element;
  readonly units: Units;
}) {
  return (
    <div className="grid grid-cols-2 gap-3">
      <PickField
        name="Light"
        value={tag.sun}
        options={[
          ['', 'not told'],
          ...Object.keys(TAG_SUN).map((sun) => [sun as keyof typeof TAG_SUN, sun] as const),
        ]}
        onPick={(sun) => put({ sun })}
      />
      <PickField
        name="Water"
        value={tag.water}
        options={[
          ['', 'not told'],
          ['low', 'low'],
          ['medium', 'medium'],
          ['high', 'high'],
        ]}
        onPick={(water) => put({ water })}
      />
      {field('Hardy to', 'hardy', units.length === 'cm' ? '°C' : '°F', 'lowestC')}
      <PickField
        name="Sold as"
        value={tag.size}
        options={[
          ['', 'not told'],
          ...NURSERY_SIZE_IDS.map((id) => [id, sizeName(id, units)] as const),
        ]}
        onPick={(size) => put({ size })}
      />
      {field('Price', 'price', units.currency)}
    </div>
  );
}
