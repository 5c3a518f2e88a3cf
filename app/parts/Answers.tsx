import Button from 'react-bootstrap/Button';
import type { Answer } from '../../core/index';

/** What is asked about a line, with its likely answers as buttons: one tap and it is read so. */
export function Answers({
  all,
  onAnswer,
}: {
  all: readonly Answer[] | undefined;
  onAnswer: (answer: Answer) => void;
}) {
  if (!all?.length) return null;
  return (
    <span className="answers" role="group" aria-label="Likely answers">
      {all.map((answer) => (
        <Button
          key={answer.label}
          size="sm"
          variant="quiet"
          title={`Reads then: ${answer.text}`}
          onClick={() => onAnswer(answer)}
        >
          {answer.label}
        </Button>
      ))}
    </span>
  );
}
