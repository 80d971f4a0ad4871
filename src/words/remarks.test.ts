import { opinionOf, type Remark } from '@/core/checks/opinion';
import { CHECKS, type CheckId } from '@/core/checks/rules/index';
import { read } from '@/core/checks/reading';
import type { Check } from '@/core/checks/check';
import { kindOf } from '@/core/plants/book/index';
import { stepText } from './done';
import { editText, sentenceOf } from './remarks';
import { handComposed } from '../../tests/builders/handComposed';
import { CM } from '../../tests/builders/editing';
import { SPOILINGS } from '../../tests/builders/spoilings';

/** Checks that say the same thing whether it is right or not: their words are advice, not a verdict. */
const ADVICE: readonly CheckId[] = [
  'gloves',
  'handling',
  'runs-wild',
  'second-choice',
  'hardening',
];

/** Checks that tell a plain fact: money over the budget is over it, a part that is missing is missing, however little it matters. */
const PLAIN_FACTS: readonly CheckId[] = [
  'budget',
  'roles',
  'cold',
  'interest',
  'fullness',
  'drainage',
  'rain',
];

/** One complaint of every check that complains of some spoiled planting. */
function complaints() {
  const found = new Map<CheckId, { remark: Remark; it: Parameters<typeof sentenceOf>[1] }>();
  for (const { it } of handComposed().slice(0, 24))
    for (const { spoil } of SPOILINGS) {
      const spoiled = spoil(it);
      if (!spoiled) continue;
      for (const remark of opinionOf(spoiled).remarks)
        if (remark.severity !== 'right' && !found.has(remark.check))
          found.set(remark.check, { remark, it: spoiled });
    }
  return found;
}

test('what is right is never said in the words of a fault: the words go by the severity, not by a score of their own', () => {
  const all = complaints();
  const named = ['scheme', 'texture', 'neighbours', 'edge-place', 'light'] as const;
  for (const check of named) expect([check, all.has(check)]).toEqual([check, true]);
  const same: CheckId[] = [];
  for (const [check, { remark, it }] of all) {
    if (ADVICE.includes(check) || CHECKS[check].certainty === 'a caution') continue;
    const fault = sentenceOf(remark, it, CM).says;
    const praise = sentenceOf({ ...remark, severity: 'right' }, it, CM).says;
    if (!PLAIN_FACTS.includes(check) && praise === fault) same.push(check);
  }
  expect(same).toEqual([]);
});

/** The words on every fix that some spoiled planting is offered. */
function fixesRead(): readonly string[] {
  const found = new Set<string>();
  for (const { it } of handComposed().slice(0, 12))
    for (const { spoil } of SPOILINGS) {
      const spoiled = spoil(it);
      if (!spoiled) continue;
      const reading = read(spoiled);
      for (const { check, severity } of opinionOf(spoiled).remarks) {
        if (severity === 'right') continue;
        const rule = CHECKS[check] as unknown as Check<CheckId, unknown>;
        const verdict = rule.judge(reading);
        for (const edit of (verdict && rule.fixes?.(reading, verdict)) ?? [])
          found.add(editText(edit, spoiled, CM, kindOf));
      }
    }
  return [...found];
}

test('a fix read aloud says what is done to which plant: nobody has to press it to know', () => {
  const said = fixesRead();
  expect(said.length).toBeGreaterThan(25);
  // By itself none of these says what it does.
  expect(said.filter((text) => /^(Try it|Try it without one|Move it)$/.test(text))).toEqual([]);
  expect(said.filter((text) => /undefined|NaN|in week|\bcm (left|right)/.test(text))).toEqual([]);
  const has = (pattern: RegExp) => [String(pattern), said.some((text) => pattern.test(text))];
  for (const pattern of [
    /^Try it without [a-z]/,
    /^Try it with one .+ fewer$/,
    /^Try it \d+ cm to the (left|right)$/,
    /^Try \S+ mix$/,
    /^Mark \d+ holes$/,
    /^Trim it about \d+ [A-Z]/,
  ])
    expect(has(pattern)).toEqual([String(pattern), true]);
});

