<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Document;
use BenchGlow\Build\Index;
use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Ways\DoesNotSuit;
use BenchGlow\Ways\Plan;
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
     */
    public function __construct(
        public string $circuit,
        public string $way,
        public array $wires = [],
        public array $ways = [],
        public array $inputs = [],
        public bool $say = false,
    ) {
    }

    /** The same, writing the wants too. */
    public function saying(): self
    {
        return new self($this->circuit, $this->way, $this->wires, $this->ways, $this->inputs, true);
    }

    public function apply(Draft $draft): void
    {
        $setting = Setting::of($draft->document, $this->circuit);
        $plan = new Plan($setting, $this->wires, $this->ways, $this->inputs, $draft->name(...));
        try {
            Ways::plan($this->way, $plan);
        } catch (DoesNotSuit $e) {
            throw BadBuild::at('/way', $e->getMessage());
        }
        WayWriter::write($draft, $this->circuit, $setting, $plan, $this->say);
    }

    public function says(Names $names): string
    {
        return $names->name($this->circuit).': '.lcfirst(Ways::find($this->way)?->name() ?? 'switched otherwise');
    }

    /** The way "hand" with another switch in it: one that a lid moves, a sensor. */
    public static function hand(Document $document, string $circuit, string $input, string $part): Batch
    {
        // The way gives its switch the first free name while the old one still stands.
        $index = Index::of($document);
        $switch = $index->free("{$circuit}_s");

        return new Batch([
            new self($circuit, 'hand', inputs: [$input]),
            new UsePart($switch, Catalogue::part($part) ?? new Fields([])),
        ]);
    }
}
