import type { SealList } from "@/db/verify";
import { Time } from "@/ui/Time";

/** A seal in groups of eight, as it is read aloud or compared by eye. */
const grouped = (hash: string) => hash.match(/.{1,8}/g)?.join(" ") ?? "";

/** The seals of all logbooks as a sheet to be signed and kept outside the house. */
export function SealSheet({ list, shop }: { list: SealList; shop: string }) {
  return (
    <article className="mx-auto max-w-4xl rounded-box bg-base-100 p-6 print:max-w-none print:rounded-none print:p-0">
      <h1 className="text-2xl font-bold">Seals of the logbooks</h1>
      <p>
        {shop ? `${shop}, ` : null}
        <Time iso={list.at} />
      </p>
      <p className="mt-2 max-w-3xl">
        Keep this sheet outside the house. As long as a logbook gives the same seal for the same number of entries, none
        of these entries was changed, added or taken away.
      </p>
      {list.heads.length === 0 ? (
        <p className="mt-4">There is no set yet, so there is nothing to seal.</p>
      ) : (
        <ol className="mt-4 flex flex-col gap-3">
          {list.heads.map((one) => (
            <li key={one.setId} className="break-inside-avoid border-t border-base-300 pt-2">
              <p className="font-bold">{one.name}</p>
              <p className="flex flex-wrap gap-x-4">
                <span className="w-36 shrink-0">
                  {one.entries} {one.entries === 1 ? "entry" : "entries"}
                </span>
                <span className="font-mono text-sm">{grouped(one.head)}</span>
              </p>
              {one.files > 0 ? (
                <p className="flex flex-wrap gap-x-4">
                  <span className="w-36 shrink-0">
                    {one.files} {one.files === 1 ? "photo or file" : "photos and files"}
                  </span>
                  <span className="font-mono text-sm">{grouped(one.filesHead)}</span>
                </p>
              ) : null}
            </li>
          ))}
        </ol>
      )}
      <p className="mt-8 flex flex-wrap gap-8">
        <span className="min-w-64 border-t border-base-content pt-1">Date, signature</span>
        <span className="min-w-64 border-t border-base-content pt-1">Kept by</span>
      </p>
    </article>
  );
}
