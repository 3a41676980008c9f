"use client";

import { useState } from "react";
import { ErrorText, Form, FormEnd, LinesField, useForm, type SaveAnswer } from "@/ui/form";
import { answerByLink } from "./actions";

/** The owner agrees to the sum that the page shows. */
export function Agree({ token, minor, sum }: { token: string; minor: number; sum: string }) {
  const [busy, setBusy] = useState(false);
  const [message, setMessage] = useState<string>();
  const agree = async () => {
    if (busy) return;
    setBusy(true);
    const answer = await answerByLink(token, { what: "agree", minor });
    setBusy(false);
    setMessage(answer.ok ? undefined : answer.message);
  };
  return (
    <div className="flex flex-col items-start gap-2">
      <button type="button" className="btn btn-primary h-12" aria-disabled={busy} onClick={() => void agree()}>
        I agree to {sum}
      </button>
      {message ? <ErrorText>{message}</ErrorText> : null}
    </div>
  );
}

/** A question to the shop. */
export function Ask({ token }: { token: string }) {
  const form = useForm({
    initial: { text: "" },
    check: ({ text }) => ({ text: text.trim() === "" ? "Write your question first." : undefined }),
    save: async ({ text }): Promise<SaveAnswer> => {
      const answer = await answerByLink(token, { what: "ask", text });
      return answer.ok ? { ok: true } : { ok: false, message: answer.message };
    },
    next: () => ({ text: "" }),
  });
  return (
    <Form form={form} label="A question to the shop" className="flex flex-col gap-3">
      <LinesField label="A question to the shop" rows={3} {...form.field("text")} />
      <FormEnd form={form} save="Send it" saveClass="btn-outline" saved="It is with the shop." />
    </Form>
  );
}
