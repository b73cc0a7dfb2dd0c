<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Analysis\Analysis;
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
     */
    public function __construct(
        public readonly Analysis $analysis,
        public readonly ?string $at,
        private readonly ?Closure $find = null,
    ) {
    }

    public static function ofDocument(Analysis $analysis): self
    {
        $work = $analysis->build->document->fields()->object('work');
        $moments = [$work->object('plan')->text('start')];
        foreach ($work->objects('done') as $row) {
            $moments[] = $row->text('on');
        }

        return new self($analysis, max($moments) ?: null);
    }

    public function plan(): Plan
    {
        return $this->plan ??=
            $this->find === null ? new Plan(new LoomList($this->analysis), $this->at) : ($this->find)();
    }
}
