import { drawnSpec, nodeOfPoint, partRules, type Sheet } from "../model";
import { parsePart } from "../quantity";
import { asBuilt } from "../history";
import { CHANGES_NOTHING, ofKind, type Settled } from "../kinds";
import type { CircuitQuestion } from "../circuit";
import type { Phase } from "../readings";

type Input = { sheet: Sheet; settled: readonly Settled[]; visitId: string };

/** What a circuit is solved from, of a sheet. */
export const circuitSheet = (sheet: Sheet): CircuitQuestion["sheet"] => ({
  supply: sheet.supply,
  lineVolts: sheet.lineVolts,
  supplyRms: sheet.supplyRms,
  rectifier: sheet.rectifier,
  chart: sheet.chart,
  dialect: sheet.dialect,
  tubes: sheet.tubes,
  components: sheet.components,
  windings: sheet.windings,
  points: sheet.points,
  net: sheet.net,
});

/**
 * What a visit asks the set’s circuit: the volts that were read together with the last ones, with no part changed between
 * them, what was fitted then, and what was measured of the parts.
 * @param phase the last readings of this phase, instead of the last of all
 * @returns undefined where the model has no net
 */
export function circuitQuestion({
  sheet,
  settled,
  visitId,
  phase,
}: Input & { phase?: Phase }): CircuitQuestion | undefined {
  if (!sheet.net || sheet.net.length === 0) return undefined;
  const nodes = new Set(sheet.net.flatMap(({ from, to, tap }) => [from, to, ...(tap ? [tap] : [])]));
  const read = ofKind(settled, "reading").filter(
    ({ entry, content }) =>
      entry.visitId === visitId &&
      !content.payload.designator &&
      content.payload.quantity === "voltage" &&
      content.payload.phase !== "cold" &&
      nodes.has(nodeOfPoint(content.payload.point)),
  );
  const last =
    read.findLast(({ content }) => phase === undefined || content.payload.phase === phase)?.at ??
    new Date(0).toISOString();
  const changes = ofKind(settled, "part-work")
    .filter(({ content }) => !CHANGES_NOTHING.includes(content.payload.action))
    .map(({ at }) => at);
  const [before = "", after = "9"] = [changes.findLast((at) => at < last), changes.find((at) => at > last)];
  const together = read.filter(({ at }) => at > before && at < after);
  const latest = new Map(together.map((one) => [nodeOfPoint(one.content.payload.point), one]));
  const line = together.findLast(({ content }) => content.payload.lineVolts !== undefined)?.content.payload.lineVolts;
  return {
    sheet: circuitSheet(sheet),
    ...(line === undefined ? {} : { line }),
    values: [...valuesAt({ sheet, settled, visitId }, last)],
    readings: [...latest].map(([node, { entry, content }]) => ({
      id: entry.id,
      node,
      volts: content.payload.measured.value,
      ...(content.payload.meterOhms ? { meterOhms: content.payload.meterOhms } : {}),
    })),
  };
}

/** Values by designator: what was fitted at a moment, and what of the rest this visit measured while it was there. */
function valuesAt({ sheet, settled, visitId }: Input, moment: string): Map<string, number> {
  const values = new Map<string, number>();
  const built = asBuilt(settled, sheet, moment);
  for (const { designator, parts } of built) {
    const [only] = parts;
    const parsed = parts.length === 1 && only ? parsePart(only.text, partRules(sheet, designator)) : undefined;
    const value = parsed?.ok ? parsed.value.sections[0] : undefined;
    if (value !== undefined) values.set(designator, value);
  }
  for (const { entry, content, at } of ofKind(settled, "reading")) {
    const { designator, measured, quantity, inCircuit } = content.payload;
    if (!designator || entry.visitId !== visitId || quantity !== "resistance") continue;
    // In circuit other parts lie across it: what reads high is at least so high, what reads low says nothing.
    const component = sheet.components.find((one) => one.designator === designator);
    const drawn = component && drawnSpec(sheet, component)?.sections[0];
    if (inCircuit && !(drawn !== undefined && measured.value > drawn)) continue;
    // A part that was exchanged between the two is not the one that was measured.
    const work = ofKind(settled, "part-work").some(
      (one) =>
        one.content.payload.designators.includes(designator) &&
        !CHANGES_NOTHING.includes(one.content.payload.action) &&
        (at > moment ? one.at > moment && one.at < at : one.at > at && one.at < moment),
    );
    if (!work && /^R/.test(designator)) values.set(designator, measured.value);
  }
  return values;
}
