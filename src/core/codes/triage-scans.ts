import type { CodeStatus } from '@/core/case';
import { baseCode } from './code';
import type { Recurrence } from './recurrence';
import { meaningOf } from './dictionary';
import { kindOf } from './kind';
import type { CodeRole, TriageFacts } from './triage-types';

/**
 * Multi-code scans labelled by hand from knowledge of vehicles, to measure the proposals against.
 * The labels were written before the rules were run over them. Common practice, no source.
 *
 * One line a scan: areas of the complaint | battery V | silent modules | codes.
 * A code: module:code status role [course], status a active, s stored, p pending, h history,
 * i intermittent; role C chase, K knock-on, A aside, L leftover; course + straight back, r back on
 * the road, - did not return, nothing where no clear was made.
 */
const SCANS = `
running emissions | 12.5 | | Engine:P0171 s C, Engine:P0507 p K, Transmission:P0562 h L
running | 12.6 | | Engine:P0303 s C, Engine:P0300 s K
running | 12.6 | | Engine:P0353 a C, Engine:P0303 s K
running | 12.5 | | Engine:P0202 a C, Engine:P0302 s K, Engine:P0300 p K
running emissions | 12.4 | | Engine:P0301 s C, Engine:P0420 p K
emissions | 12.6 | | Engine:P0420 s C, Body:B1D08 h L
running smoke | 12.3 | | Engine:P0299 s C, Engine:P0401 s K, Engine:P2463 p K
running | 12.4 | | Engine:P0299 s K, Engine:P2563 s C, Engine:P0101 p K
running | 12.4 | | Engine:P0234 s K, Engine:P0243 a C
starting running | 12.2 | | Engine:P0335 i C, Engine:P0340 h L
starting | 12.5 | | Engine:P0335 s C, Engine:P0016 s K
running | 12.6 | | Engine:P0010 a C, Engine:P0011 s K
running | 12.6 | | Engine:P0011 s C, Engine:P0016 s C
starting | 12.1 | | Engine:P0087 s K, Engine:P0627 a C
starting | 12.4 | | Engine:P0087 i C
starting running | 12.5 | | Engine:P0087 s C, Engine:P0300 p K
running | 12.6 | | Engine:P0101 s K, Engine:P0102 a C, Engine:P0171 s K
running | 12.6 | | Engine:P0102 a C, Engine:P0113 a C
running | 12.6 | | Engine:P0641 a C, Engine:P0107 a K, Engine:P0122 a K, Engine:P0532 a K
running | 12.5 | | Engine:P0651 s C, Engine:P2127 s K, Engine:P0192 s K
running | 12.5 | | Engine:P2135 s K, Engine:P0122 a C, Engine:P2106 s K
running | 12.5 | | Engine:P2138 s K, Engine:P2127 s C
running | 12.6 | | Engine:P2101 a C, Engine:P2106 a K
running | 12.6 | | Engine:P0172 s K, Engine:P0441 s C, Engine:P0302 h L
running emissions | 12.6 | | Engine:P0496 s C, Engine:P0172 p K
emissions | 12.6 | | Engine:P0455 s C, Engine:P0457 s C
emissions | 12.6 | | Engine:P0443 a C, Engine:P0441 s K
emissions | 12.6 | | Engine:P0447 a C, Engine:P0446 s K, Engine:P0455 p K
emissions | 12.5 | | Engine:P0135 a C, Engine:P0420 p K
emissions running | 12.5 | | Engine:P0131 a C, Engine:P0171 s K
smoke | 12.4 | | Engine:P2453 s C, Engine:P2463 s K
smoke | 12.4 | | Engine:P0546 a C, Engine:P2459 s K
smoke | 12.3 | | Engine:P0401 s C, Engine:P2463 s K
smoke | 12.3 | | Engine:P0404 s C, Engine:P0401 s C
cooling | 12.6 | | Engine:P0118 a C, Engine:P0128 p K
cooling | 12.6 | | Engine:P0128 s C, Body:B1479 h L
cooling | 12.6 | | Engine:P0217 s C, Engine:P0480 s C
brakes | 12.6 | ABS | Engine:U0121 a C, Transmission:U0121 a C, Cluster:U0121 a C, Steering:U0415 s K
brakes | 12.5 | | ABS:C0035 s C, Engine:U0415 s K, Steering:U0415 s K
brakes | 12.5 | | ABS:C0045 a C, ABS:C0561 a K, Engine:P0501 p A
brakes | 12.6 | | ABS:C1225 i C, Engine:U0121 s K, Cluster:U0121 s K
brakes | 12.4 | | ABS:C0040 s C, Engine:P0455 s A, Body:B1479 s A
brakes | 12.5 | | ABS:C0035 s C +, Engine:P0562 h L -, Airbag:B0051 h L -
transmission | 12.5 | | Transmission:P0715 a C, Transmission:P0731 s K, Engine:P0700 a K
transmission | 12.5 | | Transmission:P0741 s C, Engine:P0700 s K
transmission | 12.4 | | Transmission:P0746 s C, Transmission:P0733 s K, Engine:P0700 s K
transmission | 12.4 | | Transmission:P0758 a C, Transmission:P0732 s K, Engine:P0420 s A
transmission | 12.6 | Transmission | Engine:U0101 a C, ABS:U0101 a C, Cluster:U0402 s K
electrical | 11.4 | | Engine:P0562 s C, Transmission:P0562 s C, ABS:C1225 h L, Body:B1D08 h L
electrical | 12.6 | | Engine:P0562 h L, ABS:C1225 h L, Airbag:B0051 h L, Steering:U0415 h L, Radio:U0140 h L
electrical | 12.5 | | Engine:P0622 a C, Engine:P0562 s C
electrical | 12.5 | Body | Engine:U0140 a C, Cluster:U0140 a C, Climate:U0422 s K
electrical | 12.5 | Radio | Body:U0184 a C
starting | 12.3 | | Engine:P1614 a K, Body:B2799 s C
starting | 12.3 | Immobiliser | Engine:U0167 a C, Engine:P0513 s C
chassis | 12.6 | | Steering:C1A20 s C, Engine:P0171 s A
chassis | 12.6 | | Steering:U0126 a K, Steering column:C1290 a C, ABS:U0126 s K
comfort | 12.5 | | Climate:B1479 s C, Engine:P0532 s C
comfort | 12.5 | | Airbag:B0051 a C, Engine:P0420 s A
comfort | 12.4 | | Distance:C1A67 s C, Distance:C1A60 i C, Engine:P0299 h L
hybrid | 12.5 | | Hybrid:P0A82 s C, Hybrid:P0A7F p K
hybrid | 12.5 | | Hybrid:P0A93 s C, Hybrid:P0A78 s C
hybrid | 12.3 | | Hybrid:P0AA6 a C, Engine:P0420 s A
running | 12.6 | | Engine:P0171 s C +, Engine:P0455 h L -, Transmission:P0562 h L -, Body:B1D08 h L -
running | 12.6 | | Engine:P0300 s C r, Engine:P0171 s L -, ABS:C1225 h L -
running | 12.4 | | Engine:P0193 a C, Engine:P0191 s K, Engine:P0088 p C
running | 12.4 | | Engine:P0112 a C, Engine:P0111 s K, Engine:P0299 h L
starting | 12.5 | | Engine:P0671 s C, Engine:P0673 s C, Engine:P0380 h L
running starting | 12.5 | | Engine:P0335 s C +, Engine:P0339 s K +, ABS:U0401 s K +
emissions | 12.6 | | Engine:P2195 s C, Engine:P0420 h L, Engine:P0171 s C
smoke | 12.4 | | Engine:P2201 s C, Engine:P204F p C, Engine:P0562 h L
`;

