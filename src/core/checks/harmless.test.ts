import { handComposed } from '../../../tests/builders/handComposed';
import { SPOILINGS } from '../../../tests/builders/spoilings';
import { kindOf } from '../plants/book/index';
import { tryFixes } from './opinion';
import type { CheckId } from './rules/index';

const spoiled = (name: string, how: string) => {
  const { it } = handComposed().find((one) => one.name === name)!;
  return SPOILINGS.find((one) => one.name === how)!.spoil(it)!;
};

test.each<[CheckId, string, string]>([
  ['bully', 'Nemesia dome', 'a bully among them'],
  ['bully', 'Black elephant ear with lime', 'a plant for another light'],
  ['pairs', 'Begonia cane in the entrance', 'a pair not quite matched'],
])('what would mend %s in %s, and harm the whole, is not offered', (check, name, how) => {
  expect(tryFixes(spoiled(name, how), check, kindOf)).toBe(null);
});
