'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import { toHex } from '@/core/colour/oklch';
import { BOOK } from '@/core/plants/book/index';
import { findKinds } from '@/core/plants/find';
import { middle, ROLES, type PlantKind, type Role } from '@/core/plants/kind';
import { usualContainer } from '@/core/containers/usual';
import { seedOf } from '@/core/random/hash';
import { weekAfter } from '@/core/units/units';
import { PlantingPicture } from '@/ui/controls/PlantingPicture';
import { Swatches } from '@/ui/controls/Swatches';
import { Choices } from '@/ui/controls/Choices';
import { useSettings } from '@/ui/session/StoreProvider';
import { countText, dateText, hoursText, lengthFigure, moneyText, sizeName, temperatureText, type Units } from '@/words/format';
import { ROLE_NAMES } from '@/words/names';

const LIGHTS = { any: 'Any light', sun: 'Sun', half: 'Half', shade: 'Shade' } as const;
type Light = keyof typeof LIGHTS;
const LIGHT_HOURS: Readonly<Record<Exclude<Light, 'any'>, number>> = { sun: 7, half: 4, shade: 1.5 };

/** The book: every kind with its size drawn to one scale, and one kind looked at closely. */
export function PlantBook() {
  const settings = useSettings();
  const [query, setQuery] = useState('');
  const [role, setRole] = useState<Role | 'any'>('any');
  const [light, setLight] = useState<Light>('any');
  const [safe, setSafe] = useState(false);
  const [openId, setOpenId] = useState<string>(BOOK[0]!.id);
  const asked = useDeferredValue(query);
  const found = useMemo(
    () =>
      findKinds(BOOK, asked).filter(
        (kind) =>
          (role === 'any' || kind.roles.includes(role)) &&
          (light === 'any' || (kind.light.hours[0] <= LIGHT_HOURS[light] && kind.light.hours[1] >= LIGHT_HOURS[light])) &&
          (!safe || (kind.toxicity.people === 'none known' && kind.toxicity.pets === 'none known' && kind.irritant.skin === 'no')),
      ),
    [asked, role, light, safe],
  );
  const open = BOOK.find(({ id }) => id === openId) ?? BOOK[0]!;
  return (
    <div className="gap-6 pt-3.5 wide:grid wide:grid-cols-[minmax(0,1fr)_440px]">
      <div className="min-w-0">
        <h1 className="display text-[29px] leading-10">Plant book</h1>
        <p className="text-ink2">Sizes and weeks are typical of one season in a pot. The tag in hand and local advice win.</p>
        <div className="my-3 grid gap-2">
          <input type="search" aria-label="Find by name" placeholder="Find by name or word: salvia, lime, trailing" className="entry w-full max-w-[420px]" value={query} onChange={(event) => setQuery(event.target.value)} />
          <div className="flex flex-wrap gap-x-5 gap-y-2">
            <Choices name="Role" value={role} options={[['any', 'Any role'], ...ROLES.map((r) => [r, ROLE_NAMES[r]] as const)]} onPick={(r) => setRole(r as Role | 'any')} />
            <Choices name="Light" value={light} options={Object.entries(LIGHTS)} onPick={(l) => setLight(l as Light)} />
            <label className="flex min-h-8 items-center gap-2"><input type="checkbox" className="size-4 accent-[var(--ink)]" checked={safe} onChange={(event) => setSafe(event.target.checked)} />No harm known</label>
          </div>
        </div>
        <p role="status" className="pb-1 text-ink2">{countText(found.length, 'kind')} of {BOOK.length}, drawn as outlines to one scale</p>
        <ul className="grid grid-cols-1 bg-paper sm:grid-cols-2 wide:max-h-[620px] wide:overflow-y-auto">
          {found.map((kind) => (
            <li key={kind.id} className="border-b border-rule [contain-intrinsic-size:auto_64px] [content-visibility:auto]">
              <button type="button" aria-pressed={kind.id === open.id} onClick={() => setOpenId(kind.id)} className={`grid w-full grid-cols-[74px_1fr_52px] items-end gap-3 px-3 py-1.5 text-left ${kind.id === open.id ? 'bg-wash outline-2 -outline-offset-2 outline-ink' : 'hover:bg-wash'}`}>
                <Silhouette kind={kind} />
                <span className="self-center">
                  <span className="block leading-4 font-semibold">{kind.common}</span>
                  <span className="text-[12px] leading-4 text-ink2">{lengthFigure(kind.heightCm[0], settings.length)}–{lengthFigure(kind.heightCm[1], settings.length)} tall, {lengthFigure(kind.spreadCm[0], settings.length)}–{lengthFigure(kind.spreadCm[1], settings.length)} {settings.length} wide</span>
                </span>
                <span className="self-center"><Swatches kind={kind} height={20} /></span>
              </button>
            </li>
          ))}
        </ul>
        {found.length === 0 && <p className="bg-paper p-4">Nothing in the book matches. Loosen the light or the role, or try another word.</p>}
      </div>
      <KindPage kind={open} settings={settings} />
    </div>
  );
}

