// The list of goods: what is picked stays picked over pages and searches; arrows go along the rows.
(() => {
  const KEPT = "picked-goods";
  const picked = new Set(JSON.parse(sessionStorage.getItem(KEPT) || "[]"));
  let all = false;
  let last = null;
  const found = () => document.getElementById("found");
  const boxes = () => [...found().querySelectorAll("input[name=pick]")];

  const show = () => {
    const shown = boxes();
    for (const box of shown) {
      box.checked = all || picked.has(box.value);
    }
    const here = shown.filter((box) => box.checked).length;
    const head = document.getElementById("pick-shown");
    head.checked = shown.length > 0 && here === shown.length;
    head.indeterminate = here > 0 && here < shown.length;
    const count = all ? Number(found().dataset.count) : picked.size;
    document.getElementById("picks").hidden = count === 0;
    document.getElementById("pick-count").textContent = count.toLocaleString("en-GB");
    document.getElementById("pick-all").hidden = all;
    document.getElementById("act").disabled = count === 0;
    document.getElementById("ids").value = [...picked].join(",");
    document.getElementById("all").value = all ? "true" : "";
    sessionStorage.setItem(KEPT, JSON.stringify([...picked]));
  };

  const pick = (box, on) => {
    if (all && !on) {
      // all but this one of those shown: the rest of what fits is not listed here
      all = false;
      boxes().forEach((other) => picked.add(other.value));
    }
    if (on) {
      picked.add(box.value);
    } else {
      picked.delete(box.value);
    }
  };

  document.addEventListener("click", (event) => {
    const box = event.target.closest("input[name=pick]");
    if (box) {
      const shown = boxes();
      const from = shown.indexOf(last);
      if (event.shiftKey && from >= 0) {
        const to = shown.indexOf(box);
        shown.slice(Math.min(from, to), Math.max(from, to) + 1).forEach((one) => pick(one, box.checked));
      } else {
        pick(box, box.checked);
      }
      last = box;
      show();
    } else if (event.target.id === "pick-shown") {
      const on = event.target.checked;
      boxes().forEach((one) => pick(one, on));
      show();
    } else if (event.target.id === "pick-all") {
      all = true;
      show();
      document.getElementById("pick-none").focus();
    } else if (event.target.id === "pick-none") {
      all = false;
      picked.clear();
      show();
      document.getElementById("pick-shown").focus();
    }
  });

  document.addEventListener("keydown", (event) => {
    const box = event.target.closest("input[name=pick], #pick-shown");
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (box && step) {
      event.preventDefault();
      const shown = [document.getElementById("pick-shown"), ...boxes()];
      const next = shown[shown.indexOf(box) + step];
      if (next) {
        if (event.shiftKey && next.name === "pick") {
          pick(next, true);
          show();
        }
        next.focus();
      }
    } else if (box && event.key === "Enter") {
      event.preventDefault();
      const link = box.closest("tr").querySelector("td a");
      if (link) {
        location.href = link.href;
      }
    } else if (event.key === "ArrowDown" && event.target.id === "find-here") {
      event.preventDefault();
      const first = boxes()[0];
      if (first) {
        first.focus();
      }
    } else if ((event.key === "PageDown" || event.key === "PageUp") && box) {
      const link = found().querySelector(event.key === "PageDown" ? "a[rel=next]" : "a[rel=prev]");
      if (link) {
        event.preventDefault();
        location.href = link.href;
      }
    }
  });

  document.addEventListener("htmx:afterSwap", (event) => {
    if (event.target.id === "found" || document.getElementById("found")) {
      all = false;
      last = null;
      const query = found().dataset.query;
      history.replaceState(null, "", query ? `/goods?${query}` : "/goods");
      show();
    }
  });

  show();
})();
