import "./index.css";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter, Route, Routes } from "react-router";
import { UnitProvider } from "./app/unit";
import { BenchPage } from "./bench/BenchPage";
import { ArrivalPage } from "./arrival/ArrivalPage";
import { NewJobPage } from "./intake/NewJobPage";
import { JobPage } from "./job/JobPage";
import { InstrumentPage } from "./records/InstrumentPage";
import { PlayerPage } from "./records/PlayerPage";
import { RecordsPage } from "./records/RecordsPage";
import { ScratchPage } from "./scratch/ScratchPage";
import { PitchPage } from "./pitch/PitchPage";
import { ShopPage } from "./shop/ShopPage";
import { NotFound } from "./app/NotFound";

const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, staleTime: 1000 } } });
const root = document.getElementById("root");
if (root === null) throw new Error("the page has no root");

createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <UnitProvider>
        <BrowserRouter>
          <Routes>
            <Route path="/" element={<BenchPage />} />
            <Route path="/jobs/:id/arrival" element={<ArrivalPage />} />
            <Route path="/new" element={<NewJobPage />} />
            <Route path="/records" element={<RecordsPage />} />
            <Route path="/instruments/:id" element={<InstrumentPage />} />
            <Route path="/players/:id" element={<PlayerPage />} />
            <Route path="/jobs/:id" element={<JobPage />} />
            <Route path="/scratch" element={<ScratchPage />} />
            <Route path="/scratch/:sum" element={<ScratchPage />} />
            <Route path="/pitch" element={<PitchPage />} />
            <Route path="/shop" element={<ShopPage />} />
            <Route path="*" element={<NotFound />} />
          </Routes>
        </BrowserRouter>
      </UnitProvider>
    </QueryClientProvider>
  </StrictMode>,
);
