import type { FormStage, JobFile, Stage } from "../api/generated/saved-job";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { Choose } from "../job/Choose";
import { AddOption } from "./AddOption";
import { DeciderFields } from "./DeciderFields";

/** How the fans come on, and what decides each stage. */
export function Stages() {
  const { job } = useJob();
  const { stages } = job.file.control;
  return (
    <>
      <Choose label="The fans run" value={job.form.ways.value} options={job.form.ways.options} />
      {stages.map((stage, at) => (
        <section key={stage.id} className="grid gap-4 border-t border-line pt-3" aria-label={`Stage ${at + 1}`}>
          {stages.length > 1 && (
            <h3 className="font-bold">
              Stage {at + 1}
              {job.file.control.speeds ? (at === 0 ? ", low" : ", high") : `: ${namesOf(stage, job.file)}`}
            </h3>
          )}
          {job.form.stages[at] && <StageFields stage={job.form.stages[at]} />}
        </section>
      ))}
    </>
  );
}

/** One stage: whose wiring it is on, what decides it, and what runs it beside that. */
function StageFields({ stage }: { stage: FormStage }) {
  const { change } = useJob();
  return (
    <>
      {stage.wiring.options.length > 1 && (
        <Choose label="Its wiring" value={stage.wiring.value} options={stage.wiring.options} />
      )}
      <DeciderFields deciding={stage.deciding} />
      {stage.side !== null && (
        <Choose label="Side that is switched" value={stage.side.value} options={stage.side.options} />
      )}
      {stage.relayLead !== null && (
        <Choose label="The relay stands" value={stage.relayLead.value} options={stage.relayLead.options} />
      )}
      {stage.parallel.map((deciding) => (
        <section key={deciding.path} className="grid gap-4 border-l-4 border-l-line pl-4" aria-label="Runs it too">
          <h4 className="font-bold">Runs it too: {deciding.decider.options[0]?.label}</h4>
          <DeciderFields deciding={deciding} />
          <Button
            className="justify-self-start text-muted"
            onClick={() => void change({ label: "Remove a trigger", picks: [deciding.remove ?? ""] })}
          >
            Remove this trigger
          </Button>
        </section>
      ))}
      <AddOption label="Add what runs it too" options={stage.addParallel} />
    </>
  );
}

const namesOf = (stage: Stage, file: JobFile) =>
  stage.fans.map((id) => file.fans.find((fan) => fan.id === id)?.name ?? id).join(", ");
