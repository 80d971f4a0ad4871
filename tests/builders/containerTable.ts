import { brimL, mixL } from '@/core/containers/container';
import { toHex } from '@/core/colour/oklch';
import { SHIPPED } from '@/core/shelf/shipped';

/** All containers that come with the app, a row each, with what follows from their measures: so that a figure that changes shows. */
export const containerTable = (): string =>
  [
    'container,shape,inside measures,material,colour,brim L,mix L',
    ...SHIPPED.map((container) => {
      const { kind, ...measures } = container.shape;
      return [
        container.name,
        kind,
        JSON.stringify(measures).replaceAll(/["{}]/g, '').replaceAll(',', ' '),
        container.material,
        toHex(container.colour),
        brimL(container).toFixed(2),
        mixL(container).toFixed(2),
      ].join();
    }),
    '',
  ].join('\n');
