import { useEffect } from 'react';

const APP = 'Keen Ladle';
let screen = '';
let alarm = '';

function write(): void {
  document.title = alarm ? `⏰ ${alarm} · ${APP}` : screen ? `${screen} · ${APP}` : APP;
}

/** Names the screen in the page's title ("Paprika chicken: clock · Keen Ladle") while it is there. */
export function useTitle(words: string | undefined): void {
  useEffect(() => {
    screen = words?.trim().slice(0, 120) ?? '';
    write();
    return () => {
      screen = '';
      write();
    };
  }, [words]);
}

/** What rings stands before everything else in the title; empty words take it away. */
export function ringInTitle(words: string): void {
  alarm = words;
  write();
}
