"use client";

import { passwordProblem, pinProblem } from "@/core/access";
import { Form, FormEnd, TextField, useForm, type SaveAnswer } from "@/ui/form";
import { loadAnew } from "@/ui/load";
import { changePassword, changePin } from "./actions";

const NOTHING = { now: "", next: "", again: "" };

/** A password of one's own. */
export function PasswordForm({ name, mustChange }: { name: string; mustChange: boolean }) {
  const form = useForm({
    initial: NOTHING,
    check: ({ now, next, again }) => ({
      now: now === "" ? "Type your password of today first." : undefined,
      next: passwordProblem(next, [name]),
      again: again !== next ? "The two are not the same." : undefined,
    }),
    save: async ({ now, next }): Promise<SaveAnswer> => {
      const answer = await changePassword(now, next);
      if (answer.ok && mustChange) loadAnew("/");
      return answer.ok ? { ok: true } : answer;
    },
    next: () => NOTHING,
  });
  return (
    <Form form={form} label="Password" className="flex flex-col gap-3 rounded-box bg-base-200 p-4">
      <h2 className="text-xl font-bold">Password</h2>
      {mustChange ? (
        <p role="alert" className="font-bold">
          Somebody else has seen your password. Choose one of your own, then go on.
        </p>
      ) : null}
      <TextField label="Password of today" type="password" complete="current-password" {...form.field("now")} />
      <TextField
        label="New password"
        type="password"
        complete="new-password"
        hint="10 characters or more; a few words are easy to keep in mind."
        {...form.field("next")}
      />
      <TextField label="The same again" type="password" complete="new-password" {...form.field("again")} />
      <FormEnd form={form} save="Change the password" saved="Changed. Other devices are signed out." />
    </Form>
  );
}

/** The short PIN that changes the person at a shared bench. */
export function PinForm({ has, locked }: { has: boolean; locked: boolean }) {
  const empty = { now: "", pin: "" };
  const form = useForm({
    initial: empty,
    check: ({ now, pin }) => ({
      now: now === "" ? "Type your password first." : undefined,
      pin: pin === "" ? (has ? undefined : "Type a PIN.") : pinProblem(pin),
    }),
    save: async ({ now, pin }): Promise<SaveAnswer> => {
      const answer = await changePin(now, pin);
      return answer.ok ? { ok: true } : answer;
    },
    next: () => empty,
  });
  return (
    <Form form={form} label="PIN" className="flex flex-col gap-3 rounded-box bg-base-200 p-4">
      <h2 className="text-xl font-bold">PIN</h2>
      <p className="dim">
        At a device that is signed in, the PIN changes the person or opens a locked screen. After five wrong ones the
        password is asked for.{" "}
        {locked ? "Yours is locked now: set it anew." : has ? "You have one." : "You have none yet."}
      </p>
      <TextField label="Your password" type="password" complete="current-password" {...form.field("now")} />
      <TextField
        label="New PIN, 4 to 8 digits"
        type="password"
        inputClass="w-40 font-mono text-xl tracking-widest"
        numeric
        hint={has ? "Leave it empty to have none." : undefined}
        {...form.field("pin")}
      />
      <FormEnd form={form} save={has ? "Change the PIN" : "Set the PIN"} saved="Saved." />
    </Form>
  );
}
