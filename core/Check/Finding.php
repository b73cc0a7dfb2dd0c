<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Edits;

/** Something a rule saw: where, how bad, in a sentence, and the edit that mends it where the program can. */
final readonly class Finding
{
    /** @param  Edit|null  $edit  that mends it */
    public function __construct(
        public string $rule,
        public Severity $severity,
        public ?string $circuit,
        public string $subject,
        public string $message,
        public ?string $fix = null,
        public ?Edit $edit = null,
        public ?string $acceptedBecause = null,
    ) {
    }

    public function accepted(string $reason): self
    {
        return new self(
            $this->rule,
            $this->severity,
            $this->circuit,
            $this->subject,
            $this->message,
            $this->fix,
            $this->edit,
            $reason,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'rule' => $this->rule,
            'severity' => $this->severity->value,
            'circuit' => $this->circuit,
            'subject' => $this->subject,
            'message' => $this->message,
            'fix' => $this->edit === null ? null : ['label' => $this->fix, 'edit' => Edits::write($this->edit)],
        ];
    }
}
