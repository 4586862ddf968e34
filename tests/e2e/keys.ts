import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';

/**
 * Puts the focus on the next thing of a name to which Tab leads: within an open dialog, where there is one, since Tab stays in it. Told
 * whether there is one.
 */
const tabTo = (page: Page, pattern: string): Promise<boolean> =>
  page.evaluate((source) => {
    const name = new RegExp(source);
    const called = (field: Element) => {
      const said = field.matches('a, button') ? field.textContent : '';
      const labels = 'labels' in field ? [...((field.labels as NodeListOf<HTMLLabelElement> | null) ?? [])] : [];
      return [field.getAttribute('aria-label'), ...labels.map((one) => one.textContent), said].join(' ').trim();
    };
    const within = [...document.querySelectorAll('[role=dialog]')].at(-1) ?? document;
    const stops = [
      ...within.querySelectorAll<HTMLElement>('a[href], button, input, select, textarea, [tabindex]'),
    ].filter(
      (one) => one.tabIndex >= 0 && !one.matches(':disabled') && one.checkVisibility({ visibilityProperty: true }),
    );
    const from = stops.indexOf(document.activeElement as HTMLElement);
    // Where one stands counts too; at the end Tab begins anew.
    const order = from < 0 ? stops : [...stops.slice(from), ...stops.slice(0, from)];
    const found = order.find((one) => name.test(called(one)));
    found?.focus();
    return found !== undefined && document.activeElement === found;
  }, pattern);

/** A person who uses keys only: each key that does something, and each text, counts as one thing done; going on by Tab does not. */
export function keys(page: Page) {
  let done = 0;
  const to = (name: RegExp) =>
    expect(async () => expect([name.source, await tabTo(page, name.source)]).toEqual([name.source, true])).toPass({
      timeout: 10_000,
    });
  const key = async (one: string) => {
    await page.keyboard.press(one);
    done += 1;
  };
  const type = async (name: RegExp, text: string) => {
    await to(name);
    await page.keyboard.press('Control+A');
    await page.keyboard.insertText(text);
    done += 1;
  };
  return {
    key,
    type,
    press: async (name: RegExp) => {
      await to(name);
      await key('Enter');
    },
    tick: async (name: RegExp) => {
      await to(name);
      await key('Space');
    },
    /** Chooses in a list by the first letters of what stands there. */
    choose: async (name: RegExp, words: string) => {
      await to(name);
      await page.keyboard.type(words);
      done += 1;
    },
    /** Types a name and takes the first entry of the reference that is offered. */
    pick: async (name: RegExp, text: string) => {
      await type(name, text);
      await expect(page.getByRole('listbox').getByRole('option').first()).toBeVisible();
      await key('ArrowDown');
      await key('Enter');
    },
    done: () => done,
  };
}
