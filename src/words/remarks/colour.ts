import { capital, countText } from '../format';
import { lackText } from '../lacks';
import { schemeText } from '../names';
import { list, type WordsFor } from './teller';

/** Colour and leaf: scheme, pot, neighbours, echoes, texture. */
export const COLOUR: WordsFor<
  | 'scheme'
  | 'pot-contrast'
  | 'background'
  | 'neighbours'
  | 'echo'
  | 'texture'
  | 'muddle'
  | 'dark-light'
  | 'sparkle'
  | 'colour-sight'
> = {
  scheme: (f, t) => {
    const wanted = schemeText(f.scheme);
    if (f.odd && !t.right)
      return {
        says: `${capital(t.name(f.odd))} stands outside ${wanted}.`,
        because: `The whole fits the scheme to ${Math.round(f.fit * 100)}%.`,
      };
    if (f.missing.length > 0 && !t.right)
      return {
        says: `For ${wanted} it lacks ${list(f.missing.map((each) => withThe(lackText(each, f.scheme))))}.`,
        because: `What is there fits to ${Math.round(f.fit * 100)}%.`,
      };
    return t.right
      ? {
          says: `The colours read as ${wanted}.`,
          because: `They fit the scheme to ${Math.round(f.fit * 100)}%, weighed by what is seen.`,
        }
      : {
          says: `The colours make only half of ${wanted}.`,
          because: `They fit to ${Math.round(f.fit * 100)}%, weighed by what is seen.`,
        };
  },
  'pot-contrast': (f, t) =>
    t.right
      ? {
          says: 'What hangs over the rim stands out from the pot.',
          because: `Nearest in colour is ${t.name(f.kind)}, plainly another shade.`,
        }
      : {
          says: `${capital(t.name(f.kind))} melts into the pot’s colour.`,
          because: 'It hangs in front of the pot and is nearly the same shade.',
        },
  background: (f, t) =>
    t.right
      ? {
          says: 'It stands out from what is behind it.',
          because: `Nearest in colour is ${t.name(f.kind)} against the ${f.layer.toLowerCase()}.`,
        }
      : f.fault === 'clash'
        ? {
            says: `${capital(t.name(f.kind))} is at odds with the ${f.layer.toLowerCase()} behind it.`,
            because: `Both are strong and neither neighbours nor opposites, from about ${countText(f.weeks, 'week')} on.`,
          }
        : {
            says: `${capital(t.name(f.kind))} is lost against the ${f.layer.toLowerCase()}.`,
            because: `Nearly one colour, from about ${countText(f.weeks, 'week')} on. Something lighter or darker behind or before it parts them.`,
          },
  neighbours: (f, t) =>
    t.right
      ? { says: 'Neighbours differ in colour.', because: 'No one colour clumps.' }
      : f.alike
        ? {
            says:
              f.alike[0] === f.alike[1]
                ? `${capital(t.name(f.alike[0]))} stands beside its own kind: one colour clumps.`
                : `${capital(t.name(f.alike[0]))} and ${t.name(f.alike[1])} merge side by side.`,
            because: 'Let another come between, unless you want it to flow.',
          }
        : {
            says: 'Neighbours are close in colour.',
            because: 'It flows, but nothing stands out; schools differ on this.',
          },
  echo: (f, t) => ({
    says:
      f.part === 'pot'
        ? `${capital(t.name(f.to))} takes up the colour of the container.`
        : f.part === 'behind'
          ? `${capital(t.name(f.to))} takes up the ${f.from.toLowerCase()} behind it.`
          : `The ${f.part} of ${t.name(f.from)} echoes ${t.name(f.to)}.`,
    because: 'A minor colour picked up again ties the planting together.',
  }),
  texture: (f, t) =>
    t.right
      ? {
          says: 'Leaves differ well: it holds without flowers.',
          because:
            f.textures > 1
              ? `${countText(f.textures, 'leaf texture')} among ${countText(f.kinds, 'kind')}.`
              : `One leaf texture, but other shapes and colours among ${countText(f.kinds, 'kind')}.`,
        }
      : {
          says:
            f.middlingGreens > 1
              ? 'A muddle of middling green leaves once flowers stop.'
              : 'The leaves are much alike.',
          because: `${f.middlingGreens > 0 ? `${f.middlingGreens} of ${countText(f.kinds, 'kind')} have plain green leaves of middling size. ` : ''}A bold, fine or coloured leaf would help.`,
        },
  muddle: (f, t) =>
    t.right
      ? {
          says: 'No muddle of middling green leaves.',
          because: `${f.middling} of ${countText(f.plants, 'plant')} have plain green leaves of middling size.`,
        }
      : {
          says: 'Without flowers it is a muddle of middling green leaves.',
          because: `${f.middling} of ${countText(f.plants, 'plant')} have them${f.flowerlessWeeks > 0 ? `, and ${countText(f.flowerlessWeeks, 'week')} ${f.flowerlessWeeks === 1 ? 'goes' : 'go'} without flowers` : ''}. A bold, fine, dark or pale leaf would hold it.`,
        },
  'dark-light': (f, t) =>
    t.right
      ? {
          says: `${capital(t.name(f.beside || f.kind))} sets off the dark of ${t.name(f.kind)}.`,
          because: 'A dark plant wants a light one beside it.',
        }
      : {
          says: `${capital(t.name(f.kind))} has no light neighbour.`,
          because: 'Dark leaves read as a hole until something pale, white or lime touches them.',
        },
  sparkle: (f, t) => ({
    says: `A little light from ${t.name(f.kind)} lifts the rest.`,
    because: `About ${Math.round(f.share * 100)}% of what is seen is white, silver or lime.`,
  }),
  'colour-sight': (f, t) =>
    t.right
      ? {
          says: 'The colours also part for eyes that confuse red and green.',
          because: `Nearest then are ${t.name(f.a)} and ${t.name(f.b)}.`,
        }
      : {
          says: `To eyes that confuse red and green, ${t.name(f.a)} and ${t.name(f.b)} look alike.`,
          because:
            'About one man in twelve has such eyes. A difference in lightness is seen by all.',
        },
};

/** "the opposite colour", but "white" and "violet". */
const withThe = (lack: string) => (lack.endsWith(' colour') ? `the ${lack}` : lack);
