"use client";

import { lazy, Suspense, useEffect, type ComponentType, type ReactNode } from "react";
import { OnDevice } from "./OnDevice";

/** Parts that are loaded once the page is at rest. */
const atRest: (() => Promise<unknown>)[] = [];

type Load<P> = () => Promise<ComponentType<P>>;

const Loading = () => <p className="dim p-3">Loading…</p>;

/**
 * A part of a page that is loaded when it is first shown. It is drawn on the device only: nothing is pressed in vain.
 * @param waiting what stands there until it has come
 */
export function later<P extends object>(load: Load<P>, waiting: ReactNode = <Loading />): ComponentType<P> {
  const Part = lazy(async () => ({ default: await load() }));
  return function Later(props: P) {
    return (
      <OnDevice>
        <Suspense fallback={waiting}>
          <Part {...props} />
        </Suspense>
      </OnDevice>
    );
  };
}

/** A part that comes when it is first shown, or before, when the page is at rest. */
export function laterAtRest<P extends object>(load: Load<P>, waiting?: ReactNode): ComponentType<P> {
  atRest.push(load);
  return later(load, waiting);
}

/** The page's own work comes first, ms. */
const REST = 1500;

/** Loads the rest once the page is at rest, so that it is there when the network is not. */
export function useRest(): void {
  useEffect(() => {
    const timer = setTimeout(() => {
      // A part that does not come now is asked for again when it is shown.
      for (const load of atRest) void load().catch(() => undefined);
    }, REST);
    return () => clearTimeout(timer);
  }, []);
}
