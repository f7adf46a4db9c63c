import { Field, Select } from "../ui/controls";

/** Which microphone or interface is listened to. */
export function InputChoice({
  devices,
  device,
  onChoose,
}: {
  devices: readonly { id: string; label: string }[];
  device: string;
  onChoose: (device: string) => void;
}) {
  return (
    <Field label="Input">
      <Select value={device} onChange={(e) => onChoose(e.target.value)}>
        <option value="">the usual one</option>
        {devices.map((d) => (
          <option key={d.id} value={d.id}>
            {d.label}
          </option>
        ))}
      </Select>
    </Field>
  );
}
