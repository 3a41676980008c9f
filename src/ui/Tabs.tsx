"use client";

import { useId, useRef, useState } from "react";

export type TabOf = { key: string; name: string; body: React.ReactNode };

type TabsProps = {
  label: string;
  tabs: readonly TabOf[];
  /** the one in sight to begin with */
  initial?: string | undefined;
  /** the one in sight, where the address says so */
  chosen?: string | undefined;
  onTab?: (key: string) => void;
};

/** Several tools at one place, one in sight. Arrow keys go from name to name, as the pattern for tabs has it. */
export function Tabs({ label, tabs, initial, chosen: given, onTab }: TabsProps) {
  const id = useId();
  const [own, setOwn] = useState(initial);
  const active = tabs.find(({ key }) => key === (given ?? own)) ?? tabs[0];
  const list = useRef<HTMLDivElement>(null);
  const select = (key: string) => {
    setOwn(key);
    onTab?.(key);
  };
  const walk = (event: React.KeyboardEvent) => {
    const by = event.key === "ArrowRight" ? 1 : event.key === "ArrowLeft" ? -1 : 0;
    const at = tabs.findIndex(({ key }) => key === active?.key);
    const next = tabs[at + by];
    if (by === 0 || !next) return;
    event.preventDefault();
    select(next.key);
    list.current?.querySelector<HTMLElement>(`[data-tab="${next.key}"]`)?.focus();
  };
  return (
    <div className="flex flex-col gap-3">
      <div
        ref={list}
        role="tablist"
        aria-label={label}
        className="flex flex-wrap border-b border-base-300"
        onKeyDown={walk}
      >
        {tabs.map(({ key, name }) => (
          <button
            key={key}
            type="button"
            role="tab"
            id={`${id}-${key}`}
            data-tab={key}
            aria-selected={key === active?.key}
            aria-controls={`${id}-panel`}
            tabIndex={key === active?.key ? 0 : -1}
            className="min-h-11 border-b-4 border-transparent px-3 hover:bg-base-200 aria-selected:border-primary aria-selected:font-bold"
            onClick={() => select(key)}
          >
            {name}
          </button>
        ))}
      </div>
      <div role="tabpanel" id={`${id}-panel`} aria-labelledby={`${id}-${active?.key}`}>
        {active?.body}
      </div>
    </div>
  );
}
