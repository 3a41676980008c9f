"use client";

import { Printer } from "lucide-react";
import { Link } from "@/ui/Link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { formatMoney } from "@/core/quantity";
import { freeOf, isLow, MOVE_WORDS, printMarking, type MoveKind, type StockItem } from "@/core/stock";
import type { StockMoveRow } from "@/db/stock";
import type { Use } from "@/db/uses";
import { Form, FormEnd, SelectField, TextField, useForm, type Problems } from "@/ui/form";
import { Time } from "@/ui/Time";
import { IfMay } from "@/ui/role";
import { moveStock } from "./actions";
import { StockForm } from "./StockForm";
import { TubeTests } from "./TubeTests";
import { typedOf } from "./typed";

const MOVES: [MoveKind, string][] = [
  ["received", "Received"],
  ["counted", "Counted: there are"],
  ["reserved", "Reserve for a job"],
  ["released", "Release from a job"],
  ["scrapped", "Scrapped"],
];

const NO_MOVE = { kind: "received" as MoveKind, count: "", job: "", note: "" };
const isForJob = (kind: MoveKind) => kind === "reserved" || kind === "released";

function MoveForm({ item }: { item: StockItem }) {
  const router = useRouter();
  const form = useForm({
    asks: "move stock",
    initial: NO_MOVE,
    check: ({ kind, count, job }): Problems => ({
      ...(/^\d{1,6}$/.test(count.trim()) ? {} : { count: "How many: a whole number." }),
      ...(isForJob(kind) && !job.trim() ? { job: "For which job?" } : {}),
    }),
    save: async ({ kind, count, job, note }) => {
      const answer = await moveStock(item.id, kind, Number(count), isForJob(kind) ? job : "", note);
      if (answer.ok) router.refresh();
      return answer;
    },
    next: (moved) => ({ ...moved, count: "", note: "" }),
  });
  return (
    <Form form={form} label="Move" className="flex flex-wrap items-end gap-2 rounded-box bg-base-200 p-3">
      <SelectField label="What happens" options={MOVES} inputClass="w-52" {...form.field("kind")} />
      <TextField label="Pieces" inputClass="w-24 font-mono" numeric {...form.field("count")} />
      {isForJob(form.fields.kind) ? (
        <TextField label="Job" placeholder="1187" inputClass="w-24 font-mono" {...form.field("job")} />
      ) : null}
      <TextField label="Note" className="grow" inputClass="w-full" {...form.field("note")} />
      <FormEnd form={form} save="Write the move" />
    </Form>
  );
}

type PartPageProps = { item: StockItem; moves: StockMoveRow[]; uses: Use[]; batch: StockItem[]; batchUses: Use[] };

const signed = (n: number) => (n > 0 ? `+${n}` : `−${Math.abs(n)}`);

function Uses({ uses }: { uses: readonly Use[] }) {
  return (
    <ul>
      {uses.map((use) => (
        <li
          key={`${use.job} ${use.designators} ${use.at}`}
          className="grid grid-cols-[8rem_1fr_10rem_5rem] gap-2 border-b border-base-300 py-1"
        >
          <Time iso={use.at} as="day" />
          <span>
            <Link href={`/sets/${use.setId}`} className="link">
              {use.set}
            </Link>{" "}
            <span className="dim">
              {use.serial}, job {use.job}
            </span>
          </span>
          <span className="font-mono">{use.designators}</span>
          <span className="font-mono">{use.count} pc</span>
        </li>
      ))}
    </ul>
  );
}

