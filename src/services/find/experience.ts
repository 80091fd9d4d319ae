import { ownValue } from '@/core/text/own-value';
import { experienceOf, fold, type CaseProfile, type Experience } from '@/core/similar';
import { baseCode, meaningOf } from '@/core/codes';
import { causeName } from '@/core/cause';
import { vehicleName } from '@/core/vehicle';
import { caseIndex, profilesOf, type IndexState } from './index-of-cases';
import { shopMeanings } from '../guide/meanings';

/** What a page of experience is about. */
export type About = 'code' | 'cause' | 'vehicle' | 'build';

export interface ExperiencePage {
  about: About;
  title: string;
  /** What it means, or what else there is to say of it. */
  says: string;
  experience: Experience;
  cases: {
    number: number;
    vehicle: string;
    headline: string;
    causes: string[];
    grade: string;
    comebacks: number[];
    openedAt: string;
    open: boolean;
  }[];
}

/** Cases a page is drawn from at the most, the newest. */
const MOST = 1500;
const LISTED = 60;

/**
 * The shop's experience with a code, a cause, a vehicle or a build.
 *
 * @param about which of them
 * @param asked the code; `part/failure`; the vehicle's id; `make/model/engine`. A part that was merged since leads to
 * what it was merged into, so that old addresses go on working
 * @returns undefined when no case has to do with it
 */
export async function experiencePage(about: About, asked: string): Promise<ExperiencePage | undefined> {
  const held = await caseIndex();
  const value = about === 'cause' ? asToday(held, asked) : asked;
  const docs = docsOf(held, about, value);
  if (docs.length === 0) return undefined;
  const { index } = held;
  docs.sort((a, b) => index.opened.values[b]! - index.opened.values[a]!);
  const profiles = [
    ...(
      await profilesOf(
        held,
        docs.slice(0, MOST).map((d) => index.ids[d]!),
      )
    ).values(),
  ].sort((a, b) => b.openedAt.localeCompare(a.openedAt));
  return {
    about,
    ...(await named(held, about, value, profiles)),
    experience: experienceOf(profiles),
    cases: profiles.slice(0, LISTED).map((p) => ({
      number: p.number,
      vehicle: vehicleName(p.vehicle),
      headline: p.headline,
      causes: p.causes.map((c) => c.name),
      grade: p.grade,
      comebacks: p.comebacks,
      openedAt: p.openedAt,
      open: p.open,
    })),
  };
}

/** `part/failure` by the entries that stand for them today. */
const asToday = ({ catalogue }: IndexState, value: string): string =>
  value
    .split('/')
    .map((id) => (id === '' ? '' : (catalogue.resolve(id)?.id ?? id)))
    .join('/');

function docsOf({ index, catalogue }: IndexState, about: About, value: string): number[] {
  const standing = (terms: string[]): number[] => {
    const docs = new Set<number>();
    for (const term of terms) {
      const postings = index.postings(term);
      for (let i = 0; i < (postings?.length ?? 0); i++)
        if (index.standing.values[postings!.docs[i]!] === 1) docs.add(postings!.docs[i]!);
    }
    return [...docs];
  };
  if (about === 'code') return standing([`c|${baseCode(value)}`]);
  if (about === 'vehicle') return standing([`id|${value}`]);
  if (about === 'build') return standing([`vb|${value.split('/').map(fold).join('/')}`]);
  const keys = index.causeKeys(catalogue);
  const [part] = value.split('/');
  return standing([...new Set([`p|${part}`, ...samePart(catalogue, part!)])]).filter((d) => {
    const end = d + 1 < index.documents ? index.causeStart.values[d + 1]! : index.causeList.length;
    for (let i = index.causeStart.values[d]!; i < end; i++)
      if (keys[index.causeList.values[i]!] === value) return true;
    return false;
  });
}

/** Terms of the parts that were merged into one. */
const samePart = (catalogue: IndexState['catalogue'], part: string): string[] =>
  catalogue.items.filter((i) => catalogue.resolve(i.id)?.id === part).map((i) => `p|${i.id}`);

async function named(
  { catalogue }: IndexState,
  about: About,
  value: string,
  profiles: CaseProfile[],
): Promise<{ title: string; says: string }> {
  if (about === 'code') {
    const own = await shopMeanings();
    return { title: baseCode(value), says: ownValue(own, baseCode(value)) || meaningOf(value) };
  }
  if (about === 'cause') {
    const [partId, failureId] = value.split('/');
    const part = catalogue.resolve(partId ?? null);
    return {
      title: causeName(catalogue, { partId: partId || null, failureId: failureId || null }),
      says: part?.system ?? '',
    };
  }
  const v = profiles[0]!.vehicle;
  if (about === 'vehicle') return { title: vehicleName(v), says: v.vin ? `VIN ${v.vin}` : '' };
  return { title: [v.make, v.model, v.engine].filter(Boolean).join(' '), says: 'all model years' };
}
