"use client";

import { useState } from "react";
import { NO_CODE, typedCode } from "@/core/access";
import { Emblem } from "@/ui/Emblem";
import { Form, FormEnd, TextField, useForm, type SaveAnswer } from "@/ui/form";
import { loadAnew } from "@/ui/load";
import { signIn } from "./actions";

/** Name and password. Which of the two was wrong is not said. */
export function SignIn({ to }: { to: string }) {
  const [needsCode, setNeedsCode] = useState(false);
  const form = useForm({
    initial: { name: "", password: "", code: "" },
    check: ({ name, password, code }) => ({
      name: name.trim() === "" ? "Type your name, as it stands in the list of people." : undefined,
      password: password === "" ? "Type your password." : undefined,
      code: needsCode && !typedCode(code) ? NO_CODE : undefined,
    }),
    save: async ({ name, password, code }): Promise<SaveAnswer> => {
      const answer = await signIn(name, password, code);
      if (!answer.ok) {
        setNeedsCode("needs" in answer && answer.needs === "code");
        return { ok: false, message: answer.message };
      }
      loadAnew("mustChange" in answer && answer.mustChange ? "/me" : to);
      return { ok: true };
    },
  });
  return (
    <Form form={form} label="Sign in" className="flex flex-col gap-4">
      <TextField label="Name" inputClass="w-full" complete="username" autoFocus {...form.field("name")} />
      <TextField
        label="Password"
        type="password"
        inputClass="w-full"
        complete="current-password"
        {...form.field("password")}
      />
      {needsCode ? (
        <TextField
          label="Code from your phone"
          inputClass="w-60 font-mono text-xl tracking-widest"
          complete="one-time-code"
          autoFocus
          hint="Six digits, new every 30 s. Without the phone: one of your spare codes."
          {...form.field("code")}
        />
      ) : null}
      <FormEnd form={form} save="Sign in" />
    </Form>
  );
}

/** The frame of the pages that somebody sees who is not signed in. */
export function Door({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <main className="mx-auto flex min-h-dvh w-full max-w-xl flex-col justify-center gap-5 p-6">
      <h1 className="flex items-center gap-3 text-2xl font-bold">
        <Emblem /> {title}
      </h1>
      <section aria-label={title} className="rounded-box bg-base-200 p-5">
        {children}
      </section>
    </main>
  );
}
