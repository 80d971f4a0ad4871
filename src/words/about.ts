import { capital } from './format';
import { colourName } from '@/core/colour/names';
import { coloursOf, leadingColour } from '@/core/plants/colours';
import type { KindId, PlantKind } from '@/core/plants/kind';
import type { Proposal } from '@/core/search/proposal';
import { hueGapDeg } from '@/core/colour/oklch';
import { isDark, isGround, isWhite } from '@/core/colour/sorts';
import { lackText } from './lacks';
import { inSentence } from './names';

type KindOf = (id: KindId) => PlantKind | null;

/** One sentence on what a proposal is about: who leads, what fills, what spills, and what ties it together. */
export function aboutText(
  proposal: Pick<Proposal, 'lead' | 'bodies' | 'edges' | 'beneath'>,
  kindOf: KindOf,
): string {
  const name = (id: KindId) => inSentence(kindOf(id)?.common ?? id);
  const join = (ids: readonly KindId[]) => ids.map(name).join(' and ');
  const spills = proposal.edges.some((id) => kindOf(id)?.trailCm);
  const edge =
    proposal.edges.length > 0
      ? `, ${join(proposal.edges)} ${spills ? 'spilling' : 'at the rim'}`
      : '';
  const start = proposal.lead
    ? `${capital(name(proposal.lead))} over ${proposal.bodies.length > 0 ? join(proposal.bodies) : 'the edge'}`
    : capital(proposal.bodies.length > 0 ? join(proposal.bodies) : 'trailers alone');
  const asleep = join(proposal.beneath ?? []);
  return `${start}${edge}: ${ideaOf([proposal.lead, ...proposal.bodies, ...proposal.edges], kindOf)}.${
    asleep && ` Beneath, until spring: ${asleep}.`
  }`;
}

/** The idea of a proposal as its name: "Scarlet and gold beneath bronze flax", "A dome of pink and white". */
export function ideaTitle(
  { school, lead, bodies, edges }: Pick<Proposal, 'school' | 'lead' | 'bodies' | 'edges'>,
  kindOf: KindOf,
): string {
  const name = (id: KindId | null | undefined) => inSentence((id && kindOf(id)?.common) || '');
  const kinds = [...bodies, ...edges, lead].flatMap((id) => (id ? (kindOf(id) ?? []) : []));
  const first = lead ?? bodies[0] ?? edges[0];
  const fullest = bodies[0] ?? edges[0];
  // What is named with its colour need not have it told again.
  const named = school === 'shares' ? fullest : school === 'leaf-led' ? first : null;
  return capital(IDEAS[school](coloursIn(kinds, named), name(first), name(fullest)));
}

/** The ideas of proposals that are shown together as their names: those that one name would fit are told apart by their fullest kind. */
export function ideaTitles(
  proposals: readonly Pick<Proposal, 'school' | 'lead' | 'bodies' | 'edges'>[],
  kindOf: KindOf,
): readonly string[] {
  const titles = proposals.map((one) => ideaTitle(one, kindOf));
  return titles.map((title, i) => {
    if (titles.filter((other) => other === title).length === 1) return title;
    const { bodies, edges, lead } = proposals[i]!;
    const fullest = [...bodies, ...edges, lead].find((id) => id !== null && kindOf(id));
    return fullest ? `${title}, with ${inSentence(kindOf(fullest)!.common)}` : title;
  });
}

const besides = (colours: string): string => (colours ? `, with ${colours}` : '');

const IDEAS: Readonly<
  Record<Proposal['school'], (colours: string, first: string, body: string) => string>
> = {
  thriller: (colours, first) => `${colours} beneath ${first}`,
  dome: (colours) => `a dome of ${colours}`,
  screen: (colours, first) => `a screen of ${first}`,
  'repeat-run': (colours) => `a run of ${colours}`,
  shares: (colours, _, body) => `mostly ${body}${besides(colours)}`,
  'leaf-led': (colours, first) => `leaves first: ${first}${besides(colours)}`,
  'clustered-odds': (colours) => `clusters of ${colours}`,
  'opposite-pairs': (colours) => `pairs in ${colours}`,
  specimen: (_, first) => `${first} for itself`,
  'evergreen-frame': (colours) => `an evergreen frame with ${colours}`,
  kitchen: (_, first, body) => `to eat: ${first}${body && body !== first ? ` with ${body}` : ''}`,
  group: (colours) => `one of a group, ${colours}`,
};

/**
 * Up to two colours by name, those of the fuller kinds first; leaves where there is no flower to name.
 * @param but a kind whose colour is told already
 * @returns empty where there is no other colour than that
 */
function coloursIn(kinds: readonly PlantKind[], but: KindId | null = null): string {
  const told = kinds.filter(({ id }) => id === but).flatMap(colourNames);
  const all = [...new Set(kinds.flatMap(colourNames))];
  const named = all.filter((one) => !told.includes(one));
  if (named.length === 0 && all.length > 0) return '';
  if (named.length > 0) return named.slice(0, 2).join(' and ');
  return kinds.some(({ foliage }) => isDark(foliage.main)) ? 'dark and green leaves' : 'greens';
}

/** The colour a kind is known by, where it has one. */
function colourNames(kind: PlantKind): readonly string[] {
  const colour = leadingColour(kind);
  if (isWhite(colour)) return ['white'];
  return isGround(colour) ? [] : [colourName(colour)];
}

/** What of the wish a proposal cannot show: "No lime to be had in those weeks." Empty when it has all. */
export function missingText({ missing, scheme }: Pick<Proposal, 'missing' | 'scheme'>): string {
  if (missing.length === 0) return '';
  return `Not all you wished: no ${missing.map((each) => lackText(each, scheme)).join(' and no ')} to be had here in those weeks.`;
}

/** What the colours and leaves do together. */
function ideaOf(ids: readonly (KindId | null)[], kindOf: KindOf): string {
  const kinds = ids
    .map((id) => (id ? kindOf(id) : null))
    .filter((kind): kind is PlantKind => kind !== null);
  const hues = kinds.map(leadingColour).filter((colour) => !isGround(colour));
  const dark = kinds.filter((kind) => isDark(kind.foliage.main));
  const bright = kinds.some((kind) => kind.foliage.main[0] > 0.78 && !isWhite(kind.foliage.main));
  if (dark.length > 0 && bright) return 'dark and bright leaves set each other off';
  const far = hues.some((a, i) => hues.some((b, j) => j < i && hueGapDeg(a[2], b[2]) > 140));
  if (far) {
    const [a, b] = [
      hues[0]!,
      hues.find((h) => hueGapDeg(h[2], hues[0]![2]) > 100) ?? hues[hues.length - 1]!,
    ];
    return colourName(a) === colourName(b)
      ? 'strong contrast'
      : `${colourName(a)} against ${colourName(b)}`;
  }
  if (kinds.filter((kind) => kind.bloom === null).length >= Math.ceil(kinds.length * 0.6))
    return 'a leaf planting that holds all season';
  const whites = kinds.some((kind) =>
    coloursOf(kind).some(({ colour, weight }) => isWhite(colour) && weight > 0.2),
  );
  const named = [...new Set(hues.map(colourName))];
  if (named.length === 0)
    return whites ? 'white and green, cool and calm' : 'greens in different leaves';
  return `${named.slice(0, 3).join(', ')}${whites ? ' with white sparkle' : ''}`;
}
