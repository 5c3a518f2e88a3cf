import type { Browser } from '@playwright/test';

/** How a printed page is photographed: in which type, turned how far, shaded and grained how much. */
export interface Shot {
  font: string;
  sizePx: number;
  degrees: number;
  shade: number;
  grain: number;
}

const escaped = (text: string): string => text.replace(/&/g, '&amp;').replace(/</g, '&lt;');

/** A page of print as a photo of it: lines one under the other, each as it stands in `lines`; an empty one is a gap. */
export async function photographed(
  browser: Browser,
  lines: readonly string[],
  { font, sizePx, degrees, shade, grain }: Shot,
): Promise<Buffer> {
  const page = await browser.newPage({ viewport: { width: 900, height: 1200 } });
  const html = lines
    .map((l, i) => (l ? `<p class="${i === 0 ? 'name' : ''}">${escaped(l)}</p>` : '<br>'))
    .join('');
  await page.setContent(`<style>
    body { margin: 0; background: #b9b2a4; }
    .page { position: absolute; inset: 40px; padding: 50px 60px; background: #f4efe2; color: #231f1a; font: ${sizePx}px/1.5 ${font}; transform: rotate(${degrees}deg); }
    p { margin: 0; } .name { font-size: 1.5em; margin-bottom: .6em; }
    .shade { position: absolute; inset: 0; background: linear-gradient(120deg, rgb(0 0 0 / 0), rgb(20 15 5 / ${shade})); }
    canvas { position: absolute; inset: 0; mix-blend-mode: multiply; }
  </style><div class="page">${html}</div><div class="shade"></div><canvas width="900" height="1200"></canvas>`);
  await page.evaluate((most) => {
    const pen = document.querySelector('canvas')?.getContext('2d');
    if (!pen) return;
    const image = pen.createImageData(900, 1200);
    let seed = 7;
    for (let i = 0; i < image.data.length; i += 4) {
      seed = (seed * 1103515245 + 12345) % 2147483648;
      image.data[i] = image.data[i + 1] = image.data[i + 2] = 255 - most * (seed / 2147483648);
      image.data[i + 3] = 255;
    }
    pen.putImageData(image, 0, 0);
  }, grain);
  const picture = await page.screenshot({ type: 'png' });
  await page.close();
  return picture;
}
