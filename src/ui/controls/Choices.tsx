'use client';

import { RadioGroup } from 'radix-ui';

interface ChoicesProps {
  readonly name: string;
  readonly value: string;
  readonly options: readonly (readonly [value: string, text: string])[];
  readonly onPick: (value: string) => void;
}

/** One of a few, all in sight. */
export function Choices({ name, value, options, onPick }: ChoicesProps) {
  return (
    <RadioGroup.Root
      aria-label={name}
      value={value}
      onValueChange={onPick}
      className="flex flex-wrap gap-1.5"
    >
      {options.map(([option, text]) => (
        <RadioGroup.Item key={option} value={option} className="choice">
          {text}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
