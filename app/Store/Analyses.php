<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\Preference;
use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Review;
use BenchGlow\Check\Rules;
use BenchGlow\Check\Tried;
use BenchGlow\Check\Tries;

/** Solved builds, kept by their wiring and by how it is to be shown; what was done on the bench is read on top each time. */
final class Analyses
{
    /** @var array<string, Review> */
    private array $here = [];

    /** @var array<string, Tries> */
    private array $tries = [];

    public function of(Document $document, Preference $preference): Review
    {
        return $this->here["{$document->hash()} ".implode(' ', $preference->key())] ??= $this->kept($document, $preference);
    }

    /** The act of a finding applied and solved, kept by what it was tried on. */
    public function tried(Document $document, Preference $preference, Finding $finding): ?Tried
    {
        $key = $preference->key();
        $of = ['tried', $document->wiringHash(), ...$key, $finding->rule, ...$finding->places()];
        $here = "{$document->hash()} ".implode(' ', $key);
        $tries = $this->tries[$here] ??= new Tries($document, $preference->wire, $preference->units);
        $kept = Keeper::value($of, fn (): array => [$tries->of($finding)]);
        $tried = is_array($kept) ? $kept[0] ?? null : null;

        return $tried instanceof Tried ? $tried : null;
    }

    private function kept(Document $document, Preference $preference): Review
    {
        $of = [$document->wiringHash(), ...$preference->key()];
        $solve = fn (): Analysis => Analysis::of($document, $preference->wire, $preference->units);
        $kept = Keeper::kept(['solved', ...$of], KeptReview::class);
        if ($kept === null) {
            $analysis = $solve();
            $kept = new KeptReview($analysis->kept(), Rules::ofWiring($analysis));
            Keeper::put(['states', ...$of], $analysis->scenes());
            Keeper::put(['solved', ...$of], $kept);
        }
        $table = new KeptTable($of, $kept->solved, fn (): array => $solve()->scenes());
        $analysis = Analysis::restored($document, $kept->solved, $table);

        return new Review($analysis, Rules::told($analysis, $kept->findings));
    }
}
