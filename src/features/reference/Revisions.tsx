"use client";

import { useState } from "react";
import type { Revision } from "@/db/models";
import { ErrorText } from "@/ui/form";
import { Time } from "@/ui/Time";
import { IfMay } from "@/ui/role";
import { bringBack } from "./actions";

type RevisionsProps = {
  modelId: string;
  version: number;
  revisions: readonly Revision[];
  onSaved: (version: number) => void;
};

/** The earlier versions of the sheet: nothing that it once said is lost, and any of them can be brought back. */
export function Revisions({ modelId, version, revisions, onSaved }: RevisionsProps) {
  const [error, setError] = useState<string>();
  if (revisions.length === 0) return <p className="dim">This is the first version of the sheet.</p>;
  const back = async (which: number) => {
    const answer = await bringBack({ id: modelId, version }, which).catch(
      () => ({ ok: false, message: "The server cannot be reached." }) as const,
    );
    if (answer.ok) onSaved(answer.version);
    setError(answer.ok ? undefined : answer.message);
  };
  return (
    <>
      <p className="dim mb-1">
        The sheet is at version {version}. A reading keeps what it was judged against, whatever version that was.
      </p>
      <ul>
        {revisions.map((one) => (
          <li key={one.version} className="flex min-h-12 items-center gap-4 border-b border-base-300">
            <strong className="w-24">Version {one.version}</strong>
            <span className="grow">
              until <Time iso={one.replacedAt} />
              {one.replacedBy ? `, then changed by ${one.replacedBy}` : ""}
            </span>
            <IfMay action="change model">
              <button type="button" className="btn btn-outline h-10" onClick={() => void back(one.version)}>
                Bring version {one.version} back
              </button>
            </IfMay>
          </li>
        ))}
      </ul>
      {error ? <ErrorText>{error}</ErrorText> : null}
    </>
  );
}
