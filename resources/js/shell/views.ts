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

/** What is beside the jobs, not in one. */
export const JOBS = { path: "/jobs", name: "Jobs", letter: "j" } as const;
export const PRACTICE = { path: "/practice", name: "Practice", letter: "c" } as const;
export const SHELF = { path: "/shelf", name: "Shelf", letter: "s" } as const;
