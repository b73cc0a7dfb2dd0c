<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Edits;

/** Something a rule saw: where, how bad, in a sentence, and the edit that mends it where the program can. */
final readonly class Finding
{
    /**
     * @param  Edit|null  $edit  that mends it
     * @param  string|null  $many  how several like it are told in one, after their number: "leads have no length."
     * @param  list<Finding>  $also  the others that stand in this one
     */
    public function __construct(
        public string $rule,
        public Severity $severity,
        public ?string $circuit,
        public string $subject,
        public string $message,
        public ?string $fix = null,
        public ?Edit $edit = null,
        public ?string $acceptedBecause = null,
        public ?string $many = null,
        public array $also = [],
    ) {
    }

    public function accepted(string $reason): self
    {
        return $this->told($this->message, $this->fix, $this->edit, $reason, $this->also);
    }

    /** The same with an act that mends it. */
    public function mended(string $fix, Edit $edit): self
    {
        return $this->told($this->message, $fix, $edit, $this->acceptedBecause, $this->also);
    }

    /** The same without what it offered to do. */
    public function withoutFix(): self
    {
        return $this->told($this->message, null, null, $this->acceptedBecause, $this->also);
    }

    /**
     * Several as one.
     *
     * @param  list<Finding>  $also
     */
    public function together(array $also, string $message, ?string $fix, ?Edit $edit): self
    {
        return $this->told($message, $fix, $edit, $this->acceptedBecause, $also);
    }

    /** @param  list<Finding>  $also */
    private function told(string $message, ?string $fix, ?Edit $edit, ?string $because, array $also): self
    {
        return new self(
            $this->rule,
            $this->severity,
            $this->circuit,
            $this->subject,
            $message,
            $fix,
            $edit,
            $because,
            $this->many,
            $also,
        );
    }

    /** @return list<string> everything it is about */
    public function places(): array
    {
        return [$this->subject, ...array_map(fn (self $f): string => $f->subject, $this->also)];
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
            ...$this->also === [] ? [] : ['places' => $this->places()],
        ];
    }
}
