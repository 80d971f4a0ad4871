'use client';

import { useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { read } from '@/core/checks/reading';
import { halfFrontCm } from '@/core/containers/shape';
import type { Edit } from '@/core/plantings/edits';
import { withMember, type Gathered, type Gathering } from '@/core/plantings/gathering';
import { seasonWeeks, type PlantingInSpot } from '@/core/plantings/planting';
import { hash32, seedOf } from '@/core/random/hash';
import { groupOpinion } from '@/core/checks/asOne';
import { extentOf, USUAL_PITCH_RAD } from '@/core/seeing/framing';
import { subjectOf } from '@/core/seeing/subject';
import { RAD_PER_DEG, weekAfter } from '@/core/units/units';
import { WeekSlider } from '@/ui/bench/WeekSlider';
import { LengthField } from '@/ui/controls/fields';
import { PlantingPicture } from '@/ui/controls/PlantingPicture';
import { Ruler } from '@/ui/controls/Ruler';
import { benchHref } from '@/ui/session/links';
import { useFrozen } from '@/ui/session/useFrozen';
import { UndoBar } from '@/ui/session/UndoBar';
import { useFieldHeight } from '@/ui/controls/useFieldHeight';
import { useWidth } from '@/ui/controls/useWidth';
import { askOf } from '@/ui/session/askOf';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { say } from '@/ui/session/say';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import type { RecordEditing } from '@/ui/session/useRecordEditing';
import { countText, lengthText, weekText } from '@/words/format';
import { groupLines } from '@/words/group';
import { runJob } from '@/workers/runJob';
import { Button, ButtonLink } from '@/ui/controls/Button';
import { Select } from '@/ui/controls/Select';
import { entryLook } from '@/ui/controls/looks';

interface TerraceDeskProps {
  readonly editing: RecordEditing<Gathering>;
  readonly its: readonly PlantingInSpot[];
  readonly groups: readonly Gathering[];
  readonly onBegin: () => void;
  readonly onGroup: (id: string) => void;
}

const RULER_PX = 24;
const SIDE_RULER_PX = 36;
/** Room above the highest and at either end, cm. */
const MARGIN_CM = 8;
const PITCH_RAD = USUAL_PITCH_RAD.standing;
/** How far before the container's middle a stand's front legs are, of its half width: about where its foot ends. */
const STAND_FRONT = 0.8;

/** Containers that stand together: dragged along the line, set back, raised on stands, turned; with what is said of them as one. */
export function TerraceDesk({ editing, its, groups, onBegin, onGroup }: TerraceDeskProps) {
  const { record: group, apply, preview, faults } = editing;
  const settings = useSettings();
  const store = useStore();
  const { kindOf } = useLibrary();
  const [ref, width] = useWidth<HTMLDivElement>();
  const [weeks, setWeeks] = useState(9);
  const [picked, setPicked] = useState<string | null>(null);
  const [composing, setComposing] = useState(false);
  const standing = useMemo(
    () =>
      group.members.flatMap((member) => {
        const it = its.find(({ planting }) => planting.id === member.plantingId);
        return it ? [{ it, member, extent: extentOf(read(it)), subject: subjectOf(it) }] : [];
      }),
    [group.members, its],
  );
  const opinion = useMemo(() => groupOpinion(standing), [standing]);
  const last = Math.max(4, ...standing.map(({ it }) => seasonWeeks(it.planting)));
  const planted = standing[0]?.it.planting.plantedWeek ?? 20;
  const reachNow =
    Math.max(
      60,
      ...standing.map(
        ({ member, extent }) => Math.abs(member.atCm) + Math.max(extent.leftCm, extent.rightCm),
      ),
    ) + MARGIN_CM;
  const lift = (member: Gathered) =>
    member.raisedCm * Math.cos(PITCH_RAD) + member.backCm * Math.sin(PITCH_RAD);
  const highNow =
    Math.max(60, ...standing.map(({ member, extent }) => extent.aboveCm + lift(member))) +
    MARGIN_CM;
  const reach = useFrozen(reachNow, editing.isHeld);
  const high = useFrozen(highNow, editing.isHeld);
  const fieldPx = useFieldHeight();
  const pxPerCm =
    width > 0
      ? Math.min((width - SIDE_RULER_PX) / (2 * reach), (fieldPx - RULER_PX - 24) / (high + 8))
      : 0;
  const middle = (width - SIDE_RULER_PX) / 2;
  const ground = fieldPx - RULER_PX - 10 * pxPerCm;
  const change = (id: string, to: Partial<Gathered>, name: string) =>
    apply(withMember(group, id, to), name);
  const nameOf = (id: string) =>
    its.find(({ planting }) => planting.id === id)?.planting.name ?? 'one';
  const chosen = standing.find(({ member }) => member.plantingId === picked);

  const drag = useRef<{ id: string; x: number; at: number; moved: boolean } | null>(null);
  const to = (event: PointerEvent) =>
    Math.round(drag.current!.at + (event.clientX - drag.current!.x) / pxPerCm);
  const down = (event: PointerEvent, member: Gathered) => {
    if (event.button !== 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    drag.current = { id: member.plantingId, x: event.clientX, at: member.atCm, moved: false };
    setPicked(member.plantingId);
  };
  const move = (event: PointerEvent) => {
    const d = drag.current;
    if (!d || (!d.moved && Math.abs(event.clientX - d.x) < 3)) return;
    d.moved = true;
    preview(withMember(group, d.id, { atCm: to(event) }));
  };
  const up = (event: PointerEvent) => {
    const d = drag.current;
    if (d?.moved) change(d.id, { atCm: to(event) }, `Moved ${nameOf(d.id)} along`);
    drag.current = null;
  };
  const key = (event: KeyboardEvent, member: Gathered) => {
    const step = event.shiftKey ? 5 : 1;
    const id = member.plantingId;
    const does: Readonly<Record<string, () => void>> = {
      ArrowLeft: () => change(id, { atCm: member.atCm - step }, `Moved ${nameOf(id)} along`),
      ArrowRight: () => change(id, { atCm: member.atCm + step }, `Moved ${nameOf(id)} along`),
      ArrowUp: () =>
        change(id, { raisedCm: Math.min(200, member.raisedCm + 5) }, `Raised ${nameOf(id)}`),
      ArrowDown: () =>
        change(id, { raisedCm: Math.max(0, member.raisedCm - 5) }, `Lowered ${nameOf(id)}`),
      PageUp: () =>
        change(id, { backCm: Math.min(500, member.backCm + 5) }, `Set ${nameOf(id)} back`),
      PageDown: () =>
        change(id, { backCm: Math.max(0, member.backCm - 5) }, `Set ${nameOf(id)} forward`),
      Delete: () =>
        apply(
          { members: group.members.filter(({ plantingId }) => plantingId !== id) },
          `Took ${nameOf(id)} out of the group`,
        ),
      Escape: () => {
        drag.current = null;
        preview(null);
        setPicked(null);
      },
      Enter: () => setPicked(id),
    };
    if (!does[event.key]) return;
    event.preventDefault();
    does[event.key]!();
  };
  /** Plants all of them anew as one group, each with a way back on its own bench. */
  const compose = async () => {
    const first = standing[0];
    if (!first || !store) return;
    setComposing(true);
    const ask = askOf(first.it, hash32(seedOf(group.id), group.members.length));
    const { container: _, ...rest } = ask;
    const found = await runJob('group', {
      containers: standing.map(({ it }) => it.planting.container),
      ask: rest,
    }).catch(() => null);
    setComposing(false);
    if (!found) return say('No planting was found that suits all of these containers together.');
    for (const { of, places, school } of found) {
      const { planting } = standing[of]!.it;
      const edit: Edit = {
        kind: 'remake',
        why: 'group',
        change: { places, wishes: { ...planting.wishes, school } },
      };
      await store.edit(planting.id, edit, { did: 'planted for', name: group.name });
    }
    say('All are planted as one. Undo on each bench brings the old ones back.');
  };

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
            {pxPerCm > 0 && (
              <>
                <svg
                  width={width}
                  height={fieldPx}
                  className="pointer-events-none absolute inset-0"
                  aria-hidden
                >
                  <line
                    x1={0}
                    x2={width - SIDE_RULER_PX}
                    y1={ground}
                    y2={ground}
                    stroke="var(--rule2)"
                    strokeWidth={1}
                  />
                </svg>
                {[...standing]
                  .sort((a, b) => b.member.backCm - a.member.backCm)
                  .map(({ it, member, extent, subject }) => {
                    const [w, h] = [
                      Math.round((extent.leftCm + extent.rightCm) * pxPerCm),
                      Math.round((extent.aboveCm + extent.belowCm) * pxPerCm),
                    ];
                    const x = middle + member.atCm * pxPerCm;
                    const foot = ground - lift(member) * pxPerCm;
                    const half = halfFrontCm(it.planting.container.shape) * pxPerCm;
                    return (
                      <div key={member.plantingId}>
                        {member.raisedCm > 0 && (
                          <Stand
                            x={x}
                            half={half * 0.92}
                            foot={foot + half * STAND_FRONT * Math.sin(PITCH_RAD)}
                            highPx={member.raisedCm * Math.cos(PITCH_RAD) * pxPerCm}
                          />
                        )}
                        <div
                          role="button"
                          tabIndex={0}
                          data-member={member.plantingId}
                          aria-pressed={picked === member.plantingId}
                          aria-label={`${it.planting.name}, ${lengthText(Math.abs(member.atCm), settings)} ${member.atCm < 0 ? 'left' : 'right'}${member.raisedCm > 0 ? `, raised ${lengthText(member.raisedCm, settings)}` : ''}${member.backCm > 0 ? `, ${lengthText(member.backCm, settings)} back` : ''}`}
                          className={`absolute cursor-grab outline-offset-[-2px] ${picked === member.plantingId ? 'outline-2 outline-[var(--act)] outline-dashed' : ''}`}
                          style={{
                            left: x - w / 2,
                            top: foot - (h - extent.belowCm * pxPerCm),
                            width: w,
                            height: h,
                            touchAction: 'pan-y',
                          }}
                          onPointerDown={(event) => down(event, member)}
                          onPointerMove={move}
                          onPointerUp={up}
                          onPointerCancel={() => {
                            drag.current = null;
                            preview(null);
                          }}
                          onKeyDown={(event) => key(event, member)}
                        >
                          <PlantingPicture
                            subject={subject}
                            weeks={Math.min(weeks, seasonWeeks(it.planting))}
                            widthPx={w}
                            heightPx={h}
                            label=""
                            lens={{
                              azimuthRad: member.turnDeg * RAD_PER_DEG,
                              pitchRad: PITCH_RAD,
                              pxPerCm,
                              originX: w / 2,
                              originY: h - extent.belowCm * pxPerCm,
                            }}
                          />
                        </div>
                      </div>
                    );
                  })}
                <div className="absolute top-0 right-0">
                  <Ruler
                    upright
                    lengthPx={fieldPx - RULER_PX}
                    zeroPx={fieldPx - RULER_PX - ground}
                    pxPerCm={pxPerCm * Math.cos(PITCH_RAD)}
                    unit={settings.length}
                    thickness={SIDE_RULER_PX}
                  />
                </div>
                <div className="absolute bottom-0 left-0">
                  <Ruler
                    lengthPx={width}
                    zeroPx={middle}
                    pxPerCm={pxPerCm}
                    unit={settings.length}
                  />
                </div>
              </>
            )}
          </div>
          <WeekSlider keys={[]} weeks={weeks} last={last} plantedWeek={planted} onWeek={setWeeks} />
        </section>
        <section aria-label="Container in hand" className="mt-4 bg-paper px-4 py-3">
          {chosen ? (
            <>
              <div className="flex flex-wrap items-baseline gap-x-4 pb-2">
                <h2 className="display text-name">{chosen.it.planting.name}</h2>
                <ButtonLink look="link" href={benchHref(chosen.it.planting.id)}>
                  Open on the bench
                </ButtonLink>
                <Button
                  look="plain"
                  className="ml-auto"
                  onClick={() =>
                    apply(
                      {
                        members: group.members.filter(
                          ({ plantingId }) => plantingId !== chosen.member.plantingId,
                        ),
                      },
                      `Took ${chosen.it.planting.name} out of the group`,
                    )
                  }
                >
                  Take it out of the group
                </Button>
              </div>
              <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
                <LengthField
                  name="Along the line"
                  valueCm={chosen.member.atCm}
                  unit={settings.length}
                  onCm={(atCm) =>
                    change(
                      chosen.member.plantingId,
                      { atCm },
                      `Moved ${chosen.it.planting.name} along`,
                    )
                  }
                />
                <LengthField
                  name="Back from it"
                  valueCm={chosen.member.backCm}
                  unit={settings.length}
                  onCm={(backCm) =>
                    change(
                      chosen.member.plantingId,
                      { backCm },
                      `Set ${chosen.it.planting.name} back`,
                    )
                  }
                />
                <LengthField
                  name="On a stand of"
                  valueCm={chosen.member.raisedCm}
                  unit={settings.length}
                  onCm={(raisedCm) =>
                    change(
                      chosen.member.plantingId,
                      { raisedCm },
                      `Raised ${chosen.it.planting.name}`,
                    )
                  }
                />
                <label className="grid gap-1 text-note text-ink2">
                  Turned {chosen.member.turnDeg}°
                  <input
                    type="range"
                    aria-label="Turned"
                    aria-valuetext={`${chosen.member.turnDeg} degrees`}
                    min={-180}
                    max={180}
                    step={15}
                    value={chosen.member.turnDeg}
                    onChange={(event) =>
                      change(
                        chosen.member.plantingId,
                        { turnDeg: Number(event.target.value) },
                        `Turned ${chosen.it.planting.name}`,
                      )
                    }
                    className="accent-[var(--ink)]"
                  />
                </label>
              </div>
              {Object.values(faults).map((message) => (
                <p key={message} role="alert" className="pt-2">
                  ▲ {message}
                </p>
              ))}
            </>
          ) : (
            <p className="text-ink2">
              Pick a container to set it out: drag it along, or use the arrow keys (up and down
              raise it on a stand, Page Up sets it back).
            </p>
          )}
        </section>
      </div>
      <aside className="mt-6 grid content-start gap-4 wide:mt-0">
        <section aria-label="As one" className="bg-paper">
          <h2 className="border-b border-rule px-4 py-2.5 text-lead font-semibold">As one</h2>
          {opinion ? (
            <ul>
              {groupLines(opinion, nameOf, kindOf, settings).map(({ right, says, because }) => (
                <li
                  key={says}
                  className="grid grid-cols-[22px_1fr] border-b border-rule px-3.5 py-2.5"
                >
                  <span aria-hidden>{right ? '○' : '▲'}</span>
                  <span>
                    <b className="font-semibold">{right ? 'Right. ' : ''}</b>
                    {says} <span className="text-ink2">{because}</span>
                  </span>
                </li>
              ))}
            </ul>
          ) : (
            <p className="px-4 py-3 text-ink2">Two or more are needed to be seen as one.</p>
          )}
        </section>
        <section aria-label="Make up of the group" className="bg-paper px-4 py-3">
          <h2 className="pb-2 text-lead font-semibold">The group</h2>
          <label className="grid gap-1 text-note text-ink2">
            Its name
            <input
              className={entryLook()}
              key={group.name}
              defaultValue={group.name}
              maxLength={80}
              onBlur={(event) =>
                event.target.value !== group.name &&
                apply({ name: event.target.value }, 'Renamed the group')
              }
            />
          </label>
          <label className="mt-2 grid gap-1 text-note text-ink2">
            Add a container
            <Select
              value=""
              onChange={(event) =>
                apply(
                  {
                    members: [
                      ...group.members,
                      {
                        plantingId: event.target.value,
                        atCm: Math.round(reach - MARGIN_CM),
                        backCm: 0,
                        raisedCm: 0,
                        turnDeg: 0,
                      },
                    ],
                  },
                  `Added ${nameOf(event.target.value)}`,
                )
              }
            >
              <option value="">choose…</option>
              {its
                .filter(
                  ({ planting }) =>
                    !group.members.some(({ plantingId }) => plantingId === planting.id),
                )
                .map(({ planting }) => (
                  <option key={planting.id} value={planting.id}>
                    {planting.name}
                  </option>
                ))}
            </Select>
          </label>
          <p className="mt-3 flex flex-wrap gap-2">
            <Button
              look="act"

              disabled={standing.length < 2 || composing}
              onClick={() => void compose()}
            >
              {composing ? 'Composing…' : 'Plant them as one'}
            </Button>
            <Button onClick={onBegin}>Another group</Button>
            <Button
              onClick={() =>
                void store
                  ?.partGroup(group.id)
                  .then(
                    (gone) =>
                      gone &&
                      say(
                        `${gone.name} is parted; its ${countText(gone.members.length, 'container')} stay.`,
                        { label: 'Put it together again', go: () => void store.putGroup(gone) },
                      ),
                  )
              }
            >
              Part the group
            </Button>
          </p>
        </section>
      </aside>
    </div>
  );
}

/** A plain stand: a board on two legs. */
function Stand({
  x,
  half,
  foot,
  highPx,
}: {
  readonly x: number;
  readonly half: number;
  readonly foot: number;
  readonly highPx: number;
}) {
  return (
    <svg
      width={half * 2 + 8}
      height={highPx + 4}
      className="pointer-events-none absolute"
      style={{ left: x - half - 4, top: foot }}
      aria-hidden
    >
      <rect
        x={1}
        y={0}
        width={half * 2 + 6}
        height={Math.min(5, highPx)}
        fill="#8d8a85"
        stroke="#55524e"
        strokeWidth={1}
      />
      {highPx > 8 &&
        [6, half * 2 - 4].map((at) => (
          <rect
            key={at}
            x={at}
            y={5}
            width={6}
            height={highPx - 5}
            fill="#7a7772"
            stroke="#55524e"
            strokeWidth={1}
          />
        ))}
    </svg>
  );
}
