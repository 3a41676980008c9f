"use client";

import { Empty } from "@/ui/Empty";

export default function ErrorPage({ error, reset }: { error: Error & { digest?: string }; reset: () => void }) {
  return (
    <main className="p-8">
      <h1 className="sr-only">An error</h1>
      <Empty title="This page could not be shown.">
        <p>Nothing that was saved is lost, and what was not sent yet is kept on this device.</p>
        <p className="font-mono">Reference {error.digest ?? "none"}</p>
        <button type="button" className="btn btn-primary mt-3" onClick={reset}>
          Try again
        </button>
      </Empty>
    </main>
  );
}
