<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use App\Frame\Frame;
use BenchGlow\Build\Device\SwitchDevice;
use BenchGlow\Build\Light;
use BenchGlow\Build\WhenText;
use BenchGlow\Quantity\Words;
use BenchGlow\Ways\Section;
use BenchGlow\Ways\Sections;

/** The circuit as a sentence whose clauses are its sections: fed from, switched by, dimmed by, along, to. */
final class Clauses
{
    private ?Sections $sections = null;

    public function __construct(private readonly Frame $frame)
    {
    }

    public function sections(): ?Sections
    {
        $circuit = $this->frame->circuit;
        if ($circuit === null || $this->frame->lights() === []) {
            return null;
        }

        return $this->sections ??= Sections::of($this->frame->document, $circuit->id);
    }

    /** @return list<array{kind: string, before: string, words: string, missing: bool}> a clause per section */
    public function all(): array
    {
        $sections = $this->sections();
        if ($sections === null || ! $sections->isClear()) {
            return [];
        }
        $switching = $this->devices($sections, Section::SWITCHING);
        $control = $this->devices($sections, Section::CONTROL);

        return [
            [
                'kind' => Section::SOURCE,
                'before' => 'Fed from',
                'words' => $this->source($sections),
                'missing' => false,
            ],
            [
                'kind' => Section::SWITCHING,
                'before' => 'switched by',
                'words' => $switching !== '' ? $switching : ($this->wantsSwitch() ? 'nothing yet' : 'nothing'),
                'missing' => $switching === '' && $this->wantsSwitch(),
            ],
            [
                'kind' => Section::CONTROL,
                'before' => 'dimmed by',
                'words' => $control === '' ? 'nothing' : $control,
                'missing' => false,
            ],
            ['kind' => Section::RUNS, 'before' => 'along', 'words' => $this->runs(), 'missing' => false],
        ];
    }

    /** @return array<string, string> device or thing in line => the section it stands in */
    public function marks(): array
    {
        $sections = $this->sections();
        $marks = [];
        foreach ($sections?->isClear() === true ? $sections->all : [] as $section) {
            foreach ([...$section->devices, ...$section->things] as $id) {
                $marks[$id] = $section->kind;
            }
        }

        // What throws its relay stands with it.
        foreach ($marks === [] ? [] : $this->frame->analysis->build->devices as $id => $device) {
            if ($device->circuit() === $this->frame->circuit?->id && $device instanceof SwitchDevice) {
                $marks[$id] ??= Section::SWITCHING;
            }
        }

        return $marks;
    }

    /** Why its sections can't be told apart; '' where they can. */
    public function why(): string
    {
        return $this->sections()->why ?? '';
    }

    public function lights(): string
    {
        return Words::join(array_map(fn (Light $l): string => Words::within($l->label), $this->frame->lights()), 'and');
    }

    /** What is wished and whether it holds: "it glows when the step rocker is on. Now it glows as it should in 3 states." */
    public function wish(): string
    {
        $circuit = $this->frame->circuit;
        $said = [];
        foreach ($circuit->wants ?? [] as $want) {
            $said[] = WhenText::say($want->when->data, $this->frame->document);
        }
        $said = array_values(array_unique($said));
        $more = count($said) > 2 ? ' …' : '';

        return $said === [] ? 'nothing yet' : implode('; ', array_slice($said, 0, 2)).$more;
    }

    public function holds(): string
    {
        $circuit = $this->frame->circuit;
        $states = $this->frame->analysis->stateCount();

        return match ($circuit === null ? '' : $this->frame->analysis->intents[$circuit->id]->verdict) {
            'met' => "It glows as it should in {$states} states.",
            'not_met' => 'It does not glow as it should.',
            default => 'That can\'t be judged.',
        };
    }

    public function met(): bool
    {
        $circuit = $this->frame->circuit;

        return $circuit !== null && $this->frame->analysis->intents[$circuit->id]->verdict === 'met';
    }

    /** Its wish goes by something, and it does not hold. */
    private function wantsSwitch(): bool
    {
        $inputs = [];
        foreach ($this->frame->circuit->wants ?? [] as $want) {
            $inputs = [...$inputs, ...$want->when->inputs()];
        }

        return $inputs !== [] && ! $this->met();
    }

    private function source(Sections $sections): string
    {
        $pin = $sections->source;
        $build = $this->frame->analysis->build;
        $id = explode('.', (string) $pin)[0];
        $name = match (true) {
            $pin === null => 'several sources',
            isset($build->supplies[$id]) => 'the '.Words::within($build->supplies[$id]->label),
            default => Words::within($this->frame->names()->name($id)),
        };
        $fuses = array_filter(
            $sections->section(Section::SOURCE)->things ?? [],
            fn (string $t): bool => $build->index->item($t)->isA('fuse'),
        );

        return $name.($fuses === [] ? '' : ' by '.implode(', ', $fuses));
    }

    private function devices(Sections $sections, string $kind): string
    {
        $section = $sections->section($kind);
        $build = $this->frame->analysis->build;
        $said = [];
        foreach ($section->devices ?? [] as $id) {
            if ($build->devices[$id]->kind() !== 'joint') {
                $said[] = Words::within($this->frame->names()->name($id));
            }
        }
        foreach ($section->things ?? [] as $thing) {
            if ($build->index->item($thing)->isA('resistor')) {
                $said[] = "resistor {$thing}";
            }
        }
        if ($said === [] && $section !== null && $kind === Section::SWITCHING) {
            return 'either of two, kept apart by diodes';
        }

        return Words::join($said, 'and');
    }

    private function runs(): string
    {
        $build = $this->frame->analysis->build;
        $lights = array_fill_keys(array_map(fn (Light $l): string => $l->id, $this->frame->lights()), true);
        $runs = [];
        foreach ($build->leads as $lead) {
            foreach ($lead->cores as $core) {
                foreach ($core as $pin) {
                    $id = explode('.', (string) $pin)[0];
                    $runs += isset($lights[$id]) ? [$id => true] : [];
                }
            }
        }

        return count($runs) === 1 ? 'one run' : count($runs).' runs';
    }
}
