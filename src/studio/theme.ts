'use client';

import { createGlobalStyle } from 'styled-components';

/** Cool limestone, deep ink, one working colour (verdigris), madder only for what must be mended. */
export const tokens = {
  stone: '#dfe1de',
  sheet: '#f4f5f2',
  raised: '#ffffff',
  ink: '#1b2631',
  soft: '#52606b',
  line: '#c2c7c5',
  verdigris: '#24695f',
  verdigrisPale: '#cfe0db',
  madder: '#9d2f38',
  madderPale: '#f0dddb',
  amber: '#7a5a12',
  amberPale: '#f1ead8',
} as const;

/** Where sheet and window don't stand beside each other: they take turns, and what stood side by side stands one under the other. */
export const narrow = '@media (max-width: 899px)';

/** Whether it is so now; of use once the page stands. Whatever has to follow it asks `useNarrow`. */
export const isNarrow = (): boolean => typeof matchMedia === 'function' && matchMedia(narrow.replace('@media ', '')).matches;

export const GlobalStyle = createGlobalStyle`
  @font-face{font-family:"Work Sans";src:url("/fonts/work-sans.woff2") format("woff2");font-weight:100 900;font-display:swap}
  *,*::before,*::after{box-sizing:border-box}
  html,body{margin:0;height:100%}
  body{background:${tokens.stone};color:${tokens.ink};font:400 15px/1.45 "Work Sans",system-ui,sans-serif;font-feature-settings:"tnum";-webkit-font-smoothing:antialiased}
  h1,h2,h3,p,ul,ol,dl,dd{margin:0;padding:0}
  h1{font-size:22px;font-weight:600;line-height:1.2;letter-spacing:-.01em}
  h2{font-size:16px;font-weight:600;line-height:1.3}
  h3{font-size:15px;font-weight:600}
  ul,ol{list-style:none}
  a{color:${tokens.verdigris}}
  button,input,select,textarea{font:inherit;color:inherit}
  :focus-visible{outline:3px solid ${tokens.verdigris};outline-offset:2px}
  small{font-size:13px}
`;
