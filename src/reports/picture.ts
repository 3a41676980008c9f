import type { Content } from "pdfmake/interfaces";
import { asBuilt, type Position } from "@/core/history";
import { VIEW_WORDS } from "@/core/model";
import type { Folded } from "./facts";
import type { ReportPicture } from "./input";
import { para, section } from "./pieces";

const WIDTH = 500;
const MARK = 7;

const escaped = (text: string) => text.replaceAll("&", "&amp;").replaceAll("<", "&lt;").replaceAll('"', "&quot;");

/** A part as it was made is an open circle, one that was worked on a full square; anything else a triangle. */
function mark(state: Position["state"] | undefined): string {
  if (state === undefined || state === "original" || state === "serviced" || state === "left")
    return `<circle r="${MARK}" fill="#fff" stroke="#222" stroke-width="2"/>`;
  if (state === "replaced" || state === "restuffed")
    return `<rect x="${-MARK}" y="${-MARK}" width="${2 * MARK}" height="${2 * MARK}" fill="#1d6b57" stroke="#fff" stroke-width="1.5"/>`;
  return `<path d="M0 ${-MARK - 1} L${MARK + 1} ${MARK} L${-MARK - 1} ${MARK} Z" fill="#fff" stroke="#8a4b00" stroke-width="2"/>`;
}

/** A photo of the model with the places of its parts, as vectors over it. */
function drawing({ width, height, content, view }: ReportPicture, folded: Folded): string {
  const tall = (WIDTH * height) / width;
  const states = new Map(
    asBuilt(folded.settled, folded.input.model.sheet, folded.moment).map(({ designator, state }) => [
      designator,
      state,
    ]),
  );
  const pins = (folded.input.model.sheet.pins ?? []).filter((pin) => pin.view === view);
  const marks = pins.map(({ name, x, y }) => {
    const left = x > 0.85;
    return `<g transform="translate(${(x * WIDTH).toFixed(1)} ${(y * tall).toFixed(1)})">${mark(states.get(name.split(" ")[0] ?? name))}<text x="${left ? -10 : 10}" y="4" font-size="11" text-anchor="${left ? "end" : "start"}" fill="#111">${escaped(name)}</text></g>`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="${WIDTH}" height="${tall.toFixed(1)}" viewBox="0 0 ${WIDTH} ${tall.toFixed(1)}"><image xlink:href="data:image/jpeg;base64,${content}" x="0" y="0" width="${WIDTH}" height="${tall.toFixed(1)}"/>${marks.join("")}</svg>`;
}

/** The pictures of the model with the state of each part, where it sits. */
export function pictureSections(folded: Folded): Content[] {
  const pictures = (folded.input.pictures ?? []).filter(({ view }) =>
    folded.input.model.sheet.pins?.some((pin) => pin.view === view),
  );
  return section(
    "Where the parts sit",
    ...pictures.flatMap((picture): Content[] => [
      para(
        `${VIEW_WORDS[picture.view]}. Square: replaced or restuffed; circle: as it was; triangle: changed otherwise.`,
      ),
      { svg: drawing(picture, folded), margin: [0, 0, 0, 8] },
    ]),
  );
}
