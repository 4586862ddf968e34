'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { api } from '@/api/client';
import { forgetPages } from '@/api/offline';
import { forgetRecords, lostWithPage } from '@/api/outbox/store';
import { Icon } from './Icon';
import { Logo } from './Logo';
import { ThemeSwitch } from './ThemeSwitch';
import type { Identity } from '@/core/identity';
import type { ReactNode } from 'react';

/** The frame of every page after signing in: where you are, who you are, the way out. */
export function Shell({
  identity,
  crumb,
  children,
}: {
  readonly identity: Identity;
  readonly crumb?: string;
  readonly children: ReactNode;
}) {
  const router = useRouter();
  const [stays, setStays] = useState('');
  const [isWarned, setWarned] = useState(false);
  const leave = async () => {
    const lost = await lostWithPage();
    if (lost > 0 && !isWarned) {
      setWarned(true);
      return setStays(
        `This browser could not keep ${lost === 1 ? 'one entry that is' : `${lost} entries that are`} not sent yet: signing out now loses ${lost === 1 ? 'it' : 'them'}. Wait until everything is stored, or sign out again to leave all the same.`,
      );
    }
    try {
      await api.signOut();
    } catch {
      return setStays('No connection: you are still signed in. Sign out again when it is back.');
    }
    await forgetPages();
    await forgetRecords().catch(() => undefined);
    router.replace('/sign-in');
    router.refresh();
  };
  return (
    <>
      <a className="visually-hidden-focusable skip" href="#main">
        Skip to the content
      </a>
      <header className="shell-bar">
        <Link href="/" className="shell-home" aria-label="Mozle, start">
          <Logo />
          <span>Mozle</span>
        </Link>
        {identity.role !== 'group' && (
          <nav aria-label="Main">
            <Link href="/preparations">Preparations</Link>
            <Link href="/classes">Classes</Link>
            <Link href="/reference">Reference</Link>
            <Link href="/models">Models</Link>
            <Link href="/courses">Courses</Link>
            {crumb && (
              <>
                <span aria-hidden="true">›</span>
                <span className="shell-crumb">{crumb}</span>
              </>
            )}
          </nav>
        )}
        <div className="shell-who">
          {identity.role === 'group' ? (
            <span>{identity.name}</span>
          ) : (
            <Link href="/account" title="Your account">
              {identity.name}
              {identity.name !== identity.role && <small>{identity.role}</small>}
            </Link>
          )}
          <ThemeSwitch />
          <Button variant="quiet" size="sm" onClick={() => void leave()} aria-label="Sign out" title="Sign out">
            <Icon name="box-arrow-right" />
          </Button>
        </div>
      </header>
      <main id="main" tabIndex={-1}>
        {stays !== '' && (
          <p className="banner banner-stop" role="alert">
            {stays}
          </p>
        )}
        {children}
      </main>
    </>
  );
}