/** Scale of the outlines, px per cm. */
const OUTLINE_PX_PER_CM = 0.42;

/** Height, spread and trail as one outline: a growth silhouette. */
function Silhouette({ kind }: { readonly kind: PlantKind }) {
  const k = OUTLINE_PX_PER_CM;
  const h = Math.min(46, middle(kind.heightCm) * k);
  const w = Math.min(74, middle(kind.spreadCm) * k);
  const trail = kind.trailCm ? Math.min(22, middle(kind.trailCm) * k) : 0;
  const base = 48 - trail;
  const top = base - h;
  const shape = kind.habit === 'grass' || kind.habit === 'strap' ? `M37 ${base} Q${37 - w / 2} ${top} ${37 - w / 2} ${top + h * 0.4} Q${37 - w / 4} ${top - 2} 37 ${top} Q${37 + w / 4} ${top - 2} ${37 + w / 2} ${top + h * 0.4} Q${37 + w / 2} ${top} 37 ${base}Z`
    : kind.habit === 'upright' || kind.habit === 'spike' || kind.habit === 'climber' || kind.habit === 'paddle' || kind.habit === 'truss' || kind.habit === 'bulb' ? `M${37 - w / 5} ${base} Q${37 - w / 2} ${base - h * 0.4} ${37 - w / 3} ${base - h * 0.75} Q37 ${top - h * 0.12} ${37 + w / 3} ${base - h * 0.75} Q${37 + w / 2} ${base - h * 0.4} ${37 + w / 5} ${base}Z`
    : `M${37 - w / 2} ${base} Q${37 - w / 2} ${top} 37 ${top} Q${37 + w / 2} ${top} ${37 + w / 2} ${base} ${trail ? `Q${37 + w / 2 + 1} ${base + trail} ${37 + w / 2 - 3} ${base + trail} Q${37 + w / 2 - 7} ${base + 4} ${37 + w / 4} ${base} L${37 - w / 4} ${base} Q${37 - w / 2 + 7} ${base + 4} ${37 - w / 2 + 3} ${base + trail} Q${37 - w / 2 - 1} ${base + trail} ${37 - w / 2} ${base}` : ''}Z`;
  return (
    <svg width={74} height={50} aria-hidden className="block">
      <path d={shape} fill={toHex(kind.foliage.main)} stroke="var(--ink2)" strokeWidth={0.8} />
      {kind.bloom && kind.bloom.cover > 0.12 && <circle cx={37} cy={top + h * 0.28} r={Math.max(2, Math.min(6, w / 8))} fill={toHex(kind.bloom.main)} stroke="var(--ink2)" strokeWidth={0.6} />}
      <line x1={0} x2={74} y1={base + 0.5} y2={base + 0.5} stroke="var(--tick)" />
    </svg>
  );
}

