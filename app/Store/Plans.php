<?php

declare(strict_types=1);

namespace App\Store;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Lists\LoomList;
use BenchGlow\Steps\Found;
use BenchGlow\Steps\Orders;
use BenchGlow\Steps\Plan;
use Carbon\CarbonImmutable;

/**
 * The order of work of a build, as long as things take on this bench. An order is found once an hour and for each change of the
 * job; a mark only takes from it what is done, and the clock only moves its times.
 */
final readonly class Plans implements Orders
{
    /** Fields of the work that say what happened, not what is to be done. */
    private const HAPPENED = ['done', 'fasteners', 'stock'];

    private function __construct(private Document $document, private string $hour)
    {
    }

    public static function of(Analysis $analysis, CarbonImmutable $now): Plan
    {
        $keep = new self($analysis->build->document, $now->format('Y-m-d H'));

        return new Plan(new LoomList($analysis), $now->format('Y-m-d\TH:iP'), Diary::times(), keep: $keep);
    }

    public function order(Found $found, callable $find): array
    {
        $of = ['plan', $this->document->hash(), $this->hour];
        $like = ['plan', $this->job(), $this->hour];

        return Keeper::list($of, function () use ($found, $find, $like): array {
            $order = $found->held(Keeper::list($like, fn (): array => [])) ?? $find();
            Keeper::put($like, $order);

            return $order;
        });
    }

    /** What is to be done, whatever of it is behind us. */
    private function job(): string
    {
        $data = $this->document->data;
        unset($data['log'], $data['gates'], $data['faults']);
        if (is_array($data['work'] ?? null)) {
            $data['work'] = array_diff_key($data['work'], array_flip(self::HAPPENED));
        }

        return hash('xxh128', serialize($data));
    }
}
