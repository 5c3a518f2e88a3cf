import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { strToU8, zipSync } from 'fflate';
import { db } from '../../store/db';
import { dishOf, openAt } from '../../testing/rig';

const STEW =
  'Lamb stew\nServes 6\n\nIngredients\n1 kg lamb neck\n2 onions\n300 ml stock\n\nMethod\nBrown the lamb. Add the rest. High pressure 25 minutes.';
const PAGE =
  '<html><body><h1>Beef pot</h1><h2>Ingredients</h2><ul><li>1 kg beef chuck</li><li>3 blorps of zzz</li></ul></body></html>';
const give = (label: string, files: File[]): void => {
  fireEvent.change(screen.getByLabelText(label), { target: { files } });
};
const zip = (files: Record<string, string>): File =>
  new File(
    [new Uint8Array(zipSync(Object.fromEntries(Object.entries(files).map(([n, t]) => [n, strToU8(t)]))))],
    'box.zip',
    { type: 'application/zip' },
  );
const rows = (): string[] =>
  within(screen.getByRole('table'))
    .getAllByRole('row')
    .slice(1)
    .map((r) => r.textContent ?? '');

describe('many recipes at once', () => {
  it('are read from a zip and reported before anything is put on the shelf, and can be taken back', async () => {
    await openAt('/dishes/many');
    give('Files or a zip…', [
      zip({ 'stew.txt': STEW, 'beef.html': PAGE, 'letter.txt': 'Dear Tilde.', 'a.jpg': 'x' }),
    ]);
    await screen.findByRole('heading', { name: '2 recipes' });
    expect(rows()).toEqual([
      expect.stringMatching(/Lamb stew.*stew\.txt36Ready/),
      expect.stringMatching(/Beef pot.*beef\.html24\?1 line to look at/),
    ]);
    expect(screen.getByText('2 files were not taken')).not.toBeNull();
    expect(await db.dishes.count()).toBe(0);
    fireEvent.click(screen.getByLabelText('Take Beef pot'));
    fireEvent.click(screen.getByRole('button', { name: 'Put 1 dish on the shelf' }));
    await waitFor(async () => expect((await db.dishes.toArray()).map((d) => d.name)).toEqual(['Lamb stew']));
    expect((await db.dishes.toArray())[0]).toMatchObject({
      plates: 6,
      method: expect.stringContaining('25 minutes'),
    });
    fireEvent.click(await screen.findByRole('button', { name: 'Take them back' }));
    await waitFor(async () => expect(await db.dishes.count()).toBe(0));
  });

  it('that are on the shelf already are said, and not taken unless asked', async () => {
    await openAt('/dishes/many', {
      dishes: [dishOf(['1 kg lamb neck', '2 onions', '300 ml stock'], { id: 'a', name: 'Lamb stew' })],
    });
    give('Files or a zip…', [new File([STEW], 'stew.txt', { type: 'text/plain' })]);
    await screen.findByRole('heading', { name: '1 recipe' });
    expect(rows()[0]).toMatch(/On the shelf already/);
    expect(
      screen.getByRole<HTMLButtonElement>('button', { name: 'Put 0 dishes on the shelf' }).disabled,
    ).toBe(true);
  });

  it('say so where there is none, and why', async () => {
    await openAt('/dishes/many');
    give('A whole folder…', [
      new File(['x'], 'photo.png', { type: 'image/png' }),
      new File(['torn'], 'box.zip', { type: 'application/zip' }),
    ]);
    await screen.findByRole('heading', { name: 'No recipe was found' });
    expect(document.querySelector('details')?.textContent).toMatch(/format of its own[\s\S]*damaged/);
  });
});
