'use client';

import { Choices } from '@/ui/controls/Choices';

/** Whose round it is, where more than one person waters. */
export default function Whose({
  people,
  who,
  onWho,
}: {
  readonly people: readonly string[];
  readonly who: string;
  readonly onWho: (who: string) => void;
}) {
  return (
    <Choices
      name="Whose round"
      value={who}
      options={[['', 'Everybody’s'], ...people.map((name) => [name, name] as const)]}
      onPick={onWho}
    />
  );
}
