import { format, parseQuantity } from "../../quantity";
import { headAndTail, notUnderstood, readAs, tailOf, textOf } from "../../shorthand";
import type { KindLine, Reader } from "../kind";
import type { Soak } from "./payload";

/** `soak start 4 h at 230 V`, `soak pause: shop closes`, `soak end` */
const read: Reader = (rest) => {
  const { head, tail } = headAndTail(textOf(rest));
  const found = /^(start|pause|resume|end)(?:\s+(\d+(?:[.,]\d+)?)\s*h)?(?:\s+at\s+(.+))?$/i.exec(head);
  if (!found)
    return notUnderstood(rest.start, "A soak reads like: soak start 4 h at 230 V, soak pause, soak resume, soak end.");
  const [, state = "", hours, line] = found;
  const volts = line === undefined ? undefined : parseQuantity(line, "voltage");
  if (volts && !volts.ok) return notUnderstood(rest.start, `“${line ?? ""}” is not a line voltage.`);
  return readAs(
    {
      v: 1,
      state: state.toLowerCase(),
      ...(hours ? { hours: Number(hours.replace(",", ".")) } : {}),
      ...(volts?.ok ? { lineVolts: volts.value } : {}),
      ...(tail ? { remark: tail } : {}),
    },
    rest.start,
  );
};

export const line: KindLine<Soak> = {
  words: [{ begins: /^(soak)(?=\s|$)\s*/i, read }],
  write: ({ state, hours, lineVolts, remark }) =>
    `soak ${state}${hours === undefined ? "" : ` ${hours} h`}${lineVolts === undefined ? "" : ` at ${format(lineVolts, "voltage", 12)}`}${tailOf(remark)}`,
  examples: [
    { line: "soak start 4 h at 230 V", says: "a soak begins; soak pause, resume, end; B+ 251 soak is a reading in it" },
  ],
};
