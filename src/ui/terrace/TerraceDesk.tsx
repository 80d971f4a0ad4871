'use client';

import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { groupOpinion } from '@/core/checks/asOne';
import type { Gathering } from '@/core/plantings/gathering';
import { seasonWeeks, type PlantingInSpot } from '@/core/plantings/planting';
import { extentOfPlanting } from '@/core/seeing/framing';
import { subjectOf } from '@/core/seeing/subject';
import { weekAfter } from '@/core/units/units';
import { WeekSlider } from '@/ui/bench/WeekSlider';
import { Select } from '@/ui/controls/Select';
import { useFieldHeight } from '@/ui/controls/useFieldHeight';
import { useWidth } from '@/ui/controls/useWidth';
import { useSettings } from '@/ui/session/StoreProvider';
import { UndoBar } from '@/ui/session/UndoBar';
import { useFrozen } from '@/ui/session/useFrozen';
import type { RecordEditing } from '@/ui/session/useRecordEditing';
import { weekText } from '@/words/format';
import { TerraceLine, type Standing } from './TerraceLine';
import { MARGIN_CM, terraceRoom, terraceScale } from './terraceScale';
import { useTerraceHand } from './useTerraceHand';

// What is read or pressed after the drawing comes after it.
const AsOneSheet = dynamic(() => import('./AsOneSheet').then((m) => m.AsOneSheet), { ssr: false });
const GroupSheet = dynamic(() => import('./GroupSheet').then((m) => m.GroupSheet), { ssr: false });
const MemberSheet = dynamic(() => import('./MemberSheet').then((m) => m.MemberSheet), {
  ssr: false,
});

interface TerraceDeskProps {
  readonly editing: RecordEditing<Gathering>;
  readonly its: readonly PlantingInSpot[];
  readonly groups: readonly Gathering[];
  readonly onBegin: () => void;
  readonly onGroup: (id: string) => void;
}

/** Weeks after planting that are shown at first: most of what is planted in spring is full then. */
const FIRST_WEEKS = 9;

/** Containers that stand together: dragged along the line, set back, raised on stands, turned; with what is said of them as one. */
export function TerraceDesk({ editing, its, groups, onBegin, onGroup }: TerraceDeskProps) {
  const { record: group } = editing;
  const settings = useSettings();
  const [ref, width] = useWidth<HTMLDivElement>();
  const [weeks, setWeeks] = useState(FIRST_WEEKS);
  const [picked, setPicked] = useState<string | null>(null);
  const standing = useMemo(() => standingOf(group, its), [group, its]);
  const opinion = useMemo(() => groupOpinion(standing), [standing]);
  const last = Math.max(4, ...standing.map(({ it }) => seasonWeeks(it.planting)));
  const planted = standing[0]?.it.planting.plantedWeek ?? 20;
  const fieldPx = useFieldHeight();
  const roomNow = useMemo(() => terraceRoom(standing), [standing]);
  const room = useFrozen(roomNow, editing.isHeld);
  const scale = terraceScale(room, width, fieldPx);
  const nameOf = (id: string) =>
    its.find(({ planting }) => planting.id === id)?.planting.name ?? 'one';
  const hand = useTerraceHand({ editing, pxPerCm: scale.pxPerCm, nameOf, onPick: setPicked });

  return (
    <div className="gap-6 pt-3.5 wide:grid wide:grid-cols-[minmax(0,1fr)_324px]">
      <div className="min-w-0">
        <header className="flex flex-wrap items-end gap-x-5 gap-y-1 pb-2">
          <h1 className="display text-room leading-10">{group.name}</h1>
          <p className="pb-1.5 text-small text-ink2">
            <b className="text-ink">{standing.length}</b>{' '}
            {standing.length === 1 ? 'container' : 'containers'} as one,{' '}
            {weekText(weekAfter(planted, weeks))}
          </p>
          <p className="ml-auto flex items-center gap-3 pb-1 text-small">
            {groups.length > 1 && (
              <Select
                aria-label="Group"
                value={group.id}
                onChange={(event) => onGroup(event.target.value)}
              >
                {groups.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </Select>
            )}
            <UndoBar editing={editing} />
          </p>
        </header>
        <section aria-label="Terrace">
          <div ref={ref} className="relative overflow-hidden bg-field" style={{ height: fieldPx }}>
            {scale.pxPerCm > 0 && (
              <TerraceLine
                standing={standing}
                scale={scale}
                widthPx={width}
                heightPx={fieldPx}
                weeks={weeks}
                picked={picked}
                units={settings}
                hand={hand}
              />
            )}
          </div>
          <WeekSlider keys={[]} weeks={weeks} last={last} plantedWeek={planted} onWeek={setWeeks} />
        </section>
        <section aria-label="Container in hand" className="mt-4 bg-paper px-4 py-3">
          <MemberSheet
            chosen={standing.find(({ member }) => member.plantingId === picked)}
            editing={editing}
            onChange={hand.change}
            unit={settings.length}
          />
        </section>
      </div>
      <aside className="mt-6 grid grid-cols-[minmax(0,1fr)] content-start gap-4 wide:mt-0">
        <AsOneSheet opinion={opinion} nameOf={nameOf} units={settings} />
        <GroupSheet
          editing={editing}
          standing={standing}
          its={its}
          freeCm={Math.round(room.reachCm - MARGIN_CM)}
          onBegin={onBegin}
        />
      </aside>
    </div>
  );
}

/** The members of a group whose plantings are here, with what their drawings need. */
function standingOf(group: Gathering, its: readonly PlantingInSpot[]): readonly Standing[] {
  return group.members.flatMap((member) => {
    const it = its.find(({ planting }) => planting.id === member.plantingId);
    return it ? [{ it, member, extent: extentOfPlanting(it), subject: subjectOf(it) }] : [];
  });
}
