"use client";

import { useState } from "react";
import { modificationsOf, pendingLines } from "@/core/kinds";
import { WhatIfHere } from "@/ui/circuit/later";
import { useLogbook } from "@/ui/logbook";
import { DescribeMod } from "./DescribeMod";
import { InThisSet } from "./InThisSet";
import { Loans } from "./Loans";
import { Recipes } from "./Recipes";
import { Running } from "./Running";

/** Modify: what is in this set, what could go in and whether it suits, and the one that is at work. */
export function ModifyPlate({ children }: { children?: React.ReactNode }) {
  const { settled, visit } = useLogbook();
  const all = modificationsOf(settled);
  // At work: begun in this visit, or fitted in it with something still to verify or recalibrate.
  const mine = all.filter(({ visitId }) => visitId === visit.id);
  const begun = mine.find(({ state }) => state === "planned") ?? mine.findLast((one) => pendingLines(one).length > 0);
  // Undefined: nobody has chosen, so what is begun is open; null: the list was asked for.
  const [chosen, setChosen] = useState<string | null>();
  const [describing, setDescribing] = useState(false);
  const open = chosen === undefined ? begun : all.find(({ id }) => id === chosen);
  if (open && (open.state === "planned" || open.state === "fitted"))
    return (
      <div>
        <Running key={open.id} modification={open} onClose={() => setChosen(null)} />
        <Loans />
      </div>
    );
  return (
    <div className="flex flex-col gap-4">
      <InThisSet all={all} onOpen={setChosen} />
      {describing ? (
        <DescribeMod onDone={() => setDescribing(false)} />
      ) : (
        <button type="button" className="btn btn-outline h-11 self-start" onClick={() => setDescribing(true)}>
          Describe one without a recipe
        </button>
      )}
      <Recipes onBegun={() => setChosen(undefined)} />
      <WhatIfHere />
      <Loans />
      {children}
    </div>
  );
}
