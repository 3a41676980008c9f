"use client";

import { useMemo, useState } from "react";
import { parseQuantity, readNumber } from "@/core/quantity";
import { sweepOf, type SweepPlan } from "@/core/sheets";
import { ErrorText, SelectField, TextField } from "@/ui/form";
import type { Listed, Speaking } from "@/ui/instruments/ask";
import { ProbeWalk } from "@/ui/instruments/Walk";
import { useLogbook } from "@/ui/logbook";
import type { GridLine } from "./rows";
import type { RunInView } from "./useRun";
import { unitOf, useSweep } from "./useSweep";

/** A key is held down for no longer than this, s. Shop rule. */
const KEY_LIMIT_S = 30;

/** Which list has what reads this. */
const KIND_OF: Partial<Record<NonNullable<SweepPlan["reads"]>, string>> = { watts: "power meter" };

type Reader = { list: Listed; one: Speaking };

/** Everything of the shop that can be asked for what the sheet needs. */
function useReaders(plan: SweepPlan): Reader[] {
  const { meters, instruments } = useLogbook();
  if (!plan.reads) return [];
  const { reads } = plan;
  const asks = ({ link }: Speaking & { retired: boolean }) => link?.profile.asks[reads] !== undefined;
  return [
    ...meters
      .filter((one) => !KIND_OF[reads] && !one.retired && asks(one))
      .map((one): Reader => ({ list: "meters", one })),
    ...instruments.filter((one) => !one.retired && asks(one)).map((one): Reader => ({ list: "instruments", one })),
  ];
}

const read = (text: string, quantity: "frequency" | "ac-voltage"): number | undefined => {
  const parsed = parseQuantity(text, quantity);
  return parsed.ok && parsed.value > 0 ? parsed.value : undefined;
};

type PanelProps = { run: RunInView; plan: SweepPlan; generators: readonly Speaking[]; readers: readonly Reader[] };

function SweepPanel({ run, plan, generators, readers }: PanelProps) {
  const { sweep, go, pause, stop } = useSweep(run, plan);
  const [generator, setGenerator] = useState(generators[0]?.id ?? "");
  const [reader, setReader] = useState(readers[0]?.one.id ?? "");
  const [middle, setMiddle] = useState("1 MHz");
  const [level, setLevel] = useState("10 µV");
  const [limit, setLimit] = useState(String(KEY_LIMIT_S));
  const [keyed, setKeyed] = useState(false);
  /** the rows of the sweep are those that were open when it began */
  const [lines, setLines] = useState<readonly GridLine[]>([]);
  const open = useMemo(() => run.lines.filter(({ saved }) => !saved), [run.lines]);
  const middleHertz = read(middle, "frequency");
  const levelVolts = read(level, "ac-voltage");
  const seconds = readNumber(limit, /s/) ?? 0;
  const problems = {
    middle: plan.received && middleHertz === undefined ? "A frequency is like 1 MHz or 465 kHz." : undefined,
    level: plan.hunts && levelVolts === undefined ? "A level is like 10 µV." : undefined,
    limit: plan.keyed && !(seconds > 0 && seconds <= 300) ? "Seconds, from 1 to 300." : undefined,
  };
  const chosen = generators.find(({ id }) => id === generator) ?? generators[0];
  const asked = readers.find(({ one }) => one.id === reader) ?? readers[0];
  const byEye = plan.reads === undefined;
  const ready =
    chosen && (byEye || asked) && Object.values(problems).every((one) => one === undefined) && (!plan.keyed || keyed);
  const running = sweep.state === "running";
  const start = (rows: readonly GridLine[], from: number) => {
    if (!chosen || !(byEye || asked)) return;
    setLines(rows);
    // A key that was held for one sweep is not held for the next.
    setKeyed(false);
    void go(
      {
        generator: chosen,
        reader: asked,
        middle: middleHertz ?? 0,
        level: levelVolts ?? 0,
        limit: seconds * 1000,
      },
      rows,
      from,
    );
  };
  return (
    <div className="flex flex-col gap-2 pt-2">
      <div className="flex flex-wrap items-end gap-3">
        <SelectField
          label="Generator"
          value={generator}
          onChange={setGenerator}
          options={generators.map(({ id, name }) => [id, name] as const)}
        />
        {byEye ? null : (
          <SelectField
            label={`Reads ${plan.hunts ? "the output" : plan.fills.name.toLowerCase()}`}
            value={reader}
            onChange={setReader}
            options={readers.map(({ one }) => [one.id, one.name] as const)}
          />
        )}
        {plan.received ? (
          <TextField
            label="Frequency on tune"
            value={middle}
            error={problems.middle}
            onChange={setMiddle}
            inputClass="w-32 font-mono"
          />
        ) : null}
        {plan.hunts ? (
          <TextField
            label="Level to begin with"
            value={level}
            error={problems.level}
            onChange={setLevel}
            inputClass="w-32 font-mono"
          />
        ) : null}
        {plan.keyed ? (
          <TextField
            label="Key down for at most, s"
            value={limit}
            error={problems.limit}
            onChange={setLimit}
            inputClass="w-24 font-mono"
          />
        ) : null}
      </div>
      {plan.keyed ? (
        <label className="flex min-h-11 items-center gap-2 border-l-4 border-error pl-2 font-semibold">
          <input
            type="checkbox"
            className="checkbox"
            checked={keyed}
            disabled={running}
            onChange={({ target }) => setKeyed(target.checked)}
          />
          The dummy load is on, and I key it myself now. The program never keys; I let go when it says so.
        </label>
      ) : null}
      <div className="flex flex-wrap items-center gap-2">
        {running ? (
          <button type="button" className="btn btn-primary h-11" onClick={pause}>
            Pause
          </button>
        ) : sweep.state === "paused" && sweep.at < sweep.of ? (
          <>
            <button
              type="button"
              className="btn btn-primary h-11"
              disabled={!ready}
              onClick={() => start(lines, sweep.at)}
            >
              Go on with row {sweep.at + 1}
            </button>
            <button type="button" className="btn btn-outline h-11" onClick={stop}>
              End it
            </button>
          </>
        ) : (
          <button
            type="button"
            className="btn btn-primary h-11"
            disabled={!ready || open.length === 0}
            onClick={() => start(open, 0)}
          >
            Step through {open.length} rows
          </button>
        )}
        {sweep.of > 0 ? (
          <>
            <progress
              className="progress w-48 progress-primary"
              value={sweep.at}
              max={sweep.of}
              aria-label="Rows read"
            />
            <span role="status">
              {sweep.at} of {sweep.of} rows read
              {byEye && sweep.at > 0
                ? ": read the needle, and type it into its row"
                : sweep.state === "done"
                  ? ": look through them, then write them down"
                  : ""}
            </span>
          </>
        ) : null}
      </div>
      {sweep.problem ? <ErrorText>{sweep.problem}</ErrorText> : null}
      <p className="dim text-sm">
        The generator is set to each row that is not written yet
        {plan.hunts ? ", and its level brought to the same output" : ""}; what stands still is taken into the grid. Its
        output is off before and after.
      </p>
    </div>
  );
}

