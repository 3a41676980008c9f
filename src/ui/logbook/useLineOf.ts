"use client";

import { useCallback } from "react";
import { lineOf } from "@/core/bench-line";
import type { Content } from "@/core/kinds";
import { useLineContext } from "./useLineContext";

/** The bench line that makes an entry of this set. It is apart from the logbook: only what shows a line loads its words. */
export function useLineOf(): (content: Content) => string {
  const context = useLineContext();
  return useCallback((content) => lineOf(content, context), [context]);
}
