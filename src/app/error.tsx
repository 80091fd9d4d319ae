'use client';

/** Shown when a page cannot be drawn; what was typed on a case is kept in the browser. */
export default function ErrorPage({ reset }: { error: Error; reset: () => void }) {
  return (
    <main style={{ maxWidth: 560, margin: '12vh auto', padding: 24 }}>
      <h1>This page could not be shown</h1>
      <p style={{ margin: '12px 0' }}>
        The shop’s server had trouble answering. Anything you typed on a case is kept in this browser and will
        be saved when you open the case again.
      </p>
      <button type="button" onClick={reset} style={{ minHeight: 44, padding: '0 16px' }}>
        Try again
      </button>
    </main>
  );
}
