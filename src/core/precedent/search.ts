import type { Grade } from '@/core/case';
import { nearness, type Near, type Rarity, type Wanted } from './nearness';
import type { CaseProfile } from './profile';
import type { VehicleWords } from './query';

/** A cause as the matching cases tell it, with counts by grade rather than false precision. */
export interface CauseCount {
  key: string;
  name: string;
  cases: number;
  byGrade: Partial<Record<Grade, number>>;
  /** How many of them leave open which change helped. */
  notIsolated: number;
  /** Numbers of the cases behind the count, nearest first. */
  numbers: number[];
  caseIds: string[];
}

/** The profiles of all cases, in memory, kept from the database by whoever owns it. */
export class CaseIndex {
  private readonly profiles = new Map<string, CaseProfile>();
  private rarityCache: Rarity | undefined;

  get size(): number {
    return this.profiles.size;
  }

  /** Adds a case or replaces what was known of it. */
  put(profile: CaseProfile): void {
    this.profiles.set(profile.id, profile);
    this.rarityCache = undefined;
  }

  remove(id: string): void {
    this.profiles.delete(id);
    this.rarityCache = undefined;
  }

  get(id: string): CaseProfile | undefined {
    return this.profiles.get(id);
  }

  /** All profiles, in no order. */
  all(): Iterable<CaseProfile> {
    return this.profiles.values();
  }

  /** Makes, models, engines and VINs of the vehicles known, for reading a query. */
  vehicleWords(): VehicleWords {
    const words: Record<keyof VehicleWords, Set<string>> = {
      makes: new Set(),
      models: new Set(),
      engines: new Set(),
      vins: new Set(),
    };
    for (const { vehicle } of this.profiles.values()) {
      words.makes.add(vehicle.make);
      words.models.add(vehicle.model);
      words.engines.add(vehicle.engine);
      words.vins.add(vehicle.vin);
    }
    return {
      makes: [...words.makes],
      models: [...words.models],
      engines: [...words.engines],
      vins: [...words.vins],
    };
  }

  /**
   * Past cases nearest to what is looked for.
   *
   * @param wanted a query or an open case
   * @param limit how many at the most
   * @param except a case to leave out (the open one itself)
   * @returns ranked, each with its reasons; ties go to the newer case
   */
  find(wanted: Wanted, limit = 30, except = ''): Near[] {
    const rarity = this.rarity();
    const hits: Near[] = [];
    for (const p of this.profiles.values()) {
      if (p.id === except) continue;
      const near = nearness(wanted, p, rarity);
      if (near) hits.push(near);
    }
    hits.sort((a, b) => b.score - a.score || b.profile.openedAt.localeCompare(a.profile.openedAt));
    return hits.slice(0, limit);
  }

  private rarity(): Rarity {
    if (this.rarityCache) return this.rarityCache;
    const r: Rarity = { cases: this.profiles.size, codes: new Map(), symptoms: new Map(), words: new Map() };
    const count = (map: Map<string, number>, key: string) => map.set(key, (map.get(key) ?? 0) + 1);
    for (const p of this.profiles.values()) {
      for (const c of p.codes) count(r.codes, c.code);
      for (const s of p.symptoms) count(r.symptoms, s.id);
      for (const w of p.words) count(r.words, w);
    }
    this.rarityCache = r;
    return r;
  }
}

/**
 * What it was, over the matching cases: causes with counts by grade.
 *
 * @param near ranked cases
 * @returns causes, those with most and best proven cases first
 */
export function countCauses(near: Near[]): CauseCount[] {
  const counts = new Map<string, CauseCount & { weight: number }>();
  for (const { profile, score } of near) {
    for (const cause of profile.causes) {
      const c = counts.get(cause.key) ?? {
        ...cause,
        cases: 0,
        byGrade: {},
        notIsolated: 0,
        numbers: [],
        caseIds: [],
        weight: 0,
      };
      c.cases++;
      // A case in which several things were changed at once tells less of any one of them.
      c.weight += profile.isolated === 'not isolated' ? score / 2 : score;
      if (profile.isolated === 'not isolated') c.notIsolated++;
      c.byGrade[profile.grade] = (c.byGrade[profile.grade] ?? 0) + 1;
      c.numbers.push(profile.number);
      c.caseIds.push(profile.id);
      counts.set(cause.key, c);
    }
  }
  return [...counts.values()].sort((a, b) => b.weight - a.weight).map(({ weight: _weight, ...c }) => c);
}
