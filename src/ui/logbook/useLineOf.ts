"use client";

import { useCallback } from "react";
import { lineOf } from "@/core/bench-line";
import type { Content } from "@/core/kinds";
import { useLogbook } from "./context";

/** The bench line that makes an entry of this set. It is apart from the logbook: only what shows a line loads its words. */
export function useLineOf(): (content: Content) => string {
  const { context } = useLogbook();
  return useCallback((content) => lineOf(content, context), [context]);
}
