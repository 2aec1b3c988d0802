import { FateKey, fatesOf } from "../drawing/altered";
import { useJob } from "../job/JobContext";
import { ThreadDrawing } from "../drawing/ThreadDrawing";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { useText, useTexts } from "../kit/messages";
import { digits, money, useShown } from "../kit/units";
import { PlanDrawing } from "../drawing/PlanDrawing";
import { ShroudSketch } from "../drawing/ShroudSketch";
import { CutList } from "./CutList";
import { Labels } from "./Labels";
import { PinCards } from "./PinCards";

/** What to cut, buy, crimp and label, and in which order. Prints on A4 and letter. */
export function Loom() {
  const { job } = useJob();
  const { design, file } = job;
  const show = useShown();
  const text = useText();
  const texts = useTexts();
  const labelled = design.wires.filter((wire) => !wire.isThere);
  return (
    <div className="document grid gap-4 print:block">
      <p className="print-foot hidden print:block">
        {file.job.title}, version {job.version}
      </p>
      <header className="flex flex-wrap items-center gap-3">
        <div className="mr-auto">
          <h2 className="text-xl font-bold">{file.job.title}</h2>
          <p className="text-muted">{file.job.vehicle}</p>
        </div>
        <div className="no-print flex flex-wrap gap-2">
          <Button
            tone="strong"
            onClick={() => {
              print();
            }}
          >
            Print
          </Button>
          <Download href={`/api/jobs/${job.id}/cut-list.csv`}>Cut list, CSV</Download>
          <Download href={`/api/jobs/${job.id}/threads.svg`}>Threads, SVG</Download>
          <Download href={`/api/jobs/${job.id}/netlist.cir?key=run&coolantC=130`}>Netlist, SPICE</Download>
          <Download href={`/api/jobs/${job.id}/file`}>Job file</Download>
        </div>
      </header>
      {design.findings.some((finding) => finding.severity === "danger") && (
        <p className="panel border-danger font-semibold text-danger">
          ▲ This circuit has findings of danger. Settle them on Threads before anything is cut.
        </p>
      )}

      <div className="hidden print:block">
        <ThreadDrawing
          design={design}
          bench={undefined}
          format="wide"
          held={[]}
          fates={fatesOf(job)}
          onHold={() => undefined}
        />
        <FateKey fates={fatesOf(job)} />
      </div>

      <CutList wires={design.wires} />

      <Panel title="Parts">
        {design.parts.length === 0 && <p className="mb-2">Nothing is bought.</p>}
        <div className="overflow-x-auto">
          <table className="table w-full">
            <thead>
              <tr>
                <th>Part</th>
                <th className="text-right!">Quantity</th>
                <th>For</th>
                <th>Alternative</th>
                <th className="text-right!">Price</th>
              </tr>
            </thead>
            <tbody>
              {design.parts.map((part) => (
                <tr key={part.part + part.for}>
                  <td className="font-semibold">{text(part, "part")}</td>
                  <td className="text-right! font-mono whitespace-nowrap">
                    {part.unit === "m" ? show(part.quantity, "length") : digits(part.quantity)}
                  </td>
                  <td className="text-muted">{text(part, "for")}</td>
                  <td className="text-muted">{part.instead ?? "—"}</td>
                  <td className="text-right! font-mono whitespace-nowrap">
                    {part.price === null ? "—" : money(part.price * part.quantity)}
                  </td>
                </tr>
              ))}
              <tr className="font-bold">
                <td colSpan={4}>Total</td>
                <td className="text-right! font-mono">
                  {money(design.parts.reduce((sum, part) => sum + (part.price ?? 0) * part.quantity, 0))}
                </td>
              </tr>
            </tbody>
          </table>
        </div>
      </Panel>

      <Panel title="From the wire side">
        <p className="mb-3 text-sm text-muted">
          Relays lie as their base is seen from behind; where the base bears other numbers, its numbers count.
        </p>
        <PinCards cards={design.pinCards} />
      </Panel>

      {labelled.length > 0 && (
        <Panel title="Labels">
          <Labels wires={labelled} />
        </Panel>
      )}

      {job.form.plan.drawn !== null && (
        <Panel title="Where parts sit">
          <div className="grid gap-4 sm:grid-cols-[2fr_1fr]">
            <PlanDrawing plan={job.form.plan.drawn} />
            <ol className="grid content-start gap-1">
              {job.form.plan.drawn.places.map((place, at) => (
                <li key={place.id}>
                  <b className="font-mono">{at + 1}</b> {text(place, "label")}:{" "}
                  {place.options.find((option) => option.zone === place.zone)?.label}
                </li>
              ))}
            </ol>
          </div>
        </Panel>
      )}

      {job.form.fit.layouts.map((layout) => (
        <Panel key={layout.mount} title={layout.mount === "puller" ? "Shroud, to scale" : "Fans in front, to scale"}>
          <ShroudSketch layout={layout} />
        </Panel>
      ))}

      <section className="panel sheet">
        <h2 className="heading mb-3">Steps</h2>
        <ol className="grid gap-4">
          {design.steps.map((step, at) => (
            <li key={step.title} className="grid grid-cols-[2.5rem_1fr]">
              <span className="font-mono text-xl font-bold text-accent">{at + 1}</span>
              <div>
                <h3 className="font-bold">{step.title}</h3>
                {step.caution !== null && (
                  <p className="my-1 border-l-4 border-l-warning bg-sunk px-3 py-1.5 text-[0.95rem]">
                    <b className="text-warning">◆ Caution</b> {step.caution}
                  </p>
                )}
                <ul className="list-disc pl-5">
                  {texts(step, "does").map((does) => (
                    <li key={does}>{does}</li>
                  ))}
                </ul>
              </div>
            </li>
          ))}
        </ol>
      </section>
    </div>
  );
}

function Download({ href, children }: { href: string; children: string }) {
  return (
    <a href={href} download className="link-button">
      {children}
    </a>
  );
}
