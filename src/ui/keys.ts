"use client";

import { useEffectEvent, useLayoutEffect, useSyncExternalStore } from "react";

const KEY = "jumelle-one-key";
const listeners = new Set<() => void>();

const isOn = (): boolean => {
  try {
    return window.localStorage.getItem(KEY) !== "off";
  } catch {
    return true;
  }
};

/** Keys that work without Ctrl or Alt may be in the way of speech input: they can be switched off (WCAG 2.1.4). */
export function setOneKey(on: boolean): void {
  try {
    if (on) window.localStorage.removeItem(KEY);
    else window.localStorage.setItem(KEY, "off");
  } catch {
    // A browser that keeps nothing has them on.
  }
  for (const listener of listeners) listener();
}

export const useOneKey = (): boolean =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    isOn,
    () => true,
  );

const NOT_TYPED = /^(checkbox|radio|button|submit|range|file|color)$/;

/** Is it a place where text is typed? */
export function inField(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target instanceof HTMLInputElement) return !NOT_TYPED.test(target.type);
  return target.isContentEditable || /^(TEXTAREA|SELECT)$/.test(target.tagName);
}

/** Hears every key that is pressed on the page, from the moment in which the page shows what the key is for. */
export function useKeyDown(onKey: (event: KeyboardEvent) => void): void {
  const heard = useEffectEvent(onKey);
  useLayoutEffect(() => {
    window.addEventListener("keydown", heard);
    return () => window.removeEventListener("keydown", heard);
  }, []);
}

/**
 * Calls for one-key shortcuts pressed outside fields, unless they are switched off or a dialog is open.
 * @param onKey answers whether the key was its own
 */
export function useShortcut(onKey: (key: string) => boolean): void {
  useKeyDown((event) => {
    if (inField(event.target) || event.ctrlKey || event.metaKey || event.altKey || !isOn()) return;
    if (document.querySelector("dialog[open]")) return;
    if (onKey(event.key)) event.preventDefault();
  });
}
