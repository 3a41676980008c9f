"use client";

import { useMemo } from "react";
import { readKilohertz } from "@/core/frequencies";
import { adviseMoves, circuitNow, TRACKING_PARTS, type DialPoint, type TrackingPart } from "@/core/tracking";
import { makeRow, SHIPPED } from "@/core/sheets";
import { alignedIn, dialPoints, dialRuns, type Run } from "@/core/visit";
import { shapeOf, useKept } from "@/ui/kept";
import { useLogbook } from "@/ui/logbook";
import { readDial, tunedBands } from "./dial-fit";
import { only } from "./dial-words";
import { readNumber } from "@/core/quantity";

type Line = { dial: string; truth: string };
type Held = {
  /** the run that is looked at; empty: the last one of this visit; TYPED: what is typed here */
  run: string;
  band: string;
  lines: Line[];
  /** per cent */
  reading: string;
  moves: Record<string, boolean>;
};
/** In place of a run: what is typed here. */
export const TYPED = "typed";
const LINE: Line = { dial: "", truth: "" };
const HELD: Held = { run: "", band: "", lines: [LINE, LINE, LINE], reading: "0.3", moves: {} };

/** Dial and frequency that are this many times apart are kHz beside MHz. */
const THOUSAND = 300;
const times = ({ dial, truth }: DialPoint) => Math.max(dial / truth, truth / dial);
const offByThousand = (point: DialPoint) => times(point) > THOUSAND;

/** What is asked about a point whose two figures do not go together. */
function scaleTrouble(point: DialPoint): string | undefined {
  if (offByThousand(point)) return "One of the two is off by a thousand: kHz and MHz?";
  return times(point) > 1.5 ? "Dial and frequency are far apart: was an image or another station received?" : undefined;
}

const sheet = SHIPPED.find(({ key }) => key === "dial");

/** The dial's errors, and what they say of coil, trimmer and padder. */
export function useDial() {
  const { model, settled, visit, append } = useLogbook();
  const { value: held, set } = useKept(`dial ${visit.id}`, shapeOf(HELD), HELD);
  const part = (change: Partial<Held>) => set((now) => ({ ...now, ...change }));
  const runs = useMemo(() => dialRuns(settled), [settled]);
  const latest = runs.findLast(({ visitId }) => visitId === visit.id);
  const run: Run | undefined = held.run === "" ? latest : runs.find(({ id }) => id === held.run);
  const lines = held.lines.map(({ dial, truth }) => {
    const point = { dial: readKilohertz(dial), truth: readKilohertz(truth) };
    const typed = dial.trim() !== "" || truth.trim() !== "";
    const whole =
      point.dial !== undefined && point.truth !== undefined ? { dial: point.dial, truth: point.truth } : undefined;
    const trouble = !typed
      ? undefined
      : whole
        ? scaleTrouble(whole)
        : (dial.trim() !== "" && point.dial === undefined) || (truth.trim() !== "" && point.truth === undefined)
          ? "A frequency in kHz: 1000, or 7.1 MHz."
          : undefined;
    return { dial, truth, whole, trouble };
  });
  const points: DialPoint[] = run
    ? dialPoints(run).sort((a, b) => a.dial - b.dial)
    : lines.flatMap(({ whole }) => (whole && !offByThousand(whole) ? [whole] : []));
  const bands = tunedBands(model.sheet);
  const read = readDial(model.sheet, points, {
    chosen: held.band,
    reading: (readNumber(held.reading, /%/) ?? Number.NaN) / 100,
  });
  const { band, made, fit, padder: drawnPadder } = read ?? {};
  // What can be turned: an adjuster of the table, else trimmer and core. A padder with a drawn value is a fixed part.
  const adjusters = new Set((model.sheet.alignment ?? []).map(({ adjust }) => adjust.split(" ")[0]));
  const canMove = (one: TrackingPart): boolean => {
    const designator = one === "l" ? band?.coil : band?.[one];
    const usual = one === "padder" ? drawnPadder === undefined : one === "trimmer" || drawnPadder !== undefined;
    return held.moves[one] ?? (designator && adjusters.size > 0 ? adjusters.has(designator) : usual);
  };
  const movable = TRACKING_PARTS.filter((one) => made?.ok && made.drawn.tuned[one] !== undefined && canMove(one));
  const answer = fit ? only(fit) : undefined;
  const advice =
    made?.ok && fit && answer && !fit.right
      ? adviseMoves(
          made.drawn.tuned,
          circuitNow(made.drawn.tuned, answer),
          made.drawn.band,
          fit.points.map(({ dial }) => dial),
          movable,
        )
      : undefined;

  /** Writes what is typed down as a run of the sheet Dial: before the first core is turned it is the baseline. */
  async function writeDown(cabinet: string): Promise<{ ok: true } | { ok: false; message: string }> {
    if (!sheet) return { ok: false, message: "The sheet Dial is missing." };
    const phase = alignedIn(settled, visit.id).length === 0 ? "baseline" : "prove";
    const given = sheet.setup
      .flatMap((column) =>
        column.key === "cabinet" ? [{ ...column, text: cabinet, value: column.choices?.indexOf(cabinet) ?? 0 }] : [],
      )
      .map(({ key: one, name, word, quantity, unit, text, value }) => ({
        key: one,
        name,
        word,
        quantity,
        unit,
        text,
        value,
      }));
    let of: string | undefined;
    for (const { dial, truth, whole } of lines) {
      if (!whole) continue;
      const row = makeRow(sheet, given, { marked: `${whole.dial / 1e3} kHz`, true: `${whole.truth / 1e3} kHz` }, []);
      if (!row.ok) return { ok: false, message: Object.values(row.problems)[0] ?? `${dial} ${truth}` };
      const outcome = await append({
        kind: "measured-row",
        payload: { v: 1, phase, preflight: [], ...row.row, ...(of ? { run: of } : {}) },
      });
      if (!outcome.ok) return { ok: false, message: outcome.problems[0]?.message ?? "" };
      of ??= outcome.id;
    }
    if (!of) return { ok: false, message: "Type what the dial shows and what is received there." };
    part({ run: of, lines: HELD.lines });
    return { ok: true };
  }

  return {
    ...{ runs, run, lines, points, bands, band, made, fit, answer, advice, movable, held, drawnPadder },
    choose: (id: string) => part({ run: id }),
    setBand: (name: string) => part({ band: name }),
    setReading: (text: string) => part({ reading: text }),
    setMove: (one: TrackingPart, can: boolean) => part({ moves: { ...held.moves, [one]: can } }),
    type: (at: number, change: Partial<Line>) =>
      set((now) => ({ ...now, lines: now.lines.map((line, n) => (n === at ? { ...line, ...change } : line)) })),
    addLine: () => set((now) => ({ ...now, lines: [...now.lines, LINE] })),
    writeDown,
  };
}
export type Dial = ReturnType<typeof useDial>;
