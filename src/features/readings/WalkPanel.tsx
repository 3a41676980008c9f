"use client";

import { COLD_STAGES, HANDS_AWAY, isSerial, STAGES } from "@/core/instruments";
import { correctedFor, judge, printMeasured, type Circumstances, type PointRow } from "@/core/readings";
import type { Meter } from "@/db/shop";
import { useLogbook } from "@/ui/logbook";
import { ProbeWalk } from "@/ui/instruments/Walk";

type WalkPanelProps = {
  meter: Meter;
  /** the power is off: ohms */
  cold?: boolean;
  rows: readonly PointRow[];
  circumstances: (row: PointRow, measured?: number) => Circumstances;
  take: (row: PointRow, value: number, came: "network" | "serial", range?: number) => Promise<void>;
  takeBack: (point: string) => Promise<void>;
  onEnd: () => void;
};

/** Less than this is the noise of leads in the air, V. */
const NOISE = 5e-4;

/** The walk through points of a chart, or through cold checks. */
export function WalkPanel({ meter, cold = false, rows, circumstances, take, takeBack, onEnd }: WalkPanelProps) {
  const { model } = useLogbook();
  const live = model.sheet.supply === "live-chassis";
  const read = (value: number) => (!cold && Math.abs(value) < NOISE ? 0 : value);
  const print = (value: number) =>
    cold
      ? Number.isFinite(value)
        ? printMeasured(value, "resistance")
        : "open"
      : printMeasured(read(value), "voltage");
  return (
    <ProbeWalk
      meter={meter}
      what={cold ? "ohms" : "volts-dc"}
      places={rows.map((row, at) => {
        const { point, expected, quantity } = row;
        const high = live || Math.abs(expected?.value ?? 0) >= HANDS_AWAY;
        const value = expected && correctedFor(expected, quantity, circumstances(row)).value;
        return {
          point,
          ...(cold ? { probe: point.replace(/ to (chassis|B[−-])$/, "") } : {}),
          stages: cold ? (at === 0 ? COLD_STAGES : []) : high ? STAGES : [],
          expected: value === undefined ? undefined : `expected ${printMeasured(value, quantity)}`,
        };
      })}
      print={print}
      judge={(at, measured) => {
        const row = rows[at];
        if (!row) return "none";
        return judge({ quantity: row.quantity, measured, expected: row.expected, ...circumstances(row, measured) })
          .verdict;
      }}
      take={(at, value, range) => {
        const row = rows[at];
        if (row) void take(row, read(value), meter.link && isSerial(meter.link) ? "serial" : "network", range);
      }}
      takeBack={(at) => void takeBack(rows[at]?.point ?? "")}
      onEnd={onEnd}
    />
  );
}
