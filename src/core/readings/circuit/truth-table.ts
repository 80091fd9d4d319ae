import type { Diagram } from './diagram';
import { solve, type Potential, type Resistor } from './network';

/** A fault as changed resistances: part name → ohms. */
export interface CircuitFault {
  id: string;
  /** As a technician says it: "open coil". */
  name: string;
  /** One form, or the steps of a range, as of resistance: readings have to go with one step, or two next to each other. */
  variants: Record<string, number>[];
  /** Pieces that the fault adds, such as a short between two places. */
  adds?: Resistor[];
  /** Places that the fault holds at a voltage. */
  fixed?: Record<string, number>;
  /** What tells it, where voltages never do; then readings that are as they have to be do not speak of it. */
  unseen?: string;
  /** Other forms of the same fault; readings have to go with one form as a whole. */
  also?: Pick<CircuitFault, 'variants' | 'adds' | 'fixed'>[];
}

/** A circuit drawn as named resistors, with the places where one probes and the states one puts it in. */
export interface Circuit {
  id: string;
  title: string;
  explains: string;
  /** Where one probes; `scale` is the full scale of a place that never sees the whole supply. */
  nodes: { id: string; label: string; scale?: number }[];
  states: { id: string; label: string }[];
  /** Name of the supply voltage asked for: battery or sensor supply. */
  supply: { label: string; usual: number };
  /** The healthy pieces by name, for a state. */
  parts: (state: string, supply: number) => Record<string, Resistor>;
  /**
   * Pieces that depend on what happens elsewhere, such as a relay's contact on the current through its coil, put
   * in after a first pass.
   *
   * @param volts by place
   * @param ohms of each piece, with the fault in it
   */
  react?: (
    volts: Record<string, number>,
    supply: number,
    ohms: Record<string, number>,
  ) => Record<string, number>;
  /** Pieces that open when far too much current runs: fuses, and drivers that protect themselves. */
  protects?: readonly string[];
  fixed: (state: string, supply: number) => Record<string, number>;
  /** What may vary in health: a sensor at either end of its range. Every table covers all of it. */
  range?: Record<string, number>[];
  /** Designs that differ from maker to maker: readings have to go with one of them as a whole. */
  designs?: Record<string, number>[];
  faults: CircuitFault[];
  /** The same for the eye: every place, and every piece that a fault is in. */
  diagram: Diagram;
  /** What stands in for the part: the pieces it replaces, and between which places it shows that it works. */
  substitute?: { name: string; replaces: Record<string, number | undefined>; across: [string, string] };
}

/** What one place reads in one state: between `low` and `high`, or floating. */
export interface Expected {
  low: number;
  high: number;
  floats: boolean;
}

/** `expected[node][state]`. */
export type TruthTable = Record<string, Record<string, Expected>>;

/** A place that is held only through this many ohms drifts on a meter; common practice, no source. */
const FLOATS_FROM = 500e3;

const solvedStates = new WeakMap<Circuit, Map<string, Record<string, Potential>>>();
/** Solved states kept for each circuit: those of one supply are some thousand. */
const STATES_KEPT = 20_000;

/** A state solved once: the steps of a fault's range come again in pairs, and with every reading typed. */
function volts(
  circuit: Circuit,
  state: string,
  supply: number,
  change: Record<string, number>,
  adds: Resistor[],
  held: Record<string, number> = {},
): Record<string, Potential> {
  let kept = solvedStates.get(circuit);
  if (!kept || kept.size > STATES_KEPT) solvedStates.set(circuit, (kept = new Map()));
  const key = JSON.stringify([state, supply, change, adds, held]);
  let solved = kept.get(key);
  if (!solved) kept.set(key, (solved = solveState(circuit, state, supply, change, adds, held)));
  return solved;
}

function solveState(
  circuit: Circuit,
  state: string,
  supply: number,
  change: Record<string, number>,
  adds: Resistor[],
  held: Record<string, number>,
): Record<string, Potential> {
  const build = (more: Record<string, number>) => {
    const parts = circuit.parts(state, supply);
    return [
      ...Object.entries(parts).map(([name, p]) => ({ ...p, ohms: change[name] ?? more[name] ?? p.ohms })),
      ...adds,
    ];
  };
  const fixed = { ...circuit.fixed(state, supply), ...held };
  const first = solve(build({}), fixed);
  if (!circuit.react) return first;
  const reacted = circuit.react(
    Object.fromEntries(Object.entries(first).map(([n, p]) => [n, p.volts])),
    supply,
    Object.fromEntries(
      Object.entries(circuit.parts(state, supply)).map(([name, p]) => [name, change[name] ?? p.ohms]),
    ),
  );
  return solve(build(reacted), fixed);
}

