import { NavLink } from "react-router";
import { useJob } from "../job/JobContext";
import { hasView, JOBS, PRACTICE, SHELF, VIEWS } from "./views";

/** On a phone the views are wider than the screen: the open one is scrolled to. */
function intoSight(link: HTMLAnchorElement | null) {
  if (link?.getAttribute("aria-current") === "page") {
    link.scrollIntoView({ block: "nearest", inline: "center" });
  }
}

/** The way through a job: one thread, a knot for each view, the lamp at the one that is open. */
export function ThreadNav() {
  const { state } = useJob().job;
  return (
    <nav
      aria-label="Views"
      className="no-print fixed inset-x-0 bottom-0 z-20 overflow-x-auto border-t border-line bg-panel lg:static lg:z-0 lg:overflow-visible lg:border-t-0 lg:border-r lg:bg-transparent"
    >
      <ol className="relative flex justify-around lg:sticky lg:top-16 lg:flex-col lg:justify-start lg:py-4">
        <span
          aria-hidden
          className="absolute inset-x-10 top-[19px] h-0.5 bg-line lg:inset-x-auto lg:top-8 lg:bottom-8 lg:left-[27px] lg:h-auto lg:w-0.5"
        />
        {[JOBS, ...VIEWS.filter((view) => hasView(state, view.path)), SHELF, PRACTICE].map((view) => (
          <li key={view.path} className="relative grow lg:grow-0">
            <NavLink
              ref={intoSight}
              to={view.path}
              end
              title={`${view.name} (${view.letter})`}
              className={({ isActive }) =>
                `flex min-h-14 flex-col items-center gap-0.5 px-2 pt-2 text-sm lg:min-h-12 lg:flex-row lg:gap-2.5 lg:px-4 lg:pt-0 lg:text-[0.95rem] ${
                  isActive ? "font-bold text-ink" : "text-muted hover:text-ink"
                }`
              }
            >
              {({ isActive }) => (
                <>
                  <span
                    aria-hidden
                    className={`grid size-6 shrink-0 place-items-center rounded-full border-2 ${
                      isActive ? "border-accent bg-lamp shadow-[0_0_12px_var(--lamp)]" : "border-line bg-ground"
                    }`}
                  />
                  {view.name}
                </>
              )}
            </NavLink>
          </li>
        ))}
      </ol>
    </nav>
  );
}
