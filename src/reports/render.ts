import { createRequire } from "node:module";
import path from "node:path";
import pdfmake from "pdfmake";
import type { TDocumentDefinitions } from "pdfmake/interfaces";
import { reportDocument } from "./document";
import type { ReportInput } from "./input";

const fonts = path.join(path.dirname(createRequire(import.meta.url).resolve("dejavu-fonts-ttf/package.json")), "ttf");
const face = (name: string) => path.join(fonts, `${name}.ttf`);

/** Faces that have every sign of the trade (Ω, µ, −, ≥) and most alphabets; the used signs are embedded. */
pdfmake.setFonts({
  Text: { normal: face("DejaVuSansCondensed"), bold: face("DejaVuSansCondensed-Bold") },
  Mono: { normal: face("DejaVuSansMono"), bold: face("DejaVuSansMono-Bold") },
});
// Nothing is fetched, and nothing but the faces is read.
pdfmake.setUrlAccessPolicy(() => false);
pdfmake.setLocalAccessPolicy((file: string) => path.resolve(file).startsWith(fonts));
pdfmake.addTableLayouts({
  ruled: {
    hLineWidth: (index, node) =>
      index === 0 ? 0 : index === node.table.headerRows || index === node.table.body.length ? 0.8 : 0.3,
    vLineWidth: () => 0,
    hLineColor: () => "#8a8069",
    paddingLeft: (index) => (index === 0 ? 0 : 5),
    paddingRight: () => 5,
    paddingTop: () => 2,
    paddingBottom: () => 2,
  },
  bare: {
    hLineWidth: () => 0,
    vLineWidth: () => 0,
    paddingLeft: () => 0,
    paddingRight: () => 8,
    paddingTop: () => 0.5,
    paddingBottom: () => 0.5,
  },
});

/** Sets a short page: an invoice, a letter. */
export const renderDocument = (page: TDocumentDefinitions): Promise<Buffer> => pdfmake.createPdf(page).getBuffer();

/** Sets a report: composes its pages and draws them. @param progress from 0 to 1 while it is drawn */
export async function renderReport(input: ReportInput, progress: (share: number) => void = () => {}): Promise<Buffer> {
  pdfmake.setProgressCallback(progress);
  return pdfmake.createPdf(reportDocument(input)).getBuffer();
}
