// Makes the TypeScript types from schema/, the only contract. The result is never edited and never committed.
import { mkdir, writeFile } from "node:fs/promises";
import { compileFromFile } from "json-schema-to-typescript";

const target = new URL("generated/", import.meta.url);
await mkdir(target, { recursive: true });
// The job file and the design come with the saved job that holds them.
for (const name of [
  "saved-job",
  "job-list",
  "bench",
  "shelf",
  "proof",
  "comparison",
  "revisions",
  "road",
  "sweep",
  "calibration",
]) {
  const types = await compileFromFile(`schema/${name}.json`, { cwd: "schema", format: false, bannerComment: "" });
  await writeFile(new URL(`${name}.ts`, target), types);
}
