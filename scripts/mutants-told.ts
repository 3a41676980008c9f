/** What a run over an area came to. */
export type Score = {
  /** the day of the run */
  on: string;
  /** the tests that were run: all of the core's, or those beside the code alone */
  tests: "core" | "own";
  files: { file: string; tried: number; lived: number }[];
};

/** The share of mistakes that is to be noticed, %. */
const AIM = 85;

const sum = (files: Score["files"], of: "tried" | "lived") => files.reduce((all, one) => all + one[of], 0);
const share = (files: Score["files"]) => 100 * (1 - sum(files, "lived") / sum(files, "tried"));
const row = (cells: (string | number)[]) => `| ${cells.join(" | ")} |`;

/** The page of the docs that tells the scores. */
export function told(scores: Record<string, Score>): string {
  const all = Object.values(scores).flatMap(({ files }) => files);
  const counts = (files: Score["files"]) => [`${share(files).toFixed(1)} %`, sum(files, "tried"), sum(files, "lived")];
  return [
    "# How well the tests hold",
    "",
    "`npm run mutants` puts small mistakes into the core, one at a time, and runs tests against each: those of the whole core,",
    "or with `-- --tests own` those alone that stand beside the code, which can only give less. The score is the share of",
    `mistakes that a test notices. The aim is ${AIM} %. Changes of texts and patterns are not counted.`,
    "",
    "| Area | Noticed | Mistakes | Not noticed | Tests | Run on |",
    "| --- | ---: | ---: | ---: | --- | --- |",
    ...Object.entries(scores).map(([area, { files, tests, on }]) => row([area, ...counts(files), tests, on])),
    row(["together", ...counts(all), "", ""]),
    "",
    "Files below the aim:",
    "",
    ...all
      .filter((one) => share([one]) < AIM)
      .map(({ file, tried, lived }) => `- \`${file}\`: ${lived} of ${tried} not noticed`),
    "",
  ].join("\n");
}
