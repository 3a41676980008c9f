"use client";

import { Hourglass, Wrench } from "lucide-react";
import { useState } from "react";
import { Link } from "@/ui/Link";
import type { Wait } from "@/core/kinds";
import type { Outlook, SetOutlook } from "@/core/plan";
import type { BoardState } from "@/core/visit";
import type { PlanFacts } from "@/db/plan";
import type { BoardCard as Card } from "@/db/summaries";
import { Empty } from "@/ui/Empty";
import { later } from "@/ui/later";
import { dayWords, surely } from "@/ui/plan/days";
import { useFresh } from "@/ui/plan/useFresh";
import { since } from "@/ui/dates";
import { IfMay } from "@/ui/role";

const Planner = later(async () => (await import("./Planner")).Planner);

/** What is nearest to moving first. */
const WAITS: readonly Wait[] = ["parts", "owner", "process"];
const WAIT_LABELS: Record<Wait, string> = { parts: "Parts", owner: "Owner", process: "Time" };

/** How far a visit is, in words and as marks: one a step, filled when done, hollow when passed over. */
function Progress({ state }: { state: BoardState }) {
  const count = (wanted: string) => state.sheet.filter((item) => item.state === wanted).length;
  const passed = count("overridden");
  const words = `${count("done")} of ${state.sheet.length} done${passed > 0 ? `, ${passed} passed` : ""}`;
  return (
    <span className="flex items-center gap-0.5 whitespace-nowrap" role="img" aria-label={`Steps: ${words}`}>
      <span className="dim mr-1 text-sm">{words}</span>
      {state.sheet.map((item) => (
        <span
          key={item.step}
          title={`${item.name}: ${item.state}`}
          className={`h-2.5 w-2 rounded-sm border ${
            item.state === "done"
              ? "border-primary bg-primary"
              : item.state === "overridden"
                ? "border-primary"
                : "border-base-300 bg-base-100"
          }`}
        />
      ))}
    </span>
  );
}

/** Who has the set, and the day that was promised or could be. */
function Promised({
  holder,
  sure,
  promised,
}: {
  holder: string | undefined;
  sure: SetOutlook | undefined;
  promised: string | undefined;
}) {
  const bad = sure?.standing === "danger" || sure?.standing === "broken";
  return (
    <p className="flex justify-between gap-3 px-1 text-sm">
      <span className="truncate">{holder ? `with ${holder}` : <span className="dim">on nobody’s bench</span>}</span>
      <span className="whitespace-nowrap">
        {promised ? (
          <span className={bad ? "font-bold text-error" : ""}>
            promised {dayWords(promised)}
            {sure?.standing === "broken"
              ? ", over"
              : bad && sure.kept !== undefined
                ? `, kept in ${surely(sure.kept)}`
                : ""}
          </span>
        ) : sure?.promise ? (
          <span className="dim">done by {dayWords(sure.promise)}</span>
        ) : null}
      </span>
    </p>
  );
}

type Tags = Readonly<Record<number, React.ReactNode>>;
type Around = { tags: Tags; now: string; facts: PlanFacts; outlook: Outlook | undefined };

function BoardCard({ card, tags, now, facts, outlook }: { card: Card } & Around) {
  const { owner, state, job } = card;
  const set = facts.sets.find(({ visit }) => visit === card.visitId);
  return (
    <li className="rounded-box border border-base-300 bg-base-200 p-2.5">
      {tags[job]}
      <div className="mt-1.5 flex items-center justify-between gap-3 px-1">
        <span className="flex items-center gap-1.5 font-bold whitespace-nowrap">
          <Wrench size={16} aria-hidden="true" /> {state.step}
        </span>
        <Progress state={state} />
      </div>
      <p className="dim flex justify-between gap-3 px-1 text-sm">
        <span className="truncate">{owner}</span>
        <span className="whitespace-nowrap">
          {since(card.openedAt, now)} here{state.open > 0 ? ` · ${state.open} open` : ""}
        </span>
      </p>
      <Promised
        holder={facts.people.find(({ id }) => id === set?.holder)?.name}
        sure={outlook?.sets.find(({ visit }) => visit === card.visitId)}
        promised={card.left.promised?.day}
      />
      {card.back ? (
        <p className="px-1 text-sm">
          back within the warranty of job <span className="font-mono">{card.back.job}</span>
        </p>
      ) : null}
      {state.waits.map((wait) => (
        <p key={wait.text} className="mt-1.5 flex gap-1.5 px-1 text-warning">
          <Hourglass size={18} className="mt-0.5 shrink-0" aria-hidden="true" />
          <span>
            <strong>{WAIT_LABELS[wait.for]}:</strong> {wait.text}
          </span>
        </p>
      ))}
    </li>
  );
}

