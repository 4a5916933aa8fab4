// @ts-check
// A line at the foot of the page that says what happened, for pages without a place of their own for it.

/** @type {number | undefined} */
let ending;

/** @param {string} text @param {boolean} [stays] until something else is said */
export function notice(text, stays) {
  let box = document.getElementById("notice");
  if (!box) {
    box = document.createElement("p");
    box.id = "notice";
    box.setAttribute("role", "alert");
    document.body.append(box);
  }
  box.textContent = text;
  box.hidden = !text;
  clearTimeout(ending);
  if (!stays) {
    ending = setTimeout(() => {
      if (box) box.hidden = true;
    }, 8000);
  }
}
