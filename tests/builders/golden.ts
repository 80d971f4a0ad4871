import { kindOf } from '@/core/plants/book/index';
import { opinionOf } from '@/core/checks/opinion';
import { conditionsAt } from '@/core/growth/conditions';
import { foresee } from '@/core/growth/foresee';
import { handComposed } from './handComposed';
import { known, SUNNY, TUB } from './plantings';

/** What must not move unseen: how kinds of every habit grow, and how the hand-composed plantings score. */
export interface Golden {
  /** By kind and measure: a value for each of {@link GOLDEN_WEEKS}. */
  readonly growth: Readonly<Record<string, Readonly<Record<Measure, readonly number[]>>>>;
  readonly scores: Readonly<Record<string, number>>;
}

const MEASURES = ['heightCm', 'spreadCm', 'trailCm', 'bloom'] as const;
type Measure = (typeof MEASURES)[number];

export const GOLDEN_WEEKS = [0, 2, 4, 6, 8, 10, 12, 14, 16, 18, 20] as const;

/** One kind of every habit and pace. */
const KINDS = [
  'petunia-white',
  'coleus-lime',
  'salvia-mealy-violet',
  'fountain-grass-purple',
  'flax-bronze',
  'potato-vine-lime',
  'ivy-green',
  'echeveria-blue',
  'boston-fern',
  'canna-bronze',
  'cloud-spurge-white',
  'black-eyed-vine',
  'tulip-plum',
  'tomato-bush-red',
  'hosta-blue',
  'lavender-violet',
];

/** How far a value may move before someone has to look: sizes by their share, bloom and scores outright. Ours: less than that no gardener sees. */
const MAY_MOVE = { size: 0.03, bloom: 0.03, score: 0.01 } as const;

const round = (value: number) => Math.round(value * 1000) / 1000;

export function goldenNow(): Golden {
  const conditions = conditionsAt(
    { ...SUNNY, sunHours: 6 },
    { container: TUB, plantedWeek: 20, feeding: 'as usual', trims: [] },
  );
  const growth = Object.fromEntries(
    KINDS.map((id) => {
      const kind = known(id);
      const season = foresee([{ kind, size: kind.sold[0]!.size, xCm: 0, zCm: 0 }], conditions, 20);
      return [
        id,
        Object.fromEntries(
          MEASURES.map((measure) => [
            measure,
            GOLDEN_WEEKS.map((week) => round(season.at(week)[0]![measure])),
          ]),
        ),
      ];
    }),
  ) as unknown as Golden['growth'];
  // A planting grows together: its plants shade and crowd each other.
  const tub = handComposed()[0]!.it;
  const together = foresee(
    tub.plants,
    conditionsAt(tub.spot, {
      container: tub.planting.container,
      plantedWeek: 21,
      feeding: 'as usual',
      trims: [],
    }),
    21,
  );
  const shared = Object.fromEntries(
    [...new Set(tub.plants.map(({ kindId }) => kindId))].map((id) => {
      const at = tub.plants.findIndex(({ kindId }) => kindId === id);
      return [
        `${kindOf(id)!.id} in company`,
        Object.fromEntries(
          MEASURES.map((measure) => [
            measure,
            GOLDEN_WEEKS.map((week) => round(together.at(week)[at]![measure])),
          ]),
        ),
      ];
    }),
  ) as unknown as Golden['growth'];
  return {
    growth: { ...growth, ...shared },
    scores: Object.fromEntries(
      handComposed().map(({ name, it }) => [name, round(opinionOf(it).score)]),
    ),
  };
}

/** What moved further than it may. */
export function moved(before: Golden, after: Golden): readonly string[] {
  const list: string[] = [];
  for (const id of new Set([...Object.keys(before.growth), ...Object.keys(after.growth)])) {
    for (const measure of MEASURES) {
      const [a, b] = [before.growth[id]?.[measure], after.growth[id]?.[measure]];
      if (
        !a ||
        !b ||
        a.some(
          (value, i) =>
            Math.abs(value - b[i]!) >
            (measure === 'bloom' ? MAY_MOVE.bloom : Math.max(0.5, value) * MAY_MOVE.size),
        )
      )
        list.push(`${id} ${measure}`);
    }
  }
  for (const name of new Set([...Object.keys(before.scores), ...Object.keys(after.scores)]))
    if (Math.abs((before.scores[name] ?? -1) - (after.scores[name] ?? -1)) > MAY_MOVE.score)
      list.push(name);
  return list;
}

/** Before and after as a picture: curves of what moved, before dashed; scores as bars. */
export function pictureOf(before: Golden, after: Golden, names: readonly string[]): string {
  const panels = names.map((name, i) => {
    const [x, y] = [(i % 3) * 300, Math.floor(i / 3) * 180];
    const [id, measure] =
      name.includes(' ') && !(name in after.scores) && !(name in before.scores)
        ? [name.slice(0, name.lastIndexOf(' ')), name.slice(name.lastIndexOf(' ') + 1) as Measure]
        : [name, null];
    const title = `<text x="${x + 10}" y="${y + 18}">${name}</text>`;
    if (!measure)
      return `${title}<rect x="${x + 10}" y="${y + 40}" width="${270 * (before.scores[name] ?? 0)}" height="20" fill="none" stroke="#333" stroke-dasharray="4 3"/><rect x="${x + 10}" y="${y + 70}" width="${270 * (after.scores[name] ?? 0)}" height="20" fill="#005a65"/><text x="${x + 10}" y="${y + 110}">${before.scores[name] ?? 'none'} → ${after.scores[name] ?? 'none'}</text>`;
    const [a, b] = [before.growth[id]?.[measure] ?? [], after.growth[id]?.[measure] ?? []];
    const top = Math.max(1e-6, ...a, ...b);
    const line = (values: readonly number[]) =>
      values.map((value, k) => `${x + 10 + k * 27},${y + 165 - (value / top) * 130}`).join(' ');
    return `${title}<polyline points="${line(a)}" fill="none" stroke="#333" stroke-dasharray="4 3"/><polyline points="${line(b)}" fill="none" stroke="#005a65" stroke-width="2"/><text x="${x + 210}" y="${y + 18}">to ${top.toFixed(1)}</text>`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" width="900" height="${Math.ceil(names.length / 3) * 180 + 20}" font-family="sans-serif" font-size="12"><rect width="100%" height="100%" fill="#fff"/>${panels.join('')}<text x="10" y="${Math.ceil(names.length / 3) * 180 + 14}">dashed: before; full: now; across: weeks ${GOLDEN_WEEKS[0]} to ${GOLDEN_WEEKS[GOLDEN_WEEKS.length - 1]}</text></svg>`;
}
