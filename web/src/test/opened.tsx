import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { render } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import type { ReactNode } from "react";
import { MemoryRouter, Route, Routes, useLocation } from "react-router";
import { UnitProvider } from "../app/unit";

function Where() {
  return <output data-testid="where">{useLocation().pathname}</output>;
}

/** Opens a page at an address, with what every page stands in, and a technician at the keyboard. */
export function opened(page: ReactNode, path: string, at: string) {
  const user = userEvent.setup();
  render(
    <QueryClientProvider
      client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}
    >
      <UnitProvider>
        <MemoryRouter initialEntries={[at]}>
          <Routes>
            <Route path={path} element={page} />
            <Route path="*" element={<p>elsewhere</p>} />
          </Routes>
          <Where />
        </MemoryRouter>
      </UnitProvider>
    </QueryClientProvider>,
  );
  return user;
}
