import { useForm } from "react-hook-form";
import { api, type JobView } from "../app/api";
import { Button, Field, Select, TextInput } from "../ui/controls";
import type { Send } from "./useJob";
import { useOwnSend } from "./useOwnSend";

interface Typed {
  place: "room" | "case";
  humidity: string;
  temperature: string;
}

/** The humidity that the instrument stands in, as it is read from a hygrometer. */
export function AirForm({
  job,
  send,
  label,
  onDone,
}: {
  job: JobView;
  send: Send;
  label: string;
  onDone?: () => void;
}) {
  const form = useForm<Typed>({ defaultValues: { place: "room", humidity: "", temperature: "" } });
  const own = useOwnSend(send);
  const record = async (typed: Typed) => {
    const done = await own((stamp, params) =>
      api.POST("/api/jobs/{id}/air", { params, body: { ...stamp, ...typed } }),
    );
    if (done === null) return;
    form.reset();
    onDone?.();
  };
  return (
    <form aria-label={label} onSubmit={(event) => void form.handleSubmit(record)(event)}>
      <p className="text-[15px] font-semibold">
        {label}
        {job.air !== undefined && (
          <span className="font-normal text-mute"> (last: {job.air.text})</span>
        )}
      </p>
      <div className="grid grid-cols-2 items-end gap-2 sm:grid-cols-[1.2fr_1fr_1fr_auto]">
        <Field label="Where">
          <Select {...form.register("place")}>
            <option value="room">in the room</option>
            <option value="case">in its case or body</option>
          </Select>
        </Field>
        <Field label="Humidity, % RH">
          <TextInput inputMode="decimal" {...form.register("humidity", { required: true })} />
        </Field>
        <Field label="Temperature, °C">
          <TextInput inputMode="decimal" {...form.register("temperature")} />
        </Field>
        <Button type="submit">Record</Button>
      </div>
    </form>
  );
}
