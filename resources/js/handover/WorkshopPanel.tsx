import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, refusedBy } from "../api/client";
import { keys } from "../api/keys";
import type { Workshop } from "../api/generated/workshop";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";

/** The workshop as it stands on its papers: typed once, for every job. */
export function WorkshopPanel() {
  const { data } = useQuery({ queryKey: keys.workshop, queryFn: api.workshop, retry: false });
  return data === undefined ? null : <WorkshopForm key={JSON.stringify(data)} kept={data} />;
}

function WorkshopForm({ kept }: { kept: Workshop }) {
  const queries = useQueryClient();
  const [typed, setTyped] = useState(kept);
  const [hourPrice, setHourPrice] = useState(kept.hourPrice === 0 ? "" : String(kept.hourPrice));
  const [wrong, setWrong] = useState("");
  const keep = async () => {
    setWrong("");
    const price = Number(hourPrice.trim().replace(",", ".") || "0");
    if (!Number.isFinite(price) || price < 0) {
      setWrong(`‘${hourPrice}’ is no price.`);
      return;
    }
    try {
      // Only what was typed here goes: somebody else may have changed the rest.
      const changed = Object.fromEntries(
        Object.entries({ ...typed, hourPrice: price }).filter(
          ([field, value]) => value !== kept[field as keyof Workshop],
        ),
      );
      if (Object.keys(changed).length > 0) {
        queries.setQueryData(keys.workshop, await api.keepWorkshop(changed));
      } else {
        setHourPrice(price === 0 ? "" : String(price));
      }
    } catch (error) {
      setWrong(refusedBy(error).message);
    }
  };
  const field = (name: "name" | "address" | "money", label: string, most: number, width: string) => (
    <label className={`grid gap-1 ${width}`}>
      <span className="field-label mb-0">{label}</span>
      <input
        className="field min-h-11 w-full px-3"
        maxLength={most}
        value={typed[name]}
        onChange={(event) => {
          setTyped({ ...typed, [name]: event.target.value });
        }}
      />
    </label>
  );
  return (
    <Panel title="Workshop on the papers">
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void keep();
        }}
      >
        {field("name", "Name", 120, "w-64")}
        {field("address", "Address", 400, "min-w-64 grow")}
        {field("money", "Money", 8, "w-24")}
        <label className="grid w-28 gap-1">
          <span className="field-label mb-0">An hour’s work</span>
          <input
            className="field min-h-11 w-full px-3"
            inputMode="decimal"
            value={hourPrice}
            onChange={(event) => {
              setHourPrice(event.target.value);
            }}
          />
        </label>
        <Button type="submit">Keep</Button>
      </form>
      {wrong !== "" && (
        <p role="alert" className="mt-2 font-semibold text-danger">
          {wrong}
        </p>
      )}
    </Panel>
  );
}
