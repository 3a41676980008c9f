"use client";

import { useState } from "react";
import { printMarking } from "@/core/stock";
import { ErrorText } from "@/ui/form";
import { useLogbook } from "@/ui/logbook";
import { IfMay } from "@/ui/role";
import { releaseParts } from "./actions";

/** Parts that were set aside for this visit and not used: they go back on the shelf. */
export function Reserved() {
  const { stock, visit, refreshStock } = useLogbook();
  const [error, setError] = useState<string>();
  const here = stock.filter(({ reservedHere }) => reservedHere > 0);
  if (here.length === 0) return null;
  const count = here.reduce((sum, { reservedHere }) => sum + reservedHere, 0);
  const release = async () => {
    const outcome = await releaseParts(visit.id).catch(
      () => ({ ok: false, message: "The server cannot be reached: nothing was released." }) as const,
    );
    setError(outcome.ok ? undefined : outcome.message);
    await refreshStock();
  };
  return (
    <div className="flex flex-wrap items-center gap-3 border-l-4 border-warning pl-2">
      <p className="grow">
        <strong>
          {count} {count === 1 ? "part is" : "parts are"} still set aside for this job:
        </strong>{" "}
        {here.map((item) => `${printMarking(item)}${item.bin ? ` (${item.bin})` : ""}`).join(", ")}
      </p>
      <IfMay action="release parts">
        <button type="button" className="btn btn-outline h-11" onClick={() => void release()}>
          Release them
        </button>
      </IfMay>
      {error ? <ErrorText>{error}</ErrorText> : null}
    </div>
  );
}
