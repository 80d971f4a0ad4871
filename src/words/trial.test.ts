import type { Told } from '@/core/learning/trialResult';
import { QUESTIONS } from '@/core/plantings/trial';
import { answerFault, answerFigure, answerKept, halvesText, questionText, toldText } from './trial';

const CM = { length: 'cm' } as const;
const INCHES = { length: 'in' } as const;

test('lengths are asked, typed and told in the reader’s unit and kept in centimetres; marks and counts are what they are', () => {
  expect(questionText('height', CM)).toBe('Height of the tallest, cm');
  expect(questionText('height', INCHES)).toBe('Height of the tallest, in');
  expect(answerKept('height', '20', INCHES)).toBe(50.8);
  expect(answerKept('looks', '4', INCHES)).toBe(4);
  for (const question of QUESTIONS)
    for (const units of [CM, INCHES]) {
      const kept = answerKept(question, '3', units)!;
      expect(answerFigure(question, kept, units)).toBeCloseTo(3, 1);
    }
});

test('an answer is a number within reach of its question, on both sides of each end', () => {
  expect(answerKept('looks', '0', CM)).toBeNull();
  expect(answerKept('looks', '1', CM)).toBe(1);
  expect(answerKept('looks', '5', CM)).toBe(5);
  expect(answerKept('looks', '6', CM)).toBeNull();
  expect(answerKept('height', '3,5', CM)).toBe(3.5);
  // 157.5 inches are 400 cm.
  expect(answerKept('height', '157', INCHES)).not.toBeNull();
  expect(answerKept('height', '158', INCHES)).toBeNull();
  expect(answerFault('height', INCHES)).toBe('A number, 0 to 157.');
  for (const nothing of ['', ' ', 'tall', '-1', 'Infinity'])
    expect(answerKept('bare', nothing, CM)).toBeNull();
});

const told = (mean: number, from: number, to: number, verdict: Told['verdict']): Told => ({
  question: 'height',
  days: [],
  pairs: 5,
  more: { mean, from, to },
  verdict,
});

test('what is told has its doubt with it, and nothing is said of two pairs', () => {
  const more = toldText(told(3, 1, 5, 'more'), 'not fed', CM);
  expect(more).toContain('Those not fed are 3.0 cm taller');
  expect(more).toContain('from +1.0 to +5.0 cm');
  expect(toldText(told(-6.2, -7.2, -5.2, 'less'), 'not fed', CM)).toContain('6.2 cm shorter');
  expect(toldText(told(-25.4, -50.8, 0, 'cannot tell'), 'not fed', INCHES)).toBe(
    'Cannot be told apart: those not fed are 10 in shorter (by 5 pairs; with so few, nine times in ten, anything from −20 to +0.0 in).',
  );
  const few = toldText({ ...told(9, 8, 10, 'too few'), pairs: 2 }, 'not fed', CM);
  expect(few).toContain('Too few to tell');
  expect(few).not.toContain('taller');
  const none = { ...told(0, 0, 0, 'too few'), pairs: 0, more: null };
  expect(toldText(none, 'not fed', CM)).toBe('Not asked yet.');
});

test('the plain half is named as it is there: by drip where the spot is dripped', () => {
  const how = (isDripped: boolean) =>
    halvesText({ what: 'drip' }, { kindOf: () => null, isDripped });
  expect(how(false)).toEqual(['by hand', 'by drip']);
  expect(how(true)).toEqual(['by drip', 'by hand']);
  const spacing = (factor: number) =>
    halvesText({ what: 'spacing', factor }, { kindOf: () => null, isDripped: false })[1];
  expect([spacing(0.8), spacing(1.2)]).toEqual(['20% nearer', '20% farther apart']);
});
