"use client";

import type { Step } from "@/core/model";
import { Bench, type Plates } from "@/features/bench/Bench";
import { HandBackPlate } from "@/features/handback/HandBackPlate";
import { TakeInPlate } from "@/features/intake/TakeInPlate";
import { PartsPlate } from "@/features/partwork/PartsPlate";
import { ProvePlate } from "@/features/readings/ProvePlate";
import { ReadingsPlate } from "@/features/readings/ReadingsPlate";
import { AskedForPlate } from "@/features/steps/AskedForPlate";
import { FindPlate } from "@/features/steps/FindPlate";
import { FirstPowerPlate } from "@/features/steps/FirstPowerPlate";
import { MakeSafePlate } from "@/features/steps/MakeSafePlate";
import { LogbookProvider, type LogbookData } from "@/ui/logbook";

/** The work plate of every step. A new tool takes its place here. */
const PLATES: Plates = {
  "take-in": <TakeInPlate />,
  "make-safe": <MakeSafePlate />,
  "first-power": <FirstPowerPlate />,
  baseline: <ReadingsPlate />,
  find: <FindPlate />,
  fix: <PartsPlate />,
  modify: <AskedForPlate step="modify" />,
  align: <AskedForPlate step="align" />,
  prove: <ProvePlate />,
  "hand-back": <HandBackPlate />,
};

export function BenchPage({ data, step }: { data: LogbookData; step?: Step | undefined }) {
  return (
    <LogbookProvider data={data}>
      <Bench plates={PLATES} initialStep={step} />
    </LogbookProvider>
  );
}
