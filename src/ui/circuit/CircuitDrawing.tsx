"use client";

import { Download, Printer } from "lucide-react";
import { useState } from "react";
import { nodeLines, STATE_SIGNS, svgOfDrawing, type Drawing, type Panel } from "@/core/drawing";
import { download } from "../download";
import { PanelView, type Known, type PanelProps } from "./PanelView";

export type { Picked } from "./PanelView";

type DrawingProps = Omit<PanelProps, "panel" | "onGo"> & {
  drawing: Drawing;
  title: string;
  /** one stage at a time, where there is little room */
  single?: boolean;
};

/** Prints the whole drawing alone, without the page around it. */
function printSvg(svg: string): void {
  const frame = document.createElement("iframe");
  // A frame that is not laid out prints blank: it stands out of sight.
  Object.assign(frame.style, { position: "fixed", width: "1px", height: "1px", left: "-10px" });
  frame.title = "The circuit, for print";
  frame.srcdoc = svg;
  frame.onload = () => {
    frame.contentWindow?.addEventListener("afterprint", () => frame.remove());
    frame.contentWindow?.print();
  };
  document.body.append(frame);
}

/** Nodes of a panel whose reading is out. */
const outIn = ({ shapes }: Panel, node: Known["node"]): boolean =>
  shapes.some((shape) => shape.kind === "node" && node(shape.node).fits === false);

/** The circuit of a set, stage by stage: a view of its net with its volts and the state of its parts. */
export function CircuitDrawing({ drawing, title, single, ...rest }: DrawingProps) {
  const { panels, left } = drawing;
  const [chosen, setChosen] = useState<string>();
  const stage = chosen ?? (panels.find((panel) => outIn(panel, rest.node)) ?? panels[0])?.id;
  const go = (panel: string) => {
    setChosen(panel);
    if (!single) document.getElementById(`stage-${panel}`)?.scrollIntoView({ behavior: "smooth", block: "nearest" });
  };
  const svg = () =>
    svgOfDrawing(drawing, title, {
      node: (node) => nodeLines(rest.node(node)),
      part: (part) => STATE_SIGNS[rest.part?.(part) ?? "original"],
      live: rest.live,
    });
  const anyRead = panels.some(({ shapes }) =>
    shapes.some((shape) => shape.kind === "node" && rest.node(shape.node).read !== undefined),
  );
  return (
    <section aria-label="Circuit" className="flex flex-col gap-2">
      <div className="flex flex-wrap items-center gap-2 print:hidden">
        {single ? (
          <div role="group" aria-label="Stage" className="flex grow flex-wrap gap-1">
            {panels.map((panel) => (
              <button
                key={panel.id}
                type="button"
                className={`btn h-10 px-3 ${stage === panel.id ? "btn-primary" : "btn-ghost"}`}
                aria-pressed={stage === panel.id}
                title={panel.title}
                onClick={() => setChosen(panel.id)}
              >
                {panel.id === "supply" ? "Supply" : panel.id}
                {outIn(panel, rest.node) ? <span aria-label="a reading is out">▲</span> : null}
              </button>
            ))}
          </div>
        ) : (
          <Legend anyRead={anyRead} live={rest.live} />
        )}
        <button
          type="button"
          className="btn btn-outline h-10 w-10 px-0"
          aria-label="Print the circuit"
          onClick={() => printSvg(svg())}
        >
          <Printer size={16} aria-hidden="true" />
        </button>
        <button
          type="button"
          className="btn btn-outline h-10"
          onClick={() => download(svg(), "image/svg+xml", `${title.replaceAll(/[^\w.-]+/g, "-")}-circuit.svg`)}
        >
          <Download size={16} aria-hidden="true" /> SVG
        </button>
      </div>
      <div className="flex flex-wrap gap-2">
        {panels
          .filter(({ id }) => !single || id === stage)
          .map((panel) => (
            <PanelView key={panel.id} panel={panel} onGo={go} {...rest} />
          ))}
      </div>
      {single ? <Legend anyRead={anyRead} live={rest.live} /> : null}
      {left.length > 0 ? (
        <ul aria-label="Not in the drawing" className="dim text-sm">
          {left.map((text) => (
            <li key={text}>{text}</li>
          ))}
        </ul>
      ) : null}
    </section>
  );
}

const Legend = ({ anyRead, live }: { anyRead: boolean; live: boolean }) => (
  <p className="dim grow text-sm">
    “net” is computed{anyRead ? ", “read” was measured: ● within the chart, ▲ out of it" : ""}.
    {live ? " B− may be live: it is not the chassis symbol." : ""}
  </p>
);
