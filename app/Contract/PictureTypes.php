<?php

declare(strict_types=1);

namespace App\Contract;

use App\Models\PictureKind;
use App\Models\PictureState;

/** Pictures of the store, where they come from, pages of the site, and who is signed in. */
final class PictureTypes
{
    /**
     * @return array<string, Type> by name
     */
    public static function all(): array
    {
        $kind = Type::enum(PictureKind::class);
        $state = Type::enum(PictureState::class);
        $side = ['width' => Type::whole(), 'height' => Type::whole()];
        $picture = [
            'id' => Type::text(), 'kind' => $kind, 'name' => Type::text(), ...$side, 'state' => $state, 'failure' => Type::text()->orNull(),
            'thumbnail' => Type::text()->orNull(), 'focal' => Type::tuple(Type::number(), 2), 'focal_sure' => Type::flag()->told('False where the focal point was only guessed.'), 'words' => Type::ref('Words'),
        ];
        $recipe = ['turn' => Type::whole(), 'straighten' => Type::number(), 'crop' => Type::ref('Crop')->orNull(), 'brightness' => Type::whole(), 'contrast' => Type::whole(), 'words' => Type::flag(), 'free' => Type::flag()];

        return [
            'Picture' => Type::object($picture),
            'Crop' => Type::object(array_fill_keys(['left', 'top', 'width', 'height'], Type::number())),
            'Recipe' => Type::object($recipe),
            'TidyPart' => Type::part([...$recipe, 'focal' => Type::tuple(Type::number(), 2)])
                ->told('What of a recipe changes; the focal point on the picture as it will be seen.'),
            'FocalFound' => Type::object(['focal' => Type::tuple(Type::number(), 2)]),
            'PictureDetails' => Type::object([
                ...$picture, 'recipe' => Type::ref('Recipe'), 'original' => Type::tuple(Type::whole(), 2), 'focal_by' => Type::among(['found', 'person']),
                ...array_fill_keys(['keywords', 'camera', 'rights', 'licence', 'source'], Type::text()), 'taken_at' => Type::text()->orNull(), 'bytes' => Type::whole(),
                'seconds' => Type::number()->orNull(), 'offline' => Type::flag()->told('Taken off everywhere: no visitor gets it.'), 'colours' => Type::list(Type::text()), 'file' => Type::text()->orNull(),
            ])->told('A picture with all that is known of it.'),
            'StoredPicture' => Type::object([
                'id' => Type::text(), 'kind' => $kind, 'name' => Type::text(), 'title' => Type::text(), ...$side, 'thumbnail' => Type::text()->orNull(),
                'state' => $state, 'focal_sure' => Type::flag(), 'described' => Type::flag(), 'uses' => Type::whole(),
            ])->told('A picture in the long list of the store.'),
            'StorePage' => Type::object(['total' => Type::whole(), 'offset' => Type::whole(), 'pictures' => Type::list(Type::ref('StoredPicture'))]),
            'LookAlikes' => Type::object(['groups' => Type::list(Type::list(Type::ref('StoredPicture')))]),
            'GalleryName' => Type::object(['id' => Type::text(), 'title' => Type::text()]),
            'Uses' => Type::object(['galleries' => Type::list(Type::ref('GalleryName'))]),
            'InUse' => Type::object(['in_use' => Type::list(Type::object(['id' => Type::text(), 'name' => Type::text(), 'galleries' => Type::list(Type::ref('GalleryName'))]))]),
            'Deleted' => Type::object(['deleted' => Type::whole()]),
            ...self::arriving(),
            ...self::around(),
        ];
    }

    /**
     * @return array<string, Type>
     */
    private static function arriving(): array
    {
        return [
            'Batch' => Type::object([
                'id' => Type::text(), 'name' => Type::text(), 'state' => Type::among(['asking', 'waiting', 'running', 'held', 'done', 'failed']), 'total' => Type::whole(),
                'outcomes' => Type::list(Type::object(['name' => Type::text(), 'state' => Type::among(['ready', 'failed']), 'note' => Type::text(), 'picture' => Type::text()->orNull()])),
                'gallery_id' => Type::text()->orNull()->told('That they were sent to, or that was made of them.'),
            ]),
            'TakenIn' => Type::object(['picture' => Type::ref('Picture'), 'known' => Type::flag(), 'notice' => Type::text()->orNull()]),
            'BatchBegun' => Type::object(['batch' => Type::ref('Batch')]),
            'SourceInfo' => Type::object([
                'name' => Type::text(), 'label' => Type::text(),
                'facets' => Type::object(['byKeyword' => Type::flag(), 'byColour' => Type::flag(), 'byNew' => Type::flag(), 'categories' => Type::list(Type::text())]),
            ]),
            'SourceList' => Type::list(Type::ref('SourceInfo')),
            'SourceFile' => Type::object([
                ...array_fill_keys(['id', 'title', 'thumbnail', 'category', 'credit', 'licence'], Type::text()), 'new' => Type::flag(), 'taken' => Type::flag(), 'keywords' => Type::list(Type::text()),
            ]),
            'SourceFiles' => Type::object(['files' => Type::list(Type::ref('SourceFile'))]),
        ];
    }

    /**
     * @return array<string, Type>
     */
    private static function around(): array
    {
        return [
            'User' => Type::object(['id' => Type::text(), 'name' => Type::text(), 'email' => Type::text(), 'role' => Type::ref('Role'), 'may' => Type::list(Type::ref('Ability'))]),
            'Limits' => Type::object(['megabytes' => Type::whole(), 'video_megabytes' => Type::whole(), 'part_bytes' => Type::whole()]),
            'Session' => Type::object(['user' => Type::ref('User')->orNull(), 'limits' => Type::ref('Limits')]),
            'Problem' => Type::object([
                'type' => Type::text(), 'code' => Type::text(), 'title' => Type::text(), 'status' => Type::whole(), 'detail' => Type::text(),
                'field' => Type::text(), 'allowed' => Type::text(), 'current_version' => Type::whole(), 'since' => Type::list(Type::text()), 'clashes' => Type::list(Type::ref('ClashValue')),
                'errors' => Type::map(Type::list(Type::text())),
            ], ['field', 'allowed', 'current_version', 'since', 'clashes', 'errors'])->told('Problem details as of RFC 9457.'),
        ];
    }
}
