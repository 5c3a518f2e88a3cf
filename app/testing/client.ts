import type {
  FoundRecipe,
  HeatInput,
  Kitchen,
  MinutesRow,
  Pot,
  RangeAnswer,
  ReadPage,
  Turned,
} from '../../core/index';
import { planning } from '../workers/planning';

/** The worker's door without a worker: the same work, on the same thread. */
let jobs = 0;

/** Answers come later, as they do from another thread. */
export const planningWorker = () => ({
  bundle: async (...ask: Parameters<typeof planning.bundle>) => planning.bundle(...ask),
  packed: async (...ask: Parameters<typeof planning.packed>) => planning.packed(...ask),
  opened: async (...ask: Parameters<typeof planning.opened>) => planning.opened(...ask),
  joined: async (...ask: Parameters<typeof planning.joined>) => planning.joined(...ask),
  outlooks: async (...ask: Parameters<typeof planning.outlooks>) => planning.outlooks(...ask),
  pots: async (...ask: Parameters<typeof planning.pots>) => planning.pots(...ask),
  rest: async (...ask: Parameters<typeof planning.rest>) => planning.rest(...ask),
  schools: async (...ask: Parameters<typeof planning.schools>) => planning.schools(...ask),
});

export function startRanges(
  ask: { input: HeatInput; minutes: number; lead: number; runs: number },
  tell: (answer: RangeAnswer) => void,
): () => void {
  const job = ++jobs;
  void planning.ranges(job, ask.input, ask.minutes, ask.lead, ask.runs, tell);
  return () => planning.drop(job);
}

export function startPage(
  ask: { text: string; ownFoods: Kitchen['ownFoods']; turned: Turned },
  tell: (share: number) => void,
  whole: (page: ReadPage) => void,
): () => void {
  const job = ++jobs;
  void planning.page(job, ask.text, ask.ownFoods, ask.turned, tell).then((page) => page && whole(page));
  return () => planning.drop(job);
}

export function startRecipes(
  ask: { files: readonly { name: string; text: string }[]; ownFoods: Kitchen['ownFoods'] },
  tell: (done: number) => void,
  whole: (found: FoundRecipe[][]) => void,
): () => void {
  const job = ++jobs;
  void planning.recipes(job, ask.files, ask.ownFoods, tell).then((found) => found && whole(found));
  return () => planning.drop(job);
}

export function startMinutes(
  pot: Pot,
  kitchen: Kitchen,
  tell: (row: MinutesRow) => void,
  whole: () => void,
): () => void {
  const job = ++jobs;
  void planning.minutes(job, pot, kitchen, tell).then(whole);
  return () => planning.drop(job);
}
