import { addDays, weekOfDay } from '../calendar/day';
import type { Entry } from '../log/entry';
import { dayInWeek, framesOf, shotNear, shotsOf, stillsOf } from './pictures';

let count = 0;
const photo = (day: string, plantingId: string | undefined = 'tub'): Entry =>
  ({
    id: `p${(count += 1)}`,
    at: `${day}T12:00:00+01:00`,
    zone: 'Europe/London',
    of: plantingId ? { plantingId } : {},
    what: { did: 'photographed', photoId: `photo ${day}`, angle: 'front' },
  }) as Entry;
const ofTub = (log: readonly Entry[]) => shotsOf(log).get('tub') ?? [];
const TUB = { plantedOn: '2026-05-14', until: '2026-06-12' };

test('photographs that hold, by the day they show, of whichever planting they are', () => {
  const late = photo('2026-07-02');
  const wrong = photo('2026-06-20');
  const back = {
    ...photo('2026-07-03'),
    what: { did: 'taken back' },
    takesBack: wrong.id,
  } as Entry;
  const early = photo('2026-05-20', 'box');
  const first = photo('2026-06-01');
  const shots = shotsOf([late, wrong, early, back, first, photo('2026-06-02', '')]);
  const days = (id: string) => shots.get(id)?.map(({ day }) => day);
  expect([days('tub'), days('box'), shots.size]).toEqual([
    ['2026-06-01', '2026-07-02'],
    ['2026-05-20'],
    2,
  ]);
});

test('the nearest photograph within six days stands for a day, and only of that planting', () => {
  const shots = ofTub([photo('2026-07-01'), photo('2026-07-09'), photo('2026-07-05', 'box')]);
  expect(shotNear(shots, '2026-07-04')?.day).toBe('2026-07-01');
  expect(shotNear(shots, '2026-07-06')?.day).toBe('2026-07-09');
  // As near to both: the earlier.
  expect(shotNear(shots, '2026-07-05')?.day).toBe('2026-07-01');
  expect(shotNear(shots, '2026-07-15')?.day).toBe('2026-07-09');
  expect(shotNear(shots, '2026-07-16')).toBeNull();
});

test('a season in frames: each week once, shown by its last photograph or drawn', () => {
  const shots = ofTub([
    photo('2026-05-10'),
    photo('2026-05-22'),
    photo('2026-05-26'),
    photo('2026-06-12'),
    photo('2026-06-13'),
  ]);
  const frames = framesOf(shots, TUB);
  expect(frames.map(({ weeks }) => weeks)).toEqual([0, 1, 2, 3, 4]);
  // Before it was planted is no frame of it.
  expect(frames.map(({ shot }) => shot?.day ?? null)).toEqual([
    null,
    '2026-05-26',
    null,
    null,
    '2026-06-13',
  ]);
  expect(frames[2]!.day).toBe('2026-05-28');
  expect(framesOf(shots, { ...TUB, until: TUB.plantedOn })).toHaveLength(1);
  expect(framesOf(shots, { ...TUB, until: '2026-05-13' })).toEqual([]);
});

test('stills lie evenly over a season, and none that was photographed is left out', () => {
  const year = { plantedOn: '2026-01-01', until: '2026-12-30' };
  const drawn = stillsOf(framesOf([], year), 8);
  expect(drawn.map(({ weeks }) => weeks)).toEqual([0, 7, 14, 21, 28, 35, 42, 49]);
  const seen = stillsOf(framesOf(ofTub([photo('2026-01-16')]), year), 8);
  expect(seen.map(({ weeks }) => weeks)).toEqual([0, 2, 7, 14, 21, 28, 35, 42, 49]);
});

test('each planting comes to a week of the year in its own year, from its first day until it is over', () => {
  const week = weekOfDay('2026-06-03');
  expect(weekOfDay(dayInWeek(week, TUB)!)).toBe(week);
  expect(dayInWeek(weekOfDay(TUB.plantedOn), TUB)).toBe(TUB.plantedOn);
  expect(dayInWeek(weekOfDay('2026-06-30'), TUB)).toBeNull();
  // Planted in autumn it comes to spring in the next year.
  const winter = { plantedOn: '2025-10-10', until: '2026-05-01' };
  expect(dayInWeek(weekOfDay('2026-03-10'), winter)!.slice(0, 4)).toBe('2026');
  for (let i = 0; i < 52; i += 1) {
    const day = dayInWeek((i % 52) + 1, winter);
    if (day !== null) expect(day >= winter.plantedOn && day <= addDays(winter.until, 0)).toBe(true);
  }
});

test('a photograph of the very day of planting is the first frame', () => {
  const shots = shotsOf([photo('2026-05-14'), photo('2026-05-13')]).get('tub')!;
  const [first] = framesOf(shots, { plantedOn: '2026-05-14', until: '2026-05-20' });
  expect(first).toMatchObject({ day: '2026-05-14', shot: { day: '2026-05-14' } });
});
