import type { Metadata } from "next";
import { headers } from "next/headers";
import { priceOf } from "@/core/handback";
import { ofKind, settle } from "@/core/kinds";
import { modelName, type Step } from "@/core/model";
import { formatMoney } from "@/core/quantity";
import { currentStep, runSheet } from "@/core/visit";
import { photosForOwner } from "@/db/attachments";
import { database } from "@/db/client";
import { setFile } from "@/db/sets";
import { shopOf, shopTerms } from "@/db/shop";
import { Agree, Ask } from "@/features/owner-page/Answer";
import { openLink } from "@/server/access/owner-link";
import { Time } from "@/ui/Time";

export const metadata: Metadata = { title: "Your set", robots: { index: false, follow: false } };

type Props = { params: Promise<{ token: string }> };

/** Where a set stands, in words for its owner. */
const STANDS: Record<Step, string> = {
  "take-in": "It has come in.",
  "make-safe": "It is looked over before anything is switched on.",
  "first-power": "It is brought up to full voltage, slowly.",
  baseline: "It is measured as it came.",
  find: "The fault is looked for.",
  fix: "It is being repaired.",
  modify: "The agreed modification is being fitted.",
  align: "It is being aligned.",
  prove: "The repair is proved by measuring again.",
  "hand-back": "It is nearly done: the last look before it goes out.",
};

/** The page behind an owner's link. It shows one visit of one set, and nothing that the shop keeps for itself. */
export default async function OwnersPage({ params }: Props) {
  const { token } = await params;
  const opened = await openLink(await headers(), token);
  if (!opened.ok)
    return (
      <main className="mx-auto flex min-h-dvh w-full max-w-xl flex-col justify-center gap-3 p-6">
        <h1 className="text-2xl font-bold">This page is closed</h1>
        <p>{opened.message}</p>
      </main>
    );
  const db = database();
  const { setId, visitId } = opened.link;
  const [file, shop, terms, photos] = await Promise.all([
    setFile(db, setId),
    shopOf(db),
    shopTerms(db),
    photosForOwner(db, setId),
  ]);
  const visit = file?.visits.find(({ id }) => id === visitId);
  if (!file || !visit) return null;
  const now = new Date().toISOString();
  const { settled } = settle(file.entries);
  const { estimate, limit } = priceOf(settled, visitId, terms.terms, shop.currency);
  const handed = ofKind(settled, "hand-back").findLast(({ entry }) => entry.visitId === visitId);
  const step = currentStep(runSheet({ sheet: file.model.sheet, year: file.model.year, settled, visitId, now }));
  // What is agreed to is the upper end of the range, where one was said.
  const most = estimate?.upTo ?? estimate?.total;
  const agreed = estimate && most && limit && limit.sum.minor >= most.minor && limit.at >= estimate.at;
  return (
    <main className="mx-auto flex w-full max-w-3xl flex-col gap-5 p-6">
      <header>
        <p className="dim">{shop.name}</p>
        <h1 className="text-2xl font-bold">Your {modelName(file.model)}</h1>
        <p className="dim">
          Job {visit.job}, here since <Time iso={visit.openedAt} as="day" />
        </p>
      </header>
      <section aria-label="Where it stands" className="rounded-box bg-base-200 p-4">
        <h2 className="text-xl font-bold">Where it stands</h2>
        <p>
          {handed ? (
            <>
              Handed back <Time iso={handed.at} as="day" />.
            </>
          ) : (
            STANDS[step]
          )}
        </p>
        <p className="mt-2">
          <a className="btn btn-outline h-11" href={`/api/owner/${token}/report`} target="_blank" rel="noreferrer">
            Report so far, as PDF
          </a>
        </p>
      </section>
      <section aria-label="Estimate" className="flex flex-col gap-3 rounded-box bg-base-200 p-4">
        <h2 className="text-xl font-bold">Estimate</h2>
        {estimate ? (
          <>
            <p>
              <strong className="text-xl">{formatMoney(estimate.total)}</strong>
              {estimate.upTo ? ` to ${formatMoney(estimate.upTo)}` : ""}, tax included, of{" "}
              <Time iso={estimate.at} as="day" />.
            </p>
            {agreed ? (
              <p role="status">
                Agreed to up to {formatMoney(limit.sum)} on <Time iso={limit.at} as="day" />. Thank you.
              </p>
            ) : handed || !most ? null : (
              <Agree token={token} minor={most.minor} sum={formatMoney(most)} />
            )}
          </>
        ) : (
          <p className="dim">There is none yet.</p>
        )}
        <Ask token={token} />
      </section>
      {photos.length > 0 ? (
        <section aria-label="Photos" className="rounded-box bg-base-200 p-4">
          <h2 className="mb-2 text-xl font-bold">Photos</h2>
          <ul className="flex flex-wrap gap-3">
            {photos.map(({ id, name }) => (
              <li key={id}>
                <a href={`/api/owner/${token}/photos/${id}`} target="_blank" rel="noreferrer">
                  {/* The server made the small picture; there is nothing left to optimise. */}
                  {/* eslint-disable-next-line @next/next/no-img-element */}
                  <img src={`/api/owner/${token}/photos/${id}?small`} alt={name} className="h-40 rounded-field" />
                </a>
              </li>
            ))}
          </ul>
        </section>
      ) : null}
    </main>
  );
}
