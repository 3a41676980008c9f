"use client";

import { useSyncExternalStore } from "react";

/** From this width on a page is a laptop's: the same step as `lg` of the style sheet. */
const WIDE = "(min-width: 64rem)";

function follow(changed: () => void): () => void {
  const query = window.matchMedia(WIDE);
  query.addEventListener("change", changed);
  return () => query.removeEventListener("change", changed);
}

/** Is the page as wide as a laptop's? */
export const useWide = (): boolean =>
  useSyncExternalStore(
    follow,
    () => window.matchMedia(WIDE).matches,
    () => true,
  );
