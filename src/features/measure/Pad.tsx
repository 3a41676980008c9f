"use client";

type PadProps = {
  /** the cell that it types into, in words */
  at: string | undefined;
  text: string;
  onText: (text: string) => void;
  onGo: (by: number) => void;
};

const KEYS = ["7", "8", "9", "4", "5", "6", "1", "2", "3", "0", ".", "−"];
const UNITS = ["µ", "m", "k", "M", "V", "A", "W", "Hz", "dBm"];

/** Large keys for a finger, so that no keyboard of the tablet hides half of the table. */
export function Pad({ at, text, onText, onGo }: PadProps) {
  const key = (name: string, does: () => void, className = "btn-outline") => (
    <button
      key={name}
      type="button"
      className={`btn h-14 min-w-14 text-xl ${className}`}
      disabled={!at}
      // The cell keeps the focus: its row is not left.
      onMouseDown={(event) => event.preventDefault()}
      onClick={does}
    >
      {name}
    </button>
  );
  return (
    <div role="group" aria-label="Number pad" className="mt-2 rounded-box bg-base-200 p-2">
      <p className="mb-1 min-h-6" aria-live="polite">
        {at ? (
          <>
            {at} <span className="font-mono font-bold">{text}</span>
          </>
        ) : (
          <span className="dim">Touch a cell first.</span>
        )}
      </p>
      <div className="flex flex-wrap gap-3">
        <div className="grid grid-cols-3 gap-1">
          {KEYS.map((one) => key(one, () => onText(text + one), "font-mono btn-outline"))}
        </div>
        <div className="grid grid-cols-3 content-start gap-1">
          {UNITS.map((one) => key(one, () => onText(`${text}${/[\d.]$/.test(text) ? " " : ""}${one}`)))}
        </div>
        <div className="flex flex-col gap-1">
          {key("Next", () => onGo(1), "btn-primary")}
          {key("Back", () => onGo(-1))}
          {key("Delete", () => onText(text.slice(0, -1)))}
          {key("Clear", () => onText(""))}
        </div>
      </div>
    </div>
  );
}
