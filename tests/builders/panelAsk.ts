import { fromHex } from '@/core/colour/oklch';
import type { Scheme } from '@/core/colour/schemes';
import type { Container } from '@/core/containers/container';
import { usualContainer } from '@/core/containers/usual';
import { USUAL_HOUSE } from '@/core/plantings/house';
import { BOOK } from '@/core/plants/book/index';
import type { PlantKind } from '@/core/plants/kind';
import type { Ask } from '@/core/search/ask';
import { usualSpot } from '@/core/spots/spot';
import { usualSupport } from '@/core/plantings/support';
import { weekAfter, WEEKS_PER_YEAR } from '@/core/units/units';
import { NAMEABLE_COLOURS } from '@/ui/start/nameable';
import type { PanelAsk, Pot } from '../panel/asks';
import type { EighthAsk } from '../panel/heldEighth';
import type { HeldAsk } from '../panel/held';
import type { ThirdAsk } from '../panel/heldThird';

const BLUE = [0.5, 0.17, 275] as const;
const PINK = [0.7, 0.17, 0] as const;
const RED = [0.55, 0.22, 27] as const;

/** A scheme of the panel in the engine's terms. */
function schemeOf(words: string): Scheme {
  switch (words) {
    case 'opposites blue':
      return { kind: 'opposites', colour: BLUE };
    case 'tonal pink':
      return { kind: 'tonal', colour: PINK };
    case 'one-and-white red':
      return { kind: 'one-and-white', colour: RED };
    case 'green-and-white':
    case 'hot':
    case 'pastel':
    case 'dark-and-lime':
      return { kind: words };
    default:
      throw new Error(`No scheme ${words}.`);
  }
}

/** Colours by the names of the start sheet. */
function namedScheme(names: readonly string[]): Scheme {
  return {
    kind: 'named',
    colours: names.map((name) => {
      const swatch = NAMEABLE_COLOURS.find((each) => each.name === name);
      if (!swatch) throw new Error(`No colour ${name}.`);
      return fromHex(swatch.hex)!;
    }),
  };
}

function containerOf(pot: Pot): Container {
  const [shape, ...measures] = pot.split(' ');
  const [a = 0, b = 0, c = 0] = measures.map(Number);
  switch (shape) {
    case 'round':
      return usualContainer(
        'Pot',
        { kind: 'round', topCm: a, baseCm: a * 0.75, depthCm: b },
        'terracotta',
      );
    case 'bowl':
      return usualContainer('Bowl', { kind: 'bowl', topCm: a, depthCm: b }, 'terracotta');
    case 'box':
      return usualContainer(
        'Box',
        {
          kind: 'box',
          lengthCm: a,
          widthCm: b,
          baseLengthCm: a - 3,
          baseWidthCm: b - 2,
          depthCm: c,
        },
        'softwood',
      );
    case 'basket':
      return usualContainer('Basket', { kind: 'basket', topCm: a, depthCm: b }, 'coir');
    case 'urn':
      return usualContainer(
        'Urn',
        {
          kind: 'urn',
          profile: [
            { heightCm: 0, widthCm: a * 0.5 },
            { heightCm: b * 0.25, widthCm: a * 0.35 },
            { heightCm: b * 0.6, widthCm: a * 0.75 },
            { heightCm: b, widthCm: a },
          ],
        },
        'stone',
      );
    case 'square':
      return usualContainer(
        'Square',
        { kind: 'square', topCm: a, baseCm: a * 0.85, depthCm: b },
        'fibreglass',
      );
    case 'barrel':
      return usualContainer(
        'Half barrel',
        { kind: 'round', topCm: a, baseCm: a * 0.85, depthCm: b },
        'oak',
      );
    case 'wall':
      return usualContainer(
        'Half basket',
        { kind: 'wall', widthCm: a, projectionCm: a / 2, depthCm: b },
        'coir',
      );
    default:
      throw new Error(`No pot ${pot}.`);
  }
}