type SectionProps = { title: string; hint: string; cards: readonly Card[] } & Around;

function Section({ title, hint, cards, ...around }: SectionProps) {
  if (cards.length === 0) return null;
  return (
    <section>
      <h2 className="mb-2 text-lg font-bold">
        {title}{" "}
        <span className="dim text-base font-normal">
          · {cards.length} · {hint}
        </span>
      </h2>
      <ul className="grid gap-2.5 md:grid-cols-2 xl:grid-cols-3">
        {cards.map((card) => (
          <BoardCard key={card.job} card={card} {...around} />
        ))}
      </ul>
    </section>
  );
}

type BoardProps = {
  cards: readonly Card[];
  /** the tie-on tag of each job, drawn by the server */
  tags: Tags;
  facts: PlanFacts;
  now: string;
  /** who looks; `works` with somebody who works on sets */
  me: { id: string; name: string; works: boolean };
};

const ALL = "";
const NOBODYS = "nobody";

/** The sets of one person: those that they have, and those that the plan gives them. */
function ofPerson(
  who: string,
  cards: readonly Card[],
  facts: PlanFacts,
  outlook: Outlook | undefined,
): readonly Card[] {
  if (who === ALL) return cards;
  const holder = new Map(facts.sets.map((set) => [set.visit, set.holder]));
  if (who === NOBODYS) return cards.filter(({ visitId }) => holder.get(visitId) === undefined);
  const planned = new Set(outlook?.placed.flatMap(({ person, visit }) => (person === who ? [visit] : [])));
  return cards.filter(({ visitId }) => holder.get(visitId) === who || planned.has(visitId));
}

/** The sets in the shop: which one can move now, what blocks the rest, what comes next, and what was promised. */
export function Board({ cards: all, tags, facts, now, me }: BoardProps) {
  useFresh();
  const [outlook, setOutlook] = useState<Outlook>();
  const [who, setWho] = useState(ALL);
  if (all.length === 0)
    return (
      <Empty title="No set is in the shop.">
        <IfMay page="/sets/new">
          <Link href="/sets/new" className="btn btn-primary mt-3">
            Take one in
          </Link>
        </IfMay>
      </Empty>
    );
  const cards = ofPerson(who, all, facts, outlook);
  const waitOf = (card: Card) => WAITS.indexOf(card.state.waits[0]?.for ?? "parts");
  const waiting = cards.filter((card) => card.state.waits.length > 0).sort((a, b) => waitOf(a) - waitOf(b));
  const around = { tags, now, facts, outlook };
  return (
    <div className="flex flex-col gap-3">
      <div className={me.works ? "min-h-31" : ""}>
        <Planner facts={facts} me={me.works ? me : undefined} onOutlook={setOutlook} />
      </div>
      <label className="no-print flex items-center gap-2 self-end md:-mb-12">
        Sets of
        <select className="select h-11 w-52" value={who} onChange={(event) => setWho(event.target.value)}>
          <option value={ALL}>everybody</option>
          {facts.people.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
          <option value={NOBODYS}>nobody yet</option>
        </select>
      </label>
      {cards.length === 0 ? <p className="dim">No set is theirs.</p> : null}
      <Section
        title="Can move now"
        hint="longest in the shop first"
        cards={cards.filter((card) => card.state.waits.length === 0)}
        {...around}
      />
      <Section title="Waits" hint="for parts, for an answer, for time" cards={waiting} {...around} />
    </div>
  );
}
