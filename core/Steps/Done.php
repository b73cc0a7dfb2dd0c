<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Format\Fields;

/** What is behind us: done steps, and which of them were done under other facts than the build has now. */
final class Done
{
    /** Facts within so much are the same. */
    private const SAME = 0.011;

    /** @var array<string, true> */
    public readonly array $keys;

    /** @var array<string, string|null> step => until when it is put off */
    public readonly array $parked;

    /** @var array<string, Fields> last entry of each step */
    private array $rows = [];

    public function __construct(private readonly StepList $steps)
    {
        $work = $steps->job->build->document->fields()->object('work');
        foreach ($work->objects('done') as $row) {
            $this->rows[self::today($row->text('step'))] = $row;
        }
        $keys = [];
        foreach ($this->rows as $key => $row) {
            if ($row->text('result') !== 'not_as_it_should') {
                $keys[$key] = true;
            }
        }
        $this->keys = $keys;
        $parked = [];
        foreach ($work->objects('parked') as $row) {
            $parked[$row->text('step')] = $row->textOrNull('until');
        }
        $this->parked = $parked;
    }

    /** Keys as older files spell them. */
    private static function today(string $key): string
    {
        return str_starts_with($key, 'fasten:') ? 'tighten:'.substr($key, 7) : $key;
    }

    /** When a step was done, as the file has it. */
    public function on(string $key): string
    {
        return isset($this->rows[$key]) ? $this->rows[$key]->text('on', '1970-01-01') : '1970-01-01';
    }

    public function row(string $key): ?Fields
    {
        return $this->rows[$key] ?? null;
    }

    /** @return list<string> keys done, in the order they were marked */
    public function inOrder(): array
    {
        return array_map(strval(...), array_keys($this->keys));
    }

    /** State of the power by the last mark that changed it. */
    public function power(): string
    {
        $state = 'live';
        foreach (array_keys($this->keys) as $key) {
            [$verb, $subject] = [...explode(':', (string) $key, 2), ''];
            $subject = explode('.', $subject)[0];
            if ($verb === 'live') {
                $state = 'live';
            } elseif ($verb === 'dead') {
                $state =
                    isset($this->steps->job->build->supplies[$subject]) || $subject === 'all' ? 'dead' : 'fuse_out';
            }
        }

        return $state;
    }

    /** @return list<array{step: Step, was: array<string, mixed>, is: array<string, mixed>}> done under other facts */
    public function builtOtherwise(): array
    {
        $all = [];
        foreach ($this->keys as $key => $_) {
            $step = $this->steps->get((string) $key);
            $was = $this->rows[$key]->object('as')->data;
            if ($step === null || $was === []) {
                continue;
            }
            $differs = array_filter(
                $was,
                fn (mixed $v, string|int $k): bool => array_key_exists($k, $step->as) && ! self::same($v, $step->as[$k]),
                ARRAY_FILTER_USE_BOTH,
            );
            if ($differs !== []) {
                $all[] = ['step' => $step, 'was' => $differs, 'is' => array_intersect_key($step->as, $differs)];
            }
        }

        return $all;
    }

    private static function same(mixed $a, mixed $b): bool
    {
        return is_numeric($a) && is_numeric($b) ? abs((float) $a - (float) $b) < self::SAME : $a == $b;
    }

    /** @return list<string> marks whose subject is gone from the build */
    public function orphaned(): array
    {
        $known = Verbs::keys();
        $gone = [];
        foreach ($this->keys as $key => $_) {
            $verb = explode(':', (string) $key)[0];
            $power = in_array($verb, [...Verbs::POWER, 'record'], true);
            if (! $power && in_array($verb, $known, true) && $this->steps->get((string) $key) === null) {
                $gone[] = (string) $key;
            }
        }

        return $gone;
    }
}
