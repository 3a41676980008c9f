import { Link } from "@/ui/Link";
import { Empty } from "@/ui/Empty";

export default function NotFound() {
  return (
    <main className="p-8">
      <h1 className="sr-only">Not found</h1>
      <Empty title="There is nothing at this address.">
        The tag may have been mistyped.{" "}
        <Link href="/sets" className="link">
          Search the sets
        </Link>{" "}
        or go{" "}
        <Link href="/" className="link">
          back to the board
        </Link>
        .
      </Empty>
    </main>
  );
}
