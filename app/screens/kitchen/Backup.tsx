import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { useLocation } from 'react-router';
import useSWR from 'swr';
import { z } from 'zod';
import { writeRecipes } from '../../../core/index';
import { counted } from '../../parts/counted';
import { useFocusBack } from '../../parts/focusBack';
import { useNow } from '../../parts/now';
import { OpenFile } from '../../parts/OpenFile';
import { saveFile, saveText } from '../../parts/saveText';
import { useSay } from '../../parts/Toasts';
import { bringDemoBack, cookingNow, startEmpty, type PutBack } from '../../store/backup';
import { db } from '../../store/db';
import { useCalibrations, useKitchen } from '../../store/live';
import { askToKeep, roomLeft, roomSaid } from '../../store/room';
import { bookOfDishes, exportAll, lastSaved, openSaved, wasSaved } from '../../store/saving';
import { changesOf, dayOf, savedSaid } from './keepingWords';
import { TwoDevices } from './TwoDevices';

/** How full this browser is with it, and the wish that it keeps it. */
function RoomHere() {
  const say = useSay();
  const { data: room, mutate } = useSWR('room', () => roomLeft());
  const words = room ? roomSaid(room) : '';
  if (!room || !words) return null;
  const ask = async (): Promise<void> => {
    const isKept = await askToKeep();
    await mutate();
    if (!isKept) say('This browser made no promise. A saved file is the surer way.');
  };
  return (
    <div className="d-flex flex-wrap align-items-center gap-2 mt-3">
      <p className="small my-0">{words}</p>
      {room.isKept === false && (
        <Button variant="quiet" onClick={() => void ask()}>
          Ask it to keep it
        </Button>
      )}
    </div>
  );
}

const HealthSchema = z.object({ ok: z.literal(true), version: z.string().max(40) });

async function health(url: string): Promise<z.infer<typeof HealthSchema>> {
  const answer = await fetch(url);
  if (!answer.ok) throw new Error('The server does not answer');
  return HealthSchema.parse(await answer.json());
}

/** Saves everything as one file under the day's name. */
async function save(): Promise<void> {
  const bytes = await exportAll();
  saveFile(
    `keen-ladle-${new Date().toISOString().slice(0, 10)}.zip`,
    new Blob([bytes], { type: 'application/zip' }),
  );
  await wasSaved();
}

/** Saves all dishes as recipes that other programs read too. */
async function saveRecipes(): Promise<void> {
  saveText('dishes.json', writeRecipes(await db.dishes.toArray()), 'application/ld+json');
}

type Ask = {
  what: string;
  warn: string;
  /** What taking it would change, a line each. */
  lines?: string[];
  run: () => Promise<void>;
  /** Another way to take it, which removes nothing. */
  join?: () => Promise<void>;
};

