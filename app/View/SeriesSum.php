<?php

declare(strict_types=1);

namespace App\View;

use BenchGlow\Build\Build;
use BenchGlow\Check\Review;
use BenchGlow\Drawing\CircuitDrawing;
use BenchGlow\Drawing\Drawing;
use BenchGlow\Edit\Editor;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Options\LedRow;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Parts\Led;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Unit;
use BenchGlow\Sizing\Envelope;
use BenchGlow\Sizing\SeriesOption;
use BenchGlow\Sizing\SeriesResistor;

/** The resistor sum: every string length at the asked current, and the best one drawn and solved. */
final readonly class SeriesSum
{
    /** @param  list<SeriesOption>  $options */
    private function __construct(public array $options, public ?int $best, public ?Drawing $drawing)
    {
    }

    public static function of(Sum $sum): self
    {
        $part = Catalogue::part($sum->typed['part']) ?? (Catalogue::part('led_white_5') ?? new Fields([]));
        $supply = Catalogue::supply($sum->typed['supply']) ?? (Catalogue::supply('house_bank_12') ?? new Fields([]));
        $led = new Led(
            $part->number('vf_v'),
            $part->number('if_a'),
            $part->number('imax_a'),
            $part->number('vf_tolerance_v', 0.1),
        );
        $target = $sum->number('target', Unit::Amps);
        if ($target > $led->imaxA) {
            $sum->errors['target'] =
                'Target: '.Shown::amps($target).' is over this LED\'s limit of '.Shown::amps($led->imaxA).'.';
            $target = $led->ifA;
        }
        $count = (int) $sum->number('count', Unit::Count);
        if ($count > 500) {
            $sum->errors['count'] = 'Count: at most 500 LEDs in one sum.';
            $count = 500;
        }
        $options = (new SeriesResistor(
            new Envelope($supply->number('min_v'), $supply->number('nominal_v'), $supply->number('max_v')),
            $led,
            $count,
            $target,
        ))->options();
        $best = SeriesResistor::best($options);

        return new self($options, $best, $best === null ? null : self::draw($sum, $options[$best]));
    }

    private static function draw(Sum $sum, SeriesOption $option): Drawing
    {
        // Half a metre of lead: a resistor sum is about a bench, not a hull.
        $document = $sum->over($sum->document(), 0.5);
        $build = Build::of($document);
        $light = array_values($build->lights)[0] ?? null;
        if ($light !== null) {
            try {
                $document = Editor::apply($document, LedRow::edit($light, $option));
            } catch (BadBuild) {
                // What can't be fitted is drawn as it stands.
            }
        }
        $review = Review::of($document, $sum->preference->wire, $sum->preference->units);

        $circuit = (string) array_key_first($review->analysis->build->circuits);

        return CircuitDrawing::wide(
            $review->analysis,
            $circuit,
            'nominal',
            units: $sum->preference->units,
            findings: $review->open($circuit),
        );
    }

    /** ", the last string of 2 with 330R"; '' where all strings are alike. */
    public static function lastString(SeriesOption $option): string
    {
        return $option->lastStringLeds === $option->ledsPerString
            ? ''
            : ", the last string of {$option->lastStringLeds} with ".Shown::ohms((float) $option->lastResistorOhm);
    }
}
