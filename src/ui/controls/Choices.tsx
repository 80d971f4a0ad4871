'use client';

import { RadioGroup } from 'radix-ui';
import { buttonLook } from './looks';

interface ChoicesProps<T extends string> {
  readonly name: string;
  readonly value: T;
  readonly options: readonly (readonly [value: T, text: string])[];
  readonly onPick: (value: T) => void;
}

/** One of a few, all in sight. */
export function Choices<T extends string>({ name, value, options, onPick }: ChoicesProps<T>) {
  return (
    <RadioGroup.Root
      aria-label={name}
      value={value}
      // Only the options below are offered.
      onValueChange={(picked) => onPick(picked as T)}
      className="flex flex-wrap gap-1.5"
    >
      {options.map(([option, text]) => (
        <RadioGroup.Item key={option} value={option} className={buttonLook({ look: 'choice' })}>
          {text}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
