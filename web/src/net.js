// @ts-check
// Asks the server about one assembly.

/** Refusal is an answer that says no; without a status the server did not answer at all. */
export class Refusal extends Error {
  /** @param {string} message @param {number} [status] */
  constructor(message, status) {
    super(message);
    this.status = status;
  }

  /** The server is away, or busy for a moment. */
  get passing() {
    return this.status === undefined || this.status === 503;
  }
}

/** @param {number} ms */
export const pause = (ms) => new Promise((r) => setTimeout(r, ms));

/** How long a server that does not answer is left alone, in ms. */
export const askAgain = 2000;

/** Why an answer says no. @param {Response} r @returns {Promise<string>} */
export async function refusal(r) {
  const said = await r.json().catch(() => ({}));
  return said.error || "That did not work.";
}

/**
 * @typedef {((path: string, body?: object) => Promise<any>) & {
 *   lines: (path: string, body: object, gone: (f: number) => void, signal: AbortSignal) => Promise<any>,
 *   file: (path: string, body: object, name: string) => Promise<void>}} Ask
 */

/** Makes the function that asks about an assembly: with a body it is a POST. @param {string} asm @returns {Ask} */
export function asking(asm) {
  /** @param {string} path @param {object} body @param {AbortSignal} [signal] */
  const post = async (path, body, signal) => {
    const headers = { "Content-Type": "application/json", Accept: "application/json" };
    const r = await fetch(`/a/${asm}/${path}`, { method: "POST", headers, body: JSON.stringify(body), signal });
    if (!r.ok) throw new Refusal(await refusal(r), r.status);
    return r;
  };
  return Object.assign(asked(asm), {
    /** Asks for what takes long: its lines tell how far it is, the last one is the answer. @type {Ask["lines"]} */
    lines: async (path, body, gone, signal) => {
      const r = await post(path, body, signal);
      const reader = /** @type {ReadableStream} */ (r.body).pipeThrough(new TextDecoderStream()).getReader();
      let rest = "";
      for (;;) {
        const { value, done } = await reader.read();
        rest += value ?? "";
        const lines = rest.split("\n");
        rest = done ? "" : /** @type {string} */ (lines.pop());
        for (const l of lines) {
          if (!l) continue;
          const said = JSON.parse(l);
          if (said.error) throw new Refusal(said.error, 422);
          if (said.gone === undefined) return said;
          gone(said.gone);
        }
        if (done) throw new Refusal("The answer broke off.");
      }
    },
    /** Asks for a file and hands it out. @type {Ask["file"]} */
    file: async (path, body, name) => handOut(await (await post(path, body)).blob(), name),
  });
}

/** Hands a file out. @param {Blob} file @param {string} name */
export function handOut(file, name) {
  const a = document.createElement("a");
  a.href = URL.createObjectURL(file);
  a.download = name;
  a.click();
  setTimeout(() => URL.revokeObjectURL(a.href), 1000);
}

/** @param {string} asm @returns {(path: string, body?: object) => Promise<any>} */
function asked(asm) {
  return async (path, body) => {
    let r;
    try {
      r = await fetch(`/a/${asm}/${path}`, {
        method: body ? "POST" : "GET",
        headers: { "Content-Type": "application/json", Accept: "application/json" },
        body: body && JSON.stringify(body),
      });
    } catch {
      throw new Refusal("The server does not answer. What was done is kept; waiting for it …");
    }
    if (r.status === 204) return null;
    let data;
    try {
      data = await r.json();
    } catch {
      data = {};
    }
    if (!r.ok) throw new Refusal(data.error || "That did not work.", r.status);
    return data;
  };
}

/** Tries a few times where the server is away or busy for a moment. @template T @param {() => Promise<T>} ask @returns {Promise<T>} */
export async function again(ask) {
  for (let n = 1; ; n++) {
    try {
      return await ask();
    } catch (e) {
      if (n === 4 || !(e instanceof Refusal) || !e.passing) throw e;
      await pause(400 * n);
    }
  }
}
