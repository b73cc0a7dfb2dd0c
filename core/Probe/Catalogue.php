<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

/** Every way a wire at a place may be built, and what it is joined to in each condition. */
final class Catalogue
{
    /** @var list<Hypothesis> */
    public readonly array $hypotheses;

    /** @var list<WireFunction> the function of each hypothesis */
    public readonly array $of;

    /** @var array<string, list<string>> condition => state of each hypothesis */
    private array $states = [];

    /** @param  list<string>  $kinds  of inputs the build has */
    public function __construct(public readonly string $place, private readonly array $kinds)
    {
        $all = $of = [];
        foreach (Tables::functions() as $function) {
            foreach (Tables::isThere($function->id, $place) ? $function->hypotheses : [] as $hypothesis) {
                $all[] = $hypothesis;
                $of[] = $function;
            }
        }
        $this->hypotheses = $all;
        $this->of = $of;
    }

    /** @return list<string> */
    public function states(Condition $condition): array
    {
        return $this->states[$condition->key()] ??= array_map(
            fn (Hypothesis $h): string => $h->state($condition),
            $this->hypotheses,
        );
    }

    /**
     * What is thought before anything was read.
     *
     * @return list<float>
     */
    public function prior(Wire $wire): array
    {
        $hinted = $wire->hinted();
        $prior = [];
        foreach ($this->hypotheses as $h => $hypothesis) {
            $function = $this->of[$h];
            if ($hinted !== '' || $function->byHint) {
                $prior[] = $hinted === $function->id ? $hypothesis->share : 0.0;

                continue;
            }
            $p = $hypothesis->share * Tables::prior($wire->spot, $function->id);
            if ($function->inputs !== [] && array_intersect($function->inputs, $this->kinds) === []) {
                $p *= Tables::unlikely('without_its_input');
            }
            if ($function->id === 'shield' && ! in_array('shielded', $wire->hints, true)) {
                $p *= Tables::unlikely('shield_without_hint');
            }
            if ($wire->areaMm2 !== null) {
                $p *= Tables::thick($function->id, $wire->areaMm2);
            }
            foreach ($wire->claims as [$says, $from]) {
                $p *= $says === $function->id || $says === $function->name ? Tables::claim($from) : 1.0;
            }
            foreach ($wire->hints as $hint) {
                $p *= $function->isElectronics() ? Tables::electronics($hint) : 1.0;
            }
            $prior[] = $p;
        }

        return $prior;
    }

    /**
     * @param  list<float>  $weights
     * @return array<string, float> function => p
     */
    public function perFunction(array $weights): array
    {
        $p = [];
        foreach ($weights as $h => $w) {
            $id = $this->of[$h]->id;
            $p[$id] = ($p[$id] ?? 0.0) + $w;
        }

        return $p;
    }
}
