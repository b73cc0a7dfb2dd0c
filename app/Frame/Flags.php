<?php

declare(strict_types=1);

namespace App\Frame;

use App\Store\Keeper;
use App\Support\WallClock;
use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Circuit;
use BenchGlow\Build\Supply;
use BenchGlow\Format\BadBuild;
use BenchGlow\Quantity\Clock;
use BenchGlow\Quantity\Shown;
use BenchGlow\Story\Player;
use BenchGlow\Story\Story;

/** The source bar: what every circuit does, and how long the battery lasts. */
final readonly class Flags
{
    /** @param  string  $state  min · nominal · max */
    public function __construct(private Analysis $analysis, private string $state)
    {
    }

    public function amps(string $circuit): float
    {
        return $this->analysis->circuitA($circuit, $this->state);
    }

    public function lit(string $circuit): bool
    {
        $weakest = $this->analysis->weakest($circuit, $this->state);

        return $weakest !== null && $weakest['emitter']->greatest() > $this->analysis->build->settings->litFrom;
    }

    /** What a flag says under its name. */
    public function words(string $circuit): string
    {
        return match (true) {
            $this->lit($circuit) => Shown::amps($this->amps($circuit)),
            $this->analysis->build->lightsOf($circuit) === [] => $this->analysis->build->circuits[$circuit]->wants ===
            []
                ? 'draft'
                : 'lamps elsewhere',
            default => 'dark',
        };
    }

    public function litCount(): int
    {
        return count(array_filter($this->analysis->build->circuits, fn (Circuit $c): bool => $this->lit($c->id)));
    }

    public function totalA(): float
    {
        return $this->analysis->states[$this->state]->totalA();
    }

    /**
     * How long a battery lasts: through the story of the brief where one is told ("flat 9 h 33 into An evening aboard"), else with
     * everything left on from full ("Left on tonight: flat by Thursday 04:10"). Null where nothing can be said.
     *
     * @param  string|null  $story  id; null for the first
     */
    public function flatBy(Supply $supply, ?string $story): ?string
    {
        $told = $supply->id === $this->analysis->build->mainSupply()?->id ? $this->told($story) : null;
        if ($told !== null) {
            return $told;
        }
        $amps = $this->analysis->states['nominal']->supplyAmps[$supply->id] ?? 0.0;
        if ($supply->capacityAh === null || $amps < 1e-4) {
            return null;
        }
        $hours = $supply->hours($amps);

        return 'Left on tonight: '.
            ($hours > 24 * 60
                ? 'good for '.Shown::plain($hours / 24, 0).' days'
                : 'flat by '.WallClock::now()->addMinutes((int) round(60 * $hours))->format('l H:i'));
    }

    /** How the battery comes through a story as the build is switched now; null where no story or no capacity is told. */
    private function told(?string $id): ?string
    {
        $build = $this->analysis->build;
        $circuit = array_key_first($build->circuits);
        if ($circuit === null || $build->mainSupply()?->capacityAh === null) {
            return null;
        }
        try {
            $story = Story::called($build, $id ?? '');
        } catch (BadBuild) {
            return null;
        }

        return $story === null
            ? null
            : Keeper::text(
                ['flat', $build->document->wiringHash(), $story->id],
                fn (): string => $this->played($story, $circuit),
            );
    }

    private function played(Story $story, string $circuit): string
    {
        $day = (new Player($this->analysis, $circuit))->play($story);
        $label = "\"{$story->label}\"";

        return $day->flatS !== null
            ? 'Flat by '.Clock::show(round($day->flatS / 60) * 60)." of {$label}"
            : "Lasts through {$label}, ".Shown::percent($day->left()).' left';
    }

    /** "lifepo4, 20 Ah": what a supply is, under its name. */
    public static function about(Supply $supply): string
    {
        $kind = str_replace('_', ' ', (string) preg_replace('/_\d+v$/', '', $supply->kind));

        return match (true) {
            (bool) $supply->capacityAh => "{$kind}, ".Shown::plain($supply->capacityAh).' Ah',
            (bool) $supply->ratedW => "{$kind}, ".Shown::plain($supply->ratedW).' W',
            default => $kind,
        };
    }
}
