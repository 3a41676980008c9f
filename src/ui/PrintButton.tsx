"use client";

import { Printer } from "lucide-react";

export function PrintButton({ className = "btn-primary" }: { className?: string }) {
  return (
    <button type="button" className={`btn h-11 ${className}`} onClick={() => window.print()}>
      <Printer size={18} aria-hidden="true" /> Print
    </button>
  );
}
