<?php

declare(strict_types=1);

namespace BenchGlow\HandOver;

use BenchGlow\Quantity\NotUnderstood;
use ZipArchive;

/**
 * A build with its history, its record and its pictures in one file that is checked before anything of it is believed
 * (build-handover.md 18). Files go in and out as streams: no picture is held in memory.
 */
final class Archive
{
    public const BUILD = 'build.glow.json';

    public const REVISIONS = 'revisions.jsonl';

    public const EVENTS = 'events.jsonl';

    public const SHEET = 'sheet.html';

    public const MANIFEST = 'manifest.json';

    private const PHOTO = '#^photos/[0-9a-f]{64}\.jpg$#';

    private const MOST_FILES = 2_000;

    private const MOST_BYTES = 600_000_000;

    private const MOST_RATIO = 100;

    /** Small files pack well; what is under so many bytes is no bomb. */
    private const RATIO_FROM = 1_000_000;

    private const OUTSIDE = 'This archive wants to write outside its folder; nothing was read in.';

    private const LINK = 0120000;

    private const KIND = 0170000;

    /**
     * @param  array<string, string>  $texts  name in it => text
     * @param  array<string, string>  $files  name in it => path of a file
     *
     * @throws NotUnderstood where it can't be written
     */
    public static function write(string $path, array $texts, array $files): void
    {
        $zip = new ZipArchive();
        $part = "{$path}.part";
        if ($zip->open($part, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new NotUnderstood("The archive can't be written there.");
        }
        $sums = [];
        foreach ($texts as $name => $text) {
            $sums[$name] = hash('sha256', $text);
            $zip->addFromString($name, $text);
        }
        foreach ($files as $name => $from) {
            $sums[$name] = (string) hash_file('sha256', $from);
            $zip->addFile($from, $name);
            // A JPEG is packed already.
            $zip->setCompressionName(
                $name,
                str_ends_with($name, '.jpg') ? ZipArchive::CM_STORE : ZipArchive::CM_DEFLATE,
            );
        }
        ksort($sums);
        $manifest = ['format' => 'bench-glow/archive', 'version' => 1, 'sha256' => $sums];
        $zip->addFromString(self::MANIFEST, json_encode($manifest, JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR)."\n");
        // The same things give the same bytes: no file tells when it was packed.
        for ($n = 0; $n < $zip->count(); $n++) {
            $zip->setMtimeIndex($n, 315_532_800);
        }
        if (! @$zip->close() || ! @rename($part, $path)) {
            @unlink($part);
            throw new NotUnderstood("The archive can't be written there.");
        }
    }

    /**
     * Checked whole: names, links, size, ratio, and every file by its hash.
     *
     * @return array<string, string> name => sha256
     *
     * @throws NotUnderstood that says what is wrong; nothing was unpacked
     */
    public static function check(string $path): array
    {
        $zip = self::opened($path);
        try {
            $names = self::names($zip);
            $sums = self::manifest($zip);
            foreach ($names as $name) {
                if ($name !== self::MANIFEST && ! isset($sums[$name])) {
                    throw new NotUnderstood("{$name} is not in the list of this archive; nothing was read in.");
                }
            }
            foreach ($sums as $name => $sum) {
                $stream = in_array($name, $names, true) ? $zip->getStream($name) : false;
                if ($stream === false) {
                    throw new NotUnderstood("{$name} is missing in this archive; nothing was read in.");
                }
                $hash = hash_init('sha256');
                hash_update_stream($hash, $stream);
                fclose($stream);
                if (hash_final($hash) !== $sum) {
                    throw new NotUnderstood("{$name} is not as it was packed; nothing was read in.");
                }
            }

            return $sums;
        } finally {
            $zip->close();
        }
    }

    private static function opened(string $path): ZipArchive
    {
        $zip = new ZipArchive();
        if (! is_file($path) || $zip->open($path, ZipArchive::RDONLY) !== true) {
            throw new NotUnderstood('This is no archive that can be read.');
        }

        return $zip;
    }

    /** @return list<string> */
    private static function names(ZipArchive $zip): array
    {
        if ($zip->count() > self::MOST_FILES) {
            throw new NotUnderstood('This archive has over 2,000 files; nothing was read in.');
        }
        $names = [];
        $bytes = 0;
        for ($n = 0; $n < $zip->count(); $n++) {
            $stat = $zip->statIndex($n);
            $name = is_array($stat) ? (string) $stat['name'] : '';
            $size = is_array($stat) ? (int) $stat['size'] : 0;
            $packed = is_array($stat) ? (int) $stat['comp_size'] : 0;
            $bytes += $size;
            self::mayStand($zip, $n, $name);
            if ($bytes > self::MOST_BYTES) {
                throw new NotUnderstood('Unpacked this archive has over 600 MB; nothing was read in.');
            }
            if ($size > self::RATIO_FROM && $size > self::MOST_RATIO * max(1, $packed)) {
                throw new NotUnderstood("{$name} is packed over 100 times; nothing was read in.");
            }
            $names[] = $name;
        }
        if (count(array_unique($names)) !== count($names)) {
            throw new NotUnderstood('This archive has a file twice; nothing was read in.');
        }

        return $names;
    }

    private static function mayStand(ZipArchive $zip, int $n, string $name): void
    {
        $known = [self::BUILD, self::REVISIONS, self::EVENTS, self::SHEET, self::MANIFEST];
        $isPath = str_contains($name, '..') || str_starts_with($name, '/') || preg_match('/[\\\\:\0]/', $name) === 1;
        $system = $attributes = 0;
        $zip->getExternalAttributesIndex($n, $system, $attributes);
        $isLink =
            $system === ZipArchive::OPSYS_UNIX &&
            is_int($attributes) &&
            (($attributes >> 16) & self::KIND) === self::LINK;
        if ($isPath || $isLink) {
            throw new NotUnderstood(self::OUTSIDE);
        }
        if (! in_array($name, $known, true) && preg_match(self::PHOTO, $name) !== 1) {
            throw new NotUnderstood("{$name} is nothing an archive of a build has; nothing was read in.");
        }
    }

    /** @return array<string, string> */
    private static function manifest(ZipArchive $zip): array
    {
        $read = json_decode((string) $zip->getFromName(self::MANIFEST), true);
        if (
            ! is_array($read) ||
            ($read['format'] ?? '') !== 'bench-glow/archive' ||
            ! is_array($read['sha256'] ?? null)
        ) {
            throw new NotUnderstood('This archive has no list of what is in it; nothing was read in.');
        }

        return array_filter(
            array_map(fn (mixed $sum): string => is_string($sum) ? $sum : '', $read['sha256']),
            is_string(...),
            ARRAY_FILTER_USE_KEY,
        );
    }

    /** A text of a checked archive; null where it has none. */
    public static function text(string $path, string $name): ?string
    {
        $zip = self::opened($path);
        $text = $zip->getFromName($name);
        $zip->close();

        return $text === false ? null : $text;
    }

    /** A file of a checked archive, unpacked as a stream. */
    public static function unpack(string $path, string $name, string $to): void
    {
        $zip = self::opened($path);
        $from = $zip->getStream($name);
        $into = @fopen("{$to}.part", 'wb');
        if ($from === false || $into === false || stream_copy_to_stream($from, $into) === false) {
            throw new NotUnderstood("{$name} can't be unpacked there.");
        }
        fclose($into);
        fclose($from);
        $zip->close();
        if (! @rename("{$to}.part", $to)) {
            throw new NotUnderstood("{$name} can't be unpacked there.");
        }
    }
}
