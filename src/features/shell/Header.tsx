"use client";

import { Link } from "@/ui/Link";
import { usePathname } from "next/navigation";
import { useTransition } from "react";
import { useMayOpen } from "@/ui/role";
import { Emblem } from "@/ui/Emblem";
import { chooseTheme } from "./actions";
import { OwnMenu } from "./OwnMenu";
import { PLACES } from "./places";

type HeaderProps = {
  people: { id: string; name: string }[];
  personId: string;
  theme: "paper" | "cellar";
  onHelp: () => void;
  /** somebody else is to be at this device */
  onPerson: (id: string) => void;
  onLock: () => void;
};

/** Paper and cellar. The header draws it by itself: every page carries it. */
const ThemeMark = () => (
  <svg viewBox="0 0 20 20" className="size-5" aria-hidden="true">
    <circle cx="10" cy="10" r="7.5" fill="none" stroke="currentColor" strokeWidth="2" />
    <path d="M10 2.5a7.5 7.5 0 0 1 0 15z" fill="currentColor" />
  </svg>
);

export function Header({ people, personId, theme, onHelp, onPerson, onLock }: HeaderProps) {
  const path = usePathname();
  const [, start] = useTransition();
  const mayOpen = useMayOpen();
  const other = theme === "paper" ? "cellar" : "paper";
  return (
    <header className="no-print flex h-12 shrink-0 items-center gap-1 border-b border-base-300 bg-base-200 px-3">
      <Link href="/" className="mr-1 flex min-h-10 items-center gap-2 text-lg font-bold lg:mr-3">
        <Emblem /> <span className="sr-only lg:not-sr-only">Jumelle</span>
      </Link>
      <nav aria-label="Places" className="flex">
        {PLACES.filter(({ href }) => mayOpen(href)).map(({ href, name }) => (
          <Link
            key={href}
            href={href}
            aria-current={path === href ? "page" : undefined}
            className="flex min-h-10 items-center rounded-field px-1 text-[15px] whitespace-nowrap lg:text-base hover:bg-base-300 lg:px-3 aria-[current=page]:bg-base-300 aria-[current=page]:font-bold"
          >
            {name}
          </Link>
        ))}
      </nav>
      <div className="ml-auto flex items-center gap-1">
        <label>
          <span className="sr-only">Who is at the bench</span>
          <select
            className="select h-10 w-32 lg:w-44"
            value={personId}
            onChange={(event) => onPerson(event.target.value)}
          >
            {people.map((person) => (
              <option key={person.id} value={person.id}>
                {person.name}
              </option>
            ))}
          </select>
        </label>
        <OwnMenu onLock={onLock} />
        <button
          type="button"
          className="btn btn-ghost btn-square"
          aria-label={`Change to the ${other} theme`}
          onClick={() => start(() => chooseTheme(other))}
        >
          <ThemeMark />
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-square"
          aria-label="Keyboard and bench line help"
          onClick={onHelp}
        >
          <kbd className="kbd" aria-hidden="true">
            ?
          </kbd>
        </button>
      </div>
    </header>
  );
}
