"use client";

import { useCallback, useMemo, useSyncExternalStore } from "react";

/** What is needed of a schema: it tells whether something kept still fits. */
export type Fits<T> = { safeParse: (value: unknown) => { success: true; data: T } | { success: false } };

const PREFIX = "jumelle-kept-";

/** Texts as this page has them; the browser's store is read once for each and written with every change. */
const texts = new Map<string, string | null>();
const listeners = new Map<string, Set<() => void>>();

function textOf(key: string): string | null {
  const known = texts.get(key);
  if (known !== undefined) return known;
  let text: string | null = null;
  try {
    text = window.localStorage.getItem(PREFIX + key);
  } catch {
    // A browser that keeps nothing: what is typed lives as long as the page.
  }
  texts.set(key, text);
  return text;
}

function put(key: string, text: string | null): void {
  texts.set(key, text);
  try {
    if (text === null) window.localStorage.removeItem(PREFIX + key);
    else window.localStorage.setItem(PREFIX + key, text);
  } catch {
    // A full or closed store: the page still has it.
  }
  for (const listener of listeners.get(key) ?? []) listener();
}

function read<T>(text: string | null, schema: Fits<T>, initial: T): T {
  if (text === null) return initial;
  try {
    const parsed = schema.safeParse(JSON.parse(text));
    return parsed.success ? parsed.data : initial;
  } catch {
    return initial;
  }
}

export type Kept<T> = {
  value: T;
  set: (next: T | ((now: T) => T)) => void;
  /** as it was before anything was typed */
  clear: () => void;
  /** clears it, unless something else than this stands there by now */
  forget: (expected: T) => void;
  /** something was typed that is not written down yet */
  touched: boolean;
};

/**
 * What is typed into a form and not written down yet. It outlives a change of tab or step, a reload and Back; what no
 * longer fits its schema is forgotten. Written down, the form clears it.
 * @param key of the form and what it is about, e.g. `hand-back 0189…` @param initial before anything is typed
 */
export function useKept<T>(key: string, schema: Fits<T>, initial: T): Kept<T> {
  const subscribe = useCallback(
    (listener: () => void) => {
      const mine = listeners.get(key) ?? new Set();
      listeners.set(key, mine.add(listener));
      return () => void mine.delete(listener);
    },
    [key],
  );
  const text = useSyncExternalStore(
    subscribe,
    () => textOf(key),
    () => null,
  );
  // The first value of a form is made anew with every render and means the same.
  const value = useMemo(() => read(text, schema, initial), [text]); // eslint-disable-line react-hooks/exhaustive-deps
  const set = useCallback(
    (next: T | ((now: T) => T)) => {
      const now = read(textOf(key), schema, initial);
      put(key, JSON.stringify(typeof next === "function" ? (next as (now: T) => T)(now) : next));
    },
    [key], // eslint-disable-line react-hooks/exhaustive-deps
  );
  const clear = useCallback(() => put(key, null), [key]);
  const forget = useCallback(
    (expected: T) => {
      if (textOf(key) === JSON.stringify(expected)) put(key, null);
    },
    [key],
  );
  return { value: text === null ? initial : value, set, clear, forget, touched: text !== null };
}

const hasShape = (value: unknown, example: unknown): boolean => {
  if (Array.isArray(example)) return Array.isArray(value);
  if (typeof example !== "object" || example === null) return typeof value === typeof example;
  if (typeof value !== "object" || value === null) return false;
  const given = value as Record<string, unknown>;
  return Object.entries(example).every(([key, one]) => hasShape(given[key], one));
};

/** A schema by an example: the same fields with values of the same types. It changes nothing in what was typed. */
export const shapeOf = <T>(example: T): Fits<T> => ({
  safeParse: (value) => (hasShape(value, example) ? { success: true, data: value as T } : { success: false }),
});
