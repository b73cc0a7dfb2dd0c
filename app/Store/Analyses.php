<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\Preference;
use App\Solving\BeingSolved;
use App\Solving\Heavy;
use App\Support\WallClock;
use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\Weight;
use BenchGlow\Build\Document;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Moment;
use BenchGlow\Check\Review;
use BenchGlow\Check\Rules;
use BenchGlow\Check\Tried;
use BenchGlow\Check\Tries;
use BenchGlow\Steps\Plan;

/** Solved builds, kept by their wiring and by how it is to be shown; what was done on the bench is read on top each time. */
final class Analyses
{
    /** @var array<string, Review> */
    private array $here = [];

    /** @var array<string, Tries> */
    private array $tries = [];

    public function of(Document $document, Preference $preference): Review
    {
        return $this->here["{$document->hash()} ".implode(' ', $preference->key())] ??= $this->kept(
            $document,
            $preference,
        );
    }

    /** What would keep a page waiting is left to the worker, where one is there. */
    private function asideIfHeavy(Document $document, Preference $preference): void
    {
        if (app()->runningInConsole() && ! app()->runningUnitTests()) {
            return;
        }
        $expected = Weight::seconds($document);
        if ($expected > Heavy::tooMuchS() || ($expected > Heavy::IN_A_PAGE_S && Heavy::hasWorker())) {
            $key = Heavy::key($document, $preference);
            if ($expected <= Heavy::tooMuchS() && ! Heavy::isStopped($key)) {
                Heavy::wanted($document, $preference);
            }
            throw new BeingSolved($key, $expected);
        }
    }

    /**
     * Solved once, whoever asks: others wait for it.
     *
     * @param  (callable(float): void)|null  $at  told how far it is, 0 to 1
     */
    public function solve(Document $document, Preference $preference, ?callable $at = null): KeptReview
    {
        $of = [$document->wiringHash(), ...$preference->key()];
        $find = fn (): ?KeptReview => Keeper::kept(['solved', ...$of], KeptReview::class);

        return Keeper::once(['solved', ...$of], $find, function () use ($document, $preference, $of, $at): KeptReview {
            $analysis = Analysis::of($document, $preference->wire, $preference->units, $at);
            $kept = new KeptReview($analysis->kept(), Rules::ofWiring($analysis));
            Keeper::put(['states', ...$of], $analysis->scenes());
            Keeper::put(['solved', ...$of], $kept);

            return $kept;
        });
    }

    /** The act of a finding applied and solved, kept by what it was tried on. */
    public function tried(Document $document, Preference $preference, Finding $finding): ?Tried
    {
        $key = $preference->key();
        $of = [
            'tried',
            $document->wiringHash(),
            $document->layoutHash(),
            ...$key,
            $finding->rule,
            ...$finding->places(),
        ];
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
            $this->asideIfHeavy($document, $preference);
            $kept = $this->solve($document, $preference);
        }
        $table = new KeptTable($of, $kept->solved, fn (): array => $solve()->scenes());
        $analysis = Analysis::restored($document, $kept->solved, $table);

        $laid = $document->layoutHash();
        $ofLayouts =
            $laid === '' ? [] : Keeper::value(['laid', $laid, ...$of], fn (): array => Rules::ofLayouts($analysis));
        $ofWork = Keeper::value(['work', $document->hash(), ...$of], fn (): array => Rules::ofWork($analysis));
        // What is late by now is asked once an hour, and with each change.
        $now = WallClock::now();
        $ofMoment = Keeper::value(
            ['moment', $document->hash(), $now->format('Y-m-d H'), Diary::newest(), ...$of],
            fn (): array => Rules::ofMoment(
                new Moment(
                    $analysis,
                    $now->format('Y-m-d\TH:iP'),
                    fn (): Plan => Plans::of($analysis, $now),
                    Lived::bad(),
                ),
            ),
        );
        $found = array_filter(
            [...(array) $ofLayouts, ...(array) $ofWork, ...(array) $ofMoment],
            fn (mixed $f): bool => $f instanceof Finding,
        );

        return new Review($analysis, Rules::told($analysis, [...$kept->findings, ...array_values($found)]));
    }
}
