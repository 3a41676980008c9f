import { oscillatorFor, drawnCircuit, gangAt, signalFor, tunes } from "@/core/tracking";
import type { AlignmentRow, ModelBand, Pin, Sheet } from "@/core/model";
import { tableOf, type TableName } from "@/core/tables";

/** Rows of a table of a sheet, a line each with | between the cells, read as the grid reads them. */
function rowsFrom<R>(name: TableName, columns: readonly string[], text: string): R[] {
  return text
    .trim()
    .split("\n")
    .map((line) => {
      const cells = line.split("|").map((cell) => cell.trim());
      const read = tableOf(name).read(Object.fromEntries(columns.map((key, n) => [key, cells[n] ?? ""])), {});
      if (!read.row) throw new Error(`${name}: “${line.trim()}” cannot be read: ${read.problems.join(" ")}`);
      return read.row as R;
    });
}

const bands = (text: string) =>
  rowsFrom<ModelBand>(
    "bands",
    ["name", "from", "to", "side", "mid", "mid2", "second", "bfo", "gangMin", "gangMax", "coil", "trimmer", "padder"],
    text,
  );

/** group | generator | through | frequency | dial | adjust | for | figure | measured at | end | remark */
const steps = (text: string) =>
  rowsFrom<AlignmentRow>(
    "alignment",
    ["group", "generator", "through", "hertz", "dial", "adjust", "aim", "figure", "measure", "end", "remark"],
    text,
  );

const pins = (text: string) => rowsFrom<Pin>("pins", ["view", "name", "x", "y"], text);

type Aligning = Partial<Pick<Sheet, "bands" | "alignment" | "pins">>;

