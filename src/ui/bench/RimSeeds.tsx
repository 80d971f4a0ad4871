import { lightFit } from '@/core/suitability/light';
import { middle, type PlantKind } from '@/core/plants/kind';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Tick } from '@/ui/controls/Tick';
import { useLibrary } from '@/ui/session/LibraryProvider';
import type { Editing } from '@/ui/session/useEditing';
import { inSentence } from '@/words/names';

/** Most kinds that are offered, and how high what is sown at a rim may grow, cm. Ours. */
const OFFERED = 6;
const LOW_CM = 45;
/** Most kinds that are sown. As the planting takes them. */
const MOST = 4;

/** Kinds sown where they grow, round the rim: bought as seed, sown on potting day. */
export function RimSeeds({
  editing: { planting, it, apply },
}: {
  readonly editing: Pick<Editing, 'planting' | 'it' | 'apply'>;
}) {
  const { kinds, kindOf } = useLibrary();
  const sown = planting.rimSeeds ?? [];
  const offered = [
    ...sown.map((id) => kindOf(id)).filter((kind): kind is PlantKind => kind !== null),
    ...sowable(kinds, it).filter(({ id }) => !sown.includes(id)),
  ].slice(0, Math.max(OFFERED, sown.length));
  if (offered.length === 0) return null;
  return (
    <fieldset className="grid gap-1">
      <legend className="pb-1 font-semibold">Sown round the rim</legend>
      {offered.map((kind) => (
        <Tick
          key={kind.id}
          checked={sown.includes(kind.id)}
          disabled={!sown.includes(kind.id) && sown.length >= MOST}
          onChange={(event) =>
            apply({
              kind: 'sow',
              kinds: event.target.checked
                ? [...sown, kind.id]
                : sown.filter((id) => id !== kind.id),
            })
          }
        >
          {inSentence(kind.common)}
        </Tick>
      ))}
      <p className="text-ink2">
        Bought and sown, but not drawn: what comes up is a matter of luck.
      </p>
    </fieldset>
  );
}

/** Low kinds that are sown where they grow and like this light, what trails first; one of each species. */
function sowable(kinds: readonly PlantKind[], { spot }: PlantingInSpot): readonly PlantKind[] {
  const species = new Set<string>();
  return kinds
    .filter(
      (kind) =>
        kind.propagation.includes('seed where it grows') &&
        middle(kind.heightCm) <= LOW_CM &&
        lightFit(kind, spot).score >= 0.9,
    )
    .sort((a, b) => Number(b.trailCm !== null) - Number(a.trailCm !== null))
    .filter(({ botanical }) => {
      const name = botanical.split(' ').slice(0, 2).join(' ');
      return species.has(name) ? false : species.add(name);
    });
}
