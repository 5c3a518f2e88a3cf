import { z } from 'zod';
import { AIMS, DishSchema } from '../dish/dish';
import { THICKENER_IDS } from '../sauce/data/thickeners';
import { MEASURING_IDS } from '../sauce/measure';

const id = z.string().regex(/^[A-Za-z0-9_-]{1,80}$/);
const text = (max: number) => z.string().max(max);
const positive = z.number().positive().max(100000);

/** The forecast as it stood when the cook began: what the log compares with. Seconds. */
const ForecastSchema = z.object({
  totalS: z.object({ low: z.number(), mid: z.number(), high: z.number() }),
  comeUpS: z.number(),
  holdS: z.number(),
  releaseS: z.number(),
  sauceG: z.number(),
  coreAtOpenC: z.number().nullable(),
  /** Learned factors already inside `comeUpS` and `releaseS`, so that the log can compare with the bare model. */
  comeUpFactor: z.number().positive().default(1),
  releaseFactor: z.number().positive().default(1),
});
export type CookForecast = z.infer<typeof ForecastSchema>;

/** How it turned out, in three taps. */
export const VERDICTS = {
  meat: ['under', 'right', 'over'],
  sauce: ['thin', 'right', 'thick'],
  salt: ['low', 'right', 'high'],
} as const;

const seconds = z.number().min(0).max(86400).nullable();

/** Stretches as the cook says they really were, where a tap was forgotten or late; null keeps what the taps say. */
const ToldTimesSchema = z.object({ comeUpS: seconds, holdS: seconds, releaseS: seconds });
export type ToldTimes = z.infer<typeof ToldTimesSchema>;

/** Everything that can happen in a cook. Append-only; the state is their fold. */
const Payload = z.discriminatedUnion('type', [
  z.object({
    type: z.literal('started'),
    dish: DishSchema,
    potId: id,
    potName: text(60),
    forecast: ForecastSchema,
  }),
  z.object({ type: z.literal('stepDone'), stepId: text(80) }),
  z.object({ type: z.literal('stepSkipped'), stepId: text(80), reason: text(200) }),
  z.object({ type: z.literal('wentBack'), stepId: text(80) }),
  z.object({
    type: z.literal('timerStarted'),
    timerId: id,
    name: text(60),
    seconds: z.number().int().min(1).max(86400),
  }),
  z.object({ type: z.literal('timerAdded'), timerId: id, seconds: z.number().int().min(-3600).max(3600) }),
  z.object({ type: z.literal('timerStopped'), timerId: id }),
  z.object({ type: z.literal('timerHeard'), timerId: id }),
  z.object({ type: z.literal('sealed') }),
  z.object({ type: z.literal('pressureReached') }),
  /** The minutes under pressure were changed while it held, because of when pressure came; the reason in the cook's words. */
  z.object({ type: z.literal('holdSet'), seconds: z.number().int().min(0).max(86400), reason: text(200) }),
  z.object({ type: z.literal('holdEnded') }),
  z.object({ type: z.literal('pinDown') }),
  z.object({
    type: z.literal('coreMeasured'),
    tempC: z.number().min(-30).max(130),
    /** In what it was measured, in the cook's words. */
    where: text(60).optional(),
  }),
  z.object({
    type: z.literal('sauceMeasured'),
    sauceG: positive,
    how: z.enum(MEASURING_IDS),
    aim: z.enum(AIMS),
    presentPercent: z.number().min(0).max(20),
    thickener: z.enum(THICKENER_IDS).optional(),
    laterG: z.number().min(0).max(5000).optional(),
  }),
  z.object({
    type: z.literal('thickened'),
    thickener: z.enum(THICKENER_IDS),
    starchG: z.number().min(0).max(2000),
    waterG: z.number().min(0).max(5000),
  }),
  /** A finding that said stop, cooked all the same: in its own words. */
  z.object({ type: z.literal('overruled'), text: text(300) }),
  /** Something held back that went in before the pressure was gone, against advice. */
  z.object({ type: z.literal('addedEarly'), lineId: text(60), name: text(120), harm: text(300) }),
  /** A simulated kitchen was plugged in: from here the cook's clock runs at its speed. `wallAt` is the wall's clock. */
  z.object({
    type: z.literal('plugged'),
    kitchenId: z.string().regex(/^[a-z0-9-]{1,60}$/),
    name: text(60),
    speed: z.number().min(0.1).max(240),
    simulated: z.boolean(),
    wallAt: z.number().int().nonnegative(),
  }),
  z.object({ type: z.literal('unplugged'), wallAt: z.number().int().nonnegative() }),
  z.object({ type: z.literal('paused') }),
  z.object({ type: z.literal('resumed') }),
  /** The wall's clock was set back while cooking: everything before is told by the old one. */
  z.object({ type: z.literal('clockMoved'), byMs: z.number().int().min(-864e5).max(864e5) }),
  /** After the boil: what the spoon shows against what the sum promised, per cent. */
  z.object({
    type: z.literal('spoonShown'),
    seenPercent: z.number().min(0).max(20),
    promisedPercent: z.number().min(0).max(20),
  }),
  /** The pot burned or did not come to pressure, and what the cook found. */
  z.object({
    type: z.literal('trouble'),
    kind: z.enum(['burn', 'no-pressure']),
    causeId: id,
    /** What to remember for next time, in words. */
    remember: text(200),
  }),
  z.object({ type: z.literal('served') }),
  z.object({
    type: z.literal('verdict'),
    meat: z.enum(VERDICTS.meat).nullable(),
    sauce: z.enum(VERDICTS.sauce).nullable(),
    salt: z.enum(VERDICTS.salt).nullable(),
    note: text(2000),
    times: ToldTimesSchema.optional(),
  }),
  z.object({ type: z.literal('finished') }),
  z.object({ type: z.literal('abandoned'), reason: text(200) }),
  z.object({ type: z.literal('undone'), eventId: id }),
]);
export type EventPayload = z.infer<typeof Payload>;

/** One event: unique id, which cook, and the wall clock in epoch milliseconds when it happened. */
export const CookEventSchema = z
  .object({ id, cookId: id, at: z.number().int().nonnegative(), seq: z.number().int().nonnegative() })
  .and(Payload);
export type CookEvent = z.infer<typeof CookEventSchema>;
