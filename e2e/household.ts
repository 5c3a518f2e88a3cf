import { test as base, type BrowserContext, type Page } from '@playwright/test';
import { isReady, open } from './cooking';

/** A test with a browser of its own that nobody has opened before: for what is about the first opening, or moves the clock. */
export { test as fresh } from '@playwright/test';

/** Where nothing of the app runs, so that its storage can be put back. */
const QUIET = '/api/health';

/** A browser slows down with every page that was ever open in it: after so many tests another takes its place. */
const TESTS_IN_ONE = 6;

type State = Awaited<ReturnType<BrowserContext['storageState']>>;

/** A browser in which the household has been made; renewed, from what was made in the first, before it grows slow. */
class Household {
  #tests = 0;
  #context: BrowserContext | undefined;
  #state: State | undefined;

  constructor(readonly fresh: (state: State | undefined) => Promise<BrowserContext>) {}

  /** The browser for the next test. */
  async browser(): Promise<BrowserContext> {
    if (this.#context && this.#tests < TESTS_IN_ONE) {
      this.#tests++;
      return this.#context;
    }
    await this.close();
    this.#tests = 1;
    this.#context = await this.fresh(this.#state);
    if (!this.#state) {
      const page = await this.#context.newPage();
      await open(page);
      await page.goto(QUIET);
      await page.evaluate(keepCopy);
      this.#state = await this.#context.storageState({ indexedDB: true });
      await page.close();
    }
    return this.#context;
  }

  async close(): Promise<void> {
    await this.#context?.close();
  }
}

/**
 * A household made once in each worker. `page` begins every test with it as it was made, whatever the test before has done: its
 * storage is put back, which takes a twentieth of making it anew. `look` is for screens that are only looked at: nothing is put back.
 */
export const test = base.extend<{ look: Page }, { household: Household }>({
  household: [
    async ({ browser }, use, info) => {
      const { baseURL, timezoneId } = info.project.use;
      const household = new Household((storageState) =>
        browser.newContext({
          ...(baseURL ? { baseURL } : {}),
          ...(timezoneId ? { timezoneId } : {}),
          ...(storageState ? { storageState } : {}),
          serviceWorkers: 'block',
          viewport: { width: 1280, height: 800 },
        }),
      );
      await use(household);
      await household.close();
    },
    { scope: 'worker' },
  ],
  context: async ({ household }, use) => {
    const context = await household.browser();
    await use(context);
    for (const page of context.pages()) await page.close();
  },
  page: async ({ context }, use) => {
    const page = await context.newPage();
    await page.goto(QUIET);
    await page.evaluate(putBack);
    isReady.add(page);
    await use(page);
  },
  look: async ({ context }, use) => {
    await use(await context.newPage());
  },
});

/** In the page: copies every database and the local storage into a database of the tests' own. */
async function keepCopy(): Promise<void> {
  const asked = <T>(request: IDBRequest<T>): Promise<T> =>
    new Promise((resolve, reject) => {
      request.onsuccess = () => resolve(request.result);
      request.onerror = () => reject(request.error as Error);
    });
  const copies: { db: string; store: string; rows: unknown[]; keys: IDBValidKey[] }[] = [];
  for (const { name } of await indexedDB.databases()) {
    const db = await asked(indexedDB.open(name ?? ''));
    for (const store of db.objectStoreNames) {
      const from = db.transaction(store).objectStore(store);
      copies.push({
        db: name ?? '',
        store,
        rows: await asked(from.getAll()),
        keys: from.keyPath === null ? await asked(from.getAllKeys()) : [],
      });
    }
    db.close();
  }
  const opening = indexedDB.open('e2e-copy', 1);
  opening.onupgradeneeded = () => opening.result.createObjectStore('all');
  const copy = await asked(opening);
  const all = copy.transaction('all', 'readwrite').objectStore('all');
  await asked(all.put(copies, 'databases'));
  await asked(all.put({ ...localStorage }, 'local'));
  copy.close();
}

/** In the page: puts the copies back over whatever is there. */
async function putBack(): Promise<void> {
  const asked = <T>(request: IDBRequest<T>): Promise<T> =>
    new Promise((resolve, reject) => {
      request.onsuccess = () => resolve(request.result);
      request.onerror = () => reject(request.error as Error);
    });
  const copy = await asked(indexedDB.open('e2e-copy', 1));
  const all = copy.transaction('all').objectStore('all');
  const copies = (await asked(all.get('databases'))) as {
    db: string;
    store: string;
    rows: unknown[];
    keys: IDBValidKey[];
  }[];
  const local = (await asked(all.get('local'))) as Record<string, string>;
  copy.close();
  for (const name of new Set(copies.map((c) => c.db))) {
    const db = await asked(indexedDB.open(name));
    const mine = copies.filter((c) => c.db === name);
    const work = db.transaction(
      mine.map((c) => c.store),
      'readwrite',
    );
    for (const { store, rows, keys } of mine) {
      const into = work.objectStore(store);
      into.clear();
      rows.forEach((row, i) => (into.keyPath === null ? into.put(row, keys[i]) : into.put(row)));
    }
    await new Promise<void>((resolve, reject) => {
      work.oncomplete = () => resolve();
      work.onerror = work.onabort = () => reject(work.error as Error);
    });
    db.close();
  }
  localStorage.clear();
  sessionStorage.clear();
  for (const [key, value] of Object.entries(local)) localStorage.setItem(key, value);
}
