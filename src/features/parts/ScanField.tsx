"use client";

import { ScanLine } from "lucide-react";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { readScan, type StockItem } from "@/core/stock";
import { ErrorText } from "@/ui/form";

/** Where a reader types what it scans: a label opens its part, a set's tag its bench. A maker's number is looked for too. */
export function ScanField({ items }: { items: readonly StockItem[] }) {
  const router = useRouter();
  const [text, setText] = useState("");
  const [message, setMessage] = useState<string>();
  const go = () => {
    const typed = text.trim();
    if (!typed) return;
    const scan = readScan(typed);
    const known = scan.kind === "part" ? items.find(({ code }) => code === scan.code) : undefined;
    const byNumber =
      scan.kind === "other"
        ? items.find(({ partNumber }) => partNumber && partNumber.toLowerCase() === typed.toLowerCase())
        : undefined;
    const found = known ?? byNumber;
    setText("");
    if (found) return router.push(`/parts/${found.code}`);
    if (scan.kind === "job") return router.push(`/bench/${scan.job}`);
    return setMessage(
      scan.kind === "part" ? `${scan.code} is a label of ours, but its line is not in the stock list.` : scan.message,
    );
  };
  return (
    <form
      className="flex flex-col gap-1"
      onSubmit={(event) => {
        event.preventDefault();
        go();
      }}
    >
      <label className="input h-11 w-64">
        <ScanLine size={18} aria-hidden="true" />
        <span className="sr-only">Scan a label</span>
        <input
          value={text}
          placeholder="Scan or type a label"
          autoFocus
          autoComplete="off"
          className="font-mono"
          onChange={(event) => {
            setMessage(undefined);
            setText(event.target.value);
          }}
        />
      </label>
      {message ? <ErrorText>{message}</ErrorText> : null}
    </form>
  );
}
