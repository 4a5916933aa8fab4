// The sentence bar: a relation is made by saying it. Two slots are filled by picking or typing; the relations that fit are
// tried by the server and previewed on the stage; Enter posts the one chosen.
import { wants } from "./stage.js";

export class Sentence {
  constructor(form, stage, call) {
    this.form = form; this.stage = stage; this.call = call;
    this.slots = { put: null, on: null }; this.offers = []; this.chosen = -1; this.sense = "";
    this.inputs = Object.fromEntries(["put", "on"].map((s) => [s, form.querySelector(`[data-slot="${s}"] input`)]));
    this.choices = form.querySelector("#choices"); this.offerBox = form.querySelector("#offers"); this.hint = form.querySelector("#hint");
    this.value = form.querySelector("#value"); this.post = form.querySelector("#post");
    form.addEventListener("submit", (e) => { e.preventDefault(); this.send(); });
    for (const s of ["put", "on"]) this.typing(s);
    this.offerBox.addEventListener("click", (e) => { const b = e.target.closest(".offer"); if (b) this.choose(+b.dataset.k); });
    this.offerBox.addEventListener("keydown", (e) => {
      const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[e.key];
      if (step) { e.preventDefault(); this.choose((this.chosen + step + this.offers.length) % this.offers.length); this.offerBox.children[this.chosen]?.focus(); }
    });
    let wait;
    this.value.addEventListener("input", () => { clearTimeout(wait); wait = setTimeout(() => this.preview(), 250); });
    this.tell();
  }

  get next() { return this.slots.put ? (this.slots.on ? null : "on") : "put"; }

  // pick takes a feature into the next open slot.
  pick(c) {
    const s = this.next || "on";
    this.fill(s, c);
  }

  async fill(s, c) {
    if (s === "on" && this.slots.put && c.k && this.slots.put.k === c.k) { this.say(`Both picks are on ${c.k.data.name}; pick the second one on another part.`, true); return; }
    this.slots[s] = c; this.sense = "";
    this.inputs[s].value = words(c);
    this.inputs[s].title = words(c);
    this.closeChoices();
    this.mark();
    await this.ask();
  }

  // stepBack undoes the last pick only.
  stepBack() {
    const s = this.slots.on ? "on" : this.slots.put ? "put" : null;
    if (!s) return false;
    this.slots[s] = null; this.inputs[s].value = ""; this.sense = "";
    this.offers = []; this.chosen = -1; this.mark(); this.render(); this.tell(); this.stage.home0?.();
    this.unpreview();
    return true;
  }

  clear() {
    if (!this.slots.put && !this.slots.on && !this.inputs.put.value && !this.inputs.on.value) return false;
    this.slots = { put: null, on: null }; this.inputs.put.value = this.inputs.on.value = "";
    this.offers = []; this.chosen = -1; this.sense = ""; this.closeChoices(); this.mark(); this.render(); this.tell(); this.unpreview();
    return true;
  }

  unpreview() { if (this.state) this.stage.goTo(Object.fromEntries(this.state.components.map((c) => [c.name, c.pose]))); }

  mark() { this.stage.setPicked(["put", "on"].filter((s) => this.slots[s]).map((s) => ({ c: this.slots[s], role: s }))); }

  tell() {
    for (const s of ["put", "on"]) this.inputs[s].parentElement.classList.toggle("next", this.next === s);
    if (!this.slots.put) this.say("Pick the feature that is to be put somewhere: what is picked first moves.");
    else if (!this.slots.on) this.say(this.slots.put.k?.data.grounded ? `${this.slots.put.k.data.name} is grounded, so what is picked next will move to it.` : "Now pick what it goes on.");
  }

  say(text, bad) { this.hint.textContent = text; this.hint.classList.toggle("bad", !!bad); }

  async ask() {
    this.tell();
    if (!this.slots.put || !this.slots.on) return;
    const turn = (this.turn = (this.turn || 0) + 1);
    this.say("Trying what fits …");
    this.form.setAttribute("aria-busy", "true");
    try {
      const got = await this.call("offers", { Put: this.slots.put.ref, On: this.slots.on.ref, Sense: this.sense });
      if (turn !== this.turn) return;
      this.offers = got;
      this.render();
      if (got.length) this.choose(0); else this.say("No relation fits these two features.", true);
    } catch (e) {
      if (turn === this.turn) { this.offers = []; this.render(); this.say(e.message, true); }
    } finally { this.form.removeAttribute("aria-busy"); }
  }

