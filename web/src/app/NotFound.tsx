import { useEffect, useState } from "react";
import { Link, useNavigate } from "react-router";
import { Help } from "./Help";
import { useShortcuts } from "./shortcuts";
import { TopBar } from "./TopBar";

/** An address that leads nowhere: the bar stays, and so does the way back. */
export function NotFound() {
  const navigate = useNavigate();
  const [help, setHelp] = useState(false);
  useEffect(() => {
    document.title = "No such page · Barytone";
  }, []);
  useShortcuts({ b: () => void navigate("/"), "?": () => setHelp(true) }, !help);
  return (
    <>
      <TopBar onHelp={() => setHelp(true)} />
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
      <Help
        open={help}
        onClose={() => setHelp(false)}
        title="Keys"
        keys={[["B", "back to the bench"]]}
      />
    </>
  );
}
