import postgres from "postgres";

type Query = () => Promise<number>;

/** The plain SQL of the rows that each page shows, timed: what no program can do without. */
export async function rawQueries(url: string): Promise<{
  board: Query;
  sets: Query;
  search: Query;
  models: Query;
  across: Query;
  calendar: Query;
  parts: Query;
  shop: Query;
  usual: (setId: string) => Query;
  bench: (job: number) => Query;
}> {
  const sql = postgres(url, { max: 1, onnotice: () => {}, idle_timeout: 5 });
  const timed =
    (...texts: string[]): Query =>
    async () => {
      const from = performance.now();
      for (const text of texts) await sql.unsafe(text);
      return performance.now() - from;
    };
  const ofSet = (where: string) => [
    `select * from "set" s join model m on m.id = s.model_id join customer c on c.id = s.owner_id where ${where}`,
    `select e.* from log_entry e join "set" s on s.id = e.set_id where ${where} order by e.at, e.id`,
  ];
  const listed = `from set_summary y join "set" s on s.id = y.set_id join model m on m.id = s.model_id join customer c on c.id = s.owner_id`;
  return {
    board: timed(
      `select e.* from set_summary y join log_entry e on e.set_id = y.set_id where y.job is not null order by e.at, e.id`,
    ),
    sets: timed(
      `select s.serial, m.maker, c.name, y.stays ${listed} order by y.last_at desc nulls last, y.set_id desc limit 31`,
    ),
    search: timed(
      `select s.serial, m.maker, c.name, y.stays ${listed} where y.text ilike '%Owner%' and y.text ilike '%1234%' order by y.last_at desc nulls last, y.set_id desc limit 31`,
    ),
    models: timed(`select id, maker, designation from model`),
    across: timed(
      `select min(name) from set_holds where kind = 'tube' group by key limit 200`,
      `select stays from set_summary where jsonb_array_length(stays) > 1`,
      `select failed from set_summary y join "set" s on s.id = y.set_id where s.model_id = (select model_id from "set" limit 1)`,
    ),
    calendar: timed(`select y.handed_back, c.name ${listed} where y.handed_back is not null`),
    parts: timed(`select p.*, (select sum(quantity) from stock_move v where v.part_id = p.id) from stock_part p`),
    shop: timed(`select * from shop`, `select * from person`),
    usual: (setId) => timed(...ofSet(`s.id = '${setId}'`)),
    bench: (job) => timed(...ofSet(`s.id = (select set_id from visit where job = ${job} limit 1)`)),
  };
}