/** Hands are at the generator: each row stands in large letters, is set by hand, and what is read is taken. */
function ByHand({ run, plan, readers, onEnd }: Omit<PanelProps, "generators"> & { onEnd: () => void }) {
  const { meters } = useLogbook();
  const [lines] = useState(() => run.lines.filter(({ saved }) => !saved));
  const meter = meters.find(({ id }) => readers.some(({ one }) => one.id === id));
  if (!meter || !plan.reads) return null;
  const print = (value: number) => `${Number(value.toPrecision(4))} ${unitOf(plan)}`;
  return (
    <ProbeWalk
      meter={meter}
      what={plan.reads}
      places={lines.map((line) => ({ point: `Set ${Object.values(line.at).join(", ")}`, stages: [], where: [] }))}
      print={print}
      judge={() => "none"}
      take={(at, value) => {
        const line = lines[at];
        if (line) run.type(line.key, plan.fills.key, print(value));
      }}
      takeBack={(at) => {
        const line = lines[at];
        if (line) run.forget(line.key);
      }}
      onEnd={onEnd}
    />
  );
}

/** Fills the sheet by stepping a generator of the shop and reading an instrument; nothing where the sheet has no such rows. */
export function StepAndRead({ run }: { run: RunInView }) {
  const { instruments } = useLogbook();
  const plan = useMemo(() => sweepOf(run.sheet), [run.sheet]);
  return plan ? (
    <WithPlan
      run={run}
      plan={plan}
      generators={instruments.filter(({ kind, link, retired }) => kind === "generator" && link !== null && !retired)}
    />
  ) : null;
}

function WithPlan({ run, plan, generators }: Omit<PanelProps, "readers">) {
  const readers = useReaders(plan);
  const [byHand, setByHand] = useState(false);
  if (readers.length === 0 && (plan.reads !== undefined || generators.length === 0)) return null;
  // What is sought by its level needs a generator that can be set; a meter alone is read by hand.
  const walks = !plan.hunts && readers.some(({ list }) => list === "meters");
  if (byHand) return <ByHand run={run} plan={plan} readers={readers} onEnd={() => setByHand(false)} />;
  const walk = walks ? (
    <button type="button" className="btn btn-outline mb-2 h-10" onClick={() => setByHand(true)}>
      Set each row by hand, and read
    </button>
  ) : null;
  if (generators.length === 0) return walk;
  return (
    <>
      {walk}
      <details className="mb-2 rounded-box border border-base-300 p-2">
        <summary className="min-h-10 cursor-pointer py-1 font-bold">Step the generator and read by itself</summary>
        <SweepPanel run={run} plan={plan} generators={generators} readers={readers} />
      </details>
    </>
  );
}
