<?php

declare(strict_types=1);

namespace App\Stations\Brief;

use App\Frame\Frame;
use App\View\Shelf;
use BenchGlow\Build\Clauses;
use BenchGlow\Build\Fact;
use BenchGlow\Build\Sentence;
use BenchGlow\Build\Supply;
use BenchGlow\Build\Want;
use BenchGlow\Build\When;
use BenchGlow\Build\WhenText;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Unit;

/** What the Brief's plate shows. */
final class BriefPage
{
    public readonly DayView $day;

    public function __construct(private readonly Frame $frame)
    {
        $this->day = new DayView($frame);
    }

    /** The wants of the circuit as one sentence; '' where nothing is wanted yet. */
    public function sentence(): string
    {
        return $this->frame->circuit === null
            ? ''
            : implode(' ', Sentence::of($this->frame->analysis->build, $this->frame->circuit));
    }

    /** Who glows, in a want: "Galley shelf". */
    public function who(Want $want): string
    {
        return Sentence::who($this->frame->analysis->build, $want);
    }

    /**
     * The clauses of a want with room for one more; null where it is nested too deep to be taken apart.
     *
     * @return list<array{join: string, text: string, holds: bool, choices: list<string>}>|null
     */
    public function clauses(Want $want): ?array
    {
        $document = $this->frame->document;
        $clauses = Clauses::of($want->when->data, $document);
        if ($clauses === null) {
            return null;
        }
        $phrases = DayView::phrases($document);
        $rows = [];
        foreach (
            [...$clauses, ...count($clauses) < 3 ? [['join' => 'or', 'text' => '', 'when' => null]] : []] as $clause
        ) {
            $own = $clause['text'] === '' || in_array($clause['text'], $phrases, true) ? [] : [$clause['text']];
            $rows[] = [...$clause, 'holds' => $this->holds($clause['when']), 'choices' => [...$own, ...$phrases]];
        }

        return $rows;
    }

    /** @param  array<array-key, mixed>|null  $when  as it is stored: what is printed is for people, and never read back */
    private function holds(?array $when): bool
    {
        $rest = $this->frame->analysis->build->restPositions();

        return $when !== null && (new When($when))->holds([...$rest, ...$this->frame->thrown()], $rest);
    }

    /** A want in words that can be typed again. */
    public function words(Want $want): string
    {
        return WhenText::say($want->when->data, $this->frame->document);
    }

    /** @return array<string, array{kind: string, says: string}> by id */
    public function facts(): array
    {
        $facts = [];
        foreach ($this->frame->analysis->build->facts as $fact) {
            $facts[$fact->id] = self::fact($fact);
        }

        return $facts;
    }

    /** @return array{kind: string, says: string} */
    private static function fact(Fact $fact): array
    {
        $says = [$fact->where, $fact->value];
        $days = $fact->is('needed_by') ? Shelf::daysTo($fact->value) : '';

        return [
            'kind' => Shelf::FACTS[$fact->kind] ?? $fact->kind,
            'says' => implode(': ', array_filter($says, fn (string $s): bool => $s !== '')).$days,
        ];
    }

    /** @return array<string, array{string, string}> field => label and value of a supply's three positions */
    public static function volts(Supply $supply): array
    {
        $shown = fn (float $v): string => Shown::forField(Unit::Volts, $v);

        return [
            'min_v' => ['low', $shown($supply->minV)],
            'nominal_v' => ['normal', $shown($supply->nominalV)],
            'max_v' => ['high', $shown($supply->maxV)],
        ];
    }
}
