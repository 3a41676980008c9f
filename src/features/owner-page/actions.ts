"use server";

import { headers } from "next/headers";
import { v7 } from "uuid";
import { z } from "zod";
import { LINK_DAYS } from "@/core/access";
import { priceOf } from "@/core/handback";
import { BY_LINK, settle } from "@/core/kinds";
import { database } from "@/db/client";
import { append } from "@/db/entries";
import { noteEvent } from "@/db/events";
import { makeLink, withdrawLink } from "@/db/owner-links";
import { setFile } from "@/db/sets";
import { shopOf, shopTerms } from "@/db/shop";
import { count, waitWords } from "@/server/access/limits";
import { freshToken, hashOfToken, openLink } from "@/server/access/owner-link";
import { action, personId, refuse, type Answer } from "@/server/action";

const DAY_MS = 24 * 3600 * 1000;

/** Makes a page for the owner of a set. The link is shown this once: the hash of its token alone is kept. */
export async function makeOwnersLink(setId: unknown, visitId: unknown, days: unknown) {
  return action(
    "make owner's link",
    async () => {
      const file = await setFile(database(), z.uuid().parse(setId));
      const visit = file?.visits.find(({ id }) => id === visitId);
      if (!file || !visit) return refuse("That visit is not in the books any more: reload the page.");
      const lasts = z.number().int().min(LINK_DAYS.least).max(LINK_DAYS.most).parse(days);
      const token = freshToken();
      await makeLink(database(), {
        id: v7(),
        tokenHash: hashOfToken(token),
        setId: file.id,
        visitId: visit.id,
        madeBy: personId(),
        expiresAt: new Date(Date.now() + lasts * DAY_MS).toISOString(),
      });
      await noteEvent(database(), "link-made", { by: personId(), about: `job ${visit.job}` });
      return { ok: true as const, token };
    },
    { shownOn: "/" },
  );
}

/** The link leads nowhere from now on. */
export async function withdrawOwnersLink(id: unknown) {
  return action(
    "withdraw owner's link",
    async () => {
      const done = await withdrawLink(database(), z.uuid().parse(id), new Date().toISOString());
      if (!done) refuse("It was withdrawn already.");
      await noteEvent(database(), "link-withdrawn", { by: personId() });
      return { ok: true as const };
    },
    { shownOn: "/" },
  );
}

const answers = z.discriminatedUnion("what", [
  // The sum that the owner saw: another one is another question.
  z.object({ what: z.literal("agree"), minor: z.number().int() }),
  z.object({ what: z.literal("ask"), text: z.string().trim().min(1, "Write your question first.").max(1000) }),
]);

/** What the owner of a set says on the page behind the link: an entry, marked as theirs. */
export async function answerByLink(token: unknown, said: unknown) {
  return action(
    "answer by link",
    async (): Promise<Answer> => {
      const opened = await openLink(await headers(), z.string().max(100).parse(token));
      if (!opened.ok) return refuse(opened.message);
      const { link } = opened;
      const wait = await count("link-answer", link.id);
      if (wait !== undefined) return refuse(`Many messages in a short time: wait ${waitWords(wait)}.`);
      const parsed = answers.safeParse(said);
      if (!parsed.success) return refuse(parsed.error.issues[0]?.message ?? "That could not be read.");
      const db = database();
      const file = await setFile(db, link.setId);
      if (!file) return refuse("This set is not in the books any more.");
      const [terms, { currency }] = await Promise.all([shopTerms(db), shopOf(db)]);
      const { estimate } = priceOf(settle(file.entries).settled, link.visitId, terms.terms, currency);
      const base = { id: v7(), setId: link.setId, visitId: link.visitId, at: new Date().toISOString(), amends: null };
      const answer = parsed.data;
      const most = estimate?.upTo ?? estimate?.total;
      if (answer.what === "agree" && most?.minor !== answer.minor)
        return refuse("The estimate has changed meanwhile: load the page again and look at the new sum.");
      const draft =
        answer.what === "agree" && most
          ? { ...base, kind: "approval", payload: { v: 1, limit: most, who: file.owner.name, how: BY_LINK } }
          : {
              ...base,
              kind: "note",
              payload: {
                v: 1,
                text: `${file.owner.name} asks on the owner’s page: ${answer.what === "ask" ? answer.text : ""}`,
                open: true,
                closes: [],
              },
            };
      const appended = await append(db, draft, link.madeBy, Date.now(), { byLink: true });
      return appended.ok ? { ok: true } : refuse(appended.problems[0]?.message ?? "It could not be taken.");
    },
    { shownOn: "/", failed: "It could not be sent; what you wrote is still here." },
  );
}
