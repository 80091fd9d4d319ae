import type { Block, Report } from './blocks';

/** Text that Markdown takes for text: CommonMark 0.31, section 2.4, backslash escapes. */
const escapeMarkdown = (s: string): string => s.replace(/([\\`*_{}[\]<>#|~])/g, '\\$1');

const cell = (s: string) => escapeMarkdown(s).replace(/\s*\n\s*/g, '<br>');
/** A line that begins like a list, a rule or a number would be taken for one. */
const line = (s: string) =>
  escapeMarkdown(s)
    .replace(/^(\s*)([-+=])/gm, '$1\\$2')
    .replace(/^(\s*\d+)([.)])(?=\s|$)/gm, '$1\\$2');

function write(block: Block): string {
  switch (block.kind) {
    case 'heading':
      return `## ${escapeMarkdown(block.text)}`;
    case 'text':
      return block.quote ? line(block.text).replace(/^/gm, '> ') : line(block.text);
    case 'facts':
      return block.rows.map(([label, value]) => `- **${escapeMarkdown(label)}:** ${cell(value)}`).join('\n');
    case 'list':
      return block.items.map((i) => `- ${line(i).replace(/\s*\n\s*/g, '<br>')}`).join('\n');
    case 'photos':
      return block.photos.map((p) => `- Photo: ${escapeMarkdown(p.name)}`).join('\n');
    case 'table':
      return [
        `| ${block.head.map(cell).join(' | ')} |`,
        `| ${block.head.map(() => '---').join(' | ')} |`,
        ...block.rows.map((r) => `| ${r.map(cell).join(' | ')} |`),
      ].join('\n');
  }
}

/**
 * A report as Markdown (CommonMark with tables as in GitHub Flavored Markdown), for pasting.
 *
 * @param report the report
 * @returns text that ends with a line feed
 */
export function toMarkdown(report: Report): string {
  return (
    [
      `# ${escapeMarkdown(report.title)}`,
      escapeMarkdown(report.subtitle),
      ...report.blocks.map(write),
      `---`,
      escapeMarkdown(report.foot),
    ].join('\n\n') + '\n'
  );
}
