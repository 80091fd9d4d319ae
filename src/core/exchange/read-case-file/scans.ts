import { readCode, readScan, type ScanReport } from '@/core/codes';
import type { CaseFile } from '../case-file';
import type { RowMaker } from './row-maker';

/** Scans with what was read from them, what was cleared, and the roles of the codes. */
export function takeScans(file: CaseFile, make: RowMaker): void {
  (file.scans ?? []).forEach(({ read, ...scan }, i) => {
    const report = read ? undefined : readScan(scan.text).report;
    const scanId = make.add(
      'scan',
      {
        ...scan,
        battery: scan.battery ?? report?.battery,
        tool: scan.tool ?? report?.tool,
        key: scan.key ?? report?.key,
        engine: scan.engine ?? report?.engine,
        scope: scan.scope ?? report?.scope,
        leftover: read ? read.leftover : report!.leftover,
      },
      i,
    );
    const told = report ?? asReport(read!);
    for (const { kind, row } of reportRows(scanId, told, make.into.newId))
      make.add(kind, row, row.position as number);
    make.scans.push(scanId);
  });
  (file.clears ?? []).forEach((c, i) => make.add('clear', { ...c }, i));
  (file.roles ?? []).forEach((r, i) => make.add('role', { ...r, code: readCode(r.code)?.code ?? r.code }, i));
}

/** What a file says was read from a scan, in the shape a report has. */
function asReport(read: NonNullable<NonNullable<CaseFile['scans']>[number]['read']>): ReportParts {
  const codes = read.codes ?? [];
  return {
    modules: (read.modules ?? []).map((m) => ({
      name: m.name ?? '',
      answered: m.answered,
      ...(m.read === false ? { read: false } : {}),
    })),
    codes: codes.map((c) => ({
      code: c.code,
      text: c.text ?? '',
      statuses: c.statuses ?? [],
      ...(c.detail ? { detail: c.detail } : {}),
      module: c.module === undefined ? null : c.module - 1,
    })),
    freeze: codes.flatMap((c, code) =>
      (c.freeze ?? []).map((f) => ({ code, name: f.name ?? '', entered: f.entered ?? '' })),
    ),
    live: (read.live ?? []).map((l) => ({
      name: l.name ?? '',
      entered: l.entered ?? '',
      ...(l.limit ? { limit: l.limit } : {}),
    })),
    monitors: (read.monitors ?? []).map((m) => ({ name: m.name ?? '', state: m.state })),
  };
}

type ReportParts = Pick<ScanReport, 'modules' | 'codes' | 'freeze' | 'live' | 'monitors'>;

/**
 * The rows of a scan report under its scan: modules, codes, freeze-frame values, monitors.
 *
 * @param scanId the scan they hang on
 * @param report as read by `readScan`
 * @param newId makes ids
 * @returns rows without `caseId`, owners first
 */
export function reportRows(
  scanId: string,
  report: ReportParts,
  newId: () => string,
): {
  kind: 'module' | 'code' | 'freeze' | 'live' | 'monitor';
  row: Record<string, unknown> & { id: string };
}[] {
  const modules = report.modules.map((m, i) => ({ id: newId(), scanId, position: i, ...m }));
  const codes = report.codes.map(({ module, ...c }, i) => ({
    id: newId(),
    scanId,
    position: i,
    moduleId: module === null ? null : (modules[module]?.id ?? null),
    ...c,
  }));
  return [
    ...modules.map((row) => ({ kind: 'module' as const, row })),
    ...codes.map((row) => ({ kind: 'code' as const, row })),
    ...report.freeze.map((f, i) => ({
      kind: 'freeze' as const,
      row: { id: newId(), position: i, codeId: codes[f.code]!.id, name: f.name, entered: f.entered },
    })),
    ...report.live.map((l, i) => ({
      kind: 'live' as const,
      row: { id: newId(), scanId, position: i, ...l },
    })),
    ...report.monitors.map((m, i) => ({
      kind: 'monitor' as const,
      row: { id: newId(), scanId, position: i, ...m },
    })),
  ];
}
