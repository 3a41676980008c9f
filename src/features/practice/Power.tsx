"use client";

import type { PanelProps } from "./hand";

/** The switch: on in one of three ways, off, discharged; and the way out. */
export function Power({ view, act, busy }: PanelProps) {
  const { on, discharged } = view.state;
  const button = (words: string, press: () => void, off: boolean, primary = false) => (
    <button
      type="button"
      className={`btn h-12 ${primary ? "btn-primary" : "btn-outline"}`}
      disabled={busy || off}
      onClick={press}
    >
      {words}
    </button>
  );
  return (
    <div className="mb-2 flex flex-wrap gap-2" role="group" aria-label="Power">
      {button("On, from the wall", () => void act({ do: "on", through: "line" }), on)}
      {button("On, lamp limiter", () => void act({ do: "on", through: "lamp" }), on)}
      {view.live ? button("On, isolated", () => void act({ do: "on", through: "isolated" }), on) : null}
      {button("Off and unplugged", () => void act({ do: "off" }), !on)}
      {button("Discharge and measure", () => void act({ do: "discharge" }), on || discharged)}
      <button
        type="button"
        className="btn btn-ghost ml-auto h-12"
        disabled={busy}
        onClick={() => {
          if (window.confirm("End this practice and see what it was? It counts as not found."))
            void act({ do: "give-up" });
        }}
      >
        Give up
      </button>
    </div>
  );
}
