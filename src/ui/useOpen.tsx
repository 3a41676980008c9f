"use client";

import { useRouter } from "next/navigation";
import { useCallback, useTransition } from "react";
import { createPortal } from "react-dom";

/**
 * Opens a page of the application, and says so while it is on its way. The page that is left stays in sight until then;
 * a page's answer is whole before it is shown, so that one that is not there says so with its status.
 */
export function useOpen(): { open: (href: string) => void; opening: React.ReactNode } {
  const router = useRouter();
  const [pending, start] = useTransition();
  const opening = pending
    ? createPortal(
        <div
          role="status"
          className="fixed bottom-4 left-1/2 z-50 flex -translate-x-1/2 items-center gap-3 rounded-box border border-base-300 bg-base-200 p-3 shadow"
        >
          <span className="loading loading-ring loading-md" aria-hidden="true" /> Opening the books…
        </div>,
        document.body,
      )
    : null;
  const open = useCallback((href: string) => start(() => router.push(href)), [router]);
  return { open, opening };
}
