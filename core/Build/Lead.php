<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** One or more cores that run together. */
final readonly class Lead
{
    /**
     * @param  list<array{string|null, string|null}>  $cores
     * @param  list<string>  $route
     * @param  list<Inline>  $inline
     * @param  string  $lengthFrom  strung · supplied · guess; empty where nothing is said
     * @param  array{float|null, float|null}  $madeUpM  what each end uses up
     * @param  array{string, string}  $ends  solder · crimp · ring …; empty where not decided
     * @param  array{string|null, string|null}  $endParts  terminals
     * @param  list<string>  $colours  of its cores, as stated
     */
    private function __construct(
        public string $id,
        public ?string $circuit,
        public string $label,
        public array $cores,
        public ?float $lengthM,
        public ?string $wire,
        public array $route,
        public array $inline,
        public string $lengthFrom,
        public ?float $suppliedM,
        public array $madeUpM,
        public ?float $loopM,
        public array $ends,
        public array $endParts,
        public array $colours,
    ) {
    }

    public static function of(Fields $f): self
    {
        $cores = [];
        foreach ($f->items('cores') as $core) {
            $from = is_array($core) ? $core[0] ?? null : null;
            $to = is_array($core) ? $core[1] ?? null : null;
            $cores[] = [is_string($from) ? $from : null, is_string($to) ? $to : null];
        }

        return new self(
            $f->text('id'),
            $f->textOrNull('circuit'),
            $f->text('label', $f->text('id')),
            $cores,
            $f->numberOrNull('length_m'),
            $f->textOrNull('wire'),
            $f->texts('route'),
            array_map(Inline::of(...), $f->objects('inline')),
            $f->text('length_from'),
            $f->numberOrNull('supplied_m'),
            [self::numberAt($f->items('made_up_m'), 0), self::numberAt($f->items('made_up_m'), 1)],
            $f->numberOrNull('loop_m'),
            [self::wordAt($f->items('ends'), 0) ?? '', self::wordAt($f->items('ends'), 1) ?? ''],
            [self::wordAt($f->items('end_parts'), 0), self::wordAt($f->items('end_parts'), 1)],
            $f->texts('colours'),
        );
    }

    /** @param  list<mixed>  $list */
    private static function numberAt(array $list, int $n): ?float
    {
        return is_numeric($list[$n] ?? null) ? (float) $list[$n] : null;
    }

    /** @param  list<mixed>  $list */
    private static function wordAt(array $list, int $n): ?string
    {
        return is_string($list[$n] ?? null) ? $list[$n] : null;
    }

    /** Which end of the lead a core's end lies at: a core may be written from the far end to the near one. */
    public function endOf(int $core, int $end): int
    {
        $thing = fn (int $c, int $e): string => explode('.', (string) ($this->cores[$c - 1][$e] ?? ''))[0];
        $turned =
            $thing($core, $end) !== '' &&
            $thing($core, $end) !== $thing(1, $end) &&
            $thing($core, $end) === $thing(1, 1 - $end);

        return $turned ? 1 - $end : $end;
    }

    /** Plugs it goes through. */
    public function plugs(): int
    {
        return count(array_filter($this->inline, fn (Inline $i): bool => $i->kind === 'plug'));
    }
}
