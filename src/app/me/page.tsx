import type { Metadata } from "next";
import { ROLE_SAYS, ROLE_WORDS, WRONG_PINS } from "@/core/access";
import { database } from "@/db/client";
import { factorOf } from "@/db/second-factor";
import { sessionsOf, signInOf } from "@/db/sessions";
import { Devices } from "@/features/me/Devices";
import { PasswordForm, PinForm } from "@/features/me/OwnSignIn";
import { SecondFactor } from "@/features/me/SecondFactor";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "My sign-in" };

export default async function MePage() {
  const { person, sessionId, mustChange, lacksCode } = await enter("/me");
  const db = database();
  const [sessions, own, factor] = await Promise.all([
    sessionsOf(db, person.id),
    signInOf(db, person.id),
    factorOf(db, person.id),
  ]);
  return (
    <main className="mx-auto flex w-full max-w-5xl flex-col gap-4 p-4">
      <h1 className="text-2xl font-bold">{person.name}</h1>
      <p>
        {ROLE_WORDS[person.access]}. {ROLE_SAYS[person.access]}
      </p>
      <div className="grid items-start gap-4 md:grid-cols-2">
        <div className="flex flex-col gap-4">
          <PasswordForm name={person.name} mustChange={mustChange} />
          {mustChange ? null : (
            <SecondFactor
              codes={factor?.since ? { since: factor.since.toISOString(), spare: factor.spare } : undefined}
              asked={lacksCode}
            />
          )}
        </div>
        <div className="flex flex-col gap-4">
          {mustChange ? null : <PinForm has={Boolean(own?.pin)} locked={(own?.pinWrong ?? 0) >= WRONG_PINS} />}
          <Devices
            devices={sessions.map(({ id, lastAt, address, device }) => ({
              id,
              lastAt: lastAt.toISOString(),
              address,
              device,
              here: id === sessionId,
            }))}
          />
        </div>
      </div>
    </main>
  );
}
