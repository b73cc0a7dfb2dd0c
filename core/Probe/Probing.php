<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Format\Fields;
use WeakMap;

/** All that the readings of a build say: what each wire is, what is still missing, what contradicts itself. */
final class Probing
{
    /** A wire less likely than this is none of those that are looked for. */
    public const NONE = 0.02;

    /** @var WeakMap<Document, array<string, self>>|null document => goal => what was made of it */
    private static ?WeakMap $known = null;

    /** @var list<Wire> */
    public readonly array $wires;

    /** @var array<string, Judged> */
    public readonly array $judged;

    /** @var list<Reading> all, in the order they were taken */
    public readonly array $readings;

    /** @var array<string, array<string, float>> wire => function => what the others leave of it */
    public readonly array $others;

    /** @var array<string, Evidence> */
    public readonly array $without;

    /** @var array<string, list<string>> what it is called => functions that answer to it */
    public readonly array $needs;

    /** @var array<string, list<array{Reading, string, Condition}>> wire => readings that count, with what each says */
    public readonly array $heard;

    public readonly Catalogue $all;

    /**
     * @param  string  $goal  needed · all
     * @param  list<Fields>  $more  readings that are not in the document
     */
    private function __construct(
        public readonly Document $document,
        public readonly Build $build,
        public readonly string $goal,
        array $more,
    ) {
        $probe = $document->fields()->object('probe');
        $spots = [];
        foreach ($probe->objects('connectors') as $connector) {
            $spots[$connector->text('id')] = $connector->text('spot', 'other');
        }
        $this->wires = array_map(
            fn (Fields $w): Wire => Wire::of($w, $spots[$w->text('connector')] ?? 'other'),
            $probe->objects('wires'),
        );
        $this->readings = array_map(Reading::of(...), [...$probe->objects('readings'), ...$more]);
        $this->all = new Catalogue(
            $document->fields()->text('place'),
            array_values(array_unique(array_map(Condition::kind(...), $build->inputs))),
        );
        $this->heard = $this->heard();
        $this->needs = Needs::of($build);
        $judged = $others = $without = [];
        foreach ($this->connectors() as $wires) {
            $bundle = Bundle::of($this->all, $wires, $this->heard);
            $judged += $bundle->judged;
            $others += $bundle->others;
            $without += $bundle->without;
        }
        $this->judged = $judged;
        $this->others = $others;
        $this->without = $without;
    }

    /**
     * @param  string  $goal  needed · all; '' as the document says
     * @param  list<Fields>  $more  readings that are not in the document
     */
    public static function of(Document $document, ?Build $build = null, string $goal = '', array $more = []): self
    {
        $asked = $goal ?: $document->fields()->object('probe')->text('goal', 'needed');
        if ($more !== []) {
            return new self($document, $build ?? Build::of($document), $asked, $more);
        }
        /** @var WeakMap<Document, array<string, self>> $known */
        $known = self::$known ??= new WeakMap();
        $of = $known[$document] ?? [];
        $of[$asked] ??= new self($document, $build ?? Build::of($document), $asked, []);
        $known[$document] = $of;

        return $of[$asked];
    }

    /** @return array<string, list<Wire>> those of no connector stand alone */
    private function connectors(): array
    {
        $all = [];
        foreach ($this->wires as $wire) {
            $all[$wire->connector === '' ? " {$wire->id}" : $wire->connector][] = $wire;
        }

        return $all;
    }

    /** @return array<string, list<array{Reading, string, Condition}>> */
    private function heard(): array
    {
        $heard = [];
        $bank = $this->bankV();
        foreach ($this->readings as $reading) {
            if ($reading->wire === null || $reading->setAside) {
                continue;
            }
            $class = $reading->class($bank);
            if ($class !== '') {
                $heard[$reading->wire][] = [$reading, $class, $this->condition($reading->with)];
            }
        }

        return $heard;
    }

    /** @param  array<array-key, mixed>  $with */
    public function condition(array $with): Condition
    {
        return Condition::of($this->build->inputs, $with);
    }

    /** Volts of the bank as last measured, else the nominal ones. */
    public function bankV(): float
    {
        foreach (array_reverse($this->readings) as $reading) {
            if ($reading->supplyV !== null && $reading->supplyV > 0.0) {
                return $reading->supplyV;
            }
            if ($reading->isOfBank() && (float) $reading->value > 0.0) {
                return (float) $reading->value;
            }
        }

        return array_values($this->build->supplies)[0]->nominalV ?? 12.0;
    }

    /** The last reading that was kept. */
    public function last(): ?Reading
    {
        return $this->readings === [] ? null : $this->readings[count($this->readings) - 1];
    }

    /** The last reading of the bank itself. */
    public function bank(): ?Reading
    {
        foreach (array_reverse($this->readings) as $reading) {
            if ($reading->isOfBank()) {
                return $reading;
            }
        }

        return null;
    }

    /** @return array<string, string|null> need => wire that is surely one of its functions */
    public function found(): array
    {
        $found = [];
        foreach ($this->needs as $need => $functions) {
            $found[$need] = null;
            foreach ($this->judged as $id => $judged) {
                if ($this->isNamed($judged, $functions)) {
                    $found[$need] ??= $id;
                }
            }
        }

        return $found;
    }

    /** @param  list<string>  $functions */
    private function isNamed(Judged $judged, array $functions): bool
    {
        return ($judged->isSure() && in_array($judged->function, $functions, true)) ||
            ($judged->wire->named !== null && in_array($judged->wire->named[0], $functions, true));
    }

    /** @return list<string> needs that no wire is sure for, while some wire may still be it */
    public function open(): array
    {
        $open = [];
        foreach ($this->found() as $need => $wire) {
            if ($wire === null && $this->mayBe($this->needs[$need])) {
                $open[] = $need;
            }
        }

        return $open;
    }

    /** @param  list<string>  $functions */
    private function mayBe(array $functions): bool
    {
        foreach ($this->judged as $judged) {
            $p = 0.0;
            foreach (
                array_unique(array_map(fn (string $f): string => Tables::function($f)->name ?? $f, $functions)) as $name
            ) {
                $p += $judged->names[$name] ?? 0.0;
            }
            if ($p >= self::NONE) {
                return true;
            }
        }

        return false;
    }

    /** Nothing is left to ask for. */
    public function isDone(): bool
    {
        return $this->goal === 'needed'
            ? $this->open() === []
            : array_filter($this->judged, fn (Judged $j): bool => ! $j->isSure() && $j->certainty !== Judged::NEVER) ===
                    [];
    }
}
