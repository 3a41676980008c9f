import { ELECTRODES } from "../model";
import type { LineQuestion } from "../shorthand";

const NAME = [...ELECTRODES, "anode", "filament", "g[123]?", "[akpgsecb]"].join("|");
const ONE = `(${NAME})\\s*[:=]?\\s*([-−+]?[\\d.,]*\\d(?:\\s?[mk]?V)?)`;
const SEVERAL = new RegExp(`^((?:V|Q|TR)\\d{1,2})[:,]?\\s+(${ONE}(?:[,;]?\\s+(?:and\\s+)?${ONE})+)$`, "i");

/** `V1 plate 180, screen 95`: an entry holds one reading, so each is offered by itself and none becomes a remark. */
export function readingsApart(line: string): LineQuestion | undefined {
  const [, device = "", said = ""] = SEVERAL.exec(line.trim()) ?? [];
  if (!said) return undefined;
  const readings = [...said.matchAll(new RegExp(ONE, "gi"))].map(([, name, figure]) => `${device} ${name} ${figure}`);
  return {
    kind: "question",
    question: `These are ${readings.length} readings, and an entry holds one. Which one first?`,
    choices: [...readings.map((text) => ({ label: text, text })), { label: "A note", text: `note ${line.trim()}` }],
  };
}

const BAND = "(\\d{1,4}\\s?(?:m|metres?|meters?)|\\d[\\d.,]*\\s?MHz)";
const OUTPUT = `${BAND}\\s*[:=]?\\s*([\\d.,]*\\d)\\s?(k?W)(?:atts?)?`;
const OUTPUTS = new RegExp(
  `^(?:(?:rf\\s+)?(?:output|power|carrier)\\s*:?\\s+)?(${OUTPUT}(?:[,;]?\\s+(?:and\\s+)?${OUTPUT})*)$`,
  "i",
);

/** `80m 62W, 40m 58W`: the output on each band is a test of its own. */
export function outputsApart(line: string): LineQuestion | undefined {
  const [, said = ""] = OUTPUTS.exec(line.trim()) ?? [];
  const tests = [...said.matchAll(new RegExp(OUTPUT, "gi"))].map(
    ([, band = "", figure = "", unit = ""]) => `test output at ${band} ${figure} ${unit.replace(/w$/i, "W")}`,
  );
  if (tests.length < 2) return undefined;
  return {
    kind: "question",
    question: `These are ${tests.length} results, and an entry holds one. Which one first?`,
    choices: [...tests.map((text) => ({ label: text, text })), { label: "A note", text: `note ${line.trim()}` }],
  };
}
