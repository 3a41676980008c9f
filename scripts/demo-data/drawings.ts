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

/** A drawing as a PNG. */
export async function draw(which: Drawing): Promise<{ name: string; content: Uint8Array }> {
  const { name, body } = SKETCHES[which];
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="800" height="520" font-family="sans-serif" fill="${INK}">
    <rect width="800" height="520" fill="${PAPER}"/>${body}</svg>`;
  return { name, content: await sharp(Buffer.from(svg)).png().toBuffer() };
}
