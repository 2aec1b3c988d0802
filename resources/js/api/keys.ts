/** Keys of everything that is fetched and kept, in one place, so that what is made stale is found. */
export const keys = {
  jobs: ["jobs"] as const,
  jobPages: (question: object) => ["jobs", question] as const,
  openJobs: ["job"] as const,
  job: (id: string) => ["job", id] as const,
  revisions: (id: string, version: number) => ["revisions", id, version] as const,
  proofs: (id: string) => ["proof", id] as const,
  proof: (id: string, version: number) => ["proof", id, version] as const,
  comparison: (id: string, version: number, number: number) => ["comparison", id, version, number] as const,
  road: (id: string, version: number, question: object) => ["road", id, version, question] as const,
  task: (id: string, version: number, kind: string) => ["task", id, version, kind] as const,
  shelf: ["shelf"] as const,
  session: ["session"] as const,
  people: ["people"] as const,
  health: ["health"] as const,
};
