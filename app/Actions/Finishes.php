<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Finish;
use App\Models\Gallery;
use Illuminate\Database\Connection;
use Illuminate\Support\Str;
use ZincPane\Core\Changes\Changes;
use ZincPane\Core\Design\FinishFile;
use ZincPane\Core\Design\FinishFileException;
use ZincPane\Core\Design\GalleryDesign;
use ZincPane\Core\Design\NamedFinish;
use ZincPane\Core\Finish\Ready;
use ZincPane\Core\Settings\SettingException;

/** Finishes that people keep under names, and the galleries that follow them. */
final readonly class Finishes
{
    public function __construct(private Connection $database, private ChangeGallery $change)
    {
    }

    /**
     * Keeps a gallery's finish under a name; the gallery follows it from now on.
     *
     * @throws SettingException when the name is empty, too long, or another finish has it
     */
    public function keep(Gallery $gallery, string $name, ?string $userId): Finish
    {
        return $this->database->transaction(function () use ($gallery, $name, $userId): Finish {
            $id = strtolower((string) Str::ulid());
            $finish = $this->store($id, NamedFinish::ofGallery($id, $name, $gallery->design));
            $this->change->handle($gallery->id, null, Changes::parse(['kind' => 'design', 'design' => ['finish' => ['named' => $id]]]), $userId);

            return $finish;
        });
    }

    /**
     * @throws FinishFileException when the file holds none
     * @throws SettingException when a setting in it cannot be, or its name is taken
     */
    public function takeIn(string $contents): Finish
    {
        $id = strtolower((string) Str::ulid());

        return $this->store($id, FinishFile::read($contents, $id));
    }

    /**
     * The galleries that would change with it.
     *
     * @return list<Gallery>
     */
    public function followers(Finish $finish): array
    {
        $named = $finish->named();

        return array_values(Gallery::query()->where('design->finish->named', $finish->id)->orderBy('title')->get()
            ->filter(static fn (Gallery $gallery): bool => $named->isFollowedBy($gallery->design))->all());
    }

    /**
     * Makes a finish what a gallery wears now, with all galleries that follow it.
     *
     * @return list<Gallery> those that changed with it
     */
    public function change(Finish $finish, Gallery $like, ?string $userId): array
    {
        return $this->database->transaction(function () use ($finish, $like, $userId): array {
            $followers = array_filter($this->followers($finish), static fn (Gallery $gallery): bool => $gallery->id !== $like->id);
            $named = NamedFinish::ofGallery($finish->id, $finish->name, $like->design);
            $finish->update(['settings' => $named->finish, 'schema' => GalleryDesign::SCHEMA]);
            foreach ([...$followers, $like] as $gallery) {
                $this->change->handle($gallery->id, null, Changes::parse(['kind' => 'design', 'design' => $named->part()]), $userId);
            }

            return array_values($followers);
        });
    }

    private function store(string $id, NamedFinish $named): Finish
    {
        $shipped = array_map(static fn (Ready $ready): string => mb_strtolower($ready->name), Ready::finishes());
        if (in_array(mb_strtolower($named->name), $shipped, true) || Finish::query()->whereRaw('lower(name) = ?', [mb_strtolower($named->name)])->exists()) {
            throw SettingException::takenName($named->name);
        }

        return Finish::query()->forceCreate(['id' => $id, 'name' => $named->name, 'settings' => $named->finish, 'schema' => GalleryDesign::SCHEMA]);
    }
}
