import { execFileSync } from "node:child_process";
import { defineConfig } from "@playwright/test";

// A port of its own each run, so that a copy that is running is not in the way. Workers read the same one.
process.env.LAMP_PORT ??= execFileSync(process.execPath, [
  "-e",
  "const s = require('net').createServer().listen(0, '127.0.0.1', () => { console.log(s.address().port); s.close(); })",
])
  .toString()
  .trim();
const PORT = process.env.LAMP_PORT;
const DATABASE = `${process.env.TMPDIR ?? `${process.cwd()}/storage`}/e2e-${PORT}.sqlite`;

export default defineConfig({
  testDir: "e2e",
  outputDir: "test-results",
  fullyParallel: false,
  // Files beside each other; each test has jobs of its own.
  workers: 2,
  // Nothing is asserted of how fast anything is: on a busy machine with one core all of it takes many times as long.
  timeout: 900_000,
  expect: { timeout: 300_000 },
  reporter: process.env.CI ? "line" : "list",
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    actionTimeout: 300_000,
    viewport: { width: 1280, height: 800 },
    colorScheme: "light",
    launchOptions: {
      executablePath: "/usr/bin/chromium",
      args: [
        "--no-sandbox",
        "--disable-gpu",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
        "--no-first-run",
      ],
    },
  },
  globalTeardown: "./e2e/teardown.ts",
  webServer: {
    command: `bin/start --port ${PORT}`,
    // Whoever ends this run, even by force, ends what it has started.
    env: { LAMP_UNTIL: String(process.pid), LAMP_DATABASE: DATABASE, LAMP_BACKUPS: `${process.cwd()}/test-results/backups` },
    url: `http://127.0.0.1:${PORT}/api/jobs`,
    timeout: 600_000,
    stdout: "ignore",
  },
});
