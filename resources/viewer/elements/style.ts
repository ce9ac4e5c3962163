/**
 * The viewer's own style. Every part has a cell of its own; nothing lies over anything else but words that are set to.
 * Custom properties come from the gallery: --c backdrop, --l letters, --o how solid, --p how solid under words, --b blur.
 */
export const STYLE = `
:host{all:initial!important;display:contents!important}
*{box-sizing:border-box}
dialog{width:100vw;height:var(--high,100dvh);max-width:none;max-height:none;inset:var(--top,0) 0 auto;margin:0;padding:0;border:0;overflow:hidden;background:color-mix(in srgb,var(--c) var(--o),transparent);backdrop-filter:var(--b);color:var(--l);font:16px/1.45 system-ui,sans-serif;overscroll-behavior:contain}
dialog::backdrop{background:none}
dialog[open]{display:grid;grid-template:"bar bar bar" auto "prev stage next" minmax(0,1fr) "said said said" auto "thumbs thumbs thumbs" auto/auto minmax(0,1fr) auto}
.bar{grid-area:bar;display:flex;align-items:flex-start;gap:4px;min-width:0;padding:4px 4px 4px 12px;padding-inline:max(12px,env(safe-area-inset-left)) max(4px,env(safe-area-inset-right))}
.bar,.said,.thumbs{background:color-mix(in srgb,var(--c) var(--p),transparent)}
.count{margin:0;padding:10px 0;white-space:nowrap;font-variant-numeric:tabular-nums}
.tools{flex:1;display:flex;flex-wrap:wrap;justify-content:flex-end;gap:4px;min-width:0}
button,.download{display:grid;place-items:center;flex:none;width:44px;height:44px;margin:0;padding:0;border:0;border-radius:4px;background:none;color:inherit;font:inherit;cursor:pointer}
.previous,.next{align-self:center;margin:0 4px}
.previous{grid-area:prev}.next{grid-area:next}
:is(button,.download):hover{background:color-mix(in srgb,var(--l) 18%,transparent)}
:is(button,.download,input,.said,a,.text,.stage):focus-visible{outline:3px solid var(--l);outline-offset:-3px}
[aria-disabled=true]{opacity:.4;cursor:default}
[aria-pressed=true],[aria-expanded=true]{background:color-mix(in srgb,var(--l) 22%,transparent)}
svg{width:24px;height:24px;fill:none;stroke:currentColor;stroke-width:2;stroke-linecap:round;stroke-linejoin:round}
:is(.previous,.next,.sides svg):dir(rtl){scale:-1 1}
.slider{width:110px;height:44px;margin:0 6px;accent-color:var(--l)}
.stage{grid-area:stage;position:relative;min-width:0;min-height:0;overflow:hidden;touch-action:pinch-zoom;user-select:none;-webkit-user-select:none}
.stage.zooms{touch-action:none}
.stage.large{cursor:grab}.stage.large.held{cursor:grabbing}
.frame{position:absolute;inset:0;display:grid;place-items:center}
.pic{position:relative;overflow:hidden;background:color-mix(in srgb,var(--l) 7%,transparent);will-change:transform}
.clear .pic{background:#eef1f2}
.pic img{position:absolute;inset:0;width:100%;height:100%;object-fit:contain;-webkit-user-drag:none}
video{max-width:100%;max-height:100%}
.text{max-width:min(62ch,100%);max-height:100%;overflow:auto;padding:clamp(12px,3vmin,32px);background:#fff;color:#16191b;font-size:18px;line-height:1.6;user-select:text;-webkit-user-select:text;overflow-wrap:anywhere;touch-action:pan-y pinch-zoom}
.text>:first-child{margin-top:0}.text>:last-child{margin-bottom:0}
.text :is(h2,h3,h4){margin:1.2em 0 .4em;line-height:1.25}.text :is(p,ul,ol,blockquote){margin:0 0 .8em}.text :is(ul,ol){padding-inline-start:1.5em}.text li{margin:.25em 0}.text a{color:#0b5e53}
.missing{display:grid;gap:10px;justify-items:center;padding:16px;text-align:center}
.missing button{width:auto;padding:0 16px;border:2px solid currentColor}
.sides{position:absolute;inset:0;display:flex;justify-content:space-between;align-items:center;pointer-events:none;opacity:0;z-index:1}
.sides svg{width:44px;height:44px;padding:8px;border-radius:50%;background:rgb(16 20 23/.6);color:#fff;opacity:0}
@media (hover:hover){.sides{opacity:1}.stage[data-side=previous] .sides svg:first-child,.stage[data-side=next] .sides svg:last-child{opacity:1}.stage[data-side=previous]{cursor:w-resize}.stage[data-side=next]{cursor:e-resize}}
.said{grid-area:said;max-height:34dvh;overflow:auto;overscroll-behavior:contain;padding:10px max(16px,calc(50% - 36ch)) max(12px,env(safe-area-inset-bottom));text-align:center;overflow-wrap:anywhere}
.said:empty,.said[hidden],.thumbs:empty,[hidden]{display:none!important}
.said :is(h2,p){margin:0;font-size:inherit;font-weight:inherit;white-space:pre-line}.said h2{font-weight:600}.said :is(.credit,.facts){font-size:14px;opacity:.86}.said a{color:inherit}
dialog[data-words=over] .said{grid-area:stage;z-index:1;align-self:end;max-height:45%;background:color-mix(in srgb,var(--c) 80%,transparent)}
.thumbs{grid-area:thumbs;display:flex;justify-content:safe center;gap:4px;padding:4px;overflow-x:auto;scrollbar-width:none}
.thumbs button{width:52px;height:44px;overflow:hidden;opacity:.65}.thumbs [aria-current]{opacity:1;outline:2px solid var(--l);outline-offset:-2px}
.thumbs img{width:100%;height:100%;object-fit:cover}
.live{position:absolute;width:1px;height:1px;margin:0;overflow:hidden;clip-path:inset(50%);white-space:nowrap}
.single :is(.previous,.next,.count,.thumbs,.play){display:none!important}
@media (min-width:900px){dialog[data-words=beside][open]{grid-template:"bar bar bar bar" auto "prev stage next said" minmax(0,1fr) "thumbs thumbs thumbs said" auto/auto minmax(0,1fr) auto}
dialog[data-words=beside] .said{width:clamp(240px,26vw,460px);max-height:none;padding:16px 20px;text-align:start}}
@media (max-width:560px) and (min-height:301px){dialog[open]{grid-template:"bar bar bar" auto "stage stage stage" minmax(0,1fr) "said said said" auto "prev thumbs next" auto/auto minmax(0,1fr) auto}.thumbs{justify-content:safe center;background:none;min-width:0}.slider{width:72px;margin:0}}
@media (max-width:560px) and (max-height:420px),(max-height:360px){button,.download{width:36px;height:36px}.slider{height:36px}.count{padding:6px 0}.bar,.thumbs{padding-block:0}.thumbs button{height:36px}.said{padding-block:4px;font-size:15px}}
@media (max-height:300px){.thumbs,.slider{display:none!important}.said{max-height:26dvh}.previous,.next{margin:0}}
@media (forced-colors:active){dialog,.bar,.said,.thumbs{background:Canvas;color:CanvasText}:is(button,.download){border:1px solid ButtonText}svg{stroke:ButtonText}}
@media (prefers-reduced-motion:no-preference){dialog{transition:opacity .16s}@starting-style{dialog[open]{opacity:0}}.sides svg{transition:opacity .15s}}
`;
