"use client";

import { useRef } from "react";
import { Link } from "@/ui/Link";
import { loadAnew } from "@/ui/load";
import { signOut } from "./actions";

/** A key, drawn here: every page carries it. */
const KeyMark = () => (
  <svg viewBox="0 0 20 20" className="size-5" aria-hidden="true" fill="none" stroke="currentColor" strokeWidth="2">
    <circle cx="7" cy="10" r="4" />
    <path d="M11 10h7M15 10v3M18 10v2" />
  </svg>
);

/** What somebody does with their own sign-in: lock the screen, look at it, sign out. */
export function OwnMenu({ onLock }: { onLock: () => void }) {
  const menu = useRef<HTMLDetailsElement>(null);
  const close = () => menu.current?.removeAttribute("open");
  return (
    <details
      ref={menu}
      className="dropdown dropdown-end"
      onBlur={(event) => {
        if (!event.currentTarget.contains(event.relatedTarget)) close();
      }}
      onKeyDown={(event) => {
        if (event.key !== "Escape") return;
        close();
        menu.current?.querySelector("summary")?.focus();
      }}
    >
      <summary className="btn btn-ghost btn-square" aria-label="Lock, sign-in, sign out">
        <KeyMark />
      </summary>
      <ul className="menu dropdown-content z-40 mt-1 w-60 rounded-box border border-base-300 bg-base-100 p-1 text-base shadow">
        <li>
          <button
            type="button"
            className="min-h-11"
            onClick={() => {
              close();
              onLock();
            }}
          >
            Lock this screen
          </button>
        </li>
        <li>
          <Link href="/me" className="min-h-11" onClick={close}>
            My password, PIN and devices
          </Link>
        </li>
        <li>
          <button type="button" className="min-h-11" onClick={() => void signOut().then(() => loadAnew("/sign-in"))}>
            Sign out
          </button>
        </li>
      </ul>
    </details>
  );
}
