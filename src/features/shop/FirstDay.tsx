"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Shop } from "@/db/shop";
import { Emblem } from "@/ui/Emblem";
import { ErrorText } from "@/ui/Field";
import { TextField } from "@/ui/TextField";
import { beginShop } from "./actions";
import { readPerson, readShop, UNREACHABLE } from "./typed";

type Typed = { person: string; role: string; name: string; lineVolts: string; lineHz: string; currency: string };

const FIELDS: readonly [keyof Typed, string, string, boolean?][] = [
  ["person", "Who is at the bench", "your name"],
  ["role", "What you do here", "technician"],
  ["name", "Name of the shop", "as it stands on printed records"],
  ["lineVolts", "Line at the bench, V", "230", true],
  ["lineHz", "Line frequency, Hz", "50", true],
  ["currency", "Currency", "EUR"],
];

/** An empty database: a shop is opened in it, or an archive is laid down. */
export function FirstDay({ shop, restore }: { shop: Shop; restore: React.ReactNode }) {
  const router = useRouter();
  const [typed, setTyped] = useState<Typed>({
    person: "",
    role: "",
    name: shop.name,
    lineVolts: String(shop.lineVolts),
    lineHz: String(shop.lineHz),
    currency: shop.currency,
  });
  const [problems, setProblems] = useState<Record<string, string>>({});
  const [message, setMessage] = useState<string>();
  const begin = async () => {
    setMessage(undefined);
    const asShop = { ...typed, lamps: shop.lamps.join(", ") };
    const asPerson = { name: typed.person, role: typed.role };
    const wrong = [readShop(asShop), readPerson(asPerson)].flatMap((read) => (read.ok ? [] : [read.problems]));
    setProblems(Object.assign({}, ...wrong) as Record<string, string>);
    if (wrong.length > 0) return undefined;
    const { person: _person, role: _role, ...fields } = asShop;
    const answer = await beginShop(fields, asPerson).catch(() => UNREACHABLE);
    if (!answer.ok) return setMessage(answer.message);
    return router.refresh();
  };
  return (
    <main className="mx-auto flex w-full max-w-5xl flex-col gap-5 p-6">
      <h1 className="flex items-center gap-3 text-2xl font-bold">
        <Emblem /> Jumelle: this shop is empty
      </h1>
      <div className="grid items-start gap-5 md:grid-cols-2">
        <section aria-label="Open a shop" className="rounded-box bg-base-200 p-4">
          <h2 className="text-xl font-bold">Open a shop</h2>
          <p className="dim mb-3">One person and the line at the bench are enough to take the first set in.</p>
          <form
            className="grid grid-cols-2 items-start gap-3"
            noValidate
            onSubmit={(event) => {
              event.preventDefault();
              void begin();
            }}
          >
            {FIELDS.map(([key, label, example, numeric]) => (
              <TextField
                key={key}
                className={key === "name" ? "col-span-2" : ""}
                inputClass={numeric ? "w-full font-mono" : "w-full"}
                label={label}
                value={typed[key]}
                placeholder={example}
                error={problems[key]}
                numeric={numeric ?? false}
                onChange={(value) => setTyped({ ...typed, [key]: value })}
              />
            ))}
            <div className="col-span-2 flex items-center gap-3">
              <button className="btn btn-primary h-11">Open the shop</button>
              {message ? <ErrorText>{message}</ErrorText> : null}
            </div>
          </form>
        </section>
        <section aria-label="Bring everything back" className="rounded-box bg-base-200 p-4">
          <h2 className="text-xl font-bold">Bring everything back</h2>
          <p className="dim mb-3">
            An archive from the page Shop is laid down as it was written: sets, logbooks, photos, stock, people. It is
            checked against its digest; one that was changed or cut off leaves this shop empty.
          </p>
          {restore}
        </section>
      </div>
    </main>
  );
}
