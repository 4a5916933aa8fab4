// Runs before the page is drawn, so that the chosen theme never flashes.
(() => {
  const chosen = () => { try { return localStorage.getItem("setfast-theme"); } catch { return null; } };
  const t = chosen();
  if (t === "dark" || t === "light") document.documentElement.dataset.theme = t;
  const dark = () => document.documentElement.dataset.theme ? document.documentElement.dataset.theme === "dark" : matchMedia("(prefers-color-scheme: dark)").matches;
  addEventListener("DOMContentLoaded", () => {
    for (const b of document.querySelectorAll("[data-theme-toggle]")) {
      const tell = () => { b.textContent = dark() ? "Light" : "Dark"; b.setAttribute("aria-label", dark() ? "Change to light" : "Change to dark"); };
      tell();
      b.addEventListener("click", () => {
        const next = dark() ? "light" : "dark";
        document.documentElement.dataset.theme = next;
        try { localStorage.setItem("setfast-theme", next); } catch { /* then it holds for this page only */ }
        tell();
        dispatchEvent(new Event("themechange"));
      });
    }
  });
})();
