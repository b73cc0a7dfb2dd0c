<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\Build;
use App\Models\Photo;
use App\Models\Revision;
use BenchGlow\Build\Document;
use BenchGlow\Quantity\NotUnderstood;
use Illuminate\Http\UploadedFile;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\ImageManager;
use Throwable;

/**
 * Pictures of the work. Each is made anew from its pixels: what a camera or anybody else wrote beside them (where it was taken,
 * what is appended) is left behind, but for the time (build-handover.md 13).
 */
final class Photos
{
    public const MOST_BYTES = 15_000_000;

    private const MOST_PIXELS = 50_000_000;

    private const MOST_OF_A_BUILD = 200;

    private const MOST_OF_THE_BENCH = 500_000_000;

    private const LONG_SIDE = 2560;

    private const THUMB = 480;

    private const QUALITY = 82;

    private const MEDIUM = 1000;

    private const MEDIUM_QUALITY = 74;

    private const DAYS_UNSEEN = 30;

    /** As decoding a picture of the most pixels wants it, four bytes each. */
    private const MEMORY = '640M';

    private const KINDS = [IMAGETYPE_JPEG => 'JPEG', IMAGETYPE_PNG => 'PNG', IMAGETYPE_WEBP => 'WebP'];

    /**
     * @return string sha256 of what is kept
     *
     * @throws NotUnderstood
     */
    public function keep(Document $document, UploadedFile $file): string
    {
        if (! $file->isValid()) {
            throw new NotUnderstood('Photo: it did not arrive whole; 15 MB is the most.');
        }
        if ((int) $file->getSize() > self::MOST_BYTES) {
            throw new NotUnderstood('Photo: it has '.self::inMega((int) $file->getSize()).' MB; 15 is the most.');
        }
        if (count(self::of($document)) >= self::MOST_OF_A_BUILD) {
            throw new NotUnderstood('Photo: this build has 200; that is the most.');
        }
        $path = $file->getPathname();
        $kind = self::kind($path);
        $bytes = (string) file_get_contents($path);
        if (! self::isWhole($kind, $bytes)) {
            throw new NotUnderstood('Photo: the file is cut short; take it once more.');
        }
        [$large, $small, $w, $h] = self::anew($bytes);
        if ((int) Photo::query()->sum('bytes') + strlen($large) > self::MOST_OF_THE_BENCH) {
            throw new NotUnderstood('Photo: the bench holds 500 MB of pictures; that is the most.');
        }
        $sha = hash('sha256', $large);
        self::write($sha, $large, $small);
        Photo::query()->insertOrIgnore([
            'sha' => $sha,
            'bytes' => strlen($large),
            'w' => $w,
            'h' => $h,
            'taken_at' => $kind === IMAGETYPE_JPEG ? self::taken($path) : null,
            'added_at' => Bench::now(),
            'seen_at' => Bench::now(),
        ]);

        return $sha;
    }

    /** What kind of picture it is, read from its head before anything of it is decoded. */
    private static function kind(string $path): int
    {
        $size = @getimagesize($path);
        if ($size === false || ! isset(self::KINDS[$size[2]])) {
            throw new NotUnderstood('Photo: expected a picture, JPEG, PNG or WebP.');
        }
        $pixels = $size[0] * $size[1];
        if ($pixels > self::MOST_PIXELS) {
            throw new NotUnderstood('Photo: it has '.self::inMega($pixels).' megapixels; 50 is the most.');
        }

        return $size[2];
    }

    private static function inMega(int $much): string
    {
        return number_format($much / 1e6, 0, '.', ',');
    }

    /** A picture that ends too early would be kept with grey below. */
    private static function isWhole(int $kind, string $bytes): bool
    {
        return match ($kind) {
            IMAGETYPE_JPEG => strpos($bytes, "\xFF\xD9", (int) strrpos($bytes, "\xFF\xDA")) !== false,
            IMAGETYPE_PNG => str_contains($bytes, 'IEND'),
            default => strlen($bytes) >= 8 + (int) (unpack('V', substr($bytes, 4, 4)) ?: [1 => PHP_INT_MAX])[1],
        };
    }

    /** @return array{string, string, int, int} the picture, a small one, and its size */
    private static function anew(string $bytes): array
    {
        $memory = ini_set('memory_limit', self::MEMORY);
        try {
            // Made smaller before it is turned: turning needs it twice in memory.
            $image = (new ImageManager(new Driver(), autoOrientation: false))->read($bytes);
            $image->scaleDown(self::LONG_SIDE, self::LONG_SIDE)->orient();
            $large = $image->toJpeg(self::QUALITY)->toString();
            [$w, $h] = [$image->width(), $image->height()];
            $small = $image->scaleDown(self::THUMB, self::THUMB)->toJpeg(self::QUALITY)->toString();
        } catch (Throwable) {
            throw new NotUnderstood('Photo: it can’t be read as a picture; take it once more.');
        } finally {
            is_string($memory) ? ini_set('memory_limit', $memory) : null;
        }

        return [$large, $small, $w, $h];
    }

