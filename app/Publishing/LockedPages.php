<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Models\Site;
use ZincPane\Core\Access\GalleryLock;
use ZincPane\Core\Markup\Element;
use ZincPane\Core\Markup\Fragment;
use ZincPane\Core\Markup\LockedParts;
use ZincPane\Core\Phrases\Phrases;

/** What stands in the place of a locked gallery, and what is kept for those who have its password. */
final readonly class LockedPages
{
    /** Path of the form that opens a gallery, before its identifier. */
    public const PATH = 'unlock';

    private const STYLE = '.zp-lock{display:grid;gap:12px;justify-items:start;max-width:36em;padding:20px;border:1px solid currentColor}.zp-lock p{margin:0}.zp-lock label{display:grid;gap:4px}.zp-lock :is(input,button){box-sizing:border-box;min-height:44px;padding:6px 12px;font:inherit}.zp-lock [role=alert]{font-weight:600}';

    /**
     * @param  string  $back  path of the page that it stands on
     */
    public static function form(string $galleryId, string $back, Phrases $phrases, string $refusal = ''): Element
    {
        return Element::of('form', ['class' => 'zp-lock', 'method' => 'post', 'action' => '/'.self::PATH."/{$galleryId}"])->add(
            Element::of('style')->css(self::STYLE),
            Element::of('p')->text($phrases->say('locked')),
            Element::of('label')->add(
                Element::of('span')->text($phrases->say('locked_password')),
                Element::of('input', ['type' => 'password', 'name' => 'password', 'required' => true, 'maxlength' => GalleryLock::LONGEST, 'autocomplete' => 'off', 'aria-invalid' => $refusal === '' ? null : 'true', 'aria-describedby' => $refusal === '' ? null : 'zp-lock-wrong']),
            ),
            ...($refusal === '' ? [] : [Element::of('p', ['role' => 'alert', 'id' => 'zp-lock-wrong'])->text($refusal)]),
            ...[Element::of('input', ['type' => 'hidden', 'name' => 'back', 'value' => $back]), Element::of('button', ['type' => 'submit'])->text($phrases->say('locked_open'))],
        );
    }

    /** A gallery in its place: as it is for those who opened it, with the form for all others. */
    public static function around(string $galleryId, Fragment $drawn, string $back, Phrases $phrases): Fragment
    {
        return new Fragment($drawn->id, LockedParts::around($galleryId, $drawn->html, (string) self::form($galleryId, $back, $phrases)), $drawn->css, $drawn->font, $drawn->arrives, $galleryId);
    }

    /**
     * Pages in which something is locked: for all without it, and whole where nobody is given them who was not asked.
     *
     * @param  array<string, string>  $files  contents by path
     * @return array<string, string>
     */
    public static function parted(array $files): array
    {
        $parted = [];
        foreach ($files as $path => $contents) {
            $isLocked = LockedParts::has($contents);
            $parted[$path] = $isLocked ? LockedParts::for($contents, []) : $contents;
            $isLocked ? $parted[LiveFiles::GUARDED."/{$path}"] = $contents : null;
        }

        return $parted;
    }

    /**
     * The page that asks for the password by itself.
     */
    public static function page(Site $site, string $galleryId, string $back, string $refusal): Composed
    {
        $phrases = $site->phrases();

        return new Composed($phrases->say('locked'), '', [(string) Element::of('h1')->text($phrases->say('locked_title')), (string) self::form($galleryId, $back, $phrases, $refusal)], head: (string) Element::of('meta', ['name' => 'robots', 'content' => 'noindex']));
    }
}
