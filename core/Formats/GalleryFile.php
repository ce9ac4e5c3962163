<?php

declare(strict_types=1);

namespace ZincPane\Core\Formats;

use Throwable;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\Upgrades\Upgrades;
use ZincPane\Core\Gallery\About;
use ZincPane\Core\Gallery\Albums;

/**
 * A gallery with its originals and words, to be taken to another installation and back without loss (docs/gallery-file.md).
 * It knows no identifier of any database: pictures and albums are told by their place in it, files by what is in them.
 */
final readonly class GalleryFile
{
    public const VERSION = 1;

    /** What the file says it is. */
    public const FORMAT = 'zinc-pane-gallery';

    /** Its name in a ZIP. */
    public const NAME = 'gallery.json';

    /** Folder of the originals there. */
    public const ORIGINALS = 'originals';

    /** Pictures and texts at most. */
    public const MOST = 5000;

    private const KEYS = ['format', 'version', 'about', 'albums', 'design', 'ground', 'pictures', 'items'];

    /**
     * @param  list<PictureEntry>  $pictures  each once, in the order in which they come first
     * @param  list<ItemEntry>  $items
     * @param  ?int  $ground  place of the picture that the gallery stands on, among the pictures
     */
    public function __construct(public About $about, public GalleryDesign $design, public Albums $albums, public array $pictures, public array $items, public ?int $ground = null)
    {
    }

    /**
     * @param  mixed  $data  from outside
     *
     * @throws FormatException when it is none, of a newer version, or something in it cannot be
     */
    public static function parse(mixed $data): self
    {
        $file = Fields::of('', $data);
        if ($file->raw('format') !== self::FORMAT) {
            throw FormatException::notOurs($file->raw('format'));
        }
        $version = $file->whole('version', 1, PHP_INT_MAX);
        if ($version > self::VERSION) {
            throw FormatException::newer($version, self::VERSION);
        }
        $file->onlyKnows(self::KEYS);
        $pictures = array_map(PictureEntry::parse(...), $file->list('pictures', self::MOST));
        $albums = self::said('albums', static fn (): Albums => Albums::parse(Fields::of('albums', $file->raw('albums'))->raw('list'), Fields::of('albums', $file->raw('albums'))->raw('view')));
        $items = array_map(static fn (Fields $item): ItemEntry => ItemEntry::parse($item, count($pictures), $albums), $file->list('items', self::MOST));
        foreach ($pictures as $place => $picture) {
            if ($picture->poster !== null && ! isset($pictures[$picture->poster])) {
                throw FormatException::at("pictures[{$place}].poster", 'there is no picture of that number.');
            }
        }
        $ground = $file->raw('ground') === null ? null : $file->whole('ground', 0, count($pictures) - 1);

        return new self(
            self::said('about', static fn (): About => self::about(Fields::of('about', $file->raw('about')))),
            self::said('design', static fn (): GalleryDesign => self::design($file->raw('design'))),
            $albums, $pictures, $items, $ground,
        );
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        $design = $this->design->with(['finish' => ['ground' => ['picture' => '']]])->toArray();

        return [
            'format' => self::FORMAT, 'version' => self::VERSION,
            'about' => $this->about->toArray(), 'albums' => $this->albums->toArray(), 'design' => $design, 'ground' => $this->ground,
            'pictures' => array_map(static fn (PictureEntry $one): array => $one->toArray(), $this->pictures),
            'items' => array_map(static fn (ItemEntry $one): array => $one->toArray(), $this->items),
        ];
    }

    /** A title is said in any case. */
    private static function about(Fields $told): About
    {
        return About::titled($told->text('title', About::LONGEST_TITLE))->with($told->values);
    }

    /**
     * Of any schema there was, checked value by value.
     */
    private static function design(mixed $told): GalleryDesign
    {
        $design = Fields::of('design', $told)->values;
        $schema = $design['schema'] ?? null;
        if (! is_int($schema) || $schema < 1 || $schema > GalleryDesign::SCHEMA) {
            throw FormatException::at('design.schema', 'takes a whole number from 1 to '.GalleryDesign::SCHEMA.'.');
        }
        $today = Upgrades::all()->design($design);
        unset($today['schema']);

        return GalleryDesign::default()->with($today);
    }

    /**
     * Refusals of other rooms, with where they are in the file; what is not even of the right kind is one too.
     *
     * @template T
     *
     * @param  callable(): T  $read
     * @return T
     */
    public static function said(string $where, callable $read): mixed
    {
        try {
            return $read();
        } catch (FormatException $exception) {
            throw $exception;
        } catch (Throwable $exception) {
            throw FormatException::at($where, $exception instanceof \InvalidArgumentException ? $exception->getMessage() : 'is not built as it has to be.');
        }
    }
}
