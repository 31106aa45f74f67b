const style = `
:root { color-scheme: light dark; --paper: #f2ede1; --card: #fbf8f1; --ink: #1d211f; --green: #12372c; --on: #fff; --red: #a32b1c }
@media (prefers-color-scheme: dark) {
  :root { --paper: #161a19; --card: #202524; --ink: #f0ece1; --green: #9fd3bb; --on: #12211b; --red: #f0937f }
}
body { margin: 0; min-height: 100vh; display: grid; place-items: center; background: var(--paper); color: var(--ink);
  font: 17px/1.5 'Public Sans', system-ui, sans-serif }
[role=main] { box-sizing: border-box; width: min(92vw, 420px); padding: 28px; border-radius: 10px; background: var(--card) }
h1 { margin: 0 0 8px; font: 600 30px/1.1 'Barlow Condensed', system-ui, sans-serif }
form { display: grid; gap: 14px; margin-top: 18px }
label { display: grid; gap: 4px; font-weight: 600 }
input { min-height: 48px; padding: 0 12px; border: 1px solid currentcolor; border-radius: 8px; background: transparent;
  color: inherit; font: inherit }
button { min-height: 52px; border: 0; border-radius: 8px; background: var(--green); color: var(--on); font: inherit;
  font-weight: 600 }
p[role=alert] { color: var(--red) }
`

/** A key that came with the address, behind its hash, goes into the field and out of the address. */
const script = `
const key = location.hash.slice(1)
if (key) { document.querySelector('[name=key]').value = key; history.replaceState(null, '', '/enter') }
`

/** The page that asks for the key of the house. */
export const enterPage = (nonce: string, problem = ''): string => `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Come in · Plicator</title>
<link rel="icon" href="/favicon.svg" type="image/svg+xml">
<style nonce="${nonce}">${style}</style>
</head>
<body>
<div role="main">
<h1>Plicator</h1>
<p>This workshop is locked. Its key was printed when Plicator was started, and stands under Workshop, Devices.</p>
${problem && `<p role="alert">${problem}</p>`}
<form method="post" action="/enter">
<label>Key of the house <input name="key" required autocomplete="off" autocapitalize="none" spellcheck="false" autofocus></label>
<label>What this device is called <input name="name" maxlength="60" autocomplete="off" placeholder="tablet at the bench"></label>
<button>Come in</button>
</form>
</div>
<script nonce="${nonce}">${script}</script>
</body>
</html>
`
