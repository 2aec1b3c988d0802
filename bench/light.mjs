// How long light requests take while heavy work goes on, as a ratio to how long they take without: a plan and two dossiers of jobs that nobody
// has worked out yet, against a running bin/start.
//   node bench/light.mjs [http://127.0.0.1:8720] [clients]
const base = process.argv[2] ?? "http://127.0.0.1:8720";
const CLIENTS = Number(process.argv[3] ?? 10);
const EACH = 30;

const request = async (path, method = "GET", body = undefined) => {
  const response = await fetch(`${base}/api/${path}`, {
    method,
    headers: { "content-type": "application/json" },
    ...(body === undefined ? {} : { body: typeof body === "string" ? body : JSON.stringify(body) }),
  });
  if (!response.ok) {
    throw new Error(`${path}: ${response.status} ${await response.text()}`);
  }
  return response;
};
const imported = async (demo, runA) => {
  const file = JSON.parse(await (await request(`jobs/${demo}/file`)).text());
  file.fans[0].runA += runA;
  return (await (await request("jobs/import", "POST", file)).json()).id;
};

/** What a person at one page does: looks at the list, at a job, at the bench. */
async function light() {
  const times = [];
  const one = async () => {
    for (let number = 0; number < EACH; number++) {
      const from = performance.now();
      await (
        number % 3 === 0
          ? request("jobs")
          : number % 3 === 1
            ? request("jobs/orchard-sprayer")
            : request("jobs/orchard-sprayer/bench", "POST", { set: { key: "run", coolantC: 80 + number } })
      ).then((response) => response.text());
      times.push(performance.now() - from);
    }
  };
  await Promise.all(Array.from({ length: CLIENTS }, one));
  times.sort((a, b) => a - b);
  return { median: times[Math.floor(times.length / 2)], p95: times[Math.floor(0.95 * times.length)] };
}

const shown = ({ median, p95 }) => `median ${median.toFixed(0)} ms, 95th percentile ${p95.toFixed(0)} ms`;
await light();
const rounds = [];
for (let round = 0; round < 3; round++) {
  const alone = await light();
  const odd = (Date.now() % 1e6) / 1e9;
  const ids = await Promise.all(
    ["larkspur-camper", "tern-step-van", "kestrel-single-seater"].map((demo) => imported(demo, odd)),
  );
  const task = await (await request(`jobs/${ids[0]}/tasks/plans`, "POST", { complaints: ["hot-in-traffic"] })).json();
  await Promise.all(ids.slice(1).map((id) => request(`jobs/${id}/dossier.pdf`)));
  const beside = await light();
  const { state } = await (await request(`tasks/${task.id}`)).json();
  console.log(
    `alone ${shown(alone)}; beside a plan (${state} by then) and two dossiers ${shown(beside)}: ratio ${(beside.p95 / alone.p95).toFixed(2)}`,
  );
  rounds.push(beside.p95 / alone.p95);
  await request(`tasks/${task.id}`, "DELETE", {});
  for (const id of ids) {
    await request(`jobs/${id}`, "DELETE", { version: 1 });
  }
}
console.log(
  `ratio of 95th percentiles, middle of three: ${rounds.sort((a, b) => a - b)[1].toFixed(2)} (at most 1.3 is wanted)`,
);
