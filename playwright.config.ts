import { defineConfig } from "@playwright/test";

const PORT = Number(process.env.LAMP_PORT ?? 8731);

export default defineConfig({
  testDir: "e2e",
  outputDir: "test-results",
  fullyParallel: false,
  workers: 1,
  timeout: 45_000,
  reporter: process.env.CI ? "line" : "list",
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
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
  webServer: {
    command: `rm -f storage/e2e.sqlite* && bin/start --port ${PORT}`,
    env: { LAMP_DATABASE: `${process.cwd()}/storage/e2e.sqlite` },
    url: `http://127.0.0.1:${PORT}/api/jobs`,
    timeout: 120_000,
    stdout: "ignore",
  },
});
