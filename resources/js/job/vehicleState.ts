/** Ends the address of a job that is looked at as the vehicle was found. */
const AS_FOUND = ".found";

export type VehicleState = "found" | "leaves";

const isAsFound = (id: string) => id.endsWith(AS_FOUND);

/** The address of the same job as it was found, or as it leaves. */
export function addressAs(state: VehicleState, id: string): string {
  const plain = isAsFound(id) ? id.slice(0, -AS_FOUND.length) : id;
  return state === "found" ? plain + AS_FOUND : plain;
}

/** The address of the other of the two. */
export const otherAddress = (id: string) => addressAs(isAsFound(id) ? "leaves" : "found", id);
