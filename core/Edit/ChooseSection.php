<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Ways\Choices;
use BenchGlow\Ways\DoesNotSuit;
use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Section;
use BenchGlow\Ways\Sections;
use BenchGlow\Ways\Setting;

/** Another choice for one section of a circuit; every other section, and what each wire has, stays. */
final readonly class ChooseSection implements Edit
{
    /**
     * @param  string  $section  source · switching · control · runs
     * @param  string  $choice  see `Choices`
     * @param  Fields|null  $bind  wires, ways, inputs: ids in the order the choice asks for them
     */
    public function __construct(
        public string $circuit,
        public string $section,
        public string $choice,
        public ?Fields $bind = null,
    ) {
    }

    public function says(Names $names): string
    {
        $verb = ['source' => 'fed from', 'switching' => 'switched by', 'control' => 'controlled by', 'runs' => 'along'];

        return $names->said(
            $this->circuit,
            ($verb[$this->section] ?? '').' '.Choices::words($this->section, $this->choice),
        );
    }

    public function apply(Draft $draft): void
    {
        $choices = Choices::of($this->section);
        if ($choices === []) {
            throw BadBuild::at('/section', 'expected source, switching, control or runs.');
        }
        $way =
            Choices::find($this->section, $this->choice) ??
            throw BadBuild::at(
                '/choice',
                "there is no `{$this->choice}` for it; it can be ".
                    implode(', ', array_keys($choices)).
                    '.'.
                    BadBuild::nearMiss($this->choice, array_keys($choices)),
            );
        $whole = Setting::of($draft->document, $this->circuit);
        $sections = Sections::in($whole->build, $this->circuit, $whole);
        if (! $sections->isClear()) {
            throw BadBuild::at(
                '/section',
                "its sections can't be told apart: {$sections->why}. Choose for the whole circuit.",
            );
        }
        if (
            $this->section === Section::RUNS &&
            in_array('', [$sections->fedFrom('runs'), $sections->homeTo('runs')], true)
        ) {
            throw BadBuild::at(
                '/section',
                'its runs have a wire for each colour or function; join or take them off one by one.',
            );
        }
        $setting = $sections->setting($whole, $this->section, $this->section !== Section::SOURCE);
        $bound = $this->bind ?? new Fields([]);
        $plan = new Plan(
            $setting,
            $bound->texts('wires'),
            $bound->texts('ways'),
            $bound->texts('inputs'),
            $draft->name(...),
        );
        try {
            $plan->needLights(1, 'a circuit without a light has nothing to feed.');
            $way->lay($plan);
        } catch (DoesNotSuit $e) {
            throw BadBuild::at('/choice', $e->getMessage());
        }
        $joined = $sections->section(Section::SOURCE) === null && $sections->source === null;
        $kinds =
            $this->section === Section::SWITCHING && $joined ? [Section::SOURCE, Section::SWITCHING] : [$this->section];
        WayWriter::write($draft, $setting, $plan, $sections, $kinds, false, false);
    }
}
