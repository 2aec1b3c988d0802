// How long the requests take that a person waits for, on the largest demo job, against a running bin/start; and each as a ratio to a request
// that computes nothing.
//   node bench/requests.mjs [http://127.0.0.1:8720]
const base = process.argv[2] ?? "http://127.0.0.1:8720";
const RUNS = 100;
const LISTED_JOBS = 100;
const JSON_TYPE = { "content-type": "application/json" };

const request = async (path, options = {}) => {
  const response = await fetch(`${base}/api/${path}`, { ...options, headers: JSON_TYPE });
  if (!response.ok) {
    throw new Error(`${path}: ${response.status} ${await response.text()}`);
  }
  return response.status === 204 ? undefined : response.json();
};
const post = (path, data) => request(path, { method: "POST", body: JSON.stringify(data) });

async function timed(runs, act) {
  const times = [];
  for (let run = 0; run < runs; run++) {
    const start = performance.now();
    await act(run);
    times.push(performance.now() - start);
  }
  return times.sort((a, b) => a - b);
}

let nothing;
function report(name, times) {
  const at = (share) => times[Math.min(times.length - 1, Math.floor(share * times.length))];
  nothing ??= at(0.5);
  console.log(
    `${name.padEnd(46)} median ${at(0.5).toFixed(1)} ms, 95th percentile ${at(0.95).toFixed(1)} ms, ${(at(0.5) / nothing).toFixed(1)} of the first`,
  );
}

const file = await (await fetch(`${base}/api/jobs/tern-step-van/file`)).text();
const { id } = await request("jobs/import", { method: "POST", body: file });

report("the names of the revisions", await timed(RUNS, () => request(`jobs/${id}/revisions`)));
let version = 1;
// Contents that were answered before, in an earlier run of this bench, would be known.
const fresh = (Date.now() % 1e6) / 1e6;
const fan = JSON.parse(file).fans[0];
report(
  "change to new design, no two contents alike",
  await timed(RUNS, async (run) => {
    const changes = { "/fans/0/runA": fan.runA + (run + fresh) / 1000 };
    ({ version } = await post(`jobs/${id}/changes`, { version, label: "Bench", changes }));
  }),
);
report("the same job opened again", await timed(RUNS, () => request(`jobs/${id}`)));
report("a proof the first time", await timed(1, () => request(`jobs/${id}/proof`)));
report("that proof again", await timed(RUNS, () => request(`jobs/${id}/proof`)));
report("compared with the first version", await timed(1, () => request(`jobs/${id}/proof/compare/1`)));
report("compared again", await timed(RUNS, () => request(`jobs/${id}/proof/compare/1`)));

const made = [id];
while (made.length < LISTED_JOBS) {
  made.push((await request("jobs/import", { method: "POST", body: file })).id);
}
await request("jobs");
report(`list of ${LISTED_JOBS} jobs and more`, await timed(RUNS, () => request("jobs")));
for (const one of made) {
  const stands = one === id ? version : 1;
  await request(`jobs/${one}`, { method: "DELETE", body: JSON.stringify({ version: stands }) });
}
