import { act, fireEvent, render, renderHook, screen, waitFor } from '@testing-library/react';
import { planDish, type Step, type Timer } from '../../core/index';
import { useClockGuard } from './clockGuard';
import { useAloud } from '../screens/atThePot/speech';
import { startCook } from '../store/cooks';
import { dishOf, kitchenOf, openAt, reopenAt } from '../testing/rig';
import { useAlarm } from './alarm';
import { FigureField } from './FigureField';
import { clock, day } from './now';
import { OpenFile } from './OpenFile';
import { Spoon } from './Spoon';
import { Toasts, useSay } from './Toasts';

const timer = (over: Partial<Timer> = {}): Timer => ({
  id: 't',
  name: 'rice',
  startedAt: 0,
  seconds: 60,
  heard: false,
  stopped: false,
  ...over,
});

describe('the alarm', () => {
  it('rings with what is due in the title, and is quiet again when it was heard', () => {
    const { result, rerender } = renderHook(({ now, list }) => useAlarm(list, now, null), {
      initialProps: { now: 59_000, list: [timer()] },
    });
    expect(result.current).toEqual([]);
    expect(document.title).toBe('Keen Ladle');
    rerender({ now: 61_000, list: [timer()] });
    expect(result.current.map((t) => t.name)).toEqual(['rice']);
    expect(document.title).toBe('⏰ rice · Keen Ladle');
    rerender({ now: 62_000, list: [] });
    expect(document.title).toBe('Keen Ladle');
  });

  it('says what is urgent first', () => {
    renderHook(() => useAlarm([timer()], 61_000, 'It says it is burning'));
    expect(document.title).toMatch(/^⏰ It says it is burning, rice/);
  });

  it('notes it from the browser only out of sight and where that was allowed', () => {
    const notes: string[] = [];
    class FakeNote {
      static permission = 'granted';
      constructor(
        readonly title: string,
        options: { body: string },
      ) {
        notes.push(options.body);
      }
    }
    Object.assign(globalThis, { Notification: FakeNote });
    const sight = jest.spyOn(document, 'visibilityState', 'get').mockReturnValue('visible');
    const ring = (name: string) => renderHook(() => useAlarm([timer({ name })], 61_000, null)).unmount();
    ring('seen');
    sight.mockReturnValue('hidden');
    ring('unseen');
    FakeNote.permission = 'denied';
    ring('denied');
    expect(notes).toEqual(['unseen']);
    sight.mockRestore();
    Reflect.deleteProperty(globalThis, 'Notification');
  });
});

describe('the clock on the wall', () => {
  it('set back or forward is told by how much, once', () => {
    jest.useFakeTimers({ now: 1_000_000 });
    const moved: number[] = [];
    const { unmount } = renderHook(() => useClockGuard((by) => moved.push(by)));
    act(() => void jest.advanceTimersByTime(3000));
    jest.setSystemTime(Date.now() + 3_600_000);
    act(() => void jest.advanceTimersByTime(3000));
    expect(moved).toEqual([expect.closeTo(3_600_000, -4)]);
    jest.setSystemTime(Date.now() - 600_000);
    act(() => void jest.advanceTimersByTime(3000));
    expect(moved.slice(1)).toEqual([expect.closeTo(-600_000, -4)]);
    unmount();
    jest.useRealTimers();
  });

  it('is written as a cook reads it', () => {
    const at = new Date(2026, 10, 25, 7, 5).getTime();
    expect(clock(at)).toBe('07:05');
    expect(day(new Date(2019, 0, 2).getTime())).toMatch(/2019/);
  });
});

describe('reading aloud', () => {
  const step = (over: Partial<Step>): Step => ({
    ...planDish(dishOf(['2 onions']), kitchenOf()).steps[0]!,
    ...over,
  });

  it('is off until it is switched on, then says each step once with its caution, and stops the one before', () => {
    const said: string[] = [];
    let cancelled = 0;
    Object.assign(globalThis, {
      speechSynthesis: { speak: (u: { text: string }) => said.push(u.text), cancel: () => cancelled++ },
      SpeechSynthesisUtterance: class {
        constructor(readonly text: string) {}
      },
    });
    localStorage.clear();
    const { result, rerender, unmount } = renderHook(({ s }) => useAloud(s), {
      initialProps: { s: step({ title: 'One', cautions: ['Mind the steam'] }) },
    });
    expect([result.current.canSpeak, result.current.isOn, said]).toEqual([true, false, []]);
    act(() => result.current.toggle());
    expect(said).toHaveLength(1);
    expect(said[0]).toMatch(/^One\..*Mind the steam/);
    rerender({ s: step({ title: 'Two' }) });
    expect(said.at(-1)).toMatch(/^Two/);
    expect(cancelled).toBeGreaterThan(1);
    expect(localStorage.getItem('keen-ladle-aloud')).toBe('on');
    unmount();
    Reflect.deleteProperty(globalThis, 'speechSynthesis');
  });

  it('is not offered where the browser has no voice', () => {
    expect(renderHook(() => useAloud(null)).result.current.canSpeak).toBe(false);
  });
});