test('a step is put into words when it is read, by the plants’ names of today', () => {
  const names = { vine: 'Lime potato vine', salvia: 'Violet salvia' } as const;
  const kindOf = (id: string) =>
    id in names ? ({ common: names[id as keyof typeof names] } as never) : null;
  const said = (done: unknown) => stepText({ done }, kindOf);
  expect(said({ did: 'moved', kinds: ['vine'] })).toBe('Moved lime potato vine');
  expect(said({ did: 'moved', kinds: ['vine', 'salvia'] })).toBe('Moved 2 plants together');
  expect(said({ did: 'swapped', from: 'vine', to: 'salvia' })).toBe(
    'Swapped lime potato vine for violet salvia',
  );
  expect(said({ did: 'took out', kinds: ['gone'] })).toBe('Took out a plant');
  expect(said({ did: 'arranged', how: null })).toBe('Rearranged');
  expect(said({ did: 'set a support', form: 'obelisk' })).toBe('Set an obelisk');
  expect(said({ did: 'wished', school: 'any' })).toBe('Composed as it comes');
  expect(said({ did: 'told', name: 'Changed the drop' })).toBe('Changed the drop');
});

test('a height that was wished is spoken of only as it was wished: no most where none was set, no least neither', () => {
  const { it } = handComposed()[0]!;
  const said = (tallestCm: readonly [number, number]) => {
    const wished = {
      ...it,
      planting: { ...it.planting, wishes: { ...it.planting.wishes, tallestCm } },
    };
    const remark = opinionOf(wished).remarks.find(({ check }) => check === 'proportion')!;
    const { says, because } = sentenceOf(remark, wished, CM);
    return `${says} ${because}`;
  };
  expect(said([300, 400])).toMatch(/lower than you wished\. The tallest was to stand 300 cm/);
  expect(said([0, 12])).toMatch(/taller than you wished\. Nothing was to stand over 12 cm/);
  expect(said([0, 390])).toMatch(/as high as you wished\. Nothing was to stand over 390 cm/);
  expect(said([20, 400])).toMatch(/as high as you wished\. The tallest was to stand 20 cm/);
  // Far over a least without a most it is the container that speaks.
  expect(said([1, 400])).not.toMatch(/taller than you wished/);
});

/** Every sentence that is said of some plantings composed by hand, good and spoiled. */
function sentences(): readonly { readonly says: string; readonly because: string }[] {
  const its = handComposed()
    .filter((_, i) => i % 6 === 0)
    .flatMap(({ it }) => [it, ...SPOILINGS.flatMap(({ spoil }) => spoil(it) ?? [])]);
  return its.flatMap((it) => opinionOf(it).remarks.map((remark) => sentenceOf(remark, it, CM)));
}

test('read aloud: ones and noughts are said as people say them, nothing is said twice, every sentence begins and ends', () => {
  const faults = new Set<string>();
  for (const { says, because } of sentences()) {
    const whole = `${says} ${because}`;
    for (const ill of [
      / 0%/,
      /\d %/,
      /(?:^| )1 (?:weeks|plants|kinds|holes|leads|pots)\b/,
      /\b1 (?:week|plant|kind) (?:go|have|are)\b/,
      /\band [^,.;:]+ and others\b/,
      / {2}|\.\.|undefined|NaN|null/,
    ])
      if (ill.test(whole)) faults.add(`${ill.source}: ${whole}`);
    if (!/^[A-Z0-9]/.test(says) || !/[.…]$/.test(says) || !/[.…]$/.test(because))
      faults.add(`begins or ends otherwise: ${whole}`);
    // Three words and more of the sentence, word for word, are no reason for it.
    const words = says
      .toLowerCase()
      .replace(/[.,;:]/g, '')
      .split(' ');
    const reason = because.toLowerCase().replace(/[.,;:]/g, '');
    const last = words.slice(-3).join(' ');
    if (words.length > 4 && reason.includes(last)) faults.add(`said twice: ${whole}`);
  }
  expect([...faults]).toEqual([]);
});
