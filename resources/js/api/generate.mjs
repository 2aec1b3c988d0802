// Makes the TypeScript types from schema/, the only contract. The result is never edited and never committed.
import { mkdir, readdir, readFile, writeFile } from "node:fs/promises";
import { compileFromFile } from "json-schema-to-typescript";

const target = new URL("generated/", import.meta.url);
const plain = new URL("../../../.cache/schema/", import.meta.url);
await mkdir(target, { recursive: true });
await mkdir(plain, { recursive: true });

/** Of branches the type is their union; what stands beside them serves only the texts of refusals. */
function branchesAlone(schema) {
  if (Array.isArray(schema)) {
    return schema.map(branchesAlone);
  }
  if (schema === null || typeof schema !== "object") {
    return schema;
  }
  const kept = "oneOf" in schema ? { title: schema.title, oneOf: schema.oneOf } : schema;
  return Object.fromEntries(Object.entries(kept).map(([name, value]) => [name, branchesAlone(value)]));
}

/** A number of a job file whose unit nobody told could be typed in none. */
function withoutUnit(schema, at) {
  if (schema === null || typeof schema !== "object") {
    return [];
  }
  const isNumber = [schema.type].flat().some((type) => type === "number" || type === "integer");
  const below = Object.entries(schema).flatMap(([name, value]) => withoutUnit(value, `${at}/${name}`));
  return isNumber && typeof schema.unit !== "string" ? [at, ...below] : below;
}
for (const name of ["job.json", "control.json"]) {
  const missing = withoutUnit(JSON.parse(await readFile(`schema/${name}`, "utf8")), name);
  if (missing.length > 0) {
    throw new Error(`These numbers say no unit: ${missing.join(", ")}`);
  }
}
for (const name of await readdir("schema")) {
  await writeFile(
    new URL(name, plain),
    JSON.stringify(branchesAlone(JSON.parse(await readFile(`schema/${name}`, "utf8")))),
  );
}
// The job file, the form and the design come with the saved job that holds them.
for (const name of [
  "saved-job",
  "job-list",
  "problem",
  "bench",
  "shelf",
  "proof",
  "proof-pairs",
  "comparison",
  "revisions",
  "road",
  "road-advice",
  "sweep",
  "band",
  "calibration",
  "logs",
  "log",
  "log-comparison",
  "log-columns",
  "made-drive",
  "set-point-card",
  "handover",
  "trail",
  "unknown-vehicle-request",
  "practice",
  "plan-choices",
  "plan-request",
  "plans-row",
  "practice-run",
  "practice-request",
  "practice-move-request",
  "records-request",
  "records-answer",
  "workshop",
  "workshop-request",
  "change-request",
  "archive-request",
  "arrangement-request",
  "arrangements",
  "sign-in-request",
  "code-request",
  "person-request",
  "role-request",
  "hide-customers-request",
  "health",
  "session",
  "people",
  "person-code",
  "step-request",
  "task",
  "bench-request",
  "road-request",
  "part-request",
]) {
  const types = await compileFromFile(new URL(`${name}.json`, plain).pathname, {
    cwd: plain.pathname,
    format: false,
    bannerComment: "",
  });
  await writeFile(new URL(`${name}.ts`, target), types);
}
