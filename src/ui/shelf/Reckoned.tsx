'use client';

import { useMemo, useState } from 'react';
import type { Container } from '@/core/containers/container';
import { brimL, mixAreaCm2 } from '@/core/containers/container';
import { airShare, MIX_IDS, MIX_PART_IDS, mixFactsOf, type MixId, type MixPartId } from '@/core/containers/mixes';
import { insideVolumeL, isHung } from '@/core/containers/shape';
import { lifting, weightOf } from '@/core/containers/weight';
import type { Fits } from '@/core/placing/fits';
import { MOST_PACKED } from '@/core/placing/pack';
import { BOOK } from '@/core/plants/book/index';
import { NURSERY_SIZE_IDS, type NurserySizeId } from '@/core/plants/nursery';
import { edgeShare, fillingOf, wetZone } from '@/core/potting/filling';
import { mixFit } from '@/core/potting/mixFit';
import { frostRisk, HOT_K, rootsColderK, sunHeatK } from '@/core/potting/rootZone';
import { rootsIn } from '@/core/potting/rooting';
import { floorPressureKPa, tippingOf, windName } from '@/core/potting/tipping';
import { mixNeed } from '@/core/shopping/shoppingList';
import { Choices } from '@/ui/controls/Choices';
import { NumberField, PickField, Sheet, TextField } from '@/ui/controls/fields';
import { MIX_NAMES, PART_NAMES } from '@/words/containers';
import { countText, lengthText, rangeText, sizeName, volumeText, weightText, windText, type Units } from '@/words/format';
import type { ShelfEditing } from './useShelfEditing';

interface SheetProps {
  readonly editing: ShelfEditing;
  readonly units: Units;
}

function Row({ name, children, strong = false }: { readonly name: React.ReactNode; readonly children: React.ReactNode; readonly strong?: boolean }) {
  return <><dt className="text-ink2">{name}</dt><dd className={`text-right ${strong ? 'font-semibold' : ''}`}>{children}</dd></>;
}

/** What it holds by its shape and by litres poured, side by side, and which is used. */
export function HoldsSheet({ editing, units }: SheetProps) {
  const { container, faults, shape: put } = editing;
  const byShape = insideVolumeL(container);
  const { pouredL } = container;
  const apart = pouredL === null ? null : pouredL / byShape - 1;
  return (
    <Sheet title="What it holds" note="to the brim">
      <div className="px-3.5 py-3">
        <p className="display text-[29px] leading-9" data-holds>{volumeText(brimL(container), units)}</p>
        <dl className="grid grid-cols-[1fr_auto] gap-x-3 gap-y-0.5 pt-1">
          <Row name="By its measures">{volumeText(byShape, units)}</Row>
          <Row name="By litres poured">{pouredL === null ? 'not poured yet' : volumeText(pouredL, units)}</Row>
        </dl>
        {apart !== null && <p className="pt-1" data-compared>{Math.abs(apart) < 0.05 ? 'The two agree within 5 %.' : `Poured, it holds ${Math.round(Math.abs(apart) * 100)} % ${apart < 0 ? 'less' : 'more'} than its measures say. A bucket is the surer measure of an odd shape; look again if they are far apart.`}</p>}
        <div className="grid grid-cols-[1fr_2fr] items-end gap-3 pt-2.5">
          <NumberField name="Litres poured" suffix="L" places={1} value={pouredL ?? Number.NaN} error={faults['container.pouredL']} onValue={(litres) => put(Number.isNaN(litres) ? { pouredL: null, volumeFrom: 'shape' } : { pouredL: litres, volumeFrom: 'poured' }, 'Poured it full')} />
          {pouredL !== null && <Choices name="Take the litres from" value={container.volumeFrom} options={[['shape', 'Its measures'], ['poured', 'Poured']]} onPick={(from) => put({ volumeFrom: from as Container['volumeFrom'] }, from === 'poured' ? 'Took litres as poured' : 'Took litres by its measures')} />}
        </div>
      </div>
    </Sheet>
  );
}

