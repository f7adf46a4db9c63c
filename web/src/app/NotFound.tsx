import { Link } from "react-router";

export function NotFound() {
  return (
    <main className="p-8 text-[18px]">
      <h1 className="wide mb-3 text-[28px] font-bold">There is no such page</h1>
      <p>
        The{" "}
        <Link to="/" className="font-semibold underline">
          bench
        </Link>{" "}
        lists the jobs there are.
      </p>
    </main>
  );
}
