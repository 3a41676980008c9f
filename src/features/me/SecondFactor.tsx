"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { CODE, SPARE_CODES, typedCode } from "@/core/access";
import { Form, FormEnd, TextField, useForm, type SaveAnswer } from "@/ui/form";
import { PrintButton } from "@/ui/PrintButton";
import { Time } from "@/ui/Time";
import { beginCodes, turnCodesOff, turnCodesOn } from "./actions";

/** Codes that are on: since when, and how many spare ones are left. */
export type Codes = { since: string; spare: number };

type SetUp = { secret: string; square: string };

const FRAME = "flex flex-col gap-3 rounded-box bg-base-200 p-4";

/** The password, asked for before anything about the codes is changed. */
function WithPassword({ save, onSave }: { save: string; onSave: (now: string) => Promise<SaveAnswer> }) {
  const form = useForm({
    initial: { now: "" },
    check: ({ now }) => ({ now: now === "" ? "Type your password first." : undefined }),
    save: ({ now }) => onSave(now),
    next: () => ({ now: "" }),
  });
  return (
    <Form form={form} label={save} className="flex flex-col gap-3">
      <TextField label="Your password" type="password" complete="current-password" {...form.field("now")} />
      <FormEnd form={form} save={save} />
    </Form>
  );
}

/** The phone takes the secret in, and its first code shows that it has it. */
function OnThePhone({ setUp, onDone }: { setUp: SetUp; onDone: (spare: string[]) => void }) {
  const form = useForm({
    initial: { code: "" },
    check: ({ code }) => ({
      code: typedCode(code)?.kind === "phone" ? undefined : `The code has ${CODE.digits} digits.`,
    }),
    save: async ({ code }): Promise<SaveAnswer> => {
      const answer = await turnCodesOn(code);
      if ("spare" in answer) onDone(answer.spare);
      return answer.ok ? { ok: true } : answer;
    },
  });
  return (
    <Form form={form} label="Turn codes on" className="flex flex-col gap-3">
      <p>1. Open a program for sign-in codes on the phone, and let it read this square, or type the letters in.</p>
      <div className="flex flex-wrap items-center gap-4">
        <span
          role="img"
          aria-label="The secret as a square"
          className="h-44 w-44 shrink-0 bg-white [&>svg]:h-full [&>svg]:w-full"
          dangerouslySetInnerHTML={{ __html: setUp.square }}
        />
        <strong className="font-mono text-lg break-all select-all">{setUp.secret.match(/.{1,4}/g)?.join(" ")}</strong>
      </div>
      <TextField
        label="2. The code that it shows now"
        complete="one-time-code"
        inputClass="w-40 font-mono text-xl tracking-widest"
        {...form.field("code")}
      />
      <FormEnd form={form} save="Turn codes on" />
    </Form>
  );
}

function SpareCodes({ spare, onDone }: { spare: readonly string[]; onDone: () => void }) {
  return (
    <div role="status" className="print-page flex flex-col gap-3">
      <p className="font-bold">Codes are on. These spare codes are shown this once: each signs you in one time.</p>
      <ul className="grid gap-x-6 gap-y-1 font-mono whitespace-nowrap lg:grid-cols-2">
        {spare.map((code) => (
          <li key={code}>{code}</li>
        ))}
      </ul>
      <p className="dim">Keep them on paper, and not in the phone: they are for the day on which it is lost.</p>
      <div className="no-print flex gap-3">
        <PrintButton />
        <button type="button" className="btn btn-outline h-11" onClick={onDone}>
          I have them
        </button>
      </div>
    </div>
  );
}

/** Codes from a phone: a second thing beside the password that only oneself has. */
export function SecondFactor({ codes, asked }: { codes: Codes | undefined; asked: boolean }) {
  const router = useRouter();
  const [setUp, setSetUp] = useState<SetUp>();
  const [spare, setSpare] = useState<string[]>();
  const begin = async (now: string): Promise<SaveAnswer> => {
    const answer = await beginCodes(now);
    if ("secret" in answer) setSetUp({ secret: answer.secret, square: answer.square });
    return answer.ok ? { ok: true } : answer;
  };
  const off = async (now: string): Promise<SaveAnswer> => {
    const answer = await turnCodesOff(now);
    return answer.ok ? { ok: true } : answer;
  };
  const done = () => {
    setSpare(undefined);
    setSetUp(undefined);
    router.refresh();
  };
  return (
    <section aria-label="Codes from a phone" className={FRAME}>
      <h2 className="text-xl font-bold">Codes from a phone</h2>
      {spare ? (
        <SpareCodes spare={spare} onDone={done} />
      ) : codes ? (
        <>
          <p>
            On since <Time iso={codes.since} />. {codes.spare} of {SPARE_CODES} spare codes are left. For new ones, turn
            codes off and set them up anew.
          </p>
          <WithPassword save="Turn codes off" onSave={off} />
        </>
      ) : setUp ? (
        <OnThePhone setUp={setUp} onDone={setSpare} />
      ) : (
        <>
          {asked ? (
            <p role="alert" className="font-bold">
              This shop asks everybody for a code. Set yours up, then go on.
            </p>
          ) : null}
          <p className="dim">
            With them on, a sign-in by password asks for six digits that your phone shows, too. A PIN at a device that
            is signed in asks for none.
          </p>
          <WithPassword save="Set up" onSave={begin} />
        </>
      )}
    </section>
  );
}
