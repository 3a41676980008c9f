"use client";

import { useEffect, useRef } from "react";

/** So far from its end a list counts as read to the end, px. */
const NEARLY = 8;

/**
 * Keeps a list that scrolls at its end: when `last` changes, and when its place gets smaller because something below it
 * needs room. Who has scrolled back to read stays there.
 */
export function useStaysAtEnd<T extends Element = HTMLElement>(last: unknown): React.RefObject<T | null> {
  const list = useRef<T>(null);
  const atEnd = useRef(true);
  useEffect(() => {
    const element = list.current;
    if (!element) return;
    const look = () => {
      atEnd.current = element.scrollHeight - element.scrollTop - element.clientHeight < NEARLY;
    };
    const observer = new ResizeObserver(() => {
      if (atEnd.current) element.scrollTop = element.scrollHeight;
    });
    element.addEventListener("scroll", look, { passive: true });
    observer.observe(element);
    return () => {
      element.removeEventListener("scroll", look);
      observer.disconnect();
    };
  }, []);
  useEffect(() => {
    const element = list.current;
    if (element) element.scrollTop = element.scrollHeight;
    atEnd.current = true;
  }, [last]);
  return list;
}
