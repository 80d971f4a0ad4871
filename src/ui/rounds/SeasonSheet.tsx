'use client';

import { NumberField } from '@/ui/controls/fields';
import { Modal } from '@/ui/controls/Modal';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import { useCare } from '@/ui/session/useCare';
import type { Planted } from '@/ui/session/usePlanted';
import { unkeptText, waterCostMinor } from '@/words/seasonWater';
import { volumeText } from '@/words/format';
import { minorText } from '@/words/making';

/** What water the season takes and costs, container by container, and which of them the promised watering does not keep. */
export default function SeasonSheet({
  planted,
  onClose,
}: {
  readonly planted: Planted;
  readonly onClose: () => void;
}) {
  const settings = useSettings();
  const store = useStore();
  const cared = useCare(planted, { isSeasonAsked: true });
  const season = cared?.season ?? [];
  const nameOf = (id: string) =>
    planted.its.find(({ planting }) => planting.id === id)?.planting.name ?? '';
  const poured = season.reduce((sum, { pouredL }) => sum + pouredL, 0);
  const ahead = season.reduce((sum, { aheadL }) => sum + aheadL, 0);
  const cost = (litres: number) => minorText(waterCostMinor(litres, settings), settings);
  const unkept = season.filter((one) => one.unkept !== null);
  return (
    <Modal
      title="Water of the season"
      onClose={onClose}
      className="top-[5vh] max-h-[90vh] max-w-2xl"
    >
      {season.length === 0 ? (
        <p role="status" className="py-4 text-ink2">
          Reckoning the season…
        </p>
      ) : (
        <div data-season={season.length}>
          <p className="text-lead">
            {volumeText(poured, settings)} poured so far, {cost(poured)}; about{' '}
            {volumeText(ahead, settings)} still to come, {cost(ahead)}, in usual weather.
          </p>
          <span className="block w-56 pt-2">
            <NumberField
              name="Tap water costs, a cubic metre"
              value={waterCostMinor(1000, settings) / 100}
              places={2}
              onValue={(price) =>
                price >= 0 &&
                price <= 1000 &&
                void store?.settings.set({ waterMinorM3: Math.round(price * 100) })
              }
            />
          </span>
          <h3 className="pt-4 text-name font-semibold">
            {unkept.length === 0
              ? 'What is promised keeps them all, on hot days too'
              : 'What is promised does not keep these on hot days'}
          </h3>
          <ul>
            {unkept.map((one) => (
              <li key={one.plantingId} className="border-t border-rule py-1.5">
                <b>{nameOf(one.plantingId)}</b>: {unkeptText(one)}
              </li>
            ))}
          </ul>
          <h3 className="pt-4 text-name font-semibold">Container by container</h3>
          <ul className="max-h-[40vh] overflow-y-auto">
            {[...season]
              .sort((a, b) => b.pouredL + b.aheadL - a.pouredL - a.aheadL)
              .map(({ plantingId, pouredL, aheadL }) => (
                <li
                  key={plantingId}
                  className="flex justify-between gap-3 border-t border-rule py-1"
                >
                  <span>{nameOf(plantingId)}</span>
                  <span className="text-ink2">
                    {volumeText(pouredL, settings)} + {volumeText(aheadL, settings)},{' '}
                    {cost(pouredL + aheadL)}
                  </span>
                </li>
              ))}
          </ul>
        </div>
      )}
    </Modal>
  );
}
