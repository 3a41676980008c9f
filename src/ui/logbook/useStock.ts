"use client";

import { useCallback, useEffect, useState } from "react";
import type { StockItem } from "@/core/stock";

/** The shop's stock as this visit sees it. Whoever comes back to the page may have been at the drawers. */
export function useStock(
  visitId: string,
  first: StockItem[],
  comes: boolean,
): { stock: StockItem[]; refreshStock: () => Promise<void> } {
  const [stock, setStock] = useState(first);
  const refreshStock = useCallback(async () => {
    const answer = await fetch(`/api/stock?visit=${visitId}`).catch(() => undefined);
    if (answer?.ok) setStock(((await answer.json()) as { stock: StockItem[] }).stock);
  }, [visitId]);
  useEffect(() => {
    // What is asked for answers later, and the page is drawn meanwhile.
    if (comes)
      void fetch(`/api/stock?visit=${visitId}`)
        .then(async (answer) =>
          answer.ok ? setStock(((await answer.json()) as { stock: StockItem[] }).stock) : undefined,
        )
        .catch(() => undefined);
  }, [comes, visitId]);
  useEffect(() => {
    const back = () => void refreshStock();
    window.addEventListener("focus", back);
    return () => window.removeEventListener("focus", back);
  }, [refreshStock]);
  return { stock, refreshStock };
}
