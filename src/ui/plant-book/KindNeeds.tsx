import { type PlantKind } from '@/core/plants/kind';
import {
  countText,
  dateText,
  hoursText,
  priceText,
  sizeName,
  unbroken,
  type Units,
} from '@/words/format';
import {
  bearsText,
  companyText,
  coldText,
  earlyText,
  shopsText,
  summerText,
  sureText,
  yearText,
} from '@/words/kinds';
import { ROLE_NAMES } from '@/words/names';
import { plantSizeText } from '@/words/plants';

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

/** What one kind needs, and what to be careful of. */
export function KindNeeds({ kind, units }: { readonly kind: PlantKind; readonly units: Units }) {
  return (
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
        <dd>{unbroken(coldText(kind, units))}</dd>
        <dt>Summer</dt>
        <dd>{unbroken(summerText(kind, units))}</dd>
        <dt>Stands</dt>
        <dd>{bearsText(kind)}</dd>
        <dt>In leaf</dt>
        <dd>{unbroken(yearText(kind))}</dd>
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
          {unbroken(
            kind.sold
              .map(
                ({ size, price, perSale }) =>
                  `${sizeName(size, units)}${perSale ? ` of ${perSale}` : ''} ${priceText(price, units)}`,
              )
              .join('; '),
          )}
        </dd>
        <dt>In shops</dt>
        <dd>growing, {unbroken(shopsText(kind))}</dd>
        {kind.early && (
          <>
            <dt>Raised from</dt>
            <dd>{unbroken(earlyText(kind, units))}</dd>
          </>
        )}
        <dt>Grown with</dt>
        <dd>{companyText(kind)}</dd>
        <dt>More plants</dt>
        <dd>{kind.propagation.join('; ')}</dd>
      </dl>
      <p className="border-t border-rule px-4 py-2 text-note text-ink2">
        Typical of one season in a pot. Of this page, {sureText(kind)}. The tag in hand and local
        advice win.
      </p>
    </section>
  );
}