  render() {
    this.offerBox.replaceChildren(...this.offers.map((o, i) => {
      const b = document.createElement("button");
      b.type = "button"; b.className = "offer" + (o.odds ? " odd" : ""); b.dataset.k = i; b.dataset.type = o.type;
      b.setAttribute("role", "radio"); b.setAttribute("aria-checked", "false"); b.tabIndex = i === 0 ? 0 : -1;
      const name = document.createElement("b"); name.textContent = o.label;
      const ba = document.createElement("span"); ba.className = "ba"; ba.textContent = o.odds ? "cannot hold" : `${o.before} → ${o.after}`;
      const key = document.createElement("span"); key.className = "key"; key.textContent = i < 9 ? i + 1 : "";
      b.append(key, name, ba);
      return b;
    }));
    this.form.querySelector("#legend").hidden = this.offers.length > 0;
    if (!this.offers.length) { this.chosen = -1; this.extras(null); this.post.disabled = true; }
  }

  extras(o) {
    const on = (name, yes) => { for (const e of this.form.querySelectorAll(`[data-extra="${name}"]`)) e.hidden = !yes; };
    on("facing", !!o?.sense); on("value", o?.value != null); on("joint", !!o?.joint && o.type !== "spherical");
    const said = { revolute: ["Let", "turn about"], prismatic: ["Let", "slide along"], cylindrical: ["Let", "turn and slide on"] }[o?.type] || ["Put", "on"];
    ["put", "on"].forEach((s, i) => { this.form.querySelector(`[data-word="${s}"]`).textContent = said[i]; });
    const was = this.stage.previewing;
    this.stage.previewing = !!o;
    if (was && !o) { this.stage.freedoms(this.stage.motions || []); this.stage.draw(); }
    if (o?.sense) this.form.querySelector(".slotbutton").textContent = o.sense === "same" ? "the same way" : "opposite";
    if (o?.value != null) { this.value.value = trim(o.value); this.form.querySelector("#unit").textContent = o.unit; }
    if (o?.joint) this.form.querySelector("#junit").textContent = o.unit;
  }

  choose(i) {
    const o = this.offers[i]; if (!o) return;
    this.chosen = i;
    [...this.offerBox.children].forEach((b, k) => { b.setAttribute("aria-checked", k === i); b.tabIndex = k === i ? 0 : -1; });
    this.offerBox.children[i].scrollIntoView({ block: "nearest", inline: "nearest" });
    this.extras(o); this.post.disabled = false;
    this.tellOffer(o);
    this.preview3d(o);
  }

  // what an offer does not move goes back to where it stands
  preview3d(o) { this.stage.goTo({ ...Object.fromEntries((this.state?.components || []).map((c) => [c.name, c.pose])), ...o.poses }); }

  tellOffer(o) {
    const bits = [];
    if (o.note) bits.push(o.note);
    bits.push(`leaves ${o.leaves}`);
    if (o.moves.length) bits.push(o.moves.length === 1 ? `moves ${o.moves[0]}` : `moves ${o.moves.length} parts`); else bits.push("moves nothing");
    if (o.doubled > 0) bits.push(`${o.doubled} of ${o.asked} repeat others`);
    this.say(o.odds ? `${o.label}: ${o.odds}` : bits.join(" · "), !!o.odds);
  }

  // preview tries the chosen relation with another value or alignment.
  async preview() {
    const o = this.offers[this.chosen]; if (!o) return;
    const act = this.act(); if (!act) return;
    const turn = (this.turn = (this.turn || 0) + 1);
    try {
      const got = await this.call("try", act);
      if (turn !== this.turn) return;
      Object.assign(o, { ...got, label: o.label, unit: o.unit, joint: o.joint, note: o.note, value: o.value });
      this.offerBox.children[this.chosen].querySelector(".ba").textContent = o.odds ? "cannot hold" : `${o.before} → ${o.after}`;
      if (o.sense) this.form.querySelector(".slotbutton").textContent = o.sense === "same" ? "the same way" : "opposite";
      this.tellOffer(o); this.preview3d(o);
    } catch (e) { if (turn === this.turn) this.say(e.message, true); }
  }

  flip() {
    const o = this.offers[this.chosen]; if (!o?.sense) return;
    o.sense = o.sense === "same" ? "opposed" : "same";
    this.preview();
  }

  act() {
    const o = this.offers[this.chosen];
    const a = { do: "relate", type: o.type, put: this.slots.put.ref, on: this.slots.on.ref, sense: o.sense || "" };
    if (o.value != null) { const v = number(this.value.value); if (v === null) { this.say("Write a number, such as 12.5.", true); return null; } a.value = v; }
    return a;
  }

