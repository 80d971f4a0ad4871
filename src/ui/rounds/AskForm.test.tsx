import { fireEvent, render, screen } from '@testing-library/react';
import type { Question } from '@/core/plantings/trial';
import { AskForm } from './AskForm';

const type = (name: RegExp, value: string) =>
  fireEvent.change(screen.getByLabelText(name), { target: { value } });
const send = () => fireEvent.submit(document.querySelector('form')!);

test('only what was answered is kept; nothing is while one of them is faulty, and that is said only when it is sent', () => {
  const kept: (readonly (readonly [Question, number])[])[] = [];
  render(<AskForm questions={['height', 'looks']} onAnswer={(answers) => kept.push(answers)} />);
  send();
  expect(screen.getByRole('alert').textContent).toContain('Answer one of them');
  expect(kept).toEqual([]);
  type(/Height/, '31,5');
  send();
  expect(kept).toEqual([[['height', 31.5]]]);
  type(/How good/, '9');
  send();
  expect(screen.getByRole('alert').textContent).toContain('1 to 5');
  expect(kept).toHaveLength(1);
  type(/How good/, '4');
  send();
  expect(kept[1]).toEqual([
    ['height', 31.5],
    ['looks', 4],
  ]);
});
