"use client";

import { useSearchParams } from "next/navigation";
import type { Step } from "@/core/model";
import { Bench, type Plates } from "@/features/bench/Bench";
import { FaultBoard } from "@/features/diagnosis/FaultBoard";
import { LastLook } from "@/features/handback/LastLook";
import { PricePanel } from "@/features/handback/PricePanel";
import { HandBackPlate } from "@/features/handback/HandBackPlate";
import { TakeInPlate } from "@/features/intake/TakeInPlate";
import { Loans } from "@/features/modify/Loans";
import { ModifyPlate } from "@/features/modify/ModifyPlate";
import { PartsPlate } from "@/features/partwork/PartsPlate";
import { SoakPlate } from "@/features/prove/SoakPlate";
import { TestsPlate } from "@/features/prove/TestsPlate";
import { PowerPlate } from "@/features/power/PowerPlate";
import { ColdChecks } from "@/features/readings/ColdChecks";
import { ProvePlate } from "@/features/readings/ProvePlate";
import { RecapPlate } from "@/features/recap/RecapPlate";
import { HeatersPlate } from "@/features/tubes/HeatersPlate";
import { TubesPlate } from "@/features/tubes/TubesPlate";
import { ReadingsPlate } from "@/features/readings/ReadingsPlate";
import { AskedForPlate } from "@/features/steps/AskedForPlate";
import { DoneForm } from "@/features/steps/DoneForm";
import { MakeSafePlate } from "@/features/safe/MakeSafePlate";
import { Tabs, type TabOf } from "@/ui/Tabs";
import { LogbookProvider, type LogbookData } from "@/ui/logbook";

/** The tools of Fix, each with a place in the address. */
const FIX: readonly TabOf[] = [
  { key: "plan", name: "Recap plan", body: <RecapPlate /> },
  { key: "tubes", name: "Tubes", body: <TubesPlate /> },
  { key: "heaters", name: "Heaters", body: <HeatersPlate /> },
  { key: "part", name: "Any part", body: <PartsPlate /> },
];

const BASELINE: readonly TabOf[] = [
  { key: "readings", name: "Readings", body: <ReadingsPlate /> },
  { key: "tests", name: "Tests", body: <TestsPlate phase="baseline" /> },
];

const PROVE: readonly TabOf[] = [
  { key: "readings", name: "Readings", body: <ProvePlate /> },
  { key: "tests", name: "Tests and tubes", body: <TestsPlate phase="prove" /> },
  { key: "soak", name: "Soak", body: <SoakPlate /> },
];

const HAND_BACK: readonly TabOf[] = [
  { key: "out", name: "Hand back", body: <HandBackPlate /> },
  { key: "look", name: "The last look", body: <LastLook /> },
  { key: "price", name: "Price", body: <PricePanel /> },
];

/** The tools of a step as tabs; the one in sight has its place in the address. */
function StepTabs({ step, tabs }: { step: Step; tabs: readonly TabOf[] }) {
  const tab = useSearchParams().get("tab") ?? undefined;
  return (
    <Tabs
      label="Tools of this step"
      tabs={tabs}
      chosen={tab}
      onTab={(key) => window.history.replaceState(null, "", `?step=${step}&tab=${key}`)}
    />
  );
}

/** The work plate of every step. A new tool takes its place here. */
const PLATES: Plates = {
  "take-in": <TakeInPlate />,
  "make-safe": (
    <MakeSafePlate>
      <ColdChecks />
    </MakeSafePlate>
  ),
  "first-power": <PowerPlate />,
  baseline: <StepTabs step="baseline" tabs={BASELINE} />,
  find: (
    <FaultBoard>
      <DoneForm
        step="find"
        label="The search in one sentence"
        placeholder="C14 leaks: grid falls to zero with it lifted"
        button="The search is done"
      />
      <Loans />
    </FaultBoard>
  ),
  fix: <StepTabs step="fix" tabs={FIX} />,
  modify: (
    <ModifyPlate>
      <AskedForPlate step="modify" />
    </ModifyPlate>
  ),
  align: <AskedForPlate step="align" />,
  prove: <StepTabs step="prove" tabs={PROVE} />,
  "hand-back": <StepTabs step="hand-back" tabs={HAND_BACK} />,
};

export function BenchPage({ data }: { data: LogbookData }) {
  return (
    <LogbookProvider data={data}>
      <Bench plates={PLATES} />
    </LogbookProvider>
  );
}
