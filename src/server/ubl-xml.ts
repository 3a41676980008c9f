import { create } from "xmlbuilder2";
import type { XMLBuilder } from "xmlbuilder2/lib/interfaces";
import { ublOf, type Invoice, type Piece } from "@/core/invoice";

/** Letters that no XML can hold (XML 1.0, section 2.2). */

const UNHOLDABLE = /[\u0000-\u0008\u000B\u000C\u000E-\u001F\uFFFE\uFFFF]/g;

function put(into: XMLBuilder, { name, attributes = {}, text, pieces = [] }: Piece): void {
  const element = into.ele(name, attributes);
  if (text !== undefined) element.txt(text.replaceAll(UNHOLDABLE, ""));
  for (const piece of pieces) put(element, piece);
}

/** An invoice as a UBL 2.1 document. */
export function ublXml(invoice: Invoice): string {
  const { name, attributes = {}, pieces = [] } = ublOf(invoice);
  const document = create({ version: "1.0", encoding: "UTF-8" });
  const root = document.ele(name, attributes);
  for (const piece of pieces) put(root, piece);
  return document.end({ prettyPrint: true });
}