/** One kind, drawn at planting, at six weeks and full grown to one scale, with all the book knows of it. */
function KindPage({ kind, settings }: { readonly kind: PlantKind; readonly settings: Units }) {
  const hung = kind.trailCm !== null;
  const planted = kind.bloom && !kind.bloom.continuous ? weekAfter(kind.bloom.weeks[0], -14) : 20;
  const tall = middle(kind.heightCm) + 16 + (kind.trailCm ? Math.max(0, middle(kind.trailCm) * 0.8 - 16) : 0);
  const pxPerCm = Math.min(190 / (tall * 1.14), 138 / (middle(kind.spreadCm) * 1.15), 7);
  const pot = usualContainer('nursery pot', { kind: 'round', topCm: 15, baseCm: 11, depthCm: 15 }, 'terracotta');
  const subject = { container: pot, hung, plantedWeek: planted, sunHours: (kind.light.hours[0] + kind.light.hours[1]) / 2, plants: [{ kind, xCm: 0, zCm: hung ? 4 : 0, seed: seedOf(kind.id), size: kind.sold[0]!.size }] };
  const below = kind.trailCm ? Math.max(2, middle(kind.trailCm) * 0.8 - 10) : 3;
  return (
    <article aria-label={kind.common} className="mt-6 self-start bg-paper wide:mt-0">
      <header className="px-4 pt-3">
        <h2 className="display text-[21px] leading-7">{kind.common}</h2>
        <p className="text-ink2"><i>{kind.botanical}</i>{kind.alsoCalled.length > 0 && `, also ${kind.alsoCalled.join(', ')}`}</p>
        <p className="pt-1">{kind.description}.</p>
      </header>
      <div className="mt-3 grid grid-cols-3 bg-field">
        {[0, 6, Math.max(14, Math.round(kind.weeksToFill * 1.2))].map((weeks) => (
          <figure key={weeks} className="border-r border-rule last:border-0">
            <PlantingPicture still subject={subject} weeks={weeks} widthPx={140} heightPx={210} lens={{ azimuthRad: 0.15, pitchRad: 0.16, pxPerCm, originX: 70, originY: 210 - below * pxPerCm }} label={`${kind.common} ${weeks} weeks after planting`} />
            <figcaption className="border-t-[1.5px] border-tick bg-strip px-2 py-1 text-[12.5px]">{weeks === 0 ? 'planting' : `${weeks} weeks`}</figcaption>
          </figure>
        ))}
      </div>
      <dl className="grid grid-cols-[124px_1fr] gap-y-1 px-4 py-3 [&>dt]:text-ink2">
        <dt>Role</dt><dd>{kind.roles.map((role) => ROLE_NAMES[role].toLowerCase()).join(', ')}</dd>
        <dt>Grows to</dt><dd>{range(kind.heightCm, settings)} tall, {range(kind.spreadCm, settings)} wide{kind.trailCm ? `, trails ${range(kind.trailCm, settings)}` : ''}, in about {countText(kind.weeksToFill, 'week')}</dd>
        <dt>Sun</dt><dd>{kind.light.hours[0]}–{hoursText(kind.light.hours[1])} a day; {kind.light.afternoon === 'scorches' ? 'scorches in afternoon sun' : kind.light.afternoon === 'wants' ? 'wants the afternoon too' : 'bears afternoon sun'}</dd>
        <dt>Water and feed</dt><dd>{kind.thirst} thirst{kind.dryBetween ? ', must dry between waterings' : ''}; {kind.feed === 'none' ? 'no feed' : `${kind.feed} feed`}</dd>
        <dt>Cold</dt><dd>bears about {temperatureText(kind.lowestC, settings)}{kind.bringInC !== null ? `; bring in below ${temperatureText(kind.bringInC, settings)} at night` : ''}</dd>
        {kind.bloom && <><dt>In flower</dt><dd>{dateText(kind.bloom.weeks[0])} to {dateText(kind.bloom.weeks[1])}{kind.bloom.deadhead ? '; deadhead' : ''}{kind.bloom.pinch ? '; pinch for bushiness' : ''}</dd></>}
        <dt>Eating</dt><dd>{kind.edible ? `${kind.edible}, only from plants sold for eating` : 'not for eating'}</dd>
        <dt>Care</dt><dd>People: {kind.toxicity.people}. Pets: {kind.toxicity.pets}. {kind.toxicity.note} {kind.irritant.skin !== 'no' && <b className="font-semibold">{kind.irritant.note}</b>}</dd>
        {kind.runsWild && <><dt>Runs wild</dt><dd>{kind.runsWild} Check local rules.</dd></>}
        <dt>Sold as</dt><dd>{kind.sold.map(({ size, price }) => `${sizeName(size, settings)} about ${moneyText(price, settings)}`).join('; ')}</dd>
        <dt>More plants</dt><dd>{kind.propagation}</dd>
      </dl>
    </article>
  );
}

function range([low, high]: readonly [number, number], { length }: Units): string {
  return `${lengthFigure(low, length)}–${lengthFigure(high, length)} ${length}`;
}