/** How to fill it when so many plants of one size go in. */
export function FillingSheet({ editing, units, fits, size }: SheetProps & { readonly fits: Fits | null; readonly size: NurserySizeId }) {
  const { container } = editing;
  const balls = useMemo(() => (fits ? fits.top[size].map(() => size) : []), [fits, size]);
  const filling = fillingOf(container, balls, isHung(container.shape));
  const need = mixNeed(filling.netL);
  const zone = wetZone(container);
  const cm = (value: number) => lengthText(value, units);
  return (
    <Sheet title="Filling it" note={balls.length > 0 ? `round ${countText(balls.length, sizeName(size, units))}` : 'without plants'}>
      <div className="px-3.5 py-3">
        <dl className="grid grid-cols-[1fr_auto] gap-x-3 gap-y-0.5">
          <Row name="Mix up to the headspace">{volumeText(filling.fillL, units)}</Row>
          {balls.length > 0 && <Row name="less root balls">{volumeText(filling.ballsL, units)}</Row>}
          <Row name="To buy, settling included" strong><span data-buy>{volumeText(filling.buyL, units)}</span></Row>
          <Row name="in bags as sold" strong><span data-bags>{need.bags.map(({ litres, count }) => `${count} × ${litres} L`).join(' and ') || 'none'}</span></Row>
          {filling.preFillCm !== null && <Row name="Fill first, then plant">to {cm(filling.belowRimCm!)} below the rim</Row>}
          <Row name="Renew each year, the top third">{volumeText(filling.topThirdL, units)}</Row>
          {filling.dressingL > 0 && <Row name="Dressing">{volumeText(filling.dressingL, units)}</Row>}
          <Row name="Depth for roots">{cm(filling.depthCm)}</Row>
          {filling.rootRunL !== null && <Row name="Root run for each plant">{volumeText(filling.rootRunL, units)}</Row>}
          <Row name="Surface">{Math.round(filling.surfaceCm2)} cm²</Row>
          <Row name="Rim, all of it / in view">{cm(filling.rimCm)} / {cm(filling.rimInViewCm)}</Row>
          <Row name="Within 4 cm of the wall">{Math.round(edgeShare(container) * 100)} % of the mix</Row>
        </dl>
        {filling.lostL > 0 && (
          <p className="pt-2" data-crocks><b className="font-semibold">{container.foot === 'crocks' ? 'Crocks' : 'The coarse layer'} cost {volumeText(filling.lostL, units)} of mix</b> and lift the wet zone: it ends {rangeText(zone.withCm, units.length)} above the inside base, {rangeText(zone.withoutCm, units.length)} without. They do not help drainage; a piece of mesh keeps mix in. Some use them to steady a light pot: that they do.</p>
        )}
        {container.foot === 'mesh' && <p className="pt-2 text-ink2">Mesh keeps mix in and lets water out, and takes nothing from the roots.</p>}
        <p className="pt-2 text-ink2">{tooShallow(filling.depthCm)}</p>
      </div>
    </Sheet>
  );
}

/** "In 12 cm 34 kinds of the book had better not be planted: tall perennials…" */
function tooShallow(depthCm: number): string {
  const shallow = BOOK.filter((kind) => rootsIn(kind, depthCm) === 'too shallow');
  if (shallow.length === 0) return 'Deep enough for every kind in the book, by rule of thumb.';
  const well = BOOK.filter((kind) => rootsIn(kind, depthCm) === 'well').length;
  const examples = shallow.slice(0, 3).map(({ common }) => common.toLowerCase()).join(', ');
  return `By rule of thumb ${well} of ${BOOK.length} kinds root well in this depth; ${countText(shallow.length, 'kind')} had better not be planted here, such as ${examples}.`;
}

/** How many plants of each size go in, chosen to be shown in the plan. */
export function FitsSheet({ editing, units, fits, size, onSize }: SheetProps & { readonly fits: Fits | null; readonly size: NurserySizeId; readonly onSize: (size: NurserySizeId) => void }) {
  return (
    <Sheet title="What fits" note="one layer, balls squeezed by 12 % at most">
      <div className="px-3.5 py-3">
        {!fits ? <p role="status" className="text-ink2">Packing…</p> : (
          <>
            <Choices name="Size shown in the plan" value={size} onPick={(next) => onSize(next as NurserySizeId)} options={NURSERY_SIZE_IDS.map((id) => [id, `${fits.top[id].length}${fits.top[id].length >= MOST_PACKED ? ' or more' : ''} × ${sizeName(id, units)}`] as const)} />
            {fits.sides.map(({ heightCm, holes, fits: by }) => (
              <p key={heightCm} className="pt-2">Through the side at {lengthText(heightCm, units)}: {Object.entries(by).filter(([, n]) => n > 0).map(([id, n]) => `${n} × ${sizeName(id as NurserySizeId, units)}`).join(' or ') || 'no ball is short enough'}, {countText(holes, 'hole')}.</p>
            ))}
            {editing.container.sideHoles.length === 0 && isHung(editing.container.shape) && <p className="pt-2 text-ink2">Its sides can be planted too: add rows of side holes.</p>}
          </>
        )}
      </div>
    </Sheet>
  );
}

/** Plan area of leaves over the mix's surface when a planting is full: it spills past the rim. Ours. */
const FULL_GROWN = 1.5;

