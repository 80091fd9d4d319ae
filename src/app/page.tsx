import { pageFor } from '@/app/page-for';
import { Suspense } from 'react';
import { DeskScreen } from '@/screens/desk/desk';
import { LearnedStrip } from '@/screens/desk/learned';
import { backupWarning } from '@/services/backup/schedule';
import { desk } from '@/services/shop/desk';
import { learnedLately } from '@/services/guide/learned';
import { setAsideWarning } from '@/services/running/set-aside';
import { people, shopName } from '@/services/shop/shop';

export const dynamic = 'force-dynamic';

export default async function Page() {
  const { role } = await pageFor('look');
  return (
    <DeskScreen
      desk={await desk()}
      shop={await shopName()}
      now={new Date().toISOString()}
      people={(await people()).map(({ id, name }) => ({ id, name }))}
      warnings={role === 'lead' ? await warningsForLead() : []}
      learned={
        <Suspense fallback={null}>
          <Learned />
        </Suspense>
      }
    />
  );
}

async function warningsForLead() {
  return [
    { text: await backupWarning(), href: '/shop/backups', link: 'Backups' },
    { text: setAsideWarning(), href: '/shop/backups', link: 'Backups' },
  ].filter((w) => w.text !== '');
}

/** Comes after the rest: it looks at a dozen cases anew when something was written. */
async function Learned() {
  return <LearnedStrip learned={await learnedLately()} />;
}
