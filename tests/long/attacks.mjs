// Attacks on a program that is being written to, with figures. Each starts a copy of its own on a database of its own, and ends with 1 where
// anything was lost. Run by hand or by `bin/test --long`:
//   node tests/long/attacks.mjs [kill] [forward] [backup] [disk] [clients]
import { execFileSync, spawn, spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { request } from "node:https";
import { createServer } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { gunzipSync } from "node:zlib";

const asked = process.argv.slice(2);
const wants = (name) => asked.length === 0 || asked.includes(name);
const sleep = (ms) => new Promise((done) => setTimeout(done, ms));
let hasFailed = false;
const say = (name, figures, isGood) => {
  hasFailed ||= !isGood;
  console.log(`${isGood ? "held  " : "FAILED"} ${name}: ${figures}`);
};

async function freePort() {
  return new Promise((found) => {
    const probe = createServer().listen(0, "127.0.0.1", () => {
      const { port } = probe.address();
      probe.close(() => found(port));
    });
  });
}

/** The program on a database in a folder of its own. */
async function started(folder, environment = {}) {
  const port = await freePort();
  const run = spawn("bin/start", ["--port", String(port)], {
    env: {
      ...process.env,
      LAMP_DATABASE: join(folder, "w.sqlite"),
      LAMP_BACKUPS: join(folder, "backups"),
      ...environment,
    },
    stdio: ["ignore", "ignore", "inherit"],
  });
  const site = `http://127.0.0.1:${String(port)}`;
  for (let tries = 0; tries < 600; tries++) {
    if (
      await fetch(`${site}/api/session`).then(
        (answer) => answer.ok,
        () => false,
      )
    ) {
      return { site, run, port };
    }
    await sleep(100);
  }
  throw new Error("The program does not start.");
}

async function stopped({ run }) {
  const ended = new Promise((done) => run.on("exit", done));
  run.kill("SIGTERM");
  await ended;
}

const post = (address, body) =>
  fetch(address, { method: "POST", headers: { "content-type": "application/json" }, body: JSON.stringify(body) });

/** Again and again while the program is down. */
async function patiently(act) {
  for (let tries = 0; ; tries++) {
    try {
      return await act();
    } catch (error) {
      if (tries > 100) {
        throw error;
      }
      await sleep(100);
    }
  }
}

/** One client that retitles a job of its own, and knows the last title that was acknowledged and the one that was on its way. */
async function writer(site, isOver, written) {
  const { id } = await patiently(async () => (await post(`${site}/api/jobs`, {})).json());
  const state = { id, acknowledged: "", onItsWay: "", count: 0, refused: 0 };
  written.push(state);
  const versionOf = (job) => patiently(async () => (await (await fetch(`${site}/api/jobs/${job}`)).json()).version);
  let version = 1;
  while (!isOver()) {
    state.onItsWay = `Title ${String(state.count)}`;
    try {
      const answer = await post(`${site}/api/jobs/${id}/changes`, {
        version,
        label: "Title",
        changes: { "/job/title": state.onItsWay },
      });
      if (answer.ok) {
        version = (await answer.json()).version;
        state.acknowledged = state.onItsWay;
        state.count++;
      } else if (answer.status >= 500) {
        state.refused++;
      } else {
        version = await versionOf(id);
      }
    } catch {
      version = await versionOf(id);
    }
  }
  return state;
}

const titles = async (site, states) => {
  let lost = 0;
  for (const state of states) {
    const now = await patiently(
      async () => (await (await fetch(`${site}/api/jobs/${state.id}`)).json()).file.job.title,
    );
    lost += now === state.acknowledged || now === state.onItsWay ? 0 : 1;
  }
  return lost;
};

function workersOf(pid) {
  const children = (one) =>
    readFileSync(`/proc/${String(one)}/task/${String(one)}/children`, "utf8")
      .trim()
      .split(" ")
      .filter(Boolean);
  return children(pid).flatMap((php) => {
    try {
      return readFileSync(`/proc/${php}/cmdline`, "utf8").includes("server.php") ? [php, ...children(php)] : [];
    } catch {
      return [];
    }
  });
}

/** kill -9 of a worker, or of the first process, 200 times while four clients write. */
async function kill(folder) {
  const program = await started(folder);
  const states = [];
  let isOver = false;
  const writers = [1, 2, 3, 4].map(() => writer(program.site, () => isOver, states));
  let kills = 0;
  const from = Date.now();
  while (kills < 200 && Date.now() - from < 400_000) {
    await sleep(300 + Math.random() * 1200);
    const workers = workersOf(program.run.pid);
    const one = workers[kills % 10 === 0 ? 0 : Math.floor(Math.random() * workers.length)];
    if (one !== undefined) {
      try {
        process.kill(Number(one), "SIGKILL");
        kills++;
      } catch {
        // It was gone already.
      }
    }
  }
  isOver = true;
  await Promise.all(writers);
  await sleep(3000);
  const lost = await titles(program.site, states);
  const count = states.reduce((sum, state) => sum + state.count, 0);
  await stopped(program);
  const verified = execFileSync("php", ["artisan", "lamp:verify"], {
    env: { ...process.env, LAMP_DATABASE: join(folder, "w.sqlite") },
  })
    .toString()
    .trim();
  say(
    "kill -9",
    `${String(kills)} kills in ${String(count)} acknowledged writes; ${String(lost)} lost; ${verified}`,
    lost === 0 && verified.endsWith("0 faults"),
  );
}

/** A database of an early version is brought forward, and whoever does it is killed somewhere on the way, a hundred times. */
async function forward(folder) {
  const old = gunzipSync(readFileSync("tests/Databases/8ae867d.sqlite.gz"));
  let opened = 0;
  let hit = 0;
  for (let kills = 0; kills < 100; kills++) {
    const path = join(folder, `forward-${String(kills)}.sqlite`);
    writeFileSync(path, old);
    const env = { ...process.env, LAMP_DATABASE: path, LAMP_BACKUPS: join(folder, "forward"), CACHE_STORE: "array" };
    const run = spawn("php", ["artisan", "lamp:open"], { env, stdio: "ignore" });
    const ended = new Promise((done) => run.on("exit", (code) => done(code)));
    await sleep(60 + 340 * Math.random());
    run.kill("SIGKILL");
    hit += (await ended) === null ? 1 : 0;
    const again = spawnSync("php", ["artisan", "lamp:open"], { env });
    const verified = again.status === 0 ? spawnSync("php", ["artisan", "lamp:verify"], { env }) : again;
    opened += verified.status === 0 ? 1 : 0;
  }
  say("killed while brought forward", `${String(hit)} killed, ${String(opened)} of 100 opened again and sound`, opened === 100);
}

/** Forty backups while four clients write: each restores into an empty place and has every change that was acknowledged before it was begun. */
async function backup(folder) {
  const program = await started(folder);
  const states = [];
  let isOver = false;
  const writers = [1, 2, 3, 4].map(() => writer(program.site, () => isOver, states));
  await sleep(1500);
  const environment = {
    ...process.env,
    LAMP_DATABASE: join(folder, "w.sqlite"),
    LAMP_BACKUPS: join(folder, "backups"),
  };
  let good = 0;
  for (let number = 0; number < 40; number++) {
    const before = states.map(({ id, count }) => ({ id, count }));
    const path = execFileSync("php", ["artisan", "lamp:backup"], { env: environment }).toString().split("\n")[0];
    const empty = { ...environment, LAMP_DATABASE: join(folder, `r${String(number)}.sqlite`) };
    const restored = execFileSync("php", ["artisan", "lamp:restore", path], { env: empty }).toString();
    const sql =
      "echo json_encode((new PDO('sqlite:'.$argv[1]))->query('SELECT id, title FROM jobs')->fetchAll(PDO::FETCH_KEY_PAIR));";
    const kept = JSON.parse(execFileSync("php", ["-r", sql, empty.LAMP_DATABASE]).toString());
    const hasAll = before.every(({ id, count }) => count === 0 || Number(kept[id].split(" ")[1]) >= count - 1);
    good += hasAll && restored.includes("same content") ? 1 : 0;
    rmSync(empty.LAMP_DATABASE, { force: true });
  }
  isOver = true;
  await Promise.all(writers);
  await stopped(program);
  say("backup under load", `${String(good)} of 40 restored without a lost acknowledged change`, good === 40);
}

/** A disk that is full: what is said, and whether it is whole and goes on once there is room again. */
async function disk(folder) {
  const small = join(folder, "small");
  execFileSync("mkdir", ["-p", small]);
  try {
    execFileSync("mount", ["-t", "tmpfs", "-o", "size=3m", "tmpfs", small]);
  } catch {
    console.log("left   full disk: only root can mount a small one");
    return;
  }
  try {
    const program = await started(small);
    const { id } = await (await post(`${program.site}/api/jobs`, {})).json();
    execFileSync("sh", ["-c", `dd if=/dev/zero of=${small}/filler bs=1k 2> /dev/null || true`]);
    const codes = new Map();
    let version = 1;
    for (let number = 0; number < 60; number++) {
      const notes = `${String(number)} ${"x".repeat(15_000)}`;
      const answer = await post(`${program.site}/api/jobs/${id}/changes`, {
        version,
        label: `n${String(number)}`,
        changes: { "/job/notes": notes },
      });
      codes.set(answer.status, (codes.get(answer.status) ?? 0) + 1);
      version = answer.ok ? (await answer.json()).version : version;
    }
    const read = (await fetch(`${program.site}/api/jobs/${id}`)).status;
    rmSync(`${small}/filler`);
    const after = await post(`${program.site}/api/jobs/${id}/changes`, {
      version,
      label: "room",
      changes: { "/job/notes": "Room again" },
    });
    await stopped(program);
    const verified = execFileSync("php", ["artisan", "lamp:verify"], {
      env: { ...process.env, LAMP_DATABASE: join(small, "w.sqlite") },
    })
      .toString()
      .trim();
    const told = [...codes].map(([code, count]) => `${String(count)} × ${String(code)}`).join(", ");
    say(
      "full disk",
      `${told} while it was full; reading ${String(read)}; then ${String(after.status)}; ${verified}`,
      read === 200 && after.ok && !codes.has(500) && verified.endsWith("0 faults"),
    );
  } finally {
    execFileSync("umount", [small]);
  }
}

/** Fifty clients for a minute: on nginx and php-fpm, and on PHP's own server. */
async function clients(folder) {
  const seconds = Number(process.env.LAMP_SECONDS ?? 60);
  const measured = async (ask) => {
    const times = [];
    const codes = new Map();
    const end = Date.now() + seconds * 1000;
    await Promise.all(
      Array.from({ length: 50 }, async (_, client) => {
        for (let number = client; Date.now() < end; number++) {
          const from = performance.now();
          const code = await ask(number);
          times.push(performance.now() - from);
          codes.set(code, (codes.get(code) ?? 0) + 1);
          // A person looks at what has come before asking on.
          await sleep(400 + Math.random() * 800);
        }
      }),
    );
    times.sort((a, b) => a - b);
    const at = (share) => times[Math.floor(times.length * share)] ?? 0;
    return {
      many: times.length,
      p50: at(0.5),
      p95: at(0.95),
      bad: [...codes].filter(([code]) => code >= 400 || code === 0),
    };
  };
  const paths = [
    "jobs",
    "jobs/orchard-sprayer",
    "jobs?search=tern",
    "jobs/tern-step-van",
    "shelf",
    "jobs/larkspur-camper/revisions",
    "jobs/kestrel-single-seater",
  ];
  const program = await started(folder);
  const plain = await measured(async (number) => {
    const path = paths[number % paths.length];
    return fetch(`${program.site}/api/${path}`).then(
      async (answer) => (await answer.text(), answer.status),
      () => 0,
    );
  });
  await stopped(program);

  const port = await freePort();
  const serve = spawn("bin/serve", ["--port", String(port)], {
    env: { ...process.env, LAMP_DATABASE: join(folder, "w.sqlite"), LAMP_BACKUPS: join(folder, "backups") },
  });
  let printed = "";
  serve.stdout.on("data", (text) => (printed += text));
  while (!printed.includes("Fingerprint")) {
    await sleep(200);
  }
  await sleep(1500);
  const cookies = new Map();
  const call = (method, path, body) =>
    new Promise((told) => {
      const sent = request(
        {
          host: "127.0.0.1",
          port,
          path: `/api/${path}`,
          method,
          rejectUnauthorized: false,
          headers: {
            "content-type": "application/json",
            accept: "application/json",
            cookie: [...cookies].map(([name, value]) => `${name}=${value}`).join("; "),
            "x-xsrf-token": decodeURIComponent(cookies.get("XSRF-TOKEN") ?? ""),
          },
        },
        (answer) => {
          for (const cookie of answer.headers["set-cookie"] ?? []) {
            const [, name, value] = /^([^=]+)=([^;]*)/.exec(cookie) ?? [];
            cookies.set(name, value);
          }
          answer.on("data", () => undefined);
          answer.on("end", () => told(answer.statusCode));
        },
      );
      sent.on("error", () => told(0));
      sent.end(body === undefined ? undefined : JSON.stringify(body));
    });
  await call("GET", "session");
  await call("POST", "session/code", {
    name: "Owner",
    code: /Code: (\S+)/.exec(printed)?.[1],
    password: "a lamp on a thread",
  });
  const served = await measured((number) => call("GET", paths[number % paths.length]));
  serve.kill("SIGTERM");
  const line = ({ many, p50, p95, bad }) =>
    `${String(many)} answers, median ${p50.toFixed(0)} ms, p95 ${p95.toFixed(0)} ms, errors ${JSON.stringify(bad)}`;
  say("50 clients, PHP's own server", line(plain), plain.bad.length === 0);
  say(
    "50 clients, nginx and php-fpm",
    `${line(served)}; throughput ${(served.many / plain.many).toFixed(2)} of the other`,
    served.bad.length === 0,
  );
}

for (const [name, attack] of Object.entries({ kill, forward, backup, disk, clients })) {
  if (wants(name)) {
    const folder = mkdtempSync(join(tmpdir(), "lamp-"));
    try {
      await attack(folder);
    } finally {
      rmSync(folder, { recursive: true, force: true });
    }
  }
}
process.exit(hasFailed ? 1 : 0);
