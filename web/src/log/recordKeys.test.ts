import { afterEach, describe, expect, it } from 'vitest';
import { blankOf, measureFields } from '@fern/core';
import { field, leave, page, press, round, where } from './record.fixture';

/** A key pressed where the focus is. */
async function strike(key: string, at: Element = document.activeElement ?? document.body): Promise<KeyboardEvent> {
  const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true });
  at.dispatchEvent(event);
  await page.vm.$nextTick();
  await page.vm.$nextTick();
  return event;
}
const button = (words: string) => page.findAll('button').find((own) => own.text().startsWith(words));
const note = () => page.find<HTMLInputElement>('[data-note]');

afterEach(leave);

describe('keys of a walk', () => {
  it('a digit typed after a press beside everything goes into the number, and nothing else listens', async () => {
    await round();
    field().element.blur();
    const event = await strike('1', document.body);
    expect(event.defaultPrevented).toBe(false);
    expect(document.activeElement).toBe(field().element);
  });

  it('so does one typed while a unit of the bench has the focus', async () => {
    await round();
    const unit = page.find<SVGGElement>('[data-unit="D05"]').element;
    await strike('7', unit);
    expect(document.activeElement).toBe(field().element);
    expect(where()).toBe('D01');
  });

  it('a press of a button leaves the focus on the number, so that Enter goes on', async () => {
    await round();
    const more = page.find('[aria-label="One more"]');
    const down = new MouseEvent('mousedown', { bubbles: true, cancelable: true });
    more.element.dispatchEvent(down);
    await more.trigger('click');
    expect(down.defaultPrevented).toBe(true);
    await strike('Enter', more.element);
    expect(page.find('.choices').exists()).toBe(true);
  });

  it('Enter on a button that was reached by keyboard presses that button', async () => {
    await round();
    const event = await strike('Enter', button('Went wrong')?.element);
    expect([event.defaultPrevented, where()]).toEqual([false, 'D01']);
  });

  it('n goes to the note, where letters are letters; Escape goes back to the number', async () => {
    await round();
    await press('n');
    await page.vm.$nextTick();
    expect(document.activeElement).toBe(note().element);
    for (const key of ['w', 'x', '7', 'u', '+']) expect((await strike(key)).defaultPrevented).toBe(false);
    expect(document.querySelector('.ant-modal-wrap')).toBeNull();
    await strike('Escape');
    expect(document.activeElement).toBe(field().element);
  });

  it('a minus is typed where no tally is kept, and is one less where one is', async () => {
    await round([], [{ ...blankOf(measureFields), code: 'change', name: 'Change', kind: 'amount', readingDays: [3] }]);
    expect((await strike('-', field().element)).defaultPrevented).toBe(false);
    leave();
    await round();
    await press('+');
    expect((await strike('−', field().element)).defaultPrevented).toBe(true);
    expect(field().element.value).toBe('0');
  });

  it('in an open dialog nothing of the walk listens', async () => {
    await round();
    await press('w');
    await page.vm.$nextTick();
    const dialog = document.querySelector('.ant-modal-root');
    expect(dialog).not.toBeNull();
    const event = await strike('s', dialog?.querySelector('.ant-modal-close') ?? undefined);
    expect([event.defaultPrevented, where()]).toEqual([false, 'D01']);
  });
});
