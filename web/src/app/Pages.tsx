import { BrowserRouter, Route, Routes } from "react-router";
import { ArrivalPage } from "../arrival/ArrivalPage";
import { BenchPage } from "../bench/BenchPage";
import { WallPage } from "../day/WallPage";
import { NewJobPage } from "../intake/NewJobPage";
import { JobPage } from "../job/JobPage";
import { PitchPage } from "../pitch/PitchPage";
import { InstrumentPage } from "../records/InstrumentPage";
import { PlayerPage } from "../records/PlayerPage";
import { RecordsPage } from "../records/RecordsPage";
import { ScratchPage } from "../scratch/ScratchPage";
import { TryPage } from "../trial/TryPage";
import { ShopPage } from "../shop/ShopPage";
import { NotFound } from "./NotFound";

/**
 * Every page at its address. A page is left at once, not when the browser has the time: a key that follows another belongs to the page that the first one leads to.
 */
export function Pages() {
  return (
    <BrowserRouter useTransitions={false}>
      <Routes>
        <Route path="/" element={<BenchPage />} />
        <Route path="/jobs/:id/arrival" element={<ArrivalPage />} />
        <Route path="/jobs/:id/what-if" element={<TryPage />} />
        <Route path="/wall" element={<WallPage />} />
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
  );
}
