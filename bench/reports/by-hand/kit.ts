/** A report typed by hand, and what it says. */
export interface HandReport {
  name: string;
  text: string;
  /** A line each: code @ module = statuses. `|` parts what is right too; no module or status is `-`. */
  codes: string;
  /** A line each; one that did not answer begins with `!`, one that may be listed or not with `?`. */
  modules: string;
  /** A line each: name = value with unit. */
  live?: string;
  /** How many values of freeze frames it shows. */
  freeze?: number;
}

const lines = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);

export interface HandTruth {
  codes: { code: string[]; module: string[]; statuses: string[] }[];
  modules: { names: string[]; answered: boolean; maybe: boolean }[];
  live: { name: string; entered: string }[];
}

/** The truth of a report as it is compared. Throws for a line that is not of the form above. */
export function truthOf({ name, codes, modules, live = '' }: HandReport): HandTruth {
  const alternatives = (text: string) =>
    text.trim() === '-' ? [] : text.split('|').map((t) => t.trim());
  return {
    codes: lines(codes).map((line) => {
      const parts = /^(.+?) @ (.+?) = (.+)$/.exec(line);
      if (!parts) throw new Error(`${name}: ${line}`);
      return {
        code: alternatives(parts[1]!),
        module: alternatives(parts[2]!),
        statuses: alternatives(parts[3]!),
      };
    }),
    modules: lines(modules).map((line) => ({
      names: alternatives(line.replace(/^[!?]+/, '')),
      answered: !line.includes('!'),
      maybe: line.startsWith('?'),
    })),
    live: lines(live).map((line) => {
      const [label, entered] = line.split(' = ');
      return { name: label!, entered: entered! };
    }),
  };
}