/** Weight by parts, lifting, pressure, the wind that would tip it. */
export function WeightSheet({ editing, units }: SheetProps) {
  const { container } = editing;
  const weight = weightOf(container, (mixAreaCm2(container) * FULL_GROWN) / 10_000);
  const hung = isHung(container.shape);
  const tip = tippingOf(container, [], []);
  const kg = (value: number) => weightText(value, units);
  return (
    <Sheet title="Weight" note="with a full planting, about">
      <div className="px-3.5 py-3">
        <table className="w-full text-right">
          <thead><tr className="text-[12.5px] text-ink2"><th className="text-left font-normal"><span className="sr-only">Part</span></th><th className="font-normal">dry</th><th className="font-normal">watered</th><th className="font-normal">soaked</th></tr></thead>
          <tbody>
            {weight.parts.map(({ part, dryKg, wateredKg, soakedKg }) => <tr key={part}><th scope="row" className="text-left font-normal text-ink2">{PART_NAMES[part]}</th><td>{kg(dryKg)}</td><td>{kg(wateredKg)}</td><td>{kg(soakedKg)}</td></tr>)}
            <tr className="border-t border-rule font-semibold"><th scope="row" className="text-left">together</th><td>{kg(weight.dryKg)}</td><td>{kg(weight.wateredKg)}</td><td data-soaked>{kg(weight.soakedKg)}</td></tr>
          </tbody>
        </table>
        <p className="pt-2"><b className="font-semibold">Caution.</b> {hung ? `Ask the maker of hook, bracket and chain for a rating of ${kg(weight.soakedKg * 1.5)} or more: soaked, with half as much again for swinging and wind. The wall and its fixings count as much as the bracket.` : liftText(lifting(weight.wateredKg), kg(weight.wateredKg))}</p>
        {!hung && <p className="pt-1 text-ink2">Soaked it presses {floorPressureKPa(container, weight.soakedKg).toFixed(1)} kPa on what it stands on, under its own base. Balconies and roofs are designed for loads spread out: the owner, the local code or an engineer decides.</p>}
        {tip && <p className="pt-1 text-ink2" data-tip>Empty of plants and dry, {tip.leastMs > 32 ? 'no wind short of a storm would tip it' : `wind would tip it at about ${windText([tip.leastMs, tip.mostMs], units)} (${windName(tip.leastMs)})`}, on level ground. It tips sooner as plants grow: the Bench says when.</p>}
        <p className="pt-1 text-ink2">{container.weighedKg === null ? 'Walls are reckoned from their usual density: real pots differ by a third. A scale wins.' : 'Walls as weighed.'}</p>
      </div>
    </Sheet>
  );
}

function liftText(who: ReturnType<typeof lifting>, kg: string): string {
  if (who === 'one') return `Watered it is ${kg}: within what many adults lift close to the body at waist height, half of that from the floor. Not everyone’s back agrees.`;
  if (who === 'two') return `Watered it is ${kg}: two people, or a trolley. Plant it where it will stand if you can.`;
  return `Watered it is ${kg}: a trolley or straps, and never alone. Plant it where it will stand.`;
}

/** What frost and sun do to the pot and its roots. */
export function WeatherSheet({ editing, units }: SheetProps) {
  const { container } = editing;
  const risk = frostRisk(container);
  const colder = rootsColderK(container);
  const heat = sunHeatK(container, 8);
  const degrees = (k: number) => (units.length === 'cm' ? `${Math.round(k)} °C` : `${Math.round(k * 1.8)} °F`);
  return (
    <Sheet title="Frost and heat">
      <div className="grid gap-1.5 px-3.5 py-3">
        <p data-frost><b className="font-semibold">{{ cracks: 'Frost cracks it.', 'may crack': 'Frost may crack it.', stands: 'Stands frost.', 'sold as frostproof': 'Sold as standing frost.' }[risk]}</b> {risk === 'stands' || risk === 'sold as frostproof' ? 'What is in it still freezes.' : 'Wet walls and wet mix swell as they freeze: empty it, or keep it dry and on feet, or bring it in. The maker’s word wins.'}</p>
        <p>Roots in it meet cold as if {degrees(colder.k)} colder than in the ground: {colder.because === 'small' ? 'two hardiness zones' : 'one hardiness zone'}, by rule of thumb{colder.because === 'large' ? ', for it is large' : colder.because === 'insulated' ? ', for its walls are thick wood' : ''}.</p>
        <p className={heat[1] >= HOT_K ? '' : 'text-ink2'}>In eight hours of sun its mix grows about {Math.round(heat[0] * (units.length === 'cm' ? 1 : 1.8))} to {degrees(heat[1])} hotter than the air on the sunny side.{heat[1] >= HOT_K ? ' Dark and thin: on hot days roots stop. Shade the pot, set a pale one round it, or choose a paler.' : ''}</p>
      </div>
    </Sheet>
  );
}

