"use client";

import { useCallback, useEffect, useState, type ComponentType, type ReactNode } from "react";
import { OnDevice } from "./OnDevice";

/** Parts that are loaded once the page is at rest. */
const atRest: (() => Promise<unknown>)[] = [];

type Load<P> = () => Promise<ComponentType<P>>;

const Loading = () => <p className="dim p-3">Loading…</p>;

/** Without a network a part may be missing: the page round it goes on, and nothing written is lost. */
function Missing({ onRetry }: { onRetry: () => void }) {
  return (
    <div role="alert" className="flex flex-wrap items-center gap-2 border-l-4 border-warning p-2">
      <p className="grow">
        This part of the page could not be loaded: the server cannot be reached. What you wrote is kept on this device.
      </p>
      <button type="button" className="btn btn-outline h-10" onClick={onRetry}>
        Try again
      </button>
      <button type="button" className="btn btn-ghost h-10" onClick={() => window.location.reload()}>
        Reload the page
      </button>
    </div>
  );
}

/**
 * A part of a page that is loaded when it is first shown. It is drawn on the device only: nothing is pressed in vain.
 * @param waiting what stands there until it has come
 */
export function later<P extends object>(load: Load<P>, waiting: ReactNode = <Loading />): ComponentType<P> {
  let known: ComponentType<P> | undefined;
  const fetchPart = async () => (known = await load());
  return function Later(props: P) {
    const [Part, setPart] = useState(() => known);
    const [failed, setFailed] = useState(false);
    const get = useCallback(
      () =>
        fetchPart().then(
          (part) => setPart(() => part),
          () => setFailed(true),
        ),
      [],
    );
    useEffect(() => {
      if (!known) void get();
      const again = () => void get();
      window.addEventListener("online", again);
      return () => window.removeEventListener("online", again);
    }, [get]);
    if (Part)
      return (
        <OnDevice>
          <Part {...props} />
        </OnDevice>
      );
    return failed ? <Missing onRetry={() => void get()} /> : waiting;
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
