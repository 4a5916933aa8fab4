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
  function take(list) { busy = busy.then(() => run(list)).catch(() => {}); }

  async function run(list) {
    box.hidden = false;
    box.replaceChildren();
    const head = el("div", "phead"), title = el("b", "", `Handing in ${list.length} ${list.length === 1 ? "file" : "files"} …`), bar = el("progress"), ul = el("ul");
    head.append(title); box.append(head, bar, ul);
    bar.max = 1; bar.value = 0; bar.setAttribute("aria-label", "Progress of the import");
    let staged;
    try {
      staged = await upload(list, (f) => { bar.value = f * 0.5; });
    } catch (e) { title.textContent = e.message; bar.remove(); return; }
    const rows = new Map();
    for (const f of staged.files) { const li = row(f); rows.set(f.id, li); ul.append(li); }
    const todo = staged.files.filter((f) => f.state === "waiting");
    let n = 0, parts = 0, built = 0;
    for (const f of todo) {
      title.textContent = `Reading ${f.name} (${n + 1} of ${todo.length}) …`;
      let got;
      try {
        const r = await fetch(`/imports/${staged.batch}/${f.id}`, { method: "POST", headers: { Accept: "application/json" } });
        got = await r.json();
        if (!r.ok) got = { state: "failed", message: got.error };
      } catch { got = { state: "failed", message: "the server did not answer; drop the file again" }; }
      parts += got.parts || 0; built += got.assemblies || 0;
      const li = row({ ...f, ...got }); rows.get(f.id).replaceWith(li); rows.set(f.id, li);
      bar.value = 0.5 + 0.5 * (++n / todo.length);
    }
    const count = (s) => [...rows.values()].filter((li) => li.dataset.state === s).length;
    const bits = [`${parts} ${parts === 1 ? "part" : "parts"} added`];
    if (count("failed")) bits.push(`${count("failed")} ${count("failed") === 1 ? "file" : "files"} could not be read`);
    if (count("left over")) bits.push(`${count("left over")} left over`);
    title.textContent = bits.join(" · ");
    bar.remove();
    const close = el("button", "plain", "Close the list"); close.type = "button"; close.addEventListener("click", () => { box.hidden = true; });
    head.append(el("span", "grow"), close);
    await refresh();
    if (built) { const go = el("a", "", `Show the ${built} new ${built === 1 ? "assembly" : "assemblies"}`); go.href = location.href; head.insertBefore(go, close); }
  }

  function row(f) {
    const li = el("li", `s-${f.state.split(" ")[0]}`); li.dataset.state = f.state;
    li.append(el("span", "state", { waiting: "waiting", done: "read", failed: "failed", "left over": "left over" }[f.state] || f.state), el("span", "", f.name), el("span", "grow"), el("span", "soft", f.message));
    return li;
  }

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

function el(tag, cls, text) { const e = document.createElement(tag); if (cls) e.className = cls; if (text) e.textContent = text; return e; }
