import { Problem } from '@/core/problem';
import { z } from 'zod';
import type { Op, RowOf } from '@/core/case';
import { clearAll, readFrameLog, readOut, unrecordedClears, type VehiclePort } from '@/core/codes';
import { reportRows } from '@/core/exchange';
import { SIM_FAULTS } from '@/sim/vehicle/faults';
import { SimVehicle } from '@/sim/vehicle/vehicle';
import { db } from '@/store/database';
import { loadCase } from '@/store/rows';
import { applyChanges, newId } from '../cases/save';

/** Reading and clearing a vehicle from its case, through the one port. */

export const PortRequest = z.discriminatedUnion('do', [
  z.object({ do: z.literal('connect'), fault: z.string().max(40) }),
  z.object({ do: z.literal('read') }),
  z.object({ do: z.literal('clear') }),
  z.object({ do: z.literal('key') }),
  z.object({ do: z.literal('drive') }),
]);
export type PortRequest = z.infer<typeof PortRequest>;

/** Simulated vehicles by case, as long as the server runs; what happened since the last scan. */
interface Connected {
  vehicle: SimVehicle;
  since: RowOf<'scan'>['phase'];
}
const shared = globalThis as typeof globalThis & { vantleVehicles?: Map<string, Connected> };
const connected = (shared.vantleVehicles ??= new Map<string, Connected>());

/** The simulated faults to choose from. */
export const simulatedFaults = () => SIM_FAULTS.map(({ id, label }) => ({ id, label }));

/**
 * Does one thing at the vehicle. Before a clear the vehicle is read and the scan stored, always; only
 * then are codes cleared, and the clear stands on the case with its time.
 *
 * @returns a sentence saying what was done
 * @throws Error with a sentence when nothing is connected or nothing could be stored
 */
export async function atPort(caseId: string, request: PortRequest, who: string): Promise<string> {
  const record = await loadCase(db(), caseId);
  if (!record) throw new Problem('There is no such case.');
  if (request.do === 'connect') {
    connected.set(caseId, {
      vehicle: SimVehicle.withFault(request.fault, record.vehicle.vin),
      since: record.scan.length ? '' : 'first',
    });
    return 'Connected to the simulated vehicle.';
  }
  const here = connected.get(caseId);
  if (!here) throw new Problem('Nothing is connected. Choose what the simulated vehicle has and connect it.');
  switch (request.do) {
    case 'key':
      here.vehicle.keyCycle();
      here.since = 'after key cycle';
      return 'Key off and on, engine running.';
    case 'drive':
      here.vehicle.drive();
      here.since = 'after road test';
      return 'Driven; monitors have run on.';
    case 'read':
      return storeScan(caseId, here, who);
    case 'clear': {
      const said = await storeScan(caseId, here, who);
      const answer = readFrameLog(await clearAll(here.vehicle));
      const confirmed = new Set(answer.cleared).size;
      if (confirmed === 0) throw new Problem('No controller confirmed the clear; nothing was cleared.');
      const at = new Date().toISOString();
      const clear: Op = {
        op: 'add',
        kind: 'clear',
        id: newId(),
        row: { at, note: `${confirmed} controllers confirmed`, position: record.clear.length },
      };
      await store(caseId, [clear], who);
      here.since = 'after clear';
      const now = await loadCase(db(), caseId);
      if (
        now &&
        unrecordedClears(now.scan, now.clear).length > unrecordedClears(record.scan, record.clear).length
      ) {
        throw new Problem('The clear was stored without a scan before it; this should never be.');
      }
      return `${said} Then cleared: ${confirmed} controllers confirmed.`;
    }
  }
}

async function storeScan(
  caseId: string,
  here: Connected & { vehicle: VehiclePort },
  who: string,
): Promise<string> {
  const text = await readOut(here.vehicle);
  const report = readFrameLog(text);
  const record = await loadCase(db(), caseId);
  const scanId = newId();
  const scan: Op = {
    op: 'add',
    kind: 'scan',
    id: scanId,
    row: {
      at: new Date().toISOString(),
      phase: here.since,
      tool: here.vehicle.name,
      key: 'on',
      engine: report.engine,
      battery: report.battery,
      text,
      leftover: report.leftover.slice(0, 5000),
      position: record?.scan.length ?? 0,
    },
  };
  const rows = reportRows(scanId, report, newId).map(({ kind, row: { id, ...row } }): Op => ({
    op: 'add',
    kind,
    id,
    row,
  }));
  await store(caseId, [scan, ...rows], who);
  here.since = '';
  const silent = report.modules.filter((m) => !m.answered).length;
  return `Read: ${report.codes.length} code${report.codes.length === 1 ? '' : 's'} in ${report.modules.length - silent} controllers${silent ? `, ${silent} silent` : ''}.`;
}

async function store(caseId: string, ops: Op[], who: string): Promise<void> {
  const [result] = await applyChanges(caseId, [{ id: newId(), ops }], who);
  if (!result?.ok) throw new Problem(result && 'error' in result ? result.error : 'It could not be stored.');
}

/** The parameters recorded over time, each once a round. */
const RECORDED = [0x0c, 0x0d, 0x04, 0x0b, 0x10, 0x11, 0x06, 0x07, 0x05, 0x42];
const ROUNDS_A_SECOND = 10;

/**
 * Records live values through the port, round after round.
 *
 * @param seconds 2 … 120
 * @returns the conversation as a candump log, to be read as a trace like any other
 * @throws Error with a sentence when nothing is connected
 */
export async function recordRun(caseId: string, seconds: number): Promise<string> {
  const here = connected.get(caseId);
  if (!here)
    throw new Problem('Nothing is connected. On the case, press Vehicle and connect it, then record.');
  const lines: string[] = [];
  for (let round = 0; round < seconds * ROUNDS_A_SECOND; round++) {
    here.vehicle.wait(1 / ROUNDS_A_SECOND - RECORDED.length * 0.008);
    for (const pid of RECORDED) lines.push(...(await here.vehicle.exchange(0x7df, [0x01, pid])));
  }
  return `${lines.join('\n')}\n`;
}
