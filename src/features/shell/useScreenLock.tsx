"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import { useRouter } from "next/navigation";
import { laterAtRest } from "@/ui/later";
import { loadAnew } from "@/ui/load";
import { changePerson, lock } from "./actions";

const ScreenLock = laterAtRest(async () => (await import("./ScreenLock")).ScreenLock, null);

/** What counts as somebody being there. */
const SIGNS = ["pointerdown", "keydown", "wheel", "touchstart"] as const;
/** How often it is looked whether somebody is there, ms. */
const LOOK_MS = 5000;

type Setup = {
  people: readonly { id: string; name: string }[];
  personId: string;
  demo: boolean;
  /** so long without a touch, and the screen is locked; 0: never */
  lockMinutes: number;
};

/** Calls when nobody has touched the page for so long; a device that slept finds out when it wakes. */
function useIdle(minutes: number, onIdle: () => void): void {
  const last = useRef(0);
  useEffect(() => {
    if (minutes === 0) return undefined;
    last.current = Date.now();
    const seen = () => void (last.current = Date.now());
    const look = () => {
      if (Date.now() - last.current < minutes * 60_000) return;
      last.current = Date.now();
      onIdle();
    };
    for (const sign of SIGNS) window.addEventListener(sign, seen, { passive: true, capture: true });
    document.addEventListener("visibilitychange", look);
    const timer = setInterval(look, LOOK_MS);
    return () => {
      for (const sign of SIGNS) window.removeEventListener(sign, seen, { capture: true });
      document.removeEventListener("visibilitychange", look);
      clearInterval(timer);
    };
  }, [minutes, onIdle]);
}

/**
 * Who is at the device: another person takes over by PIN, and a screen that nobody touches is locked. What lies under a
 * locked screen stays as it is; the server gives nothing out meanwhile.
 */
export function useScreenLock({ people, personId, demo, lockMinutes }: Setup) {
  const router = useRouter();
  /** the person that is to open the screen; locked, or asked for */
  const [asks, setAsks] = useState<{ locked: boolean; who: string }>();
  const lockNow = useCallback(() => {
    setAsks({ locked: true, who: personId });
    void lock().catch(() => undefined);
  }, [personId]);
  useIdle(asks?.locked ? 0 : lockMinutes, lockNow);
  const change = (id: string) => {
    if (demo) void changePerson(id, "").then(() => router.refresh());
    else setAsks({ locked: false, who: id });
  };
  const opened = (id: string, mustChange: boolean) => {
    if (mustChange) loadAnew("/me");
    // What one person's pages kept in memory is not shown to the next.
    else if (id !== personId) window.location.reload();
    else {
      setAsks(undefined);
      router.refresh();
    }
  };
  const screen = asks ? (
    <ScreenLock
      key={asks.who}
      people={people}
      personId={asks.who}
      locked={asks.locked}
      onOpen={opened}
      onCancel={() => setAsks(undefined)}
    />
  ) : null;
  return { screen, lockNow, change };
}
