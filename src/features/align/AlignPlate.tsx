"use client";

import Link from "next/link";
import { TriangleAlert } from "lucide-react";
import { stepKey } from "@/core/alignment";
import { modificationsOf, type Settled } from "@/core/kinds";
import type { Sheet } from "@/core/model";
import { openPoints } from "@/core/history";
import { dialPoints, dialRuns, groupsAskedFor } from "@/core/visit";
import { Empty } from "@/ui/Empty";
import { SideBySide } from "@/ui/SideBySide";
import { useLogbook, useLineContext } from "@/ui/logbook";
import { Checks } from "./Checks";
import { openAt } from "./before";
import { readDial } from "./dial-fit";
import { changeText, only } from "./dial-words";
import { Steps } from "./Steps";
import { StepCard } from "./StepCard";
import { useAlign, type Align } from "./useAlign";
import { warningText } from "./words";

/** Which part the last dial run names, where an adjuster stands at the end of its travel. */
function byDial(sheet: Sheet, settled: readonly Settled[]): string[] {
  const run = dialRuns(settled).at(-1);
  const read = run && readDial(sheet, dialPoints(run));
  const answer = read?.fit && only(read.fit);
  return read && answer
    ? [`By the dial: ${answer.changes.map((change) => changeText(change, read.band)).join("; ")}.`]
    : [];
}

/** Why to stop and look before the next core is turned. */
function Warnings({ align }: { align: Align }) {
  const { model, settled, input } = useLogbook();
  const context = useLineContext();
  const { state, row } = align;
  const told = [
    ...(context.switches?.align === "leave"
      ? ["At take-in it was agreed to leave the alignment as it is: ask before you turn anything."]
      : []),
    ...(row ? openAt(row, model.sheet, settled, input.now) : []),
    ...state.warnings.map(warningText),
    ...(state.warnings.some(({ kind, ...one }) => kind === "end-of-travel" && "end" in one)
      ? byDial(model.sheet, settled)
      : []),
  ];
  if (told.length === 0) return null;
  return (
    <ul className="mb-3 rounded-box border-2 border-warning p-2" aria-label="Stop and look">
      {told.map((text) => (
        <li key={text} className="flex gap-2">
          <TriangleAlert size={18} className="mt-1 shrink-0 text-warning" aria-hidden="true" />
          <span>{text}</span>
        </li>
      ))}
    </ul>
  );
}

/** What a modification made necessary, where it names a group of the table. */
function AskedFor({ align }: { align: Align }) {
  const { settled, model, input, append } = useLogbook();
  const asked = openPoints(settled, input.now).flatMap(({ id, line }) => {
    if (line?.list !== "recalibrate") return [];
    const groups = groupsAskedFor(model.sheet, line.text);
    const mod = modificationsOf(settled).find((one) => one.id === id);
    return [{ id, key: line.key, text: line.text, groups, name: mod?.payload.name ?? "a modification" }];
  });
  if (asked.length === 0) return null;
  return (
    <ul className="mb-3 rounded-box bg-base-200 p-2" aria-label="Made necessary by modifications">
      {asked.map(({ id, key, text, groups, name }) => {
        const first = align.state.groups.find(({ group }) => groups.includes(group));
        const [row] = first?.rows ?? [];
        const done =
          groups.length > 0 &&
          groups.every((one) => align.state.groups.find(({ group }) => group === one)?.state === "done");
        const tick = () =>
          append({
            kind: "tick",
            payload: {
              v: 1,
              about: id,
              list: "recalibrate",
              key,
              text,
              state: "done",
              saw: `aligned: ${groups.join(", ")}`,
            },
          });
        return (
          <li key={`${name} ${text}`} className="flex flex-wrap items-center gap-2">
            <span>
              <strong>{name}</strong> makes necessary: {text}
            </span>
            {done ? (
              <button type="button" className="btn btn-primary h-10" onClick={() => void tick()}>
                Done: tick it
              </button>
            ) : row ? (
              <button type="button" className="btn btn-outline h-10" onClick={() => align.choose(row)}>
                Go to {first?.group}
              </button>
            ) : null}
          </li>
        );
      })}
    </ul>
  );
}

/** The alignment at the bench, step by step. */
export function AlignPlate() {
  const align = useAlign();
  const { model } = useLogbook();
  const { row, proposed, state } = align;
  const why = row && proposed?.find((one) => stepKey(one.row) === stepKey(row));
  const started = state.groups.some((group) => group.state !== "untouched");
  const steps = (
    <>
      <Steps align={align} />
      {proposed ? (
        <p className="dim mt-2 text-sm">
          These steps are proposed from the parts, bands and stages of this model, which has no table of its own.{" "}
          <Link className="link" href={`/reference/${model.id}?table=alignment`}>
            Look at them and keep them with the model
          </Link>
          .
        </p>
      ) : null}
    </>
  );
  if (state.groups.length === 0)
    return (
      <Empty title="No steps for this set">
        The model has no alignment table, and no bands to propose one from.{" "}
        <Link className="link" href={`/reference/${model.id}?table=bands`}>
          Enter its bands
        </Link>{" "}
        or its table, by hand or from a CSV.
      </Empty>
    );
  return (
    <SideBySide narrow="below" side={steps}>
      <Checks align={align} />
      <AskedFor align={align} />
      <Warnings align={align} />
      {row ? (
        <StepCard
          key={stepKey(row)}
          align={align}
          row={row}
          why={why ? [why.why, why.guess].filter(Boolean).join(" ") : undefined}
        />
      ) : (
        <div className="rounded-box border border-success p-3">
          <p className="font-bold text-success">{started ? "No other round is worth it." : "Nothing is to be done."}</p>
          <p>
            Put the chassis back into its cabinet, with its own loop or antenna, and check the dial at three points:
            Prove, Test sheets, Dial. A step can be done again: choose it in the list.
          </p>
        </div>
      )}
    </SideBySide>
  );
}