/** Bands, alignment and places of the demo's models. */
export const ALIGNING: Record<string, Aligning> = {
  lantern: {
    bands: bands(`
      LW | 150 kHz | 350 kHz | above | 465 kHz | | | | 12 pF | 360 pF | L9 | C23 |
      MW | 550 kHz | 1600 kHz | above | 465 kHz | | | | 12 pF | 360 pF | L8 | C21 | C12
      SW | 6 MHz | 18 MHz | above | 465 kHz | | | | 12 pF | 360 pF | L7 | C22 |`),
    alignment: steps(`
      IF | grid of V1 | 0.1 µF | 465 kHz | gang open | L5 core | maximum | | V across the loudspeaker | |
      IF | grid of V1 | 0.1 µF | 465 kHz | gang open | L4 core | maximum | | V across the loudspeaker | |
      MW oscillator | aerial socket | dummy antenna | 1500 kHz | 200 m | C21 | maximum | | V across the loudspeaker | high |
      MW oscillator | aerial socket | dummy antenna | 600 kHz | 500 m | L8 core | maximum | | V across the loudspeaker | low | rock the dial
      MW aerial | aerial socket | dummy antenna | 1500 kHz | 200 m | C20 | maximum | | V across the loudspeaker | high |`),
    pins: pins(`
      top | V1 | 16 % | 42 %
      top | V2 | 33 % | 42 %
      top | V3 | 50 % | 42 %
      top | V4 | 68 % | 40 %
      top | V5 | 86 % | 40 %
      top | V6 | 50 % | 12 %
      top | L4 core | 25 % | 60 %
      top | L5 core | 42 % | 60 %
      top | C1 | 80 % | 70 %
      top | C2 | 90 % | 70 %
      top | C21 | 11 % | 72 %
      top | C20 | 11 % | 82 %
      top | L8 core | 20 % | 80 %
      top | T1 | 86 % | 16 %`),
  },
  regent: {
    bands: bands(`MW | 550 kHz | 1500 kHz | none | | | | | 14 pF | 350 pF | L4 | | `),
    alignment: steps(`
      MW gang | aerial socket | dummy antenna | 1400 kHz | 1400 kHz | C1 rear trimmer | maximum | | V across the loudspeaker | high |
      MW gang | aerial socket | dummy antenna | 1400 kHz | 1400 kHz | C1 middle trimmer | maximum | | V across the loudspeaker | high |
      MW gang | aerial socket | dummy antenna | 1400 kHz | 1400 kHz | C1 front trimmer | maximum | | V across the loudspeaker | high |
      MW gang | aerial socket | dummy antenna | 600 kHz | 600 kHz | C1 plates | maximum | | V across the loudspeaker | low | bend a split end plate only where one section peaks off the others`),
  },
  cr21: {
    bands: bands(`
      A | 540 kHz | 1.3 MHz | above | 1.65 MHz | 110 kHz | 1.76 MHz | 110 kHz | 12 pF | 340 pF | L21 | C41 |
      B | 2 MHz | 4.5 MHz | above | 1.65 MHz | 110 kHz | 1.76 MHz | 110 kHz | 12 pF | 340 pF | L22 | C42 | C44
      C | 4.5 MHz | 10 MHz | above | 1.65 MHz | 110 kHz | 1.76 MHz | 110 kHz | 12 pF | 340 pF | L23 | C43 |
      D | 9.5 MHz | 19 MHz | above | 1.65 MHz | 110 kHz | 1.76 MHz | 110 kHz | 12 pF | 340 pF | L24 | C46 |
      E | 18 MHz | 30 MHz | above | 1.65 MHz | 110 kHz | 1.76 MHz | 110 kHz | 12 pF | 340 pF | L25 | C47 |`),
    alignment: steps(`
      second IF | grid of V5 | 0.1 µF | 110 kHz | BFO off | T6 bottom | maximum | | V of the AVC | |
      second IF | grid of V5 | 0.1 µF | 110 kHz | BFO off | T6 top | maximum | | V of the AVC | |
      first IF | grid of V2 | 0.1 µF | 1.65 MHz | BFO off | T3 bottom | maximum | | V of the AVC | |
      first IF | grid of V2 | 0.1 µF | 1.65 MHz | BFO off | T3 top | maximum | | V of the AVC | |
      BFO | grid of V2 | 0.1 µF | 1.65 MHz | pitch in its middle | T7 core | zero beat | | by ear | |
      B oscillator | aerial socket | 50 Ω | 4.3 MHz | 4.3 MHz | C42 | maximum | | V of the AVC | high |
      B oscillator | aerial socket | 50 Ω | 2.2 MHz | 2.2 MHz | L22 core | maximum | | V of the AVC | low |
      E oscillator | aerial socket | 50 Ω | 29 MHz | 29 MHz | C47 | maximum | | V of the AVC | high |
      E oscillator | aerial socket | 50 Ω | 19 MHz | 19 MHz | L25 core | maximum | | V of the AVC | low |`),
    pins: pins(`
      top | V1 | 12 % | 30 %
      top | V2 | 26 % | 30 %
      top | V3 | 44 % | 30 %
      top | V4 | 26 % | 62 %
      top | V5 | 62 % | 30 %
      top | V6 | 62 % | 62 %
      top | V9 | 80 % | 62 %
      top | V10 | 80 % | 82 %
      top | V11 | 92 % | 82 %
      top | T3 top | 35 % | 22 %
      top | T6 top | 71 % | 22 %
      top | C42 | 14 % | 74 %
      top | C47 | 14 % | 86 %
      top | L22 core | 22 % | 76 %
      top | C44 | 22 % | 86 %
      top | C31 | 54 % | 46 %`),
  },
  promenade: {
    bands: bands(`MW | 540 kHz | 1600 kHz | above | 470 kHz | | | | 10 pF | 280 pF | L3 | C17 |`),
    alignment: steps(`
      IF | grid of V1 | 0.1 µF | 470 kHz | gang open | T2 top | maximum | | V across the loudspeaker | |
      MW oscillator | loop, loosely coupled | one turn | 1500 kHz | 200 m | C17 | maximum | | V across the loudspeaker | high | with the set's own loop, in the cabinet
      MW oscillator | loop, loosely coupled | one turn | 600 kHz | 500 m | L3 core | maximum | | V across the loudspeaker | low |`),
  },
  duplex: {
    bands: bands(`
      80 m | 3.5 MHz | 4 MHz | below | 9 MHz | | | 9 MHz | | | | |
      20 m | 14 MHz | 14.5 MHz | above | 9 MHz | | | 9 MHz | | | | |
      15 m | 21 MHz | 21.5 MHz | above | 9 MHz | | | 9 MHz | | | | |`),
    alignment: steps(`
      Neutralising | own drive, high voltage of the final off | dummy load | 21.2 MHz | 15 m | C90 | minimum | | RF at the dummy load | | insulated tool; discharged before a hand goes in
      20 m power | carrier, key down ten seconds | dummy load | 14.2 MHz | 20 m | R91 low | figure | 10 W | power at the dummy load | |
      20 m power | carrier, key down ten seconds | dummy load | 14.2 MHz | 20 m | R91 high | figure | 90 W | power at the dummy load | |`),
  },
};

/** What a dial shows and what is received there, where a part of the oscillator is so many times its value; kHz. */
export function dialLines(
  model: string,
  band: string,
  of: Partial<Record<"l" | "trimmer" | "padder", number>>,
  kilohertz: readonly number[],
  padder?: number,
): string[] {
  const known = ALIGNING[model]?.bands?.find(({ name }) => name === band);
  const made = known && drawnCircuit(known, padder);
  if (!made?.ok) throw new Error(`no oscillator for ${model} ${band}`);
  const { tuned, band: range } = made.drawn;
  const now = {
    ...tuned,
    ...Object.fromEntries(Object.entries(of).map(([part, factor]) => [part, (tuned[part as "l"] ?? 0) * factor])),
  };
  return kilohertz.map((dial) => {
    const gang = gangAt(tuned, oscillatorFor(dial * 1e3, range));
    if (gang === undefined) throw new Error(`${dial} kHz is off the dial of ${model} ${band}`);
    return `${dial} kHz true ${(signalFor(tunes(now, gang), range) / 1e3).toFixed(1)} kHz`;
  });
}
