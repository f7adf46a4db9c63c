/** Letters that mean something in XML. */
const SAFE: Record<string, string> = { "&": "&amp;", "<": "&lt;", ">": "&gt;", '"': "&quot;" };

export function escaped(text: string): string {
  return text.replace(/[&<>"]/g, (c) => SAFE[c] ?? c);
}

/** A drawing of the page with its words, one below the other, as a picture of its own. */
export function svgFile(
  parts: readonly { svg: SVGSVGElement; label: string; over?: string }[],
): string {
  const width = Math.max(...parts.map((p) => p.svg.viewBox.baseVal.width));
  let y = 0;
  const drawn = parts.map(({ svg, label, over = "" }) => {
    const { x, y: top, width: w, height: h } = svg.viewBox.baseVal;
    const text = `<text x="8" y="${String(y + 20)}" font-size="16">${escaped(label)}</text>`;
    const picture = `<svg x="0" y="${String(y + 26)}" width="${String(w)}" height="${String(h)}" viewBox="${[x, top, w, h].map(String).join(" ")}">${svg.innerHTML}${over}</svg>`;
    y += h + 32;
    return text + picture;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${String(width)} ${String(y)}" font-family="Archivo, sans-serif"><rect width="100%" height="100%" fill="#FFF3C9"/>${drawn.join("")}</svg>`;
}

/** Hands a text over as a file. */
export function saveFile(name: string, type: string, content: string) {
  const address = URL.createObjectURL(new Blob([content], { type }));
  const link = document.createElement("a");
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}
