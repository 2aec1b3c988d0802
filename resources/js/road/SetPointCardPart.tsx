import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import { keys } from "../api/keys";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { useText } from "../kit/messages";
import { digits } from "../kit/units";

/** A card for whoever programs a computer or turns a screw; prints on one sheet. */
export function SetPointCardPart() {
  const { job } = useJob();
  const text = useText();
  const { data: card } = useQuery({
    queryKey: keys.card(job.id, job.version),
    queryFn: () => api.setPointCard(job.id),
    retry: false,
  });
  if (card === undefined) {
    return null;
  }
  return (
    <section className="panel document grid gap-4" aria-label="Set-point card">
      <header className="flex flex-wrap items-center gap-3">
        <div className="mr-auto">
          <h2 className="text-xl font-bold">Set points: {job.file.job.title}</h2>
          <p className="text-muted">{job.file.job.vehicle}</p>
        </div>
        <Button
          tone="strong"
          className="no-print"
          onClick={() => {
            print();
          }}
        >
          Print
        </Button>
      </header>
      <div className="overflow-x-auto">
        <table className="table w-full">
          <thead>
            <tr>
              <th>Stage</th>
              <th>On</th>
              <th>Off</th>
              <th>Felt at</th>
              <th>How it is set</th>
              <th>Commanded on, engine idling</th>
            </tr>
          </thead>
          <tbody>
            {card.rows.map((row) => (
              <tr key={row.stage}>
                <th scope="row" className="align-top">
                  {text(row, "stage")}
                </th>
                <Both celsius={row.onC} fahrenheit={row.onF} />
                <Both celsius={row.offC} fahrenheit={row.offF} />
                <td>{row.place === null ? "–" : text(row, "place")}</td>
                <td>{text(row, "how")}</td>
                <td className="font-semibold">{text(row.commanded, "says")}</td>
              </tr>
            ))}
            <tr>
              <th scope="row" className="align-top">
                Nothing commanded
              </th>
              <td colSpan={4} />
              <td className="font-semibold">{text(card.resting, "says")}</td>
            </tr>
            {card.airConditioning !== null && (
              <tr>
                <th scope="row" className="align-top">
                  Air conditioning asks
                </th>
                <td colSpan={4}>{text(card.airConditioning, "says")}</td>
                <td className="font-semibold">{text(card.airConditioning.asks, "says")}</td>
              </tr>
            )}
          </tbody>
        </table>
      </div>
      {card.afterRunS !== null && <p>After-run: {digits(card.afterRunS)} s from the moment the key goes out.</p>}
      <p className="text-sm text-muted">
        Fans start without warning: keep hands and leads clear. Temperatures are in the steps most boxes and screens
        take, half a degree Celsius or a whole degree Fahrenheit.
      </p>
    </section>
  );
}

function Both({ celsius, fahrenheit }: { celsius: number | null; fahrenheit: number | null }) {
  return (
    <td className="whitespace-nowrap">
      {celsius === null || fahrenheit === null ? "–" : `${digits(celsius, 1)} °C / ${digits(fahrenheit)} °F`}
    </td>
  );
}
