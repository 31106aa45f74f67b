/** How an article looks, on paper and on a screen, by day and by night: it comes with the file. */
export const articleStyle = `
:root { color-scheme: light dark; --paper: #f4efe4; --card: #fbf8f1; --line: #d9d0bd; --ink: #1d2422; --soft: #5b625c;
  --mat: #17463a; --amber: #8a5700; --best: #e4ecdd; }
@media (prefers-color-scheme: dark) {
  :root { --paper: #14181a; --card: #1b2022; --line: #343b3b; --ink: #ece7da; --soft: #a9aea6; --mat: #8fc7b2;
    --amber: #e8b04b; --best: #24382f; }
}
* { box-sizing: border-box; }
body { margin: 0; background: var(--paper); color: var(--ink); font: 17px/1.55 'Public Sans', system-ui, sans-serif;
  overflow-wrap: anywhere; }
main { max-width: 860px; margin: 0 auto; padding: 32px 20px 64px; }
header p { margin: 0; color: var(--soft); letter-spacing: 0.06em; text-transform: uppercase; font-size: 13px; }
h1 { margin: 4px 0 24px; font-size: 34px; line-height: 1.15; }
h2 { margin: 36px 0 10px; padding-bottom: 4px; border-bottom: 1px solid var(--line); font-size: 22px; color: var(--mat); }
h3 { margin: 20px 0 6px; font-size: 17px; }
p, ul { margin: 0 0 12px; }
ul { padding-left: 22px; }
aside { margin: 0 0 20px; padding: 12px 16px; border-left: 5px solid var(--amber); background: var(--card); }
aside h2 { margin: 0 0 4px; border: 0; font-size: 17px; color: var(--amber); }
.table { overflow-x: auto; margin: 0 0 16px; }
table { border-collapse: collapse; min-width: 100%; font-variant-numeric: tabular-nums; font-size: 15px;
  background: var(--card); overflow-wrap: normal; }
caption { text-align: left; padding: 6px 0; color: var(--soft); font-size: 14px; }
th, td { min-width: 84px; text-align: left; vertical-align: top; padding: 6px 10px; border-bottom: 1px solid var(--line); }
th[scope='row'] { font-weight: 600; min-width: 130px; position: sticky; left: 0; background: var(--card); }
td.best { background: var(--best); font-weight: 600; }
td.worst { color: var(--amber); }
.caution { padding-left: 12px; border-left: 3px solid var(--amber); }
.drawings { display: grid; grid-template-columns: repeat(auto-fill, minmax(180px, 1fr)); gap: 12px; margin-bottom: 16px; }
figure { margin: 0 0 12px; }
figure img { display: block; width: 100%; height: auto; }
figcaption { color: var(--soft); font-size: 14px; }
mark { background: none; color: var(--amber); }
footer { margin-top: 40px; color: var(--soft); font-size: 14px; }
@media print { body { background: #fff; color: #000; font-size: 11pt; } .table { overflow: visible; }
  section, figure, tr { break-inside: avoid; } }
`
