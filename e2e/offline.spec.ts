import { expect } from '@playwright/test';
import { appendFileSync, cpSync, mkdtempSync, rmSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createApp } from '../server/app';
import { Kitchens } from '../server/devices/kitchens';
import { open, startCooking, stepTitle } from './cooking';
import { fresh } from './household';
import { photographed } from './printed';

fresh.use({ serviceWorkers: 'allow' });

/** The app from a folder of its own, served and stopped as the test wants. */
class OwnServer {
  readonly dist = mkdtempSync(join(tmpdir(), 'ladle-offline-'));
  readonly #kitchens = new Kitchens();
  #server: Server | undefined;
  #port = 0;

  constructor() {
    cpSync('dist', this.dist, { recursive: true });
  }

  get base(): string {
    return `http://127.0.0.1:${this.#port}`;
  }

  async start(): Promise<void> {
    const app = createApp({ distDir: this.dist, version: '0.0.0', kitchens: this.#kitchens });
    const server = app.listen(this.#port, '127.0.0.1');
    await new Promise((resolve) => server.once('listening', resolve));
    this.#port = (server.address() as AddressInfo).port;
    this.#server = server;
  }

  async stop(): Promise<void> {
    this.#server?.closeAllConnections();
    await new Promise((resolve) => (this.#server ? this.#server.close(resolve) : resolve(null)));
    this.#server = undefined;
  }

  async remove(): Promise<void> {
    await this.stop();
    this.#kitchens.close();
    rmSync(this.dist, { recursive: true });
  }
}

fresh(
  'after one visit a cook goes on without the server, and screens never seen open too',
  async ({ page }) => {
    const server = new OwnServer();
    await server.start();
    try {
      await page.goto(server.base);
      await page.locator('.dish-list > li').first().waitFor();
      await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
      await page.goto(`${server.base}/dish/paprika-chicken`);
      await startCooking(page);
      const title = await stepTitle(page).textContent();
      await server.stop();
      await page.reload();
      await expect(stepTitle(page)).toHaveText(title ?? '');
      await expect(page).toHaveTitle(/^At the pot: Paprika chicken/);
      for (const [path, heading] of [
        ['/kitchen', 'Ferry-house kitchen'],
        ['/minutes', 'Minutes under pressure'],
        ['/finish', 'How much starch?'],
        ['/dish/apricot-lamb/clock', 'The clock of'],
      ] as const) {
        await page.goto(server.base + path);
        await expect(page.locator('h1').first()).toContainText(heading);
      }
      await server.start();
      await page.goto(server.base);
      await expect(page.locator('.dish-list > li').first()).toBeVisible();
    } finally {
      await server.remove();
    }
  },
);

fresh(
  'a new version is announced, waits while something is cooked, and is taken with one tap',
  async ({ page }) => {
    const server = new OwnServer();
    await server.start();
    try {
      await open(page, server.base);
      await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
      const update = () =>
        page.evaluate(async () => void (await (await navigator.serviceWorker.ready).update()));
      appendFileSync(join(server.dist, 'sw.js'), '\n// another version\n');
      await page.goto(`${server.base}/dish/paprika-chicken`);
      await update();
      const line = page.locator('.shell-version');
      await expect(line).toContainText('A new version of Keen Ladle is here.');
      await startCooking(page);
      await expect(line).toContainText('waits until nothing is on the stove');
      await expect(line.getByRole('button')).toHaveCount(0);
      await page.getByRole('button', { name: 'Leave it off' }).click();
      await expect(page.getByText('This cook was left off.')).toBeVisible();
      await page.goto(server.base);
      await line.getByRole('button', { name: 'Take it now' }).click();
      await expect(line).toHaveCount(0);
      await expect(page.locator('.dish-list > li').first()).toBeVisible();
    } finally {
      await server.remove();
    }
  },
);

fresh(
  'what reads pictures is kept after the first picture, and reads the next without the server',
  async ({ page, browser }) => {
    const server = new OwnServer();
    await server.start();
    try {
      const picture = await photographed(browser, ['Lamb stew', '', '800 g lamb neck', '2 onions, sliced'], {
        font: 'Georgia, serif',
        sizePx: 24,
        degrees: 0,
        shade: 0.1,
        grain: 5,
      });
      const readIt = async (): Promise<void> => {
        await page
          .getByLabel('From a photo…')
          .setInputFiles({ name: 'page.png', mimeType: 'image/png', buffer: picture });
        await expect(page.getByRole('textbox', { name: 'Line: 800 g lamb neck' })).toBeVisible();
      };
      await page.goto(server.base);
      await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
      await page.goto(`${server.base}/dishes/new`);
      await readIt();
      await server.stop();
      await page.reload();
      await readIt();
    } finally {
      await server.remove();
    }
  },
);
