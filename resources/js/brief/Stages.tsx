import type { FormStage, JobFile, Stage } from "../api/generated/saved-job";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { Choose, type Option } from "../job/Choose";
import { AddOption } from "./AddOption";
import { DeciderFields } from "./DeciderFields";
import { FormFields } from "./FormFields";

type Way = "together" | "shared" | "stages" | "dropping-resistor" | "two-windings" | "series-parallel";

/** How the fans come on, and what decides each stage. */
export function Stages() {
  const { job } = useJob();
  const { stages } = job.file.control;
  return (
    <>
      <Choose label="The fans run" value={wayOf(job.file)} options={waysFor(job.file)} />
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
      <Choose label="Its wiring" value={stage.wiring.value} options={stage.wiring.options} />
      <FormFields fields={stage.original} />
      <DeciderFields deciding={stage.deciding} />
      {stage.side !== null && (
        <Choose label="Switched side of the coil" value={stage.side.value} options={stage.side.options} />
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
            onClick={() =>
              void change({ label: "Remove a trigger", changes: deciding.remove as Record<string, unknown> })
            }
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

function wayOf(file: JobFile): Way {
  const { speeds, stages } = file.control;
  return speeds ?? (stages.length > 1 ? "stages" : stages[0].sharesRelay === true ? "shared" : "together");
}

function waysFor(file: JobFile): Option<Way>[] {
  const ids = file.fans.map((fan) => fan.id);
  const first = file.control.stages[0];
  const second = file.control.stages[1] ?? later(first);
  const set = (stages: Stage[], speeds: string | null) => ({ "/control/stages": stages, "/control/speeds": speeds });
  const one = (sharesRelay: boolean) => set([{ ...first, fans: ids as Stage["fans"], sharesRelay }], null);
  const both = (speeds: string) =>
    set(
      [
        { ...first, fans: ids as Stage["fans"], sharesRelay: false },
        { ...second, id: "stage-2", fans: ids as Stage["fans"], sharesRelay: false },
      ],
      speeds,
    );
  const together: Option<Way> = {
    value: "together",
    label: ids.length === 1 ? "At one speed" : "Together, a relay each",
    fits: "Usual. One relay per fan, the same type everywhere, so that they can be swapped at the roadside.",
    changes: one(false),
  };
  if (ids.length === 1) {
    return [
      together,
      {
        value: "dropping-resistor",
        label: "Two speeds, resistor",
        fits: "Low through a resistor that gets hot and wants air and metal around it.",
        changes: both("dropping-resistor"),
      },
      {
        value: "two-windings",
        label: "Two speeds, two windings",
        fits: "A motor with a slow and a fast lead.",
        changes: both("two-windings"),
      },
    ];
  }
  const ways: Option<Way>[] = [
    together,
    {
      value: "shared",
      label: "Together on one relay",
      fits: "Few parts; one relay must carry them all.",
      changes: one(true),
    },
    {
      value: "stages",
      label: "One after the other",
      fits: "The second comes on a few degrees above the first.",
      changes: set(
        ids.map((id, at) => ({
          ...(at === 0 ? first : later(first, at)),
          id: `stage-${at + 1}`,
          fans: [id],
        })),
        null,
      ),
    },
  ];
  return ids.length === 2
    ? [
        ...ways,
        {
          value: "series-parallel",
          label: "Series, then parallel",
          fits: "Quiet and low on current in series, full in parallel; three relays.",
          changes: both("series-parallel"),
        },
      ]
    : ways;
}

/** A stage like another, some degrees above it. */
function later(stage: Stage, steps = 1): Stage {
  const { decider } = stage;
  const aboveK = 5 * steps;
  return {
    ...stage,
    decider: {
      ...decider,
      ...("onC" in decider ? { onC: decider.onC + aboveK, offC: decider.offC + aboveK } : {}),
      ...(decider.kind === "computer" ? { output: `${decider.output} ${steps + 1}` } : {}),
    } as Stage["decider"],
  };
}