/** Backup and restore: everything in one file; nothing is replaced without being asked. */
export function Backup() {
  const say = useSay();
  const section = useRef<HTMLElement>(null);
  const { hash } = useLocation();
  useEffect(() => {
    if (hash === '#keeping') section.current?.scrollIntoView();
  }, [hash]);
  const [ask, setAsk] = useState<Ask | null>(null);
  const focusBack = useFocusBack(ask !== null);
  const cooking = useLiveQuery(cookingNow) ?? [];
  const [bad, setBad] = useState('');
  const savedAt = useLiveQuery(lastSaved) ?? null;
  const now = useNow();
  const kitchen = useKitchen();
  const calibrations = useCalibrations(kitchen);
  const [isWriting, setWriting] = useState(false);
  const saveBook = async (): Promise<void> => {
    if (!kitchen || !calibrations) return;
    setWriting(true);
    try {
      saveText('dishes.md', await bookOfDishes(kitchen, calibrations), 'text/markdown');
    } catch {
      setBad('The text could not be made. Nothing was changed.');
    }
    setWriting(false);
  };
  const { data, error } = useSWR('/api/health', health, { refreshInterval: 60_000 });

  /** Everything was replaced: said, with the way back. */
  const replaced = (text: string, putBack: PutBack): void =>
    say(text, {
      label: 'Put back what was here',
      run: () => void putBack().catch(() => setBad('That could not be written. Nothing was changed.')),
    });
  const choose = async (chosen: File): Promise<void> => {
    setBad('');
    const opened = await openSaved(chosen);
    if (!opened.ok) return setBad(opened.message);
    const mended = opened.mended
      ? ` ${counted(opened.mended, 'event')} shared an identity with another and ${opened.mended === 1 ? 'was' : 'were'} told apart.`
      : '';
    const what = `${counted(opened.dishes, 'dish', 'dishes')} and ${counted(opened.cooks, 'cook')}`;
    setAsk({
      what: 'Put it in place of everything',
      warn: `“${chosen.name}” was saved on ${dayOf(opened.savedAt)} and holds ${what}.`,
      lines: changesOf(opened.compared),
      run: async () => replaced(`Read ${what}.${mended}`, await opened.replace()),
      join: async () => replaced(`Joined ${what} with what was here.${mended}`, await opened.join()),
    });
  };
  const take = (way: (() => Promise<void>) | undefined): void => {
    void way?.().catch(() => setBad('That could not be written. Nothing was changed.'));
    setAsk(null);
  };
  return (
    <section id="keeping" ref={section}>
      <h2>Safe keeping</h2>
      <p className="soft">
        Everything lives in this browser. Save a file now and then; it holds all dishes, cooks, photos, pots
        and rules.
      </p>
      <div className="d-flex flex-wrap gap-2">
        <Button
          onClick={() => void save().catch(() => setBad('The file could not be made. Nothing was changed.'))}
        >
          Save everything to a file
        </Button>
        <OpenFile accept=".zip,.json,application/zip,application/json" onFile={(file) => void choose(file)}>
          Read a backup…
        </OpenFile>
        <Button variant="quiet" onClick={() => void saveRecipes()}>
          All dishes as recipe data
        </Button>
        <Button variant="quiet" disabled={isWriting || !calibrations} onClick={() => void saveBook()}>
          {isWriting ? 'Writing…' : 'All dishes as one text'}
        </Button>
        <Button
          variant="quiet"
          onClick={() =>
            setAsk({
              what: 'Start empty',
              warn: 'Every dish, cook and pot that is here now is removed. Save a file first if any of it is yours.',
              run: async () => replaced('An empty kitchen with one ordinary pot.', await startEmpty()),
            })
          }
        >
          Start empty
        </Button>
        <Button
          variant="quiet"
          onClick={() =>
            setAsk({
              what: 'Bring the demo back',
              warn: 'The ferry-house kitchen takes the place of everything that is here now.',
              run: async () => replaced('The ferry-house kitchen is back.', await bringDemoBack()),
            })
          }
        >
          Bring the demo back
        </Button>
      </div>
      <p className="small mt-2 mb-0">{savedSaid(savedAt, now)}</p>
      <RoomHere />
      <TwoDevices onBad={setBad} />
      {bad && (
        <p className="notice notice-bad mt-3" role="alert">
          {bad}
        </p>
      )}
      <p className="small soft mt-3 mb-0">
        {data
          ? `The little server at your side answers (version ${data.version}).`
          : error
            ? 'The little server does not answer. Everything here works without it.'
            : 'Asking the little server…'}
      </p>
      <Modal
        {...focusBack}
        show={ask !== null}
        onHide={() => setAsk(null)}
        centered
        aria-labelledby="ask-title"
      >
        <Modal.Body>
          <h2 id="ask-title">{ask?.join ? 'Read this backup?' : `${ask?.what ?? ''}?`}</h2>
          <p className="mt-2">{ask?.warn}</p>
          {ask?.lines && (
            <ul className="small">
              {ask.lines.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
          )}
          {cooking.length > 0 && (
            <p role="alert">
              <strong>{cooking.slice(0, 3).join(', ')} is being cooked right now:</strong> its steps and
              timers go too.
            </p>
          )}
          <div className="d-flex flex-wrap gap-2 justify-content-end">
            <Button variant="quiet" onClick={() => setAsk(null)}>
              Leave it
            </Button>
            {ask?.join && (
              <Button variant="quiet" onClick={() => take(ask.join)}>
                Join it with what is here
              </Button>
            )}
            <Button onClick={() => take(ask?.run)}>{ask?.what}</Button>
          </div>
        </Modal.Body>
      </Modal>
    </section>
  );
}
