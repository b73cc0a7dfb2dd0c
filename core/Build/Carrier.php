<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** What leaves or moves as one: a lid, a box, a drawer. */
final readonly class Carrier
{
    /** What comes off wants a plug; what turns or slides wants its loop. */
    private const COMES_OFF = ['lifts_off', 'unscrews', 'worn'];

    private function __construct(public string $id, public string $label, public string $how, public ?string $fact)
    {
    }

    public static function of(Fields $f): self
    {
        return new self($f->text('id'), $f->text('label', $f->text('id')), $f->text('how'), $f->textOrNull('fact'));
    }

    public function comesOff(): bool
    {
        return in_array($this->how, self::COMES_OFF, true);
    }

    /** "lifts off" */
    public function words(): string
    {
        return [
            'lifts_off' => 'lifts off',
            'hinges' => 'turns on its hinge',
            'slides' => 'slides out',
            'unscrews' => 'unscrews',
            'worn' => 'is worn',
        ][$this->how] ?? 'comes away';
    }
}
