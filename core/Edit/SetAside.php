<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** A finding set aside with its reason, or looked at again. */
final class SetAside
{
    public static function accept(Draft $draft, Fields $f): void
    {
        $reason = trim($f->text('reason'));
        if ($reason === '') {
            throw BadBuild::at('/reason', 'setting a finding aside needs its reason, as "the shelf hides that end".');
        }
        self::unaccept($draft, $f->text('rule'), $f->text('subject'));
        $draft->data['accepted'] = [
            ...$draft->list(['accepted']),
            [
                'rule' => $f->text('rule'),
                'subject' => $f->text('subject'),
                'reason' => $reason,
                ...$f->has('on') ? ['on' => $f->text('on')] : [],
            ],
        ];
    }

    public static function unaccept(Draft $draft, string $rule, string $subject): void
    {
        $draft->data['accepted'] = array_values(
            array_filter(
                $draft->list(['accepted']),
                fn (mixed $a): bool => ! is_array($a) ||
                    ($a['rule'] ?? '') !== $rule ||
                    ($a['subject'] ?? '') !== $subject,
            ),
        );
    }
}
