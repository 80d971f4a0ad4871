/** A fault that was once seen to go unnoticed: what it spoils, in which file, and what is written in the place of what. */
export interface NamedFault {
  readonly name: string;
  readonly file: string;
  readonly was: string;
  readonly is: string;
}

const at = (name: string, file: string, was: string, is: string): NamedFault => ({
  name,
  file: `src/core/${file}`,
  was,
  is,
});

export const NAMED_FAULTS: readonly NamedFault[] = [
  at('a sign of the formula guard', 'files/text.ts', '[=+\\-@', '[=+@'),
  at('how well a school suits', 'schools/index.ts', 'b.suits - a.suits', 'a.suits - b.suits'),
  at(
    'the cost of kinds used again',
    'search/judge.ts',
    'this.of(kind, role) -\n          this.wornBy(kind) +',
    'this.of(kind, role) +',
  ),
  at('trims of another week', 'growth/foresee.ts', 'if (weeks !== week || !plant)', 'if (!plant)'),
  at('height after a trim', 'growth/foresee.ts', 'plant.most *= TRIMMED_HEIGHT;', ''),
  at(
    'which way marks turn',
    'marks/grow.ts',
    'x * c - z * s, y, z * c + x * s',
    'x * c + z * s, y, z * c - x * s',
  ),
  at(
    'left and right of a scene',
    'seeing/lens.ts',
    'a.originX + a.pxPerCm',
    'a.originX - a.pxPerCm',
  ),
  at('pinch weeks', 'care/tasks/knife.ts', 'from: 2, to: 5', 'from: 4, to: 5'),
  at('cover at first fullness', 'checks/reading.ts', 'FULL_COVER = 0.9', 'FULL_COVER = 0.8'),
  at('harm a fix does to the whole', 'checks/opinion.ts', 'wholeGain < -0.005', 'wholeGain < -0.5'),
  at(
    'opposites in a scheme',
    'colour/schemes.ts',
    'nearHue(h, o, 30, 55)',
    'nearHue(h, o + 90, 30, 55)',
  ),
  at(
    'a wall whose sides are swapped',
    'spots/silhouette.ts',
    'right < -leftCm || right > rightCm',
    'right < -rightCm || right > leftCm',
  ),
  at(
    'feed that does not grow with litres',
    'care/tasks/feed.ts',
    '(ppm * canL) / 1000',
    '(ppm * 10) / 1000',
  ),
  at(
    'a smoothing that smooths nothing',
    'spots/lightLabel.ts',
    'SMOOTH_DAYS = 11',
    'SMOOTH_DAYS = 1',
  ),
  at(
    'wet days that widen the range',
    'climate/weather.ts',
    '(range * (1 + shrink)) / 2',
    '(range * (1 - shrink)) / 2',
  ),
  at(
    'the crown of a ball',
    'placing/fit.ts',
    '[section, ball.topCm / 2]',
    '[section, ball.baseCm / 2]',
  ),
  at('a weight in finding', 'plants/find/index.ts', 'noun: 4,', 'noun: 1,'),
];
