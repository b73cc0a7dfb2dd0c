<?php

declare(strict_types=1);

/* Tools of bin/glow about handing over: cost, sheet, verify, compare, archive, unarchive, failures. */

use BenchGlow\Build\Document;
use BenchGlow\Command\Costing;
use BenchGlow\Command\Stepping;

/** @param  list<string>  $args */
function cost(array $args): int
{
    [$words, $options] = words($args, ['times', 'record', 'with']);
    $costing = new Costing(
        Document::fromJson(source($words[0] ?? null)),
        array_values(array_filter(explode(',', $options['with'] ?? ''))),
        isset($options['times']) ? Stepping::times(source($options['times'])) : null,
        isset($options['record']) ? Costing::record(source($options['record'])) : null,
    );
    answer($costing->toArray());

    return 0;
}
