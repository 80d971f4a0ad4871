import { american } from '@/words/american';

/** How the page is spelled just now. British is what is written in the source, and what a page is made with. */
let now: { readonly isAmerican: boolean; readonly own: RegExp | null } = {
  isAmerican: false,
  own: null,
};

/**
 * From now on the page is spelled so.
 * @param names what the gardener gave a name: it stays as it was written, wherever it stands
 * @returns the names that would be spelled otherwise: a page written before they were known is written anew
 */
export function spellAs(isAmerican: boolean, names: readonly string[] = []): readonly string[] {
  const kept = isAmerican ? names.filter((name) => name.trim() && american(name) !== name) : [];
  now = { isAmerican, own: kept.length > 0 ? anyOf(kept) : null };
  return kept;
}

/** Any of several texts, the longest first. */
const anyOf = (texts: readonly string[]): RegExp =>
  new RegExp(
    `(${[...texts]
      .sort((a, b) => b.length - a.length)
      .map((text) => text.replace(/[.*+?^${}()|[\]\\]/gu, '\\$&'))
      .join('|')})`,
    'u',
  );

/** A text of the app as it is spelled for the market that was chosen. */
export function spelled(text: string): string {
  if (!now.isAmerican) return text;
  if (!now.own) return american(text);
  // What is split off in brackets comes every second time.
  return text
    .split(now.own)
    .map((part, i) => (i % 2 === 0 ? american(part) : part))
    .join('');
}

/** What is read out or shown of an element besides what stands in it. */
const READ_ALOUD = ['aria-label', 'aria-description', 'placeholder'] as const;
const READ = [...READ_ALOUD, 'title', 'alt', 'label'] as const;
/** Elements in which no words of the app stand. */
const NO_WORDS: ReadonlySet<string> = new Set(['script', 'style', 'textarea']);

type Props = Readonly<Record<string, unknown>>;

/** An element's properties with its words spelled for the market; what is somebody’s own words (`translate="no"`) stays as it was written. */
export function spelledProps(type: unknown, props: Props): Props {
  if (!now.isAmerican || props['translate'] === 'no') return props;
  const isElement = typeof type === 'string';
  const changed: Record<string, unknown> = {};
  if (!isElement || !NO_WORDS.has(type)) {
    const children = spelledChildren(props['children']);
    if (children !== props['children']) changed['children'] = children;
  }
  // Of a component only what is surely words: its other properties may be asked for by name. Libraries hand them on unspelled.
  for (const name of isElement ? READ : READ_ALOUD) {
    const text = props[name];
    if (typeof text === 'string') changed[name] = spelled(text);
  }
  return Object.keys(changed).length > 0 ? { ...props, ...changed } : props;
}

function spelledChildren(children: unknown): unknown {
  if (typeof children === 'string') return spelled(children);
  if (!Array.isArray(children) || !children.some((child) => typeof child === 'string'))
    return children;
  return children.map((child: unknown) => (typeof child === 'string' ? spelled(child) : child));
}

/** An option of a chart with its words spelled for the market. */
export function spelledDeep<T>(value: T): T {
  if (!now.isAmerican) return value;
  const walk = (one: unknown): unknown => {
    if (typeof one === 'string') return spelled(one);
    if (Array.isArray(one)) return one.map(walk);
    // What is made of a class, or a function, is no words.
    if (one === null || typeof one !== 'object' || Object.getPrototypeOf(one) !== Object.prototype)
      return one;
    return Object.fromEntries(Object.entries(one).map(([key, part]) => [key, walk(part)]));
  };
  return walk(value) as T;
}
