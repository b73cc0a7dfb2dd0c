<?php

declare(strict_types=1);

namespace BenchGlow\Ways;

use BenchGlow\Build\Build;
use BenchGlow\Build\Device\ControllerDevice;
use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Build\Document;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\Harness;

/**
 * A circuit by what one decides about: fed from, switched by, dimmed by, along. Derived from the wiring, never stored: the
 * chain of what every way from a source to the lights (and from them home) has to pass.
 *
 * @phpstan-import-type Element from Chain
 */
final readonly class Sections
{
    /**
     * @param  list<Section>  $all  in the order current meets them, each kind once; a whole alone
     * @param  string  $why  why the circuit can't be told apart; '' where it can
     * @param  bool  $controlFirst  the control lies nearer to the source than the switching
     * @param  string|null  $source  the one pin it is fed from; null: several, or none
     * @param  array<string, array{list<string>, string|null}>  $feed  kind => pins it feeds, and the pin it is fed from; see `Bounds`
     * @param  array<string, array{list<string>, string|null}>  $back  the same of the way home
     */
    private function __construct(
        public array $all,
        public string $why,
        public bool $controlFirst,
        public ?string $source,
        private array $feed,
        private array $back,
    ) {
    }

    public static function of(Document $document, string $circuit): self
    {
        return self::in(Build::of($document), $circuit, Setting::of($document, $circuit));
    }

    public static function in(Build $build, string $circuit, Setting $setting): self
    {
        $harness = Harness::of($build);
        $bodies = Bodies::of($build);
        $elements = self::elements($build, $harness, $bodies);
        [$plus, $minus] = self::poles($build);
        $feeds = $homes = [];
        foreach ($setting->lights as $light) {
            $feeds += array_fill_keys(array_map($harness->pin(...), [...$light['plus'], ...$light['functions']]), true);
            $homes += array_fill_keys(array_map($harness->pin(...), $light['minus']), true);
        }
        $feed = Chain::of($elements, $plus, array_intersect_key($feeds, self::wired($harness, $setting)), $minus);
        $back = Chain::of($elements, $minus, $homes, $plus);

        return new self(...(new SectionReader($build, $harness))->read($feed, $back));
    }

    /**
     * The setting of one section: fed from what stands before it, feeding what comes next.
     *
     * @param  bool  $keepsSource  fed from the source it has; else the section brings its own
     */
    public function setting(Setting $whole, string $kind, bool $keepsSource = false): Setting
    {
        $source = $keepsSource ? $this->source : null;
        $from = $keepsSource ? $this->fedFrom($kind) : null;
        $home = $keepsSource ? $this->homeTo($kind) : null;

        return $whole->within(
            $from ?? ($source ?? $whole->plus),
            $from === null && ! str_ends_with((string) $source, '.out'),
            $home ?? $whole->home,
            $kind === Section::RUNS ? null : $this->behind($kind),
            $this->homeOf($kind),
        );
    }

    public function isClear(): bool
    {
        return $this->why === '';
    }

    public function section(string $kind): ?Section
    {
        foreach ($this->all as $section) {
            if ($section->kind === $kind) {
                return $section;
            }
        }

        return null;
    }

    /** @return list<string> pins that are fed by what stands in a section, or would */
    public function behind(string $kind): array
    {
        return $this->feed[$kind][0] ?? [];
    }

    /** The pin a section is fed from, where that is no source itself. */
    public function fedFrom(string $kind): ?string
    {
        return $this->feed[$kind][1] ?? null;
    }

    /** @return list<string> pins whose way home lies through a section, or would */
    public function homeOf(string $kind): array
    {
        return $this->back[$kind][0] ?? [];
    }

    /** The pin a section's way home ends on, where that is not home itself. */
    public function homeTo(string $kind): ?string
    {
        return $this->back[$kind][1] ?? null;
    }

    /** @return array<string, true> compiled pins of the lights that a wire ends on */
    private static function wired(Harness $harness, Setting $setting): array
    {
        $pins = [];
        foreach ($setting->lights as $light) {
            $pins += array_fill_keys($harness->wiredPins($light['light']->id), true);
        }

        return $pins;
    }

    /** @return array{array<string, true>, array<string, true>} pins that are a source, pins that are home */
    private static function poles(Build $build): array
    {
        $plus = $minus = [];
        foreach (array_keys($build->supplies) as $id) {
            $plus["{$id}.plus"] = $minus["{$id}.minus"] = true;
        }
        foreach ($build->ways as $id => $way) {
            $plus += ["{$id}.line" => true, "{$id}.load" => true];
        }
        foreach ($build->wires as $id => $wire) {
            $wire->positive ? ($plus[$id] = true) : ($minus[$id] = true);
        }

        return [$plus, $minus + array_fill_keys(array_keys($build->grounds), true)];
    }

    /** @return list<Element> wires, what is in them, contacts and what controllers let through */
    private static function elements(Build $build, Harness $harness, Bodies $bodies): array
    {
        $elements = [];
        foreach ($harness->wires as $wire) {
            $elements[] = [
                'a' => $wire->from,
                'b' => $wire->to,
                'kind' => 'wire',
                'thing' => '',
                'lead' => $wire->lead,
            ];
        }
        foreach ($harness->things as $thing) {
            if ($thing->lead !== '' && count($thing->pins) === 2) {
                [$a, $b] = $thing->pins;
                $elements[] = [
                    'a' => $a,
                    'b' => $b,
                    'kind' => $thing->kind,
                    'thing' => $thing->id,
                    'lead' => $thing->lead,
                ];
            }
        }
        foreach ($bodies->contacts as $contact) {
            $device = $build->devices[$contact->thing] ?? null;
            if ($device !== null) {
                // What a radio hears switches; else a controller controls.
                $hears = str_contains((string) json_encode($contact->closedWhen), '"hear"');
                $kind = $device instanceof ControllerDevice && ! $hears ? 'control' : 'contact';
                $elements[] = [
                    'a' => $contact->from,
                    'b' => $contact->to,
                    'kind' => $kind,
                    'thing' => $contact->thing,
                    'lead' => '',
                ];
            }
        }
        foreach ($bodies->joins as [$a, $b]) {
            $thing = explode('.', $a)[0];
            if (isset($build->devices[$thing])) {
                $elements[] = ['a' => $a, 'b' => $b, 'kind' => 'control', 'thing' => $thing, 'lead' => ''];
            }
        }
        foreach ($build->devices as $id => $device) {
            if ($device instanceof FuseTapDevice) {
                $elements[] = [
                    'a' => "{$device->way()}.load",
                    'b' => "{$id}.out",
                    'kind' => 'fuse',
                    'thing' => $id,
                    'lead' => '',
                ];
            }
        }

        return $elements;
    }
}
