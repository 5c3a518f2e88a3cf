import { useEffect, useRef } from 'react';

/** True where the focus is nowhere, or on what led here: a screen that has taken it for something of its own keeps it. */
function isFree(main: HTMLElement): boolean {
  const { activeElement } = document;
  return !activeElement || activeElement === document.body || !main.contains(activeElement);
}

/**
 * With every navigation the focus goes to the heading of the new screen, so that a reader begins there and the next Tab goes on from it.
 * A screen that comes late is waited for; the very first one is left to the browser.
 */
export function useHeadingFocus(pathname: string): void {
  const isFirst = useRef(true);
  useEffect(() => {
    if (isFirst.current) {
      isFirst.current = false;
      return;
    }
    const main = document.getElementById('main');
    if (!main) return;
    const focus = (): boolean => {
      const heading = main.querySelector('h1');
      if (!heading) return false;
      heading.tabIndex = -1;
      if (isFree(main)) heading.focus({ preventScroll: true });
      return true;
    };
    if (focus()) return;
    const waiting = new MutationObserver(() => focus() && waiting.disconnect());
    waiting.observe(main, { childList: true, subtree: true });
    return () => waiting.disconnect();
  }, [pathname]);
}
