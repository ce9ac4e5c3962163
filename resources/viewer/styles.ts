/**
 * Important rules of a shadow root go before important rules of the page, so `all: initial`
 * keeps out whatever the page does to every element.
 */
export const SHIELD = ':host{all:initial!important;display:block!important}svg.wish{display:block;max-width:100%;height:0}';

/**
 * A gallery measures its container and so has no width of its own: in a float, a flex row or a
 * grid cell it would come to nothing. This makes it ask for room as a wide picture does, which
 * takes what there is and forces nothing open.
 */
export const WISH = '<svg class="wish" width="2560" height="0" aria-hidden="true"></svg>';

export const LIGHTBOX = `
:host{all:initial!important;display:contents!important}
dialog{box-sizing:border-box;width:100vw;height:100dvh;max-width:none;max-height:none;margin:0;padding:0;border:0;overflow:hidden;background:rgb(16 20 23/.97);color:#f4f6f7;font:16px/1.45 system-ui,sans-serif;touch-action:none;overscroll-behavior:contain}
dialog::backdrop{background:none}
dialog[open]{display:grid;grid-template:minmax(0,1fr) auto/minmax(0,1fr)}
.stage{display:grid;place-items:center;min-width:0;min-height:0;padding:60px 72px 0}
picture{display:contents}
dialog[data-kind=picture] :is(video,.text),dialog[data-kind=video] :is(picture,.text),dialog[data-kind=text] :is(picture,video){display:none}
video{max-width:100%;max-height:100%}
.text{max-width:62ch;max-height:100%;overflow:auto;padding:24px;background:#fff;color:#16191b;touch-action:pan-y}
.text :is(p,ul){margin:0 0 1em}
img{display:block;max-width:100%;max-height:100%;width:auto;height:auto;object-fit:contain;background:rgb(255 255 255/.06);user-select:none;-webkit-user-drag:none}
.words{min-height:60px;max-width:min(70ch,100vw - 32px);margin:0 auto;padding:12px 16px 18px;text-align:center;overflow:auto;max-height:30dvh}
dialog.clear img{background:#eef1f2}
.words a{color:#fff;overflow-wrap:anywhere}
.words a[hidden]{display:none}
.words a:focus-visible{outline:3px solid #fff;outline-offset:2px}
.words i{display:block;font-size:13px;font-style:normal;color:#b6c0c5}
.words b{display:block;font-weight:600}
.words span{display:block;color:#d3dade;white-space:pre-line}
.count{position:absolute;top:16px;inset-inline-start:20px;margin:0;font-variant-numeric:tabular-nums;color:#d3dade}
button{position:absolute;display:grid;place-items:center;width:48px;height:48px;padding:0;border:0;border-radius:3px;background:rgb(16 20 23/.55);color:#fff;cursor:pointer}
button:hover{background:rgb(255 255 255/.18)}
button:focus-visible{outline:3px solid #fff;outline-offset:-3px}
button svg{width:24px;height:24px;fill:none;stroke:currentColor;stroke-width:2.2;stroke-linecap:round}
.close{top:8px;inset-inline-end:8px}
.previous{inset-inline-start:8px;top:calc(50% - 24px)}
.next{inset-inline-end:8px;top:calc(50% - 24px)}
:dir(rtl) .previous svg,:dir(rtl) .next svg{transform:scaleX(-1)}
dialog.single :is(.previous,.next,.count){display:none}
@media (max-width:640px){.stage{padding:60px 0 0}.previous,.next{top:auto;bottom:max(12px,env(safe-area-inset-bottom))}.words{padding:12px 64px 18px}}
@media (prefers-reduced-motion:no-preference){dialog{transition:opacity .16s}@starting-style{dialog[open]{opacity:0}}}
`;
