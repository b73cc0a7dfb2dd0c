<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Build;
use App\Store\Bench;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Tests\Support\Make;

/** The application over SQLite in memory, a fresh wall for every test. */
abstract class WebTestCase extends TestCase
{
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
}
