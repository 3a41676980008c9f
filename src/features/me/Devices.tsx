"use client";

import { useState } from "react";
import { Time } from "@/ui/Time";
import { signOutThere } from "./actions";

type Device = { id: string; lastAt: string; address: string; device: string; here: boolean };

/** What a browser says of itself, in a few words. */
function inWords(device: string): string {
  const browser = /Firefox|Edg|Chrom|Safari/.exec(device)?.[0] ?? "a browser";
  const system = /Android|iPad|iPhone|Windows|Mac OS|Linux/.exec(device)?.[0] ?? "an unknown system";
  const names: Record<string, string> = { Edg: "Edge", Chrom: "Chromium" };
  return `${names[browser] ?? browser} on ${system}`;
}

/** Where somebody is signed in. */
export function Devices({ devices }: { devices: readonly Device[] }) {
  const [message, setMessage] = useState<string>();
  return (
    <section aria-label="Devices" className="flex flex-col gap-2 rounded-box bg-base-200 p-4">
      <h2 className="text-xl font-bold">Where you are signed in</h2>
      <ul className="flex flex-col gap-1">
        {devices.map(({ id, lastAt, address, device, here }) => (
          <li key={id} className="flex flex-wrap items-center gap-3">
            <span className="grow">
              {inWords(device)}, from {address || "this machine"}, since <Time iso={lastAt} />
            </span>
            {here ? (
              <strong>this device</strong>
            ) : (
              <button
                type="button"
                className="btn btn-outline btn-sm min-h-10"
                onClick={() =>
                  void signOutThere(id).then((answer) => setMessage(answer.ok ? undefined : answer.message))
                }
              >
                Sign out there
              </button>
            )}
          </li>
        ))}
      </ul>
      {message ? <p role="alert">{message}</p> : null}
    </section>
  );
}
