"use client";

import { useRef, useState } from "react";
import { ownValue } from "@/core/quantity";
import { type Phase, asksAboutSetup, type Circumstances, type PointRow } from "@/core/readings";
import { buildReading, ohmsAt, POWERED, underPower, type TypedReading } from "@/core/kinds";
import { partRules } from "@/core/model";
import { setupFor, takenIn, type Taken } from "@/core/visit";
import { useLogbook, useLineContext } from "@/ui/logbook";
import { lineVoltsOf, liveReading, type Live } from "./rows";
import {
  fieldsOf,
  freshFields,
  instrumentOf,
  payloadOf,
  rangeBefore,
  rangeOf,
  stillHolds,
  type SetupFields,
} from "./setup-fields";

export type Cell = {
  text: string;
  live: Live;
  error?: string | undefined;
  /** what is asked about before it is written: the set-up, where the reading is far off; or whether power was on */
  asks?: "set-up" | "power" | undefined;
  /** writes it; false when it waits for an answer about the set-up */
  save: () => boolean;
  /** the answer: the set-up is right */
  confirm: () => void;
  setText: (text: string) => void;
};

/** How a figure came in that nobody typed. */
type Came = "network" | "serial";

type Options = {
  /** a pass in between, begun anew: readings of earlier ones are not its own */
  fresh?: boolean | undefined;
  /** the set-up that this pass repeats */
  like?: { id: string; payload: Parameters<typeof fieldsOf>[0] } | undefined;
};