const STATUS: Record<string, CodeStatus> = {
  a: 'active',
  s: 'stored',
  p: 'pending',
  h: 'history',
  i: 'intermittent',
};
const ROLE: Record<string, CodeRole> = { C: 'chase', K: 'knock-on', A: 'aside', L: 'leftover' };
const COURSE: Record<string, Recurrence> = {
  '+': 'returned at once',
  r: 'returned on the road',
  '-': 'did not return',
};

export interface LabelledScan {
  facts: TriageFacts;
  labels: Map<string, CodeRole>;
}

/** The labelled scans, ready for `proposeRoles`. */
export const LABELLED_SCANS: readonly LabelledScan[] = SCANS.trim()
  .split('\n')
  .map((row) => {
    const [areas = '', battery = '', silent = '', list = ''] = row.split('|').map((p) => p.trim());
    const labels = new Map<string, CodeRole>();
    const codes = new Map<string, TriageFacts['codes'][number]>();
    for (const part of list.split(',')) {
      const [where = '', status = '', role = '', course = ''] = joinModule(part);
      const [module = '', code = ''] = where.split(':');
      const known = codes.get(code);
      if (known) known.modules.push(module);
      else {
        const text = meaningOf(code);
        codes.set(code, {
          code,
          base: baseCode(code),
          text,
          kind: kindOf(code, text),
          course: COURSE[course] ?? 'no clear yet',
          statuses: [STATUS[status]!],
          modules: [module],
        });
      }
      labels.set(code, ROLE[role]!);
    }
    return {
      facts: {
        codes: [...codes.values()],
        silent: silent ? silent.split(',').map((s) => s.trim()) : [],
        battery: Number(battery) || null,
        areas: areas.split(' ').filter(Boolean),
      },
      labels,
    };
  });

/** A module's name may hold a blank: everything up to the code belongs to it. */
function joinModule(part: string): string[] {
  const m = /^(.*:\S+) (.*)$/.exec(part.trim());
  return m ? [m[1]!, ...m[2]!.split(' ')] : part.trim().split(' ');
}
