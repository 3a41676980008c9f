"use client";

import { useState } from "react";
import { LINK_DAYS } from "@/core/access";
import type { OwnerLink } from "@/db/owner-links";
import { ErrorText, Form, FormEnd, SelectField, TextField, useForm, type SaveAnswer } from "@/ui/form";
import { Time } from "@/ui/Time";
import { IfMay } from "@/ui/role";
import { makeOwnersLink, withdrawOwnersLink } from "./actions";
import { readWhole } from "@/core/quantity";

type Props = {
  setId: string;
  visits: readonly { id: string; job: number }[];
  links: readonly OwnerLink[];
  now: string;
};

const days = (text: string): number => readWhole(text, /days?/) ?? 0;

/** Pages for the owner of a set: what they see, how long, and the way to close them. */
export function OwnersLinks({ setId, visits, links, now }: Props) {
  const [made, setMade] = useState<string>();
  const [message, setMessage] = useState<string>();
  const form = useForm({
    asks: "make owner's link",
    initial: { visit: visits.at(-1)?.id ?? "", days: String(LINK_DAYS.usual) },
    check: (typed) => ({
      days:
        Number.isInteger(days(typed.days)) && days(typed.days) >= LINK_DAYS.least && days(typed.days) <= LINK_DAYS.most
          ? undefined
          : `Days from ${LINK_DAYS.least} to ${LINK_DAYS.most}.`,
    }),
    save: async (typed): Promise<SaveAnswer> => {
      const answer = await makeOwnersLink(setId, typed.visit, days(typed.days));
      if (answer.ok && "token" in answer) setMade(`${window.location.origin}/owner/${answer.token}`);
      return answer.ok ? { ok: true } : { ok: false, message: answer.message };
    },
  });
  const jobOf = (id: string) => visits.find((one) => one.id === id)?.job ?? "";
  const open = links.filter((link) => link.withdrawnAt === null && link.expiresAt > now);
  return (
    <section aria-label="Page for the owner" id="owner" className="flex flex-col gap-3 rounded-box bg-base-200 p-4">
      <h2 className="text-xl font-bold">Page for the owner</h2>
      <p className="dim max-w-3xl">
        A link that needs no password: it shows where the set stands, the estimate to agree to, a field for questions,
        the report, and the photos that are marked for the owner. Nothing else. Whoever has the link sees it: send it to
        the owner alone.
      </p>
      <Form form={form} label="Make a page for the owner" className="flex flex-wrap items-end gap-3">
        <SelectField
          label="Visit"
          inputClass="w-36"
          options={visits.map(({ id, job }) => [id, `job ${job}`] as const)}
          {...form.field("visit")}
        />
        <TextField label="Open for, days" inputClass="w-28 font-mono" numeric {...form.field("days")} />
        <FormEnd form={form} save="Make the link" saveClass="btn-outline" />
      </Form>
      {made ? (
        <p role="status" className="rounded-box border-2 border-primary bg-base-100 p-3">
          The link, shown this once:{" "}
          <a className="link font-mono break-all select-all" href={made}>
            {made}
          </a>
        </p>
      ) : null}
      {open.length > 0 ? (
        <ul className="flex flex-col gap-1">
          {open.map((link) => (
            <li key={link.id} className="flex flex-wrap items-center gap-3">
              <span>
                Job {jobOf(link.visitId)}, open until <Time iso={link.expiresAt} as="day" />,{" "}
                {link.openedAt ? (
                  <>
                    last looked at <Time iso={link.openedAt} />
                  </>
                ) : (
                  "not looked at yet"
                )}
              </span>
              <IfMay action="withdraw owner's link">
                <button
                  type="button"
                  className="btn btn-outline btn-sm min-h-10"
                  onClick={() =>
                    void withdrawOwnersLink(link.id).then((answer) =>
                      setMessage(answer.ok ? undefined : answer.message),
                    )
                  }
                >
                  Close it
                </button>
              </IfMay>
            </li>
          ))}
        </ul>
      ) : (
        <p className="dim">No page is open now.</p>
      )}
      {message ? <ErrorText>{message}</ErrorText> : null}
    </section>
  );
}
