import NextLink from "next/link";

/**
 * A link within the app. What it leads to is fetched when it is followed, not when it comes into sight: every page is
 * read from the database, and a list of a hundred lines would ask for a hundred pages that nobody opens.
 */
export function Link(props: React.ComponentProps<typeof NextLink>) {
  return <NextLink prefetch={false} {...props} />;
}
