"use client";

import { useState } from "react";
import { OpenScreen } from "./OpenScreen";
import { Door, SignIn } from "./SignIn";
import { loadAnew } from "@/ui/load";

type Props = { people: readonly { id: string; name: string }[]; personId: string; to: string };

/** A device that somebody has signed in on, with its screen locked: a PIN opens it, or a password. */
export function LockedScreen({ people, personId, to }: Props) {
  const [byPassword, setByPassword] = useState(false);
  return (
    <Door title="This screen is locked">
      {byPassword ? (
        <SignIn to={to} />
      ) : (
        <OpenScreen
          people={people}
          personId={personId}
          onOpen={(_id, mustChange) => loadAnew(mustChange ? "/me" : to)}
        />
      )}
      <button type="button" className="link mt-4 min-h-11" onClick={() => setByPassword(!byPassword)}>
        {byPassword ? "Use the PIN" : "No PIN, or it is locked: use the password"}
      </button>
    </Door>
  );
}
