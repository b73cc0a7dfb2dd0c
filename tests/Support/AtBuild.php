<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Build;
use BenchGlow\Build\Document;
use Illuminate\Testing\TestResponse;
use Tests\WebTestCase;

/** What is sent from Build, and what it answers. */
final class AtBuild
{
    private static int $sent = 0;

    /** A form of Build, sent from its page. */
    public static function sends(WebTestCase $test, Build $build, array $fields, ?int $base = null): TestResponse
    {
        return $test->post(
            "/b/{$build->key}/edit?at=build",
            [
                'base' => (string) ($base ?? $build->refresh()->head),
                'token' => 'build'.self::$sent++,
                'echo' => 'e',
                'render' => 'all',
                ...$fields,
            ],
            WebTestCase::SWAP,
        );
    }

    public static function words(TestResponse $response): string
    {
        $text = html_entity_decode(strip_tags((string) $response->getContent()), ENT_QUOTES);

        return (string) preg_replace('/\s+/', ' ', $text);
    }

    /** @return list<string> steps that are marked */
    public static function marked(Document $document): array
    {
        return array_map(fn ($r): string => $r->text('step'), $document->fields()->object('work')->objects('done'));
    }
}
