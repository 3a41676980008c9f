import { loansOut, modificationsOf, ofKind } from "../kinds";
import { openPoints } from "../history";
import type { Step } from "../model";
import { finalList, type SafeItem } from "../power";
import { formatMoney } from "../quantity";
import { soakOf, type VisitInput } from "../visit";
import { priceOf, type Price } from "./price";
import type { Terms } from "./terms";

/** A question before a set goes out. `open` stands in the way; `note` is said and does not. */
export type Gate = {
  key: string;
  text: string;
  state: "ok" | "open" | "note";
  /** where it is answered */
  step?: Step;
  /** it may go out so, if what was left says why */
  explains?: boolean;
};

export type FinalLine = SafeItem & { state: "open" | "done" | "na" | "trouble"; remark?: string; entry?: string };

/** The list of this set before it goes out, with the last word on every line in this visit. */
export function finalLines({ sheet, settled, visitId }: VisitInput): FinalLine[] {
  const words = new Map(
    ofKind(settled, "check")
      .filter(({ entry, content }) => entry.visitId === visitId && content.payload.list === "hand-back")
      .map(({ entry, content }) => [content.payload.key, { entry: entry.id, ...content.payload }]),
  );
  return finalList(sheet).map((item): FinalLine => {
    const word = words.get(item.key);
    if (!word) return { ...item, state: "open" };
    return { ...item, state: word.state, entry: word.entry, ...(word.remark ? { remark: word.remark } : {}) };
  });
}

/** How the owner uses what was fitted or found in this visit, by the modifications themselves. */
export function ownersInstructions({ settled, visitId }: Pick<VisitInput, "settled" | "visitId">): string {
  return modificationsOf(settled)
    .filter(({ state, visitId: at }) => at === visitId && (state === "fitted" || state === "kept"))
    .flatMap(({ payload }) => (payload.instructions ? [`${payload.name}: ${payload.instructions}`] : []))
    .join("\n");
}

function bagOf({ settled, visitId }: VisitInput): string[] {
  return ofKind(settled, "part-work")
    .filter(({ entry, content }) => entry.visitId === visitId && content.payload.oldPart === "bag")
    .flatMap(({ content }) => content.payload.designators);
}

function priceGate(price: Price): Gate {
  const { totalMinor, currency, overMinor, limit, estimate } = price;
  const total = formatMoney({ minor: totalMinor, currency });
  if (overMinor && limit)
    return {
      key: "price",
      state: "open",
      text: `The total is ${total}, ${formatMoney({ minor: overMinor, currency })} above what was agreed (${formatMoney(limit.sum)}): ask the owner, and write down the answer`,
    };
  if (price.limitElsewhere && limit && totalMinor > 0)
    return {
      key: "price",
      state: "open",
      text: `The total is ${total}; what was agreed is in another currency (${formatMoney(limit.sum)}): ask the owner for a sum in ${currency}, and write down the answer`,
    };
  const told = estimate ? `; the estimate was ${formatMoney(estimate.total)}` : "";
  return {
    key: "price",
    state: totalMinor === 0 ? "note" : "ok",
    text: totalMinor === 0 ? "No labour and no priced parts are written down" : `The total is ${total}${told}`,
  };
}

/** Everything that is asked before a set is handed back, in the order in which it is looked at. */
export function gates(input: VisitInput, terms: Terms, currency: string): Gate[] {
  const { settled, visitId, now } = input;
  const open = openPoints(settled, now).filter(({ blocks, kind }) => blocks && kind !== "loan" && kind !== "soak");
  const loans = loansOut(settled);
  const lines = finalLines(input);
  const missing = lines.filter(({ state }) => state === "open");
  const wrong = lines.filter(({ state }) => state === "trouble");
  const soak = soakOf(settled, visitId, now, terms);
  const bag = bagOf(input);
  const uses = ownersInstructions(input);
  const count = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;
  return [
    open.length > 0
      ? {
          key: "open",
          state: "open",
          explains: true,
          text: `${count(open.length, "open point", "open points")} to settle, waive or explain`,
        }
      : { key: "open", state: "ok", text: "No open points" },
    loans.length > 0
      ? { key: "loans", state: "open", text: `On loan in the set: ${loans.map(({ what }) => what).join(", ")}` }
      : { key: "loans", state: "ok", text: "Nothing on loan is left inside" },
    soakGate(soak),
    missing.length + wrong.length > 0
      ? {
          key: "final",
          state: "open",
          text: [
            missing.length > 0 && `${count(missing.length, "line", "lines")} of the last look not ticked`,
            wrong.length > 0 && `${count(wrong.length, "line", "lines")} found wrong`,
          ]
            .filter(Boolean)
            .join(", "),
        }
      : { key: "final", state: "ok", text: "The last look is through" },
    bag.length > 0
      ? { key: "bag", state: "note", text: `Old parts in the owner's bag: ${bag.join(", ")}` }
      : { key: "bag", state: "ok", text: "No old parts in a bag" },
    uses
      ? { key: "uses", state: "note", text: "The owner is told how to use what was fitted" }
      : { key: "uses", state: "ok", text: "Nothing was fitted that needs instructions" },
    priceGate(priceOf(settled, visitId, terms, currency)),
  ];
}

function soakGate(soak: ReturnType<typeof soakOf>): Gate {
  const key = "soak";
  const step: Step = "prove";
  if (!soak) return { key, step, state: "note", text: "No soak in this visit" };
  const drifted = soak.drifts.filter(({ verdict }) => verdict === "drifts").map(({ point }) => point);
  if (soak.state !== "ended") return { key, step, state: "open", text: "The soak is not ended" };
  if (drifted.length > 0)
    return { key, step, state: "open", explains: true, text: `Drifted while it soaked: ${drifted.join(", ")}` };
  // Rounded down: an hour that is nearly over is not over.
  const hours = (Math.floor(soak.elapsedMinutes / 6) / 10).toFixed(1);
  return soak.elapsedMinutes < soak.hours * 60 - 1
    ? { key, step, state: "note", text: `Soaked ${hours} h of ${soak.hours} h` }
    : { key, step, state: "ok", text: `Soaked ${hours} h` };
}
