import { Link, useLocation } from "react-router";
import { useJob } from "../job/JobContext";
import { addressAs, type VehicleState } from "../job/vehicleState";
import { hasView } from "./views";

const STATES: { state: VehicleState; name: string }[] = [
  { state: "found", name: "As found" },
  { state: "leaves", name: "As it leaves" },
];

/** Which of the two the views show: the vehicle as it was found, or as it leaves. Only where something was found. */
export function StateSwitch() {
  const { job } = useJob();
  const { pathname } = useLocation();
  const view = pathname.split("/")[3] ?? "brief";
  if (job.altered === null) {
    return null;
  }
  return (
    <nav aria-label="The vehicle" className="flex overflow-hidden rounded-[3px] border border-line">
      {STATES.map(({ state, name }) => (
        <Link
          key={state}
          to={`/jobs/${addressAs(state, job.id)}/${hasView(state, view) ? view : "brief"}`}
          aria-current={state === job.state ? "true" : undefined}
          className={`grid min-h-11 place-items-center px-3 text-sm ${
            state === job.state ? "bg-accent font-bold text-on-accent" : "hover:bg-sunk"
          }`}
        >
          {name}
        </Link>
      ))}
    </nav>
  );
}