/** What the words of an ask come to in the app's wishes. */
const TOLD: Readonly<Record<string, Partial<Ask['wishes']>>> = {
  'herbs-by-kitchen': { likes: ['herbs'] },
  'mint-and-friends': { likes: ['herbs'] },
  'tomato-tub': { likes: ['fruit'] },
  'winter-salad': { likes: ['salad'] },
  'silver-gravel': { scheme: { kind: 'cool' } },
  'tea-garden': { likes: ['herbs'] },
  'restaurant-hedge': { school: 'screen' },
  'salad-children': { likes: ['fruit'] },
  'sweet-and-strawberry': { must: ['strawberry'] },
  bees: { likes: ['wildlife'] },
  'scent-evening': { likes: ['evening scent'] },
  'after-supper': { likes: ['evening scent'] },
  'grasses-modern': { company: 'meadow and grasses' },
  'alpine-sink': { company: 'alpine' },
  'succulent-bowl': { company: 'soft succulents' },
  'woodland-shade-perennial': { company: 'woodland shade' },
  'tropical-look-temperate': { company: 'bold tender foliage' },
  'old-fashioned': { company: 'summer bedding', school: 'repeat-run' },
  'low-under-window': { school: 'dome' },
  'formal-entrance': { company: 'evergreen structure' },
  'privacy-screen': { school: 'screen' },
  'big-budget-specimen': { school: 'specimen' },
  'lilac-and-silver-box': { scheme: { kind: 'cool' } },
  'prairie-porch': { company: 'bold tender foliage' },
};

/** Whose words tell of salt. */
const BY_THE_SEA = new Set(['seaside-balcony', 'pier-planters']);

/** Who does not water daily, by their own words, days. */
const WATERED_EVERY: Readonly<Record<string, number>> = {
  'forgetful-roof': 7,
  'dry-shade': 4,
  'grave-pot-summer': 7,
  'island-terrace-july-away': 7,
  'green-roof-bees': 3,
};

/**
 * An ask of the panel as it is put to the engine. Any colour will do where none is named: every scheme is tried by turns, from ask to
 * ask as the first lots were put, or from proposal to proposal as the app does now.
 */
export function panelAsk(
  ask: PanelAsk | HeldAsk | ThirdAsk | EighthAsk,
  at: number,
  kinds: readonly PlantKind[] = BOOK,
  isOpen = false,
): Ask {
  const told = 'told' in ask ? ask.told : undefined;
  const colours = 'colours' in ask ? ask.colours : undefined;
  const container = containerOf(ask.pot);
  const any: readonly Scheme[] = [{ kind: 'warm' }, { kind: 'cool' }, { kind: 'jewel' }];
  return {
    container,
    spot: usualSpot({
      id: 'spot',
      name: 'Spot',
      sunHours: ask.sunHours,
      sunWhen: ask.sunWhen ?? 'spread',
      view: ask.view ?? 'one side',
      pets: ask.reach === 'cats' || ask.reach === 'dogs',
      children: ask.reach === 'children',
      dropCm: ask.pot.startsWith('basket') ? 200 : ask.pot.startsWith('wall') ? 130 : 0,
      exposure: BY_THE_SEA.has(ask.id) || 'salt' in ask ? 'coast' : ask.windy ? 'balcony' : 'open',
      waters: {
        who: '',
        everyDays: WATERED_EVERY[ask.id] ?? 1,
        by: 'can',
        reservoirL: 0,
      },
      site: {
        latitudeDeg: ask.latitudeDeg,
        longitudeDeg: 0,
        timeZone: 'Europe/London',
        climate: ask.climate,
      },
    }),
    house: USUAL_HOUSE,
    plantedWeek: ask.week,
    // A whole year ends in the week before.
    endWeek: weekAfter(ask.week, Math.min(ask.weeks, WEEKS_PER_YEAR - 1)),
    kinds,
    seed: 1,
    ...(ask.id === 'climber-obelisk' ? { support: usualSupport(container, 'obelisk') } : {}),
    wishes: {
      scheme: ask.scheme ? schemeOf(ask.scheme) : any[at % any.length]!,
      fullInWeeks: Math.min(8, ask.weeks),
      budget: ask.budget ?? null,
      kitchen: ask.kitchen ?? false,
      must: [],
      never: [],
      school: 'any',
      ...('company' in ask ? { company: ask.company } : {}),
      ...('likes' in ask ? { likes: ask.likes } : {}),
      ...TOLD[ask.id],
      ...(isOpen && !ask.scheme && !told?.scheme && !colours ? { anyColours: true } : {}),
      ...(colours ? { scheme: namedScheme(colours) } : {}),
      ...('highCm' in ask && ask.highCm ? { tallestCm: ask.highCm } : {}),
      ...told,
    },
  };
}

/** Is a kind named in a list of the panel: by genus, or by genus and a word of it? */
export function isNamed({ botanical, id, common }: PlantKind, list: string): boolean {
  const said = `${botanical} ${id} ${common}`.toLowerCase();
  return list
    .toLowerCase()
    .split(' ')
    .some((name) => {
      const [genus = '', ...word] = name.split('-');
      return (
        botanical.toLowerCase().split(' ').includes(genus) &&
        (word.length === 0 || said.includes(word.join(' ')) || said.includes(word.join('-')))
      );
    });
}
