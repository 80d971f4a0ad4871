import { planted } from '../../tests/builders/plantings';
import { subjectOf } from '@/core/seeing/subject';
import { finished } from '@/core/work/steps';
import { Picturing, type PictureRequest } from './picturing';

const subject = subjectOf(planted([['coleus-lime', 0, 0]]));
const ask = (weeks: number, detail: 'flat' | 'full' = 'flat'): PictureRequest => ({
  subject,
  weeks,
  lens: { azimuthRad: 0, pitchRad: 0.16, pxPerCm: 4, originX: 100, originY: 190 },
  detail,
  widthPx: 200,
  heightPx: 200,
  holesCm: null,
});
const steps = (work: Generator<void, unknown>) => {
  let n = 0;
  while (!work.next().done) n += 1;
  return n;
};

test('weeks grown ahead need no growing when they are asked for, and come out the same', () => {
  const pictures = new Picturing();
  finished(pictures.drawing(ask(6, 'full')));
  expect(steps(pictures.growingAhead())).toBe(4);
  expect(steps(pictures.growingAhead())).toBe(0);
  const fresh = new Picturing();
  expect(finished(pictures.drawing(ask(7)))).toEqual(finished(fresh.drawing(ask(7))));
  expect(steps(new Picturing().drawing(ask(7))) - steps(pictures.drawing(ask(7)))).toBe(1);
});

test('on the move only the weeks ahead are grown, never those before planting', () => {
  const pictures = new Picturing();
  finished(pictures.drawing(ask(2)));
  finished(pictures.drawing(ask(1)));
  expect(steps(pictures.growingAhead())).toBe(1);
});

test('while something other than the week changes, no weeks are grown that it will have left behind', () => {
  const pictures = new Picturing();
  finished(pictures.drawing(ask(6)));
  expect(steps(pictures.growingAhead())).toBe(0);
  finished(pictures.drawing(ask(6, 'full')));
  expect(steps(pictures.growingAhead())).toBe(4);
});

test('what was made for nobody is grown no second time, and does not tell what comes next', () => {
  const pictures = new Picturing();
  finished(pictures.rehearsing(ask(9, 'full')));
  expect(steps(pictures.growingAhead())).toBe(0);
  const fresh = new Picturing();
  const [ready, anew] = [steps(pictures.drawing(ask(9))), steps(fresh.drawing(ask(9)))];
  expect(anew - ready).toBe(subject.plants.length);
});
