'use client';

import { X } from 'lucide-react';
import { useEffect, useRef, useState, type RefObject } from 'react';
import { Dialog, Modal, ModalOverlay } from 'react-aria-components';
import styled, { css } from 'styled-components';
import { Button, Tag } from '@/ui/controls';
import { baseCode } from '@/core/codes';
import { dayTime } from '@/ui/dates';
import { ForkList } from '../../compare/fork-list';
import { ExperienceLinks } from '../../experience/links';
import { BulletinMargin } from './bulletins';
import { useConclusions } from '../conclusion/conclusions';
import { GUIDANCE_BESIDE, GuidanceBar } from './guidance-bar';
import { GuideMargin } from './guide';
import { useSuspectName } from '../conclusion/parts';
import { NearCases } from './near-cases';
import { useForks, useMarginAge } from './similar-cases';
import { useCase } from '../saving/store';
import { useUnexplained } from '../scans/unexplained';
import { HELP_DECIDING } from '../../help-texts';
import { Help, Titled } from '@/ui/help';
import { Inline } from '@/ui/layout';

const SuspectName = styled.li<{ $out: boolean }>`
  ${({ $out }) => $out && 'text-decoration: line-through; color: var(--ink-3);'}
`;

const parts = css`
  font-size: 0.875rem;
  & h3 {
    font-size: 0.8125rem;
    font-weight: 680;
    color: var(--ink-2);
    margin: 14px 0 6px;
  }
  & > h3:first-child {
    margin-top: 0;
  }
`;
const Aside = styled.aside`
  ${parts}
  padding: 14px 16px 30px 4px;
  position: sticky;
  top: 106px;
  align-self: start;
  max-height: calc(100vh - 106px);
  overflow: auto;
  @media (max-width: ${GUIDANCE_BESIDE}px) {
    display: none;
  }
  @media print {
    display: none;
  }
`;
const Veil = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 40;
  background: rgb(0 0 0 / 35%);
`;
const Drawer = styled(Modal)`
  ${parts}
  position: absolute;
  inset: 0 0 0 auto;
  width: min(440px, 94vw);
  overflow: auto;
  padding: 12px 16px 30px;
  background: var(--ground);
  border-left: 1px solid var(--rule-2);
`;
const Top = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: center;
  font-weight: 700;
`;
const MOST_UNEXPLAINED = 12;

/** What is not explained, the suspects, likely causes and tests: beside the case, or over it where it is narrow. */
export function Margin({ now }: { now: string }) {
  const [open, setOpen] = useState(false);
  const afterwards = useRef<() => void>(undefined);
  const leave = (then?: () => void) => {
    afterwards.current = then;
    setOpen(false);
  };
  return (
    <>
      <GuidanceBar onOpen={() => setOpen(true)} />
      <Aside aria-label="Guidance">
        <Guidance now={now} />
      </Aside>
      <Veil isDismissable isOpen={open} onOpenChange={setOpen}>
        <Drawer>
          <Dialog aria-label="Guidance">
            <Top>
              Guidance
              <Button $kind="quiet" onPress={() => setOpen(false)}>
                <X aria-hidden="true" /> Close
              </Button>
            </Top>
            <Guidance now={now} leave={leave} />
            <OnceGone run={afterwards} />
          </Dialog>
        </Drawer>
      </Veil>
    </>
  );
}

/**
 * Does what was asked for when the dialog has gone. The dialog gives the cursor back to its button in the frame after it
 * went; only then it is free to go on.
 */
function OnceGone({ run }: { run: RefObject<(() => void) | undefined> }) {
  useEffect(
    () => () => {
      const then = run.current;
      run.current = undefined;
      if (then) requestAnimationFrame(() => requestAnimationFrame(then));
    },
    [run],
  );
  return null;
}

/** @param leave closes what lies over the case, then does what leads back to it */
function Guidance({ now, leave }: { now: string; leave?: (then?: () => void) => void }) {
  const { suspects } = useConclusions();
  const hasCause = useCase((s) => s.record.cause.length > 0);
  const unexplained = useUnexplained();
  const name = useSuspectName();
  const forks = useForks();
  return (
    <div onClick={(e) => (e.target as HTMLElement).closest('a') && leave?.()}>
      {unexplained.length > 0 && (
        <>
          <h3>{hasCause ? 'Not explained by a cause' : 'To be explained'}</h3>
          <Inline as="p" $gap={5}>
            {unexplained.slice(0, MOST_UNEXPLAINED).map((u) => (
              <Tag key={u} $tone={hasCause ? 'unsure' : 'plain'} $wraps>
                {u}
              </Tag>
            ))}
            {unexplained.length > MOST_UNEXPLAINED && (
              <a href="#cause">and {unexplained.length - MOST_UNEXPLAINED} more</a>
            )}
          </Inline>
        </>
      )}
      {suspects.length > 0 && (
        <>
          <h3>Suspects</h3>
          <ul>
            {suspects.map((s) => (
              <SuspectName
                key={s.suspectId ?? `${s.partId}${s.failureId}${s.words}${s.where}`}
                $out={s.state === 'ruled out'}
              >
                {name(s)} {s.state === 'confirmed' && <Tag $tone="pass">confirmed</Tag>}
                {s.suspectId === null && <Tag $tone="accent">found by a test</Tag>}
              </SuspectName>
            ))}
          </ul>
        </>
      )}
      <OldMargin />
      <GuideMargin leave={leave} />
      <NearCases now={now} />
      {forks.length > 0 && (
        <section aria-label="Forks">
          <Titled>
            <h3>Deciding tests</h3>
            <Help on="Deciding tests" text={HELP_DECIDING} />
          </Titled>
          <ForkList forks={forks.slice(0, 3)} />
        </section>
      )}
      <BulletinMargin />
      <Known />
    </div>
  );
}

/** Says that what stands below belongs to an earlier state of the case. */
function OldMargin() {
  const since = useMarginAge();
  if (since === null) return null;
  return (
    <p role="status">
      <Tag $tone="unsure" $wraps>
        As of {dayTime(since)}: it could not be brought up to date. It is tried again.
      </Tag>
    </p>
  );
}

/** Ways to what the shop knows of the codes, the build and the vehicle of this case. */
function Known() {
  const codes = useCase((s) => s.record.code);
  const v = useCase((s) => s.record.vehicle);
  const chased = [...new Set(codes.map((c) => baseCode(c.code)))].slice(0, 6);
  const build = v.make && v.model && v.engine ? `${v.make}/${v.model}/${v.engine}` : '';
  return <ExperienceLinks codes={chased} build={build} vehicleId={v.id} />;
}
