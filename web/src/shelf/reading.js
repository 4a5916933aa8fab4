// @ts-check
// How far the reading of files is, file by file.

/** @typedef {{id: number, name: string, state: string, message: string, ahead?: number, seconds?: number}} FileState */

const open = new Set(["waiting", "with", "reading"]);

/** @type {Record<string, string>} */
const words = {
  waiting: "waiting",
  with: "waiting",
  reading: "reading",
  done: "read",
  failed: "failed",
  "left over": "left over",
  cancelled: "cancelled",
};

/** Whether a file is still to be read. @param {FileState} f */
export const isOpen = (f) => open.has(f.state);

/**
 * @template {keyof HTMLElementTagNameMap} T @param {T} tag @param {string} [cls] @param {string} [text]
 * @returns {HTMLElementTagNameMap[T]}
 */
function el(tag, cls, text) {
  const e = document.createElement(tag);
  if (cls) e.className = cls;
  if (text) e.textContent = text;
  return e;
}

export class Reading {
  /** @param {HTMLElement} box @param {string} text */
  constructor(box, text) {
    this.box = box;
    box.hidden = false;
    box.replaceChildren();
    this.head = el("div", "phead");
    this.title = el("b", "", text);
    this.bar = el("progress");
    this.list = el("ul");
    this.head.append(this.title);
    box.append(this.head, this.bar, this.list);
    this.bar.max = 1;
    this.bar.value = 0;
    this.bar.setAttribute("aria-label", "Progress of the import");
  }

  /** @param {string} text */
  say(text) {
    this.title.textContent = text;
  }

  /** @param {number} part of what is sent */
  sent(part) {
    this.bar.value = part * 0.5;
  }

  /** @param {FileState[]} list @param {(id: number) => Promise<any>} cancel */
  show(list, cancel) {
    const over = list.filter((f) => !isOpen(f)).length;
    const now = list.find((f) => f.state === "reading") || list.find((f) => f.state === "waiting");
    this.say(now ? `Reading ${now.name} (${over + 1} of ${list.length}) …` : "Reading …");
    this.bar.value = 0.5 + 0.5 * (over / Math.max(1, list.length));
    for (const f of list) this.file(f, cancel);
  }

  /** @param {FileState} f @param {(id: number) => Promise<any>} cancel */
  file(f, cancel) {
    const key = `${f.state}|${f.message}|${f.ahead || ""}|${Math.floor(f.seconds || 0)}`;
    const old = /** @type {HTMLElement | null} */ (this.list.querySelector(`[data-id="${f.id}"]`));
    if (old?.dataset.key === key) return;
    const li = row(f, cancel);
    li.dataset.id = String(f.id);
    li.dataset.key = key;
    if (!old) {
      this.list.append(li);
      return;
    }
    const held = old.contains(document.activeElement);
    old.replaceWith(li);
    if (held) li.querySelector("button")?.focus();
  }

  /** @param {string} text */
  stop(text) {
    this.say(text);
    this.bar.remove();
    const close = el("button", "plain", "Close the list");
    close.type = "button";
    close.addEventListener("click", () => {
      this.box.hidden = true;
    });
    this.head.append(el("span", "grow"), close);
  }

  /** @param {FileState[]} list */
  done(list) {
    const count = (/** @type {string} */ s) => list.filter((f) => f.state === s).length;
    const read = count("done");
    const bits = [`${read} ${read === 1 ? "file" : "files"} read`];
    if (count("failed")) bits.push(`${count("failed")} could not be read`);
    if (count("cancelled")) bits.push(`${count("cancelled")} cancelled`);
    if (count("left over")) bits.push(`${count("left over")} left over`);
    this.stop(bits.join(" · "));
    if (!list.some((f) => f.message.includes("made: "))) return;
    const go = el("a", "", "Show the new assemblies");
    go.href = location.href;
    this.head.insertBefore(go, this.head.lastChild);
  }
}

/** @param {FileState} f @param {(id: number) => Promise<any>} cancel */
function row(f, cancel) {
  const li = el("li", `s-${f.state.split(" ")[0]}`);
  li.dataset.state = f.state;
  let message = f.message;
  if (f.state === "reading" && (f.seconds ?? 0) >= 2) message = `${Math.floor(f.seconds ?? 0)} s`;
  if (f.state === "waiting" && f.ahead) message = `after ${f.ahead} ${f.ahead === 1 ? "other" : "others"}`;
  li.append(el("span", "state", words[f.state] || f.state), el("span", "", f.name), el("span", "grow"), el("span", "soft", message));
  if (f.state !== "waiting" && f.state !== "reading") return li;
  const b = el("button", "plain", "Cancel");
  b.type = "button";
  b.setAttribute("aria-label", `Cancel reading ${f.name}`);
  b.addEventListener("click", () => {
    b.disabled = true;
    cancel(f.id).catch(() => {
      b.disabled = false;
    });
  });
  li.append(b);
  return li;
}
