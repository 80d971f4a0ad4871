// node tests/builders/measurePdf.mjs FILE…: what another library than the one that wrote them reads from PDFs, as JSON. A process of
// its own, because that library is an ES module only.
import { readFileSync } from 'node:fs';
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';

const MM = 25.4 / 72;
const isImage = new Set(
  Object.entries(OPS)
    .filter(([name]) => /Image/.test(name))
    .map(([, op]) => op),
);

const files = [];
for (const file of process.argv.slice(2)) {
  const pdf = await getDocument({
    data: new Uint8Array(readFileSync(file)),
    verbosity: 0,
    isEvalSupported: false,
  }).promise;
  const pages = [];
  for (let i = 1; i <= pdf.numPages; i += 1) pages.push(await measured(await pdf.getPage(i)));
  files.push(pages);
}
process.stdout.write(JSON.stringify(files));

async function measured(page) {
  const [, , width, height] = page.view;
  const { fnArray, argsArray } = await page.getOperatorList();
  const boxes = [];
  const fonts = new Set();
  let images = 0;
  fnArray.forEach((op, i) => {
    // No mark is drawn under a transformation; one that were would be measured wrong, so it is told.
    if (op === OPS.transform) throw new Error('A transformation was met.');
    if (isImage.has(op)) images += 1;
    if (op === OPS.setFont) fonts.add(argsArray[i][0]);
    if (op === OPS.constructPath) {
      const points = pointsOf(argsArray[i][0], argsArray[i][1]);
      const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
      boxes.push([
        Math.min(...xs) * MM,
        (height - Math.max(...ys)) * MM,
        Math.max(...xs) * MM,
        (height - Math.min(...ys)) * MM,
      ]);
    }
  });
  return {
    widthMm: width * MM,
    heightMm: height * MM,
    boxes,
    images,
    fonts: [...fonts].map((name) => {
      const font = page.commonObjs.get(name);
      return { name: font.name, isEmbedded: font.missingFile !== true };
    }),
  };
}

/** Points of a path: corners, and along its curves. */
function pointsOf(ops, coords) {
  const points = [];
  let at = 0;
  for (const op of ops) {
    if (op === OPS.moveTo || op === OPS.lineTo) points.push(coords.slice(at, (at += 2)));
    else if (op === OPS.curveTo) {
      const from = points[points.length - 1];
      const [a, b, c, d, e, f] = coords.slice(at, (at += 6));
      for (let t = 1 / 16; t <= 1; t += 1 / 16)
        points.push([bezier(from[0], a, c, e, t), bezier(from[1], b, d, f, t)]);
    } else if (op === OPS.rectangle) {
      const [x, y, w, h] = coords.slice(at, (at += 4));
      points.push([x, y], [x + w, y + h]);
    } else if (op !== OPS.closePath) throw new Error(`A path has something unknown: ${op}.`);
  }
  return points;
}

function bezier(from, a, b, to, t) {
  const u = 1 - t;
  return u * u * u * from + 3 * u * u * t * a + 3 * u * t * t * b + t * t * t * to;
}
