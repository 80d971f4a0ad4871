import { each, genusOf, type Rule } from './rule';

/** Another name is neither the bare name of another genus nor that of another species of the book; one sold under by mistake is no synonym. */
export const namesApart: Rule = (kinds) => {
  const species = new Set(kinds.map(({ botanical }) => botanical));
  const genera = new Set([...species].map(genusOf));
  const ownerOf = new Map<string, string>();
  for (const { botanical, synonyms } of kinds)
    for (const name of synonyms) if (!ownerOf.has(name)) ownerOf.set(name, botanical);
  return each(({ botanical, alsoCalled, british, american, synonyms, misapplied }) => [
    ...[...alsoCalled, ...british, ...american, ...synonyms].map(
      (name) =>
        ((genera.has(name) && name !== genusOf(botanical)) ||
          (species.has(name) && name !== botanical)) &&
        `also called ${name}, which is another plant of the book`,
    ),
    ...synonyms.map((name) => {
      const owner = ownerOf.get(name);
      return owner !== botanical && name.includes(' ') && `${name} is also a synonym of ${owner}`;
    }),
    ...misapplied.map(
      (name) => synonyms.includes(name) && `${name} is called a synonym and a mistake`,
    ),
  ])(kinds, () => []);
};

/** Words that name a product or a series rather than a plant; marks, and quoted cultivar names. */
const TRADE =
  /\b(nymph|campfire|fire sticks?|million bells?|blue daze|silver dust|wave|knock ?out|endless summer|series)\b|[®™]|[‘'][A-Z][a-z]+[’']/i;

/** No record names what is traded under a name of its own. */
export const noTradeNames = each(({ id, common, alsoCalled, british, american, description }) =>
  [id.replaceAll('-', ' '), common, description, ...alsoCalled, ...british, ...american].map(
    (text) => TRADE.test(text) && `"${text}" reads like a trade name`,
  ),
);
