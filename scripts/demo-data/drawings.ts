import sharp from "sharp";

/** Pictures of the demo's own making, in place of photographs. */
export type Drawing = "underside" | "restuffed";

const PAPER = "#f4ecd8";
const INK = "#2a251d";

const tube = (x: number, y: number, name: string, type: string) =>
  `<circle cx="${x}" cy="${y}" r="34" fill="#e6dabd" stroke="${INK}" stroke-width="3"/>
   <text x="${x}" y="${y - 2}" text-anchor="middle" font-size="20" font-weight="bold">${name}</text>
   <text x="${x}" y="${y + 18}" text-anchor="middle" font-size="15">${type}</text>`;

const part = (x: number, y: number, name: string, fill: string) =>
  `<rect x="${x}" y="${y}" width="92" height="30" rx="8" fill="${fill}" stroke="${INK}" stroke-width="2"/>
   <text x="${x + 46}" y="${y + 21}" text-anchor="middle" font-size="17">${name}</text>`;

const SKETCHES: Record<Drawing, { name: string; body: string }> = {
  underside: {
    name: "underside, where C14 sits.png",
    body: `<rect x="40" y="70" width="720" height="400" rx="10" fill="none" stroke="${INK}" stroke-width="4"/>
      ${tube(130, 180, "V1", "6K8")}${tube(270, 180, "V2", "6K7")}${tube(410, 180, "V3", "6Q7")}
      ${tube(560, 180, "V4", "6V6")}${tube(690, 180, "V5", "5Y3")}
      ${part(440, 250, "R7 470k", "#d8c7a0")}${part(455, 310, "C14 .05", "#e9a38f")}${part(560, 370, "R8 470k", "#d8c7a0")}
      <path d="M410 214V265H440M501 325H547V215M547 325V385H560" fill="none" stroke="${INK}" stroke-width="3"/>
      <text x="60" y="450" font-size="20">+10.6 V on the grid of V4; falls to zero with C14 lifted</text>`,
  },
  restuffed: {
    name: "C14 in its old shell.png",
    body: `<rect x="90" y="190" width="620" height="150" rx="40" fill="#c9b27c" stroke="${INK}" stroke-width="4"/>
      <rect x="250" y="225" width="300" height="80" rx="14" fill="#b7cfc6" stroke="${INK}" stroke-width="3"/>
      <path d="M20 265H250M550 265H780" stroke="${INK}" stroke-width="6"/>
      <text x="400" y="275" text-anchor="middle" font-size="28">0.047 µF 630 V</text>
      <text x="130" y="170" font-size="22">old paper shell, ends closed with wax</text>
      <text x="130" y="385" font-size="22">outer foil to the plate of V3</text>`,
  },
};

const can = (x: number, y: number, name: string) =>
  `<rect x="${x - 24}" y="${y - 34}" width="48" height="68" rx="6" fill="#cfc6ae" stroke="${INK}" stroke-width="3"/>
   <text x="${x}" y="${y + 6}" text-anchor="middle" font-size="15">${name}</text>`;
const box = (x: number, y: number, width: number, height: number, name: string, fill = "#ddd0ac") =>
  `<rect x="${x}" y="${y}" width="${width}" height="${height}" rx="6" fill="${fill}" stroke="${INK}" stroke-width="3"/>
   <text x="${x + width / 2}" y="${y + height / 2 + 6}" text-anchor="middle" font-size="16">${name}</text>`;
const frame = `<rect x="30" y="30" width="740" height="460" rx="12" fill="#ebe1c6" stroke="${INK}" stroke-width="4"/>`;

/** Plan views of two models from above, where a shop would have a photo. */
const TOPS: Record<string, string> = {
  lantern: `${frame}${box(60, 60, 220, 90, "tuning gang")}${box(620, 50, 140, 90, "mains transformer", "#c3b79a")}
    ${tube(128, 218, "", "6K8")}${tube(264, 218, "", "6K7")}${tube(400, 218, "", "6Q7")}
    ${tube(544, 208, "", "6V6")}${tube(688, 208, "", "5Y3")}${tube(400, 66, "", "6U5")}
    ${can(200, 312, "IF 1")}${can(336, 312, "IF 2")}${box(610, 330, 140, 70, "C1  C2", "#c9b27c")}
    ${box(58, 350, 130, 100, "coils", "#d8c7a0")}`,
  cr21: `${frame}${box(50, 50, 200, 60, "three-gang tuning")}${box(640, 60, 120, 130, "mains", "#c3b79a")}
    ${tube(96, 156, "", "6BA6")}${tube(208, 156, "", "6BE6")}${tube(352, 156, "", "6BA6")}
    ${tube(496, 156, "", "6BA6")}${tube(208, 322, "", "6C4")}${tube(496, 322, "", "6BA6")}
    ${tube(640, 322, "", "6AQ5")}${tube(640, 426, "", "OA2")}${tube(736, 426, "", "6X4")}
    ${can(280, 114, "T3")}${can(568, 114, "T6")}${box(60, 356, 150, 120, "oscillator coils", "#d8c7a0")}
    ${box(390, 216, 90, 44, "AVC", "#e9a38f")}`,
};
export const TOP_VIEWS = Object.keys(TOPS);

/** The plan view of a model as a picture. */
export const drawTop = (model: string): Promise<Buffer> =>
  sharp(Buffer.from(svgOf(TOPS[model] ?? "")), { density: 144 })
    .jpeg({ quality: 88 })
    .toBuffer();

const svgOf = (
  body: string,
) => `<svg xmlns="http://www.w3.org/2000/svg" width="800" height="520" font-family="sans-serif" fill="${INK}">
    <rect width="800" height="520" fill="${PAPER}"/>${body}</svg>`;

/** A drawing as a PNG. */
export async function draw(which: Drawing): Promise<{ name: string; content: Uint8Array }> {
  const { name, body } = SKETCHES[which];
  return {
    name,
    content: await sharp(Buffer.from(svgOf(body)))
      .png()
      .toBuffer(),
  };
}
