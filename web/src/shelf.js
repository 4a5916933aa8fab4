// The Shelf: files dropped here are handed in together and then read one by one, with progress.
export function shelf(project) {
  const drop = document.getElementById("drop"), files = document.getElementById("files"), box = document.getElementById("progress");
  const find = document.getElementById("shelf-find");
  drop.addEventListener("click", (e) => { if (e.target !== files) files.click(); });
  drop.addEventListener("keydown", (e) => { if (e.key === "Enter" || e.key === " ") { e.preventDefault(); files.click(); } });
  files.addEventListener("change", () => { if (files.files.length) take([...files.files]); files.value = ""; });
  let over = 0;
  addEventListener("dragenter", (e) => { e.preventDefault(); over++; drop.classList.add("over"); });
  addEventListener("dragleave", () => { if (--over <= 0) { over = 0; drop.classList.remove("over"); } });
  addEventListener("dragover", (e) => e.preventDefault());
  addEventListener("drop", (e) => { e.preventDefault(); over = 0; drop.classList.remove("over"); if (e.dataTransfer.files.length) take([...e.dataTransfer.files]); });
  find.addEventListener("input", filter);

  function filter() {
    const want = find.value.toLowerCase().split(/\s+/).filter(Boolean);
    for (const li of document.querySelectorAll(".part")) li.hidden = !want.every((w) => li.dataset.words.includes(w));
  }

  let busy = Promise.resolve();
  let sending = 0; // while files are on their way, leaving the page loses them
  function take(list) { busy = busy.then(() => run(list)).catch(() => {}); }
  addEventListener("beforeunload", (e) => { if (sending) e.preventDefault(); });

  async function run(list) {
    const view = new Reading(`Handing in ${list.length} ${list.length === 1 ? "file" : "files"} …`);
    let staged;
    sending++;
    try {
      staged = await upload(list, (f) => { view.bar.value = f * 0.5; });
    } catch (e) {
      view.stop(e.message);
      return;
    } finally {
      sending--;
    }
    await follow(view, staged.batch);
  }

  // follow shows how far the server is with a batch until all of it is read. It is read whether or not anybody looks.
  async function follow(view, batch) {
    let silent = 0;
    for (;;) {
      let files;
      try {
        const r = await fetch(`/p/${project}/imports/${batch}`, { headers: { Accept: "application/json" } });
        if (!r.ok) throw new Error(r.status);
        files = (await r.json()).files;
        silent = 0;
      } catch {
        if (++silent > 1) view.title.textContent = "The server does not answer. What was handed in is kept and will be read; waiting for it …";
        await pause(2000);
        continue;
      }
      view.show(files, (id) => fetch(`/p/${project}/imports/file/${id}`, { method: "DELETE" }));
      if (!files.some((f) => open.has(f.state))) {
        view.done(files);
        break;
      }
      await pause(400);
    }
    await refresh();
  }

  class Reading {
    constructor(text) {
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

    show(list, cancel) {
      const over = list.filter((f) => !open.has(f.state)).length;
      const now = list.find((f) => f.state === "reading") || list.find((f) => f.state === "waiting");
      this.title.textContent = now ? `Reading ${now.name} (${over + 1} of ${list.length}) …` : "Reading …";
      this.bar.value = 0.5 + 0.5 * (over / Math.max(1, list.length));
      for (const f of list) {
        const key = `${f.state}|${f.message}|${f.ahead || ""}|${Math.floor(f.seconds || 0)}`;
        const old = this.list.querySelector(`[data-id="${f.id}"]`);
        if (old?.dataset.key === key) continue;
        const li = row(f, cancel);
        li.dataset.id = f.id;
        li.dataset.key = key;
        if (old) {
          const held = old.contains(document.activeElement);
          old.replaceWith(li);
          if (held) li.querySelector("button")?.focus();
        } else {
          this.list.append(li);
        }
      }
    }

    stop(text) {
      this.title.textContent = text;
      this.bar.remove();
      const close = el("button", "plain", "Close the list");
      close.type = "button";
      close.addEventListener("click", () => { box.hidden = true; });
      this.head.append(el("span", "grow"), close);
    }

    done(list) {
      const count = (s) => list.filter((f) => f.state === s).length;
      const read = count("done");
      const bits = [`${read} ${read === 1 ? "file" : "files"} read`];
      if (count("failed")) bits.push(`${count("failed")} could not be read`);
      if (count("cancelled")) bits.push(`${count("cancelled")} cancelled`);
      if (count("left over")) bits.push(`${count("left over")} left over`);
      this.stop(bits.join(" · "));
      if (list.some((f) => f.message.includes("made: "))) {
        const go = el("a", "", "Show the new assemblies");
        go.href = location.href;
        this.head.insertBefore(go, this.head.lastChild);
      }
    }
  }

  const open = new Set(["waiting", "with", "reading"]);
  const words = { waiting: "waiting", with: "waiting", reading: "reading", done: "read", failed: "failed", "left over": "left over", cancelled: "cancelled" };

  function row(f, cancel) {
    const li = el("li", `s-${f.state.split(" ")[0]}`);
    li.dataset.state = f.state;
    let message = f.message;
    if (f.state === "reading" && f.seconds >= 2) message = `${Math.floor(f.seconds)} s`;
    if (f.state === "waiting" && f.ahead) message = `after ${f.ahead} ${f.ahead === 1 ? "other" : "others"}`;
    li.append(el("span", "state", words[f.state] || f.state), el("span", "", f.name), el("span", "grow"), el("span", "soft", message));
    if (f.state === "waiting" || f.state === "reading") {
      const b = el("button", "plain", "Cancel");
      b.type = "button";
      b.setAttribute("aria-label", `Cancel reading ${f.name}`);
      b.addEventListener("click", () => { b.disabled = true; cancel(f.id).catch(() => { b.disabled = false; }); });
      li.append(b);
    }
    return li;
  }

  // what was handed in before, and is still being read, is shown again
  fetch(`/p/${project}/imports`, { headers: { Accept: "application/json" } })
    .then((r) => (r.status === 200 ? r.json() : null))
    .then((b) => { if (b && box.hidden) busy = busy.then(() => follow(new Reading("Reading what was handed in …"), b.batch)).catch(() => {}); })
    .catch(() => {});

  async function refresh() {
    const r = await fetch(`/p/${project}/parts`);
    if (!r.ok) return;
    const holder = document.getElementById("parts");
    holder.innerHTML = await r.text();
    window.htmx?.process(holder);
    const n = holder.querySelectorAll(".part").length;
    document.getElementById("shelf-count").textContent = `${n} ${n === 1 ? "part" : "parts"}`;
    filter();
  }

  function upload(list, progress) {
    return new Promise((ok, no) => {
      const form = new FormData();
      for (const f of list) form.append("files", f, f.name);
      const x = new XMLHttpRequest(); // fetch tells nothing of what is sent
      x.open("POST", `/p/${project}/imports`);
      x.setRequestHeader("Accept", "application/json");
      x.upload.addEventListener("progress", (e) => { if (e.lengthComputable) progress(e.loaded / e.total); });
      x.addEventListener("load", () => { let b; try { b = JSON.parse(x.responseText); } catch { b = {}; } if (x.status < 300) ok(b); else no(new Error(b.error || "The files could not be handed in.")); });
      x.addEventListener("error", () => no(new Error("The files could not be handed in: the server did not answer.")));
      x.send(form);
    });
  }
}

const pause = (ms) => new Promise((r) => setTimeout(r, ms));

function el(tag, cls, text) { const e = document.createElement(tag); if (cls) e.className = cls; if (text) e.textContent = text; return e; }
