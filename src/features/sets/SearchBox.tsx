"use client";

import { Search } from "lucide-react";
import { useRouter } from "next/navigation";
import { useEffect, useState, useTransition } from "react";

/** Searches while one types; the address keeps the query, so that it can be shared and gone back to. */
export function SearchBox({ query }: { query: string }) {
  const [text, setText] = useState(query);
  const [pending, start] = useTransition();
  const router = useRouter();
  useEffect(() => {
    if (text === query) return;
    const timer = window.setTimeout(
      () => start(() => router.replace(`/sets?q=${encodeURIComponent(text)}`, { scroll: false })),
      250,
    );
    return () => window.clearTimeout(timer);
  }, [text, query, router]);
  return (
    <search className="w-full max-w-3xl">
      <label className="input h-12 w-full">
        <Search size={20} aria-hidden="true" />
        <span className="sr-only">Search the sets</span>
        <input
          type="search"
          value={text}
          autoFocus
          maxLength={120}
          placeholder="Job, model, owner, serial or designator: 1187, Lantern, Osei, H-20417, C14"
          onChange={(event) => setText(event.target.value)}
        />
        {pending ? <span className="loading loading-ring loading-sm" aria-label="Searching" /> : null}
      </label>
    </search>
  );
}
