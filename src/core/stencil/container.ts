import { surfacesOf, wallOf, type Container } from '../containers/container';
import { grown } from '../containers/section';
import { rimSection } from '../containers/shape';
import type { PlanMark } from './planMark';

/** Outside of the rim, and of every higher level of a tiered one. */
export function containerMarks(container: Container): readonly PlanMark[] {
  const wallCm = wallOf(container);
  return [
    { kind: 'section', what: 'rim', section: grown(rimSection(container.shape), wallCm / 2) },
    ...surfacesOf(container)
      .slice(1)
      .map(({ section }): PlanMark => ({
        kind: 'section',
        what: 'level',
        section: grown(section, wallCm),
      })),
  ];
}
