import Link from 'next/link';

export default function NotFound() {
  return (
    <main style={{ maxWidth: 560, margin: '12vh auto', padding: 24 }}>
      <h1>Nothing here</h1>
      <p style={{ margin: '12px 0' }}>
        There is no such case or page. It may have been thrown away while empty, or the link is old.
      </p>
      <Link href="/">Back to the desk</Link>
    </main>
  );
}
