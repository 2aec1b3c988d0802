// What the first page fetches of script, gzipped: the entry and everything it imports at once.
//   node bench/first-page.mjs
import { readFileSync } from "node:fs";
import { gzipSync } from "node:zlib";

const manifest = JSON.parse(readFileSync("public/build/manifest.json", "utf8"));
const seen = new Set();
const collect = (name) => {
  if (!seen.has(name)) {
    seen.add(name);
    (manifest[name].imports ?? []).forEach(collect);
  }
};
collect("resources/js/main.tsx");
let total = 0;
for (const name of seen) {
  const bytes = gzipSync(readFileSync(`public/build/${manifest[name].file}`)).length;
  total += bytes;
  console.log(`${(bytes / 1000).toFixed(1).padStart(8)} kB  ${manifest[name].file}`);
}
console.log(`${(total / 1000).toFixed(1).padStart(8)} kB  first page`);
