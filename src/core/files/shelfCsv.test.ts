import { brimL } from '../containers/container';
import { SHIPPED } from '../shelf/shipped';
import type { ShelfItem } from '../shelf/shelf';
import { parseShelfCsv, toShelfCsv } from './shelfCsv';

let n = 0;
const newId = () => `id-${(n += 1)}`;
const item = (container: ShelfItem['container'], change: Partial<ShelfItem> = {}): ShelfItem => ({
  id: newId(),
  container,
  count: 2,
  kept: 'shed',
  demo: false,
  ...change,
});
const faultsOf = (text: string) => {
  const read = parseShelfCsv(text, newId);
  return read.kind === 'faulty'
    ? read.faults.map(({ line, message }) => `${line}: ${message}`)
    : [];
};

test('every shipped shape goes out and comes back holding the same', () => {
  const read = parseShelfCsv(toShelfCsv(SHIPPED.map((container) => item(container))), newId);
  expect(read.kind).toBe('read');
  if (read.kind !== 'read') return;
  expect(read.items.map(({ container }) => [container.name, container.shape])).toEqual(
    SHIPPED.map(({ name, shape }) => [name, shape]),
  );
  read.items.forEach(({ container, count, kept }, i) => {
    expect(brimL(container)).toBeCloseTo(brimL(SHIPPED[i]!), 6);
    expect([count, kept]).toEqual([2, 'shed']);
  });
});

test('litres poured, a comma in a number and names with commas come through', () => {
  const read = parseShelfCsv(
    'name,shape,material,top_cm,depth_cm,poured_l\n"Tub, old",cylinder,oak,"40,5",30,36.5\n',
    newId,
  );
  expect(read).toMatchObject({
    kind: 'read',
    items: [
      {
        count: 1,
        container: {
          name: 'Tub, old',
          shape: { kind: 'cylinder', topCm: 40.5, depthCm: 30 },
          pouredL: 36.5,
          volumeFrom: 'poured',
        },
      },
    ],
  });
});

test('faults are told with their lines, and nothing is taken', () => {
  const head = 'name,shape,material,top_cm,base_cm,depth_cm\n';
  expect(
    faultsOf(
      `${head}A,round,terracotta,30,22,28\nB,round,terracotta,-3,22,28\nC,star,terracotta,1,1,1\nD,round,cheese,30,22,28\nE,round,oak,30,wide,28\n`,
    ),
  ).toEqual([
    expect.stringMatching(/^3: topCm: Inner top width must be 5–200 cm; got -3/),
    expect.stringMatching(/^4: shape must be one of round, .*got "star"/),
    expect.stringMatching(/^5: material must be one of .*got "cheese"/),
    expect.stringMatching(/^6: base_cm must be a number; got "wide"/),
  ]);
  expect(faultsOf('')).toEqual(['1: The file must hold a header and a container or more.']);
  expect(faultsOf('name,shape\nA,round\n')).toEqual(['1: The column "material" is missing.']);
  expect(faultsOf('name,shape,material,girth\nA,round,oak,3\n')[0]).toMatch(
    /^1: There is no column "girth"/,
  );
  expect(
    faultsOf(
      'name,shape,material,outline,shares,depth_cm\nA,outline,stone,-30:-20 30:20 30:-20 -30:20,0.8 1,20\n',
    )[0],
  ).toMatch(/^2: points: The outline must not cross itself/);
});

test('a name that a spreadsheet would run is made harmless', () => {
  expect(toShelfCsv([item({ ...SHIPPED[0]!, name: '=1+1' })])).toMatch(/\n'=1\+1,/);
});

test('more containers than a file may hold are told at the line of the first too many', () => {
  const [header, row] = toShelfCsv([item(SHIPPED[0]!)])
    .trim()
    .split('\n');
  const many = (count: number) => [header, ...Array.from({ length: count }, () => row)].join('\n');
  expect(parseShelfCsv(many(2000), newId).kind).toBe('read');
  expect(faultsOf(many(2001))).toEqual([
    '2002: At most 2000 containers are read from one file; got 2001.',
  ]);
});
