import express, { Router, type Request, type Response } from 'express';
import { z } from 'zod';
import { CommandSchema, KitchenRequestSchema, type Reading } from '../../core/index';
import { MOST_KITCHENS, type Kitchens, type SimKitchen } from './kitchens';

/** Largest body that is read. */
const MOST_BODY = '64kb';
/** Commands a kitchen takes in a second; more is a flood. */
const MOST_COMMANDS = 20;
/** A silent stream says something this often, so that a dead connection is noticed, ms. */
const HEARTBEAT_MS = 10_000;
/** Streams that are open at once; a household has a few tabs and three devices. */
export const MOST_STREAMS = 48;
/** Where a kitchen is asked to drop its connections: how long one lives, ms of the wall. */
const DROPS_AFTER_MS = 1500;
/** A reader that does not read is let go at this many bytes waiting. */
const MOST_WAITING = 1_000_000;

const ChangeSchema = z.object({ speed: z.number().min(0.1).max(240) });
const AfterSchema = z.coerce.number().int().min(0).max(1e12).catch(0);

const no = (response: Response, status: number, message: string): void => {
  response.status(status).json({ ok: false, message });
};

/** The devices of this server: listing, making, telling, and streams of readings that can be taken up again where they broke. */
export function deviceRoutes(kitchens: Kitchens): Router {
  const router = Router();
  let streams = 0;
  const told = new Map<string, { second: number; count: number }>();
  router.use(express.json({ limit: MOST_BODY }));
  router.use((_request, response, next) => {
    response.set('Cache-Control', 'no-store, no-transform');
    next();
  });

  router.get('/devices', (_request, response) => {
    response.json({ devices: kitchens.all().flatMap((k) => k.devices()) });
  });

  router.post('/kitchens', (request, response) => {
    const wanted = KitchenRequestSchema.safeParse(request.body);
    if (!wanted.success) return no(response, 400, 'That is not a kitchen that can be simulated.');
    const kitchen = kitchens.make(wanted.data);
    if (!kitchen)
      return no(response, 409, `There are ${MOST_KITCHENS} simulated kitchens already: put one away first.`);
    response.status(201).json({ kitchenId: kitchen.id, devices: kitchen.devices() });
  });

  router.patch('/kitchens/:id', (request, response) => {
    const kitchen = kitchens.get(request.params.id);
    if (!kitchen) return no(response, 404, 'That kitchen has been put away.');
    const change = ChangeSchema.safeParse(request.body);
    if (!change.success) return no(response, 400, 'Its clock can run from a tenth to 240 times as fast.');
    kitchen.speed = change.data.speed;
    response.json({ ok: true });
  });

  router.delete('/kitchens/:id', (request, response) => {
    if (!kitchens.remove(request.params.id)) return no(response, 404, 'That kitchen has been put away.');
    response.json({ ok: true });
  });

  router.post('/devices/:id/commands', (request, response) => {
    const device = kitchens.device(request.params.id);
    if (!device) return no(response, 404, 'There is no such device.');
    if (device.kind !== 'cooker') return no(response, 405, 'Only a cooker can be told to do something.');
    const command = CommandSchema.safeParse(request.body);
    if (!command.success) return no(response, 400, 'The cooker does not understand that.');
    const second = Math.floor(Date.now() / 1000);
    const before = told.get(device.kitchen.id);
    const count = before?.second === second ? before.count + 1 : 1;
    told.set(device.kitchen.id, { second, count });
    if (count > MOST_COMMANDS) return no(response, 429, 'Too much at once. One thing after the other.');
    const trouble = device.kitchen.command(command.data);
    if (trouble) return no(response, 409, trouble);
    response.json({ ok: true });
  });

  router.get('/devices/:id/readings', (request, response) => {
    const device = kitchens.device(request.params.id);
    if (!device) return no(response, 404, 'There is no such device.');
    if (streams >= MOST_STREAMS)
      return no(response, 429, 'Too many screens listen to the devices already: close one of them.');
    streams++;
    response.on('close', () => streams--);
    stream(request, response, device.kitchen, device.kind);
  });

  router.use((error: { status?: number }, _request: Request, response: Response, _next: unknown) => {
    no(response, error.status === 413 ? 413 : 400, 'That could not be read.');
  });
  return router;
}

function stream(request: Request, response: Response, kitchen: SimKitchen, kind: Reading['kind']): void {
  const after = AfterSchema.parse(request.get('Last-Event-ID') ?? request.query['after'] ?? 0);
  response.set({ 'Content-Type': 'text/event-stream', Connection: 'keep-alive' });
  response.flushHeaders();
  response.write('retry: 400\n\n');
  const end = (): void => {
    response.end();
  };
  const send = (reading: Reading): void => {
    if (response.writableLength > MOST_WAITING) return end();
    if (kitchen.faults.has('babbles')) babble(response, reading);
    response.write(`id: ${reading.seq}\ndata: ${JSON.stringify(reading)}\n\n`);
  };
  for (const reading of kitchen.after(kind, after)) send(reading);
  kitchen.emitter.on(kind, send);
  kitchen.emitter.on('gone', end);
  const beat = setInterval(() => {
    kitchen.lookedAt = Date.now();
    response.write(': still here\n\n');
  }, HEARTBEAT_MS);
  const drop = kitchen.faults.has('drops') ? setTimeout(end, DROPS_AFTER_MS) : undefined;
  response.on('close', () => {
    clearInterval(beat);
    clearTimeout(drop);
    kitchen.emitter.off(kind, send);
    kitchen.emitter.off('gone', end);
  });
}

/** What a broken device sends between its readings: rubbish, doubles, and figures that cannot be. */
function babble(response: Response, reading: Reading): void {
  response.write('data: }{ not a reading\n\n');
  response.write(`data: ${JSON.stringify({ ...reading, seq: -3 })}\n\n`);
  response.write(
    `data: ${JSON.stringify({ kind: 'probe', seq: reading.seq + 1_000_000, timeS: 'x', tempC: 9e9 })}\n\n`,
  );
  response.write(`data: ${'z'.repeat(5000)}\n\n`);
}
