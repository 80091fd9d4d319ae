import '@fontsource-variable/atkinson-hyperlegible-next/index.css';
import '@fontsource-variable/atkinson-hyperlegible-next/wght-italic.css';
import '@fontsource-variable/atkinson-hyperlegible-mono/index.css';
import '@/ui/fonts/zero.css';
import type { Metadata, Viewport } from 'next';
import { cookies, headers } from 'next/headers';
import type { ReactNode } from 'react';
import { whoIsHere } from '@/app/page-for';
import { Frame } from '@/screens/frame/frame';
import type { Actor } from '@/services/access/actor';
import { peopleWithPin } from '@/services/access/manage';
import { deviceHere } from '@/services/access/who';
import { decimalSign, people, region } from '@/services/shop/shop';
import { NumbersOfShop } from '@/screens/numbers';
import { RegionOfShop } from '@/screens/region';
import { EarlyInput } from '@/ui/early-input';
import { KEEP_EARLY_PRESS } from '@/ui/early-press';
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
  const [who, here, sign] = await Promise.all([whoIsHere(), region(), decimalSign()]);
  return (
    <html
      lang="en"
      data-theme={theme === 'dark' || theme === 'light' ? theme : undefined}
      suppressHydrationWarning
    >
      <body data-role={who?.role}>
        <script
          nonce={/'nonce-([^']+)'/.exec((await headers()).get('content-security-policy') ?? '')?.[1]}
          suppressHydrationWarning
          dangerouslySetInnerHTML={{ __html: KEEP_EARLY_PRESS }}
        />
        <StyleRegistry>
          <GlobalStyle />
          {who ? (
            <Frame
              people={who.via === 'demo' ? await names() : []}
              person={who.personId}
              here={await hereOf(who)}
            >
              <RegionOfShop value={here?.id ?? ''}>
                <NumbersOfShop value={sign}>{children}</NumbersOfShop>
              </RegionOfShop>
            </Frame>
          ) : (
            children
          )}
          <EarlyInput />
        </StyleRegistry>
      </body>
    </html>
  );
}

const names = async () => (await people()).map((p) => ({ id: p.id, name: p.name, role: p.role }));

/** Who is signed in on this device, and who else may be; nobody in the demo. */
async function hereOf(who: Actor) {
  if (who.via === 'demo') return null;
  const device = await deviceHere(await headers());
  return {
    id: who.personId,
    name: who.name,
    idleMinutes: who.deviceId && device ? device.idleMinutes : 0,
    others: device ? (await peopleWithPin()).filter((p) => p.id !== who.personId) : [],
  };
}
