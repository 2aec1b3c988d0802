import { useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { api } from "../api/client";
import { Menu } from "../kit/Menu";
import { begin, useSession } from "./SessionGate";

/** What concerns the workshop as a whole: its machine, its people, and leaving. */
export function PersonMenu() {
  const session = useSession();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const leave = async () => {
    begin(queries, await api.signOut());
  };
  return (
    <Menu
      label={session.person === null ? "Workshop" : session.person.name}
      shows={session.person?.name}
      items={[
        { label: "Health", onPick: () => void navigate("/health") },
        ...(session.mayManage ? [{ label: "People", onPick: () => void navigate("/people") }] : []),
        ...(session.person === null ? [] : [{ label: "Sign out", onPick: () => void leave() }]),
      ]}
    />
  );
}
