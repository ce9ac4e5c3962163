<?php

declare(strict_types=1);

namespace ZincPane\Core\Formats;

use ZincPane\Core\Edition\FrozenGallery;

/** Galleries and pictures as https://schema.org has them: ImageGallery, ImageObject, VideoObject. */
final class SchemaOrg
{
    /** Pictures that are told of on the page of a gallery; all of them are in the image sitemap. */
    public const MOST = 50;

    /**
     * @param  string  $page  address of the page that it stands on
     * @return array<string, mixed>
     */
    public static function gallery(FrozenGallery $gallery, Publisher $publisher, string $page): array
    {
        $about = $gallery->about;
        $records = array_slice(PictureRecord::all($gallery, $publisher), 0, self::MOST);

        return [
            '@context' => 'https://schema.org', '@type' => 'ImageGallery', 'url' => $page, 'name' => $about->title,
            ...($about->showsDescription && $about->description !== '' ? ['description' => $about->description] : []),
            'image' => array_map(static fn (PictureRecord $record): array => array_diff_key(self::picture($record), ['@context' => true]), $records),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    public static function picture(PictureRecord $record): array
    {
        $picture = $record->picture;
        $isVideo = $picture->video !== null;

        return array_filter([
            '@context' => 'https://schema.org', '@type' => $isVideo ? 'VideoObject' : 'ImageObject',
            'url' => $record->page() ?? '', 'contentUrl' => $record->content(), 'thumbnailUrl' => $isVideo ? $record->large() : '',
            'name' => $record->title, 'caption' => $record->caption, 'description' => $record->says(),
            'creator' => $record->credit === '' ? '' : ['@type' => 'Person', 'name' => $record->credit],
            'creditText' => $record->credit, 'copyrightNotice' => $record->rights, 'license' => $record->licenceAddress() ?? '',
            'acquireLicensePage' => $isVideo ? '' : $record->acquire() ?? '',
            'dateCreated' => $record->takenAt === null ? '' : gmdate('Y-m-d', $record->takenAt),
            'width' => $picture->size->width, 'height' => $picture->size->height,
        ], static fn (mixed $value): bool => $value !== '');
    }
}
