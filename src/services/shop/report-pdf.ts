import path from 'node:path';
import { buffer } from 'node:stream/consumers';
import PDFDocument from 'pdfkit';
import sharp from 'sharp';
import type { Block, Report } from '@/core/report';
import { openStored } from '@/store/files';

/** Draws a report on A4. The faces ship with a package and hold every sign the trade writes (Ω, ≥, µ). */
const FONTS = path.join(/* turbopackIgnore: true */ process.cwd(), 'node_modules/dejavu-fonts-ttf/ttf');
const MARGIN = 50;
const INK = '#27221c';
const QUIET = '#5b5348';
const ACCENT = '#5c2751';
const RULE = '#c9bfad';
const PHOTO = 150;
const PHOTO_HIGH = 112;

type Doc = PDFKit.PDFDocument;

/**
 * A report as PDF.
 *
 * @param report as data
 * @returns the file
 */
export async function reportPdf(report: Report): Promise<Uint8Array> {
  const doc = new PDFDocument({
    size: 'A4',
    margin: MARGIN,
    bufferPages: true,
    info: { Title: report.title, Creator: 'Vantle' },
  });
  const done = buffer(doc);
  doc.registerFont('plain', path.join(FONTS, 'DejaVuSans.ttf'));
  doc.registerFont('bold', path.join(FONTS, 'DejaVuSans-Bold.ttf'));
  doc.registerFont('italic', path.join(FONTS, 'DejaVuSans-Oblique.ttf'));
  doc.font('bold').fontSize(16).fillColor(INK).text(report.title);
  doc.font('plain').fontSize(9).fillColor(QUIET).text(report.subtitle);
  doc.moveDown(0.8);
  for (const block of report.blocks) await draw(doc, block);
  foot(doc, report.foot);
  doc.end();
  return new Uint8Array(await done);
}

const width = (doc: Doc) => doc.page.width - 2 * MARGIN;
const bottom = (doc: Doc) => doc.page.height - MARGIN - 16;
/** Begins a page when less than so many points are left. */
function room(doc: Doc, points: number): void {
  if (doc.y + points > bottom(doc)) doc.addPage();
  doc.x = MARGIN;
}

async function draw(doc: Doc, block: Block): Promise<void> {
  doc.x = MARGIN;
  switch (block.kind) {
    case 'heading':
      room(doc, 54);
      doc.moveDown(0.5).font('bold').fontSize(11).fillColor(ACCENT).text(block.text).moveDown(0.2);
      return;
    case 'text':
      room(doc, 24);
      doc
        .font(block.quote ? 'italic' : 'plain')
        .fontSize(9.5)
        .fillColor(INK)
        .text(block.text, MARGIN + (block.quote ? 12 : 0), doc.y, {
          width: width(doc) - (block.quote ? 24 : 0),
        })
        .moveDown(0.3);
      return;
    case 'list':
      for (const item of block.items) {
        room(doc, 16);
        doc
          .font('plain')
          .fontSize(9.5)
          .fillColor(INK)
          .text(`–  ${item}`, MARGIN + 4, doc.y, { width: width(doc) - 8, indent: 0 });
      }
      doc.moveDown(0.3);
      return;
    case 'facts':
      for (const [label, value] of block.rows) {
        room(doc, 16);
        const y = doc.y;
        doc.font('plain').fontSize(8.5).fillColor(QUIET).text(label, MARGIN, y, { width: 110 });
        doc
          .fontSize(9)
          .fillColor(INK)
          .text(value, MARGIN + 116, y, { width: width(doc) - 116 });
      }
      doc.moveDown(0.3);
      return;
    case 'table':
      table(doc, block.head, block.rows);
      return;
    case 'photos':
      await photos(doc, block.photos);
  }
}

/** Columns wide enough for their longest word, the rest shared out by how much each has to say. */
function columns(doc: Doc, head: string[], rows: string[][]): number[] {
  doc.font('bold').fontSize(8.5);
  const least = head.map((h, i) => {
    const words = [h, ...rows.map((r) => r[i] ?? '')].flatMap((t) => t.split(/\s+/));
    return Math.min(110, Math.max(...words.map((w) => doc.widthOfString(w))) + 10);
  });
  const wish = head.map((h, i) => Math.min(60, Math.max(h.length, ...rows.map((r) => (r[i] ?? '').length))));
  const spare = Math.max(0, width(doc) - least.reduce((a, b) => a + b, 0));
  const all = wish.reduce((a, b) => a + b, 0);
  return least.map((l, i) => l + (wish[i]! / all) * spare);
}

function table(doc: Doc, head: string[], rows: string[][]): void {
  const widths = columns(doc, head, rows);
  const line = (cells: string[], font: 'plain' | 'bold') => {
    doc.font(font).fontSize(8.5);
    const height =
      Math.max(...cells.map((c, i) => doc.heightOfString(c || ' ', { width: widths[i]! - 8 }))) + 5;
    room(doc, height);
    const y = doc.y;
    let x = MARGIN;
    cells.forEach((c, i) => {
      doc.fillColor(font === 'bold' ? QUIET : INK).text(c, x + 3, y + 2, { width: widths[i]! - 8 });
      x += widths[i]!;
    });
    doc
      .moveTo(MARGIN, y + height)
      .lineTo(MARGIN + width(doc), y + height)
      .lineWidth(0.5)
      .strokeColor(RULE)
      .stroke();
    doc.x = MARGIN;
    doc.y = y + height;
  };
  line(head, 'bold');
  for (const row of rows) line(row, 'plain');
  doc.moveDown(0.5);
}

async function photos(doc: Doc, list: { hash: string; name: string }[]): Promise<void> {
  let x = MARGIN;
  for (const photo of list) {
    const stored = await openStored(photo.hash, false);
    // A photo that was moved out of the folder is named, so that nobody looks for it in vain.
    const jpeg =
      stored &&
      (await sharp(await buffer(stored.stream))
        .resize(900, 900, { fit: 'inside', withoutEnlargement: true })
        .flatten({ background: '#ffffff' })
        .jpeg({ quality: 80 })
        .toBuffer()
        .catch(() => undefined));
    if (x + PHOTO > MARGIN + width(doc) + 1) {
      x = MARGIN;
      doc.y += PHOTO_HIGH + 22;
    }
    if (x === MARGIN) room(doc, PHOTO_HIGH + 22);
    const y = doc.y;
    if (jpeg) doc.image(jpeg, x, y, { fit: [PHOTO, PHOTO_HIGH] });
    doc
      .font('plain')
      .fontSize(7.5)
      .fillColor(QUIET)
      .text(jpeg ? photo.name : `${photo.name}: not here any more`, x, y + PHOTO_HIGH + 3, {
        width: PHOTO,
        height: 10,
        ellipsis: true,
      });
    doc.y = y;
    x += PHOTO + 14;
  }
  doc.y += PHOTO_HIGH + 22;
  doc.x = MARGIN;
}

function foot(doc: Doc, words: string): void {
  const { start, count } = doc.bufferedPageRange();
  for (let i = start; i < start + count; i++) {
    doc.switchToPage(i);
    // Below the margin a line would begin a page of its own.
    doc.page.margins.bottom = 0;
    doc
      .font('plain')
      .fontSize(8)
      .fillColor(QUIET)
      .text(`${words} · page ${i - start + 1} of ${count}`, MARGIN, doc.page.height - 36, {
        width: width(doc),
        align: 'right',
        lineBreak: false,
      });
  }
}
