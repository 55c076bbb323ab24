// Sends the requests of the page of the API with the key that was typed, and shows what was answered.
document.addEventListener("submit", async (event) => {
  const form = event.target.closest(".try");
  if (!form) {
    return;
  }
  event.preventDefault();
  const answer = form.querySelector(".answer");
  const key = document.getElementById("key").value.trim();
  let path = form.dataset.path;
  const query = new URLSearchParams();
  for (const field of form.querySelectorAll("input")) {
    if (field.dataset.in === "path") {
      path = path.replace(`{${field.name}}`, encodeURIComponent(field.value.trim()));
    } else if (field.value.trim()) {
      query.set(field.name, field.value.trim());
    }
  }
  const body = form.querySelector("textarea");
  const headers = {};
  if (key) {
    headers.Authorization = `Bearer ${key}`;
  }
  if (body) {
    headers["Content-Type"] = "application/json";
  }
  answer.hidden = false;
  answer.textContent = "…";
  try {
    const got = await fetch(path + (query.size ? `?${query}` : ""), {
      method: form.dataset.method,
      headers,
      body: body ? body.value : undefined,
      credentials: "omit",
    });
    const text = await got.text();
    answer.textContent = `${got.status} ${got.statusText}\n${shown(text)}`;
  } catch (failed) {
    answer.textContent = `No answer: ${failed.message}`;
  }
});

function shown(text) {
  try {
    return JSON.stringify(JSON.parse(text), null, 2);
  } catch {
    return text;
  }
}
