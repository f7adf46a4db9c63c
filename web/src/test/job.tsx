import { screen, within } from "@testing-library/react";
import { JobPage } from "../job/JobPage";
import { opened } from "./opened";
import { theServer } from "./server";

/** Opens the page of a job of the samples, which accepts everything unless it was told otherwise. */
export async function openJob(id: number, name: string, accepting = true) {
  theServer.job(id, name, accepting);
  const user = opened(<JobPage />, "/jobs/:id", `/jobs/${String(id)}`);
  await screen.findByTestId("headline");
  return user;
}

export const field = (name: RegExp) => screen.getByRole<HTMLInputElement>("textbox", { name });
export const press = (name: RegExp | string) => screen.getByRole("button", { name });
export const panel = async () => within(await screen.findByRole("dialog"));
