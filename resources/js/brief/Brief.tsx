import { Accordion } from "radix-ui";
import type { ComponentType } from "react";
import { Link, useSearchParams } from "react-router";
import { FateKey, fatesOf } from "../drawing/altered";
import { ThreadPicture } from "../drawing/ThreadPicture";
import { FindingCard } from "../findings/FindingCard";
import { useFindings } from "../findings/useProof";
import { useJob } from "../job/JobContext";
import { Panel } from "../kit/Panel";
import { unbroken } from "../kit/units";
import { AirConditioning } from "./AirConditioning";
import { Changed } from "./Changed";
import { Cooling } from "./Cooling";
import { Fans } from "./Fans";
import { FeedsAndEarth } from "./FeedsAndEarth";
import { Fit } from "./Fit";
import { Found } from "./Found";
import { FoundParts } from "./FoundParts";
import { Lengths } from "./Lengths";
import { Lockouts } from "./Lockouts";
import { Overrides } from "./Overrides";
import { Section } from "./Section";
import { Stages } from "./Stages";
import { Supply } from "./Supply";
import { Vehicle } from "./Vehicle";
import { Wrong } from "./Wrong";

const SECTIONS: Record<string, { title: string; Questions: ComponentType }> = {
  vehicle: { title: "The vehicle", Questions: Vehicle },
  found: { title: "What is there", Questions: Found },
  supply: { title: "Supply", Questions: Supply },
  cooling: { title: "Cooling and engine", Questions: Cooling },
  fans: { title: "Fans", Questions: Fans },
  fit: { title: "Fit", Questions: Fit },
  stages: { title: "Who decides", Questions: Stages },
  "air-conditioning": { title: "Air conditioning", Questions: AirConditioning },
  overrides: { title: "Dash switches", Questions: Overrides },
  lockouts: { title: "Lockouts", Questions: Lockouts },
  feeds: { title: "Feeds and earth", Questions: FeedsAndEarth },
  lengths: { title: "Wires as they lie", Questions: Lengths },
  "found-parts": { title: "What is known of it", Questions: FoundParts },
  wrong: { title: "What is wrong with it", Questions: Wrong },
};

/** What only the installer knows, in the order of the work: one section open, the rest a line each, what it makes beside it. */
export function Brief() {
  const { job } = useJob();
  const [address, setAddress] = useSearchParams();
  const { sections } = job.form;
  return (
    <div className="grid gap-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      <div className="sticky top-15 z-10 lg:hidden">
        <Drawn className="max-h-[19vh]" />
      </div>
      <div className="grid content-start gap-2">
        <Link to="../gallery" relative="path" className="link-button justify-self-start">
          Start from another arrangement
        </Link>
        <Accordion.Root
          type="single"
          collapsible
          value={address.get("section") ?? sections[0]?.id ?? ""}
          onValueChange={(open) => {
            setAddress({ section: open }, { replace: true, preventScrollReset: true });
            // Once the section above has folded, the one that opened is where it stays.
            requestAnimationFrame(() =>
              document.getElementById(`section-${open}`)?.scrollIntoView({ block: "nearest" }),
            );
          }}
          className="grid gap-2"
        >
          {sections.map((section, at) => {
            const asked = SECTIONS[section.id];
            return (
              asked && (
                <Section key={section.id} number={at + 1} title={asked.title} section={section}>
                  <asked.Questions />
                </Section>
              )
            );
          })}
        </Accordion.Root>
        <Link
          to="../threads"
          relative="path"
          className="grid min-h-12 place-items-center rounded-[3px] bg-accent px-4 font-semibold text-on-accent"
        >
          See the threads
        </Link>
      </div>
      <aside className="grid content-start gap-4 self-start lg:sticky lg:top-18 lg:max-h-[calc(100vh-5rem)] lg:overflow-y-auto">
        <div className="hidden lg:block">
          <Drawn className="max-h-[46vh]" />
        </div>
        <Made />
      </aside>
    </div>
  );
}

/** The threads the answers make, in sight while they are given. */
function Drawn({ className }: { className: string }) {
  const { job } = useJob();
  const fates = fatesOf(job);
  return (
    <Panel title={job.state === "found" ? "As it was found" : "What the answers make"}>
      <div className={`overflow-y-auto ${className}`}>
        <ThreadPicture drawing={job.design.drawings.narrow} label="The circuit as threads" fates={fates} />
      </div>
      <FateKey fates={fates} />
    </Panel>
  );
}

/** What the last answer changed, what is found, and what was chosen. */
function Made() {
  const { design } = useJob().job;
  const { findings, stateOf, isStale } = useFindings();
  return (
    <>
      <Panel title="What it changes">
        <Changed />
      </Panel>
      {findings.length > 0 && (
        <Panel title="Findings" aside={isStale && <span className="text-sm text-muted">Proving …</span>}>
          <div className="grid gap-2">
            {findings.map((finding) => (
              <FindingCard key={finding.code + finding.subject} finding={finding} state={stateOf(finding)} />
            ))}
          </div>
        </Panel>
      )}
      <Panel title="As it stands">
        <dl>
          {design.choices.map((choice) => (
            <div key={choice.id} className="flex justify-between gap-3 border-b border-line py-1.5">
              <dt className="text-sm text-muted">{choice.name}</dt>
              <dd className="text-right font-semibold">{unbroken(choice.label)}</dd>
            </div>
          ))}
        </dl>
      </Panel>
    </>
  );
}
