import "./index.css";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { Pages } from "./app/Pages";
import { UnitProvider } from "./app/unit";

const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, staleTime: 1000 } } });
const root = document.getElementById("root");
if (root === null) throw new Error("the page has no root");

createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <UnitProvider>
        <Pages />
      </UnitProvider>
    </QueryClientProvider>
  </StrictMode>,
);
