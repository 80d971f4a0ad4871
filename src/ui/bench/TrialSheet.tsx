'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { localTime } from '@/core/calendar/day';
import { LEAST_POTS, MOST_POTS, setUpTrial } from '@/core/learning/trialSetUp';
import { QUESTIONS, type Question } from '@/core/plantings/trial';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Button } from '@/ui/controls/Button';
import { buttonLook, entryLook } from '@/ui/controls/looks';
import { Modal, ModalClose } from '@/ui/controls/Modal';
import { Select } from '@/ui/controls/Select';
import { Tick } from '@/ui/controls/Tick';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { say } from '@/ui/session/say';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import { useClock } from '@/ui/session/useClock';
import { halvesText, questionText, TRIAL_FAULTS } from '@/words/trial';
import { DifferenceFields, useDifference } from './DifferenceFields';
import { HalvesRow } from './HalvesRow';

const POTS = Array.from({ length: (MOST_POTS - LEAST_POTS) / 2 + 1 }, (_, i) => LEAST_POTS + 2 * i);
const EVERY = [7, 14, 28] as const;

/** Like pots, one thing different: which, how many, what is asked of them, and where each half stands by lot. */
export default function TrialSheet({
  it,
  onClose,
}: {
  readonly it: PlantingInSpot;
  readonly onClose: () => void;
}) {
  const store = useStore();
  const clock = useClock();
  const router = useRouter();
  const { kindOf } = useLibrary();
  // The lots are drawn once: who may draw again may choose.
  const [id] = useState(() => `trial-${crypto.randomUUID().slice(0, 8)}`);
  const chosen = useDifference(it);
  const { difference } = chosen;
  const [pots, setPots] = useState(10);
  const [questions, setQuestions] = useState<readonly Question[]>(['height', 'looks']);
  const [everyDays, setEveryDays] = useState(14);
  const isDripped = it.spot.waters.by === 'drip';
  const halves = difference && halvesText(difference, { kindOf, isDripped });
  const usual = halves ? `${it.planting.name}, ${halves[0]} or ${halves[1]}` : it.planting.name;
  const [typed, setTyped] = useState<string | null>(null);
  const name = (typed ?? usual).trim().slice(0, 60);
  const made = useMemo(
    () =>
      difference &&
      setUpTrial(
        it,
        { id, name: name || 'Trial', difference, pots, questions, everyDays },
        () => `spot-${crypto.randomUUID().slice(0, 8)}`,
      ),
    [it, id, name, difference, pots, questions, everyDays],
  );
  const fault = made && 'fault' in made ? TRIAL_FAULTS[made.fault] : null;
  const setUp = async () => {
    if (!store || !made || 'fault' in made) return;
    const { plantings, spots } = made;
    const zone = it.spot.site.timeZone;
    const at = localTime(zone, clock.now());
    const entries = await store.whole.addAll({
      plantings,
      spots,
      shelf: [],
      drafts: plantings.map(({ id: plantingId }) => ({
        at,
        zone,
        of: { plantingId },
        what: { did: 'chosen' },
      })),
    });
    onClose();
    router.push('/trolley');
    say(
      `${plantings.length} pots are set up. Buy for them and pot them up on one day; from then on the round asks.`,
      {
        label: 'Undo',
        go: () =>
          void store.plantings.removeAll(
            plantings.map((planting) => planting.id),
            { entries, at: localTime(zone, clock.now()) },
          ),
      },
    );
  };
  return (
    <Modal title="A trial" onClose={onClose}>
      <DifferenceFields chosen={chosen} />
      <TrialFields
        {...{ pots, setPots, everyDays, setEveryDays }}
        name={typed ?? name}
        onName={setTyped}
      />
      <AskedFields questions={questions} onPick={setQuestions} />
      {made && !('fault' in made) && halves && (
        <>
          <HalvesRow halves={halves} pots={made.plantings.map(({ trial }) => trial!)} />
          <p className="pt-1 text-small text-ink2">
            Which of two neighbours is which was drawn by lot, so that light and wind along the row
            fall on both. Stand them in this order.
          </p>
        </>
      )}
      {fault && (
        <p role="alert" className="pt-3 font-semibold">
          ▲ {fault}
        </p>
      )}
      <p className="flex flex-wrap gap-2 pt-4">
        <Button look="act" disabled={!made || fault !== null} onClick={() => void setUp()}>
          Set up {pots} pots
        </Button>
        <ModalClose className={buttonLook({})}>Close</ModalClose>
      </p>
    </Modal>
  );
}

/** How many pots, how often they are asked, and what the trial is called. */
function TrialFields({
  pots,
  setPots,
  everyDays,
  setEveryDays,
  name,
  onName,
}: {
  readonly pots: number;
  readonly setPots: (pots: number) => void;
  readonly everyDays: number;
  readonly setEveryDays: (days: number) => void;
  readonly name: string;
  readonly onName: (name: string) => void;
}) {
  return (
    <div className="flex flex-wrap gap-3 pt-3">
      <label className="grid">
        <span className="text-note text-ink2">Pots</span>
        <Select value={pots} onChange={({ target: { value } }) => setPots(Number(value))}>
          {POTS.map((count) => (
            <option key={count}>{count}</option>
          ))}
        </Select>
      </label>
      <label className="grid">
        <span className="text-note text-ink2">Asked</span>
        <Select value={everyDays} onChange={({ target: { value } }) => setEveryDays(Number(value))}>
          {EVERY.map((days) => (
            <option key={days} value={days}>
              every {days === 7 ? 'week' : `${days / 7} weeks`}
            </option>
          ))}
        </Select>
      </label>
      <label className="grid min-w-48 flex-1">
        <span className="text-note text-ink2">Name</span>
        <input
          className={entryLook({ className: 'w-full' })}
          maxLength={60}
          value={name}
          onChange={({ target: { value } }) => onName(value)}
        />
      </label>
    </div>
  );
}

/** What is asked of every pot. */
function AskedFields({
  questions,
  onPick,
}: {
  readonly questions: readonly Question[];
  readonly onPick: (questions: readonly Question[]) => void;
}) {
  const settings = useSettings();
  return (
    <fieldset className="pt-3">
      <legend className="float-left w-full pt-1 pb-1 text-note text-ink2">
        Asked of every pot on the same days
      </legend>
      <div className="clear-both grid sm:grid-cols-2">
        {QUESTIONS.map((question) => (
          <Tick
            key={question}
            checked={questions.includes(question)}
            onChange={({ target: { checked } }) =>
              onPick(
                QUESTIONS.filter((one) => (one === question ? checked : questions.includes(one))),
              )
            }
          >
            {questionText(question, settings)}
          </Tick>
        ))}
      </div>
    </fieldset>
  );
}
