'use client';

import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import { usualContainer } from '@/core/containers/usual';
import { visibleHeightCm, type Container } from '@/core/containers/container';
import { halfFrontCm } from '@/core/containers/shape';
import { middle, type PlantKind } from '@/core/plants/kind';
import type { Library } from '@/core/plants/library';
import type { OwnKind } from '@/core/plants/own';
import { bulliesOf, partnersOf, standInsLike } from '@/core/search/partners';
import { PickField } from '@/ui/controls/fields';
import { Swatches } from '@/ui/controls/Swatches';
import { useWidth } from '@/ui/controls/useWidth';
import type { Benches } from '@/ui/session/useBenches';
import {
  countText,
  dateText,
  hoursText,
  lengthText,
  moneyText,
  sizeName,
  temperatureText,
  type Units,
} from '@/words/format';
import { ROLE_NAMES } from '@/words/names';
import { partnerText, plantSizeText } from '@/words/plants';
import { belowCm, grownWeeks, GrownPicture } from './GrownPicture';
import { YearStrip } from './YearStrip';
import { Button } from '@/ui/controls/Button';

const YoursSheet = dynamic(() => import('./YoursSheet'), { ssr: false });

interface KindPageProps {
  readonly kind: PlantKind;
  readonly library: Library;
  readonly benches: Benches;
  readonly shelf: readonly Container[];
  readonly units: Units;
  readonly onOpen: (id: string) => void;
  readonly onOwn: (record: OwnKind) => void;
}

const WIDEST_PX = 138;
const TALL_PX = 220;

