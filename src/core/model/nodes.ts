/** Chassis, or B− of a set with a live chassis. */
export const CHASSIS = "gnd";
/** The side of the line that goes to the rectifier. */
export const LINE = "line";

const CHASSIS_WORDS = /^(gnd|ground|earth|chassis|b ?[-−]|0 ?v|mass)$/i;
const DEVICE = /^(v|q|tr)(\d{1,2})([ab]?)[\s._:-]+(.+)$/i;
const ELECTRODES: Record<string, string> = {
  p: "plate",
  a: "plate",
  anode: "plate",
  g: "grid",
  g1: "grid",
  g2: "screen",
  g3: "suppressor",
  k: "cathode",
  c: "collector",
  b: "base",
  e: "emitter",
  filament: "cathode",
};

/** A node as it is kept: `v3 anode` is `V3.plate`, `chassis` is `gnd`, `b+2` is `B+ 2`. */
export function nodeNamed(text: string): string {
  const plain = text.trim().replaceAll(/\s+/g, " ");
  if (CHASSIS_WORDS.test(plain)) return CHASSIS;
  if (/^(line|mains)$/i.test(plain)) return LINE;
  const device = DEVICE.exec(plain);
  if (device) {
    const [, letters = "", number = "", section = "", electrode = ""] = device;
    const word = electrode.trim().toLowerCase();
    return `${letters.toUpperCase()}${number}${section.toLowerCase()}.${ELECTRODES[word] ?? word}`;
  }
  const rail = /^b ?\+ ?(\d*)$/i.exec(plain);
  if (rail) return rail[1] ? `B+ ${rail[1]}` : "B+";
  return plain;
}

/** The electrode node of a tube or transistor, taken apart. */
export function electrodeNode(name: string): { device: string; section: string; electrode: string } | undefined {
  const found = /^((?:V|Q|TR)\d{1,2})([ab]?)\.([a-z0-9 ]+)$/.exec(name);
  return found ? { device: found[1] ?? "", section: found[2] ?? "", electrode: found[3] ?? "" } : undefined;
}

/** The node that a point of the chart is measured at: `V3 plate` is `V3.plate`. */
export const nodeOfPoint = (point: string): string => nodeNamed(point);
