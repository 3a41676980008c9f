"use client";

import { useMemo } from "react";
import { circuitQuestion } from "@/core/visit";
import { useLogbook } from "@/ui/logbook";
import { WhatIf } from "./WhatIf";

/** What a change would do to this very set, as it is built now; nothing where its model has no net. */
export function WhatIfHere() {
  const { model, settled, visit } = useLogbook();
  const base = useMemo(() => {
    const question = circuitQuestion({ sheet: model.sheet, settled, visitId: visit.id });
    return question && { ...question, readings: [] };
  }, [model.sheet, settled, visit.id]);
  return base ? <WhatIf base={base} sheet={model.sheet} /> : null;
}
