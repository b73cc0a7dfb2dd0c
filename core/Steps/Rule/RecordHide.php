<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class RecordHide implements Before
{
    public function id(): string
    {
        return 'record.hide';
    }

    public function because(): string
    {
        return 'the next one finds it';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->of('photo') as $photo) {
            foreach ($steps->about($photo->subject, 'tap', 'ground', 'land') as $made) {
                yield [$made, $photo];
            }
            foreach ($photo->panels as $panel) {
                $close = $steps->get("close:{$panel}");
                if ($close !== null) {
                    yield [$photo, $close];
                }
            }
        }
    }
}
