import { render } from '@testing-library/react';
import { Ruler } from './Ruler';

const figures = (container: HTMLElement) =>
  [...container.querySelectorAll('text')].map((text) => text.textContent);

/** Where the ticks of a level ruler lie, px. */
const ticks = (container: HTMLElement) =>
  [
    ...container
      .querySelector('path')!
      .getAttribute('d')!
      .matchAll(/M(\S+) 0v/g),
  ].map(([, at]) => Number(at));

test('a ruler counts from its zero in both directions, in tens of centimetres', () => {
  const { container } = render(<Ruler lengthPx={240} zeroPx={120} pxPerCm={4} unit="cm" />);
  expect(figures(container)).toEqual(['20', '10', '0', '10', '20']);
  expect(ticks(container)).toHaveLength(61);
});

test('in inches a tick is an inch', () => {
  const { container } = render(<Ruler lengthPx={240} zeroPx={0} pxPerCm={4} unit="in" />);
  expect(ticks(container)).toHaveLength(Math.floor(240 / (4 * 2.54)) + 1);
});

test('small scales rule every five or ten, so that ticks never run together', () => {
  const gap = (pxPerCm: number) => {
    const { container } = render(<Ruler lengthPx={200} zeroPx={0} pxPerCm={pxPerCm} unit="cm" />);
    const [a, b] = ticks(container);
    return b! - a!;
  };
  for (const pxPerCm of [0.5, 0.99, 1, 2.4, 2.5, 6])
    expect([pxPerCm, gap(pxPerCm) >= 2.5]).toEqual([pxPerCm, true]);
});

test('an upright ruler shows no figures below the ground', () => {
  const { container } = render(<Ruler upright lengthPx={300} zeroPx={100} pxPerCm={3} unit="cm" />);
  expect(figures(container)[0]).toBe('0');
});
