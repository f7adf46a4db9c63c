import type { ReactNode } from "react";
import { useParams } from "react-router";
import { NotFound } from "./NotFound";

/** A page whose address ends in a number; another number is another page. */
export function Numbered({ children }: { children: (id: number) => ReactNode }) {
  const { id } = useParams();
  const number = Number(id);
  if (!Number.isSafeInteger(number) || number < 1) return <NotFound />;
  return children(number);
}
