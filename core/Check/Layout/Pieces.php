<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\SwitchDevice;
use BenchGlow\Build\PartContact;
use BenchGlow\Build\When;
use BenchGlow\Layout\Laid;
use BenchGlow\Layout\Mark;
use BenchGlow\Layout\Piece;
use BenchGlow\Layout\SensorTrial;

/** What rules of layouts ask of pieces and sensors. */
final class Pieces
{
    /** The piece a layout is, or lies on. */
    public static function of(Analysis $analysis, Laid $laid): ?Piece
    {
        foreach (LaidOut::all($analysis, 'piece') as $piece) {
            if ($piece->id === $laid->id || $piece->id === $laid->fields->textOrNull('piece')) {
                return Piece::of($piece->fields);
            }
        }

        return null;
    }

    /** "the hole at mark 2" */
    public static function said(Mark $mark, int $n): string
    {
        $what = ['hole' => 'the hole', 'drain' => 'the drain hole', 'slot' => 'the slot'][$mark->kind] ?? 'the cut';

        return $what.' at mark '.($n + 1);
    }

    public static function trial(Laid $laid): SensorTrial
    {
        return SensorTrial::of($laid->fields);
    }

    public static function sensor(Analysis $analysis, Laid $laid): string
    {
        return $analysis->build->label($laid->fields->text('device'));
    }

    public static function circuit(Analysis $analysis, Laid $laid): ?string
    {
        return ($analysis->build->devices[$laid->fields->text('device')] ?? null)?->circuit();
    }

    /** Whether the circuit takes the contact as made at the shut end, where its inputs rest; null where it does not say. */
    public static function madeShut(Analysis $analysis, Laid $laid): ?bool
    {
        $device = $analysis->build->devices[$laid->fields->text('device')] ?? null;
        if (! ($device instanceof SwitchDevice) || $device->at() === []) {
            return null;
        }
        $rest = $analysis->build->restPositions();
        $stands = $device->part->positions[0] ?? '';
        foreach ($device->at() as $position => $when) {
            if ((new When($when))->holds($rest, $rest)) {
                $stands = $position;
                break;
            }
        }
        $positions = array_filter(array_map(fn (PartContact $c): string => $c->madeAt(), $device->part->contacts));

        return $positions === [] ? null : in_array($stands, $positions, true);
    }
}
