"use client";

import { Link } from "@/ui/Link";
import { Zap } from "lucide-react";
import { useMemo, useState } from "react";
import { NET_TEST, type Cause, type Shown, type TestNeed } from "@/core/diagnosis";
import { describe } from "@/core/kinds";
import { heardAgain } from "@/core/visit";
import { Explains } from "@/ui/circuit/later";
import { ErrorText } from "@/ui/form";
import { useLogbook } from "@/ui/logbook";
import { Causes } from "./CauseList";
import { Findings } from "./Findings";
import { FoundForm } from "./FoundForm";
import { AtHand } from "./AtHand";
import { NextTests } from "./NextTests";
import { AnyTestForm } from "./Observation";
import { StageDetail } from "./StageDetail";
import { Strip, type Seen } from "./Strip";
import { Understood } from "./Understood";
import { Unexplained } from "./Unexplained";
import { useSearch } from "./useSearch";
import { percent } from "./words";

/** Why a part is to be mended now. */
const SHOWN_WORDS: Record<Shown, string> = {
  check: "is shown by its own check. Confirm it, mend it, listen again.",
  rest: "is what all the readings point at. Confirm it, mend it, listen again.",
  "in-spite":
    "is what most points at, though its own check shows nothing: no check finds all that is bad. Exchange it, and listen again.",
  trial: "is the likeliest that is left, and no test tells more. Exchange it on trial, and listen again.",
};

/** What is to be mended, and how sure that is: the part is what is exchanged, in whichever of its ways it fails. */
function ToMend({ cause, stage }: { cause: Cause; stage: string | undefined }) {
  const { designator, name, mode, probability, ofPart, shown = "check" } = cause;
  const several = designator !== undefined && percent(ofPart) !== percent(probability);
  return (
    <>
      <strong>{several ? [designator, stage].filter(Boolean).join(", ") : name}</strong> ({percent(ofPart)}){" "}
      {SHOWN_WORDS[shown]}
      {several ? ` Likeliest: ${mode} (${percent(probability)}).` : ""}
    </>
  );
}

