/**
 * A pure function that keeps its last `most` answers by a key: most edits of a dish change little of what it is worked out from.
 * Answers are shared, so treat them as read-only. When it is full it forgets the one that was made longest ago.
 */
export function kept<Ask, Answer>(
  most: number,
  keyOf: (ask: Ask) => string,
  make: (ask: Ask) => Answer,
): (ask: Ask) => Answer {
  const before = new Map<string, Answer>();
  return (ask) => {
    const key = keyOf(ask);
    const answer = before.get(key);
    if (answer !== undefined) return answer;
    const made = make(ask);
    if (before.size >= most) before.delete(before.keys().next().value as string);
    before.set(key, made);
    return made;
  };
}
