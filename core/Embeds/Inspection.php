<?php

declare(strict_types=1);

namespace ZincPane\Core\Embeds;

/** Judges the parts of embeds on a page: what is missing, doubled, stripped or of yesterday. */
final readonly class Inspection
{
    /** @var array<string, list<Found>> by gallery */
    private array $byGallery;

    private bool $hasScript;

    /**
     * @param  list<Found>  $found  on one page
     * @param  array<string, KnownGallery>  $known  by identifier
     */
    public function __construct(private array $found, private array $known)
    {
        $byGallery = [];
        foreach ($found as $one) {
            if ($one->part !== FoundPart::Script) {
                $byGallery[$one->gallery][] = $one;
            }
        }
        $this->byGallery = $byGallery;
        $this->hasScript = self::parts($found, FoundPart::Script, FoundPart::OldScript) !== [];
    }

    /**
     * @return list<Finding> the worst first
     */
    public function findings(): array
    {
        if ($this->found === []) {
            return [new Finding('nothing', 'Nothing of a gallery of this site is on that page.', 'Copy one of the pieces, and paste it where the gallery is to stand.')];
        }
        $findings = [];
        if ($this->hasScript && $this->byGallery === []) {
            $findings[] = new Finding('no-element', 'The script is there, and the element that it fills is gone.', 'The editor keeps scripts and throws other elements away. Take the frame.', kind: EmbedKind::Frame);
        }
        foreach ($this->byGallery as $id => $parts) {
            array_push($findings, ...$this->ofGallery((string) $id, $parts));
        }
        usort($findings, static fn (Finding $one, Finding $other): int => $other->isFault <=> $one->isFault);

        return $findings;
    }

    /** Whether visitors see the gallery, all of it. */
    public function isWhole(): bool
    {
        return $this->found !== [] && array_filter($this->findings(), static fn (Finding $finding): bool => $finding->isFault) === [];
    }

    /**
     * @param  list<Found>  $parts
     * @return list<Finding>
     */
    private function ofGallery(string $id, array $parts): array
    {
        $gallery = $this->known[$id] ?? null;
        if ($gallery === null) {
            return [$id === ''
                ? new Finding('lost', 'A piece has lost which gallery it is of.', 'Copy it anew, and paste it in place of that one.')
                : new Finding('unknown', "There is no gallery {$id} here, or no longer.", 'Take the piece off the page, or copy one of another gallery.')];
        }
        $hidden = $gallery->hidden();
        $findings = $hidden === null ? [] : [new Finding('hidden', "“{$gallery->title}” {$hidden}.", $gallery->isLive ? 'Change who may have it, or take the piece off the page.' : 'Put it live.', gallery: $id)];

        return [...$findings, ...$this->ofScript($gallery, $parts), ...$this->ofHtml($gallery, $parts), ...$this->ofFrame($gallery, $parts), ...$this->ofPictures($gallery, $parts), ...self::outdated($gallery, $parts)];
    }

    /**
     * @param  list<Found>  $parts
     * @return list<Finding>
     */
    private function ofScript(KnownGallery $gallery, array $parts): array
    {
        $elements = self::parts($parts, FoundPart::Element);
        $named = "“{$gallery->title}”";

        return array_values(array_filter([
            $elements !== [] && ! $this->hasScript
                ? new Finding('no-script', "The element of {$named} is there, and the script that fills it is missing.", 'Where the editor keeps no scripts, take the frame or the pictures; else copy the line anew.', gallery: $gallery->id, kind: EmbedKind::Script) : null,
            self::broken($elements)
                ? new Finding('no-room', "Of {$named} the part was taken out that keeps its room: the page jumps when the gallery comes.", 'Copy the line anew, or take the frame.', false, $gallery->id, EmbedKind::Script) : null,
            self::parts($parts, FoundPart::OldScript) !== []
                ? new Finding('old-line', "The line of {$named} is of the old kind: the page jumps when the gallery comes.", 'It works. Copy the new line in place of it, which keeps the room.', false, $gallery->id, EmbedKind::Script) : null,
        ]));
    }

    /**
     * @param  list<Found>  $parts
     * @return list<Finding>
     */
    private function ofHtml(KnownGallery $gallery, array $parts): array
    {
        [$heads, $bodies] = [self::parts($parts, FoundPart::Head), self::parts($parts, FoundPart::Body)];
        $named = "“{$gallery->title}”";
        $say = static fn (string $code, string $says, string $mend): Finding => new Finding($code, $says, $mend, true, $gallery->id, EmbedKind::HtmlCss);

        return array_values(array_filter([
            $bodies !== [] && $heads === [] ? $say('no-head', "The piece for the head of {$named} is missing: pictures stand one below the other.", 'Copy the piece for the head as well.') : null,
            $heads !== [] && $bodies === [] ? $say('no-body', "The piece for the head of {$named} is there, and the one for the body is not.", 'Copy the piece for the body, where the gallery is to stand.') : null,
            count($heads) > 1 ? $say('heads', "The piece for the head of {$named} is there ".count($heads).' times.', 'Leave one of them.') : null,
            count($bodies) > 1 ? $say('bodies', "{$named} stands ".count($bodies).' times on the page, with the same names for its parts.', 'Leave one, or take the line or the frame, which may stand as often as you like.') : null,
            self::broken([...$heads, ...$bodies]) ? $say('stripped', "Of {$named} classes or styles were taken out.", 'The editor throws them away. Take the frame or the pictures.') : null,
            count($heads) === 1 && count($bodies) === 1 && $heads[0]->stamp !== $bodies[0]->stamp ? $say('apart', "Head and body of {$named} are not of the same day.", 'Copy both anew.') : null,
        ]));
    }

    /**
     * @param  list<Found>  $parts
     * @return list<Finding>
     */
    private function ofFrame(KnownGallery $gallery, array $parts): array
    {
        return self::broken(self::parts($parts, FoundPart::Frame))
            ? [new Finding('frame-height', "The frame of “{$gallery->title}” has lost its style: it keeps one height, and may be scrolled inside.", $this->hasScript ? 'The script gives it its height. Nothing to do.' : 'Copy it anew where styles are kept.', false, $gallery->id, EmbedKind::Frame)]
            : [];
    }

    /**
     * @param  list<Found>  $parts
     * @return list<Finding>
     */
    private function ofPictures(KnownGallery $gallery, array $parts): array
    {
        $count = array_sum(array_map(static fn (Found $one): int => $one->count, self::parts($parts, FoundPart::Pictures)));

        return $count === 0 || $count === $gallery->pictures
            ? []
            : [new Finding('pictures', "The page has {$count} pictures of “{$gallery->title}”, which has {$gallery->pictures} now.", 'Copy the pictures anew.', $count < $gallery->pictures, $gallery->id, EmbedKind::Images)];
    }

    /**
     * @param  list<Found>  $parts
     * @return list<Finding>
     */
    private static function outdated(KnownGallery $gallery, array $parts): array
    {
        $findings = [];
        foreach ($parts as $one) {
            $kind = $one->part->kind();
            $now = $gallery->stamp($kind);
            if ($one->stamp !== '' && $now !== '' && $one->stamp !== $now) {
                $findings[$kind->value] = $kind->follows()
                    ? new Finding('room-outdated', "“{$gallery->title}” was changed since its piece was copied: it shows what is live, and the room it keeps is another.", 'Copy it anew, so that the page does not jump.', false, $gallery->id, $kind)
                    : new Finding('outdated', "“{$gallery->title}” was changed since its pieces were copied: the page shows what it was then.", 'Copy them anew.', true, $gallery->id, $kind);
            }
        }

        return array_values($findings);
    }

    /**
     * @param  list<Found>  $found
     */
    private static function broken(array $found): bool
    {
        return array_filter($found, static fn (Found $one): bool => ! $one->isWhole) !== [];
    }

    /**
     * @param  list<Found>  $found
     * @return list<Found>
     */
    private static function parts(array $found, FoundPart ...$parts): array
    {
        return array_values(array_filter($found, static fn (Found $one): bool => in_array($one->part, $parts, true)));
    }
}
