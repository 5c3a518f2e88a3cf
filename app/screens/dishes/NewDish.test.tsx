import { createEvent, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { pageCases } from '../../../corpora/judge';
import { htmlText } from '../../parts/htmlText';
import { db } from '../../store/db';
import { field, openAt, reopenAt } from '../../testing/rig';
import { textOf, textOfClipboard, textOfFile } from './pageFile';

const PAGE = pageCases('corpora/pages/open.txt')[0]!
  .rows.map((r) => r.text)
  .join('\n');
const area = () => screen.getByLabelText(/a whole page may be pasted/) as HTMLTextAreaElement;
const write = (text: string) => fireEvent.change(area(), { target: { value: text } });
const zone = (name: string) => document.querySelector(`.page-zone-${name}`) as HTMLElement;
const openZone = (name: RegExp) => {
  const head = screen.getByRole('button', { name });
  if (head.getAttribute('aria-expanded') === 'false') fireEvent.click(head);
};

describe('a page as it was copied', () => {
  it('is told apart in sight, and becomes a dish with its title, plates, lines, method and the page itself', async () => {
    await openAt('/dishes/new');
    write(PAGE);
    expect(await screen.findByText('Harbour Wall Creamy Chicken.')).toBeTruthy();
    expect(zone('ingredient').querySelectorAll('.page-part')).toHaveLength(10);
    expect(zone('method').querySelectorAll('.page-part')).toHaveLength(5);
    fireEvent.click(screen.getByRole('button', { name: 'Put it on the counter' }));
    await waitFor(() => expect(window.location.pathname).toMatch(/^\/dish\//));
    const [dish] = await db.dishes.toArray();
    expect(dish).toMatchObject({ name: 'Harbour Wall Creamy Chicken', plates: 4, page: PAGE });
    expect(dish!.lines).toHaveLength(10);
    expect(dish!.method).toContain('high pressure for 8 minutes');
    expect(dish!.note).toContain('You can use breasts');
    expect(dish!.note).not.toContain('Jump to');
  });

  it('has its lines pulled across by key and by choice, and stays so through typing and a reload', async () => {
    await openAt('/dishes/new');
    write('Stew\nIngredients\n1 kg lamb neck\nmy own secret\nMethod\nBrown it.');
    const secret = await screen.findByRole('button', { name: 'my own secret' });
    fireEvent.keyDown(secret, { key: 'x' });
    await waitFor(() => expect(zone('ingredient').textContent).not.toContain('my own secret'));
    openZone(/^Left out/);
    await waitFor(() => expect(zone('left').textContent).toContain('my own secret'));
    write('Stew\nIngredients\n2 onions\n1 kg lamb neck\nmy own secret\nMethod\nBrown it.');
    await waitFor(() => expect(zone('ingredient').querySelectorAll('.page-part')).toHaveLength(2));
    await reopenAt('/dishes/new');
    expect(area().value).toContain('2 onions');
    await waitFor(() => expect(zone('ingredient').querySelectorAll('.page-part')).toHaveLength(2));
    openZone(/^Left out/);
    fireEvent.change(screen.getByLabelText('What “my own secret” is'), { target: { value: 'method' } });
    await waitFor(() => expect(zone('method').textContent).toContain('my own secret'));
  });

  it('answers a doubt with one tap, and takes the answer back with another', async () => {
    await openAt('/dishes/new');
    write('1 kg lamb neck\n2 soy sauce');
    fireEvent.click(await screen.findByRole('button', { name: '2 tbsp' }));
    await screen.findByText(/2 lines, all understood/);
    expect(area().value).toBe('1 kg lamb neck\n2 tbsp soy sauce');
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(area().value).toBe('1 kg lamb neck\n2 soy sauce'));
  });

  it('is read elsewhere where it is very long, and may be left off', async () => {
    await openAt('/dishes/new');
    const long = `Stew\nIngredients\n1 kg lamb neck\n2 onions\nMethod\nBrown it.\n${'Nothing but talk of the sea and the ferry.\n'.repeat(3500)}`;
    write(long);
    await waitFor(() => expect(zone('ingredient')?.querySelectorAll('.page-part')).toHaveLength(2));
    write(`${long}Another word.`);
    fireEvent.click(await screen.findByRole('button', { name: 'Leave off' }));
    expect(await screen.findByText(/Left off\. Your text is kept/)).toBeTruthy();
    expect(area().value).toContain('Another word.');
  });

  it('asks in place what it does not know, and knows it then', async () => {
    await openAt('/dishes/new');
    write('1 kg lamb neck\n3 zorblaxes');
    fireEvent.change(await screen.findByLabelText(/What is “zorblaxes” most like/), {
      target: { value: 'carrot' },
    });
    await screen.findByText(/2 lines, all understood/);
    expect((await db.kitchen.get('home'))?.ownFoods).toHaveLength(1);
  });

  it('that holds several recipes asks which', async () => {
    await openAt('/dishes/new');
    write(
      'Lamb stew\nServes 4\n1 kg lamb neck\n300 ml stock\nBrown the lamb, add the stock and cook under pressure for 25 minutes. Natural release.\n\nChicken rice\nServes 2\n400 g chicken thighs\n200 g rice\nFry the chicken, add the rest and cook at high pressure for 6 minutes, then quick release.',
    );
    fireEvent.click(await screen.findByLabelText(/Chicken rice/));
    await waitFor(() => expect(zone('ingredient').textContent).toContain('chicken thighs'));
    expect(zone('ingredient').textContent).not.toContain('lamb');
  });

  it('says what is wrong with a file, keeps what is written, and can be cleared and taken back', async () => {
    await openAt('/dishes/new');
    write('1 kg lamb neck');
    const choose = (file: File) => fireEvent.change(field(/Open a file/), { target: { files: [file] } });
    choose(new File(['%PDF'], 'x.pdf', { type: 'application/pdf' }));
    expect((await screen.findByRole('alert')).textContent).toMatch(/copy its text/);
    expect(area().value).toBe('1 kg lamb neck');
    fireEvent.click(screen.getByRole('button', { name: 'Clear' }));
    expect(area().value).toBe('');
    fireEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    expect(area().value).toBe('1 kg lamb neck');
  });

  it('pasted with its markup is taken by its structure', async () => {
    await openAt('/dishes/new');
    const event = createEvent.paste(area(), {
      clipboardData: {
        files: [],
        getData: (type: string) =>
          type === 'text/html'
            ? '<h1>Tea stew</h1><ul><li>1 kg lamb</li><li>2 onions</li></ul>'
            : 'Tea stew 1 kg lamb 2 onions',
      },
    });
    fireEvent(area(), event);
    expect(area().value).toBe('# Tea stew\n\n- 1 kg lamb\n- 2 onions');
    await waitFor(() => expect(within(zone('ingredient')).getAllByRole('listitem')).toHaveLength(2));
  });
});

describe('text of files and of the clipboard', () => {
  it('reads markup as lines and never as markup', () => {
    const { text, jsonLd } = htmlText(
      '<nav>Home</nav><h1>Stew</h1><script>alert(1)</script><ol><li>Brown <b>it</b>.</li><li>Stir.</li></ol><table><tr><td>1 kg</td><td>lamb</td></tr></table><script type="application/ld+json">{"a":1}</script>',
    );
    expect(text).toBe('# Stew\n\n1. Brown it.\n2. Stir.\n\n1 kg lamb');
    expect(jsonLd).toEqual(['{"a":1}']);
  });

  it('takes structured data before the page around it, and says why a file is none', async () => {
    const data = '{"@type":"Recipe","name":"Stew","recipeIngredient":["1 kg lamb"],"recipeYield":"4"}';
    expect(
      textOf(`<html><body>x<script type="application/ld+json">${data}</script></body></html>`, true),
    ).toEqual({
      ok: true,
      text: '# Stew\nServes 4\nIngredients\n1 kg lamb',
    });
    expect(textOf(data, false)).toMatchObject({ ok: true });
    for (const bad of ['{"a":1}', '   ', '\u0000\u0001\u0002\u0003\u0004\u0005\u0006', '<html></html>'])
      expect(textOf(bad, false).ok).toBe(false);
    const big = { size: 3_000_000, name: 'x.txt', type: '' } as File;
    expect(await textOfFile(big)).toMatchObject({ ok: false });
    expect(textOfClipboard('plain words here', '<p>x</p>')).toBe('plain words here');
    expect(textOfClipboard('plain', '')).toBe('plain');
  });
});
