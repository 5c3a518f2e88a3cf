// Draws the app's icons from its own mark: a plain one, and one with room around it for devices that cut icons to a shape.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from 'playwright-core';
import { chromiumPath } from './chromium.mjs';
import { root } from './tools.mjs';

const PAPER = '#f5f1e8';
const mark = readFileSync(join(root, 'app/public/ladle.svg'), 'utf8');
const out = join(root, 'app/public/icons');
mkdirSync(out, { recursive: true });
const browser = await chromium.launch({ executablePath: chromiumPath(), args: ['--no-sandbox'] });
const page = await browser.newPage();
for (const { name, size, share } of [
  { name: 'icon-192', size: 192, share: 0.78 },
  { name: 'icon-512', size: 512, share: 0.78 },
  { name: 'icon-maskable-512', size: 512, share: 0.56 },
]) {
  await page.setViewportSize({ width: size, height: size });
  await page.setContent(
    `<style>body{margin:0;background:${PAPER};display:grid;place-items:center;height:100vh}svg{width:${share * 100}vw}</style>${mark}`,
  );
  writeFileSync(join(out, `${name}.png`), await page.screenshot());
  console.log(`Drawn: app/public/icons/${name}.png`);
}
await browser.close();
