// What every owner's page needs: "/" to find.
document.documentElement.classList.add("scripted");

document.addEventListener("keydown", (event) => {
  const typing = event.target.closest("input, textarea, select");
  if (event.key === "/" && !typing && !event.ctrlKey && !event.metaKey) {
    event.preventDefault();
    document.getElementById("find").focus();
  }
});

// Fields that name goods: those that fit what is typed are offered.
(() => {
  let asked = 0;
  const names = () => {
    let list = document.getElementById("goods-names");
    if (!list) {
      list = document.createElement("datalist");
      list.id = "goods-names";
      document.body.append(list);
    }
    return list;
  };
  document.addEventListener("input", async (event) => {
    const field = event.target.closest("[data-find-goods]");
    if (!field) {
      return;
    }
    const own = ++asked;
    const answer = await fetch(`/goods/names?find=${encodeURIComponent(field.value.split(",").pop().trim())}`);
    if (own !== asked || !answer.ok) {
      return;
    }
    const before = field.value.includes(",") ? field.value.slice(0, field.value.lastIndexOf(",") + 1) + " " : "";
    names().replaceChildren(
      ...(await answer.json()).map((one) => {
        const option = document.createElement("option");
        option.value = before + one.sku;
        option.label = one.name;
        return option;
      }),
    );
  });
})();

// Where the bar or a strip of steps is pushed sideways, the place one is at is in sight.
document.querySelectorAll(".bar [aria-current], .rail [aria-current]").forEach((here) => {
  here.scrollIntoView({ block: "nearest", inline: "center" });
});
