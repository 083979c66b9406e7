import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { Providers } from '@/ui/theme/providers';
import './globals.css';
import '@/ui/parts/parts.css';
import '@/ui/shell/shell.css';
import '@/ui/ladder/ladder.css';
import '@/ui/wall/wall.css';
import '@/ui/wall/strips.css';
import '@/ui/wall/feet.css';
import '@/ui/wall/phone.css';

export const metadata: Metadata = {
  title: { default: 'Zest Ladder', template: '%s · Zest Ladder' },
  description: 'Plans celebration cakes from the order to the hand-over.',
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1 };
export const dynamic = 'force-dynamic';

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <InitColorSchemeScript attribute="data-theme" defaultMode="system" nonce={nonce} />
        <Providers nonce={nonce}>{children}</Providers>
      </body>
    </html>
  );
}
