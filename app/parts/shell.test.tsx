import { act, cleanup, render, screen, waitFor } from '@testing-library/react';
import { openAt } from '../testing/rig';
import { announceVersion } from '../store/newVersion';
import { sharedDraft } from '../screens/dishes/draft';
import { Crash } from './Crash';
import { MemoryRouter } from 'react-router';
import { NewVersion } from './NewVersion';

describe('the page around every screen', () => {
  it('is named by the screen, and the focus goes to its heading with every navigation', async () => {
    await openAt('/kitchen');
    expect(document.title).toBe('Kitchen · Keen Ladle');
    act(() => screen.getByRole('link', { name: 'Logbook' }).click());
    await waitFor(() => expect(document.title).toBe('Logbook · Keen Ladle'));
    await waitFor(() => expect(document.activeElement?.textContent).toBe('What did we learn?'));
    expect(document.activeElement?.tagName).toBe('H1');
  });

  it('says a new version in one line, and takes it only when nothing is on the stove', () => {
    cleanup();
    const take = jest.fn();
    act(() => announceVersion(take));
    const { rerender } = render(<NewVersion isCooking />);
    expect(screen.getByRole('status').textContent).toContain('waits until nothing is on the stove');
    expect(screen.queryByRole('button')).toBeNull();
    rerender(<NewVersion isCooking={false} />);
    act(() => screen.getByRole('button', { name: 'Take it now' }).click());
    expect(take).toHaveBeenCalledTimes(1);
  });

  it('tells a screen that did not arrive from one that broke', () => {
    cleanup();
    const { rerender } = render(
      <MemoryRouter>
        <Crash
          error={new TypeError('Failed to fetch dynamically imported module: /assets/Clock-1.js')}
          resetErrorBoundary={() => undefined}
        />
      </MemoryRouter>,
    );
    expect(screen.getByRole('heading').textContent).toBe('This screen did not arrive');
    rerender(
      <MemoryRouter>
        <Crash error={new Error('x is not a function')} resetErrorBoundary={() => undefined} />
      </MemoryRouter>,
    );
    expect(screen.getByRole('heading').textContent).toBe('This screen broke');
  });
});

describe('what is shared with the app', () => {
  it('is a new dish with its title over it, cut to the longest page, and nothing where nothing was shared', () => {
    const shared = sharedDraft(`?title=Goulash&text=${encodeURIComponent('1 kg beef\n2 onions')}`);
    expect(shared?.text).toBe('Goulash\n\n1 kg beef\n2 onions');
    expect(sharedDraft('?text=Goulash%0A1+kg+beef&title=Goulash')?.text).toBe('Goulash\n1 kg beef');
    expect(sharedDraft(`?text=${'x'.repeat(300_000)}`)?.text.length).toBeLessThanOrEqual(200_000);
    for (const nothing of ['', '?', '?text=', '?text=%20%0A', '?title=only'])
      expect(sharedDraft(nothing)).toBeNull();
  });
});