  async send() {
    const o = this.offers[this.chosen]; if (!o || this.post.disabled) return;
    const a = this.act(); if (!a) return;
    if (o.joint) {
      for (const [k, sel] of [["lo", "#lo"], ["hi", "#hi"]]) {
        const text = this.form.querySelector(sel).value.trim();
        if (text) { const v = number(text); if (v === null) { this.say("Limits are numbers, or left empty.", true); return; } a[k] = v; }
      }
      a.plan = this.form.querySelector("#mean").checked;
    }
    this.post.disabled = true;
    if (await this.onpost(a)) { this.slots = { put: null, on: null }; this.inputs.put.value = this.inputs.on.value = ""; this.form.querySelector("#lo").value = this.form.querySelector("#hi").value = ""; this.offers = []; this.mark(); this.render(); this.tell(); if (document.activeElement === this.inputs.on) this.inputs.put.focus(); }
    else this.post.disabled = false;
  }

  // typing finds features by name, for those who do not point.
  typing(s) {
    const input = this.inputs[s];
    let sel = -1, list = [];
    const show = () => {
      list = this.search(input.value, s); sel = list.length ? 0 : -1;
      this.choices.replaceChildren(...list.map((c, i) => { const li = document.createElement("li"); li.id = `choice-${i}`; li.setAttribute("role", "option"); li.setAttribute("aria-selected", i === 0); li.textContent = words(c); li.addEventListener("mousedown", (e) => { e.preventDefault(); this.fill(s, c); }); li.addEventListener("mouseenter", () => this.stage.setHover(c)); return li; }));
      this.choices.hidden = !list.length; input.setAttribute("aria-expanded", !this.choices.hidden);
      if (sel >= 0) input.setAttribute("aria-activedescendant", "choice-0");
      return list.length > 0 || !input.value.trim();
    };
    input.addEventListener("input", () => { if (this.slots[s]) { this.slots[s] = null; this.offers = []; this.render(); this.mark(); } if (show()) this.tell(); else this.say("Nothing here is called so. Try the part's name and a word such as hole, face or rim.", true); });
    input.addEventListener("focus", () => input.select());
    input.addEventListener("keydown", (e) => {
      if (e.key === "ArrowDown" || e.key === "ArrowUp") {
        e.preventDefault();
        if (this.choices.hidden) { show(); return; }
        sel = (sel + (e.key === "ArrowDown" ? 1 : -1) + list.length) % list.length;
        [...this.choices.children].forEach((li, i) => li.setAttribute("aria-selected", i === sel));
        this.choices.children[sel].scrollIntoView({ block: "nearest" });
        input.setAttribute("aria-activedescendant", `choice-${sel}`);
        this.stage.setHover(list[sel]);
      } else if (e.key === "Enter" && !this.choices.hidden && list[sel]) {
        e.preventDefault(); this.stage.setHover(null); this.fill(s, list[sel]);
        (s === "put" ? this.inputs.on : this.post).focus();
      } else if (e.key === "Escape" && !this.choices.hidden) { e.stopPropagation(); this.closeChoices(); }
    });
    input.addEventListener("blur", () => setTimeout(() => { if (document.activeElement !== input) { this.closeChoices(); this.stage.setHover(null); } }, 120));
  }

  closeChoices() { this.choices.hidden = true; for (const i of Object.values(this.inputs)) i.setAttribute("aria-expanded", "false"); }

  search(text, slot) {
    const want = text.toLowerCase().split(/[\s·›]+/).filter(Boolean), out = [];
    const other = this.slots[slot === "put" ? "on" : "put"];
    const push = (c) => { const w = words(c).toLowerCase() + " " + c.ref.toLowerCase(); if (want.every((t) => w.includes(t))) out.push(c); };
    for (const k of this.stage.comps.values()) {
      if (other && other.k === k) continue;
      for (const s of k.shapes) {
        for (const f of s.d.head.features) if (f.vertex < 0 && wants(this.filter || "all", f)) push({ k, s, f, ref: `${k.data.name}/${s.path}${f.n}` });
        for (const f of s.d.byName.values()) if (f.built && want.length) push({ k, s, f, ref: `${k.data.name}/${s.path}${f.n}` });
      }
      if (out.length > 200) break;
    }
    for (const n of ["xy", "yz", "zx", "x", "y", "z", "origin"]) push(this.stage.find(`@/${n}`));
    return out.slice(0, 60);
  }
}

export function words(c) {
  if (!c.k) return `${c.f.n === "origin" ? "origin" : c.f.n + (c.f.k === "plane" ? " plane" : " axis")} · the assembly`;
  const tail = c.f.built ? "" : ` (${c.f.n})`;
  return `${c.where ? c.where + " of " : ""}${what(c.f)} · ${c.k.data.name}${c.s.path ? " › " + c.s.path.replace(/\/$/, "").replaceAll("/", " › ") : ""}${tail}`;
}

export function what(f) {
  if (f.k === "cylinder") return `axis of ${f.label}`;
  return f.label;
}

const trim = (x) => String(Math.round(x * 1e4) / 1e4);

export function number(text) {
  const v = Number(text.trim().replace(",", ".").replace("−", "-"));
  return text.trim() === "" || !isFinite(v) ? null : v;
}
