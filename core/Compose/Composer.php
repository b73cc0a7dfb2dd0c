<?php

declare(strict_types=1);

namespace BenchGlow\Compose;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Build\Light;
use BenchGlow\Build\Names;
use BenchGlow\Build\Part;
use BenchGlow\Build\PartBranch;
use BenchGlow\Build\Want;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\KeepCircuit;
use BenchGlow\Edit\UseWay;
use BenchGlow\Format\BadBuild;
use BenchGlow\Quantity\Words;
use BenchGlow\Scene\TooMuch;
use BenchGlow\Scene\Truth;
use BenchGlow\Ways\Sections;

/** Circuits for a wish: fitted by truth, written into the build, solved in every state; kept where proven. */
final readonly class Composer
{
    private const MOST_INPUTS = 8;

    private Build $build;

    public function __construct(
        private Document $document,
        private string $circuit,
        private string $wireSystem = 'mm2',
        private string $units = 'metric',
    ) {
        $this->build = Build::of($document);
        if (! isset($this->build->circuits[$circuit])) {
            throw BadBuild::at('/circuit', "nothing in circuits has the id `{$circuit}`.");
        }
    }

    /**
     * @param  array<array-key, mixed>|null  $when  null: what the circuit's wants say
     * @param  (callable(int, int): void)|null  $at  told how many were tried and proven; may throw to stop it
     *
     * @throws BadBuild
     */
    public function of(?array $when, int $most = 6, ?callable $at = null): Composed
    {
        $refusal = $this->refusal($when);
        if ($refusal !== null) {
            return new Composed($when ?? [], [], 0, 0, 0, [], $refusal);
        }
        if ($when === null && ! Wish::isPlain($this->build, $this->circuit)) {
            return $this->leveled($most, $at);
        }
        try {
            $wish = Wish::of($this->build, $this->circuit, $when);
        } catch (TooMuch $e) {
            return new Composed($when ?? [], [], 0, 0, 0, [], $e->getMessage());
        }
        $states = count($wish->truth->states);
        if ($wish->isNever()) {
            return new Composed(
                $wish->when,
                $wish->truth->support,
                $states,
                0,
                0,
                [],
                'it would never glow: nothing that can happen makes the wish true.',
            );
        }
        $signals = new Signals($this->build, $wish->truth, $this->amps(), $this->rushes(), $this->twentyFour());
        $nets = (new Nets($wish, $signals, Networks::of($signals->contacts())))->all();
        $proof = new Proof($this->document, $this->circuit, $when, $this->wireSystem, $this->units);
        [$cards, $tried] = self::proven($nets, $proof->of(...), $most, $at);
        $untold = $cards === [] ? $signals->untold() : [];

        return new Composed(
            $wish->when,
            $wish->truth->support,
            $states,
            count($nets),
            $tried,
            $cards,
            $cards === [] ? $this->why($untold, count($nets)) : null,
            $untold,
        );
    }

    /**
     * @template T
     *
     * @param  list<T>  $candidates
     * @param  callable(T): (Card|null)  $judge
     * @param  (callable(int, int): void)|null  $at
     * @return array{list<Card>, int} best first, and how many were tried
     */
    private static function proven(array $candidates, callable $judge, int $most, ?callable $at): array
    {
        $cards = [];
        $tried = 0;
        foreach ($candidates as $candidate) {
            if (count($cards) >= $most) {
                break;
            }
            $tried++;
            $card = $judge($candidate);
            if ($card !== null) {
                $cards[] = $card;
            }
            $at === null ?: $at($tried, count($cards));
        }
        usort(
            $cards,
            fn (Card $a, Card $b): int => [$a->rank, count($a->changes->adds)] <=> [$b->rank, count($b->changes->adds)],
        );

        return [$cards, $tried];
    }

    /**
     * A wish in levels, or lights with wishes of their own: by the ready ways that give such.
     *
     * @param  (callable(int, int): void)|null  $at
     */
    private function leveled(int $most, ?callable $at): Composed
    {
        $leveled = new Leveled($this->build, $this->circuit);
        $whens = array_map(fn (Want $w): array => $w->when->data, $this->build->circuits[$this->circuit]->wants);
        $candidates = $leveled->candidates();
        try {
            $truth = Truth::over($this->build, $whens);
        } catch (TooMuch $e) {
            return new Composed(['any' => $whens], [], 0, 0, 0, [], $e->getMessage());
        }
        $proof = new Proof($this->document, $this->circuit, null, $this->wireSystem, $this->units);
        [$cards, $tried] = self::proven($candidates, $proof->ready(...), $most, $at);

        return new Composed(
            ['any' => $whens],
            $truth->support,
            count($truth->states),
            count($candidates),
            $tried,
            $cards,
            $cards === []
                ? 'its lights have levels or wishes of their own, and no ready way gives them so; ask for one wish at a time.'
                : null,
        );
    }

    /** @param  array<array-key, mixed>|null  $when */
    private function refusal(?array $when): ?string
    {
        if ($this->build->lightsOf($this->circuit) === []) {
            return 'the circuit has no light yet; add one first.';
        }
        if ($when === null && $this->build->circuits[$this->circuit]->wants === []) {
            return 'nothing is wished yet; say when it should glow.';
        }
        $inputs = (new \BenchGlow\Build\When($when ?? []))->inputs();
        if (count($inputs) > self::MOST_INPUTS) {
            return 'it names '.
                count($inputs).
                ' things; '.
                self::MOST_INPUTS.
                ' are gone through. Say it as two circuits.';
        }
        $sections = Sections::of($this->document, $this->circuit);
        $plain = $when !== null || Wish::isPlain($this->build, $this->circuit);
        if ($plain && ! $sections->isClear() && $sections->all !== [] && $this->merges()) {
            return "its switching can't be taken by itself: {$sections->why}. Choose for the whole circuit.";
        }

        return null;
    }

    /** Lamps with several functions or channels are fed by more than one wire. */
    private function merges(): bool
    {
        foreach ($this->build->lightsOf($this->circuit) as $light) {
            if ($light->kind === 'module' && count($light->part->texts('pins')) > 2) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<string>  $untold */
    private function why(array $untold, int $fit): string
    {
        $names = Names::in($this->build->index);
        if ($untold !== []) {
            $said = Words::join(array_map(fn (string $i): string => Words::within($names->name($i)), $untold), 'or');

            return "nothing tells of {$said}: put a switch at it, or name a wire of the host that is live with it.";
        }

        return $fit === 0
            ? 'no circuit of up to four contacts does it; say it as two circuits.'
            : ($fit === 1 ? 'one circuit fits' : "{$fit} circuits fit").
                    ' it by what conducts when, and none passed when solved.';
    }

    /** What the lights draw, fed straight from the supply. */
    private function amps(): float
    {
        try {
            $alone = Editor::apply(
                $this->document,
                new Batch([new UseWay($this->circuit, 'straight'), new KeepCircuit($this->circuit)]),
            );
        } catch (BadBuild) {
            return 0.0;
        }

        return Analysis::of($alone, $this->wireSystem, $this->units)->circuitA($this->circuit, 'max');
    }

    private function rushes(): bool
    {
        $switching = fn (Light $l): bool => $l->kind === 'module' &&
            array_filter(Part::of($l->part)->inside, fn (PartBranch $b): bool => $b->isSwitching()) !== [];

        return array_filter($this->build->lightsOf($this->circuit), $switching) !== [];
    }

    private function twentyFour(): bool
    {
        return ($this->build->mainSupply()->nominalV ?? 12.0) > 18.0;
    }
}
