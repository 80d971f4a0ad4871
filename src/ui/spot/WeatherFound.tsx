import type { CsvAnswers, CsvQuestion, CsvReading } from '@/core/files/weatherCsv';
import { countText } from '@/words/format';
import { Button } from '@/ui/controls/Button';

const FIELD_NAMES = {
  date: 'the date',
  min: 'the lowest temperature',
  max: 'the highest temperature',
  rain: 'the rain',
  wind: 'the wind',
  sun: 'the sun',
} as const;

/** What could not be told from the file itself. */
function Questions({
  questions,
  onAnswer,
}: {
  readonly questions: readonly CsvQuestion[];
  readonly onAnswer: (answers: CsvAnswers) => void;
}) {
  return (
    <>
      <p className="font-semibold">One thing cannot be told from the file:</p>
      {questions.slice(0, 1).map((question) => (
        <div key={question.about} className="pt-1.5">
          {question.about === 'column' && (
            <>
              <p>Which column holds {FIELD_NAMES[question.field]}?</p>
              <p className="flex flex-wrap gap-2 pt-1.5">
                {question.header.map((name, i) => (
                  <Button
                    key={name + i}

                    onClick={() => onAnswer({ columns: { [question.field]: i } })}
                  >
                    {name || `column ${i + 1}`}
                  </Button>
                ))}
              </p>
            </>
          )}
          {question.about === 'unit' && (
            <>
              <p>
                In what is {FIELD_NAMES[question.field]}? It reads {question.sample.join(', ')}.
              </p>
              <p className="flex flex-wrap gap-2 pt-1.5">
                {question.choices.map((unit) => (
                  <Button
                    key={unit}

                    onClick={() => onAnswer({ units: { [question.field]: unit } })}
                  >
                    {unit}
                  </Button>
                ))}
              </p>
            </>
          )}
          {question.about === 'date order' && (
            <>
              <p>How are the dates written? They read {question.sample.join(', ')}.</p>
              <p className="flex flex-wrap gap-2 pt-1.5">
                {question.choices.map((order) => (
                  <Button
                    key={order}

                    onClick={() => onAnswer({ dateOrder: order })}
                  >
                    {order}
                  </Button>
                ))}
              </p>
            </>
          )}
        </div>
      ))}
    </>
  );
}

/** What a file of weather holds, before it is taken. */
export function WeatherFound({
  reading,
  file,
  read,
  answers,
  keep,
  setReading,
  setFile,
}: {
  readonly reading: CsvReading;
  readonly file: { readonly name: string; readonly text: string };
  readonly read: (
    next: { readonly name: string; readonly text: string },
    given: CsvAnswers,
  ) => Promise<void>;
  readonly answers: CsvAnswers;
  readonly keep: () => Promise<void>;
  readonly setReading: (next: CsvReading | null) => void;
  readonly setFile: (next: { readonly name: string; readonly text: string } | null) => void;
}) {
  return (
    <div className="mt-2.5 bg-wash px-3 py-2.5" role="status">
      {reading.kind === 'faulty' && (
        <>
          <p className="font-semibold">▲ {file.name} was not taken in. Nothing here has changed.</p>
          <ul className="mt-1 grid gap-0.5">
            {reading.faults.slice(0, 8).map(({ line, message }) => (
              <li key={`${line}${message}`}>
                <b>Line {line}.</b> {message}
              </li>
            ))}
          </ul>
          {reading.faults.length + reading.more > 8 && (
            <p className="text-ink2">and {reading.faults.length + reading.more - 8} more.</p>
          )}
        </>
      )}
      {reading.kind === 'asks' && (
        <Questions
          questions={reading.questions}
          onAnswer={(more) =>
            void read(file, {
              columns: { ...answers.columns, ...more.columns },
              units: { ...answers.units, ...more.units },
              ...((more.dateOrder ?? answers.dateOrder)
                ? { dateOrder: (more.dateOrder ?? answers.dateOrder)! }
                : {}),
            })
          }
        />
      )}
      {reading.kind === 'read' && (
        <>
          <p>
            <b>{countText(reading.days.length, 'day')}</b>, {reading.days[0]!.date} to{' '}
            {reading.days[reading.days.length - 1]!.date}, lowest{' '}
            {Math.min(...reading.days.slice(0, 5000).map(({ minC }) => minC))} °C.
          </p>
          {reading.gaps.length > 0 && (
            <p className="text-ink2">
              {countText(reading.gaps.length, 'gap')}:{' '}
              {reading.gaps
                .slice(0, 3)
                .map(
                  ({ after, line, days }) =>
                    `${countText(days, 'day')} after ${after} (line ${line})`,
                )
                .join('; ')}
              .
            </p>
          )}
          <p className="flex gap-3 pt-2">
            <Button look="act" onClick={() => void keep()}>
              Let them rule
            </Button>
            <Button
              onClick={() => {
                setReading(null);
                setFile(null);
              }}
            >
              Leave it
            </Button>
          </p>
        </>
      )}
    </div>
  );
}
