import { useRef } from 'react';

interface FocusBack {
  restoreFocus: false;
  enforceFocus: boolean;
  onShow: () => void;
  onExit: () => void;
}

/**
 * What a panel or a question is given so that the focus goes back to where it came from as it *begins* to leave. Given back when it
 * has left, a third of a second later, it would be taken from whatever the cook is in by then.
 */
export function useFocusBack(isOpen: boolean): FocusBack {
  const from = useRef<Element | null>(null);
  return {
    restoreFocus: false,
    enforceFocus: isOpen,
    onShow: () => (from.current = document.activeElement),
    onExit: () => {
      if (from.current instanceof HTMLElement && from.current.isConnected)
        from.current.focus({ preventScroll: true });
    },
  };
}
