<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/** A finding set aside with its reason. */
final readonly class Accept implements Edit
{
    /** @param  string|null  $on  the day, as 2026-05-02 */
    public function __construct(
        public string $rule,
        public string $subject,
        public string $reason,
        public ?string $on = null,
    ) {
    }

    public function apply(Draft $draft): void
    {
        $reason = trim($this->reason);
        if ($reason === '') {
            throw BadBuild::at('/reason', 'setting a finding aside needs its reason, as "the shelf hides that end".');
        }
        (new Unaccept($this->rule, $this->subject))->apply($draft);
        $aside = ['rule' => $this->rule, 'subject' => $this->subject, 'reason' => $reason];
        $draft->data['accepted'] = [
            ...$draft->list(['accepted']),
            [...$aside, ...$this->on === null ? [] : ['on' => $this->on]],
        ];
    }

    public function says(Names $names): string
    {
        return "Set aside: {$this->rule} at ".$names->name($this->subject);
    }
}
