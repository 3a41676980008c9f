"use client";

import type { Step } from "@/core/model";
import { Bench, type Plates } from "@/features/bench/Bench";
import { HandBackPlate } from "@/features/handback/HandBackPlate";
import { TakeInPlate } from "@/features/intake/TakeInPlate";
import { PartsPlate } from "@/features/partwork/PartsPlate";
import { PowerPlate } from "@/features/power/PowerPlate";
import { ColdChecks } from "@/features/readings/ColdChecks";
import { ProvePlate } from "@/features/readings/ProvePlate";
import { ReadingsPlate } from "@/features/readings/ReadingsPlate";
import { AskedForPlate } from "@/features/steps/AskedForPlate";
import { FindPlate } from "@/features/steps/FindPlate";
import { MakeSafePlate } from "@/features/safe/MakeSafePlate";
import { LogbookProvider, type LogbookData } from "@/ui/logbook";

/** The work plate of every step. A new tool takes its place here. */
const PLATES: Plates = {
  "take-in": <TakeInPlate />,
  "make-safe": (
    <MakeSafePlate>
      <ColdChecks />
    </MakeSafePlate>
  ),
  "first-power": <PowerPlate />,
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
