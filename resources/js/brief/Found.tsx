import { Link } from "react-router";
import { Act } from "../job/Act";
import { Choose } from "../job/Choose";
import { useJob } from "../job/JobContext";
import { addressAs } from "../job/vehicleState";

/** Whether anything was there, the way to telling it, and what of it stays. */
export function Found() {
  const { job } = useJob();
  const { found, asFound, stays } = job.form;
  return (
    <>
      <Choose label="Before the work" value={found.value} options={found.options} />
      {found.value === "told" && (
        <>
          <div className="flex flex-wrap gap-2">
            <Link to={`/jobs/${addressAs("found", job.id)}/brief`} className="link-button">
              Tell what was there
            </Link>
            <Act label="Leave as it was found" pick={asFound.pick}>
              Begin with what was there
            </Act>
          </div>
          {stays.length > 0 && (
            <section aria-label="What of it stays" className="grid gap-2">
              <h3 className="font-bold">What of it stays</h3>
              <p className="text-[0.95rem] text-muted">
                What both arrangements have in one place. What stays is not bought, cut or fitted, and is judged by what
                is known of it.
              </p>
              {stays.map((one) => (
                <Choose key={one.id} label={one.name} value={one.value} options={one.options} isRow />
              ))}
            </section>
          )}
        </>
      )}
    </>
  );
}
