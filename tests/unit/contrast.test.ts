import { compile } from 'sass';

// Contrast of the theme's colours as text on its grounds, in light and dark, from the compiled style sheet: WCAG 2.2, 1.4.3
// asks for 4.5 to 1. What the browser makes of it is seen on one page per layout in tests/e2e/look.spec.ts.

const css = compile('src/styles/theme.scss', {
  loadPaths: ['node_modules'],
  quietDeps: true,
  silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'],
}).css.replace(/\/\*[\s\S]*?\*\//g, '');

interface Rule {
  readonly selector: string;
  readonly declarations: ReadonlyMap<string, string>;
}

const rules: readonly Rule[] = [...css.matchAll(/([^{}]+)\{([^{}]*)\}/g)].map(([, selector = '', body = '']) => ({
  selector: selector.trim(),
  declarations: new Map(
    body
      .split(';')
      .map((one) => one.split(/:(.*)/s).map((part) => part.trim()))
      .flatMap(([name, value]) => (name && value ? [[name, value] as const] : [])),
  ),
}));

/** Custom properties of a theme: dark ones lie over the light ones. */
function properties(theme: 'light' | 'dark'): ReadonlyMap<string, string> {
  const all = new Map<string, string>();
  const wanted =
    theme === 'light'
      ? [/^:root/, /data-bs-theme=light/]
      : [/^:root/, /data-bs-theme=light/, /^\[data-bs-theme=dark\]/];
  for (const pattern of wanted)
    for (const { selector, declarations } of rules)
      if (pattern.test(selector))
        for (const [name, value] of declarations) if (name.startsWith('--')) all.set(name, value);
  return all;
}
const themes = { light: properties('light'), dark: properties('dark') };
type Theme = keyof typeof themes;

/** A colour as sRGB from 0 to 1; nothing for what is no opaque colour. */
function colour(value: string, theme: Theme, depth = 0): readonly [number, number, number] | undefined {
  const [, name, otherwise] = /^var\((--[\w-]+)(?:,\s*(.*))?\)$/.exec(value) ?? [];
  if (name !== undefined && depth < 8) {
    const found = themes[theme].get(name) ?? otherwise;
    return found === undefined ? undefined : colour(found, theme, depth + 1);
  }
  const [, hex = ''] = /^#([0-9a-f]{3}|[0-9a-f]{6})$/i.exec(value === 'white' ? '#fff' : value) ?? [];
  const full = hex.length === 3 ? [...hex].map((digit) => digit + digit).join('') : hex;
  if (full.length !== 6) return undefined;
  return [0, 2, 4].map((at) => parseInt(full.slice(at, at + 2), 16) / 255) as [number, number, number];
}

/** Relative luminance and contrast (WCAG 2.2, definitions). */
function contrast(text: string, ground: string, theme: Theme): number | undefined {
  const luminance = (value: string) => {
    const rgb = colour(value, theme)?.map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
    return rgb && 0.2126 * rgb[0]! + 0.7152 * rgb[1]! + 0.0722 * rgb[2]!;
  };
  const [a, b] = [luminance(text), luminance(ground)];
  return a === undefined || b === undefined ? undefined : (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
}

const groundOf = (declarations: Rule['declarations']) =>
  declarations.get('background-color') ?? declarations.get('background');

/** The ground with which the dark theme covers a rule's own. */
function darkGround(selector: string): string | undefined {
  const bare = selector.replace(/:[\w-]+$/, '');
  return rules.flatMap(({ selector: other, declarations }) =>
    other.split(/,\s*/).includes(`[data-bs-theme=dark] ${bare}`) ? (groundOf(declarations) ?? []) : [],
  )[0];
}

const inks = ['--bs-body-color', '--muted', '--choice', '--stop', '--caution', '--note'].map((name) => `var(${name})`);
const grounds = ['--bs-body-bg', '--surface', '--surface-2'].map((name) => `var(${name})`);
const soft = ['stop', 'caution', 'note', 'choice'].flatMap((name) => [
  [`var(--${name})`, `var(--${name}-soft)`],
  ['var(--bs-body-color)', `var(--${name}-soft)`],
]);

test.each(['light', 'dark'] as const)('%s: every ink can be read on every ground', (theme) => {
  const pairs = [...inks.flatMap((ink) => grounds.map((ground) => [ink, ground])), ...soft];
  const judged = pairs.map(([ink = '', ground = '']) => [ink, ground, contrast(ink, ground, theme) ?? 0] as const);
  expect(judged.filter(([, , found]) => found < 4.5)).toEqual([]);
  // Black on white is 21 to 1: the formula is the one that is meant.
  expect(contrast('#000', '#fff', theme)).toBeCloseTo(21, 9);
});

test.each(['light', 'dark'] as const)(
  '%s: whatever rule sets both a text and a ground, they can be told apart',
  (theme) => {
    const found = rules.flatMap(({ selector, declarations }) => {
      const own = groundOf(declarations);
      const ground = theme === 'dark' ? (darkGround(selector) ?? own) : own;
      const text = declarations.get('color');
      // Bootstrap's own helpers for colours that the product does not use.
      if (
        !ground ||
        !text ||
        /^\.(text-bg|bg|btn-(?!primary|line|quiet|choice)|alert|list-group|table|badge|link|form-floating)/.test(
          selector,
        )
      )
        return [];
      const ratio = contrast(text, ground, theme);
      return ratio === undefined ? [] : [{ selector, ratio }];
    });
    expect(found.length).toBeGreaterThan(10);
    expect(found.filter(({ ratio }) => ratio < 4.5)).toEqual([]);
  },
);