/** Its mix, bought or stirred together, and whom it suits. */
export function MixSheet({ editing, units }: SheetProps) {
  const { container, shape: put, faults } = editing;
  const facts = mixFactsOf(container);
  const [picked, setPicked] = useState<MixPartId>('peat-free mix');
  const harmed = useMemo(() => {
    const byReason = new Map<string, string[]>();
    for (const kind of BOOK) {
      const reason = mixFit(facts, kind);
      if (reason !== 'suits') byReason.set(reason, [...(byReason.get(reason) ?? []), kind.common.toLowerCase()]);
    }
    return [...byReason];
  }, [facts]);
  const own = container.ownMix;
  const percent = (share: number) => `${Math.round(share * 100)} %`;
  return (
    <Sheet title="Mix" note={own ? own.name : MIX_NAMES[container.mix]}>
      <div className="grid gap-2.5 px-3.5 py-3">
        <PickField name="Mix" value={own ? 'own' : container.mix} options={[...MIX_IDS.map((id) => [id, MIX_NAMES[id]] as const), ['own', 'my own, from parts'] as const]} onPick={(mix: MixId | 'own') => put(mix === 'own' ? { ownMix: { name: 'My mix', parts: [{ part: 'peat-free mix', share: 2 }, { part: 'grit', share: 1 }] } } : { mix, ownMix: null }, 'Changed the mix')} />
        {own && (
          <div className="grid gap-1.5">
            <TextField name="Call it" value={own.name} onText={(name) => put({ ownMix: { ...own, name } }, 'Named the mix')} />
            {own.parts.map(({ part, share }, i) => (
              <div key={i} className="grid grid-cols-[1fr_90px_auto] items-end gap-3">
                <PickField name="Part" value={part} options={MIX_PART_IDS.map((id) => [id, id] as const)} onPick={(next) => put({ ownMix: { ...own, parts: own.parts.map((p, k) => (k === i ? { ...p, part: next } : p)) } }, 'Changed a part')} />
                <NumberField name="How many" places={1} value={share} error={faults[`container.ownMix.parts[${i}].share`]} onValue={(value) => put({ ownMix: { ...own, parts: own.parts.map((p, k) => (k === i ? { ...p, share: value } : p)) } }, 'Changed a part')} />
                <button type="button" className="press-plain pb-1.5" disabled={own.parts.length === 1} onClick={() => put({ ownMix: { ...own, parts: own.parts.filter((_, k) => k !== i) } }, 'Took a part out')}>Remove</button>
              </div>
            ))}
            {own.parts.length < 8 && <p className="grid grid-cols-[1fr_auto] items-end gap-3"><PickField name="Stir in" value={picked} options={MIX_PART_IDS.map((id) => [id, id] as const)} onPick={setPicked} /><button type="button" className="press-link pb-1.5" onClick={() => put({ ownMix: { ...own, parts: [...own.parts, { part: picked, share: 1 }] } }, 'Stirred in a part')}>Add one part</button></p>}
          </div>
        )}
        <dl className="grid grid-cols-[1fr_auto] gap-x-3 gap-y-0.5">
          <Row name="Air after draining">{percent(airShare(facts))}</Row>
          <Row name="Water it holds / that roots can draw">{percent(facts.waterShare)} / {percent(facts.waterShare - facts.wiltShare)}</Row>
          <Row name="A litre weighs, dry / watered">{weightText(facts.dryKgL, units)} / {weightText(facts.dryKgL + facts.waterShare, units)}</Row>
          <Row name="Feeds for about">{facts.feedsWeeks[1] === 0 ? 'not at all' : `${Math.round(facts.feedsWeeks[0])}–${Math.round(facts.feedsWeeks[1])} weeks`}</Row>
        </dl>
        {harmed.length === 0 ? <p className="text-ink2">Nothing in the book is harmed by it.</p> : harmed.map(([reason, names]) => <p key={reason}><b className="font-semibold">{REASONS[reason]}</b> {countText(names.length, 'kind')}, such as {names.slice(0, 3).join(', ')}.</p>)}
        {container.mix === 'aquatic' && !own && <p className="text-ink2">For pots that stand in water. In a drained pot it goes hard and airless.</p>}
      </div>
    </Sheet>
  );
}

const REASONS: Readonly<Record<string, string>> = { limy: 'Its lime yellows', 'stays wet': 'Stays too wet for', 'holds little': 'Holds too little water for', airless: 'Too little air for' };
