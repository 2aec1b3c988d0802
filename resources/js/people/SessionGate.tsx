import { type QueryClient, useQuery, useQueryClient } from "@tanstack/react-query";
import { createContext, use, useEffect, type ReactNode } from "react";
import { api, signedOut, type Refused } from "../api/client";
import type { Session } from "../api/generated/session";
import { keys } from "../api/keys";
import { Loading } from "../shell/states";
import { SignIn } from "./SignIn";

/** What may be done before it is known who asks. */
const ALONE: Session = { isAsked: false, person: null, mayChange: true, mayManage: false };

const Context = createContext(ALONE);

/** Who works here, and what they may do. */
export function useSession(): Session {
  return use(Context);
}

/** Nothing that was read as someone else stays. */
export function begin(queries: QueryClient, session: Session) {
  queries.removeQueries({ predicate: (query) => query.queryKey[0] !== keys.session[0] });
  queries.setQueryData(keys.session, session);
}

/** Asks who it is, where the program is open to the shop; on one machine alone it lets everything through. */
export function SessionGate({ children }: { children: ReactNode }) {
  const queries = useQueryClient();
  const session = useQuery<Session, Refused>({ queryKey: keys.session, queryFn: api.session, retry: false });
  useEffect(() => {
    const ended = () => void queries.invalidateQueries({ queryKey: keys.session });
    signedOut.addEventListener("ended", ended);
    return () => {
      signedOut.removeEventListener("ended", ended);
    };
  }, [queries]);
  if (session.isPending) {
    return <Loading what="the workshop" />;
  }
  const known = session.data ?? ALONE;
  if (known.isAsked && known.person === null) {
    return (
      <SignIn
        onIn={(now) => {
          begin(queries, now);
        }}
      />
    );
  }
  return <Context value={known}>{children}</Context>;
}
