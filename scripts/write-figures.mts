import { writeFileSync } from "node:fs";
import path from "node:path";
import { figuresOfCore, figuresPage } from "./figures";

const figures = figuresOfCore();
writeFileSync(path.join(import.meta.dirname, "../docs/figures.md"), figuresPage(figures));
console.log(`${figures.length} figures in docs/figures.md`);
