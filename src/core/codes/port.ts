/**
 * The one narrow way to a vehicle. A simulated vehicle stands behind it now; an adapter at a real
 * diagnostic socket can stand behind the same four things.
 */
export interface VehiclePort {
  /** What it is, for the scan's record. */
  name: string;
  /** Controllers that are expected, by the identifier they are asked and answer with. */
  modules: readonly { ask: number; answer: number; name: string }[];
  /**
   * Sends one request and gathers every frame on the bus until it is quiet, the request's own
   * frames included, as lines of a candump log.
   *
   * @param id identifier to ask with: 0x7DF for all, else a controller's own
   * @param data service and parameters, 1 to 4095 bytes
   */
  exchange(id: number, data: readonly number[]): Promise<string[]>;
}

const ALL = 0x7df;
const LIVE = [0x01, 0x04, 0x05, 0x06, 0x07, 0x0b, 0x0c, 0x0d, 0x0f, 0x10, 0x11, 0x33, 0x42];

/**
 * Reads a vehicle out: VIN, codes stored, pending and permanent, the freeze frame, values and
 * readiness, and every controller's own memory by service 19.
 *
 * @returns the whole conversation as a candump log with its address book, for `readFrameLog`
 */
export async function readOut(port: VehiclePort): Promise<string> {
  const lines = port.modules.map((m) => `// module ${m.answer.toString(16).toUpperCase()} ${m.name}`);
  const ask = async (id: number, ...data: number[]) => lines.push(...(await port.exchange(id, data)));
  await ask(ALL, 0x09, 0x02);
  for (const service of [0x03, 0x07, 0x0a]) await ask(ALL, service);
  for (const m of port.modules) await ask(m.ask, 0x19, 0x02, 0xff);
  for (const pid of [0x02, 0x05, 0x0c, 0x0d, 0x07]) await ask(ALL, 0x02, pid, 0x00);
  for (const pid of LIVE) await ask(ALL, 0x01, pid);
  return lines.join('\n');
}

/**
 * Clears all codes: service 04 for all, service 14 for each controller.
 *
 * @returns the conversation as a candump log
 */
export async function clearAll(port: VehiclePort): Promise<string> {
  const lines = await port.exchange(ALL, [0x04]);
  for (const m of port.modules) lines.push(...(await port.exchange(m.ask, [0x14, 0xff, 0xff, 0xff])));
  return lines.join('\n');
}
