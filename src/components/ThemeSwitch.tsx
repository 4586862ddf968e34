'use client';
import Button from 'react-bootstrap/Button';
import { Icon } from './Icon';

const year = 31_536_000;

/** Light and dark; the choice is kept in a cookie so that the server paints it right at once. */
export function ThemeSwitch() {
  const swap = () => {
    const root = document.documentElement;
    const next = root.dataset['bsTheme'] === 'dark' ? 'light' : 'dark';
    root.dataset['bsTheme'] = next;
    document.cookie = `mozle_theme=${next}; path=/; max-age=${year}; samesite=lax`;
  };
  return (
    <Button variant="quiet" size="sm" onClick={swap} aria-label="Switch between light and dark" title="Light or dark">
      <Icon name="circle-half" />
    </Button>
  );
}
