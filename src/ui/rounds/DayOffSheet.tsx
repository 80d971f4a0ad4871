'use client';

import { dayOff } from '@/core/care/dayOff';
import type { Task } from '@/core/care/task';
import { Button } from '@/ui/controls/Button';
import { buttonLook } from '@/ui/controls/looks';
import { Modal, ModalClose } from '@/ui/controls/Modal';
import type { Planted } from '@/ui/session/usePlanted';
import { useSettings } from '@/ui/session/StoreProvider';
import { taskLeft, taskTitle } from '@/words/care';
import { countText } from '@/words/format';
import { inSentence } from '@/words/names';
import type { Walk } from './useRound';

/** Nobody walks today: what cannot wait is said, the rest put off until tomorrow. */
export default function DayOffSheet({
  planted,
  walk,
  onClose,
}: {
  readonly planted: Planted;
  readonly walk: Walk;
  readonly onClose: () => void;
}) {
  const settings = useSettings();
  const { canWait, cannot } = dayOff(walk.round);
  const nameOf = ({ plantingId }: Task) =>
    planted.its.find(({ planting }) => planting.id === plantingId)?.planting.name ?? '';
  // What happens if it is left is said once for all that want the same.
  const rules = [...new Set(cannot.map(({ rule }) => rule))];
  return (
    <Modal title="A day off" onClose={onClose}>
      <p className="text-lead">
        {cannot.length === 0
          ? 'Everything can wait until tomorrow.'
          : `${countText(cannot.length, 'thing')} cannot wait:`}
      </p>
      <ul className="max-h-[50vh] overflow-y-auto" data-cannot={cannot.length}>
        {rules.map((rule) => {
          const tasks = cannot.filter((task) => task.rule === rule);
          return (
            <li key={rule} className="border-t border-rule py-1.5 first:border-t-0">
              <p className="text-ink2">{taskLeft(tasks[0]!)}</p>
              {tasks.map((task) => (
                <p key={task.key}>
                  <b>{nameOf(task)}</b>: {inSentence(taskTitle(task, settings))}
                </p>
              ))}
            </li>
          );
        })}
      </ul>
      <p className="flex flex-wrap gap-2 pt-3">
        {canWait.length > 0 && (
          <Button
            look="act"
            onClick={() => {
              walk.laterAll(canWait);
              onClose();
            }}
          >
            Put {countText(canWait.length, 'thing')} off until tomorrow
          </Button>
        )}
        <ModalClose className={buttonLook({})}>Close</ModalClose>
      </p>
    </Modal>
  );
}
