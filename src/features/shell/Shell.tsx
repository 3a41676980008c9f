"use client";

import { useRouter } from "next/navigation";
import { useEffect, useRef } from "react";
import { Header } from "./Header";
import { HelpSheet } from "./HelpSheet";
import { PLACES } from "./places";

type ShellProps = {
  people: { id: string; name: string }[];
  personId: string;
  theme: "paper" | "cellar";
  children: React.ReactNode;
};

const inField = (target: EventTarget | null) =>
  target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/** The frame of every page: header, help sheet, and the keys that work everywhere outside fields. */
export function Shell({ children, ...header }: ShellProps) {
  const help = useRef<HTMLDialogElement>(null);
  const router = useRouter();
  useEffect(() => {
    let going = false;
    const onKey = (event: KeyboardEvent) => {
      if (inField(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
      const place = going ? PLACES.find(({ letter }) => letter === event.key) : undefined;
      going = event.key === "g";
      if (event.key === "?") {
        event.preventDefault();
        help.current?.showModal();
      }
      if (place) {
        event.preventDefault();
        router.push(place.href);
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [router]);
  return (
    <div className="flex min-h-dvh flex-col">
      <Header {...header} onHelp={() => help.current?.showModal()} />
      {children}
      <HelpSheet ref={help} />
    </div>
  );
}
