"use client";

import { useRouter } from "next/navigation";
import { useEffect } from "react";

/** A page that stands open all day looks again after so long, ms. */
const EVERY = 60_000;

/** Keeps a page that nobody touches up to date, as long as it is in sight: a tablet on the wall is not reloaded by hand. */
export function useFresh(): void {
  const router = useRouter();
  useEffect(() => {
    const timer = setInterval(() => {
      if (document.visibilityState === "visible") router.refresh();
    }, EVERY);
    return () => clearInterval(timer);
  }, [router]);
}
