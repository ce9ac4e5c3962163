<?php

declare(strict_types=1);

use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Finish\Css\CssReview;
use ZincPane\Core\Finish\Kinds\CssText;
use ZincPane\Core\Settings\SettingException;

covers(CssReview::class, CssText::class);

it('lets stand what holds for one gallery alone', function (string $css): void {
    expect(CssReview::refused($css))->toBe([]);
})->with([
    'nothing' => [''],
    'a rule' => ['.zp-caption { color: #fff; }'],
    'several, the last without a semicolon' => ["img{opacity:.9}\n.zp-tiles > li:nth-child(2n+1):hover{outline:2px solid gold}"],
    'nested rules' => ['li { & a { color: red } > b { color: blue } &:hover { opacity: 1 } }'],
    'conditions' => ['@media (width < 600px) { li { margin: 0 } } @supports (display: grid) { p { color: red } } @container (width > 3px) { b { top: 0 } }'],
    'a property of its own' => ['.zp { --mine: 3px; width: calc(var(--mine) * 2) }'],
    'braces and semicolons in strings' => ['li::before { content: "} a { ; @import"; }'],
    'signs of comments in strings, quotes in comments' => ['li::before{content:"/*"} /* it\'s "fine" */ b{color:red}'],
    'a selector with a bracket' => ['a[href*="kites"] { color: red }'],
    'another position' => ['li { position: absolute }'],
]);

it('names what would leave the gallery', function (string $css, string $reason): void {
    $refused = CssReview::refused($css);
    expect(implode('; ', $refused))->toContain($reason);
})->with([
    'an import' => ['@import "x.css";', 'one gallery alone'],
    'an import in other letters' => ['@IMPORT url(x);', 'one gallery alone'],
    'a font' => ['@font-face { font-family: X; }', 'one gallery alone'],
    'keyframes' => ['@keyframes zp-in-p1 { from { opacity: 0 } }', 'one gallery alone'],
    'a layer' => ['@layer x { p { color: red } }', 'one gallery alone'],
    'a nested import' => ['li { @import "x"; }', 'one gallery alone'],
    'an address' => ['p { background: url(https://elsewhere/x.png) }', 'fetches'],
    'an address in other letters' => ['p { background: URL ( x ) }', 'fetches'],
    'an image set' => ['p { background: -webkit-image-set("x" 1x) }', 'fetches'],
    'an address in a property of its own' => ['p { --x: url(x) }', 'fetches'],
    'an attribute that may be an address' => ['p { background: image(attr(data-x type(<url>))) }', 'fetches'],
    'the end of the style' => ['p { color: red } </style><script>alert(1)</script>', '“</”'],
    'the end of the style in a string' => ['p::before { content: "</style>" }', '“</”'],
    'an escape' => ['p { background: \75rl(x) }', 'backslash'],
    'a brace that is not closed' => ['p { color: red', 'not closed'],
    'a brace that was never opened' => ['p { color: red } }', 'never opened'],
    'a rule that closes its scope' => ['} body { display: none } p {', 'never opened'],
    'a comment that is not closed' => ['p { color: red } /* and', 'not closed'],
    'a string that is not closed' => ["p::before { content: \"x\n }", 'not closed'],
    'a bracket that is not closed' => ['p { color: rgb(0 0 0; } b { color: red }', 'bracket'],
    'what lies over the page' => ['p { position: fixed }', 'lies over'],
    'what might lie over the page' => ['p { --p: fixed; position: var(--p) }', 'lies over'],
    'a program' => ['p { behavior: x }', 'runs a program'],
    'a declaration without a rule' => ['color: red;', 'outside a rule'],
    'nonsense in a rule' => ['p { color }', 'no property'],
    'too deep' => [str_repeat('a{', 12).str_repeat('}', 12), 'too deep'],
]);

it('names every rule that is refused, and tells how the CSS would be set', function (): void {
    $css = "@import 'a'; p { color: red } @charset 'x'; b { background: url(x); position: fixed }";
    expect(CssReview::refused($css))->toHaveCount(4);
    try {
        GalleryDesign::default()->with(['finish' => ['own' => ['css' => $css]]]);
        $this->fail('it was taken');
    } catch (SettingException $refusal) {
        expect($refusal->field)->toBe('design.finish.own.css')->and($refusal->getMessage())->toContain('url(x)')->toContain('@charset')->toContain('Nothing was stored');
    }
});

it('closes what it opens, whatever comes: what is let stand never reaches beyond its scope', function (): void {
    // Pieces that matter to a parser, thrown together; what passes is read by a counter of braces that knows strings and comments only.
    $dice = dice(17);
    $pieces = ['p', '{', '}', ';', ':', 'color', 'red', '"', "'", '/*', '*/', '(', ')', '[', ']', ' ', "\n", '@media', '@import', 'url(', '--x', ',', '>', '&', '!important', '#fff'];
    $passed = 0;
    for ($trial = 0; $trial < trials(60_000, 8_000); $trial++) {
        $css = '';
        for ($n = $dice->getInt(1, 14); $n > 0; $n--) {
            $css .= $pieces[$dice->getInt(0, count($pieces) - 1)];
        }
        if ($trial % 3 === 0) {
            $css = "p{color:red}{$css}b{top:0}";
        }
        if (CssReview::refused($css) === []) {
            $passed++;
            $bare = preg_replace('~/\*.*?\*/|"[^"\n]*"|\'[^\'\n]*\'~s', ' ', $css);
            $depth = 0;
            foreach (str_split($bare) as $sign) {
                $depth += ['{' => 1, '}' => -1][$sign] ?? 0;
                expect($depth)->toBeGreaterThanOrEqual(0, $css);
            }
            expect($depth)->toBe(0, $css)->and($bare)->not->toMatch('~(?<![\\w-])url\(~')->not->toMatch('~(^|[{};])\\s*@import~')->not->toMatch('~/\*|["\']~');
        }
    }
    expect($passed)->toBeGreaterThan(300);
});
