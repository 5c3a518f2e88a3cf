import 'fake-indexeddb/auto';
import { TextDecoder, TextEncoder } from 'node:util';
import { deserialize, serialize } from 'node:v8';

/** What the stand-in browser of the unit tests lacks and the screens use. */
const width = (): number => window.innerWidth;

Object.assign(globalThis, {
  TextEncoder,
  TextDecoder,
  structuredClone: <T>(value: T): T => deserialize(serialize(value)) as T,
  ResizeObserver: class {
    observe(): void {}
    unobserve(): void {}
    disconnect(): void {}
  },
  matchMedia: (query: string) => ({
    matches: /max-width/.test(query) ? width() <= Number(/(\d+)px/.exec(query)?.[1] ?? 0) : false,
    media: query,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
    addListener: () => undefined,
    removeListener: () => undefined,
  }),
  scrollTo: () => undefined,
  // No style sheet is loaded here: what is written at the element is all there is, and working out the rest takes a tenth of all time.
  getComputedStyle: (element: HTMLElement) => element.style,
  /** Put in by the build. */
  __BUILD__: 'test',
});
// Screens change by themselves when the database or the planning speaks: nobody can wrap that.
const complain = console.error;
console.error = (...words: unknown[]) => {
  if (!/not wrapped in act|finished loading inside a test/.test(String(words[0]))) complain(...words);
};
Element.prototype.scrollIntoView = () => undefined;
URL.createObjectURL = () => 'blob:kept';
URL.revokeObjectURL = () => undefined;
/** The stand-in's files give no bytes and no text of their own. */
Blob.prototype.text ??= async function text(this: Blob): Promise<string> {
  return new TextDecoder().decode(await this.arrayBuffer());
};
Blob.prototype.arrayBuffer ??= function arrayBuffer(this: Blob): Promise<ArrayBuffer> {
  return new Promise((resolve) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as ArrayBuffer);
    reader.readAsArrayBuffer(this);
  });
};
