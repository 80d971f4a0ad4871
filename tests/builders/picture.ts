import type { Page } from '@playwright/test';

/** A picture as a camera might write it: made in the page, so that it is a real JPEG. */
export async function picture(page: Page): Promise<Buffer> {
  const base64 = await page.evaluate(() => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 900, height: 1200 });
    const ink = canvas.getContext('2d')!;
    ink.fillStyle = '#9ab';
    ink.fillRect(0, 0, 900, 1200);
    ink.fillStyle = '#a52';
    ink.fillRect(270, 816, 360, 300);
    ink.fillStyle = '#383';
    ink.fillRect(430, 300, 40, 516);
    return canvas.toDataURL('image/jpeg').split(',')[1]!;
  });
  return Buffer.from(base64, 'base64');
}
