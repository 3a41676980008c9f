"use client";

import { useSearchParams } from "next/navigation";
import { useMemo } from "react";
import type { Step } from "@/core/model";
import { Bench, type Plates } from "@/features/bench/Bench";
import { Tabs, type TabOf } from "@/ui/Tabs";
import { laterAtRest, useRest } from "@/ui/later";
import { LogbookProvider, LogComes, useLog, type LogbookData } from "@/ui/logbook";

/*
 * A plate is loaded when its step is first looked at. Once the bench is at rest the others follow, so that every step
 * opens without a network too.
 */
const AlignPlate = laterAtRest(async () => (await import("@/features/align/AlignPlate")).AlignPlate);
const Cores = laterAtRest(async () => (await import("@/features/align/Cores")).Cores);
const DialPlate = laterAtRest(async () => (await import("@/features/align/DialPlate")).DialPlate);
const FaultBoard = laterAtRest(async () => (await import("@/features/diagnosis/FaultBoard")).FaultBoard);
const LastLook = laterAtRest(async () => (await import("@/features/handback/LastLook")).LastLook);
const EstimatePanel = laterAtRest(async () => (await import("@/features/handback/EstimatePanel")).EstimatePanel);
const PricePanel = laterAtRest(async () => (await import("@/features/handback/PricePanel")).PricePanel);
const InvoiceHere = laterAtRest(async () => (await import("@/features/money/InvoiceHere")).InvoiceHere);
const HandBackPlate = laterAtRest(async () => (await import("@/features/handback/HandBackPlate")).HandBackPlate);
const ReadyPanel = laterAtRest(async () => (await import("@/features/handback/ReadyPanel")).ReadyPanel);
const TakeInPlate = laterAtRest(async () => (await import("@/features/intake/TakeInPlate")).TakeInPlate);
const Loans = laterAtRest(async () => (await import("@/features/modify/Loans")).Loans);
const ModifyPlate = laterAtRest(async () => (await import("@/features/modify/ModifyPlate")).ModifyPlate);
const MeasurePlate = laterAtRest(async () => (await import("@/features/measure/MeasurePlate")).MeasurePlate);
const PartsPlate = laterAtRest(async () => (await import("@/features/partwork/PartsPlate")).PartsPlate);
const SentBackPlate = laterAtRest(async () => (await import("@/features/partwork/SentBackPlate")).SentBackPlate);
const PlacePlate = laterAtRest(async () => (await import("@/features/partwork/PlacePlate")).PlacePlate);
const SoakPlate = laterAtRest(async () => (await import("@/features/prove/SoakPlate")).SoakPlate);
const TestsPlate = laterAtRest(async () => (await import("@/features/prove/TestsPlate")).TestsPlate);
const PowerPlate = laterAtRest(async () => (await import("@/features/power/PowerPlate")).PowerPlate);
const ColdChecks = laterAtRest(async () => (await import("@/features/readings/ColdChecks")).ColdChecks);
const ProvePlate = laterAtRest(async () => (await import("@/features/readings/ProvePlate")).ProvePlate);
const RecapPlate = laterAtRest(async () => (await import("@/features/recap/RecapPlate")).RecapPlate);
const HeatersPlate = laterAtRest(async () => (await import("@/features/tubes/HeatersPlate")).HeatersPlate);
const TubesPlate = laterAtRest(async () => (await import("@/features/tubes/TubesPlate")).TubesPlate);
const ReadingsPlate = laterAtRest(async () => (await import("@/features/readings/ReadingsPlate")).ReadingsPlate);
const AskedForPlate = laterAtRest(async () => (await import("@/features/steps/AskedForPlate")).AskedForPlate);
const DoneForm = laterAtRest(async () => (await import("@/features/steps/DoneForm")).DoneForm);
const MakeSafePlate = laterAtRest(async () => (await import("@/features/safe/MakeSafePlate")).MakeSafePlate);

/** The tools of Fix, each with a place in the address. */
const FIX: readonly TabOf[] = [
  { key: "plan", name: "Recap plan", body: <RecapPlate /> },
  { key: "tubes", name: "Tubes", body: <TubesPlate /> },
  { key: "heaters", name: "Heaters", body: <HeatersPlate /> },
  { key: "part", name: "Any part", body: <PartsPlate /> },
  { key: "place", name: "Other places", body: <PlacePlate /> },
  { key: "sent-back", name: "Sent back", body: <SentBackPlate /> },
];

const BASELINE: readonly TabOf[] = [
  { key: "readings", name: "Readings", body: <ReadingsPlate /> },
  { key: "sheets", name: "Test sheets", body: <MeasurePlate phase="baseline" /> },
  { key: "tests", name: "Single tests", body: <TestsPlate phase="baseline" /> },
];

const ALIGN: readonly TabOf[] = [
  { key: "steps", name: "Step by step", body: <AlignPlate /> },
  { key: "dial", name: "Dial", body: <DialPlate /> },
  { key: "cores", name: "Cores over the years", body: <Cores /> },
  { key: "words", name: "In words", body: <AskedForPlate step="align" /> },
];

const PROVE: readonly TabOf[] = [
  { key: "readings", name: "Readings", body: <ProvePlate /> },
  { key: "sheets", name: "Test sheets", body: <MeasurePlate phase="prove" /> },
  { key: "tests", name: "Tests and tubes", body: <TestsPlate phase="prove" /> },
  { key: "soak", name: "Soak", body: <SoakPlate /> },
];

const TAKE_IN: readonly TabOf[] = [
  { key: "set", name: "Take in", body: <TakeInPlate /> },
  { key: "estimate", name: "Estimate", body: <EstimatePanel /> },
];

const HAND_BACK: readonly TabOf[] = [
  { key: "out", name: "Hand back", body: <HandBackPlate /> },
  { key: "look", name: "The last look", body: <LastLook /> },
  { key: "estimate", name: "Estimate", body: <EstimatePanel /> },
  {
    key: "price",
    name: "Price",
    body: (
      <div className="flex flex-col gap-4">
        <PricePanel />
        <InvoiceHere />
      </div>
    ),
  },
  { key: "ready", name: "Told and collected", body: <ReadyPanel /> },
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
  "take-in": <StepTabs step="take-in" tabs={TAKE_IN} />,
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
  align: <StepTabs step="align" tabs={ALIGN} />,
  prove: <StepTabs step="prove" tabs={PROVE} />,
  "hand-back": <StepTabs step="hand-back" tabs={HAND_BACK} />,
};

type BenchData = Omit<LogbookData, "entries" | "stock" | "stockComes"> & {
  /** a small stock; a large one is asked for behind the page */
  stock: LogbookData["stock"] | undefined;
};

/** The bench. @param log the entries as JSON; nothing where the log is long and comes behind the page */
export function BenchPage({ log, data }: { log: string | undefined; data: BenchData }) {
  useRest();
  const { entries, lost } = useLog(data.setId, log);
  const whole = useMemo(
    (): LogbookData | undefined =>
      entries && { ...data, entries, stock: data.stock ?? [], stockComes: data.stock === undefined },
    [entries, data],
  );
  return whole ? (
    <LogbookProvider data={whole}>
      <Bench plates={PLATES} />
    </LogbookProvider>
  ) : (
    <LogComes lost={lost} />
  );
}
