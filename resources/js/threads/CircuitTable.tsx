import type { Bench } from "../api/generated/bench";
import type { Design } from "../api/generated/saved-job";
import { digits, useShown } from "../kit/units";

/** The same threads as words, for those who do not see the drawing and for those who check it. */
export function CircuitTable({ design, bench }: { design: Design; bench: Bench | undefined }) {
  const show = useShown();
  const wire = (id: string) => design.wires.find((row) => row.id === id);
  return (
    <details className="panel">
      <summary className="heading min-h-8 cursor-pointer">The threads as a table</summary>
      <div className="mt-3 grid gap-4 overflow-x-auto">
        {design.drawings.wide.threads.map((thread) => (
          <table key={thread.id} className="table w-full text-sm">
            <caption className="pb-1 text-left font-bold">{thread.title}</caption>
            <thead>
              <tr>
                <th>Part or wire</th>
                <th>From</th>
                <th>To</th>
                <th className="text-right!">Current</th>
              </tr>
            </thead>
            <tbody>
              {[
                ...thread.items.map((item) => ({ x: item.x, item })),
                ...thread.wires.map((one) => ({ x: (one.x1 + one.x2) / 2, one })),
              ]
                .sort((a, b) => a.x - b.x)
                .map((row) => {
                  if ("item" in row) {
                    const path = bench?.paths[row.item.path];
                    return (
                      <tr key={row.item.path}>
                        <td className="font-semibold">
                          {row.item.mark} {row.item.name}
                        </td>
                        <td className="font-mono">{row.item.terminals[0]?.number}</td>
                        <td className="font-mono">{row.item.terminals[1]?.number}</td>
                        <td className="text-right! font-mono">
                          {path ? (path.conducts ? `${digits(path.currentA)} A` : "open") : ""}
                        </td>
                      </tr>
                    );
                  }
                  const cut = row.one.wire === null ? undefined : wire(row.one.wire);
                  return (
                    cut && (
                      <tr key={cut.id}>
                        <td>
                          {cut.id} {cut.colourName}, {cut.size}, {show(cut.lengthM, "length")}
                        </td>
                        <td className="font-mono">{cut.from}</td>
                        <td className="font-mono">{cut.to}</td>
                        <td className="text-right! font-mono">
                          {bench ? `${digits(bench.wires[cut.id]?.currentA ?? 0)} A` : ""}
                        </td>
                      </tr>
                    )
                  );
                })}
            </tbody>
          </table>
        ))}
      </div>
    </details>
  );
}
