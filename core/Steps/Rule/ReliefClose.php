<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class ReliefClose implements Before
{
    public function id(): string
    {
        return 'relief.close';
    }

    public function because(): string
    {
        return 'a lamp must not hang on its wires behind a panel';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->of('relief') as $relief) {
            foreach ($relief->panels as $panel) {
                $close = $steps->get("close:{$panel}");
                if ($close !== null) {
                    yield [$relief, $close];
                }
            }
            foreach ($steps->of('shorts') as $shorts) {
                $side = $relief->side === $shorts->side || $relief->side === null;
                if ($side && StepList::meets($relief, $shorts)) {
                    yield [$relief, $shorts];
                }
            }
            foreach ($steps->about($relief->subject, 'stick', 'fix') as $fixed) {
                yield [$fixed, $relief, $fixed->holdS];
            }
        }
    }
}
