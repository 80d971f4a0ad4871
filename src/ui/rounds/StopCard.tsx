'use client';

import dynamic from 'next/dynamic';
import { RoomLink } from '@/ui/controls/RoomLink';
import { useState } from 'react';
import type { Task } from '@/core/care/task';
import { FELT, LOOKS_BAD } from '@/core/log/terms';
import { Button } from '@/ui/controls/Button';
import { ThumbBar, THUMB_MAIN } from '@/ui/controls/ThumbBar';
import { useWidth } from '@/ui/controls/useWidth';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { benchHref } from '@/ui/session/links';
import { useSettings } from '@/ui/session/StoreProvider';
import type { Cared } from '@/ui/session/useCare';
import type { Planted } from '@/ui/session/usePlanted';
import { ProposalPicture } from '@/ui/start/ProposalPicture';
import { taskHow, taskLeft, taskTitle, taskWhy } from '@/words/care';
import { inSentence } from '@/words/names';
import { ASK_FORM, AskForm } from './AskForm';
import { TaskDrawing } from './TaskDrawing';
import type { Walk } from './useRound';
import { WaterGauge } from './WaterGauge';

const DeviceButtons = dynamic(() => import('./DeviceButtons').then((m) => m.DeviceButtons), {
  ssr: false,
});

/** One container: as it looks today, its water, and what it wants, one thing at a time. */
export function StopCard({
  planted,
  cared,
  walk,
  plantingId,
  tasks,
}: {
  readonly planted: Planted;
  readonly cared: Cared;
  readonly walk: Walk;
  readonly plantingId: string;
  readonly tasks: readonly Task[];
}) {
  const settings = useSettings();
  const { kindOf } = useLibrary();
  const [ref, width] = useWidth<HTMLDivElement>();
  const [isBad, setBad] = useState(false);
  const it = planted.its.find(({ planting }) => planting.id === plantingId);
  const care = cared.byId.get(plantingId);
  const [picked, setPicked] = useState<string | null>(null);
  const task = tasks.find(({ key }) => key === picked) ?? tasks[0];
  if (!it || !care || !task) return null;
  const isWide = width >= 760;
  const drawnPx = isWide ? Math.min(420, width * 0.45) : width;
  return (
    <section aria-label={it.planting.name} ref={ref} className="pt-3">
      <div className={isWide ? 'grid grid-cols-[auto_1fr] gap-6' : ''}>
        {width > 0 && (
          <div className="bg-field" style={{ width: drawnPx }}>
            <ProposalPicture
              it={it}
              widthPx={drawnPx}
              heightPx={isWide ? 340 : 150}
              weeks={care.weeks}
            />
          </div>
        )}
        <div className="min-w-0 pt-2">
          <h2 className="text-lead wrap-anywhere">
            <RoomLink
              href={benchHref(plantingId)}
              className="font-semibold underline decoration-rule2 underline-offset-3"
            >
              {it.planting.name}
            </RoomLink>
            <span className="text-ink2">, {it.spot.name}</span>
          </h2>
          <WaterGauge outlook={care.outlook} widthPx={Math.min(340, isWide ? 340 : width || 340)} />
          <div aria-live="polite">
            <p className="display text-room leading-9" data-task={task.key}>
              {taskTitle(task, settings)}
            </p>
            {task.facts.rule === 'ask' && (
              <AskForm
                key={task.key}
                questions={task.facts.questions}
                onAnswer={(answers) => walk.asked(task, answers)}
              />
            )}
            <p className="text-name leading-6">{taskWhy(task, kindOf, settings)}</p>
            <p className="text-lead leading-6">{taskHow(task, settings)}</p>
            <p className="text-ink2">{taskLeft(task)}</p>
            <TaskDrawing rule={task.rule} />
          </div>
          {tasks.length > 1 && (
            <ul aria-label="And then" className="flex flex-wrap gap-x-4 pt-1">
              {tasks
                .filter((other) => other !== task)
                .map((other) => (
                  <li key={other.key}>
                    <Button look="link" data-then={other.rule} onClick={() => setPicked(other.key)}>
                      {taskTitle(other, settings)}
                    </Button>
                  </li>
                ))}
            </ul>
          )}
          <fieldset className="mt-3">
            <legend className="pb-1 text-small font-semibold">
              Or feel it: the mix an inch down is
            </legend>
            <span className="flex flex-wrap gap-1.5">
              {FELT.map((how) => (
                <Button key={how} onClick={() => walk.felt(plantingId, how)}>
                  {how}
                </Button>
              ))}
            </span>
          </fieldset>
          {it.planting.demo && (
            <DeviceButtons it={it} care={care} today={cared.today} hour={cared.hour} walk={walk} />
          )}
          {isBad ? (
            <fieldset className="mt-3">
              <legend className="pb-1 text-small font-semibold">How does it look?</legend>
              <span className="flex flex-wrap gap-1.5">
                {LOOKS_BAD.map((how) => (
                  <Button
                    key={how}
                    onClick={() => {
                      setBad(false);
                      walk.bad(plantingId, how);
                    }}
                  >
                    {how}
                  </Button>
                ))}
              </span>
            </fieldset>
          ) : (
            <p className="flex flex-wrap gap-2 pt-3">
              <Button onClick={() => walk.skip(task)}>Skip</Button>
              <Button onClick={() => walk.later(task)}>Later</Button>
              <Button onClick={() => setBad(true)}>Looks bad</Button>
            </p>
          )}
        </div>
      </div>
      <ThumbBar>
        {task.rule === 'ask' ? (
          <Button look="act" className={THUMB_MAIN} type="submit" form={ASK_FORM}>
            <b className="font-semibold">Write it down</b>
          </Button>
        ) : (
          <Button look="act" className={THUMB_MAIN} onClick={() => walk.done(task)}>
            <b className="mr-2 font-semibold">Done</b>
            <span className="truncate font-normal">{inSentence(taskTitle(task, settings))}</span>
          </Button>
        )}
      </ThumbBar>
    </section>
  );
}
