<?php

declare(strict_types=1);

namespace BenchGlow\Ways;

use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Build\HostWay;
use BenchGlow\Build\HostWire;
use BenchGlow\Build\Light;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** A circuit as a way of switching sees it: its lights and the pins they are fed by, the supply, what the host offers. */
final readonly class Setting
{
    /**
     * @param  string  $plus  the pin it is fed from
     * @param  bool  $fused  what leaves that pin needs a fuse
     * @param  string  $home  ground or minus its leads go home to
     * @param  list<array{light: Light, plus: list<string>, minus: list<string>, functions: list<string>}>  $lights
     */
    private function __construct(
        public Build $build,
        public string $circuit,
        public string $supply,
        public string $plus,
        public bool $fused,
        public string $home,
        public array $lights,
    ) {
    }

    /** @throws BadBuild */
    public static function of(Document $document, string $circuit): self
    {
        $build = Build::of($document);
        if (! isset($build->circuits[$circuit])) {
            throw BadBuild::at('/circuit', "nothing in circuits has the id `{$circuit}`.");
        }
        $supply = $build->mainSupply() ?? throw BadBuild::at('/supplies', 'a circuit needs a supply; add one first.');
        $lights = [];
        $fedBy = $supply->id;
        foreach ($build->lightsOf($circuit) as $light) {
            $used = self::usedPins($build, $light->id);
            foreach ($used as [, $other]) {
                $head = explode('.', $other)[0];
                $fedBy = isset($build->supplies[$head]) && str_ends_with($other, '.plus') ? $head : $fedBy;
            }
            $lights[] = ['light' => $light, ...self::pins($light, array_column($used, 0))];
        }

        $home = self::home($build, $circuit) ?? "{$fedBy}.minus";

        return new self($build, $circuit, $fedBy, "{$fedBy}.plus", true, $home, $lights);
    }

    /**
     * The same seen from within: fed from elsewhere, feeding what stands before the lights.
     *
     * @param  list<string>|null  $feeds  null: the lights themselves
     * @param  list<string>  $homes
     */
    public function within(string $plus, bool $fused, string $home, ?array $feeds, array $homes): self
    {
        return new self(
            $this->build,
            $this->circuit,
            $this->supply,
            $plus,
            $fused,
            $home,
            $feeds === null ? $this->lights : $this->seen($feeds, $homes),
        );
    }

    /**
     * What a section feeds: the lights themselves, or the pins of what stands before them.
     *
     * @param  list<string>  $feeds
     * @param  list<string>  $homes
     * @return list<array{light: Light, plus: list<string>, minus: list<string>, functions: list<string>}>
     */
    private function seen(array $feeds, array $homes): array
    {
        $whole = array_merge([], ...array_column($this->lights, 'plus'));
        sort($whole);
        $same = $feeds;
        sort($same);

        return $whole === $same || $this->lights === []
            ? $this->lights
            : [['light' => $this->lights[0]['light'], 'plus' => $feeds, 'minus' => $homes, 'functions' => $feeds]];
    }

    /**
     * Pins of a light that leads from elsewhere end on.
     *
     * @return list<array{string, string}> its pin, the other end
     */
    private static function usedPins(Build $build, string $light): array
    {
        $pins = [];
        foreach ($build->leads as $lead) {
            foreach ($lead->cores as [$a, $b]) {
                foreach ([[$a, $b], [$b, $a]] as [$own, $other]) {
                    if (
                        $own !== null &&
                        $other !== null &&
                        explode('.', $own)[0] === $light &&
                        explode('.', $other)[0] !== $light
                    ) {
                        $pins[] = [$own, $other];
                    }
                }
            }
        }

        return $pins;
    }

    /**
     * @param  list<string>  $used
     * @return array{plus: list<string>, minus: list<string>, functions: list<string>}
     */
    private static function pins(Light $light, array $used): array
    {
        if ($light->kind === 'strip') {
            $channels = array_map(fn (Fields $c): string => $c->text('id'), $light->part->objects('channels'));
            if (count($channels) > 1) {
                $common = self::at($light, $used, ['common']);
                $colours = self::at($light, $used, $channels);

                return $light->part->text('common', 'plus') === 'plus'
                    ? ['plus' => $common, 'minus' => $colours, 'functions' => $common]
                    : ['plus' => $colours, 'minus' => $common, 'functions' => $colours];
            }

            return [
                'plus' => self::at($light, $used, ['plus']),
                'minus' => self::at($light, $used, ['minus']),
                'functions' => self::at($light, $used, ['plus']),
            ];
        }
        if ($light->kind === 'leds') {
            return [
                'plus' => ["{$light->id}.plus"],
                'minus' => ["{$light->id}.minus"],
                'functions' => ["{$light->id}.plus"],
            ];
        }
        $pins = $light->part->texts('pins');
        $minus = in_array('minus', $pins, true) ? 'minus' : (string) end($pins);
        $functions = array_values(array_map(fn (string $p): string => "{$light->id}.{$p}", array_diff($pins, [$minus])));

        return [
            'plus' => array_slice($functions, 0, 1),
            'minus' => ["{$light->id}.{$minus}"],
            'functions' => $functions,
        ];
    }

    /**
     * Pins of a strip where its rails are fed now, else at its start.
     *
     * @param  list<string>  $used
     * @param  list<string>  $rails
     * @return list<string>
     */
    private static function at(Light $light, array $used, array $rails): array
    {
        $fed = array_filter($used, fn (string $p): bool => in_array(substr((string) strrchr($p, '.'), 1), $rails, true));

        return $fed !== []
            ? array_values(array_unique($fed))
            : array_map(fn (string $r): string => "{$light->id}.start.{$r}", $rails);
    }

    /** @return list<string> emitters' lights, as wants name them */
    public function glow(): array
    {
        return array_map(fn (array $l): string => $l['light']->id, $this->lights);
    }

    /** @return list<HostWire> host wires that may be tapped, in document order */
    public function wires(string $polarity): array
    {
        return array_values(
            array_filter(
                $this->build->wires,
                fn (HostWire $w): bool => $w->positive === ($polarity === 'positive') && $w->mayBeTapped(),
            ),
        );
    }

    /**
     * @param  list<string>  $kinds
     * @return list<HostWay>
     */
    public function ways(array $kinds): array
    {
        return array_values(
            array_filter($this->build->ways, fn (HostWay $w): bool => in_array($w->kind, $kinds, true) && $w->comfort),
        );
    }

    public function twentyFour(): bool
    {
        return $this->build->supplies[$this->supply]->nominalV > 18.0;
    }

    /** The ground of the host its leads end on. */
    private static function home(Build $build, string $circuit): ?string
    {
        $home = null;
        foreach ($build->leads as $lead) {
            foreach ($lead->circuit === $circuit ? array_merge([], ...$lead->cores) : [] as $pin) {
                $home = ($build->index->sections[(string) $pin] ?? '') === 'host.grounds' ? (string) $pin : $home;
            }
        }

        return $home;
    }
}
