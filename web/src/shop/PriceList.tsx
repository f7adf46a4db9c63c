import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useFieldArray, useForm } from "react-hook-form";
import { answer, api, asProblem, type Schemas } from "../app/api";
import { TickBox } from "../job/SettingForm";
import { Button, Field, Select, TextInput, Trouble } from "../ui/controls";

type Prices = Schemas["PricesView"];

/** The shop's own price list, its currency and its tax. */
export function PriceList() {
  const prices = useQuery({
    queryKey: ["prices"],
    queryFn: () => answer(api.GET("/api/shop/prices")),
  });
  return (
    <section aria-label="Prices" className="mt-10">
      <h2 className="wide mb-1 text-[26px] font-bold">Prices</h2>
      <p className="mb-3 text-[16px] text-mute">
        What is offered when work is agreed on. Jobs on which something was agreed keep their
        prices.
      </p>
      {prices.error !== null && <Trouble text={prices.error.message} />}
      {prices.data === undefined && prices.error === null && <p>Fetching the prices</p>}
      {prices.data !== undefined && <List key={prices.data.version} view={prices.data} />}
    </section>
  );
}

function List({ view }: { view: Prices }) {
  const queries = useQueryClient();
  const form = useForm<Prices>({ defaultValues: view });
  const services = useFieldArray({ control: form.control, name: "services" });
  const [trouble, setTrouble] = useState<string | null>(null);
  const keep = async (typed: Prices) => {
    setTrouble(null);
    try {
      queries.setQueryData(
        ["prices"],
        await answer(api.PUT("/api/shop/prices", { body: { ...typed, version: view.version } })),
      );
    } catch (error) {
      setTrouble(asProblem(error).message);
    }
  };
  return (
    <form onSubmit={(event) => void form.handleSubmit(keep)(event)}>
      <div className="mb-3 grid grid-cols-2 items-end gap-3 sm:grid-cols-5">
        <Field label="Currency">
          <TextInput maxLength={8} {...form.register("currency")} defaultValue={view.currency} />
        </Field>
        <Field label="Decimals">
          <TextInput
            type="number"
            min={0}
            max={3}
            {...form.register("decimals", { valueAsNumber: true })}
            defaultValue={view.decimals}
          />
        </Field>
        <Field label="Tax, %">
          <TextInput inputMode="decimal" {...form.register("tax")} defaultValue={view.tax} />
        </Field>
        <TickBox {...form.register("taxIncluded")} defaultChecked={view.taxIncluded}>
          prices include it
        </TickBox>
        <Field label="Ask from, % of the worth">
          <TextInput
            type="number"
            min={1}
            max={1000}
            {...form.register("askShare", { valueAsNumber: true })}
            defaultValue={view.askShare}
          />
        </Field>
      </div>
      <ol className="mb-3">
        {services.fields.map((field, i) => (
          <li
            key={field.id}
            className="grid grid-cols-[9rem_1fr_7rem_auto] items-center gap-2 border-t border-line py-1"
          >
            <Select
              aria-label="What it is"
              {...form.register(`services.${i}.kind`)}
              defaultValue={field.kind}
            >
              <option value="service">service</option>
              <option value="part">part</option>
              <option value="goodwill">for nothing</option>
            </Select>
            <TextInput
              aria-label="In words"
              maxLength={200}
              {...form.register(`services.${i}.text`)}
              defaultValue={field.text}
            />
            <TextInput
              aria-label={`Price of ${field.text}`}
              inputMode="decimal"
              className="text-right"
              {...form.register(`services.${i}.price`)}
              defaultValue={field.price}
            />
            <Button aria-label={`Take out: ${field.text}`} onClick={() => services.remove(i)}>
              ✕
            </Button>
          </li>
        ))}
      </ol>
      {trouble !== null && <Trouble text={trouble} />}
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => services.append({ kind: "service", text: "", price: "" })}>
          Another line
        </Button>
        <Button type="submit">Keep the prices</Button>
      </div>
    </form>
  );
}
