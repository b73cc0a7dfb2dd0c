<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Format\Fields;
use BenchGlow\HandOver\Exposed;
use BenchGlow\HandOver\Living;
use BenchGlow\Lists\LoomList;
use BenchGlow\Steps\Plan;
use Closure;

/** When a build is looked at, and its order of work as it stands then. Without a clock it is the last moment the document knows. */
final class Moment
{
    private ?Plan $plan = null;

    /**
     * @param  string|null  $at  ISO, local; null where the document knows no moment
     * @param  (Closure(): Plan)|null  $find  who has the plan already
     * @param  list<Exposed>  $often  kinds of things that surely fail more often than others, by all that was handed over
     */
    public function __construct(
        public readonly Analysis $analysis,
        public readonly ?string $at,
        private readonly ?Closure $find = null,
        public readonly array $often = [],
    ) {
    }

    public static function ofDocument(Analysis $analysis): self
    {
        $work = $analysis->build->document->fields()->object('work');
        $moments = [$work->object('plan')->text('start')];
        foreach ($work->objects('done') as $row) {
            $moments[] = $row->text('on');
        }

        $on = $analysis->build->document->fields()->object('handover')->text('on');
        $at = max([...$moments, ...self::told($analysis)]) ?: null;
        $living =
            $on === '' || $at === null ? null : new Living([[$analysis->build->document, $on]], substr($at, 0, 10));

        return new self($analysis, $at, often: $living?->bad() ?? []);
    }

    /** @return list<string> when something of it was written down */
    private static function told(Analysis $analysis): array
    {
        $entries = array_filter(
            $analysis->build->document->fields()->objects('log'),
            fn (Fields $e): bool => in_array($e->text('kind'), ['failed', 'changed'], true),
        );

        return array_values(array_map(fn (Fields $e): string => $e->text('on'), $entries));
    }

    public function plan(): Plan
    {
        return $this->plan ??=
            $this->find === null ? new Plan(new LoomList($this->analysis), $this->at) : ($this->find)();
    }
}
