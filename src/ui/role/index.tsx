"use client";

import { createContext, useContext } from "react";
import type { ActionName, PageName, Refusals } from "@/core/access";

/**
 * What whoever is at this device may not do, as the server has worked it out from the table of roles. It only keeps a page
 * from offering what would be refused: the server asks again.
 */
const RefusalsContext = createContext<Refusals>({ actions: {}, pages: {} });

export function RoleProvider({ refusals, children }: { refusals: Refusals; children: React.ReactNode }) {
  return <RefusalsContext value={refusals}>{children}</RefusalsContext>;
}

/** Why whoever is here may not do this; undefined when they may. */
export function useRefusal(action: ActionName | undefined): string | undefined {
  const { actions } = useContext(RefusalsContext);
  return action && actions[action];
}

/** May whoever is here open this page? */
export function useMayOpen(): (page: PageName) => boolean {
  const { pages } = useContext(RefusalsContext);
  return (page) => pages[page] === undefined;
}

type IfMayProps = { children: React.ReactNode; otherwise?: "say" } & (
  { action: ActionName; page?: never } | { page: PageName; action?: never }
);

/** What is inside, for those who may do it; to the others nothing, or the sentence that says why. */
export function IfMay({ action, page, children, otherwise }: IfMayProps) {
  const { actions, pages } = useContext(RefusalsContext);
  const refusal = action ? actions[action] : page ? pages[page] : undefined;
  if (!refusal) return children;
  return otherwise === "say" ? <p className="dim">{refusal}</p> : null;
}