    private static function taken(string $path): ?string
    {
        $exif = function_exists('exif_read_data') ? @exif_read_data($path) : false;
        $said = is_array($exif) ? $exif['DateTimeOriginal'] ?? null : null;

        return is_string($said) && preg_match('/^(\d{4}):(\d\d):(\d\d) (\d\d:\d\d:\d\d)$/', $said, $m) === 1
            ? "{$m[1]}-{$m[2]}-{$m[3]} {$m[4]}"
            : null;
    }

    private static function write(string $sha, string $large, string $small): void
    {
        foreach (['' => $large, '-small' => $small] as $size => $bytes) {
            $path = self::path($sha, $size !== '');
            if (is_file($path)) {
                continue;
            }
            if (! is_dir(dirname($path)) && ! @mkdir(dirname($path), 0700, true) && ! is_dir(dirname($path))) {
                throw new NotUnderstood('Photo: the folder of pictures can’t be written.');
            }
            // Whole or not at all.
            if (@file_put_contents("{$path}.part", $bytes) === false || ! @rename("{$path}.part", $path)) {
                throw new NotUnderstood('Photo: there is no room for it.');
            }
        }
    }

    public static function path(string $sha, bool $small = false): string
    {
        $folder = config('app.photos');

        return (is_string($folder) ? $folder : storage_path('app/photos')).
            '/'.
            substr($sha, 0, 2).
            "/{$sha}".
            ($small ? '-small' : '').
            '.jpg';
    }

    /** Large enough to be looked at, small enough that twenty go in one file; null where it is gone. */
    public static function medium(string $sha): ?string
    {
        $path = self::path($sha);
        $image = is_file($path) ? @imagecreatefromjpeg($path) : false;
        if ($image === false) {
            return null;
        }
        $long = max(imagesx($image), imagesy($image));
        $share = min(1.0, self::MEDIUM / $long);
        $small = imagescale($image, (int) round($share * imagesx($image)));
        ob_start();
        imagejpeg($small === false ? $image : $small, null, self::MEDIUM_QUALITY);

        return (string) ob_get_clean();
    }

    /** @return list<array{sha: string, step: string, about: list<string>, text: string, on: string}> the pictures of a build */
    public static function of(Document $document): array
    {
        $all = [];
        foreach ($document->fields()->objects('log') as $entry) {
            if (preg_match('/^[0-9a-f]{64}$/', $entry->text('photo')) === 1) {
                $all[] = [
                    'sha' => $entry->text('photo'),
                    'step' => $entry->text('step'),
                    'about' => $entry->texts('about'),
                    'text' => $entry->text('text'),
                    'on' => $entry->text('on'),
                ];
            }
        }

        return $all;
    }

    /** @return list<array{sha: string, step: string, about: list<string>, text: string, on: string}> pictures of a thing */
    public static function about(Document $document, string $id): array
    {
        return array_values(
            array_filter(self::of($document), fn (array $p): bool => in_array($id, $p['about'], true)),
        );
    }

    /** @return list<array{sha: string, step: string, about: list<string>, text: string, on: string}> pictures taken at a step or a gate */
    public static function at(Document $document, string $step): array
    {
        return array_values(array_filter(self::of($document), fn (array $p): bool => $p['step'] === $step));
    }

    /** @return int pictures taken out that no kept change has shown for thirty days */
    public static function thin(): int
    {
        $all = Photo::query()->pluck('sha')->all();
        if ($all === []) {
            return 0;
        }
        $seen = [];
        foreach (Build::query()->pluck('id') as $build) {
            foreach (Revision::query()->where('build_id', $build)->select('doc')->cursor() as $revision) {
                preg_match_all('/"photo":\s*"([0-9a-f]{64})"/', $revision->json(), $found);
                $seen += array_flip($found[1]);
            }
        }
        Photo::query()
            ->whereIn('sha', array_keys($seen))
            ->update(['seen_at' => Bench::now()]);
        $since = now()->subDays(self::DAYS_UNSEEN)->format('Y-m-d H:i:s');
        $gone = Photo::query()->where('seen_at', '<', $since)->pluck('sha')->all();
        foreach ($gone as $sha) {
            @unlink(self::path((string) $sha));
            @unlink(self::path((string) $sha, true));
        }
        Photo::query()->whereIn('sha', $gone)->delete();

        return count($gone);
    }
}
