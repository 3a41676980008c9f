import { given } from "@/core/orders";
import { database } from "@/db/client";
import { ordersIn } from "@/db/orders";
import { isId } from "@/server/ids";
import { refuse } from "@/server/request";
import { route } from "@/server/route";

/** What is on its way for a visit: by place, with the order and the day on which it is expected. */
export const GET = route("GET /api/visits/[id]/orders", async (_request, { id }: { id: string }) => {
  if (!isId(id)) return refuse(404, "There is no such visit.");
  const open = await ordersIn(database(), "open");
  const coming = open.flatMap(({ number, supplier, expectedOn, lines }) =>
    lines.flatMap((line) => {
      const got = given(line);
      return line.wants
        .filter((want) => want.visit === id && (got.get(want.id) ?? 0) < want.pieces)
        .map(({ place }) => ({ place: place ?? "", number, supplier, expectedOn }));
    }),
  );
  return Response.json({ coming });
});
