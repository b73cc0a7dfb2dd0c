<?php

declare(strict_types=1);

use App\Models\Build;
use Illuminate\Http\UploadedFile;
use Tests\Support\Mutants;

it('takes in or refuses a spoilt build in words, and shows every page of what it took', function (int $seed): void {
    $mutants = new Mutants($seed);
    $taken = 0;
    for ($n = 0; $n < 50; $n++) {
        $text = $mutants->next();
        $what = 'seed '.($seed + $n);
        $answer = $this->post('/builds/import', [
            'file' => UploadedFile::fake()->createWithContent('m.glow.json', $text),
        ]);
        expect($answer->getStatusCode())->toBeLessThan(400, $what);
        $build = Build::query()->latest('id')->first();
        if ($build === null) {
            expect(session('refused'))->toBeString($what);

            continue;
        }
        $taken++;
        foreach (['brief', 'circuit', 'handover', 'sheet', 'card', 'states.csv', 'lists.json'] as $page) {
            $shown = $this->get("/b/{$build->key}/{$page}");
            $html = (string) $shown->getContent();
            expect($shown->getStatusCode())->toBe(200, "{$page} of {$what}");
            expect(str_contains($html, 'class="trouble"'))->toBeFalse("a part of {$page} of {$what} fails");
            expect(str_contains($html, "can't be shown"))->toBeFalse("{$page} of {$what} can't be shown");
        }
        $build->delete();
    }
    expect($taken)->toBeGreaterThan(0);
})->with(range(1000, 1450, 50));
