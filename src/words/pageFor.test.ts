import { escaped } from '@/core/files/markup';
import { pageHtml } from './pageFor';

const PARTS = {
  title: 'Tub <script>alert(1)</script>',
  under: 'Platform, planted 14 May',
  pictures: [{ src: 'data:image/png;base64,AAAA', told: 'As it stands "now"' }],
  planSvg: '<svg xmlns="http://www.w3.org/2000/svg"></svg>',
  plants: [{ letter: 'A', name: 'Bronze flax', botanical: 'Phormium', count: 2, size: '2 L pot' }],
  care: ['Water when an inch down is dry & light.'],
  diary: [{ day: '14 May', text: 'Planted <b>' }],
  cautions: ['Wear gloves.'],
} as const;

test('nothing that was written becomes markup, and nothing is fetched or run', () => {
  const html = pageHtml([PARTS]);
  expect(html).not.toContain('<script');
  expect(html).not.toContain('Planted <b>');
  expect(html).toContain('Tub &lt;script&gt;');
  expect(html).toContain("default-src 'none'");
  expect(html.match(/(src|href)="(?!data:)/g)).toBeNull();
  expect(escaped(`<&>"'`)).toBe('&lt;&amp;&gt;&quot;&#39;');
});

test('every part that there is has its place, and none that is empty leaves a heading', () => {
  expect(headingsOf(pageHtml([PARTS]))).toEqual([
    'Plants',
    'Plan',
    'Care',
    'Mind',
    'What happened',
  ]);
  const bare = pageHtml([{ ...PARTS, planSvg: '', care: [], diary: [], cautions: [] }]);
  expect(headingsOf(bare)).toEqual(['Plants']);
});

test('several plantings are one page under one title, each by its own name', () => {
  const html = pageHtml([PARTS, { ...PARTS, title: 'Box' }], 'All <that> stands');
  expect(html.match(/<h1>/g)).toHaveLength(1);
  expect(html).toContain('<h1>All &lt;that&gt; stands</h1>');
  expect([...html.matchAll(/<h2 class="planting">([^<]*)</g)].map(([, text]) => text)).toEqual([
    'Tub &lt;script&gt;alert(1)&lt;/script&gt;',
    'Box',
  ]);
  expect(html.match(/<!doctype html>/g)).toHaveLength(1);
});

/** Headings of a page, read without a browser. */
function headingsOf(html: string): readonly string[] {
  return [...html.matchAll(/<h2>([^<]*)<\/h2>/g)].map(([, text]) => text!);
}
