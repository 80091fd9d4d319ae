import '@fontsource-variable/atkinson-hyperlegible-next/index.css';
import '@fontsource-variable/atkinson-hyperlegible-next/wght-italic.css';
import '@fontsource-variable/atkinson-hyperlegible-mono/index.css';
import type { Metadata, Viewport } from 'next';
import { cookies } from 'next/headers';
import type { ReactNode } from 'react';
import { Frame } from '@/screens/frame/frame';
import { decimalSign, people } from '@/services/shop';
import { NumbersOfShop } from '@/screens/numbers';
import { StyleRegistry } from '@/ui/registry';
import { GlobalStyle } from '@/ui/theme';

export const metadata: Metadata = {
  title: { default: 'Vantle', template: '%s · Vantle' },
  description: 'Keeps the argument of every hard diagnosis, and uses it for the next one.',
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function Layout({ children }: { children: ReactNode }) {
  const jar = await cookies();
  const theme = jar.get('vantle-theme')?.value;
  const all = await people();
  return (
    <html
      lang="en"
      data-theme={theme === 'dark' || theme === 'light' ? theme : undefined}
      suppressHydrationWarning
    >
      <body>
        <StyleRegistry>
          <GlobalStyle />
          <Frame
            people={all.map((p) => ({ id: p.id, name: p.name }))}
            person={jar.get('vantle-person')?.value ?? ''}
          >
            <NumbersOfShop value={await decimalSign()}>{children}</NumbersOfShop>
          </Frame>
        </StyleRegistry>
      </body>
    </html>
  );
}
