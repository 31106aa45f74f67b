import fc from 'fast-check'

/** Texts that mean harm in one format or another. */
const known = [
  '<script>alert(1)</script>',
  '"><img src=x onerror=alert(1)>',
  "'-alert(1)-'",
  '[x](javascript:alert(1))',
  '![x](http://a.b/c.png)',
  '[x]: javascript:alert(1)\n\n[x]',
  '<a href="javascript:alert(1)">x</a>',
  '</style><script>x</script>',
  '</script><b>',
  '<!-- -->',
  ']]>',
  '<![CDATA[x',
  '&lt;script&gt;',
  '&#x6a;avascript:',
  '=1+1',
  '+1',
  '-1',
  '@SUM(A1)',
  '\t=1',
  'a --> b',
  'WEBVTT\n\n00:00.000 --> 00:01.000\nx',
  '\uE0000\uE001',
  '{wall of N-40}',
  '```\n<b>\n```',
  '* FROM CLIP NAME: x\n001  AX V C',
  'x\u0000y\u000By\uFFFE',
  '\uD800',
  '%s ${x} {{x}}',
  'long '.repeat(60),
]

/** Any text, and such as mean harm, alone and within others. */
export const hostileText = fc.oneof(
  fc.constantFrom(...known),
  fc.tuple(fc.constantFrom(...known), fc.string(), fc.constantFrom(...known)).map((texts) => texts.join('')),
  fc.string({ unit: 'binary', maxLength: 60 }),
  fc.string({ unit: fc.constantFrom(...'<>"\'&`[](){}!*_#-=+@|\\/\n\t abc:;'), maxLength: 60 }),
)
