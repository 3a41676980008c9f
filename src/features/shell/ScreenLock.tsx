"use client";

import { useEffect, useRef } from "react";
import { lock } from "./actions";
import { OpenScreen } from "./OpenScreen";
import { loadAnew } from "@/ui/load";

type Props = {
  people: readonly { id: string; name: string }[];
  personId: string;
  /** nothing is to be seen until it is opened; else somebody wants to take over, and may change their mind */
  locked: boolean;
  onOpen: (personId: string, mustChange: boolean) => void;
  onCancel: () => void;
};

/** Over everything: a PIN opens it. */
export function ScreenLock({ people, personId, locked, onOpen, onCancel }: Props) {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    dialog.current?.showModal();
    // The PIN is what somebody types here; the dialog would begin with the names.
    dialog.current?.querySelector<HTMLElement>("input[type=password]")?.focus();
  }, []);
  const byPassword = async () => {
    await lock().catch(() => undefined);
    const { pathname, search } = window.location;
    loadAnew(`/sign-in?to=${encodeURIComponent(pathname + search)}`);
  };
  return (
    <dialog
      ref={dialog}
      className={`modal ${locked ? "screen-lock bg-base-200" : ""}`}
      aria-labelledby="lock-title"
      onCancel={(event) => {
        // Esc closes a question and never a lock.
        if (locked) event.preventDefault();
      }}
      onClose={() => {
        if (locked) dialog.current?.showModal();
        else onCancel();
      }}
    >
      <div className="modal-box max-w-xl">
        <h2 id="lock-title" className="mb-3 text-xl font-bold">
          {locked ? "This screen is locked" : "Change the person"}
        </h2>
        <OpenScreen people={people} personId={personId} onOpen={onOpen} {...(locked ? {} : { onCancel })} />
        <p className="dim mt-4">
          {locked ? "What was typed under it is still there. " : ""}No PIN, or it is locked?{" "}
          <button type="button" className="link min-h-10" onClick={() => void byPassword()}>
            Use the password
          </button>
        </p>
      </div>
    </dialog>
  );
}
