"use client";

import { useEffect, useRef } from "react";
import { shapeOf, useKept } from "@/ui/kept";

const KEPT = 50;
const historyKey = "jumelle-lines";

function read<T>(key: string, fallback: T): T {
  try {
    return JSON.parse(window.localStorage.getItem(key) ?? "null") ?? fallback;
  } catch {
    return fallback;
  }
}

/** The line's text, which outlives a reload, and the lines typed before, which the arrows bring back. */
export function useTyped(setId: string) {
  const { value: text, set: setText } = useKept(`line ${setId}`, shapeOf(""), "");
  const lines = useRef<string[]>([]);
  const position = useRef(0);
  const unfinished = useRef("");

  useEffect(() => {
    lines.current = read<string[]>(historyKey, []);
    position.current = lines.current.length;
  }, [setId]);

  const go = (to: number) => {
    if (to < 0 || to > lines.current.length) return;
    if (position.current === lines.current.length) unfinished.current = text;
    position.current = to;
    setText(lines.current[to] ?? unfinished.current);
  };

  return {
    text,
    setText,
    older: () => go(position.current - 1),
    newer: () => go(position.current + 1),
    remember: (line: string) => {
      lines.current = [...lines.current.filter((other) => other !== line), line].slice(-KEPT);
      position.current = lines.current.length;
      unfinished.current = "";
      window.localStorage.setItem(historyKey, JSON.stringify(lines.current));
    },
  };
}
