'use client';

import { useState } from 'react';
import type { Question } from '@/core/plantings/trial';
import { entryLook } from '@/ui/controls/looks';
import { useSettings } from '@/ui/session/StoreProvider';
import { answerFault, answerKept, questionText } from '@/words/trial';

export const ASK_FORM = 'ask-form';

/** The questions of a trial, answered with a thumb: a number each. One that cannot be answered is left open. */
export function AskForm({
  questions,
  onAnswer,
}: {
  readonly questions: readonly Question[];
  readonly onAnswer: (answers: readonly (readonly [Question, number])[]) => void;
}) {
  const settings = useSettings();
  const [typed, setTyped] = useState<Partial<Record<Question, string>>>({});
  const [isTold, setTold] = useState(false);
  const textOf = (question: Question) => typed[question] ?? '';
  const keptOf = (question: Question) => answerKept(question, textOf(question), settings);
  const answers = questions.flatMap((question) => {
    const kept = keptOf(question);
    return kept === null ? [] : [[question, kept] as const];
  });
  const isFaulty = (question: Question) =>
    textOf(question).trim() !== '' && keptOf(question) === null;
  const isAnyFaulty = questions.some(isFaulty);
  return (
    <form
      id={ASK_FORM}
      className="grid gap-2 pt-2"
      onSubmit={(event) => {
        event.preventDefault();
        setTold(true);
        if (!isAnyFaulty && answers.length > 0) onAnswer(answers);
      }}
    >
      {questions.map((question) => {
        const fault = isTold && isFaulty(question) ? answerFault(question, settings) : null;
        return (
          <label key={question} className="grid max-w-80 grid-cols-[1fr_7rem] items-center gap-3">
            <span>{questionText(question, settings)}</span>
            <input
              inputMode="decimal"
              maxLength={8}
              aria-invalid={fault !== null}
              className={entryLook({ className: 'min-h-11 w-full text-name' })}
              value={textOf(question)}
              onChange={({ target: { value } }) => setTyped({ ...typed, [question]: value })}
            />
            {fault && (
              <span role="alert" className="col-span-2 text-note font-semibold">
                ▲ {fault}
              </span>
            )}
          </label>
        );
      })}
      {isTold && answers.length === 0 && !isAnyFaulty && (
        <p role="alert" className="text-note font-semibold">
          ▲ Answer one of them, or skip it.
        </p>
      )}
    </form>
  );
}