/** What the table's cells hold while they are typed, under which set-up, and how they are written to the log. */
export function useReadings(phase: Phase, { fresh, like }: Options = {}) {
  const { settled, visit, append, model, shop, meters } = useLogbook();
  const context = useLineContext();
  const written = fresh ? undefined : setupFor(settled, visit.id, phase);
  const taken = fresh
    ? new Map<string, Taken>()
    : takenIn(settled, visit.id, phase, phase === "check" && written ? written.id : undefined);
  const before = [...taken.values()].map((one) => one.payload);
  const lastLine = before.findLast((payload) => payload.lineVolts !== undefined)?.lineVolts;
  const lastMeter = before.findLast((payload) => payload.meter !== undefined)?.meter;
  const [typed, setTyped] = useState<Record<string, string>>({});
  const [errors, setErrors] = useState<Record<string, string | undefined>>({});
  const [asked, setAsked] = useState<Record<string, string>>({});
  // Leaving a cell by Enter writes it and then blurs it: what is under way is not written twice.
  const underWay = useRef(new Set<string>());
  /** the entry of the last reading of a point that the probe took here; it may be on its way still */
  const lastTaken = useRef(new Map<string, Promise<string | undefined>>());
  const settingUp = useRef<Promise<string | undefined>>(undefined);
  const [own, setOwn] = useState<Partial<SetupFields>>({});
  const bench = { sheet: model.sheet, shop, tap: context.tap };

  // The set-up of the last reading goes on until somebody changes it.
  const begun = written
    ? fieldsOf(written.payload, bench)
    : like
      ? fieldsOf(like.payload, bench, true)
      : freshFields(phase, bench);
  const named: SetupFields = {
    ...begun,
    ...(lastLine ? { line: String(lastLine) } : {}),
    ...(!written && lastMeter ? { meter: lastMeter } : {}),
    ...own,
  };
  const setUp: SetupFields = { ...named, range: own.range ?? rangeBefore(before, named.meter) };
  const { volts } = lineVoltsOf(setUp.line);
  const instrument = instrumentOf(setUp, meters);
  const chosen = rangeOf(setUp, instrument);
  const payload = payloadOf(setUp, phase, meters, like?.id);
  const holds = stillHolds(written?.payload, payload);

  const circumstances = (row: PointRow, measured?: number): Circumstances => ({
    lineVolts: volts,
    tapVolts: payload.tapVolts,
    meterOhms: ohmsAt(row, instrument, measured, chosen),
  });

  /** A figure at a row, under the set-up as it is now. */
  const typedAt = (row: PointRow, text: string, told?: number): TypedReading => ({
    row,
    text,
    phase,
    lineVolts: volts,
    tapVolts: payload.tapVolts,
    instrument,
    range: told ?? (row.quantity === "voltage" ? chosen : undefined),
    ...(row.designator ? { rules: partRules(model.sheet, row.designator) } : {}),
  });

  /** Writes the set-up down where it is not, and gives the entry that readings point at. */
  const writeSetup = (): Promise<string | undefined> => {
    if (holds && written) return Promise.resolve(written.id);
    settingUp.current ??= append({ kind: "setup", payload }).then((outcome) => {
      settingUp.current = undefined;
      if (outcome.ok) setOwn({ line: setUp.line });
      return outcome.ok ? outcome.id : undefined;
    });
    return settingUp.current;
  };

  const write = async (
    row: PointRow,
    text: string,
    asks: Cell["asks"],
    came?: Came,
    told?: number,
  ): Promise<string | undefined> => {
    // The walk takes nothing twice by itself: the same figure again, after a slip, is another reading.
    const job = `${row.point} ${text}`;
    if (!came && underWay.current.has(job)) return undefined;
    underWay.current.add(job);
    // Nothing is said of a set-up: the reading stands alone.
    const named = setUp.meter.trim() !== "" || written !== undefined || payload.checked.length > 0;
    const setup = phase !== "cold" && named ? await writeSetup() : undefined;
    const remark = [asks === "power" && POWERED, asks === "set-up" && "set-up looked at"].filter(Boolean).join(", ");
    const built = buildReading({ ...typedAt(row, text, told), setup, remark: remark || undefined });
    if (built.kind !== "reading") {
      underWay.current.delete(job);
      return undefined;
    }
    const outcome = await append({ kind: "reading", payload: { ...built.payload, ...(came ? { came } : {}) } });
    underWay.current.delete(job);
    setErrors((all) => ({ ...all, [row.point]: outcome.ok ? undefined : outcome.problems[0]?.message }));
    if (outcome.ok) setTyped(({ [row.point]: _saved, ...rest }) => rest);
    return outcome.ok ? outcome.id : undefined;
  };

  const cell = (row: PointRow): Cell => {
    const known = taken.get(row.point);
    const text = ownValue(typed, row.point) ?? known?.payload.measured.text ?? "";
    const untouched = ownValue(typed, row.point) === undefined && known !== undefined;
    // What was taken is judged as it was taken; what is being typed, with the set-up as it is now.
    const live: Live = untouched
      ? { kind: "value", value: known.payload.measured.value, judgement: known.judgement }
      : liveReading(typedAt(row, text));
    const changed = live.kind === "value" && known?.payload.measured.text !== text.trim();
    const asks =
      !changed || phase === "cold"
        ? undefined
        : context.unsafe && underPower(row.quantity)
          ? "power"
          : asksAboutSetup(live.judgement, live.value)
            ? "set-up"
            : undefined;
    const put = (answered: Cell["asks"]) => {
      if (live.kind === "value" && changed) void write(row, text.trim(), answered);
    };
    return {
      text,
      live,
      error: ownValue(errors, row.point),
      asks,
      save: () => {
        if (asks && ownValue(asked, row.point) !== text) {
          setAsked((all) => ({ ...all, [row.point]: text }));
          return false;
        }
        put(asks);
        return true;
      },
      confirm: () => put(asks),
      setText: (next) => setTyped((all) => ({ ...all, [row.point]: next })),
    };
  };

  /** Writes a figure that an instrument read. */
  const take = async (row: PointRow, value: number, came: Came, told?: number): Promise<void> => {
    const writing = write(
      row,
      Number.isFinite(value) ? String(Number(value.toPrecision(4))) : "open",
      // What reads volts under power says itself that the power is on.
      context.unsafe && underPower(row.quantity) ? "power" : undefined,
      came,
      told,
    );
    lastTaken.current.set(row.point, writing);
    await writing;
  };

  /** Takes the last figure of a point back: it was a slip. */
  const takeBack = async (point: string): Promise<void> => {
    const writing = lastTaken.current.get(point);
    lastTaken.current.delete(point);
    const amends = await writing;
    if (!amends) return;
    await append({ kind: "amendment", payload: { v: 1, action: "withdraw", reason: "slip of the probe" } }, { amends });
  };

  return {
    cell,
    take,
    takeBack,
    taken,
    setUp,
    setSetUp: (part: Partial<SetupFields>) => setOwn((all) => ({ ...all, ...part })),
    written,
    holds,
    writeSetup,
    circumstances,
    payload,
  };
}
