import { isLong, mixAreaCm2 } from '@/core/containers/container';
import { enlarged } from '@/core/containers/shape';
import { opinionOf } from '@/core/checks/opinion';
import { BOOK, kindOf } from '@/core/plants/book/index';
import { briefOf } from '@/core/plantings/brief';
import { applyEdit } from '@/core/plantings/edits';
import { inSpot, type PlantingInSpot } from '@/core/plantings/planting';
import { deepEnough } from '@/core/placing/fit';
import { finish } from '@/core/search/finish';
import { refresh } from '@/core/search/refresh';
import type { Remade } from '@/core/search/remade';
import { repeat } from '@/core/search/repeat';
import { scale } from '@/core/search/scale';
import { seasonChange } from '@/core/search/seasonChange';
import { vary } from '@/core/search/vary';
import { weekAfter } from '@/core/units/units';
import { laughsAtKinds, type Laugh } from './laughs';
import { known } from './plantings';

const after = (it: PlantingInSpot, { why, change }: Remade) =>
  inSpot(applyEdit(it.planting, { kind: 'remake', why, change }), it.spot, kindOf, it.house);

const counted = (it: PlantingInSpot) => {
  const counts = new Map<string, number>();
  for (const { kindId } of it.plants) counts.set(kindId, (counts.get(kindId) ?? 0) + 1);
  return counts;
};

/** What comes in a remake is to live, be sold and belong where and when it is planted. */
function laughsAtNew(
  it: PlantingInSpot,
  way: Remade,
  what: string,
  from: number | null = null,
): Laugh[] {
  const made = after(it, way);
  const brief = briefOf(made);
  const ask = {
    ...brief,
    ...(from === null ? {} : { plantedWeek: from }),
    kinds: BOOK,
    seed: 0,
  };
  // Strangers and rarities that stood there before are the gardener's own.
  return laughsAtKinds(way.come.map(known), ask).map(([rule, about]): Laugh => [
    `${what}: ${rule}`,
    about,
  ]);
}

/** All that is to be laughed at in the ways of making one planting anew. */
export function laughsAtRemakes(it: PlantingInSpot): {
  readonly laughs: Laugh[];
  readonly ways: number;
} {
  const laughs: Laugh[] = [];
  let ways = 0;
  const laugh = (rule: string, about: string) => laughs.push([rule, about]);
  const plants = it.plants;

  for (const { scheme, remade } of vary(it, BOOK)) {
    ways += 1;
    const made = after(it, remade);
    laughs.push(...laughsAtNew(it, remade, 'vary'));
    const bones = (one: PlantingInSpot) =>
      one.planting.places.map(({ id, xCm, zCm }) => [id, xCm, zCm].join()).join(' ');
    if (bones(made) !== bones(it)) laugh('vary: bones moved', scheme.kind);
    const said = opinionOf(made).remarks.find(({ check }) => check === 'scheme');
    if (said && said.severity !== 'right') laugh('vary: not the mood', scheme.kind);
  }

  const kept = plants.filter((_, i) => i % 3 !== 2).map(({ id }) => id);
  for (const way of finish(it, BOOK, kept)) {
    ways += 1;
    laughs.push(...laughsAtNew(it, way, 'finish'));
    const made = after(it, way);
    if (!kept.every((id) => made.plants.some((plant) => plant.id === id)))
      laugh('finish: what was fixed is gone', way.come.join(' '));
  }

  for (const times of [0.6, 0.8, 1.5, 2.2]) {
    const container = {
      ...it.planting.container,
      shape: enlarged(it.planting.container.shape, Math.sqrt(times)),
    };
    const way = scale(it, container, BOOK);
    if (!way) {
      // What is too shallow for every ball is another matter.
      const goesIn = plants.some(({ kind }) =>
        kind.sold.some(({ size }) => deepEnough(container, size, kind)),
      );
      if (goesIn) laugh('scale: nothing', String(times));
      continue;
    }
    ways += 1;
    laughs.push(...laughsAtNew(it, way, 'scale'));
    const made = after(it, way);
    const ratio = mixAreaCm2(container) / mixAreaCm2(it.planting.container);
    const wanted = plants.length * ratio;
    if (Math.abs(made.plants.length - wanted) > Math.max(1, wanted * 0.15))
      laugh(
        'scale: another density',
        `${plants.length} × ${ratio.toFixed(2)} became ${made.plants.length}`,
      );
    const [before, now] = [counted(it), counted(made)];
    for (const [id, count] of now)
      if (
        before.has(id) &&
        Math.abs(count - before.get(id)! * ratio) > Math.max(1, count * 0.2) + 1e-9
      )
        laugh(
          'scale: other proportions',
          `${id} ${before.get(id)} × ${ratio.toFixed(2)} became ${count}`,
        );
  }

  if (isLong(it.planting.container)) {
    const way = repeat(it, { unit: null, units: 2, ends: 'matched' }, BOOK);
    if (way) {
      ways += 1;
      for (const [id, count] of counted(after(it, way)))
        if (count !== 2 * counted(it).get(id)!) laugh('repeat: other proportions', id);
    }
  }

  for (const plantedWeek of [41, 20]) {
    const endWeek = weekAfter(plantedWeek, 22);
    const [way] = seasonChange(it, { plantedWeek, endWeek }, BOOK);
    if (!way) continue;
    ways += 1;
    laughs.push(...laughsAtNew(it, way, 'season'));
    const made = after(it, way);
    const tallest = [...made.plants].sort((a, b) => b.kind.heightCm[1] - a.kind.heightCm[1])[0];
    if (tallest)
      laughs.push(
        ...laughsAtKinds([tallest.kind], {
          ...briefOf(made),
          kinds: BOOK,
          seed: 0,
          wishes: { ...made.planting.wishes, must: [tallest.kindId] },
        }).map(([rule, about]): Laugh => [`season: led by what ${rule}`, about]),
      );
  }

  const { ways: refreshed } = refresh(it, 10, BOOK);
  for (const way of refreshed) {
    ways += 1;
    laughs.push(...laughsAtNew(it, way, 'refresh', weekAfter(it.planting.plantedWeek, 10)));
    const made = after(it, way);
    const gone = plants.filter(({ id }) => !made.plants.some((plant) => plant.id === id));
    if (
      gone.some(
        ({ kindId }) =>
          !made.plants.some((plant) => plant.kindId === kindId) && !way.gone.includes(kindId),
      )
    )
      laugh('refresh: goes unsaid', way.gone.join(' '));
  }
  return { laughs, ways };
}
