<?php

declare(strict_types=1);

namespace BenchGlow\Build\Device;

use BenchGlow\Build\Part;
use BenchGlow\Format\Fields;

/** A thing that is wired and gives no light itself. One class per kind; `Devices::KINDS` is the list. */
abstract readonly class Device
{
    final public function __construct(protected Fields $fields, public Part $part)
    {
    }

    public function id(): string
    {
        return $this->fields->text('id');
    }

    public function circuit(): ?string
    {
        return $this->fields->textOrNull('circuit');
    }

    /** What it is called; its id where it has no name. */
    public function label(): string
    {
        return $this->fields->text('label', $this->id());
    }

    /** Only the name it was given. */
    public function ownLabel(): string
    {
        return $this->fields->flag('unnamed') ? '' : $this->fields->text('label');
    }

    /** The kind as the file writes it. */
    abstract public function kind(): string;

    /** @return list<string> names of its pins; '' for a thing that is one pin */
    public function pins(): array
    {
        return $this->part->pins;
    }

    /** Its body is that of its part: contacts, coils, what is inside. */
    public function hasBody(): bool
    {
        return false;
    }

    /** Whether it stands in the harness as a thing of its own, or only where leads go through it. */
    public function isPlaced(): bool
    {
        return true;
    }

    /**
     * Its row in the list of parts: key, label, what it costs.
     *
     * @return array{string, string, float|null}|null null: it needs no part of its own
     */
    public function row(): ?array
    {
        return $this->part->id === '' ? null : [$this->part->id, $this->part->label, $this->part->price];
    }

    /** How the circuit draws it: contact, box, or as what it is. */
    public function symbol(): string
    {
        return 'contact';
    }

    /** @return array<array-key, mixed>|null when a radio's other half reaches it; null: always */
    public function linkWhen(): ?array
    {
        return null;
    }

    /** @return array<string, string> radio channel => sense of the sender */
    public function hears(): array
    {
        return [];
    }
}
