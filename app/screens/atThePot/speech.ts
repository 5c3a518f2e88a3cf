import { keepSmall, readKept } from '../../parts/kept';
import { useEffect, useState } from 'react';
import type { Step } from '../../../core/index';

const KEY = 'keen-ladle-aloud';

/** Whether steps are read aloud by the browser's own voice; off until somebody switches it on, remembered in this browser. */
export function useAloud(step: Step | null): { canSpeak: boolean; isOn: boolean; toggle: () => void } {
  const canSpeak = 'speechSynthesis' in window;
  const [isOn, setOn] = useState(() => canSpeak && readKept(KEY) === 'on');
  const words = step
    ? [step.title, step.text, ...step.items.map((i) => `${i.amount} ${i.name}`), step.look, ...step.cautions]
        .filter(Boolean)
        .join('. ')
    : '';
  useEffect(() => {
    if (!isOn || !words) return;
    speechSynthesis.cancel();
    speechSynthesis.speak(new SpeechSynthesisUtterance(words));
    return () => speechSynthesis.cancel();
  }, [isOn, words]);
  return {
    canSpeak,
    isOn,
    toggle: () => {
      setOn(!isOn);
      keepSmall(KEY, isOn ? 'off' : 'on');
    },
  };
}
