'use client';

import { usePathname, useSearchParams } from 'next/navigation';
import { useEffect, useState } from 'react';
import styled, { keyframes } from 'styled-components';

const along = keyframes`
  from { transform: translateX(-100%); }
  to { transform: translateX(320%); }
`;
const Bar = styled.div`
  position: fixed;
  inset: 0 0 auto 0;
  z-index: 70;
  height: 3px;
  overflow: hidden;
  &::before {
    content: '';
    display: block;
    width: 30%;
    height: 100%;
    background: var(--accent);
    animation: ${along} 1.1s linear infinite;
  }
`;
const Word = styled.p`
  position: fixed;
  top: 60px;
  left: 50%;
  transform: translateX(-50%);
  z-index: 70;
  padding: 8px 16px;
  background: var(--fail-soft);
  color: var(--fail);
  border-radius: var(--radius);
  box-shadow: var(--shadow);
`;
const LONG_MS = 12_000;
const SHOWN_AFTER_MS = 180;

/** The address a click leads to within Vantle; empty when it leads elsewhere or opens a window of its own. */
function leadsTo(e: MouseEvent): string {
  const link = e.target instanceof Element ? e.target.closest<HTMLAnchorElement>('a[href]') : null;
  if (!link || e.defaultPrevented || e.button !== 0 || e.ctrlKey || e.metaKey || e.shiftKey) return '';
  if (link.origin !== location.origin || link.target || link.hasAttribute('download')) return '';
  // What comes as a file leaves the page where it is.
  if (link.pathname.startsWith('/api/')) return '';
  const here = location.pathname + location.search;
  return link.pathname + link.search === here ? '' : link.href;
}

/** Says that the next page is on its way; without a connection stays here, where nothing is lost. */
export function Going() {
  const here = `${usePathname()}?${useSearchParams().toString()}`;
  const [from, setFrom] = useState('');
  const [shown, setShown] = useState(false);
  const [word, setWord] = useState('');
  const going = from === here;

  useEffect(() => {
    const click = (e: MouseEvent) => {
      if (!leadsTo(e)) return;
      if (!navigator.onLine) {
        e.preventDefault();
        setWord('No connection: this page stays open, and what you write in it is kept.');
        return;
      }
      setFrom(here);
    };
    window.addEventListener('click', click, true);
    return () => window.removeEventListener('click', click, true);
  }, [here]);
  useEffect(() => {
    if (!going) return;
    const show = setTimeout(() => setShown(true), SHOWN_AFTER_MS);
    const long = setTimeout(() => {
      setFrom('');
      setWord('The shop’s server does not answer. This page stays as it is; try again in a moment.');
    }, LONG_MS);
    return () => {
      setShown(false);
      clearTimeout(show);
      clearTimeout(long);
    };
  }, [going]);
  useEffect(() => {
    if (word === '') return;
    const wait = setTimeout(() => setWord(''), 6000);
    return () => clearTimeout(wait);
  }, [word]);

  return (
    <>
      {going && shown && <Bar role="progressbar" aria-label="The next page is on its way" />}
      {word !== '' && <Word role="alert">{word}</Word>}
    </>
  );
}
