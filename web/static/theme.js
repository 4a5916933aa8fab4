// @ts-check
// Runs before the page is drawn, so that the chosen theme never flashes.
(() => {
  const root = document.documentElement;
  const kept = () => {
    try {
      return localStorage.getItem("setfast-theme");
    } catch {
      return null;
    }
  };
  const keep = (/** @type {string} */ theme) => {
    try {
      localStorage.setItem("setfast-theme", theme);
    } catch {
      // then it holds for this page only
    }
  };
  const t = kept();
  if (t === "dark" || t === "light") root.dataset.theme = t;
  const dark = () => (root.dataset.theme ? root.dataset.theme === "dark" : matchMedia("(prefers-color-scheme: dark)").matches);
  addEventListener("DOMContentLoaded", () => {
    for (const b of document.querySelectorAll("[data-theme-toggle]")) {
      const tell = () => {
        b.textContent = dark() ? "Light" : "Dark";
        b.setAttribute("aria-label", dark() ? "Change to light" : "Change to dark");
      };
      tell();
      b.addEventListener("click", () => {
        const next = dark() ? "light" : "dark";
        root.dataset.theme = next;
        keep(next);
        tell();
        dispatchEvent(new Event("themechange"));
      });
    }
  });
})();