/**
 * What every place reads in every state, with a fault or without, from the circuit's own physics.
 *
 * @param circuit the drawing
 * @param supply volts
 * @param fault undefined for the healthy circuit
 * @param design one of the circuit's designs; the first when left out
 */
export function truthTable(
  circuit: Circuit,
  supply: number,
  fault?: CircuitFault,
  design: Record<string, number> = circuit.designs?.[0] ?? {},
): TruthTable {
  const table: TruthTable = {};
  for (const state of circuit.states) {
    for (const range of circuit.range ?? [{}]) {
      for (const variant of fault?.variants ?? [{}]) {
        const solved = volts(
          circuit,
          state.id,
          supply,
          { ...design, ...range, ...variant },
          fault?.adds ?? [],
          fault?.fixed,
        );
        for (const node of circuit.nodes) {
          const p = solved[node.id]!;
          const floats = p.source > FLOATS_FROM;
          const row = (table[node.id] ??= {});
          const there = row[state.id];
          row[state.id] = {
            low: Math.min(there?.low ?? Infinity, p.volts),
            high: Math.max(there?.high ?? -Infinity, p.volts),
            floats: floats || (there?.floats ?? false),
          };
        }
      }
    }
  }
  return table;
}

const solvedBefore = new WeakMap<Circuit, Map<string, TruthTable>>();
/** Tables kept for each circuit; a supply typed anew begins them anew. */
const KEPT = 3000;

/** The same, solved once: every reading typed asks for all of them again. */
function tableOf(
  circuit: Circuit,
  supply: number,
  fault?: CircuitFault,
  design?: Record<string, number>,
): TruthTable {
  let kept = solvedBefore.get(circuit);
  if (!kept || kept.size > KEPT) solvedBefore.set(circuit, (kept = new Map()));
  const key = JSON.stringify([supply, fault?.variants, fault?.adds, fault?.fixed, design]);
  let table = kept.get(key);
  if (!table) kept.set(key, (table = truthTable(circuit, supply, fault, design)));
  return table;
}

/**
 * What a good circuit reads, once for each design.
 *
 * @param circuit the drawing
 * @param supply volts, above 0
 */
export const healthyTables = (circuit: Circuit, supply: number): TruthTable[] =>
  (circuit.designs ?? [{}]).map((design) => tableOf(circuit, supply, undefined, design));

/** One measured place in one state. */
export interface Probed {
  node: string;
  state: string;
  volts: number;
}

/**
 * Whether a reading goes with what is expected there. Near the rails a circuit is held within a
 * few percent of the scale; a floating place drifts up to about a volt (common practice, no source).
 */
function goesWith(expected: Expected, found: number, scale: number): boolean {
  const slack = (edge: number) => (edge > 0.5 * scale ? 0.08 : 0.02) * scale;
  if (found >= expected.low - slack(expected.low) && found <= expected.high + slack(expected.high))
    return true;
  return expected.floats && expected.low < 1.2 && found > -0.1 * scale && found < Math.min(0.1 * scale, 1.2);
}

export interface CircuitFinding {
  /** Faults that explain every reading; healthy does when `healthy` is true. */
  explains: CircuitFault[];
  healthy: boolean;
  /** Readings that no healthy circuit gives. */
  wrong: Probed[];
  /** The reading still to take that separates what is left best, when there is one. */
  next?: { node: string; state: string };
  /** The substitute has not been tried, and would separate some of what is left. */
  substitute: boolean;
}

/** By state, whether a substitute in place of the part works: the lamp lights, the load runs. */
export function substituteWorks(
  circuit: Circuit,
  supply: number,
  fault?: CircuitFault,
): Record<string, boolean> {
  const s = circuit.substitute;
  if (!s) return {};
  return Object.fromEntries(
    circuit.states.map((state) => {
      const change: Record<string, number> = { ...fault?.variants[0] };
      for (const [part, ohms] of Object.entries(s.replaces)) {
        if (ohms === undefined) delete change[part];
        else change[part] = ohms;
      }
      const solved = volts(circuit, state.id, supply, change, fault?.adds ?? [], fault?.fixed);
      const [a, b] = s.across;
      return [state.id, Math.abs((solved[a]?.volts ?? 0) - (solved[b]?.volts ?? 0)) > 0.5 * supply];
    }),
  );
}

/**
 * Which single fault explains what was found: every measured place in every measured state, and
 * what the substitute did.
 *
 * @param circuit the drawing
 * @param supply volts, above 0
 * @param found what was measured, at least one
 * @param lit by state, whether the substitute worked; empty when it was not tried
 * @returns the faults that explain all of it, and the reading that would separate them
 * @throws RangeError with a sentence when nothing was measured or the supply is not above 0
 */
