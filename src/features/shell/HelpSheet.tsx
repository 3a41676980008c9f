"use client";

import { useEffect, useRef } from "react";
import { setOneKey, useOneKey } from "@/ui/keys";
import { HelpLines } from "./HelpLines";
import { HelpRows } from "./HelpRows";
import { OTHER_WORDS } from "./other-words";

const KEYS: [string, string][] = [
  ["/", "to the bench line (on a bench page)"],
  ["g, then b w d s p r t h n", "go to Board, Week, Desk, Sets, Parts, Reference, Tools, Shop, New job"],
  ["[ and ]", "the step before, the step after (on a bench page)"],
  ["Enter", "in the bench line: write the entry; in a table: next row; in a power-up: on"],
  ["PageDown", "in a power-up: on, as a foot-switch sends it"],
  ["↑ ↓ ← →", "in the bench line: lines typed before; in a table: rows and cells"],
  ["Enter, S, U", "working through a plan: it is done, later, take the last one back"],
  ["Ctrl Delete", "in a grid of the reference sheet: takes the row away"],
  ["Alt with 1 to 4", "answers a question of the bench line"],
  ["Esc", "leaves the field; nothing typed is lost"],
  ["?", "this sheet"],
];

/** Keys and lines of the bench, on one sheet. */
export function HelpSheet({ onClose }: { onClose: () => void }) {
  const dialog = useRef<HTMLDialogElement>(null);
  const oneKey = useOneKey();
  useEffect(() => {
    dialog.current?.showModal();
  }, []);
  return (
    <dialog ref={dialog} className="modal" aria-labelledby="help-title" onClose={onClose}>
      <div className="modal-box max-w-5xl">
        <h2 id="help-title" className="text-xl font-bold">
          Keyboard and bench line
        </h2>
        <h3 className="mt-4 mb-1 font-bold">Keys, outside fields</h3>
        <HelpRows rows={KEYS} />
        <label className="mt-3 flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="toggle toggle-primary"
            checked={oneKey}
            onChange={(event) => setOneKey(event.target.checked)}
          />
          <span>
            Keys of one letter or sign work (/, g, [, ], ?). Switch them off for speech input: the buttons do the same.
          </span>
        </label>
        <h3 className="mt-4 mb-1 font-bold">The bench line</h3>
        <p className="dim mb-2">Numbers like #12 are those on the tape.</p>
        <HelpLines />
        <h3 className="mt-4 mb-1 font-bold">In other words</h3>
        <p className="dim mb-2">
          The line reads them too, and does not mind blanks, a full stop, capitals or small slips of the pen. What is
          not clear is asked, with up to four answers, and nothing that was typed is lost.
        </p>
        <HelpRows rows={OTHER_WORDS} mono />
        <form method="dialog" className="modal-action">
          <button className="btn btn-primary">Close</button>
        </form>
      </div>
      <form method="dialog" className="modal-backdrop">
        <button aria-label="Close the help sheet">close</button>
      </form>
    </dialog>
  );
}
