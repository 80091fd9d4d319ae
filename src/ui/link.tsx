import NextLink from 'next/link';
import type { ComponentProps } from 'react';

/**
 * A link that fetches nothing until it is pressed. Every page here is drawn from the database when it is asked for, so
 * what would be fetched ahead is thrown away: it cost a page of forty links forty requests.
 */
export default function Link(props: ComponentProps<typeof NextLink>) {
  return <NextLink prefetch={false} {...props} />;
}
