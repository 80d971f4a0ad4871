import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { goldenNow, moved, pictureOf, type Golden } from '../../../tests/builders/golden';

const ROOT = join(__dirname, '../../..');

test('growth curves and scores stay where they were; what moves is drawn before and after', () => {
  const before = JSON.parse(
    readFileSync(join(ROOT, 'tests/golden/judgement.json'), 'utf8'),
  ) as Golden;
  const after = goldenNow();
  const names = moved(before, after);
  if (names.length > 0) {
    mkdirSync(join(ROOT, 'test-results'), { recursive: true });
    writeFileSync(join(ROOT, 'test-results/golden.svg'), pictureOf(before, after, names));
  }
  // When it is meant: look at test-results/golden.svg, then npm run golden.
  expect(names).toEqual([]);
});

test('a curve or a score that moves is noticed, both sides of what may move, and drawn', () => {
  const now = goldenNow();
  const grown = now.growth['petunia-white']!;
  const by = (share: number): Golden => ({
    ...now,
    growth: {
      ...now.growth,
      'petunia-white': { ...grown, heightCm: grown.heightCm.map((value) => value * (1 + share)) },
    },
  });
  expect(moved(now, by(0.02))).toEqual([]);
  expect(moved(now, by(0.04))).toEqual(['petunia-white heightCm']);
  const [name, score] = Object.entries(now.scores)[0]!;
  const scored = { ...now, scores: { ...now.scores, [name]: score - 0.02 } };
  expect(moved(now, scored)).toEqual([name]);
  expect(pictureOf(now, scored, [name])).toContain(`${score} → ${score - 0.02}`);
  expect(pictureOf(now, by(0.04), ['petunia-white heightCm'])).toMatch(
    /<polyline[^>]+stroke-dasharray/,
  );
});
