'use client';
import { createGlobalStyle } from 'styled-components';
import { tokens } from './tokens';

export const GlobalStyle = createGlobalStyle`
  ${tokens}
  *{box-sizing:border-box;margin:0}
  html{background:var(--canvas);color:var(--ink);font-family:var(--font-read);font-size:var(--t-read);line-height:1.42;scroll-padding-top:52px;scroll-padding-bottom:120px}
  body{min-height:100vh}
  button,select,input,textarea{font:inherit;color:inherit}
  a{color:inherit}
  h1,h2,h3{font-family:var(--font-figure);line-height:1.15}
  h1{font-size:var(--t-title);font-weight:640;font-stretch:96%;letter-spacing:-.012em}
  h2{font-size:15px;font-weight:680;font-stretch:90%}
  h3{font-size:14px;font-weight:660;font-stretch:92%}
  ul,ol{padding:0;list-style:none}
  :focus-visible,[data-focus-visible]{outline:var(--w-focus) solid var(--ink);outline-offset:2px}
  @page{margin:12mm}
  @media print{
    html,body{background:#fff;color:#000}
    [data-no-print]{display:none}
    body:has([role=dialog]) main{display:none}
  }
`;
