import type { CaseListAnswer } from '@/core/api';
import type { CaseListQuery } from '@/core/case';
import { Catalogue } from '@/core/cause';
import { vehicleName } from '@/core/vehicle';
import { caseListPage, causesOfCases } from '@/store/case-list';
import { listCatalogue } from '@/store/catalogue';
import { db } from '@/store/database';

/** One page of the list of all cases, each with the first of its causes. */
export async function caseList(query: CaseListQuery): Promise<CaseListAnswer> {
  const { rows, total } = await caseListPage(db(), query);
  const ids = rows.map((r) => r.own.id);
  const [causes, items] = await Promise.all([causesOfCases(db(), ids), listCatalogue(db())]);
  const catalogue = new Catalogue(items);
  const causeOf = (id: string) => {
    const cause = causes.find((c) => c.caseId === id);
    return [catalogue.resolve(cause?.partId ?? null), catalogue.resolve(cause?.failureId ?? null)]
      .flatMap((item) => item?.name ?? [])
      .join(', ');
  };
  return {
    total,
    rows: rows.map(({ own, vehicle, lead }) => ({
      id: own.id,
      number: own.number,
      openedAt: own.openedAt,
      closedAt: own.closedAt,
      waitsFor: own.waitsFor as CaseListAnswer['rows'][number]['waitsFor'],
      vehicle: vehicleName(vehicle),
      plate: vehicle.plate,
      customer: own.customer,
      cause: causeOf(own.id),
      grade: own.grade as CaseListAnswer['rows'][number]['grade'],
      lead: lead ?? '',
    })),
  };
}
