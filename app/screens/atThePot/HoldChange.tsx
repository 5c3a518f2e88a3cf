import { useEffect } from 'react';
import Button from 'react-bootstrap/Button';
import { formatDuration, type EventPayload, type HoldAdvice, type LiveRest } from '../../../core/index';
import type { Tell } from './tell';

/** The minutes under pressure changed: what is told, and the running timer with it. */
function holdFor({ seconds, plannedS, sentence }: HoldAdvice): EventPayload[] {
  return [
    { type: 'holdSet', seconds, reason: sentence.slice(0, 200) },
    { type: 'timerAdded', timerId: 'hold', seconds: Math.round(seconds - plannedS) },
  ];
}

/** What happened asks for other minutes: said with its reason, and taken with one tap, or by itself where the household said so. */
export function HoldChange({
  advice,
  rest,
  takesItself,
  tell,
  say,
}: {
  advice: HoldAdvice;
  rest: LiveRest;
  takesItself: boolean;
  tell: Tell;
  say: (text: string) => void;
}) {
  useEffect(() => {
    if (!takesItself) return;
    tell(...holdFor(advice));
    say(advice.sentence);
    // Once for each advice: taken, it is not asked again.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [takesItself, advice.seconds]);
  if (takesItself) return null;
  const { seconds, plannedS, sentence } = advice;
  const ofHundred = Math.round(rest.under * 100);
  return (
    <p className="at-pot-advice" role="status">
      {sentence}{' '}
      {seconds > plannedS && ofHundred > 0 && (
        <span className="soft">
          After {formatDuration(plannedS)}, {ofHundred} of 100 kitchens like this one would have a piece under
          or tough.{' '}
        </span>
      )}
      <Button size="sm" onClick={() => tell(...holdFor(advice))}>
        Hold {formatDuration(seconds)}
      </Button>{' '}
      <Button
        size="sm"
        variant="quiet"
        onClick={() => tell({ type: 'holdSet', seconds: Math.round(plannedS), reason: 'kept as planned' })}
      >
        Keep {formatDuration(plannedS)}
      </Button>
    </p>
  );
}
