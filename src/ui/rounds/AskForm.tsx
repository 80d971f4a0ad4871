'use client';

import { useState } from 'react';
import { ANSWERS, type Question } from '@/core/plantings/trial';
import { entryLook } from '@/ui/controls/looks';
import { QUESTION_NAMES } from '@/words/trial';

export const ASK_FORM = 'ask-form';

/** The questions of a trial, answered with a thumb: a number each. One that cannot be answered is left open. */
export function AskForm({
  questions,
  onAnswer,
}: {
  readonly questions: readonly Question[];
  readonly onAnswer: (answers: readonly (readonly [Question, number])[]) => void;
}) {
  const [typed, setTyped] = useState<Partial<Record<Question, string>>>({});
  const [isTold, setTold] = useState(false);
  const faultOf = (question: Question): string | null => {
    const text = (typed[question] ?? '').trim();
    if (text === '') return null;
    const { least, most } = ANSWERS[question];
    const value = Number(text.replace(',', '.'));
    return Number.isFinite(value) && value >= least && value <= most
      ? null
      : `A number, ${least} to ${most}.`;
  };
  const answers = questions.flatMap((question) => {
    const text = (typed[question] ?? '').trim();
    return text === '' || faultOf(question)
      ? []
      : [[question, Number(text.replace(',', '.'))] as const];
  });
  const isFaulty = questions.some((question) => faultOf(question) !== null);
  return (
    <form
      id={ASK_FORM}
      className="grid gap-2 pt-2"
      onSubmit={(event) => {
        event.preventDefault();
        setTold(true);
        if (!isFaulty && answers.length > 0) onAnswer(answers);
      }}
    >
      {questions.map((question) => {
        const fault = isTold ? faultOf(question) : null;
        return (
          <label key={question} className="grid max-w-80 grid-cols-[1fr_7rem] items-center gap-3">
            <span>{QUESTION_NAMES[question]}</span>
            <input
              inputMode="decimal"
              maxLength={8}
              aria-invalid={fault !== null}
              className={entryLook({ className: 'min-h-11 w-full text-name' })}
              value={typed[question] ?? ''}
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
      {isTold && answers.length === 0 && !isFaulty && (
        <p role="alert" className="text-note font-semibold">
          ▲ Answer one of them, or skip it.
        </p>
      )}
    </form>
  );
}
