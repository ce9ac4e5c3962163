<?php

declare(strict_types=1);

namespace App\Actions;

use App\Faults\MachineException;
use App\Imaging\ImagingException;
use App\Models\Picture;

/** Makes the files that visitors of a gallery need and that are not there yet. */
final readonly class PrepareGallery
{
    public function __construct(
        private GalleryStore $store,
        private QueueMissingRenditions $missing,
        private MakePlannedRenditions $renditions,
    ) {
    }

    /**
     * Begins with the last picture, since the queue begins with the first: so both get on.
     *
     * @param  ?int  $version  that the person saw; null for whatever is saved
     * @param  float  $seconds  after which no further picture is begun; one is made in any case
     * @return int how many pictures still lack files
     *
     * @throws StaleVersionException when there is a newer version
     * @throws ImagingException when an original cannot be read
     */
    public function handle(string $galleryId, ?int $version, float $seconds = INF): int
    {
        $lacking = $this->missing->lacking($this->store->read($galleryId, $version), failedToo: true);
        $begun = hrtime(true);
        do {
            $picture = Picture::query()->find(array_pop($lacking));
            if ($picture !== null) {
                $this->prepare($picture);
            }
        } while ($lacking !== [] && (hrtime(true) - $begun) / 1e9 < $seconds);

        return $lacking === [] ? 0 : count($this->missing->lacking($this->store->read($galleryId, $version), failedToo: true));
    }

    /**
     * @throws ImagingException that names the picture
     * @throws MachineException where the machine is to blame
     */
    private function prepare(Picture $picture): void
    {
        try {
            $this->renditions->handle($picture);
        } catch (ImagingException $exception) {
            $why = MachineException::orElse($exception);
            throw $why === $exception ? ImagingException::ofPicture($picture->name, $exception) : $why;
        }
    }
}
