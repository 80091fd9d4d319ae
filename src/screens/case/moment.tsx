'use client';

import dynamic from 'next/dynamic';
import { useRef, useState } from 'react';
import { Button as Plain, Popover } from 'react-aria-components';
import styled from 'styled-components';
import { Figure } from '@/ui/controls';
import { dayTime } from '@/ui/dates';
import { nowIso, useField, type Bound } from './fields';

/** As high as the editor will be, so that the box is placed where it fits before it is there. */
const Room = styled.div`
  height: 112px;
  width: 250px;
`;
/** The calendar's parts are fetched when somebody sets a time. */
const MomentEditor = dynamic(() => import('@/ui/moment-editor'), { loading: () => <Room /> });

const Time = styled(Plain)`
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  padding: 2px 4px;
  margin: -2px -4px;
  border-radius: 3px;
  text-align: left;
  cursor: pointer;
  text-decoration: underline dotted;
  text-underline-offset: 3px;
  &[data-hovered] {
    color: var(--accent);
  }
  &[data-focus-visible] {
    outline: 2px solid var(--accent);
  }
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;
const Box = styled(Popover)`
  background: var(--raised);
  border: 1px solid var(--rule-2);
  border-radius: var(--radius);
  box-shadow: var(--shadow);
  padding: 12px;
`;

/**
 * When something was done or read: shown, and set with a press. What came before and what after follows from it.
 */
export function MomentField({
  kind,
  id,
  field = 'at',
  label,
  empty = 'when?',
  clearable,
  planned = false,
}: Pick<Bound, 'kind' | 'id' | 'label'> & {
  field?: string;
  empty?: string;
  clearable?: boolean;
  /** A moment that may lie ahead, as a promised one does. */
  planned?: boolean;
}) {
  const [value, edit, clash] = useField(kind, id, field);
  const at = typeof value === 'string' ? value : null;
  const [open, setOpen] = useState(false);
  const trigger = useRef<HTMLButtonElement>(null);
  const none = () => {
    edit(null);
    setOpen(false);
  };
  return (
    <>
      <Time
        ref={trigger}
        aria-label={`${label}: ${at ? dayTime(at) : 'not said'}; set the time`}
        aria-expanded={open}
        data-clash={clash ? '' : undefined}
        onPress={() => setOpen(true)}
      >
        <Figure>{at ? dayTime(at) : empty}</Figure>
      </Time>
      <Box
        triggerRef={trigger}
        isOpen={open}
        onOpenChange={setOpen}
        placement="bottom start"
        aria-label={label}
      >
        {open && (
          <MomentEditor
            label={label}
            value={at ?? nowIso()}
            past={!planned}
            onChange={edit}
            onNow={() => edit(nowIso())}
            {...(clearable ? { onNone: none } : {})}
            onDone={() => {
              if (at === null) edit(nowIso());
              setOpen(false);
            }}
          />
        )}
      </Box>
    </>
  );
}
