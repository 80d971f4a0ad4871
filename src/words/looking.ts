import type { Light } from '@/core/marks/light';
import type { Figure } from '@/core/seeing/scenery';
import type { UsualViewpoint, Viewpoint } from '@/core/seeing/viewpoint';
import { lengthText, type Units } from './format';

const VIEW_NAMES: Readonly<Record<UsualViewpoint, string>> = {
  standing: 'Standing',
  sitting: 'Sitting',
  child: 'A child',
  indoors: 'Indoors, over the sill',
};

export const FIGURE_NAMES: Readonly<Record<Figure, string>> = {
  none: 'Nothing',
  person: 'A person',
  door: 'A door',
};

/** "Standing", "Whoever passes under". */
export function viewName({ id, name }: Pick<Viewpoint, 'id' | 'name'>): string {
  return name ?? VIEW_NAMES[id as UsualViewpoint] ?? id;
}

/** "Standing, eyes 160 cm up, 260 cm away" */
export function viewText(view: Viewpoint, units: Pick<Units, 'length'>): string {
  return `${viewName(view)}, eyes ${lengthText(view.eyeCm, units)} up, ${lengthText(view.distanceCm, units)} away`;
}

/** "14:30" */
export function hourText(hour: number): string {
  return `${Math.floor(hour)}:${String(Math.round((hour % 1) * 60)).padStart(2, '0')}`;
}

/** "14:30, in the sun" */
export function lightText(hour: number, light: Light | null): string {
  if (!light) return `${hourText(hour)}, dark`;
  return `${hourText(hour)}, ${light.sunShare >= 0.95 ? 'in the sun' : light.sunShare > 0.02 ? 'in dappled light' : 'in shade'}`;
}

/** "sun 7:00–11:30 and 14:00–16:00": runs of hours with direct sun, from half hour to half hour. */
export function sunRuns(
  path: readonly { readonly hour: number; readonly through: number }[],
): string {
  const runs: [number, number][] = [];
  for (const { hour, through } of path) {
    if (through < 0.5) continue;
    const last = runs[runs.length - 1];
    if (last && hour - last[1] < 0.01) last[1] = hour + 0.5;
    else runs.push([hour, hour + 0.5]);
  }
  return runs.length === 0
    ? 'no direct sun this week'
    : `sun ${runs.map(([from, to]) => `${hourText(from)}–${hourText(to)}`).join(' and ')}`;
}
