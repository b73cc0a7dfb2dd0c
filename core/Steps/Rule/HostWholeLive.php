<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class HostWholeLive implements Before
{
    public function id(): string
    {
        return 'host_whole.live';
    }

    public function because(): string
    {
        return 'an unplugged lamp or restraint stores a fault';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->of('unplug') as $unplug) {
            $couple = $steps->get("couple:{$unplug->subject}");
            if ($couple === null) {
                continue;
            }
            yield [$unplug, $couple];
            $live = ['open_test', 'closed_test', 'pair', 'set', 'reset', 'host_again', 'fuse'];
            foreach ($steps->of(...$live) as $after) {
                yield [$couple, $after];
            }
        }
    }
}
