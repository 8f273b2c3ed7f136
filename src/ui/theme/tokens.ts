/**
 * Design tokens as custom properties. Themes follow the place, not taste: Day (glare), Shade (workshop), Night (cab, backstage).
 * Components use only these names; one attribute on <html> switches them.
 */
const common = `
  --font-figure:"Archivo Variable",system-ui,sans-serif; --font-read:"Atkinson Hyperlegible Next Variable",system-ui,sans-serif;
  --wdth-label:84%; --wdth-figure:100%; --wdth-verdict:112%;
  --t-label:12px; --t-small:13px; --t-read:15px; --t-lead:17px; --t-figure:20px; --t-title:27px; --t-verdict:30px;
  --s1:4px; --s2:8px; --s3:12px; --s4:16px; --s5:24px; --s6:32px;
  --hit:44px; --rail:88px;
  --w-hair:1px; --w-rule:1.5px; --w-strong:2.5px; --w-focus:3px; --w-rope:9px;
  --t-move:160ms;
`;

const shade = `color-scheme:light;
  --canvas:#DFE2D9; --sheet:#F3F4EE; --sunk:#D2D6CA; --line:#A9B0A2; --edge:#6D766F;
  --ink:#131D1D; --ink-2:#37433F; --ink-3:#4C5753; --on-ink:#F3F4EE; --plate:#131D1D; --on-plate:#F3F4EE;
  --signal:#AE0E49; --on-signal:#FFFFFF; --signal-wash:#EBD5DA;
  --rope:#C39A58; --rope-ink:#553A14; --rope-lit:#EAD4A8; --rope-2:#E6DCC4; --rope-2-ink:#4E4632; --rope-2-lit:#FBF7EC; --rope-dim:0%;
  --steel:#8C989D; --steel-ink:#2E383C; --steel-lit:#D9E0E3;
  --cargo:#E6DABD; --cargo-ink:#6A5530; --deck:#C5CBC2; --deck-groove:#B3BAB0; --skin:#C9CFC6; --scrim:rgba(19,29,29,.52);`;

const day = `color-scheme:light;
  --w-hair:1.5px; --w-rule:2px; --w-strong:3.5px; --w-focus:4px; --w-rope:11px;
  --canvas:#FFFFFF; --sheet:#FFFFFF; --sunk:#ECECEC; --line:#767676; --edge:#333333;
  --ink:#000000; --ink-2:#1A1A1A; --ink-3:#2B2B2B; --on-ink:#FFFFFF; --plate:#000000; --on-plate:#FFFFFF;
  --signal:#A50040; --on-signal:#FFFFFF; --signal-wash:#FFE3EC;
  --rope:#C08A30; --rope-ink:#2B1900; --rope-lit:#F2D79A; --rope-2:#F4EBD2; --rope-2-ink:#2A2412; --rope-2-lit:#FFFFFF; --rope-dim:0%;
  --steel:#8A9296; --steel-ink:#000000; --steel-lit:#E8ECEE;
  --cargo:#F4E9CC; --cargo-ink:#3D2C08; --deck:#E2E2E2; --deck-groove:#BDBDBD; --skin:#D8D8D8; --scrim:rgba(0,0,0,.6);`;

const night = `color-scheme:dark;
  --canvas:#120E09; --sheet:#1B150E; --sunk:#0B0805; --line:#41351F; --edge:#826B48;
  --ink:#D9B684; --ink-2:#B8976A; --ink-3:#A5865C; --on-ink:#161009; --plate:#A98A5E; --on-plate:#120D06;
  --signal:#FF6F7F; --on-signal:#190806; --signal-wash:#3A1519;
  --rope:#8F6A38; --rope-ink:#2C1D0A; --rope-lit:#BC9358; --rope-2:#6F6450; --rope-2-ink:#1E190F; --rope-2-lit:#97896D; --rope-dim:45%;
  --steel:#8A7E69; --steel-ink:#2B2419; --steel-lit:#B3A58B;
  --cargo:#2E2415; --cargo-ink:#A5865C; --deck:#221B11; --deck-groove:#30271A; --skin:#3A2F1E; --scrim:rgba(0,0,0,.62);`;

/** Tokens of all themes as CSS text. */
export const tokens = `
:root{${common}}
:root,[data-theme="shade"]{${shade}}
[data-theme="day"]{${day}}
[data-theme="night"]{${night}}
:root,[data-theme]{
  --p-short:repeating-linear-gradient(135deg,var(--signal) 0 3px,transparent 3px 7px);
  --p-barred:linear-gradient(to bottom,transparent 0 42%,var(--sheet) 42% 58%,transparent 58%),linear-gradient(var(--signal),var(--signal));
}
@media (prefers-reduced-motion:reduce){:root{--t-move:0ms}}
`;
