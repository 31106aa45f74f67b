import { createGlobalStyle, css } from 'styled-components'

const light = css`
  color-scheme: light;
  --paper: #f4efe4;
  --card: #fbf8f1;
  --raised: #ffffff;
  --line: #d9d0bd;
  --line-strong: #8d8470;
  --ink: #1d2422;
  --ink-soft: #565b54;
  --green: #12372c;
  --on-green: #f6f3ea;
  --green-soft: #dfe9e1;
  --amber: #d58a12;
  --amber-ink: #8a4f00;
  --amber-soft: #f9e9c8;
  --red: #a32b1c;
  --red-soft: #f7ded7;
  --best: #d8eadd;
  --worst: #f5dfd3;
  --focus: #0b5fbf;
`

const dark = css`
  color-scheme: dark;
  --paper: #161b19;
  --card: #1e2522;
  --raised: #262e2b;
  --line: #38423d;
  --line-strong: #7d8a82;
  --ink: #ece8dc;
  --ink-soft: #b0b4a8;
  --green: #9fd3bb;
  --on-green: #10241c;
  --green-soft: #24382f;
  --amber: #e3a238;
  --amber-ink: #f0bd66;
  --amber-soft: #3c3018;
  --red: #f0937f;
  --red-soft: #43241d;
  --best: #21402f;
  --worst: #4a2e22;
  --focus: #7db7ff;
`

/** Colours, type and the few rules that hold everywhere. */
export const GlobalStyle = createGlobalStyle`
  :root { ${light} }
  @media (prefers-color-scheme: dark) { :root:not([data-theme='light']) { ${dark} } }
  :root[data-theme='dark'] { ${dark} }

  :root {
    --label: 'Barlow Condensed', 'Arial Narrow', sans-serif;
    --text: 'Public Sans', system-ui, sans-serif;
    --radius: 10px;
    --mat: #17463a;
  }
  *, *::before, *::after { box-sizing: border-box; }
  html { background: var(--paper); -webkit-text-size-adjust: 100%; }
  body {
    margin: 0;
    background: var(--paper);
    color: var(--ink);
    font: 400 15px/1.45 var(--text);
    font-variant-numeric: tabular-nums lining-nums;
    overflow-wrap: break-word;
  }
  h1, h2, h3, h4 { font-family: var(--label); font-weight: 600; line-height: 1.1; margin: 0; letter-spacing: 0.002em; }
  h1 { font-size: 32px; }
  h2 { font-size: 22px; }
  h3 { font-size: 18px; }
  p { margin: 0; }
  a { color: inherit; text-underline-offset: 3px; text-decoration-thickness: 1px; }
  button, input, select, textarea { font: inherit; color: inherit; }
  :focus-visible { outline: 3px solid var(--focus); outline-offset: 2px; border-radius: 4px; }
  [data-focus-visible] { outline: 3px solid var(--focus); outline-offset: 2px; }
  @media (prefers-reduced-motion: reduce) { * { transition: none !important; animation: none !important; } }
  @media print {
    html, body { background: #fff; }
    [data-print='no'] { display: none !important; }
  }
`