/** One kind looked at closely: drawn at planting, at six weeks and full grown beside a rule, its year, what goes with it, what it needs, and what the gardener knows of it. */
export function KindPage({ kind, library, benches, shelf, units, onOpen, onOwn }: KindPageProps) {
  const pots = useMemo(
    () => [
      usualContainer(
        'nursery pot',
        { kind: 'round', topCm: 15, baseCm: 11, depthCm: 15 },
        'terracotta',
      ),
      ...shelf,
    ],
    [shelf],
  );
  const [potName, setPotName] = useState('');
  const pot = pots.find(({ name }) => name === potName) ?? pots[0]!;
  const [stagesRef, stagesPx] = useWidth<HTMLDivElement>();
  const panelPx = stagesPx > 0 ? Math.min(WIDEST_PX, Math.floor(stagesPx / 3) - 1) : WIDEST_PX;
  const tall = middle(kind.heightCm) + visibleHeightCm(pot) + belowCm(kind, pot);
  const pxPerCm = Math.min(
    (TALL_PX - 12) / (tall * 1.1),
    panelPx / Math.max(middle(kind.spreadCm) * 1.15, halfFrontCm(pot.shape) * 2.2),
    7,
  );
  const goes = useMemo(() => partnersOf(kind, library.offered), [kind, library]);
  const standIns = useMemo(
    () =>
      standInsLike(
        kind,
        benches.lines ? library.offered.filter(({ id }) => benches.there.has(id)) : library.offered,
      ),
    [kind, library, benches],
  );
  const bullies = useMemo(() => bulliesOf(kind, library.offered, 3), [kind, library]);
  const lines = benches.linesOf(kind.id);
  const own = library.ownOf(kind.id);
  const guessed = own !== null && own.likeId !== own.id;
  const stages = [0, 6, grownWeeks(kind)];
  return (
    <article aria-label={kind.common} className="grid content-start gap-4">
      <section className="bg-paper">
        <header className="px-4 pt-3">
          <h2 className="display text-drawing leading-7">{kind.common}</h2>
          <p className="text-ink2">
            <i>{kind.botanical}</i>
            {kind.alsoCalled.length > 0 && `, also ${kind.alsoCalled.join(', ')}`}
          </p>
          <p className="pt-1">{kind.description}.</p>
          {guessed && (
            <p className="pt-1 text-small" data-guessed>
              Yours. What the tag did not tell is guessed from{' '}
              {library.kindOf(own.likeId)?.common.toLowerCase() ?? own.likeId}.
            </p>
          )}
        </header>
        <div ref={stagesRef} className="mt-3 grid grid-cols-3 bg-field">
          {stages.map((weeks, i) => (
            <figure key={weeks} className="relative border-r border-rule last:border-0">
              <GrownPicture
                kind={kind}
                container={pot}
                weeks={weeks}
                widthPx={panelPx}
                heightPx={TALL_PX}
                pxPerCm={pxPerCm}
              />
              {i === 0 && (
                <Rule pxPerCm={pxPerCm} fromFootPx={belowCm(kind, pot) * pxPerCm} units={units} />
              )}
              <figcaption className="border-t-[1.5px] border-tick bg-strip px-2 py-1 text-note">
                {weeks === 0 ? 'planting' : `${weeks} weeks`}
              </figcaption>
            </figure>
          ))}
        </div>
        <YearStrip kind={kind} />
        {pots.length > 1 && (
          <div className="px-4 pb-3">
            <PickField
              name="Drawn in"
              value={pot.name}
              options={pots.map(({ name }) => [name, name] as const)}
              onPick={setPotName}
            />
          </div>
        )}
      </section>

      {benches.stop && benches.lines && (
        <section aria-label="To be had" className="bg-paper px-4 py-3">
          <h3 className="font-semibold">To be had today</h3>
          {lines.length === 0 ? (
            <p data-out>Not sold there.</p>
          ) : lines.every(({ count }) => count === 0) ? (
            <p data-out>Out today.</p>
          ) : (
            <ul>
              {lines
                .filter(({ count }) => count > 0)
                .map((line) => (
                  <li key={line.size} className="flex gap-2">
                    <span>
                      {line.count} × {sizeName(line.size, units)}, {line.note},{' '}
                      {line.daysIn === 0
                        ? 'came in today'
                        : `came in ${countText(line.daysIn, 'day')} ago`}
                    </span>
                    <span className="ml-auto font-semibold">{moneyText(line.price, units)}</span>
                  </li>
                ))}
            </ul>
          )}
        </section>
      )}

      <section aria-label="Goes with" className="bg-paper px-4 py-3">
        <Kin
          title="Takes up one of its colours"
          list={goes.echoes.map((partner) => [partner.kind, partnerText(partner)] as const)}
          onOpen={onOpen}
        />
        <Kin
          title="Sets it off"
          list={goes.contrasts.map((partner) => [partner.kind, partnerText(partner)] as const)}
          onOpen={onOpen}
        />
        <Kin
          title={benches.lines ? 'Stand-ins that are there today' : 'When it is not to be had'}
          list={standIns.map((other) => [other, plantSizeText(other, units)] as const)}
          onOpen={onOpen}
        />
        <Kin
          title="Keep away: these would overrun it"
          list={bullies.map(
            (other) =>
              [
                other,
                `${lengthText(middle(other.spreadCm), units)} wide in ${countText(other.weeksToFill, 'week')}`,
              ] as const,
          )}
          onOpen={onOpen}
        />
      </section>

      <section aria-label="What it needs" className="bg-paper">
        <dl className="grid grid-cols-[112px_1fr] gap-y-1 px-4 py-3 [&>dt]:text-ink2">
          <dt>Role</dt>
          <dd>{kind.roles.map((role) => ROLE_NAMES[role].toLowerCase()).join(', ')}</dd>
          <dt>Grows to</dt>
          <dd>
            {plantSizeText(kind, units)}, in about {countText(kind.weeksToFill, 'week')}
          </dd>
          <dt>Sun</dt>
          <dd>
            {kind.light.hours[0]}–{hoursText(kind.light.hours[1])} a day;{' '}
            {kind.light.afternoon === 'scorches'
              ? 'scorches in afternoon sun'
              : kind.light.afternoon === 'wants'
                ? 'wants the afternoon too'
                : 'bears afternoon sun'}
          </dd>
          <dt>Water and feed</dt>
          <dd>
            {kind.thirst} thirst{kind.dryBetween ? ', must dry between waterings' : ''};{' '}
            {kind.feed === 'none' ? 'no feed' : `${kind.feed} feed`}
          </dd>
          <dt>Cold</dt>
          <dd>
            bears about {temperatureText(kind.lowestC, units)}
            {kind.bringInC !== null
              ? `; bring in below ${temperatureText(kind.bringInC, units)} at night`
              : ''}
          </dd>
          {kind.bloom && (
            <>
              <dt>In flower</dt>
              <dd>
                {dateText(kind.bloom.weeks[0])} to {dateText(kind.bloom.weeks[1])}
                {kind.bloom.deadhead ? '; deadhead' : ''}
                {kind.bloom.pinch ? '; pinch for bushiness' : ''}
              </dd>
            </>
          )}
          <dt>Eating</dt>
          <dd>
            {kind.edible ? `${kind.edible}, only from plants sold for eating` : 'not for eating'}
            {kind.notEdible && <b className="font-semibold">; not {kind.notEdible}</b>}
          </dd>
          <dt>Care</dt>
          <dd data-care>
            <Harm kind={kind} /> {kind.toxicity.note}{' '}
            {kind.irritant.skin !== 'no' && <b className="font-semibold">{kind.irritant.note}</b>}
          </dd>
          {kind.runsWild && (
            <>
              <dt>Runs wild</dt>
              <dd>{kind.runsWild} Check local rules.</dd>
            </>
          )}
          <dt>Sold as</dt>
          <dd>
            {kind.sold
              .map(({ size, price }) => `${sizeName(size, units)} about ${moneyText(price, units)}`)
              .join('; ')}
          </dd>
          <dt>More plants</dt>
          <dd>{kind.propagation}</dd>
        </dl>
        <p className="border-t border-rule px-4 py-2 text-note text-ink2">
          Typical of one season in a pot;{' '}
          {kind.confidence === 'good'
            ? 'widely agreed'
            : kind.confidence === 'fair'
              ? 'less sure'
              : 'a guess in part'}
          . The tag in hand and local advice win.
        </p>
      </section>

      <YoursSheet key={kind.id} kind={kind} own={own} units={units} onOwn={onOwn} />
    </article>
  );
}

