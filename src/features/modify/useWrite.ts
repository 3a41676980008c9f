"use client";

import { useState } from "react";
import type { Content } from "@/core/kinds";
import { useLogbook } from "@/ui/logbook";

/** Writes an entry and keeps the sentence of a refusal beside the button that asked for it. */
export function useWrite() {
  const { append } = useLogbook();
  const [error, setError] = useState<string>();
  const write = async (content: Content): Promise<boolean> => {
    const outcome = await append(content);
    setError(outcome.ok ? undefined : outcome.problems[0]?.message);
    return outcome.ok;
  };
  return { write, error, setError };
}
