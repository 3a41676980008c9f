import { describe, expect, it } from "vitest";
import { parsePart, parseQuantity, type PartQuantity, type Quantity } from ".";

/** The same marking or value as somebody else writes it. It means the same, or it is not read; it is never another one. */

const PARTS: [PartQuantity, readonly string[]][] = [
  [
    "capacitance",
    [
      ...["0.047uF 630V", "47n 630V", ".05 mfd 600V", "8 mfd 450 V", "22 uF 450 V electrolytic", "100 pF mica"],
      ...["250 mmf", "16+16 uF 450 V", "2 x 32 uF 350 V", "470 pF silver mica", "10 nF 1 kV ceramic"],
    ],
  ],
  ["resistance", ["470k", "470k 0.5W", "4k7", "4R7 5W", "100 ohm 2 W", "2.2 kohm 1 W 5%", "10k 1% metal film"]],
];
const VALUES: [Quantity, string][] = [
  ["voltage", "248 V"],
  ["voltage", "250 mV"],
  ["current", "1.2 mA"],
  ["frequency", "455 kHz"],
  ["frequency", "9.5 MHz"],
  ["power", "2.5 W"],
  ["percent", "80 %"],
  ["inductance", "10 H"],
  ["time", "1 h 30 min"],
];

const WAYS: [string, (text: string) => string][] = [
  ["with a stop behind it", (text) => `${text}.`],
  ["with a comma behind it", (text) => `${text},`],
  ["with a semicolon behind it", (text) => `${text};`],
  ["with blanks that do not break", (text) => text.replaceAll(" ", "\u00a0")],
  ["with thin blanks", (text) => text.replaceAll(" ", "\u202f")],
  ["with tabs", (text) => text.replaceAll(" ", "\t")],
  [
    "with signs of full width",
    (text) => text.replace(/[!-~]/g, (sign) => String.fromCharCode(sign.charCodeAt(0) + 0xfee0)),
  ],
  ["in capitals", (text) => text.toUpperCase().replace("MV", "mV").replace("MA", "mA").replace("MMF", "mmf")],
  ["with decimal commas", (text) => text.replace(/(\d)\.(\d)/g, "$1,$2")],
];
const RATED: [string, (text: string) => string][] = [
  ["with “@” before the volts", (text) => text.replace(/ (?=\d+ ?k?V)/, " @ ")],
  ["with a dash before the volts", (text) => text.replace(/ (?=\d+ ?k?V)/, " - ")],
  ["with the volts in brackets", (text) => text.replace(/ (\d+ ?k?V)/, " ($1)")],
  ["with a hyphen before the volts' unit", (text) => text.replace(/(\d) ?(k?V)\b/, "$1-$2")],
  ["with “DC working”", (text) => text.replace(/(\d) ?V\b/, "$1 DC working")],
  ["with a word for its leads", (text) => `${text} axial`],
];

describe.each([...WAYS, ...RATED])("a marking %s", (_, way) => {
  it.each(PARTS)("of a %s is the same part", (quantity, texts) => {
    const read = (text: string) => parsePart(text, { quantity });
    for (const text of texts) {
      expect(read(text), text).toMatchObject({ ok: true });
      expect(read(way(text)), way(text)).toEqual(read(text));
    }
  });
});

describe.each(WAYS)("a value %s", (_, way) => {
  it.each(VALUES)("of a %s is the same: %s", (quantity, text) => {
    expect(parseQuantity(text, quantity)).toMatchObject({ ok: true });
    expect(parseQuantity(way(text), quantity), way(text)).toEqual(parseQuantity(text, quantity));
  });
});

it("a hyphen before a unit is none before a figure: 8-16 stays what it was", () => {
  expect(parsePart("8-16 mfd", { quantity: "capacitance" })).toMatchObject({
    ok: true,
    value: { sections: [8e-6, 16e-6] },
  });
  expect(parseQuantity("-16 V", "voltage")).toEqual({ ok: true, value: -16 });
  expect(parseQuantity("8-16 V", "voltage")).toMatchObject({ ok: false });
});
