'use client';

import { frostRisk, HOT_K, rootsColderK, sunHeatK } from '@/core/potting/rootZone';
import { Sheet } from '@/ui/controls/fields';
import { temperatureText } from '@/words/format';
import type { SheetProps } from './sheet';

/** What frost and sun do to the pot and its roots. */
export function StandsWeatherSheet({ editing, units }: SheetProps) {
  const { container } = editing;
  const risk = frostRisk(container);
  const colder = rootsColderK(container);
  const heat = sunHeatK(container, 8);
  const { places } = editing;
  const degrees = (k: number) =>
    units.length === 'cm' ? `${Math.round(k)} °C` : `${Math.round(k * 1.8)} °F`;
  return (
    <Sheet title="Frost and heat">
      <div className="grid grid-cols-[minmax(0,1fr)] gap-1.5 px-3.5 py-3 wrap-anywhere">
        <p data-frost>
          <b className="font-semibold">
            {
              {
                cracks: 'Frost cracks it.',
                'may crack': 'Frost may crack it.',
                stands: 'Stands frost.',
                'sold as frostproof': 'Sold as standing frost.',
              }[risk]
            }
          </b>{' '}
          {risk === 'stands' || risk === 'sold as frostproof'
            ? 'What is in it still freezes.'
            : 'Wet walls and wet mix swell as they freeze: empty it, or keep it dry and on feet, or bring it in. The maker’s word wins.'}
        </p>
        <p>
          Roots in it meet cold as if {degrees(colder.k)} colder than in the ground:{' '}
          {colder.because === 'small' ? 'two hardiness zones' : 'one hardiness zone'}, by rule of
          thumb
          {colder.because === 'large'
            ? ', for it is large'
            : colder.because === 'insulated'
              ? ', for its walls are thick wood'
              : ''}
          .
        </p>
        {places.map(({ name, coldestC, stands }) => (
          <p key={name} data-cold>
            {stands ? 'At' : 'If it stood at'} {name} most winters reach{' '}
            {temperatureText(coldestC, units)}, and its mix gets about as cold: what stays out in it
            should be hardy to {temperatureText(coldestC - colder.k, units)}.
          </p>
        ))}
        <p className={heat[1] >= HOT_K ? '' : 'text-ink2'}>
          In eight hours of sun its mix grows about{' '}
          {Math.round(heat[0] * (units.length === 'cm' ? 1 : 1.8))} to {degrees(heat[1])} hotter
          than the air on the sunny side.
          {heat[1] >= HOT_K
            ? ' Dark and thin: on hot days roots stop. Shade the pot, set a pale one round it, or choose a paler.'
            : ''}
        </p>
      </div>
    </Sheet>
  );
}
