import { capital } from './format';
import { colourName } from '@/core/colour/names';
import { coloursOf, leadingColour } from '@/core/plants/colours';
import type { KindId, PlantKind } from '@/core/plants/kind';
import type { Proposal } from '@/core/search/proposal';
import { hueGapDeg } from '@/core/colour/oklch';
import { isDark, isGround, isWhite } from '@/core/colour/schemes';
import { inSentence } from './names';

type KindOf = (id: KindId) => PlantKind | null;

/** One sentence on what a proposal is about: who leads, what fills, what spills, and what ties it together. */
export function aboutText(
  proposal: Pick<Proposal, 'lead' | 'bodies' | 'edges'>,
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
  return `${start}${edge}: ${ideaOf([proposal.lead, ...proposal.bodies, ...proposal.edges], kindOf)}.`;
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
