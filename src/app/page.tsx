import { DeskScreen } from '@/screens/desk/desk';
import { desk } from '@/services/cases';
import { shopName } from '@/services/shop';

export const dynamic = 'force-dynamic';

export default async function Page() {
  return <DeskScreen desk={await desk()} shop={await shopName()} now={new Date().toISOString()} />;
}
