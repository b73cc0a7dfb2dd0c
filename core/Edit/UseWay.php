<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Ways\DoesNotSuit;
use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Section;
use BenchGlow\Ways\Sections;
use BenchGlow\Ways\Setting;
use BenchGlow\Ways\Ways;

/** Another way of switching for a circuit; its lights stay. */
final readonly class UseWay implements Edit
{
    /**
     * @param  string  $way  key of `Ways::ALL`
     * @param  list<string>  $wires  host wires to take, in the order of the way's roles; [] for those that suit
     * @param  list<string>  $ways  ways of the host
     * @param  list<string>  $inputs
     * @param  bool  $say  write the wants too, where something has been said already
     * @param  string  $switch  part of its hand switch: a lid's, a sensor; '' for the way's own
     */
    public function __construct(
        public string $circuit,
        public string $way,
        public array $wires = [],
        public array $ways = [],
        public array $inputs = [],
        public bool $say = false,
        public string $switch = '',
    ) {
    }

    /** The same, writing the wants too. */
    public function saying(): self
    {
        return new self($this->circuit, $this->way, $this->wires, $this->ways, $this->inputs, true, $this->switch);
    }

    public function apply(Draft $draft): void
    {
        $whole = Setting::of($draft->document, $this->circuit);
        $sections = Sections::in($whole->build, $this->circuit, $whole);
        $kind = $sections->isClear() ? Ways::find($this->way)?->section() ?? Section::WHOLE : Section::WHOLE;
        $setting = $kind === Section::WHOLE ? $whole : $sections->setting($whole, $kind);
        $plan = new Plan($setting, $this->wires, $this->ways, $this->inputs, $draft->name(...), $this->switch);
        try {
            Ways::plan($this->way, $plan);
        } catch (DoesNotSuit $e) {
            throw BadBuild::at('/way', $e->getMessage());
        }
        $kinds = $kind === Section::WHOLE ? [] : [Section::SOURCE, Section::SWITCHING];
        WayWriter::write($draft, $setting, $plan, $sections, $kinds, $this->say);
    }

    public function says(Names $names): string
    {
        return $names->name($this->circuit).': '.lcfirst(Ways::find($this->way)?->name() ?? 'switched otherwise');
    }
}
