/** What a browser's markup says as plain lines, and the structured data that came with it. */
export interface HtmlText {
  text: string;
  /** Contents of JSON-LD scripts, as they stand. */
  jsonLd: string[];
}

const SKIPPED = new Set([
  'SCRIPT',
  'STYLE',
  'NOSCRIPT',
  'TEMPLATE',
  'SVG',
  'IFRAME',
  'NAV',
  'FOOTER',
  'FORM',
  'BUTTON',
  'SELECT',
  'VIDEO',
  'AUDIO',
  'CANVAS',
  'HEAD',
]);
const BLOCKS = new Set([
  'P',
  'DIV',
  'LI',
  'UL',
  'OL',
  'TR',
  'TABLE',
  'H1',
  'H2',
  'H3',
  'H4',
  'H5',
  'H6',
  'SECTION',
  'ARTICLE',
  'HEADER',
  'MAIN',
  'ASIDE',
  'BR',
  'HR',
  'DT',
  'DD',
  'BLOCKQUOTE',
  'FIGURE',
  'PRE',
]);
/** Deepest nesting that is followed. */
const DEEPEST = 400;

/**
 * Turns markup into lines: a block a line, headings and list points kept as such, everything that is not text left out. The markup is
 * parsed by the browser into a page that is never shown and runs nothing.
 */
export function htmlText(html: string): HtmlText {
  const page = new DOMParser().parseFromString(html, 'text/html');
  const jsonLd = [...page.querySelectorAll('script[type="application/ld+json"]')].map(
    (s) => s.textContent ?? '',
  );
  const out: string[] = [];
  let line = '';
  const end = (): void => {
    const plain = line.replace(/[\s\u00a0]+/g, ' ').trim();
    if (plain && !/^(?:- |\d+\. |# )$/.test(plain)) out.push(plain);
    line = '';
  };
  const walk = (node: Node, depth: number): void => {
    if (node.nodeType === Node.TEXT_NODE) {
      line += node.textContent ?? '';
      return;
    }
    if (!(node instanceof Element) || depth > DEEPEST || SKIPPED.has(node.tagName.toUpperCase())) return;
    const isBlock = BLOCKS.has(node.tagName);
    if (isBlock) end();
    if (node.tagName === 'H1') line += '# ';
    if (node.tagName === 'LI') line += node.parentElement?.tagName === 'OL' ? `${positionOf(node)}. ` : '- ';
    if (node.tagName === 'TD' || node.tagName === 'TH') line += ' ';
    for (const child of node.childNodes) walk(child, depth + 1);
    if (isBlock) {
      end();
      if (/^H[1-6]$|^(?:UL|OL|SECTION|TABLE)$/.test(node.tagName) && out.at(-1) !== '') out.push('');
    }
  };
  walk(page.body, 0);
  end();
  return { text: out.join('\n').trim(), jsonLd };
}

function positionOf(item: Element): number {
  return [...(item.parentElement?.children ?? [])].indexOf(item) + 1;
}
