<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Build;
use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Quantity\Shown;
use BenchGlow\Sizing\NotFitted;
use BenchGlow\Sizing\StripCalibration;

/** A strip's rails and watts as its own readings say, the piece lit and fed at one end; other users of the part keep theirs. */
final readonly class Calibrate implements Edit
{
    /** @param  float|null  $pieceM  length that was read; null: as it is cut */
    public function __construct(
        public string $light,
        public float $fedV,
        public float $farV,
        public float $amps,
        public ?float $pieceM = null,
    ) {
    }

    public function says(Names $names): string
    {
        $drop = Shown::plain($this->fedV - $this->farV, 2);

        return $names->said($this->light, "rails measured, {$drop} V from end to end");
    }

    public function apply(Draft $draft): void
    {
        $light = Build::of($draft->document)->lights[$this->light] ?? null;
        if ($light === null || $light->kind !== 'strip') {
            throw BadBuild::at('/light', 'expected a strip of this build; this one is gone.');
        }
        $length = $this->pieceM ?? $light->fit()->cutM;
        try {
            $fit = StripCalibration::fit($light->strip(), $length, $this->fedV, $this->farV, $this->amps);
        } catch (NotFitted $e) {
            throw BadBuild::at('/far_v', $e->getMessage());
        }
        $part = $light->part->text('id');
        $measured = [
            ...$draft->index->item($part)->data,
            'rail_ohm_per_m' => round($fit->railOhmPerM, 6),
            'common_ohm_per_m' => round($fit->commonOhmPerM, 6),
            'watts_per_m' => round($fit->wattsPerM, 4),
            'rail_from' => 'measured',
        ];
        if (RemoveItem::userOf($draft, $part, $this->light) === null) {
            $draft->put($draft->index->paths[$part], $measured);

            return;
        }
        // Others are made of the same reel and were not measured: this one gets a part of its own.
        $own = $draft->name($part);
        $draft->put(['parts'], [...$draft->list(['parts']), [...$measured, 'id' => $own]]);
        $draft->put([...$draft->index->paths[$this->light], 'part'], $own);
    }
}
