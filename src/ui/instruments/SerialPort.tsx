"use client";

import { useState } from "react";
import type { SerialLink } from "@/core/instruments";
import { ActButton } from "@/ui/ActButton";
import { closeSerial, isOpen, openSerial } from "./serial";

/** The serial port of an instrument: the browser asks for it at the press of a button, and at nothing else. */
export function SerialPort({ id, link }: { id: string; link: SerialLink }) {
  const [open, setOpen] = useState(() => isOpen(id));
  return (
    <span className="flex items-center gap-2">
      {open ? (
        <ActButton
          asks={undefined}
          act={async () => {
            await closeSerial(id);
            return { ok: true };
          }}
          onDone={() => setOpen(false)}
        >
          Close the serial port
        </ActButton>
      ) : (
        <ActButton asks={undefined} act={() => openSerial(id, link)} onDone={() => setOpen(true)}>
          Open the serial port
        </ActButton>
      )}
    </span>
  );
}
