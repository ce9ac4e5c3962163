<?php

declare(strict_types=1);

namespace ZincPane\Core\Formats;

use ZincPane\Core\Delivery\Format;
use ZincPane\Core\Delivery\Rendition;
use ZincPane\Core\Edition\FrozenGallery;
use ZincPane\Core\Edition\ShownPicture;
use ZincPane\Core\Markup\Leads;

/**
 * A gallery as a manifest (https://iiif.io/api/presentation/3.0/), its pictures as image services of level 0
 * (https://iiif.io/api/image/3.0/): in the sizes that there are files of, and in no others.
 */
final readonly class Iiif
{
    private const IMAGE = 'http://iiif.io/api/image/3/context.json';

    private const PRESENTATION = 'http://iiif.io/api/presentation/3/context.json';

    /** Licences and statements that the specification takes by address. */
    private const RIGHTS = '~^https?://(?:creativecommons\.org/(?:licenses|publicdomain)|rightsstatements\.org)/~';

    /** px of the picture that stands for the whole. */
    private const THUMBNAIL = 540;

    /**
     * @param  string  $id  of the gallery, a ULID
     * @param  string  $page  address of the page it stands on
     */
    public function __construct(private FrozenGallery $gallery, private string $id, private Publisher $publisher, private string $page)
    {
    }

    /** Where the manifest lies, from the top of what is published. */
    public static function path(string $galleryId): string
    {
        return "iiif/{$galleryId}/manifest.json";
    }

    /** And what is told of one picture. */
    public static function servicePath(ShownPicture $picture): string
    {
        return 'iiif/'.basename($picture->address).'/info.json';
    }

    /**
     * @return array<string, mixed>
     */
    public function manifest(): array
    {
        $about = $this->gallery->about;
        $records = PictureRecord::all($this->gallery, $this->publisher);

        return [
            '@context' => self::PRESENTATION, 'id' => $this->publisher->whole(self::path($this->id)), 'type' => 'Manifest',
            'label' => $this->said($about->title),
            ...($about->showsDescription && $about->description !== '' ? ['summary' => $this->said($about->description)] : []),
            'provider' => [['id' => $this->publisher->host.'/', 'type' => 'Agent', 'label' => $this->said($this->publisher->name), 'homepage' => [['id' => $this->publisher->host.'/', 'type' => 'Text', 'label' => $this->said($this->publisher->name), 'format' => 'text/html']]]],
            'homepage' => [['id' => $this->page, 'type' => 'Text', 'label' => $this->said($about->title), 'format' => 'text/html']],
            ...($records === [] ? [] : ['thumbnail' => [$this->thumbnail($records[0]->picture)]]),
            'items' => array_map($this->canvas(...), $records),
        ];
    }

    /**
     * What the image service of a picture tells of it.
     *
     * @return array<string, mixed>
     */
    public static function info(ShownPicture $picture, Publisher $publisher): array
    {
        $largest = $picture->fallbacks();
        $most = $largest[count($largest) - 1] ?? new Rendition(max(1, $picture->size->width), Format::Jpeg);

        return [
            '@context' => self::IMAGE, 'id' => self::service($picture, $publisher), 'type' => 'ImageService3', 'protocol' => 'http://iiif.io/api/image', 'profile' => 'level0',
            // What it is taken to be is as large as its largest file: nothing larger can be asked for.
            'width' => $most->width, 'height' => $picture->size->heightFor($most->width),
            'sizes' => array_map(static fn (Rendition $one): array => ['width' => $one->width, 'height' => $picture->size->heightFor($one->width)], $largest),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private function canvas(PictureRecord $record): array
    {
        $picture = $record->picture;
        $id = $this->publisher->whole("iiif/{$this->id}/canvas/{$this->gallery->key($record->place)}");
        $files = $picture->fallbacks();
        $size = $files[count($files) - 1] ?? null;
        $says = array_filter(['Caption' => $record->caption, 'Description' => $record->description], static fn (string $one): bool => $one !== '');

        return [
            'id' => $id, 'type' => 'Canvas', 'label' => $this->said($record->title !== '' ? $record->title : '#'.($record->place + 1)),
            'width' => $size->width ?? $picture->size->width, 'height' => $picture->size->heightFor($size->width ?? $picture->size->width),
            ...($record->alt() === '' ? [] : ['summary' => $this->said($record->alt())]),
            ...($says === [] ? [] : ['metadata' => array_map(fn (string $name, string $one): array => ['label' => ['en' => [$name]], 'value' => $this->said($one)], array_keys($says), $says)]),
            ...($record->credit === '' && $record->rights === '' ? [] : ['requiredStatement' => ['label' => ['en' => ['Credit']], 'value' => $this->said(implode(', ', array_filter([$record->credit, $record->rights], static fn (string $one): bool => $one !== '')))]]),
            ...(preg_match(self::RIGHTS, (string) $record->licenceAddress()) === 1 ? ['rights' => str_replace('https://', 'http://', (string) $record->licenceAddress())] : []),
            ...($record->page() === null ? [] : ['homepage' => [['id' => $record->page(), 'type' => 'Text', 'label' => $this->said($record->title !== '' ? $record->title : '#'.($record->place + 1)), 'format' => 'text/html']]]),
            'thumbnail' => [$this->thumbnail($picture)],
            'items' => [['id' => "{$id}/page", 'type' => 'AnnotationPage', 'items' => [[
                'id' => "{$id}/image", 'type' => 'Annotation', 'motivation' => 'painting', 'target' => $id, 'body' => $this->image($picture),
            ]]]],
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private function image(ShownPicture $picture): array
    {
        $files = $picture->fallbacks();
        $file = $files[count($files) - 1] ?? null;

        return [
            'id' => $this->publisher->whole($picture->addressOf($file ?? Leads::large($picture))), 'type' => 'Image', 'format' => 'image/jpeg',
            'width' => $file->width ?? $picture->size->width, 'height' => $picture->size->heightFor($file->width ?? $picture->size->width),
            ...($file === null ? [] : ['service' => [['id' => self::service($picture, $this->publisher), 'type' => 'ImageService3', 'profile' => 'level0']]]),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private function thumbnail(ShownPicture $picture): array
    {
        $file = Rendition::smallest($picture->fallbacks(), self::THUMBNAIL) ?? Leads::large($picture);

        return ['id' => $this->publisher->whole($picture->addressOf($file)), 'type' => 'Image', 'format' => 'image/jpeg', 'width' => $file->width, 'height' => $picture->size->heightFor($file->width)];
    }

    private static function service(ShownPicture $picture, Publisher $publisher): string
    {
        return $publisher->whole('iiif/'.basename($picture->address));
    }

    /**
     * @return array<string, list<string>> by language
     */
    private function said(string $text): array
    {
        return [$this->publisher->language => [$text]];
    }
}
