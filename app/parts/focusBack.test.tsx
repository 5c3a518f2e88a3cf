import { act, cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { Drawer } from './Drawer';

function Room() {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <button onClick={() => setOpen(true)}>Rules</button>
      <input aria-label="words" />
      <Drawer title="House rules" isOpen={isOpen} onClose={() => setOpen(false)}>
        <input aria-label="inside" />
      </Drawer>
    </>
  );
}

describe('a panel', () => {
  afterEach(cleanup);

  it('gives the focus back as it begins to leave, and takes it from nobody when it has left', async () => {
    render(<Room />);
    const opener = screen.getByRole('button', { name: 'Rules' });
    opener.focus();
    fireEvent.click(opener);
    const panel = await screen.findByRole('dialog');
    await waitFor(() => expect(panel.contains(document.activeElement)).toBe(true));
    fireEvent.keyDown(document.body, { key: 'Escape', code: 'Escape' });
    expect(document.activeElement).toBe(opener);
    // The cook is already writing elsewhere while the panel is still sliding out.
    const words = screen.getByLabelText('words');
    act(() => words.focus());
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
    expect(document.activeElement).toBe(words);
  });
});
