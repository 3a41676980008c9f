"use client";

import { useRouter } from "next/navigation";
import { passwordProblem } from "@/core/access";
import type { Shop } from "@/db/shop";
import { Emblem } from "@/ui/Emblem";
import { Form, FormEnd, TextField, useForm, type Problems } from "@/ui/form";
import { beginShop } from "./actions";
import { problemsOf } from "./form-read";
import { readName, readShop, typedShop, type TypedShop } from "./typed";

const FIELDS = [
  ["person", "Who is at the bench", "your name"],
  ["password", "Your password", "10 characters or more"],
  ["name", "Name of the shop", "as it stands on printed records"],
  ["lineVolts", "Line at the bench, V", "230"],
  ["lineHz", "Line frequency, Hz", "50"],
  ["currency", "Currency", "EUR"],
] as const;
const VALUES: readonly string[] = ["lineVolts", "lineHz"];

type TypedOpening = TypedShop & { person: string; password: string };

const shopOf = ({ person: _person, password: _password, ...shop }: TypedOpening): TypedShop => shop;

/** Both halves of the form are read; the name of the person and that of the shop are two fields. */
function check(typed: TypedOpening): Problems {
  const { name } = problemsOf(readName(typed.person));
  const password = passwordProblem(typed.password, [typed.person, typed.name]);
  return {
    ...problemsOf(readShop(shopOf(typed))),
    ...(name ? { person: name } : {}),
    ...(password ? { password } : {}),
  };
}

/** An empty database: a shop is opened in it, or an archive is laid down. */
export function FirstDay({ shop, restore }: { shop: Shop; restore: React.ReactNode }) {
  const router = useRouter();
  const form = useForm<TypedOpening>({
    initial: { person: "", password: "", ...typedShop(shop) },
    check,
    save: async (typed) => {
      const answer = await beginShop(shopOf(typed), { name: typed.person, password: typed.password });
      if (answer.ok) router.refresh();
      return answer;
    },
  });
  return (
    <main className="mx-auto flex w-full max-w-5xl flex-col gap-5 p-6">
      <h1 className="flex items-center gap-3 text-2xl font-bold">
        <Emblem /> Jumelle: this shop is empty
      </h1>
      <div className="grid items-start gap-5 md:grid-cols-2">
        <section aria-label="Open a shop" className="rounded-box bg-base-200 p-4">
          <h2 className="text-xl font-bold">Open a shop</h2>
          <p className="dim mb-3">
            One person and the line at the bench are enough to take the first set in. That person owns the shop: they
            take the others on.
          </p>
          <Form form={form} className="grid grid-cols-2 items-start gap-3">
            {FIELDS.map(([key, label, example]) => (
              <TextField
                key={key}
                className={key === "name" ? "col-span-2" : ""}
                inputClass={VALUES.includes(key) ? "w-full font-mono" : "w-full"}
                label={label}
                placeholder={example}
                numeric={VALUES.includes(key)}
                {...(key === "password" ? { type: "password" as const, complete: "new-password" as const } : {})}
                {...form.field(key)}
              />
            ))}
            <FormEnd form={form} save="Open the shop" className="col-span-2" />
          </Form>
        </section>
        <section aria-label="Bring everything back" className="rounded-box bg-base-200 p-4">
          <h2 className="text-xl font-bold">Bring everything back</h2>
          <p className="dim mb-3">
            An archive from the page Shop is restored as it was written: sets, logbooks, photos, stock, people. It is
            checked against its digest; one that was changed or cut off leaves this shop empty.
          </p>
          {restore}
        </section>
      </div>
    </main>
  );
}
