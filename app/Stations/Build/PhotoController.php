<?php

declare(strict_types=1);

namespace App\Stations\Build;

use App\Frame\Window;
use App\Http\Answers;
use App\Models\Build;
use App\Models\Photo;
use App\Store\Bench;
use App\Store\Conflict;
use App\Store\Diary;
use App\Store\Photos;
use App\Support\WallClock;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Log;
use BenchGlow\Edit\Mark;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Pictures of the work: kept, bound to what they are of, shown. */
final readonly class PhotoController
{
    public function __construct(
        private Bench $bench,
        private Photos $photos,
        private Window $window,
        private Answers $answers,
    ) {
    }

    public function store(Request $request, Build $build): Response|RedirectResponse
    {
        $in = new Fields($request->except('photo'));
        $base = $this->window->base();
        $edit = null;
        try {
            $file = $request->file('photo');
            if (! ($file instanceof UploadedFile)) {
                throw new NotUnderstood('Photo: choose a picture, or take one.');
            }
            $edit = $this->edit($in, $this->photos->keep($this->bench->document($build, $base), $file));
            $kept = $this->bench->write($build, $base, $this->window->token(), $this->window->name(), $edit);
        } catch (NotUnderstood|BadBuild $e) {
            return $this->answers->refused($build, $in, $e->getMessage());
        } catch (Conflict $e) {
            return $this->answers->conflict($build, $e, $edit);
        }
        Diary::after($build, $edit, $this->window->token(), $this->window->name(), $kept->no, []);

        return $this->answers->kept($build, $kept, $in);
    }

    /** The picture in the log; where the act is to take it, that is done with it. */
    private function edit(Fields $in, string $sha): Edit
    {
        $step = $in->text('step');
        $on = WallClock::pressed($in->text('pressed_at'), $in->text('sent_at'))->format('Y-m-d\TH:iP');
        $log = new Log(
            'note',
            $on,
            mb_substr(trim($in->text('note')), 0, 2000),
            $step === '' ? null : mb_substr($step, 0, 80),
            photo: $sha,
            about: array_values(array_filter([$in->text('about')])),
        );
        if (! str_starts_with($step, 'photo:')) {
            return $log;
        }
        $words = $in->text('words', 'A picture');

        return new Batch([$log, new Mark([$step], $on, $words)], $words);
    }

    public function show(Build $build, string $sha, string $size): BinaryFileResponse
    {
        $path = Photos::path($sha, $size === 'small');
        if (! Photo::query()->whereKey($sha)->exists() || ! is_file($path)) {
            abort(404);
        }

        return response()->file($path, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }
}
