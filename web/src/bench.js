// The Bench: joins the stage, the account and the sentence.
import { Stage } from "./stage.js";
import { Sentence, words, number } from "./sentence.js";
import { Tug } from "./tug.js";

export async function bench(asm) {
  const $ = (s) => document.querySelector(s);
  const account = $("#account"), view = $("#view"), under = $("#under"), said = $("#said");
  let state = null, stage, open = new Set(), filter = "all", cands = [], at = 0, anchor = 0, mouse = null, lit = null;

  async function call(path, body, method = "POST") {
    let r;
    try {
      r = await fetch(`/a/${asm}/${path}`, { method, headers: { "Content-Type": "application/json", Accept: "application/json" }, body: method === "POST" ? JSON.stringify(body) : undefined });
    } catch { throw new Error("The server does not answer. What was done is kept; waiting for it …"); }
    if (r.status === 204) return null;
    let data; try { data = await r.json(); } catch { data = {}; }
    if (!r.ok) { const e = new Error(data.error || "That did not work."); e.status = r.status; throw e; }
    return data;
  }

  function tell(text, bad) {
    said.textContent = text; said.classList.toggle("bad", !!bad); said.hidden = false;
    clearTimeout(tell.t); tell.t = setTimeout(() => { said.hidden = true; }, bad ? 7000 : 3200);
  }

  try { stage = new Stage(view, $("#labels")); } catch { $("#lost").hidden = false; stage = new NoStage(); }
  const sentence = new Sentence($("#saying"), stage, call);
  sentence.onpost = (a) => act(a);

  async function take(s, keepView) {
    const first = state === null;
    state = s; sentence.state = s;
    $("#balance").innerHTML = s.balance;
    const focus = place(document.activeElement), top = account.scrollTop;
    account.innerHTML = s.account;
    for (const li of account.querySelectorAll(".line")) if (open.has(li.dataset.component)) unfold(li, true);
    account.scrollTop = top; focus?.();
    for (const [k, word] of [["undo", s.undo], ["redo", s.redo]]) { const b = $(`[data-act="${k}"]`); b.disabled = !word; b.title = word ? `${k === "undo" ? "Take back" : "Do again"}: ${word}` : "nothing to " + (k === "undo" ? "take back" : "do again"); }
    $("#empty").hidden = s.components.length > 0;
    lit = null; stage.light(null);
    await stage.show(s, keepView && !first);
    if (s.said) tell(s.said);
    if (s.note) tell(s.note, true);
    document.body.dataset.seq = s.seq;
    if (tug.on && !tug.held) tug.ready();
  }

  // place remembers what had the focus in the account, so that it is there again after the account is written anew.
  function place(e) {
    if (!e || !account.contains(e)) return null;
    const line = e.closest(".line")?.dataset.component, mate = e.closest(".mate")?.dataset.mate, what = e.dataset?.act, end = e.dataset?.end;
    return () => {
      for (const b of account.querySelectorAll("[data-act]")) {
        if (b.dataset.act === what && b.dataset.end === end && b.closest(".line")?.dataset.component === line && b.closest(".mate")?.dataset.mate === mate) { b.focus({ preventScroll: true }); return; }
      }
      account.focus({ preventScroll: true });
    };
  }

  let busy = false;
  let gone = false; // the server does not answer: what it has done shows when it is back

  // waitForServer asks until there is an answer, and shows how things stand then.
  async function waitForServer() {
    if (gone) return;
    gone = true;
    for (;;) {
      await new Promise((r) => setTimeout(r, 1500));
      try {
        const s = await call(`state?since=${state.seq}`, null, "GET");
        if (s) await take(s, true);
        tell(s ? "The server answers again; here is how it stands now." : "The server answers again. Nothing has changed; go on.");
        break;
      } catch (e) {
        if (e.status && e.status !== 503) break;
        tell(e.message, true);
      }
    }
    gone = false;
  }

  async function post(path, body, keepView) {
    if (busy) return false;
    if (gone) {
      tell("The server does not answer yet; waiting for it …", true);
      return false;
    }
    busy = true; document.body.setAttribute("aria-busy", "true");
    const token = crypto.getRandomValues(new Uint32Array(4)).join("-").slice(0, 40);
    try {
      // an act that is sent again, because the answer was lost or the server busy, is done once
      const s = await again(() => call(path, { ...body, base: state.seq, token }));
      await take(s.later ? await again(() => call("state", null, "GET")) : s, keepView);
      if (s.later && s.said) tell(s.said);
      return true;
    } catch (e) {
      tell(e.message, true);
      if (e.status === 409) await take(await call("state", null, "GET"), true);
      if (e.status === undefined || e.status === 503) waitForServer();
      return false;
    } finally { busy = false; document.body.removeAttribute("aria-busy"); }
  }
  // again tries a few times where the server is away or busy for a moment.
  async function again(ask) {
    for (let n = 1; ; n++) {
      try {
        return await ask();
      } catch (e) {
        if (n === 4 || (e.status !== 503 && e.status !== undefined)) throw e;
        await new Promise((r) => setTimeout(r, 400 * n));
      }
    }
  }
  const act = (a, keepView = true) => post("do", a, keepView);

  function back(which) {
    if (busy || !(which === "undo" ? state.undo : state.redo)) return;
    sentence.clear();
    post(which, {}, true);
  }

  // another window may have changed the assembly while this one was out of sight
  async function catchUp() {
    if (!state || busy || tug.held || document.visibilityState !== "visible") return;
    busy = true;
    try {
      const s = await call(`state?since=${state.seq}`, null, "GET");
      if (s) { await take(s, true); tell("This was changed in another window; here is how it stands now."); }
    } catch (e) { tell(e.message, true); } finally { busy = false; }
  }
  addEventListener("focus", catchUp);
  document.addEventListener("visibilitychange", catchUp);

  // --- pulling parts about ---
  const tug = new Tug({
    asm, stage, view, tell, state: () => state,
    light: (name) => stage.light(name && [name]),
    says: (text) => { under.hidden = !text; under.textContent = text; },
    park: (name, poses) => act({ do: "move", component: name, poses }),
    refresh: () => stage.show(state, true),
    restore: () => stage.show(state, true),
    shown: (on) => { $('[data-act="tug"]').setAttribute("aria-pressed", on); if (on) view.focus({ preventScroll: true }); cands = []; showUnder(); if (on) tell("Pull a part to see what it can do; N takes the next one by keys. Escape ends it."); },
  });
  view.addEventListener("pointerdown", (e) => {
    if (!tug.on || e.button !== 0) return;
    const r = view.getBoundingClientRect();
    if (tug.take(e.clientX - r.left, e.clientY - r.top)) { e.stopPropagation(); if (tug.held) view.setPointerCapture(e.pointerId); }
  }, true);
  view.addEventListener("pointermove", (e) => { if (tug.held) { const r = view.getBoundingClientRect(); tug.move(e.clientX - r.left, e.clientY - r.top); } }, true);
  view.addEventListener("pointerup", () => tug.letGo(true), true);
  view.addEventListener("pointercancel", () => tug.letGo(false), true);

  // --- picking on the stage ---
  function current() {
    const c = cands[at]; if (!c) return null;
    const a = c.s.d.anchors(c.f), k = a[anchor % a.length];
    return k.f === c.f ? { ...c, where: "" } : { k: c.k, s: c.s, f: k.f, where: "", ref: `${c.k.data.name}/${c.s.path}${k.f.n}`, end: k.where };
  }
  function showUnder() {
    const c = current();
    stage.setHover(c);
    under.hidden = !c;
    view.classList.toggle("pick", !!c);
    if (!c) return;
    const more = cands[at].s.d.anchors(cands[at].f).length > 1 ? ` · E ends${c.end ? ": " + c.end : ""}` : "";
    under.textContent = `${words(c)}${cands.length > 1 ? ` · ${at + 1} of ${cands.length} under cursor, Q next` : ""}${more}`;
  }
  let looking = false;
  view.addEventListener("pointermove", (e) => {
    if (tug.on && !e.buttons) {
      const r = view.getBoundingClientRect(), says = tug.says(e.clientX - r.left, e.clientY - r.top);
      under.hidden = !says; under.textContent = says;
      view.classList.toggle("canpull", says.endsWith("pull"));
      return;
    }
    if (tug.held) return;
    if (e.buttons) { under.hidden = true; stage.setHover(null); return; }
    const r = view.getBoundingClientRect();
    mouse = [e.clientX - r.left, e.clientY - r.top];
    if (looking) return;
    looking = true;
    requestAnimationFrame(() => {
      looking = false; if (!mouse) return;
      const before = cands[0]?.ref;
      cands = stage.candidates(...mouse, filter);
      if (cands[0]?.ref !== before || at >= cands.length) { at = 0; anchor = 0; }
      showUnder();
    });
  });
  view.addEventListener("pointerleave", () => { mouse = null; cands = []; showUnder(); });
  let down = null;
  view.addEventListener("pointerdown", (e) => { down = [e.clientX, e.clientY, e.button]; view.focus({ preventScroll: true }); });
  view.addEventListener("pointerup", (e) => {
    if (tug.on || !down || down[2] !== 0 || Math.hypot(e.clientX - down[0], e.clientY - down[1]) > 4) return;
    const r = view.getBoundingClientRect();
    if (!cands.length || !mouse || Math.hypot(mouse[0] - (e.clientX - r.left), mouse[1] - (e.clientY - r.top)) > 1) { mouse = [e.clientX - r.left, e.clientY - r.top]; cands = stage.candidates(...mouse, filter); at = anchor = 0; }
    const c = current();
    if (c) sentence.pick(c);
  });
  view.addEventListener("contextmenu", (e) => e.preventDefault());
  for (const b of document.querySelectorAll("[data-filter]")) b.addEventListener("click", () => setFilter(b.dataset.filter));
  function setFilter(f) {
    filter = sentence.filter = f;
    for (const b of document.querySelectorAll("[data-filter]")) b.setAttribute("aria-checked", b.dataset.filter === f);
  }

  // --- the account ---
  function unfold(li, yes) {
    const b = li.querySelector(".rowopen"), inside = li.querySelector(".inside");
    b.setAttribute("aria-expanded", yes); inside.hidden = !yes;
    if (yes) open.add(li.dataset.component); else open.delete(li.dataset.component);
  }
  function light(names, key) {
    if (lit === key) { lit = null; stage.light(null); } else { lit = key; stage.light(names); }
    for (const li of account.querySelectorAll(".line")) li.classList.toggle("lit", lit !== null && names.includes(li.dataset.component));
  }
  const bodiesOf = (ids) => [...new Set(state.mates.filter((m) => ids.includes(m.id)).flatMap((m) => m.bodies))];

  account.addEventListener("click", async (e) => {
    const b = e.target.closest("[data-act]"); if (!b || b.tagName === "INPUT") return;
    const comp = b.closest(".line")?.dataset.component, mate = b.closest(".mate")?.dataset.mate, motion = b.closest("[data-motion]")?.dataset.motion;
    switch (b.dataset.act) {
      case "open": { const li = b.closest(".line"), was = !li.querySelector(".inside").hidden; unfold(li, !was); if (!was) light([comp], "c:" + comp); else { lit = "x"; light([], "x"); } break; }
      case "light": light(bodiesOf([mate]), "m:" + mate); break;
      case "light-set": { const ids = b.dataset.mates.split("\n").filter(Boolean); light(bodiesOf(ids), "s:" + ids.join()); break; }
      case "turn": act({ do: "turn", relation: mate }); break;
      case "suppress": act({ do: "suppress", relation: mate, on: true }); break;
      case "revive": act({ do: "suppress", relation: mate, on: false }); break;
      case "unrelate": act({ do: "unrelate", relation: mate }); break;
      case "ground-origin": act({ do: "ground", component: comp, on: true, origin: true }); break;
      case "ground-here": act({ do: "ground", component: comp, on: true }); break;
      case "unground": act({ do: "ground", component: comp, on: false }); break;
      case "suppress-part": act({ do: "suppress", component: comp, on: true }); break;
      case "revive-part": act({ do: "suppress", component: comp, on: false }); break;
      case "flex": act({ do: "flex", component: comp, on: true }); break;
      case "stiff": act({ do: "flex", component: comp, on: false }); break;
      case "remove": act({ do: "remove", component: comp }); break;
      case "rename": { const to = await ask(`Rename ${comp}`, comp); if (to && to !== comp) { if (open.delete(comp)) open.add(to); act({ do: "rename", component: comp, to }); } break; }
      case "hide": { const h = new Set(stage.hidden); if (h.delete(comp)) b.textContent = "hide"; else { h.add(comp); b.textContent = "show"; } stage.setHidden(h); break; }
      case "only": { const all = state.components.map((c) => c.name); const h = new Set(all.filter((n) => n !== comp)); const was = stage.hidden.size === h.size && !stage.hidden.has(comp); stage.setHidden(was ? new Set() : h); b.textContent = was ? "show only this" : "show all"; break; }
      case "remedy": act({ do: "remedy", finding: +b.dataset.odds, remedy: +b.dataset.remedy }); break;
      case "mean": act({ do: "plan", motion: +motion }); break;
      case "unplan": act({ do: "unplan", at: +b.dataset.index }); break;
      case "swing": swing(+motion); break;
    }
  });
  account.addEventListener("change", (e) => {
    const i = e.target.closest("input[data-act]"); if (!i) return;
    const mate = i.closest(".mate").dataset.mate;
    const v = i.value.trim() === "" ? null : number(i.value);
    if (i.dataset.act === "value" && i.value.trim() !== "" && v === null) { act({ do: "set", relation: mate, text: i.value.trim() }).then((ok) => { if (!ok) i.value = i.defaultValue; }); return; }
    if (i.dataset.act === "value") { if (v === null) { i.value = i.defaultValue; return; } act({ do: "set", relation: mate, to: v }); return; }
    // one end at a time: the other stays as it is written
    const to = i.value.trim() === "" ? {} : v === null ? { text: i.value.trim() } : { to: v };
    act({ do: "limit", relation: mate, of: i.dataset.of, end: i.dataset.end, ...to }).then((ok) => { if (!ok) i.value = i.defaultValue; });
  });
  account.addEventListener("keydown", (e) => {
    const b = e.target.closest(".rowopen"); if (!b) return;
    const rows = [...account.querySelectorAll(".rowopen")], i = rows.indexOf(b);
    if (e.key === "ArrowDown") { e.preventDefault(); rows[Math.min(i + 1, rows.length - 1)].focus(); }
    if (e.key === "ArrowUp") { e.preventDefault(); rows[Math.max(i - 1, 0)].focus(); }
  });

  async function swing(k) {
    try {
      const s = await call(`swing/${k}`, null, "GET");
      if (!s.poses || s.poses.length < 2) { tell("This motion goes nowhere: it exists only at this very pose."); return; }
      await stage.swing(s.names, s.poses);
      stage.goTo(Object.fromEntries(state.components.map((c) => [c.name, c.pose])));
    } catch (e) { tell(e.message, true); }
  }

  // --- placing ---
  const placing = $("#placing");
  let wanted = new Map(); // key → how many, in the order they were asked for: that is the build order
  function openPlacing() { wanted = new Map(); for (const i of placing.querySelectorAll("[data-key]")) i.value = 0; placing.returnValue = ""; placing.showModal(); placing.querySelector("[data-more]")?.focus(); count(); }
  function want(i) { const n = Math.max(0, Math.min(99, Math.floor(+i.value) || 0)); if (n) wanted.set(i.dataset.key, n); else wanted.delete(i.dataset.key); }
  function chosen() { return [...wanted].flatMap(([key, n]) => Array(n).fill(key)); }
  function count() {
    const n = chosen().length;
    $("#placego").textContent = n ? `Place ${n}` : "Place"; $("#placego").disabled = !n;
    const first = n && placing.querySelector(`[data-key="${[...wanted.keys()][0]}"]`).closest("li").querySelector(".strong").textContent;
    $("#placing-base").textContent = state?.components.length ? "Arrivals are spread out so that none hides another." : first ? `${first} was chosen first: it is the base, grounded on the origin.` : "Choose the base first: it is grounded on the origin, the others are spread out beside it.";
  }
  placing.addEventListener("click", (e) => { const b = e.target.closest("[data-more]"); if (b) { const i = document.getElementById(b.dataset.more); i.value = +i.value + 1; want(i); count(); } });
  placing.addEventListener("input", (e) => { if (e.target.id === "placing-find") { const w = e.target.value.toLowerCase(); for (const li of placing.querySelectorAll(".pickparts li")) li.hidden = !li.dataset.words.includes(w); } else if (e.target.dataset.key) want(e.target); count(); });
  placing.addEventListener("close", () => { if (placing.returnValue === "go") act({ do: "place", items: chosen() }, false); });
  placing.addEventListener("keydown", (e) => { if (e.key === "Enter" && e.target.tagName === "INPUT") { e.preventDefault(); if (chosen().length) placing.close("go"); } });

  function ask(title, text) {
    const d = $("#asking"), i = $("#asking-text");
    $("#asking-h").textContent = title; i.value = text; d.returnValue = ""; d.showModal(); i.select();
    i.onkeydown = (e) => { if (e.key === "Enter") { e.preventDefault(); d.close("go"); } };
    return new Promise((r) => d.addEventListener("close", () => r(d.returnValue === "go" ? i.value.trim() : null), { once: true }));
  }

  // --- everything by its plain name, and by key ---
  const actions = [
    ["Place parts", "P", openPlacing],
    ["Take back the last line", "Ctrl Z", () => back("undo")],
    ["Do again what was taken back", "Ctrl Y", () => back("redo")],
    ["Show everything", "H", () => { stage.setHidden(new Set()); stage.home(); }],
    ["Draw or leave out the freedoms", "F", () => { stage.showFreedoms = !stage.showFreedoms; $('[data-act="freedoms"]').setAttribute("aria-pressed", stage.showFreedoms); stage.freedoms(state.motions); stage.draw(); }],
    ["Pull parts about by hand", "T", () => tug.toggle()],
    ["Begin a sentence", "S", () => sentence.inputs[sentence.next || "put"].focus()],
    ["Turn the alignment round in the sentence", "R", () => sentence.flip()],
    ["Take back the last pick", "Backspace", () => sentence.stepBack()],
    ["Clear the sentence", "Escape", () => sentence.clear()],
    ["Next feature under the cursor", "Q", () => { if (cands.length) { at = (at + 1) % cands.length; anchor = 0; showUnder(); } }],
    ["Next end of the feature under the cursor", "E", () => { anchor++; showUnder(); }],
    ["Pick anything", "Alt 1", () => setFilter("all")], ["Pick faces only", "Alt 2", () => setFilter("face")], ["Pick axes only", "Alt 3", () => setFilter("axis")], ["Pick rims only", "Alt 4", () => setFilter("rim")], ["Pick points only", "Alt 5", () => setFilter("point")],
    ["Go to the account", "A", () => (account.querySelector(".rowopen") || account).focus()],
    ["Go to the stage", "G", () => view.focus()],
    ["Ground a part on the origin", "", () => withPart((n) => act({ do: "ground", component: n, on: true, origin: true }))],
    ["Ground a part where it stands", "", () => withPart((n) => act({ do: "ground", component: n, on: true }))],
    ["Unground a part", "", () => withPart((n) => act({ do: "ground", component: n, on: false }))],
    ["Remove a part", "", () => withPart((n) => act({ do: "remove", component: n }))],
    ["Rename this assembly", "", async () => { const to = await ask("Name of the assembly", $(".path b").textContent); if (to && await act({ do: "title", to })) { $(".path b").textContent = to; } }],
    ["Count the spin of fasteners as loose", "", () => act({ do: "settings", fasteners_held: true })],
    ["Let fasteners spin", "", () => act({ do: "settings", fasteners_held: false })],
    ["Save as an assembly file", "", () => { location.href = `/a/${asm}/export`; }],
    ["Go to the Shelf", "", () => { location.href = $(".path a").href; }],
  ];
  const commands = $("#commands"), cfind = $("#command-find"), clist = $("#command-list");
  let shown = [], csel = 0, source = null;
  function openCommands(list) { source = list || actions; cfind.value = ""; listCommands(); commands.showModal(); cfind.focus(); }
  function listCommands() {
    const w = cfind.value.toLowerCase().split(/\s+/).filter(Boolean);
    shown = source.filter(([n]) => w.every((t) => n.toLowerCase().includes(t))); csel = 0;
    clist.replaceChildren(...shown.map(([n, key], i) => { const li = document.createElement("li"); li.id = `cmd-${i}`; li.setAttribute("role", "option"); li.setAttribute("aria-selected", i === 0); const k = document.createElement("span"); k.className = "soft"; k.textContent = key; const t = document.createElement("span"); t.textContent = n; li.append(t, k); li.addEventListener("click", () => runCommand(i)); return li; }));
  }
  function runCommand(i) { commands.close(); const a = shown[i]; if (a) setTimeout(a[2], 0); }
  cfind.addEventListener("input", listCommands);
  cfind.addEventListener("keydown", (e) => {
    if (e.key === "ArrowDown" || e.key === "ArrowUp") { e.preventDefault(); if (!shown.length) return; csel = (csel + (e.key === "ArrowDown" ? 1 : -1) + shown.length) % shown.length; [...clist.children].forEach((li, i) => li.setAttribute("aria-selected", i === csel)); clist.children[csel].scrollIntoView({ block: "nearest" }); cfind.setAttribute("aria-activedescendant", `cmd-${csel}`); }
    if (e.key === "Enter") { e.preventDefault(); runCommand(csel); }
  });
  function withPart(f) { openCommands(state.components.map((c) => [c.name, "", () => f(c.name)])); }

  const byKey = { p: 0, h: 3, f: 4, t: 5, s: 6, r: 7, backspace: 8, escape: 9, q: 10, e: 11, a: 17, g: 18 };
  addEventListener("keydown", (e) => {
    if (document.querySelector("dialog[open]")) return;
    const typing = e.target.matches("input, textarea, select");
    const key = e.key.toLowerCase();
    if ((e.ctrlKey || e.metaKey) && !e.altKey) {
      if (typing && e.target.value !== e.target.defaultValue && (key === "z" || key === "y")) return;
      if (key === "z" && !e.shiftKey) { e.preventDefault(); back("undo"); }
      if (key === "y" || (key === "z" && e.shiftKey)) { e.preventDefault(); back("redo"); }
      return;
    }
    if (e.altKey) { const f = ["all", "face", "axis", "rim", "point"][+e.key - 1]; if (f) { e.preventDefault(); setFilter(f); } return; }
    if (key === "escape") { if (tug.held) { tug.letGo(false); return; } if (tug.on) { tug.toggle(false); return; } if (typing) e.target.blur(); if (!sentence.clear()) { lit = null; stage.light(null); for (const li of account.querySelectorAll(".lit")) li.classList.remove("lit"); } return; }
    if (typing) return;
    if (tug.on && !e.target.closest("button, a")) {
      const t = { arrowleft: [-1, 0], arrowright: [1, 0], arrowup: [0, 1], arrowdown: [0, -1] }[key];
      if (key === "n") { e.preventDefault(); tug.next(); return; }
      if (t && tug.held) { e.preventDefault(); tug.nudge(...t); return; }
      if (key === "enter" && tug.held) { e.preventDefault(); tug.letGo(true); return; }
    }
    if (key === "enter" && (e.target === view || e.target === document.body) && !$("#post").disabled) { e.preventDefault(); sentence.send(); return; }
    if (/^[1-9]$/.test(key) && sentence.offers[+key - 1]) { e.preventDefault(); sentence.choose(+key - 1); return; }
    if (e.target === view) {
      const t = { ArrowLeft: [-0.15, 0], ArrowRight: [0.15, 0], ArrowUp: [0, -0.12], ArrowDown: [0, 0.12] }[e.key];
      if (t) { e.preventDefault(); stage.turn(...t); return; }
      if (key === "+" || key === "=") { stage.nearer(0.87); return; }
      if (key === "-") { stage.nearer(1.15); return; }
    }
    if (key === "/") { e.preventDefault(); openCommands(); return; }
    if (key in byKey) { e.preventDefault(); actions[byKey[key]][2](); }
  });
  document.addEventListener("click", (e) => {
    const b = e.target.closest(".bar [data-act], .stage [data-act], .sentence [data-act]"); if (!b) return;
    ({ undo: () => back("undo"), redo: () => back("redo"), place: openPlacing, home: actions[3][2], freedoms: actions[4][2], tug: () => tug.toggle(), commands: () => openCommands(), clear: () => sentence.clear(), facing: () => sentence.flip() })[b.dataset.act]?.();
  });

  try { await take(await call("state", null, "GET")); } catch (e) { account.innerHTML = ""; const p = document.createElement("p"); p.className = "notice"; p.textContent = e.message; account.append(p); }
  document.body.dataset.ready = "yes";
  // where a feature is drawn, and what is picked: for scripts that drive the Bench
  window.setfast = {
    where(ref) { const c = stage.find(ref); if (!c?.s) return null; c.s.holder.updateWorldMatrix(true, true); const p = stage.project(stage.spot(c)), r = view.getBoundingClientRect(); return [p.x + r.left, p.y + r.top]; },
    pick(ref) { const c = stage.find(ref); if (c) sentence.pick(c); return !!c; },
    refs(name) { const k = stage.comps.get(name); return k ? k.shapes.flatMap((s) => s.d.head.features.map((f) => ({ ref: `${name}/${s.path}${f.n}`, kind: f.k, label: f.label, at: f.o, dir: f.z }))) : []; },
    state: () => state,
    tug,
  };
}

// NoStage stands in where the browser cannot draw: everything else goes on.
class NoStage {
  constructor() { this.comps = new Map(); this.hidden = new Set(); }
  async show(state) {
    const { loadShape } = await import("./shape.js");
    this.comps = new Map();
    for (const c of state.components) if (!c.suppressed) this.comps.set(c.name, { data: c, shapes: await Promise.all(c.shapes.map(async (s) => ({ path: s.path, d: await loadShape(s.sha) }))) });
  }
  find(ref) { return Stage.prototype.find.call(this, ref); }
  goTo() {} light() {} setPicked() {} setHover() {} setHidden(h) { this.hidden = h; } home() {} draw() {} freedoms() {} turn() {} nearer() {} candidates() { return []; } partAt() { return null; } async swing() {}
}
