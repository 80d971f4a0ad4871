import { escaped } from '@/core/files/markup';

/** What a page tells of one planting. */
export interface PageParts {
  readonly title: string;
  /** Where it stands and since when. */
  readonly under: string;
  readonly pictures: readonly { readonly src: string; readonly told: string }[];
  /** The plan as SVG of our own making; empty: none. */
  readonly planSvg: string;
  readonly plants: readonly {
    readonly letter: string;
    readonly name: string;
    readonly botanical: string;
    readonly count: number;
    readonly size: string;
  }[];
  readonly care: readonly string[];
  readonly diary: readonly { readonly day: string; readonly text: string }[];
  readonly cautions: readonly string[];
}

const STYLE = `
:root { color-scheme: light; }
body { margin: 0 auto; max-width: 46rem; padding: 1.5rem 1rem 3rem; color: #191f22; background: #fafbfe; font: 16px/1.5 system-ui, sans-serif; }
h1 { font-size: 2rem; line-height: 1.15; margin: 0; }
h2 { font-size: 1.15rem; margin: 2rem 0 .4rem; border-top: 2px solid #191f22; padding-top: .5rem; }
h2.planting { font-size: 1.6rem; margin-top: 3rem; break-before: page; }
figure { margin: 1rem 0; } figure img { max-width: 100%; background: #e2e3e3; }
figcaption, .under, td.quiet { color: #4b5458; }
table { border-collapse: collapse; width: 100%; } td { padding: .3rem .6rem .3rem 0; border-top: 1px solid #c9cdcf; vertical-align: top; }
ul { padding-left: 1.2rem; } svg { max-width: 100%; height: auto; }
@media print { body { max-width: none; } figure, table { break-inside: avoid; } }
`;

/** A page that stands by itself: no script, nothing fetched, to be sent, kept or printed. @param title of the page, where it is of several plantings */
export function pageHtml(
  plantings: readonly PageParts[],
  title = plantings[0]?.title ?? '',
): string {
  const isOfSeveral = plantings.length > 1;
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; img-src data:; style-src 'unsafe-inline'">
<title>${escaped(title)}</title>
<style>${STYLE}</style>
</head>
<body>
${isOfSeveral ? `<h1>${escaped(title)}</h1>\n` : ''}${plantings.map((parts) => articleHtml(parts, isOfSeveral)).join('')}</body>
</html>
`;
}

/** One planting of a page. */
function articleHtml(parts: PageParts, isOfSeveral: boolean): string {
  const list = (title: string, items: readonly string[]) =>
    items.length === 0
      ? ''
      : `<h2>${escaped(title)}</h2>\n<ul>\n${items.map((item) => `<li>${escaped(item)}</li>`).join('\n')}\n</ul>\n`;
  const figures = parts.pictures
    .map(
      ({ src, told }) =>
        `<figure><img src="${escaped(src)}" alt="${escaped(told)}"><figcaption>${escaped(told)}</figcaption></figure>`,
    )
    .join('\n');
  const rows = parts.plants
    .map(
      ({ letter, name, botanical, count, size }) =>
        `<tr><td><b>${escaped(letter)}</b></td><td>${escaped(name)}<br><i>${escaped(botanical)}</i></td><td class="quiet">${count} × ${escaped(size)}</td></tr>`,
    )
    .join('\n');
  const diary = parts.diary
    .map(
      ({ day, text }) => `<tr><td class="quiet">${escaped(day)}</td><td>${escaped(text)}</td></tr>`,
    )
    .join('\n');
  const heading = isOfSeveral ? 'h2 class="planting"' : 'h1';
  return `<${heading}>${escaped(parts.title)}</${heading.split(' ')[0]}>
<p class="under">${escaped(parts.under)}</p>
${figures}
<h2>Plants</h2>
<table><tbody>
${rows}
</tbody></table>
${parts.planSvg === '' ? '' : `<h2>Plan</h2>\n${parts.planSvg}\n`}${list('Care', parts.care)}${list('Mind', parts.cautions)}${diary === '' ? '' : `<h2>What happened</h2>\n<table><tbody>\n${diary}\n</tbody></table>\n`}`;
}
