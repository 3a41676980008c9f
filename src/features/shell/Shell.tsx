"use client";

import { useRef, useState } from "react";
import { inField, useKeyDown, useShortcut } from "@/ui/keys";
import { laterAtRest } from "@/ui/later";
import { useWriting, type Turn } from "@/ui/outbox/turn";
import { useOpen } from "@/ui/useOpen";
import { Header } from "./Header";
import { PLACES } from "./places";
import { useScreenLock } from "./useScreenLock";

const HelpSheet = laterAtRest(async () => (await import("./HelpSheet")).HelpSheet, null);

type ShellProps = {
  people: { id: string; name: string }[];
  personId: string;
  theme: "paper" | "cellar";
  /** anybody may be anybody: the data are made up */
  demo: boolean;
  lockMinutes: number;
  /** what is written from now on is signed with its key */
  turn: Turn | undefined;
  children: React.ReactNode;
};

/** Esc leaves a field; what was typed stays. A field that has a use of its own for it takes it first. */
function useEscape() {
  useKeyDown((event) => {
    if (event.key !== "Escape" || event.defaultPrevented || !inField(event.target)) return;
    // In a dialog the first Esc leaves the field, the second one the dialog.
    event.preventDefault();
    (event.target as HTMLElement).blur();
  });
}

/** Past the header and, on a bench, past the run sheet, to what the page is about. */
function SkipLink() {
  return (
    <a
      href="#content"
      className="btn btn-primary absolute top-1 left-2 z-50 h-10 -translate-y-16 focus:translate-y-0"
      onClick={(event) => {
        event.preventDefault();
        const content = document.querySelector<HTMLElement>("[data-content]") ?? document.querySelector("main");
        if (!content) return;
        if (!content.hasAttribute("tabindex")) content.setAttribute("tabindex", "-1");
        content.focus();
      }}
    >
      Skip to the content
    </a>
  );
}

/** The frame of every page: header, help sheet, and the keys that work everywhere outside fields. */
export function Shell({ children, demo, lockMinutes, turn, ...header }: ShellProps) {
  const [help, setHelp] = useState(false);
  const { open, opening } = useOpen();
  const going = useRef(false);
  useWriting(turn);
  const { screen, lockNow, change } = useScreenLock({
    people: header.people,
    personId: header.personId,
    demo,
    lockMinutes,
  });
  useShortcut((key) => {
    const place = going.current ? PLACES.find(({ letter }) => letter === key) : undefined;
    going.current = key === "g";
    if (key === "?") setHelp(true);
    if (place) open(place.href);
    return key === "?" || place !== undefined;
  });
  useEscape();
  return (
    <div className="flex min-h-dvh flex-col">
      <SkipLink />
      <Header {...header} onHelp={() => setHelp(true)} onPerson={change} onLock={lockNow} />
      <div id="content" className="flex grow flex-col">
        {children}
      </div>
      {opening}
      {screen}
      {help ? <HelpSheet onClose={() => setHelp(false)} /> : null}
    </div>
  );
}
