import type { Content, TableCell } from "pdfmake/interfaces";

/** Pieces that the pages are set from. */
export const heading = (text: string): Content => ({ text, style: "heading", headlineLevel: 1 });
/** Text as a sentence: it begins with a capital and ends with one full stop. */
export const sentence = (text: string): string => {
  const clean = text.trim();
  return `${clean.slice(0, 1).toUpperCase()}${clean.slice(1)}${/[.!?…]$/.test(clean) ? "" : "."}`;
};

export const para = (text: string, style?: string): Content => ({
  text,
  ...(style ? { style } : {}),
  margin: [0, 0, 0, 4],
});

/** A section with its heading; nothing where there is nothing to say. */
export const section = (title: string, ...body: (Content | false | undefined)[]): Content[] => {
  const said = body.filter((one): one is Content => Boolean(one));
  return said.length > 0 ? [heading(title), ...said] : [];
};

export type Column = { title: string; width: number | string; right?: boolean; mono?: boolean };

/** A table whose head comes again on every page and whose rows stay whole. */
export function table(columns: readonly Column[], rows: readonly (readonly string[])[]): Content | undefined {
  if (rows.length === 0) return undefined;
  const cell = (text: string, column: Column | undefined, head = false): TableCell => ({
    text,
    ...(column?.right ? { alignment: "right" as const } : {}),
    ...(head ? { style: "head" } : column?.mono ? { font: "Mono", fontSize: 8 } : {}),
  });
  return {
    table: {
      headerRows: 1,
      dontBreakRows: true,
      keepWithHeaderRows: 1,
      widths: columns.map(({ width }) => width),
      body: [
        columns.map((column) => cell(column.title, column, true)),
        ...rows.map((row) => row.map((text, index) => cell(text, columns[index]))),
      ],
    },
    layout: "ruled",
    margin: [0, 2, 0, 8],
  };
}

/** Pairs of a name and what it is, as at the head of a sheet. */
export const facts = (pairs: readonly (readonly [string, string | undefined])[]): Content => ({
  table: {
    widths: ["auto", "*"],
    body: pairs
      .filter((pair): pair is readonly [string, string] => Boolean(pair[1]))
      .map(([name, what]) => [{ text: name, style: "dim" }, { text: what }]),
  },
  layout: "bare",
});
