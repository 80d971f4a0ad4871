'use client';

import { useRouter, useSearchParams } from 'next/navigation';
import { halfFrontCm } from '@/core/containers/shape';
import type { Gathering } from '@/core/plantings/gathering';
import type { Planting } from '@/core/plantings/planting';
import { terraceHref } from '@/ui/session/links';
import { UnreadableSheet } from '@/ui/session/UnreadableSheet';
import { usePlanted } from '@/ui/session/usePlanted';
import { useLive, useStore } from '@/ui/session/StoreProvider';
import { countText } from '@/words/format';
import { TerraceDesk } from './TerraceDesk';
import { useGroupEditing } from './useGroupEditing';
import { Button, ButtonLink } from '@/ui/controls/Button';

/** Gap between rims of containers put together, cm. */
const GAP_CM = 8;

/** The terrace: a group of containers seen as one, or the groups there are. */
export function Terrace() {
  const asked = useSearchParams().get('group');
  const router = useRouter();
  const store = useStore();
  const groups = useLive((s) => s.groups.all());
  const planted = usePlanted();
  const id = asked ?? groups?.[0]?.id ?? null;
  const editing = useGroupEditing(id);
  if (!groups || !planted || editing === undefined)
    return (
      <p className="py-10 text-ink2" role="status">
        Setting out the terrace…
      </p>
    );
  const plantings = planted.its.map(({ planting }) => planting);
  const begin = async (plantings: readonly Planting[]) => {
    const group: Gathering = {
      id: `group-${crypto.randomUUID().slice(0, 8)}`,
      name: `Group ${groups.length + 1}`,
      demo: false,
      members: inLine(plantings),
    };
    await store?.groups.put(group);
    router.replace(terraceHref(group.id));
  };
  if (!editing)
    return (
      <div className="py-16">
        <h1 className="display text-room leading-10">
          {asked ? 'That group is not here' : 'No group yet'}
        </h1>
        <p className="mt-2 max-w-[52ch] text-lead leading-6">
          {plantings.length < 2
            ? 'Two containers or more can be set out together and looked at as one. There are not yet two.'
            : 'Set containers out together and look at them as one: how they rise, what they repeat, how the pots go together.'}
        </p>
        <UnreadableSheet tables={['groups']} />
        <p className="mt-5 flex gap-3">
          {plantings.length >= 2 && (
            <Button
              look="act"

              onClick={() => void begin(plantings.slice(0, 3))}
            >
              Set out {countText(Math.min(3, plantings.length), 'container')}
            </Button>
          )}
          <ButtonLink href="/">To the yard</ButtonLink>
        </p>
      </div>
    );
  return (
    <TerraceDesk
      key={editing.record.id}
      editing={editing}
      its={planted.its}
      groups={groups}
      onBegin={() => void begin(plantings.slice(0, 2))}
      onGroup={(next) => router.replace(terraceHref(next))}
    />
  );
}

/** Containers side by side along a line, rims apart, the first at the left. */
function inLine(plantings: readonly Planting[]): Gathering['members'] {
  let at = 0;
  const halves = plantings.map(({ container }) => halfFrontCm(container.shape));
  const places = halves.map((half, i) => {
    at += i === 0 ? half : half + GAP_CM;
    const middle = at;
    at += half;
    return middle;
  });
  return plantings.map(({ id }, i) => ({
    plantingId: id,
    atCm: Math.round(places[i]! - at / 2),
    backCm: 0,
    raisedCm: 0,
    turnDeg: 0,
  }));
}
