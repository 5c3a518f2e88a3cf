import { act, cleanup, render, screen } from '@testing-library/react';
import Dropdown from 'react-bootstrap/Dropdown';
import { Menu } from './Menu';

/** A click of the mouse at a moment of the page's own clock. */
function clickAt(target: Element, timeStamp: number): void {
  const click = new MouseEvent('click', { bubbles: true, cancelable: true });
  Object.defineProperty(click, 'timeStamp', { value: timeStamp });
  act(() => void target.dispatchEvent(click));
}

const shown = (): boolean => document.querySelector('.dropdown-menu.show') !== null;
const toggle = (): HTMLElement => screen.getByRole('button', { name: 'More' });

describe('a menu', () => {
  beforeEach(() => {
    cleanup();
    render(
      <Menu label="More">
        <Dropdown.Item>Versions</Dropdown.Item>
      </Menu>,
    );
  });

  it('stays open when the page hears of the opening tap a second time, late', async () => {
    clickAt(toggle(), 1000);
    expect(shown()).toBe(true);
    // A page that is busy begins to listen for taps elsewhere while the opening one is still on its way up.
    await act(() => new Promise((resolve) => setTimeout(resolve, 0)));
    clickAt(document.body, 1000);
    expect(shown()).toBe(true);
  });

  it('closes at the next tap, elsewhere or on itself', async () => {
    clickAt(toggle(), 1000);
    await act(() => new Promise((resolve) => setTimeout(resolve, 0)));
    clickAt(document.body, 2000);
    expect(shown()).toBe(false);
    clickAt(toggle(), 3000);
    expect(shown()).toBe(true);
    clickAt(toggle(), 4000);
    expect(shown()).toBe(false);
  });
});
