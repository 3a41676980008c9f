"use client";

import { useEffect, useRef } from "react";
import SignaturePad from "signature_pad";

type SignatureProps = { label: string; onChange: (picture: string | undefined) => void };

/** Ink of a signature: it is kept as a picture and read on paper, whatever the theme. */
const INK = "#1f1b16";

/** A field to sign in with a finger or a pen. */
export function Signature({ label, onChange }: SignatureProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const pad = useRef<SignaturePad>(undefined);
  const changed = useRef(onChange);
  useEffect(() => {
    changed.current = onChange;
  }, [onChange]);
  useEffect(() => {
    const element = canvas.current;
    if (!element) return;
    const scale = window.devicePixelRatio || 1;
    element.width = element.offsetWidth * scale;
    element.height = element.offsetHeight * scale;
    element.getContext("2d")?.scale(scale, scale);
    const made = new SignaturePad(element, { penColor: INK, backgroundColor: "#ffffff" });
    const ended = () => changed.current(made.isEmpty() ? undefined : made.toDataURL("image/png"));
    made.addEventListener("endStroke", ended);
    pad.current = made;
    return () => {
      made.removeEventListener("endStroke", ended);
      made.off();
    };
  }, []);
  return (
    <div className="flex flex-col gap-1">
      <span className="font-semibold" id="signature-label">
        {label}
      </span>
      <canvas
        ref={canvas}
        role="img"
        aria-labelledby="signature-label"
        className="h-36 w-full max-w-xl touch-none rounded-field border-2 border-base-content/60 bg-white"
      />
      <button
        type="button"
        className="btn btn-ghost btn-sm min-h-10 self-start"
        onClick={() => {
          pad.current?.clear();
          onChange(undefined);
        }}
      >
        Sign anew
      </button>
    </div>
  );
}
