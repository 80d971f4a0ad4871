'use client';

import { useState } from 'react';
import { LARGEST_FILE_BYTES } from '@/core/files/door';
import { readRoundFile, roundFile, takeOver, type RoundFile } from '@/core/files/roundFile';
import { Button } from '@/ui/controls/Button';
import { FileButton } from '@/ui/controls/FileButton';
import { entryLook } from '@/ui/controls/looks';
import { Modal } from '@/ui/controls/Modal';
import { readText } from '@/ui/session/readText';
import { saveFile } from '@/ui/session/saveFile';
import { say } from '@/ui/session/say';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import { useClock } from '@/ui/session/useClock';
import type { Cared } from '@/ui/session/useCare';
import type { Planted } from '@/ui/session/usePlanted';
import { taskTitle } from '@/words/care';
import { countText } from '@/words/format';
import { dayText } from '@/words/life';
import type { Walk } from './useRound';

/** The round given to whoever walks next, on paper or as a file; and one that was given, taken over. */
export default function HandOverSheet({
  planted,
  cared,
  walk,
  onPaper,
  onClose,
}: {
  readonly planted: Planted;
  readonly cared: Cared;
  readonly walk: Walk;
  readonly onPaper: () => void;
  readonly onClose: () => void;
}) {
  const settings = useSettings();
  const [word, setWord] = useState('');
  const nameOf = (id: string) =>
    planted.its.find(({ planting }) => planting.id === id)?.planting.name ?? 'A container';
  const save = () => {
    const file = roundFile(planted.log, {
      today: cared.today,
      from: walk.who,
      word: word.trim(),
      open: walk.round.stops.flatMap(({ plantingId, tasks }) =>
        tasks.map((task) => ({ where: nameOf(plantingId), what: taskTitle(task, settings) })),
      ),
    });
    saveFile(`round-${cared.today}.json`, 'application/json', JSON.stringify(file));
    say('The round is saved as a file: send it to whoever walks next.');
  };
  return (
    <Modal title="Hand over" onClose={onClose}>
      <p className="text-ink2">
        What was told in the last two weeks goes along, and what is still open.
      </p>
      <label className="grid gap-1 pt-2">
        <span>A word to whoever walks next</span>
        <textarea
          className={entryLook({ className: 'h-20 w-full py-1' })}
          maxLength={1000}
          value={word}
          onChange={(event) => setWord(event.target.value)}
        />
      </label>
      <p className="flex flex-wrap gap-2 pt-2">
        <Button look="act" onClick={save}>
          Save as a file
        </Button>
        <Button onClick={onPaper}>On paper</Button>
      </p>
      <h3 className="pt-5 text-name font-semibold">Take over</h3>
      <TakeOver planted={planted} nameOf={nameOf} />
    </Modal>
  );
}

/** A round that was handed over: looked at first, then written into the log. */
function TakeOver({
  planted,
  nameOf,
}: {
  readonly planted: Planted;
  readonly nameOf: (plantingId: string) => string;
}) {
  const store = useStore();
  const clock = useClock();
  const [file, setFile] = useState<RoundFile | null>(null);
  const [fault, setFault] = useState('');
  const open = async ([picked]: readonly File[]) => {
    if (!picked) return;
    const file = await readText(picked, LARGEST_FILE_BYTES);
    const read = file.ok
      ? readRoundFile(file.text)
      : { ok: false as const, faults: [{ field: '', message: file.message }] };
    setFile(read.ok ? read.value : null);
    const [first] = read.ok ? [] : read.faults;
    setFault(first ? [first.field, first.message].filter(Boolean).join(': ') : '');
  };
  const over =
    file &&
    takeOver(file, {
      log: planted.log,
      plantingIds: new Set(planted.its.map(({ planting }) => planting.id)),
      now: clock.now(),
    });
  const where = [
    ...new Set(over?.news.flatMap(({ of }) => (of.plantingId ? [nameOf(of.plantingId)] : []))),
  ];
  return (
    <div data-take-over={over?.news.length}>
      <p className="pt-1">
        <FileButton
          label="A round that was handed over"
          accept=".json,application/json"
          onFiles={(files) => void open(files)}
        >
          Open the file of a round
        </FileButton>
      </p>
      {fault && (
        <p role="alert" className="pt-2">
          {fault}
        </p>
      )}
      {file && over && (
        <>
          {file.word && <blockquote className="pt-3 text-name">“{file.word}”</blockquote>}
          <p className="pt-2 text-lead">
            {file.from ? `${file.from}, ` : ''}
            {dayText(file.day)}:{' '}
            {over.news.length === 0
              ? 'nothing in it is new here.'
              : `${countText(over.news.length, 'entry', 'entries')} new here${where.length > 0 ? `, on ${where.slice(0, 4).join(', ')}${where.length > 4 ? ` and ${where.length - 4} more` : ''}` : ''}.`}
          </p>
          {over.strange > 0 && (
            <p className="text-ink2">
              {countText(over.strange, 'entry', 'entries')} of containers that are not here, or not
              of a round, stay out.
            </p>
          )}
          {over.ahead > 0 && (
            <p className="text-ink2">
              {countText(over.ahead, 'entry', 'entries')} from a time still to come: a clock is
              wrong somewhere. They count from then on.
            </p>
          )}
          {over.news.length > 0 && (
            <p className="pt-2">
              <Button
                look="act"
                onClick={() =>
                  void store?.log.takeOver(over.news).then((added) => {
                    setFile(null);
                    say(`${countText(added, 'entry', 'entries')} taken over.`);
                  })
                }
              >
                Write it into the log
              </Button>
            </p>
          )}
        </>
      )}
    </div>
  );
}
