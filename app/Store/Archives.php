<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\BenchEvent;
use App\Models\Build;
use App\Models\Photo;
use App\Models\Revision;
use App\Stations\HandOver\SheetLeaf;
use BenchGlow\AsBuilt\HtmlFile;
use BenchGlow\AsBuilt\Signed;
use BenchGlow\Build\Document;
use BenchGlow\Format\BadBuild;
use BenchGlow\HandOver\Archive;
use BenchGlow\Quantity\NotUnderstood;

/** Builds of the bench as archives, and archives as builds (build-handover.md 18). */
final class Archives
{
    private const EVENT = ['at', 'window', 'token', 'kind', 'steps', 'seconds', 'stated', 'base'];

    public static function write(Build $build, string $path): void
    {
        $bench = new Bench();
        $document = $bench->document($build, $build->head);
        $lines = '';
        $photos = [];
        foreach (Revision::query()->where('build_id', $build->id)->orderBy('no')->cursor() as $revision) {
            $row = [
                'no' => $revision->no,
                'parent' => $revision->parent,
                'what' => $revision->what,
                'at' => $revision->at,
                'pinned' => $revision->pinned,
                'hash' => $revision->hash,
                'doc' => $revision->json(),
            ];
            $lines .= json_encode($row, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
            preg_match_all('/"photo":\s*"([0-9a-f]{64})"/', $revision->json(), $found);
            foreach ($found[1] as $sha) {
                is_file(Photos::path($sha)) ? ($photos["photos/{$sha}.jpg"] = Photos::path($sha)) : null;
            }
        }
        $events = '';
        foreach (BenchEvent::query()->where('build_id', $build->id)->orderBy('id')->cursor() as $event) {
            $events .= json_encode($event->only(self::EVENT), JSON_THROW_ON_ERROR)."\n";
        }
        Archive::write(
            $path,
            [
                Archive::BUILD => $document->json,
                Archive::REVISIONS => $lines,
                Archive::EVENTS => $events,
                Archive::SHEET => self::sheet($build, $document),
            ],
            $photos,
        );
    }

    /** The sheet as a file, signed. */
    private static function sheet(Build $build, Document $document): string
    {
        $html = HtmlFile::of(SheetLeaf::of($build, $build->head), $document->json, SheetLeaf::photo(...));

        return Signed::with($html, Seals::key());
    }

    /**
     * A new build out of an archive: its head, its record and its pictures; nothing of it where anything is wrong.
     *
     * @throws NotUnderstood|BadBuild
     */
    public static function read(string $path): Build
    {
        $sums = Archive::check($path);
        $document = Document::fromJson((string) Archive::text($path, Archive::BUILD));
        foreach (array_keys($sums) as $name) {
            if (preg_match('#^photos/([0-9a-f]{64})\.jpg$#', $name, $m) === 1) {
                self::photo($path, $name, $m[1], $sums[$name]);
            }
        }
        $build = (new Bench())->create($document, 'Read in from an archive', 'archive', 'import');
        self::events($build, (string) Archive::text($path, Archive::EVENTS));

        return $build;
    }

    private static function photo(string $path, string $name, string $sha, string $sum): void
    {
        if ($sum !== $sha) {
            throw new NotUnderstood('A picture in this archive is not what its name says; nothing was read in.');
        }
        $to = Photos::path($sha);
        if (is_file($to)) {
            return;
        }
        is_dir(dirname($to)) || mkdir(dirname($to), 0700, true);
        Archive::unpack($path, $name, $to);
        $size = @getimagesize($to);
        if ($size === false || $size[2] !== IMAGETYPE_JPEG) {
            @unlink($to);
            throw new NotUnderstood('A picture in this archive is none; nothing was read in.');
        }
        $image = imagecreatefromjpeg($to);
        $small = $image === false ? false : imagescale($image, min(480, $size[0]));
        $small === false ? null : imagejpeg($small, Photos::path($sha, true), 82);
        Photo::query()->insertOrIgnore([
            'sha' => $sha,
            'bytes' => (int) filesize($to),
            'w' => $size[0],
            'h' => $size[1],
            'taken_at' => null,
            'added_at' => Bench::now(),
            'seen_at' => Bench::now(),
        ]);
    }

    private static function events(Build $build, string $lines): void
    {
        foreach (array_filter(explode("\n", $lines)) as $line) {
            $row = json_decode($line, true);
            if (is_array($row)) {
                BenchEvent::query()->insertOrIgnore([
                    ...array_intersect_key($row, array_flip(self::EVENT)),
                    'build_id' => $build->id,
                ]);
            }
        }
    }
}
