"use client";

import { useLayoutEffect, useRef, useState } from "react";

/**
 * How wide the place of a drawing is, px: a drawing that is laid out for it keeps the size of its words.
 * @param first what it is taken for until it is measured
 */
export function usePlaceWidth<T extends Element = HTMLDivElement>(
  first: number,
): [ref: React.RefObject<T | null>, width: number] {
  const ref = useRef<T>(null);
  const [width, setWidth] = useState(first);
  useLayoutEffect(() => {
    const element = ref.current;
    if (!element) return;
    setWidth(Math.floor(element.getBoundingClientRect().width));
    const observer = new ResizeObserver(([entry]) => setWidth(Math.floor(entry?.contentRect.width ?? first)));
    observer.observe(element);
    return () => observer.disconnect();
  }, [first]);
  return [ref, width];
}