/** Who it harms, worst first, in words. */
function Harm({ kind: { toxicity: t } }: { readonly kind: PlantKind }) {
  const by = new Map<string, string[]>();
  for (const who of ['people', 'cats', 'dogs', 'horses'] as const)
    by.set(t[who], [...(by.get(t[who]) ?? []), who]);
  const words = {
    poisonous: 'Poisonous to',
    unsure: 'Not known for sure, so a caution, for',
    mild: 'Mildly harmful to',
    'none known': 'No harm known to',
  } as const;
  return (
    <>
      {(['poisonous', 'unsure', 'mild', 'none known'] as const)
        .filter((harm) => by.has(harm))
        .map((harm) => (
          <span key={harm} className={harm === 'none known' ? '' : 'font-semibold'}>
            {words[harm]} {by.get(harm)!.join(', ')}.{' '}
          </span>
        ))}
    </>
  );
}

function Kin({
  title,
  list,
  onOpen,
}: {
  readonly title: string;
  readonly list: readonly (readonly [PlantKind, string])[];
  readonly onOpen: (id: string) => void;
}) {
  if (list.length === 0) return null;
  return (
    <div className="pb-2.5 last:pb-0">
      <h3 className="pb-0.5 font-semibold">{title}</h3>
      <ul>
        {list.map(([kind, why]) => (
          <li key={kind.id}>
            <Button
              look="bare"
              data-kin={kind.id}
              onClick={() => onOpen(kind.id)}
              className="grid w-full grid-cols-[36px_minmax(0,1fr)] items-center gap-2.5 py-1 text-left hover:bg-wash"
            >
              <Swatches kind={kind} height={18} />
              <span className="truncate">
                <b className="font-semibold">{kind.common}</b>{' '}
                <span className="text-note text-ink2">{why}</span>
              </span>
            </Button>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** A rule of 30 cm, or a foot, standing beside the pot. */
function Rule({
  pxPerCm,
  fromFootPx,
  units,
}: {
  readonly pxPerCm: number;
  readonly fromFootPx: number;
  readonly units: Units;
}) {
  const length = (units.length === 'cm' ? 30 : 30.48) * pxPerCm;
  const step = length / (units.length === 'cm' ? 6 : 12);
  return (
    <svg
      aria-hidden
      width={26}
      height={length + 2}
      className="absolute left-1"
      style={{ bottom: fromFootPx + 27 }}
    >
      <rect x={0.5} y={0.5} width={9} height={length} fill="var(--paper)" stroke="var(--tick)" />
      {Array.from({ length: units.length === 'cm' ? 5 : 11 }, (_, i) => (
        <line key={i} x1={0} x2={6} y1={step * (i + 1)} y2={step * (i + 1)} stroke="var(--tick)" />
      ))}
      <text x={12} y={11} fontSize={11} fill="var(--ink2)">
        {units.length === 'cm' ? '30' : '12'}
      </text>
    </svg>
  );
}
