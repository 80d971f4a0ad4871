import { SHAPE_KINDS } from '@/core/containers/schema';
import { brimL } from '@/core/containers/container';
import { usualContainer } from '@/core/containers/usual';
import { SHIPPED } from '@/core/shelf/shipped';
import { sized } from './ways';

test('of every shape there is, a bigger one holds more and a smaller one less', () => {
  const seen = new Set<string>();
  for (const { name, shape, material } of SHIPPED) {
    seen.add(shape.kind);
    const container = usualContainer(name, shape, material);
    const [smaller, bigger] = sized(container);
    expect([name, brimL(smaller!.container) < brimL(container) * 0.6]).toEqual([name, true]);
    expect([name, brimL(bigger!.container) > brimL(container) * 1.8]).toEqual([name, true]);
  }
  expect([...seen].sort()).toEqual([...SHAPE_KINDS].sort());
});
