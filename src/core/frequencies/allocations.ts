import { z } from "zod";
import { positive } from "../quantity";

export const SERVICES = ["amateur", "broadcasting"] as const;
export type Service = (typeof SERVICES)[number];
export const REGIONS = [1, 2, 3] as const;
export type Region = (typeof REGIONS)[number];

/** A stretch of frequencies that a service has in some regions. Hz. */
export const allocationSchema = z
  .object({
    service: z.enum(SERVICES),
    name: z.string().trim().min(1).max(40),
    regions: z.array(z.union([z.literal(1), z.literal(2), z.literal(3)])).min(1),
    from: positive().max(3e9),
    to: positive().max(3e9),
  })
  .refine(({ from, to }) => from < to, { path: ["to"], message: "The upper end is not above the lower one." });
export type Allocation = z.infer<typeof allocationSchema>;

export const ALLOCATIONS_SOURCE =
  "ITU Radio Regulations, Article 5, edition of 2020, in outline: footnotes and national rules are left out";

const MHZ = 1e6;
const ALL = "123";

/** Each line: service, name, regions, from and to in MHz. ITU Radio Regulations, Article 5 (2020). */
const LINES = `
amateur | 160 m | 1 | 1.81 | 1.85
amateur | 160 m | 23 | 1.8 | 2
amateur | 80 m | 1 | 3.5 | 3.8
amateur | 80 m | 2 | 3.5 | 4
amateur | 80 m | 3 | 3.5 | 3.9
amateur | 60 m | ${ALL} | 5.3515 | 5.3665
amateur | 40 m | 13 | 7 | 7.2
amateur | 40 m | 2 | 7 | 7.3
amateur | 30 m | ${ALL} | 10.1 | 10.15
amateur | 20 m | ${ALL} | 14 | 14.35
amateur | 17 m | ${ALL} | 18.068 | 18.168
amateur | 15 m | ${ALL} | 21 | 21.45
amateur | 12 m | ${ALL} | 24.89 | 24.99
amateur | 10 m | ${ALL} | 28 | 29.7
amateur | 6 m | 1 | 50 | 52
amateur | 6 m | 23 | 50 | 54
amateur | 2 m | 1 | 144 | 146
amateur | 2 m | 23 | 144 | 148
broadcasting | long wave | 1 | 0.1485 | 0.2835
broadcasting | medium wave | 13 | 0.5265 | 1.6065
broadcasting | medium wave | 2 | 0.525 | 1.705
broadcasting | 120 m | ${ALL} | 2.3 | 2.495
broadcasting | 90 m | ${ALL} | 3.2 | 3.4
broadcasting | 75 m | 13 | 3.95 | 4
broadcasting | 60 m | ${ALL} | 4.75 | 4.995
broadcasting | 49 m | ${ALL} | 5.9 | 6.2
broadcasting | 41 m | 13 | 7.2 | 7.45
broadcasting | 41 m | 2 | 7.3 | 7.4
broadcasting | 31 m | ${ALL} | 9.4 | 9.9
broadcasting | 25 m | ${ALL} | 11.6 | 12.1
broadcasting | 22 m | ${ALL} | 13.57 | 13.87
broadcasting | 19 m | ${ALL} | 15.1 | 15.8
broadcasting | 16 m | ${ALL} | 17.48 | 17.9
broadcasting | 15 m | ${ALL} | 18.9 | 19.02
broadcasting | 13 m | ${ALL} | 21.45 | 21.85
broadcasting | 11 m | ${ALL} | 25.67 | 26.1
broadcasting | FM | 1 | 87.5 | 108
broadcasting | FM | 2 | 88 | 108
broadcasting | FM | 3 | 87 | 108
`;

/** What ships. A shop may change it: the licence decides, never this table. */
export const ALLOCATIONS: readonly Allocation[] = LINES.trim()
  .split("\n")
  .map((line) => {
    const [service, name, regions = "", from, to] = line.split("|").map((cell) => cell.trim());
    // Kilohertz are the finest that the table has: rounding takes the noise of the factor away.
    const hertz = (text: string | undefined) => Math.round(Number(text) * MHZ);
    return allocationSchema.parse({
      ...{ service, name, from: hertz(from), to: hertz(to) },
      regions: [...regions].map(Number),
    });
  });

export type Overlap = {
  service: Service;
  name: string;
  from: number;
  to: number;
  /** Hz of the allocation that lie in the stretch */
  width: number;
  /** share of the allocation */
  share: number;
};

/** How much of each allocation of a region lies in a stretch of frequencies. */
export const overlapsWith = (
  { from, to }: { from: number; to: number },
  allocations: readonly Allocation[],
  region: Region,
): Overlap[] =>
  allocations
    .filter(({ regions }) => regions.includes(region))
    .flatMap((one) => {
      const low = Math.max(from, one.from);
      const high = Math.min(to, one.to);
      // A single frequency lies in it or not; a stretch has to share some of it.
      if (low > high || (low === high && from !== to)) return [];
      const width = high - low;
      return [{ service: one.service, name: one.name, from: low, to: high, width, share: width / (one.to - one.from) }];
    });

/** What a shop says of the air: its region, and allocations of its own in place of those that ship. */
export const airSchema = z.object({
  region: z.union([z.literal(1), z.literal(2), z.literal(3)]).optional(),
  allocations: z.array(allocationSchema).max(500, "At most 500 allocations are kept.").optional(),
});
export type OwnAir = z.infer<typeof airSchema>;
export type Air = { region: Region; allocations: readonly Allocation[] };

export const airOf = ({ region = 1, allocations = [...ALLOCATIONS] }: OwnAir): Air => ({ region, allocations });
