import type { TDocumentDefinitions } from "pdfmake/interfaces";
import { BASE } from "./base";

/** A letter to an owner, as it was put right by whoever sends it. */
export type Letter = { shop: string; from: string[]; to: string[]; day: string; subject: string; text: string };

/** A letter as a page, the address where a window envelope shows it (DIN 5008, form B: 45 mm from the top). */
export const letterDocument = ({ shop, from, to, day, subject, text }: Letter): TDocumentDefinitions => ({
  ...BASE,
  defaultStyle: { ...BASE.defaultStyle, fontSize: 10.5, lineHeight: 1.3 },
  pageSize: "A4",
  pageMargins: [70, 50, 60, 60],
  info: { title: subject, author: shop },
  content: [
    { text: [shop, ...from].filter(Boolean).join(" · "), style: "dim", margin: [0, 0, 0, 62] },
    { stack: to.filter(Boolean).map((line) => ({ text: line })), margin: [0, 0, 0, 60] },
    { text: day, alignment: "right", margin: [0, 0, 0, 16] },
    { text: subject, bold: true, fontSize: 12, margin: [0, 0, 0, 14] },
    ...text.split("\n").map((line) => ({ text: line || " " })),
  ],
});
