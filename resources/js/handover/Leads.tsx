import type { HandoverLead } from "../api/generated/handover";
import { useText } from "../kit/messages";

interface Props {
  leads: HandoverLead[];
  onShow: (spots: string[]) => void;
}

/** The spots the leads or the clamp go to, with the wires that are there; pressed, they are marked on the drawing. */
export function Leads({ leads, onShow }: Props) {
  const text = useText();
  if (leads.length === 0) {
    return null;
  }
  return (
    <button
      type="button"
      className="flex min-h-11 flex-wrap items-center gap-x-3 gap-y-1 text-left underline decoration-line underline-offset-4"
      onClick={() => {
        onShow(leads.map((lead) => lead.spot));
      }}
    >
      {leads.map((lead, at) => (
        <span key={lead.spot}>
          <b>{leads.length === 1 ? "Clamp round" : at === 0 ? "Red on" : "Black on"}</b>{" "}
          <span className="font-mono">{text(lead, "name")}</span>
          {lead.wires.length > 0 && (
            <span className="text-muted">
              {" "}
              ({lead.wires.map((wire) => `${wire.id} ${text(wire, "says")}`).join(", ")})
            </span>
          )}
        </span>
      ))}
    </button>
  );
}