/** Find: the stages with their share of suspicion, the likely causes, and what to do next. It advises and never insists. */
export function FaultBoard({ children }: { children?: React.ReactNode }) {
  const { settled, visit, model, append, found, figures } = useLogbook();
  const [lacking, setLacking] = useState<readonly TestNeed[]>(figures?.lacking ?? []);
  const { search, picture, thinking, imagined, imagine, failed, retry } = useSearch(lacking);
  const [selected, setSelected] = useState<string>();
  const [confirming, setConfirming] = useState<Cause>();
  const [error, setError] = useState<string>();
  const { circuit, question, system } = search;

  const entryOf = useMemo(() => {
    const tape = new Map(settled.map((item, index) => [item.entry.id, { n: index + 1, content: item.content }]));
    return (id: string) => {
      const item = tape.get(id);
      if (!item?.content) return undefined;
      const { subject, text } = describe(item.content);
      return { n: item.n, text: `${subject}: ${text}`.slice(0, 140) };
    };
  }, [settled]);
  // Volts that the circuit has weighed at once stand under the last of them.
  const net = question.evidence.find(({ test }) => test === NET_TEST)?.id;
  const evidenceOf = (id: string) => {
    const entry = entryOf(id);
    return entry && id === net ? { ...entry, text: "All volts that were read together, by the set’s net" } : entry;
  };

  const byStage = useMemo(() => {
    const seen = new Map<string, Seen>();
    const entries = new Map<string, string[]>();
    for (const { id, test, outcome } of search.seen) {
      const known = system.testById.get(test);
      if (!known?.stage) continue;
      const stage = known.stage.id;
      const before = seen.get(stage) ?? { good: 0, bad: 0 };
      const good = known.outcomes[0]?.key === outcome;
      seen.set(stage, { good: before.good + (good ? 1 : 0), bad: before.bad + (good ? 0 : 1) });
      entries.set(stage, [...(entries.get(stage) ?? []), id]);
    }
    return { seen, entries };
  }, [search.seen, system]);

  const lastTime = found.filter((one) => one.modelId === model.id && one.visitId !== visit.id);
  const mended = new Set(question.mended);
  const stillThere =
    mended.size > 0 &&
    question.evidence.some(
      ({ test, outcome, mended: before }) =>
        before && before.length === mended.size && /^play/.test(test) && outcome !== "fine",
    );

  const record = async (test: { id: string; name: string }, outcome: { key: string; says: string }) => {
    imagine();
    const done = await append({
      kind: "fault-test",
      payload: { v: 1, test: test.id, outcome: outcome.key, what: test.name, says: outcome.says },
    });
    setError(done.ok ? undefined : done.problems[0]?.message);
  };

  const causes = picture ? [...picture.causes, ...picture.ruledOut, ...picture.mended] : [];
  const confirmed = new Set(
    picture?.causes.filter(({ id }) => question.confirmed.includes(id)).map(({ check }) => check),
  );
  const certain = picture?.causes.find((cause) => cause.shown && !confirmed.has(cause.check));
  const pick = (id: string) => {
    const cause = causes.find((one) => one.id === id);
    const fault = system.faults.find((one) => one.id === id);
    if (cause) setConfirming(cause);
    else if (fault)
      setConfirming({
        id,
        name: `${fault.mode.name}${fault.designator ? ` (${fault.designator})` : ""}, ${fault.stage.name}`,
        mode: fault.mode.name,
        stage: fault.stage.id,
        probability: fault.prior,
        ofPart: fault.prior,
        prior: fault.prior,
        because: fault.because,
        check: "",
        for: [],
        against: [],
      });
  };

  const failure = failed ? (
    <p role="alert" className="flex flex-wrap items-center gap-2 border-l-4 border-warning pl-2">
      <span className="grow">
        The causes could not be weighed on this device ({failed}). Your entries are safe. Go on with the bench line, or
        try again.
      </span>
      <button type="button" className="btn btn-outline h-10" onClick={retry}>
        Try again
      </button>
    </p>
  ) : null;
  if (!picture)
    return (
      failure ?? (
        <p className="flex items-center gap-2" role="status">
          <span className="loading loading-dots" aria-hidden="true" /> Weighing what is known …
        </p>
      )
    );
  return (
    <div className="flex flex-col gap-3">
      {failure}
      {search.proposed ? (
        <p className="border-l-4 border-warning pl-2">
          These stages are a proposal, made from the tubes and the text of the sheet.{" "}
          <Link href={`/reference/${model.id}?table=stages`} className="link">
            Look at them, and keep them with the model
          </Link>
          .
        </p>
      ) : null}
      <Understood circuit={circuit} system={system} />
      <Unexplained clashes={picture.clashes} entryOf={entryOf} />
      {certain && !confirming ? (
        <p role="status" className="flex flex-wrap items-center gap-2 border-l-4 border-primary pl-2">
          <span className="grow">
            <ToMend cause={certain} stage={circuit.stages.find(({ id }) => id === certain.stage)?.name} />
          </span>
          <button type="button" className="btn btn-primary h-10" onClick={() => setConfirming(certain)}>
            This is it
          </button>
        </p>
      ) : null}
      {stillThere ? (
        <p role="status" className="border-l-4 border-warning pl-2">
          Something was mended and the symptom is still there: the search goes on with what is left.
        </p>
      ) : null}
      {picture.short ? (
        <p role="status" className="flex items-start gap-2 border-l-4 border-error pl-2">
          <Zap size={20} className="shrink-0 text-error" aria-hidden="true" />
          <span>
            <strong>A short is likely ({percent(picture.short)}).</strong> The search is a cold one: unplugged,
            discharged and measured; ohms first, then halves lifted, then the lamp limiter. Nothing that needs the line
            is advised until a short is ruled out, and a new fuse is not the end of it.
          </span>
        </p>
      ) : null}
      <Strip
        circuit={circuit}
        shares={picture.stages}
        imagined={imagined?.stages}
        seen={byStage.seen}
        selected={selected}
        onSelect={(id) => setSelected(id === selected ? undefined : id)}
      />
      <p className="dim min-h-6 text-sm" aria-live="polite">
        {imagined
          ? `Then: ${imagined.causes
              .slice(0, 3)
              .map(({ name, probability }) => `${percent(probability)} ${name}`)
              .join("; ")}`
          : `Share of suspicion. Solid: signal, dashed: supply, dotted: control. ${thinking ? "Weighing …" : ""}`}
      </p>
      {selected ? (
        <StageDetail
          key={selected}
          id={selected}
          search={search}
          probabilityOf={(id) =>
            causes.find((one) => one.id === id)?.probability ?? system.faults.find((one) => one.id === id)?.prior ?? 0
          }
          entries={(byStage.entries.get(selected) ?? []).flatMap((id) => entryOf(id) ?? [])}
          tests={picture.tests.filter(({ stage }) => stage === selected)}
          onClose={() => setSelected(undefined)}
          onPick={pick}
        />
      ) : null}
      {confirming ? <FoundForm key={confirming.id} cause={confirming} onDone={() => setConfirming(undefined)} /> : null}
      <Findings findings={search.findings} againOf={(fault) => heardAgain(search, fault)} entryOf={entryOf} />
      {error ? <ErrorText>{error}</ErrorText> : null}
      <div className="grid gap-4 xl:grid-cols-2">
        <section aria-label="Next tests">
          <h2 className="text-lg font-bold">Next tests</h2>
          {picture.next.length === 0 ? (
            <p>
              {question.evidence.length === 0
                ? "Nothing that was written down says yet what is wrong: open “Understood” above and say what the set does."
                : certain
                  ? "Mend what is shown above, and listen again."
                  : "No test tells more, and all of the set was heard since the last repair. If something is still wrong, write down what you hear."}
            </p>
          ) : null}
          <NextTests
            tests={picture.next}
            sheet={model.sheet}
            onOutcome={(test, outcome) => void record(test, outcome)}
            onImagine={imagine}
          />
        </section>
        <Causes picture={picture} evidenceOf={evidenceOf} onFound={setConfirming} lastTime={lastTime} />
      </div>
      <Explains quiet />
      <div className="grid gap-4 xl:grid-cols-2">
        <section aria-label="Own observation" className="flex flex-col gap-3">
          <h2 className="text-lg font-bold">Any other test</h2>
          <AnyTestForm tests={picture.tests} onImagine={imagine} />
        </section>
        <AtHand lacking={lacking} onChange={setLacking} />
      </div>
      {children}
    </div>
  );
}
