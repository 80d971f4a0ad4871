'use client';

import { isAsked, type Meeting, type Met, type Taking } from '@/data/meeting';
import { Choices } from '@/ui/controls/Choices';
import { countText } from '@/words/format';
import { differingText, recordsText } from '@/words/meeting';

/** What would come of laying a backup together with what is here, and what only the gardener can decide. */
export function TogetherPreview({
  meeting,
  photographs,
  taking,
  onTaking,
}: {
  readonly meeting: Meeting;
  /** In the file. */
  readonly photographs: number;
  readonly taking: ReadonlyMap<string, Taking>;
  readonly onTaking: (of: string, as: Taking) => void;
}) {
  const { records, entries, onlyHere } = meeting;
  const lines = (
    [
      ['New from the file', ({ outcome, here }) => outcome.is === 'there' && !here],
      [
        'Changed there',
        ({ outcome, here }) => outcome.is === 'there' && outcome.record !== null && here !== null,
      ],
      ['Taken away there', ({ outcome }) => outcome.is === 'there' && outcome.record === null],
      ['Changed on both, laid together', ({ outcome }) => outcome.is === 'both'],
      [
        'Only here, or newer here: stays',
        ({ outcome, here }) => outcome.is === 'here' && here !== null,
      ],
    ] as const satisfies readonly (readonly [string, (met: Met) => boolean])[]
  ).flatMap(([title, belongs]) => {
    const found = records.filter(belongs);
    return found.length > 0 ? [[title, listed(found)] as const] : [];
  });
  const choices = records.filter(isAsked);
  const isNothing = records.every(({ outcome }) => outcome.is === 'here') && entries.length === 0;
  return (
    <div data-together>
      <p className="py-1">
        {isNothing && photographs === 0
          ? 'Nothing in it is newer than what is here.'
          : 'What only one side has, or only one side changed, is taken from there. Nothing of the diary is lost; settings stay as they are here.'}
      </p>
      <dl className="my-2 border-t border-rule">
        {lines.map(([title, told]) => (
          <Line key={title} title={title} told={told} />
        ))}
        {entries.length + onlyHere > 0 && (
          <Line title="Diary" told={diaryText(entries.length, onlyHere)} />
        )}
        {photographs > 0 && (
          <Line title="Photographs" told={`${photographs} in the file; those not here come in`} />
        )}
      </dl>
      {choices.map((met) => (
        <Choice
          key={met.of}
          met={met}
          value={taking.get(met.of) ?? 'here'}
          onPick={(as) => onTaking(met.of, as)}
        />
      ))}
    </div>
  );
}

function diaryText(come: number, stay: number): string {
  return [
    come > 0 ? `${countText(come, 'entry comes', 'entries come')} in` : '',
    stay > 0
      ? `${countText(stay, 'is', 'are')} only here and ${stay === 1 ? 'stays' : 'stay'}`
      : '',
  ]
    .filter(Boolean)
    .join(', ');
}

function Line({ title, told }: { readonly title: string; readonly told: string }) {
  return (
    <div className="gap-4 border-b border-rule py-1 sm:grid sm:grid-cols-[13rem_1fr]">
      <dt className="text-ink2">{title}</dt>
      <dd>{told}</dd>
    </div>
  );
}

/** So many are told by name. */
const NAMED = 4;

function listed(found: readonly Met[]): string {
  const tables = [...new Set(found.map(({ table }) => table))];
  return tables
    .map((table) => {
      const names = found.filter((met) => met.table === table).map(({ name }) => name);
      const told = names.slice(0, NAMED).join(', ');
      return `${recordsText(table, names.length)}: ${told}${names.length > NAMED ? ' …' : ''}`;
    })
    .join('; ');
}

function Choice({
  met,
  value,
  onPick,
}: {
  readonly met: Met;
  readonly value: Taking;
  readonly onPick: (as: Taking) => void;
}) {
  const { name, calledThere, outcome, here, there, table } = met;
  const differing =
    outcome.is === 'choice' ? differingText(outcome.differences.map(({ at }) => at)) : '';
  const told = !here
    ? outcome.is === 'here'
      ? 'taken away here since the file was written'
      : 'taken away here, changed in the file'
    : !there
      ? 'changed here, taken away in the file'
      : `changed on both: ${differing}${calledThere ? `. In the file it is called ${calledThere}` : ''}`;
  const options: readonly (readonly [Taking, string])[] = [
    ['here', here ? 'As it is here' : 'Leave it away'],
    ['there', there ? 'As in the file' : 'Take it away'],
    ...(table === 'plantings' && here && there ? ([['both', 'Keep both']] as const) : []),
  ];
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1 py-1.5" data-choice={met.of}>
      <p className="min-w-48 flex-1">
        <b className="font-semibold">{name}</b> <span className="text-ink2">{told}</span>
      </p>
      <Choices name={`${name}: which one`} value={value} options={options} onPick={onPick} />
    </div>
  );
}
