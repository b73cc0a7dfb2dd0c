<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Build;
use App\Store\Bench;
use BenchGlow\Build\Document;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use Tests\Support\Make;

/** The application over SQLite in memory, a fresh wall for every test. */
abstract class WebTestCase extends TestCase
{
    public const SWAP = ['HX-Request' => 'true'];

    private int $sent = 0;

    protected function setUp(): void
    {
        parent::setUp();
        Artisan::call('migrate', ['--force' => true]);
        $this->withoutMiddleware(\Illuminate\Foundation\Http\Middleware\ValidateCsrfToken::class);
    }

    public function bench(): Bench
    {
        return $this->app->make(Bench::class);
    }

    /** The shelf build hung on the wall. */
    public function hung(float $wantedM = 3.34): Build
    {
        return $this->bench()->create(Make::shelf($wantedM), 'Begun', 'test');
    }

    public function hungExample(string $name): Build
    {
        return $this->bench()->create(Make::file("{$name}.glow.json"), 'x', 'w');
    }

    /**
     * Sends a form and gives the answer; the head moves along.
     *
     * @param  array<string, mixed>  $fields
     */
    public function sends(Build $build, array $fields): TestResponse
    {
        return $this->post(
            "http://127.0.0.1/b/{$build->key}/edit?at=circuit",
            ['base' => (string) $build->refresh()->head, 'token' => 'tok'.$this->sent++, 'echo' => 'e', ...$fields],
            self::SWAP,
        );
    }

    /** What stands on the wall. */
    public function stands(Build $build): Document
    {
        return $this->bench()->document($build->refresh(), $build->head);
    }
}
