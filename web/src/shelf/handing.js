// @ts-check
// Files dropped on a page are handed in together and then read one by one, with progress.
import { askAgain, pause } from "../net.js";
import { isOpen, Reading } from "./reading.js";

/** @typedef {import("./reading.js").FileState} FileState */

const lookAgain = 400; // ms

/** @param {string} id */
const $ = (id) => /** @type {HTMLElement} */ (document.getElementById(id));

/** @param {string} project @param {HTMLElement} box where progress is shown @param {() => Promise<void> | void} after when all are read */
export function handing(project, box, after) {
  let busy = Promise.resolve();
  let sending = 0; // while files are on their way, leaving the page loses them

  addEventListener("beforeunload", (e) => {
    if (sending) e.preventDefault();
  });
  dropping((list) => {
    busy = busy.then(() => run(list)).catch(() => {});
  });

  /** Hands files in and follows their reading. @param {File[]} list */
  async function run(list) {
    const view = new Reading(box, `Handing in ${list.length} ${list.length === 1 ? "file" : "files"} …`);
    let staged;
    sending++;
    try {
      staged = await upload(project, list, (f) => view.sent(f));
    } catch (e) {
      view.stop(/** @type {Error} */ (e).message);
      return;
    } finally {
      sending--;
    }
    await follow(view, [staged.batch]);
  }

  /**
   * Shows how far the server is with some batches until all of them are read. They are read whether or not anybody looks.
   * @param {Reading} view @param {string[]} batches
   */
  async function follow(view, batches) {
    const cancel = (/** @type {number} */ id) => fetch(`/p/${project}/imports/file/${id}`, { method: "DELETE" });
    for (let silent = 0; ;) {
      const each = await Promise.all(batches.map((b) => batchOf(project, b)));
      const files = each.flatMap((list) => list ?? []);
      if (each.includes(null)) {
        if (++silent > 1) view.say("The server does not answer. What was handed in is kept and will be read; waiting for it …");
        await pause(askAgain);
        continue;
      }
      silent = 0;
      view.show(files, cancel);
      if (!files.some(isOpen)) {
        view.done(files);
        break;
      }
      await pause(lookAgain);
    }
    await after();
    box.dataset.over = "yes";
  }

  // what was handed in before, and is still being read, is shown again
  unfinished(project).then((batches) => {
    if (!batches.length || !box.hidden) return;
    busy = busy.then(() => follow(new Reading(box, "Reading what was handed in …"), batches)).catch(() => {});
  });
}

/** The batches of a project that are still being read. @param {string} project @returns {Promise<string[]>} */
async function unfinished(project) {
  try {
    const r = await fetch(`/p/${project}/imports`, { headers: { Accept: "application/json" } });
    return r.ok ? (await r.json()).batches : [];
  } catch {
    return [];
  }
}

/**
 * The files of a batch as they stand; null where the server does not say.
 * @param {string} project @param {string} batch @returns {Promise<FileState[] | null>}
 */
async function batchOf(project, batch) {
  try {
    const r = await fetch(`/p/${project}/imports/${batch}`, { headers: { Accept: "application/json" } });
    return r.ok ? (await r.json()).files : null;
  } catch {
    return null;
  }
}

/** Files are dropped anywhere on the page, or chosen. @param {(list: File[]) => void} take */
function dropping(take) {
  const drop = $("drop");
  const files = /** @type {HTMLInputElement} */ ($("files"));
  let over = 0;
  files.addEventListener("change", () => {
    if (files.files?.length) take([...files.files]);
    files.value = "";
  });
  addEventListener("dragenter", (e) => {
    e.preventDefault();
    over++;
    drop.classList.add("over");
  });
  addEventListener("dragleave", () => {
    if (--over > 0) return;
    over = 0;
    drop.classList.remove("over");
  });
  addEventListener("dragover", (e) => e.preventDefault());
  addEventListener("drop", (e) => {
    e.preventDefault();
    over = 0;
    drop.classList.remove("over");
    if (e.dataTransfer?.files.length) take([...e.dataTransfer.files]);
  });
}

/**
 * Sends files; fetch would tell nothing of what is sent.
 * @param {string} project @param {File[]} list @param {(part: number) => void} progress
 * @returns {Promise<{batch: string}>}
 */
function upload(project, list, progress) {
  return new Promise((ok, no) => {
    const form = new FormData();
    for (const f of list) form.append("files", f, f.name);
    const x = new XMLHttpRequest();
    x.open("POST", `/p/${project}/imports`);
    x.setRequestHeader("Accept", "application/json");
    x.upload.addEventListener("progress", (e) => {
      if (e.lengthComputable) progress(e.loaded / e.total);
    });
    x.addEventListener("load", () => {
      let said;
      try {
        said = JSON.parse(x.responseText);
      } catch {
        said = {};
      }
      if (x.status < 300) ok(said);
      else no(new Error(said.error || "The files could not be handed in."));
    });
    x.addEventListener("error", () => no(new Error("The files could not be handed in: the server did not answer.")));
    x.send(form);
  });
}
