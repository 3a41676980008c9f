"use client";

import { useEffect, useRef, useState } from "react";
import { parseLine } from "@/core/bench-line";
import { roleText, type FilledLine } from "@/core/components";
import { printPart } from "@/core/kinds";
import { describeItem, readScan } from "@/core/stock";
import { workOrder } from "@/core/visit";
import { DraftChip } from "@/ui/DraftChip";
import { ErrorText, TextField } from "@/ui/form";
import { useLogbook, useLineContext } from "@/ui/logbook";
import { isWork, workLine, type TypedWork } from "./work-line";

const OLD = { bag: "into the owner’s bag", kept: "kept in the shop", discarded: "discarded" } as const;

type WorkThroughProps = { lines: readonly FilledLine[]; onClose: () => void };

/** One line of the plan after another, in the order in which things sit. Enter does it, S leaves it for later, U takes the last one back. */
export function WorkThrough({ lines, onClose }: WorkThroughProps) {
  const { append, model, stock } = useLogbook();
  const context = useLineContext();
  const [skipped, setSkipped] = useState<readonly string[]>([]);
  const [typed, setTyped] = useState<TypedWork>({});
  const [old, setOld] = useState<keyof typeof OLD>("bag");
  const [last, setLast] = useState<{ id: string; designator: string }>();
  // What is on its way to the log: the same line is not written twice, and the next one need not wait.
  const underWay = useRef<string>(undefined);
  // The line that was written last, known when the log has it: a line shows as done before that.
  const writing = useRef<Promise<unknown>>(undefined);
  const latest = useRef<{ id: string; designator: string }>(undefined);
  const [error, setError] = useState<string>();
  const ordered = workOrder(lines).flatMap(({ lines: group }) => group);
  const todo = ordered.filter(isWork);
  const line = todo.find(({ designator }) => !skipped.includes(designator)) ?? todo[0];
  const text = line ? workLine(line, typed, old) : undefined;
  const result = text ? parseLine(text, context) : undefined;
  const done = ordered.filter(({ action }) => action === "done").length;

  // The next line's button has the focus as soon as it can be pressed, so that one key does line after line.
  const act = useRef<HTMLButtonElement>(null);
  const designator = line?.designator;
  useEffect(() => {
    if (designator) act.current?.focus();
  }, [designator]);

  const write = async () => {
    if (!line || underWay.current === line.designator) return;
    if (result?.kind !== "draft" || result.draft.type !== "content") return;
    underWay.current = line.designator;
    const sent = append(result.draft.content);
    writing.current = sent;
    const outcome = await sent;
    if (!outcome.ok) {
      underWay.current = undefined;
      return setError(outcome.problems[0]?.message);
    }
    setError(undefined);
    latest.current = { id: outcome.id, designator: line.designator };
    return setLast(latest.current);
  };
  const undo = async () => {
    await writing.current;
    const back = latest.current;
    if (!back || underWay.current === back.id) return;
    underWay.current = back.id;
    const outcome = await append(
      { kind: "amendment", payload: { v: 1, action: "withdraw", reason: "taken back while working through the plan" } },
      { amends: back.id },
    );
    underWay.current = undefined;
    if (outcome.ok) {
      latest.current = undefined;
      setLast(undefined);
    }
    setError(outcome.ok ? undefined : outcome.problems[0]?.message);
  };
  const skip = () => {
    if (!line) return;
    const rest = todo.filter(({ designator }) => !skipped.includes(designator) && designator !== line.designator);
    // When all were skipped once the round begins again.
    setSkipped(rest.length === 0 ? [] : [...skipped, line.designator]);
    setError(undefined);
  };
  // A reader types a label's capitals and digits and ends with Enter: what is scanned is held against what should go in.
  const scanned = useRef("");
  const takeScan = () => {
    const text = scanned.current;
    scanned.current = "";
    const scan = readScan(text);
    const wanted = line?.filled.flatMap(({ chosen }) => chosen?.items ?? []) ?? [];
    if (scan.kind === "part" && wanted.some(({ code }) => code === scan.code)) return void write();
    const other = scan.kind === "part" ? stock.find(({ code }) => code === scan.code) : undefined;
    const asked = wanted.map((item) => `${describeItem(item)} ${item.code}`).join(" and ");
    return setError(
      `${other ? `That is ${describeItem(other)}, ${other.code}.` : scan.kind === "part" ? `${scan.code} is not in the stock list.` : scan.kind === "job" ? `That is the tag of job ${scan.job}.` : scan.message} ${asked ? `Here goes ${asked}: nothing was written.` : "Nothing was written."}`,
    );
  };
  const onKey = (event: React.KeyboardEvent) => {
    // A key that is held down does one line, not all of them.
    if (event.repeat && event.key === "Enter") return event.preventDefault();
    const field = /^(INPUT|SELECT|TEXTAREA)$/.test((event.target as HTMLElement).tagName);
    if (field && event.key !== "Enter") return;
    if (!field && /^[A-Z0-9]$/.test(event.key) && !event.ctrlKey && !event.metaKey && !event.altKey) {
      scanned.current += event.key;
      return;
    }
    if (!field && event.key === "Enter" && scanned.current.length > 2) {
      event.preventDefault();
      takeScan();
      return;
    }
    scanned.current = "";
    const wanted = { Enter: write, s: skip, u: undo }[event.key];
    if (!wanted || (event.key === "Enter" && (event.target as HTMLElement).dataset.act)) return;
    event.preventDefault();
    void wanted();
  };

  return (
    <section aria-label="Working through the plan" className="flex flex-col gap-3" onKeyDown={onKey}>
      <div className="flex flex-wrap items-center gap-3">
        <progress
          className="progress progress-primary h-3 w-48"
          value={done}
          max={Math.max(done + todo.length, 1)}
          aria-label="Lines done"
        />
        <span>
          {done} of {done + todo.length} done
        </span>
        <button type="button" className="btn btn-ghost ml-auto h-11" data-act onClick={onClose}>
          Back to the plan
        </button>
      </div>
      {!line ? (
        <p className="rounded-box bg-base-200 p-4 text-lg font-bold">Nothing is left to do in this plan.</p>
      ) : (
        <div className="flex flex-col gap-3 rounded-box border-2 border-primary p-3">
          <p className="flex flex-wrap items-baseline gap-3">
            <strong className="font-mono text-3xl">{line.designator}</strong>
            <span className="text-lg">{roleText(line)}</span>
            {skipped.includes(line.designator) ? <span className="dim">left for later once</span> : null}
          </p>
          <dl className="grid grid-cols-[7rem_1fr] gap-x-3 gap-y-2 text-lg">
            <dt className="dim">take out</dt>
            <dd className="font-mono">{printPart(line.drawn, line.designator, model.sheet)}</dd>
            {line.filled.map(({ need, chosen }) => (
              <div key={need.designator} className="contents">
                <dt className="dim">put in{line.filled.length > 1 ? ` ${need.designator}` : ""}</dt>
                <dd>
                  {chosen ? (
                    <>
                      {chosen.items.map((item) => (
                        <span key={item.id} className="mr-4">
                          <strong className="font-mono">{describeItem(item)}</strong>, bin{" "}
                          <strong className="font-mono">{item.bin || "–"}</strong>{" "}
                          <span className="dim font-mono">{item.code}</span>
                        </span>
                      ))}
                      {chosen.remarks.map((remark) => (
                        <span key={remark} className="dim block text-base">
                          {remark}
                        </span>
                      ))}
                    </>
                  ) : (
                    <TextField
                      label="Not in stock: what goes in instead"
                      value={typed[need.designator] ?? ""}
                      placeholder="0.047/630 film"
                      inputClass="w-64 font-mono"
                      onChange={(value) => setTyped({ ...typed, [need.designator]: value })}
                    />
                  )}
                </dd>
                {need.orientation ? (
                  <>
                    <dt className="dim">which way</dt>
                    <dd>{need.orientation}</dd>
                  </>
                ) : null}
              </div>
            ))}
            {line.action === "restuff" ? null : (
              <>
                <dt className="dim">old part</dt>
                <dd>
                  <select
                    className="select h-11 w-60"
                    aria-label="Where the old part goes"
                    value={old}
                    onChange={(event) => setOld(event.target.value as keyof typeof OLD)}
                  >
                    {Object.entries(OLD).map(([key, words]) => (
                      <option key={key} value={key}>
                        {words}
                      </option>
                    ))}
                  </select>
                </dd>
              </>
            )}
          </dl>
          {line.cautions.map((caution) => (
            <p key={caution} className="border-l-4 border-warning pl-2 font-semibold">
              {caution}
            </p>
          ))}
          {result && text && result.kind !== "draft" ? (
            <DraftChip result={result} line={text} onChoose={() => undefined} />
          ) : null}
          {text ? (
            <p className="dim text-sm">
              On the bench line: <code className="font-mono text-base-content">{text}</code>
            </p>
          ) : null}
          <div className="flex flex-wrap gap-2">
            <button
              ref={act}
              type="button"
              data-act
              className="btn btn-primary h-12 min-w-40 text-lg"
              disabled={result?.kind !== "draft"}
              onClick={() => void write()}
            >
              {line.designator} is done
            </button>
            <button type="button" data-act className="btn btn-outline h-12" onClick={skip}>
              Later <kbd className="kbd kbd-sm">S</kbd>
            </button>
          </div>
        </div>
      )}
      {error ? <ErrorText>{error}</ErrorText> : null}
      {last ? (
        <p className="flex items-center gap-3" role="status">
          {last.designator} is in the log, and its part out of stock.
          <button type="button" data-act className="btn btn-outline h-11" onClick={() => void undo()}>
            Take {last.designator} back <kbd className="kbd kbd-sm">U</kbd>
          </button>
        </p>
      ) : null}
    </section>
  );
}