describe('notes at the edge', () => {
  function Speaker() {
    const say = useSay();
    return (
      <button
        type="button"
        onClick={() => say(`note ${Math.random()}`, { label: 'Undo', run: () => undone++ })}
      >
        speak
      </button>
    );
  }
  let undone = 0;

  it('are never more than three, and go when their way back was taken', () => {
    render(
      <Toasts>
        <Speaker />
      </Toasts>,
    );
    for (let i = 0; i < 5; i++) fireEvent.click(screen.getByText('speak'));
    expect(screen.getAllByText('Undo')).toHaveLength(3);
    fireEvent.click(screen.getAllByText('Undo')[0]!);
    expect(undone).toBe(1);
    expect(screen.getAllByText('Undo')).toHaveLength(2);
  });

  it('go by themselves', () => {
    jest.useFakeTimers();
    render(
      <Toasts>
        <Speaker />
      </Toasts>,
    );
    fireEvent.click(screen.getByText('speak'));
    act(() => void jest.advanceTimersByTime(8000));
    expect(screen.queryByText('Undo')).toBeNull();
    jest.useRealTimers();
  });
});

describe('fields and drawings', () => {
  it('a figure is only written in range, with a comma or a point, and what is typed stays while it is typed', () => {
    const written: number[] = [];
    render(
      <FigureField
        id="f"
        label="Depth"
        unit="mm"
        value={10}
        min={5}
        max={50}
        onChange={(v) => written.push(v)}
      />,
    );
    const field = screen.getByLabelText('Depth');
    for (const text of ['2', '22,5', '', 'x', '51']) fireEvent.change(field, { target: { value: text } });
    expect(written).toEqual([22.5]);
    expect(screen.getByRole('alert').textContent).toBe('Between 5 and 50 mm');
    expect(field).toHaveProperty('value', '51');
    fireEvent.blur(field);
    expect(field).toHaveProperty('value', '10');
  });

  it('the same file may be opened twice in a row', () => {
    const opened: string[] = [];
    render(<OpenFile onFile={(f) => opened.push(f.name)}>Open</OpenFile>);
    const input = screen.getByLabelText('Open');
    const file = new File(['{}'], 'a.json');
    fireEvent.change(input, { target: { files: [file] } });
    fireEvent.change(input, { target: { files: [file] } });
    fireEvent.change(input, { target: { files: [] } });
    expect(opened).toEqual(['a.json', 'a.json']);
  });

  it('the spoon is drawn from the strength: no two thicknesses look the same', () => {
    const drawn = [0, 1.25, 2.25, 3.25, 4.5].map(
      (percent) => render(<Spoon percent={percent} />).container.innerHTML,
    );
    expect(new Set(drawn).size).toBe(5);
  });
});

describe('the frame of every screen', () => {
  it('remembers the light that was chosen', async () => {
    localStorage.clear();
    await openAt('/');
    expect(document.documentElement.dataset['bsTheme']).toBe('light');
    fireEvent.click(screen.getByRole('button', { name: 'Evening' }));
    expect(document.documentElement.dataset['bsTheme']).toBe('dark');
    await reopenAt('/');
    expect(screen.getByRole('button', { name: 'Daylight' }).getAttribute('aria-pressed')).toBe('true');
    fireEvent.click(screen.getByRole('button', { name: 'Daylight' }));
  });

  it('keeps a cook that is going on one tap away, and not on its own screen', async () => {
    const dish = dishOf(['1 kg beef chuck', '500 ml stock']);
    await openAt('/', { dishes: [dish] });
    const cookId = await startCook(planDish(dish, kitchenOf()));
    const link = await screen.findByText(/On the go: Test stew/);
    fireEvent.click(link);
    await waitFor(() => expect(window.location.pathname).toBe(`/cook/${cookId}`));
    await waitFor(() => expect(screen.queryByText(/On the go/)).toBeNull());
  });

  it('has a way out of an address that leads nowhere', async () => {
    await openAt('/no/such/place');
    expect(screen.getByText('Nothing on this shelf')).toBeTruthy();
    fireEvent.click(screen.getByText('To the dishes'));
    await screen.findByText('What can be on the table?');
  });
});
