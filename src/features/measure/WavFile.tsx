"use client";

import { Upload } from "lucide-react";
import { useId } from "react";

/** A button that takes a recording as WAV. The same file can be chosen again. */
export function WavFile({ label, onFile }: { label: string; onFile: (file: File) => void }) {
  const id = useId();
  return (
    <>
      <label htmlFor={id} className="btn btn-outline h-11">
        <Upload size={16} aria-hidden="true" /> {label}
      </label>
      <input
        id={id}
        type="file"
        accept=".wav,audio/wav,audio/x-wav"
        className="sr-only"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) onFile(file);
          event.target.value = "";
        }}
      />
    </>
  );
}