/** One line of the stock: what it is, what there is, every move, and every set that it went into. */
export function PartPage({ item, moves, uses, batch, batchUses }: PartPageProps) {
  const router = useRouter();
  const [editing, setEditing] = useState(false);
  const facts: [string, string][] = [
    ["bin", item.bin],
    ["maker", [item.maker, item.partNumber].filter(Boolean).join(" ")],
    ["batch", item.batch],
    ["supplier", item.supplier],
    ["price", item.priceMinor === null ? "" : formatMoney({ minor: item.priceMinor, currency: item.currency })],
    ["size", item.size],
    ["warranty", item.warrantyMonths ? `${item.warrantyMonths} months` : ""],
    ["made in", item.madeIn ? String(item.madeIn) : ""],
    ["reorder at", item.reorderAt === null ? "" : `${item.reorderAt} pc`],
    ["origin", item.provenance],
  ];
  return (
    <div className="flex flex-col gap-5">
      <header className="flex flex-wrap items-center gap-x-6 gap-y-2">
        <div>
          <h1 className="font-mono text-2xl font-bold">{printMarking(item)}</h1>
          <p className="dim">
            {item.kind} · label <span className="font-mono">{item.code}</span>
          </p>
        </div>
        <dl className="flex gap-6 rounded-box bg-base-200 px-4 py-2 text-lg">
          <div>
            <dt className="dim text-sm">on hand</dt>
            <dd className="font-mono">{item.onHand} pc</dd>
          </div>
          <div>
            <dt className="dim text-sm">reserved</dt>
            <dd className="font-mono">{item.reserved} pc</dd>
          </div>
          <div>
            <dt className="dim text-sm">free</dt>
            <dd className={`font-mono ${isLow(item) ? "font-bold text-warning" : ""}`}>
              {freeOf(item)} pc{isLow(item) ? ", low" : ""}
            </dd>
          </div>
        </dl>
        <div className="ml-auto flex gap-2">
          <IfMay action="change stock">
            <button type="button" className="btn btn-outline h-11" onClick={() => setEditing(!editing)}>
              Change
            </button>
          </IfMay>
          <Link href={`/parts/labels?codes=${item.code}`} className="btn btn-outline h-11">
            <Printer size={16} aria-hidden="true" /> Label
          </Link>
        </div>
      </header>
      {editing ? (
        <StockForm
          key={item.version}
          id={item.id}
          version={item.version}
          initial={typedOf(item)}
          currency={item.currency}
          onDone={() => {
            setEditing(false);
            router.refresh();
          }}
        />
      ) : (
        <dl className="flex flex-wrap gap-x-8 gap-y-1">
          {facts
            .filter(([, text]) => text)
            .map(([name, text]) => (
              <div key={name}>
                <dt className="dim text-sm">{name}</dt>
                <dd className="font-mono">{text}</dd>
              </div>
            ))}
        </dl>
      )}
      <MoveForm item={item} />
      {item.kind === "tube" ? <TubeTests item={item} /> : null}
      <section aria-label="Where it went">
        <h2 className="text-xl font-bold">Sets that it went into</h2>
        {uses.length === 0 ? <p className="dim">None yet.</p> : <Uses uses={uses} />}
        {batch.length > 0 ? (
          <>
            <h3 className="mt-3 font-bold">Other lines of batch {item.batch}</h3>
            <p>
              {batch.map((other) => (
                <Link key={other.id} href={`/parts/${other.code}`} className="link mr-4 font-mono">
                  {printMarking(other)} {other.bin}
                </Link>
              ))}
            </p>
            <Uses uses={batchUses} />
          </>
        ) : null}
      </section>
      <section aria-label="Moves">
        <h2 className="text-xl font-bold">Moves</h2>
        <ul>
          {moves.map((move) => (
            <li
              key={move.id}
              className="grid grid-cols-[11rem_12rem_5rem_6rem_1fr] gap-2 border-b border-base-300 py-1"
            >
              <Time iso={move.at} />
              <span>{MOVE_WORDS[move.kind]}</span>
              <span className="text-right font-mono">{move.quantity === 0 ? "" : `${signed(move.quantity)} pc`}</span>
              <span className="dim font-mono">{move.reserved === 0 ? "" : `${signed(move.reserved)} res.`}</span>
              <span className="dim">
                {[move.job ? `job ${move.job}` : "", move.by ?? "", move.note].filter(Boolean).join(" · ")}
              </span>
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}
