import { proxy, wrap, type Remote } from 'comlink';
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
import type { Planning } from './planning';

let planning: Remote<Planning> | undefined;
let jobs = 0;

/** The one worker that plans away from the screen, started when first asked for. */
export function planningWorker(): Remote<Planning> {
  return (planning ??= wrap<Planning>(
    new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' }),
  ));
}

/** Starts a job that tells as it goes; what it returns drops the job, after which it tells nothing more. */
function start<T>(
  run: (job: number, tell: (answer: T) => void) => Promise<unknown>,
  tell: (answer: T) => void,
  whole?: () => void,
): () => void {
  const job = ++jobs;
  let wanted = true;
  let done = false;
  void run(
    job,
    proxy((answer: T) => {
      if (wanted) tell(answer);
    }),
  ).then(() => {
    done = true;
    if (wanted) whole?.();
  });
  return () => {
    wanted = false;
    if (!done) void planningWorker().drop(job);
  };
}

/** Runs a cook in many kitchens; tells better and better ranges. */
export function startRanges(
  ask: { input: HeatInput; minutes: number; lead: number; runs: number },
  tell: (answer: RangeAnswer) => void,
): () => void {
  return start((job, t) => planningWorker().ranges(job, ask.input, ask.minutes, ask.lead, ask.runs, t), tell);
}

/** Tells a long page apart, with the share that is read so far. */
export function startPage(
  ask: { text: string; ownFoods: Kitchen['ownFoods']; turned: Turned },
  tell: (share: number) => void,
  whole: (page: ReadPage) => void,
): () => void {
  return start<number>(async (job, t) => {
    const page = await planningWorker().page(job, ask.text, ask.ownFoods, ask.turned, t);
    if (page) whole(page);
  }, tell);
}

/** Reads the recipes of many files, with how many are done. */
export function startRecipes(
  ask: { files: readonly { name: string; text: string }[]; ownFoods: Kitchen['ownFoods'] },
  tell: (done: number) => void,
  whole: (found: FoundRecipe[][]) => void,
): () => void {
  return start<number>(async (job, t) => {
    const found = await planningWorker().recipes(job, ask.files, ask.ownFoods, t);
    if (found) whole(found);
  }, tell);
}

/** Computes the table of minutes of a pot, row by row. */
export function startMinutes(
  pot: Pot,
  kitchen: Kitchen,
  tell: (row: MinutesRow) => void,
  whole: () => void,
): () => void {
  return start((job, t) => planningWorker().minutes(job, pot, kitchen, t), tell, whole);
}
