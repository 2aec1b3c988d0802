import { readdirSync, rmSync } from "node:fs";

/** The run's own database goes with it. */
export default function teardown(): void {
  const start = `e2e-${process.env.LAMP_PORT ?? ""}.sqlite`;
  for (const file of readdirSync("storage").filter((name) => name.startsWith(start))) {
    rmSync(`storage/${file}`, { force: true });
  }
}
