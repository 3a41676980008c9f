"use client";

import { Search } from "lucide-react";
import { useRef, useState } from "react";
import { asBuilt, openPoints, type Position } from "@/core/history";
import { printPart } from "@/core/kinds";
import { sectionTrouble } from "@/core/model";
import { workWarning } from "@/core/visit";
import { useKept } from "@/ui/kept";
import { useLogbook } from "@/ui/logbook";
import { PastOf } from "@/ui/PastOf";
import { SideBySide } from "@/ui/SideBySide";
import { PartStateMark } from "@/ui/PartStateMark";
import { EMPTY_WORK, fieldsFor, workFields } from "./fields";
import { WorkForm } from "./WorkForm";

const matches = (position: Position, query: string) =>
  [position.designator, position.role, position.stage, position.drawn, position.state]
    .join(" ")
    .toLowerCase()
    .includes(query.trim().toLowerCase());

const fittedText = (position: Position) =>
  position.servedBy
    ? `served by ${position.servedBy}`
    : position.parts
        .map(
          (part) =>
            `${part.designator === position.designator ? "" : `${part.designator} `}${printPart(part.text, part.designator)}`,
        )
        .join(" + ");

/** Fix: every place of the set with its state, the ones that ask for work first; and the work, one piece at a time. */
export function PartsPlate() {
  const { settled, input, model, visit } = useLogbook();
  const { value: fields, set: setFields } = useKept(`part ${visit.id}`, workFields, EMPTY_WORK);
  const [query, setQuery] = useState("");
  const top = useRef<HTMLDivElement>(null);
  const choose = (position: Position) => {
    setFields(fieldsFor(position));
    top.current?.scrollIntoView({ block: "start" });
    top.current?.querySelector<HTMLElement>("[data-first]")?.focus({ preventScroll: true });
  };
  const places = asBuilt(settled, model.sheet, input.now);
  const open = openPoints(settled, input.now);
  const asking = (position: Position) =>
    open.find(
      (point) =>
        (point.kind === "reading" || point.kind === "left") && point.text.startsWith(`${position.designator} `),
    );
  const warning = workWarning(settled, visit.id);
  const working = fields.designators.toUpperCase().split(/[\s+,]+/);
  const questions = model.sheet.components
    .filter(({ designator }) => working.includes(designator))
    .flatMap((component) => sectionTrouble(component) ?? []);
  const shown = places
    .filter((position) => matches(position, query))
    .sort((a, b) => Number(Boolean(asking(b))) - Number(Boolean(asking(a))));
  return (
    <SideBySide side={<PastOf name={working.find(Boolean)} />}>
      <div className="flex flex-col gap-3">
        {warning ? <p className="border-l-4 border-warning pl-2 font-semibold">{warning}</p> : null}
        <div ref={top} className="scroll-mt-3">
          {questions.map(({ text }) => (
            <p key={text} role="alert" className="mb-2 border-l-4 border-warning pl-2 font-semibold">
              {text}
            </p>
          ))}
          <WorkForm fields={fields} onChange={setFields} />
        </div>
        <datalist id="places">
          {places.map((position) => (
            <option key={position.designator} value={position.designator} />
          ))}
        </datalist>
        {places.length === 0 ? (
          <p className="dim">
            This model has no parts list yet. Write any designator: the set&rsquo;s file grows with the work.
          </p>
        ) : (
          <>
            <label className="input h-11 w-full">
              <Search size={18} aria-hidden="true" />
              <span className="sr-only">Narrow the list of parts</span>
              <input
                value={query}
                placeholder="Narrow: C14, output, left, tube"
                onChange={(event) => setQuery(event.target.value)}
              />
            </label>
            <ul className="flex flex-col">
              {shown.map((position) => {
                const point = asking(position);
                return (
                  <li key={position.designator} className="border-b border-base-300">
                    <button
                      type="button"
                      onClick={() => choose(position)}
                      className="grid min-h-11 w-full grid-cols-[4rem_9rem_minmax(0,1fr)_8.5rem] items-center gap-2 px-1 text-left hover:bg-base-200"
                    >
                      <span className="font-mono font-bold">{position.designator}</span>
                      <span className="font-mono">
                        {position.drawn ? printPart(position.drawn, position.designator, model.sheet) : "–"}
                      </span>
                      <span className="min-w-0">
                        <span className="dim">
                          {[position.role?.replaceAll("-", " "), position.stage].filter(Boolean).join(", ")}
                        </span>
                        {fittedText(position) ? (
                          <span className="block font-mono">now {fittedText(position)}</span>
                        ) : null}
                        {point ? <span className="block font-semibold text-warning">{point.text}</span> : null}
                      </span>
                      <PartStateMark state={position.state} />
                    </button>
                  </li>
                );
              })}
            </ul>
            {shown.length === 0 ? <p className="dim">No part matches “{query}”.</p> : null}
          </>
        )}
      </div>
    </SideBySide>
  );
}
