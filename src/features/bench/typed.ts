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

const NONE: string[] = [];
const LINES = shapeOf<string[]>([""]);

/**
 * The line's text and the lines that come after it, which outlive a reload, and the lines typed before, which the arrows
 * bring back.
 */
export function useTyped(setId: string) {
  const { value: text, set: setText } = useKept(`line ${setId}`, shapeOf(""), "");
  const { value: coming, set: setComing } = useKept(`lines to come ${setId}`, LINES, NONE);
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
    coming,
    setComing,
    /** The line is written: the next one takes its place. @returns takes it back where the line was refused */
    advance: () => {
      const [next = "", ...rest] = coming;
      setText(next);
      setComing(rest);
      return () => {
        // Unless something new stands there already.
        setText((now) => (now === next ? text : now));
        if (next !== "") setComing((now) => (now[0] === next ? now : [next, ...now]));
      };
    },
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
