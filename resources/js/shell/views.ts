/** The views of a job in working order; the letter jumps there. */
export const VIEWS = [
  { path: "brief", name: "Brief", letter: "b" },
  { path: "plans", name: "Plans", letter: "a" },
  { path: "threads", name: "Threads", letter: "t" },
  { path: "bench", name: "Bench", letter: "n" },
  { path: "proof", name: "Proof", letter: "p" },
  { path: "road", name: "Road", letter: "r" },
  { path: "loom", name: "Loom", letter: "l" },
  { path: "handover", name: "Handover", letter: "h" },
  { path: "trail", name: "Trail", letter: "i" },
] as const;

/** The views a vehicle as it was found has too: nothing of it is planned, cut or handed over. */
const OF_FOUND = ["brief", "threads", "bench", "proof", "trail"];

/** Whether a view shows a vehicle in that state. */
export const hasView = (state: "found" | "leaves", path: string) => state === "leaves" || OF_FOUND.includes(path);

/** Whether an address shows something of a vehicle as it was found that only the vehicle as it leaves has. */
export const isOfLeaving = (state: "found" | "leaves", path: string | undefined) =>
  VIEWS.some((view) => view.path === path && !hasView(state, view.path));

/** What is beside the jobs, not in one. */
export const JOBS = { path: "/jobs", name: "Jobs", letter: "j" } as const;
export const PRACTICE = { path: "/practice", name: "Practice", letter: "c" } as const;
export const SHELF = { path: "/shelf", name: "Shelf", letter: "s" } as const;
