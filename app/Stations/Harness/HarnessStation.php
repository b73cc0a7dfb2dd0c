<?php

declare(strict_types=1);

namespace App\Stations\Harness;

use App\Frame\Frame;
use App\Stations\Bead;
use App\Stations\Harness\Forms\CarrierForm;
use App\Stations\Harness\Forms\EndForm;
use App\Stations\Harness\Forms\HazardForm;
use App\Stations\Harness\Forms\HingeForm;
use App\Stations\Harness\Forms\HoleForm;
use App\Stations\Harness\Forms\MoveForm;
use App\Stations\Harness\Forms\PartForm;
use App\Stations\Harness\Forms\PlaceForm;
use App\Stations\Harness\Forms\SplitForm;
use App\Stations\Harness\Forms\StretchForm;
use App\Stations\Harness\Forms\StringForm;
use App\Stations\Harness\Forms\WayForm;
use App\Stations\Standing;
use App\Stations\Station;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rules;
use BenchGlow\Check\Severity;
use BenchGlow\Loom\Loom;
use Illuminate\Support\Facades\Route;

/** Where it all goes: the loom, its lengths, joints, plugs, colours, what to cut and to buy. */
final class HarnessStation extends Station
{
    /** Its fields of the address: the stretch in focus, the wire that is open, the wire that is strung, all branches. */
    public const FIELDS = ['st', 'w', 'string', 'all'];

    /** Rules of other rooms that are about the loom too. */
    private const ALSO = ['tap.gauge', 'plug.live_half', 'ground.unclean', 'fuse.too_far'];

    public function key(): string
    {
        return 'harness';
    }

    public function label(): string
    {
        return 'Harness';
    }

    public function number(): int
    {
        return 5;
    }

    /** Filled when every lead has a way, ends and colour, and nothing of the loom is warned of. */
    public function bead(Standing $standing): Bead
    {
        $build = $standing->review->analysis->build;
        if ($build->places === []) {
            return Bead::Ring;
        }
        $own = array_filter($standing->review->open(), fn (Finding $f): bool => $this->concerns($f->rule));
        $has = fn (Severity $s): bool => array_filter($own, fn (Finding $f): bool => $f->severity === $s) !== [];
        $loom = Loom::of($build);
        $open = $loom->unlaid() !== [];
        foreach ($build->leads as $lead) {
            $open = $open || in_array('', $lead->ends, true);
        }

        return match (true) {
            $has(Severity::Danger) => Bead::Danger,
            $has(Severity::Warning) => Bead::Warned,
            $open => Bead::Begun,
            default => Bead::Holds,
        };
    }

    public function forms(): array
    {
        return [
            StringForm::class,
            PlaceForm::class,
            StretchForm::class,
            SplitForm::class,
            CarrierForm::class,
            HoleForm::class,
            WayForm::class,
            MoveForm::class,
            HazardForm::class,
            HingeForm::class,
            EndForm::class,
            PartForm::class,
        ];
    }

    public function page(Frame $frame): HarnessPage
    {
        return new HarnessPage($frame);
    }

    public function fields(): array
    {
        return self::FIELDS;
    }

    public function concerns(string $rule): bool
    {
        return Rules::readsLoom($rule) || in_array($rule, self::ALSO, true);
    }

    public function routes(): void
    {
        Route::get('/harness/paper/{what}.{kind}', [HarnessController::class, 'paper'])
            ->whereIn('what', ['wires', 'labels', 'loom', 'cuts'])
            ->whereIn('kind', ['pdf', 'svg', 'csv'])
            ->name('harness.paper');
        Route::post('/harness/offcuts', [HarnessController::class, 'keep'])->name('harness.offcuts');
        Route::post('/harness/offcuts/gone', [HarnessController::class, 'gone'])->name('harness.offcuts.gone');
    }
}
