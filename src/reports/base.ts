export const INK = "#1f1b16";

/** Faces and sizes of every page. */
export const BASE = {
  defaultStyle: { font: "Text", fontSize: 9.5, color: INK, lineHeight: 1.15 },
  styles: {
    title: { fontSize: 18, bold: true },
    heading: { fontSize: 12, bold: true, margin: [0, 10, 0, 4] as [number, number, number, number] },
    head: { bold: true, fontSize: 8.5 },
    dim: { color: "#5c5548", fontSize: 8.5 },
    strong: { bold: true },
  },
} as const;
