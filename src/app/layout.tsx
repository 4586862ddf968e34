import '@/styles/theme.scss';
import { cookies, headers } from 'next/headers';
import { Awake } from '@/components/early/Awake';
import { EarlyScript } from '@/components/early/EarlyScript';
import { ThemeScript } from '@/components/ThemeScript';
import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';

export const metadata: Metadata = {
  title: { default: 'Mozle', template: '%s · Mozle' },
  description: 'Plans for the teaching organic-chemistry lab',
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  const theme = (await cookies()).get('mozle_theme')?.value;
  const nonce = (await headers()).get('mozle-nonce') ?? undefined;
  return (
    <html lang="en" data-bs-theme={theme === 'dark' ? 'dark' : 'light'} suppressHydrationWarning>
      <head>
        {theme === undefined && <ThemeScript nonce={nonce} />}
        <EarlyScript nonce={nonce} />
      </head>
      <body>
        {children}
        <Awake />
      </body>
    </html>
  );
}
