/** The places of the application, with the letter that goes there after g. */
export const PLACES = [
  { href: "/", name: "Board", letter: "b" },
  { href: "/week", name: "Week", letter: "w" },
  { href: "/desk", name: "Desk", letter: "d" },
  { href: "/sets", name: "Sets", letter: "s" },
  { href: "/parts", name: "Parts", letter: "p" },
  { href: "/reference", name: "Reference", letter: "r" },
  { href: "/practice", name: "Practice", letter: "y" },
  { href: "/tools", name: "Tools", letter: "t" },
  { href: "/shop", name: "Shop", letter: "h" },
  { href: "/sets/new", name: "New job", letter: "n" },
] as const;
