<?php

declare(strict_types=1);

use App\Imaging\GridMaker;
use App\Models\Gallery;
use App\Models\Site;
use App\Publishing\PageComposer;
use App\Publishing\SiteBuilder;
use Illuminate\Support\Facades\Queue;

covers(PageComposer::class, SiteBuilder::class, GridMaker::class);

beforeEach(function (): void {
    Queue::fake();
    $this->signIn();
    [$this->first, $this->second] = Site::whole()->pages->all();
    $this->put = function (Gallery $gallery, object $page): void {
        $this->postJson('/studio/api/panes', ['page_id' => $page->id, 'gallery_id' => $gallery->id, 'spot' => 0])->assertCreated();
    };
    $this->dress = fn (Gallery $gallery, array $finish) => $this->change($gallery->refresh(), ['kind' => 'design', 'design' => ['finish' => $finish]])->assertOk();
    $this->page = fn (object $page): string => (string) file_get_contents("{$this->files}/live/current/pages/{$page->slug}.html");
});

it('fetches letters once for all galleries of a page that are set in them, and on no other page', function (): void {
    [$one, $two, $plain] = [$this->galleryOf(2, 1), $this->galleryOf(2, 5), $this->galleryOf(2, 9)];
    ($this->put)($one, $this->first);
    ($this->put)($two, $this->first);
    ($this->put)($plain, $this->second);
    foreach ([$one, $two] as $gallery) {
        ($this->dress)($gallery, ['captions' => ['place' => 'below', 'title' => true], 'lettering' => ['font' => 'archivo']]);
    }
    ($this->dress)($plain, ['captions' => ['place' => 'below', 'title' => true]]);
    foreach ([$one, $two, $plain] as $gallery) {
        $this->putLive($gallery)->assertOk();
    }
    preg_match_all('~<link rel="preload" href="([^"]+)" as="font" type="font/woff2" crossorigin~', ($this->page)($this->first), $found);
    expect($found[1])->toHaveCount(1)->and($found[1][0])->toContain('archivo')
        ->and(($this->page)($this->second))->not->toContain('preload')->not->toContain('@font-face')
        // The file is there, and no page of ours lets it be asked for elsewhere.
        ->and(public_path(ltrim((string) parse_url($found[1][0], PHP_URL_PATH), '/')))->toBeFile()
        ->and(parse_url($found[1][0], PHP_URL_HOST))->toBeNull();
    // Letters nobody sees are not fetched.
    ($this->dress)($one, ['captions' => ['place' => 'none']]);
    ($this->dress)($two, ['lettering' => ['font' => 'page']]);
    $this->putLive($one)->assertOk();
    $this->putLive($two)->assertOk();
    expect(($this->page)($this->first))->not->toContain('preload');
});

it('loads what tiles need that arrive only on pages where some do', function (): void {
    [$moving, $still] = [$this->galleryOf(2, 1), $this->galleryOf(2, 5)];
    ($this->put)($moving, $this->first);
    ($this->put)($still, $this->second);
    ($this->dress)($moving, ['arrival' => ['way' => 'rise']]);
    $this->putLive($moving)->assertOk();
    $this->putLive($still)->assertOk();
    $scripts = static fn (string $html): int => preg_match_all('~<script[^>]+src="[^"]*arrival~', $html);
    expect($scripts(($this->page)($this->first)))->toBe(1)->and(($this->page)($this->first))->toContain('data-arrival="once"')
        ->and($scripts(($this->page)($this->second)))->toBe(0)->and(($this->page)($this->second))->not->toContain('data-arrival');
    ($this->dress)($moving, ['arrival' => ['way' => 'none']]);
    $this->putLive($moving)->assertOk();
    expect($scripts(($this->page)($this->first)))->toBe(0);
});

it('makes of a picture a grid of its colours, where they are, never larger than it is', function (string $format, int $width, int $height, array $size): void {
    $image = imagecreatetruecolor($width, $height);
    $quarters = [[200, 30, 40], [20, 160, 60], [30, 60, 190], [240, 220, 60]];
    foreach ($quarters as $n => $rgb) {
        [$left, $top] = [$n % 2 * intdiv($width, 2), intdiv($n, 2) * intdiv($height, 2)];
        imagefilledrectangle($image, $left, $top, $left + intdiv($width, 2), $top + intdiv($height, 2), imagecolorallocate($image, ...$rgb));
    }
    $path = "{$this->files}/quarters.{$format}";
    $format === 'webp' ? imagewebp($image, $path, 95) : imagejpeg($image, $path, 95);
    $grid = (new GridMaker)->make($path);
    expect([$grid->width, $grid->height])->toBe($size);
    foreach ($quarters as $n => $rgb) {
        // Away from the edges, where both colours meet.
        [$left, $top] = [(int) (($n % 2 + 0.2) * $grid->width / 2), (int) ((intdiv($n, 2) + 0.2) * $grid->height / 2)];
        $counts = $grid->counted($left, $top, $left + max(1, (int) (0.25 * $grid->width)), $top + max(1, (int) (0.25 * $grid->height)));
        arsort($counts);
        $seen = array_map(ord(...), str_split(substr($grid->colours, 3 * array_key_first($counts), 3)));
        expect(max(array_map(static fn (int $a, int $b): int => abs($a - $b), $seen, $rgb)))->toBeLessThanOrEqual(14, json_encode([$n, $seen, $rgb]));
    }
})->with([['jpg', 900, 600, [216, 144]], ['webp', 400, 1200, [144, 432]], ['jpg', 60, 40, [60, 40]], ['webp', 2000, 80, [576, 23]]]);

it('tells of what cannot be read that it has no grid', function (string $contents): void {
    $path = "{$this->files}/broken.jpg";
    file_put_contents($path, $contents);
    expect((new GridMaker)->make($path))->toBeNull()->and((new GridMaker)->make("{$this->files}/nothing.jpg"))->toBeNull();
})->with(['an empty one' => [''], 'a text' => ['no picture'], 'one that was cut off' => ["\xFF\xD8\xFF\xE0 cut off"], 'a drawing' => ['<svg xmlns="http://www.w3.org/2000/svg"/>']]);
