import { rmsOfPeakToPeak, type Shape } from "../levels";
import { format, parseQuantity } from "../quantity";
import type { LineQuestion } from "../shorthand";

const READ =
  /^(?!(?:note|todo|test|\?|ask|measure)(?=\s|$))([^\s:;][^:;]*?)\s*=?\s+([\d.,]+\s?[mkµu]?V)\s?(?:p-?p|pk-?pk|peak[ -]to[ -]peak)\.?(?:[,;:]?\s+(\S.*))?$/i;
const SHAPES: readonly Shape[] = ["sine", "sawtooth"];

/** The point that such a reading is of: a tube's electrode carries volts DC beside it, and a supply has ripple. */
function pointOf(said: string): { name: string; unit: string } {
  const name = said.replace(/\s+AC$/i, "");
  if (/^(?:V|Q|TR)\d/i.test(name)) return { name, unit: "V ac" };
  if (/^(?:b\s?\+|ht|\S.*\b(?:rail|supply))$/i.test(name)) return { name: `${name} ripple`, unit: "V" };
  return { name, unit: "V" };
}

/** `ripple on B+ 1.2 Vpp`: points are read in r.m.s., and what a scope shows depends on the shape of the wave. */
export function peakToPeakRead(line: string): LineQuestion | undefined {
  const [, point = "", volts = "", rest = ""] = READ.exec(line.trim()) ?? [];
  const read = parseQuantity(volts, "voltage");
  if (!read.ok || read.value <= 0) return undefined;
  const shown = `${format(read.value, "voltage")} peak to peak`;
  const { name, unit } = pointOf(point);
  const choices = (/ripple/i.test(name) ? SHAPES.toReversed() : SHAPES).map((shape) => {
    const rms = rmsOfPeakToPeak(read.value, shape);
    const remark = [`${shown}, a ${shape}`, rest].filter(Boolean).join(", ");
    const label = `${format(rms, "voltage")} r.m.s., if it is a ${shape}`;
    return { label, text: `${name} ${Number(rms.toPrecision(3))} ${unit}: ${remark}` };
  });
  return {
    kind: "question",
    question: `${shown}: points are kept in volts r.m.s. What shape does the scope show?`,
    choices: [...choices, { label: "A note", text: `note ${line.trim()}` }],
  };
}
