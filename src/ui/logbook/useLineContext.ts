"use client";

import { contextFor } from "@/core/bench-line";
import type { LineContext } from "@/core/shorthand";
import { useLogbook } from "./context";

/** What a line of this set is read against. It is apart from the logbook: a page is alive before it can read a line. */
export const useLineContext = (): LineContext => contextFor(useLogbook().lineState);