export function explainCircuit(
  circuit: Circuit,
  supply: number,
  found: readonly Probed[],
  lit: Readonly<Record<string, boolean>> = {},
): CircuitFinding {
  if (!(supply > 0)) throw new RangeError('The supply voltage has to be above 0 V.');
  if (found.length === 0) throw new RangeError('Measure at least one place in one state.');
  const scaleOf = (node: string) => circuit.nodes.find((n) => n.id === node)?.scale ?? supply;
  /** The forms of a fault that explain every reading, each narrowed to two steps of its range. */
  const formsOf = (fault: CircuitFault): CircuitFault[] =>
    [fault, ...(fault.also ?? []).map((form) => ({ id: fault.id, name: fault.name, ...form }))]
      .flatMap((f) =>
        f.variants.length < 3
          ? [f]
          : f.variants.slice(1).map((v, i) => ({ ...f, variants: [f.variants[i]!, v] })),
      )
      .filter((f) => fitsAs(f));
  const fitsAs = (fault?: CircuitFault) => {
    const tried = Object.entries(lit);
    const works = tried.length === 0 ? {} : substituteWorks(circuit, supply, fault);
    return (
      (circuit.designs ?? [{}]).some((design) => {
        const table = tableOf(circuit, supply, fault, design);
        return found.every((p) => goesWith(table[p.node]![p.state]!, p.volts, scaleOf(p.node)));
      }) && tried.every(([state, on]) => works[state] === on)
    );
  };
  // What one maker's design never reads another's may.
  const good = healthyTables(circuit, supply);
  const healthy = fitsAs();
  // Readings as they have to be never exclude a little resistance; they exclude a fault when its worst form
  // would have shown.
  const worst = (f: CircuitFault): CircuitFault => ({ ...f, variants: f.variants.slice(-1) });
  const candidates = healthy ? circuit.faults.filter((f) => !f.unseen).map(worst) : circuit.faults;
  const forms = candidates.map(formsOf).filter((f) => f.length > 0);
  const all = circuit.faults.filter((f) => forms.some(([form]) => form!.id === f.id));
  // Where an open piece explains it, resistance that makes it nearly open adds nothing.
  const partOf = (f: CircuitFault) => Object.keys(f.variants[0]!).join();
  const open = new Set(all.filter((f) => f.variants.length === 1 && !f.adds).map(partOf));
  const explains = all.filter((f) => f.variants.length === 1 || !open.has(partOf(f)));
  const wrong = found.filter(
    (p) => !good.some((t) => goesWith(t[p.node]![p.state]!, p.volts, scaleOf(p.node))),
  );
  const left: (CircuitFault | undefined)[][] = healthy ? [[undefined], ...forms] : forms;
  const next = nextProbe(circuit, supply, found, left);
  const substitute = Object.keys(lit).length === 0 && substituteTells(circuit, supply, left);
  return { explains, healthy, wrong, substitute, ...(next ? { next } : {}) };
}

/** Whether a substitute would work with some of the candidates and not with others. */
function substituteTells(
  circuit: Circuit,
  supply: number,
  left: readonly (readonly (CircuitFault | undefined)[])[],
): boolean {
  if (!circuit.substitute) return false;
  return new Set(left.map(([f]) => JSON.stringify(substituteWorks(circuit, supply, f)))).size > 1;
}

/** The unmeasured place and state whose expected readings lie apart for the most pairs of candidates. */
function nextProbe(
  circuit: Circuit,
  supply: number,
  found: readonly Probed[],
  left: (CircuitFault | undefined)[][],
): { node: string; state: string } | undefined {
  if (left.length < 2) return undefined;
  const tables = left.map((forms) => forms.map((f) => tableOf(circuit, supply, f)));
  let best: { node: string; state: string; apart: number } | undefined;
  for (const node of circuit.nodes) {
    for (const state of circuit.states) {
      if (found.some((p) => p.node === node.id && p.state === state.id)) continue;
      let apart = 0;
      tables.forEach((a, i) => {
        for (const b of tables.slice(i + 1)) {
          const separate = a.every((p) =>
            b.every((q) => {
              const x = p[node.id]![state.id]!;
              const y = q[node.id]![state.id]!;
              return (
                !goesWith(x, (y.low + y.high) / 2, node.scale ?? supply) &&
                !goesWith(y, (x.low + x.high) / 2, node.scale ?? supply)
              );
            }),
          );
          if (separate) apart++;
        }
      });
      if (apart > 0 && (!best || apart > best.apart)) best = { node: node.id, state: state.id, apart };
    }
  }
  return best && { node: best.node, state: best.state };
}
