import type { FactsOf } from '@/core/checks/rules/index';
import { capital } from '../format';
import { list, type WordsFor } from './teller';

/** Cautions: harm, gloves, handling, eating, running wild. */
export const SAFETY: WordsFor<'reach' | 'gloves' | 'handling' | 'edible' | 'runs-wild'> = {
  reach: (f, t) =>
    f === null
      ? {
          says: 'Nothing harmful within reach, as far as the book knows.',
          because: 'The book can be wrong or silent: the label, a doctor or a vet decides.',
        }
      : {
          says: `${capital(t.name(f.kind))} is within reach of ${f.who === 'both' ? 'pets and children' : f.who}.`,
          because: `${f.harm === 'none known' ? '' : `${capital(f.harm)}. `}${f.note} Check the label; ask a ${f.who === 'pets' ? 'vet' : 'doctor'} when in doubt.`,
        },
  gloves: (f, t) => ({
    says: `Wear gloves for ${list(f.kinds.map(t.name))}.`,
    because: withoutGloves(f.note),
  }),
  handling: (f) => ({
    says: CAUTION_HEADS[f.cautions[0]!],
    because: f.cautions.map((one) => CAUTION_TEXTS[one]).join(' '),
  }),
  edible: (f, t) =>
    f === null
      ? {
          says: 'Nothing harmful grows beside what you eat.',
          because: 'As far as the book knows. Eat only plants sold for eating.',
        }
      : {
          says: `${capital(t.name(f.harmful))} grows beside ${t.name(f.eaten)}, which is eaten.`,
          because: 'Leaves get picked together. Keep anything harmful or unsure away from food.',
        },
  'runs-wild': (f, t) => ({
    says: `${capital(t.name(f.kind))} can run wild.`,
    because: `${f.where} Check your local list; never tip it out in the wild.`,
  }),
};

const CAUTION_HEADS: Readonly<Record<FactsOf<'handling'>['cautions'][number], string>> = {
  overhead: 'It hangs or stands high: mind ladders and whoever passes below.',
  eating: 'Eat only plants sold for eating.',
  stores: 'Feeds and slug bait: locked away.',
  power: 'Water and electricity: ask an electrician.',
  'mix dust': 'Mind the dust of dry mix.',
  tools: 'Mind the blades.',
};
const CAUTION_TEXTS: Readonly<Record<FactsOf<'handling'>['cautions'][number], string>> = {
  overhead:
    'Ladder on firm level ground with someone at its foot, or lower the container to work on it; over a path, ask who is answerable for it.',
  eating: 'No feed or spray made for ornamentals on them; wash what you pick.',
  stores:
    'Keep feeds, slug bait and sprays out of reach of children and pets, in their own packs, by their labels.',
  power:
    'A pump or timer near water wants a protected outdoor circuit, put in by a licensed electrician.',
  'mix dust':
    'Damp the mix before tipping it, wear gloves, wash hands: dry mix can carry legionella.',
  tools: 'Sharp, clean blades, cut away from the hand, closed when laid down.',
};

/** What touch may do, without what is said already: to wear gloves. */
const withoutGloves = (note: string): string =>
  note.replace('; wear gloves and ', '; ').replace('; wear gloves', '');
