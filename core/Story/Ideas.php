<?php

declare(strict_types=1);

namespace BenchGlow\Story;

use BenchGlow\Build\BadBuild;
use BenchGlow\Build\Document;
use BenchGlow\Build\Editor;
use BenchGlow\Build\Fields;
use BenchGlow\Check\Facts;
use BenchGlow\Drawing\CardDrawing;
use BenchGlow\Quantity\Words;
use BenchGlow\Report\Analysis;
use BenchGlow\Report\PartsList;
use BenchGlow\Ways\Recognise;
use BenchGlow\Ways\Ways;

/**
 * The sensible ways of switching for one circuit on its host, each played through a story and ranked: wanted light that stays dark
 * counts most, then a flat battery, light nobody wants, what it costs.
 */
final readonly class Ideas
{
    /** More are not laid side by side. */
    public const MOST = 12;

    private const DARK = 100.0;

    private const FLAT = 40.0;

    private const WASTED = 30.0;

    private const PRICE = 0.05;

    private const HOLE = 0.5;

    private const RULED_OUT = 200.0;

    /** @param  bool  $draw  with a drawing each */
    public function __construct(private Document $document, private string $circuit, private bool $draw = false)
    {
    }

    /**
     * @return list<Idea> best first
     *
     * @throws BadBuild
     */
    public function of(Story $story): array
    {
        $ideas = [];
        foreach ($this->candidates() as [$name, $way, $edit]) {
            try {
                $ideas[] = $this->tried($name, $way, $edit, $story);
            } catch (BadBuild) {
                continue;
            }
        }
        usort($ideas, fn (Idea $a, Idea $b): int => [$a->cost, $a->name] <=> [$b->cost, $b->name]);

        return $ideas;
    }

    /** @return list<array{string, string, array<string, mixed>|null}> name, way, edit: the present one first */
    private function candidates(): array
    {
        $now = Recognise::of($this->document, $this->circuit);
        $all = [['as it is now'.($now === null ? '' : ': '.lcfirst(Ways::ALL[$now['way']][0])), $now['way'] ?? '', null]];
        $positive = $ground = [];
        foreach ($this->document->fields()->object('host')->objects('wires') as $wire) {
            if ($wire->text('tap', 'allowed') !== 'never') {
                $wire->text('polarity') === 'positive' ? $positive[] = $wire : $ground[] = $wire;
            }
        }
        $said = fn (Fields $f): string => Words::within($f->text('label', $f->text('id')));
        foreach ($positive as $wire) {
            $all[] = ['straight off '.$said($wire), 'host_wire', $this->use('host_wire', ['wires' => [$wire->text('id')]])];
            $all[] = ['a relay that follows '.$said($wire), 'relay_positive', $this->use('relay_positive', ['wires' => [$wire->text('id')]])];
        }
        foreach ($ground as $wire) {
            $all[] = ['a relay that follows '.$said($wire), 'relay_ground', $this->use('relay_ground', ['wires' => [$wire->text('id')]])];
        }
        $inputs = $this->document->fields()->objects('inputs');
        $lids = array_values(array_filter($inputs, fn (Fields $i): bool => in_array($i->text('kind'), ['lid', 'door'], true)));
        $hands = array_values(array_filter($inputs, fn (Fields $i): bool => $i->text('kind') === 'hand'));
        foreach ($hands as $input) {
            $all[] = ['a hand switch: '.$said($input), 'hand', $this->use('hand', ['inputs' => [$input->text('id')]])];
        }
        foreach ($lids as $input) {
            $all[] = ['a switch at '.$said($input), 'hand', Ways::handWith($this->document, $this->circuit, $input->text('id'), 'lid_switch')];
        }
        foreach (array_filter($inputs, fn (Fields $i): bool => in_array($i->text('kind'), ['dusk', 'motion'], true)) as $input) {
            $all[] = ['a sensor: '.$said($input), 'hand', Ways::handWith($this->document, $this->circuit, $input->text('id'), 'sensor_'.$input->text('kind'))];
        }
        if ($lids !== [] && $hands !== []) {
            $all[] = [$said($lids[0]).' and '.$said($hands[0]).' together', 'lid_master', $this->use('lid_master', ['inputs' => [$lids[0]->text('id'), $hands[0]->text('id')]])];
        }
        foreach (count($positive) > 1 ? array_slice($positive, 1, 2) : [] as $wire) {
            $all[] = ['either of '.$said($positive[0]).' and '.$said($wire), 'either', $this->use('either', ['wires' => [$positive[0]->text('id'), $wire->text('id')]])];
        }
        foreach (array_filter($positive, fn (Fields $w): bool => in_array($w->text('kind'), ['key', 'running'], true)) as $wire) {
            $all[] = ['on unless '.$said($wire), 'on_unless', $this->use('on_unless', ['wires' => [$wire->text('id')]])];
        }
        $all[] = ['straight from the supply, always on', 'straight', $this->use('straight', [])];

        // What it would come to is on the bench already.
        $same = function (?array $edit) use ($now): bool {
            $f = new Fields($edit ?? []);

            return $now !== null && $f->text('way') === $now['way'] && $f->texts('wires') === $now['wires'] && $f->texts('inputs') === $now['inputs'];
        };

        return array_slice(array_values(array_filter($all, fn (array $idea): bool => ! $same($idea[2]))), 0, self::MOST);
    }

    /**
     * @param  array<string, list<string>>  $with  wires, ways, inputs
     * @return array<string, mixed>
     */
    private function use(string $way, array $with): array
    {
        return ['op' => 'use_way', 'circuit' => $this->circuit, 'way' => $way, ...$with];
    }

    /**
     * @param  array<string, mixed>|null  $edit
     *
     * @throws BadBuild
     */
    private function tried(string $name, string $way, ?array $edit, Story $story): Idea
    {
        $alone = Editor::apply($this->document, ['op' => 'batch', 'edits' => [...($edit === null ? [] : [$edit]), ['op' => 'keep_circuit', 'circuit' => $this->circuit]]]);
        $analysis = Analysis::of($alone);
        $day = (new Player($analysis, $this->circuit))->play($story);
        $price = array_sum(array_map(fn (array $row): float => (float) $row['price'], PartsList::of($analysis)));
        $holes = Ways::ALL[$way][3] ?? 0;
        $parts = count($analysis->build->devices) + count($analysis->fuses);
        $breaks = $this->breaks($holes, $price);
        $wanted = $story->wantedS($this->circuit);
        $cost = self::DARK * ($wanted > 0.0 ? $day->darkS / $wanted : 0.0) + self::WASTED * $day->wastedS / $story->lasts
            + ($day->flatS === null ? 0.0 : self::FLAT * (1.0 - $day->flatS / $story->lasts) + 1.0) + self::PRICE * $price + self::HOLE * $holes + self::RULED_OUT * count($breaks);

        return new Idea($name, $way, $edit, $day, $parts, $price, $holes, self::failure($name, $way).($edit !== null && $this->colours() ? ' All colours glow together; none can be chosen.' : ''), $cost, self::why($day, $wanted, $breaks), $breaks, $this->draw ? CardDrawing::of($analysis, $this->circuit) : null);
    }

    /** Whether the circuit's colours are chosen by a controller now. */
    private function colours(): bool
    {
        return in_array(Recognise::of($this->document, $this->circuit)['way'] ?? '', ['colour', 'colour_amplifier'], true);
    }

    /** What goes wrong with it, where the switch is no hand's but a lid's or a sensor's said so. */
    private static function failure(string $name, string $way): string
    {
        return match (true) {
            str_starts_with($name, 'a sensor') => 'The sensor sees nothing: dark. Its contact welds: it stays lit.',
            str_starts_with($name, 'a switch at') => 'Left open it stays lit. The switch out of line: dark, or never off.',
            default => Ways::ALL[$way][2] ?? '',
        };
    }

    /** @return list<string> */
    private function breaks(int $holes, float $price): array
    {
        $breaks = [];
        foreach ($this->document->fields()->object('brief')->objects('facts') as $fact) {
            if ($fact->text('kind') === 'no_drill' && $holes > 0 && Facts::concerns($fact, $this->document, $this->circuit)) {
                $breaks[] = 'no drilling'.($fact->text('where') === '' ? '' : ' '.$fact->text('where'));
            }
            if ($price > (Facts::budget($fact) ?? INF)) {
                $breaks[] = 'the budget of '.$fact->text('value');
            }
        }

        return $breaks;
    }

    /** @param  list<string>  $breaks */
    private static function why(Day $day, float $wanted, array $breaks): string
    {
        if ($day->unsolved !== null) {
            return "It can't be judged: {$day->unsolved}.";
        }
        $said = [];
        $said[] = $wanted <= 0.0 ? 'No light is wanted in this story' : ($day->darkS < 1.0 ? 'It glows whenever it is wanted' : 'It stays dark for '.self::time($day->darkS).' of the '.self::time($wanted).' it is wanted');
        $dark = $wanted <= 0.0 || $day->darkS >= 1.0;
        $said[] = $day->wastedS < 1.0 ? 'and never for nobody' : ($dark ? 'and glows ' : 'and ').self::time($day->wastedS).' for nobody';
        $sentence = implode($dark ? ' ' : ', ', $said).'.';
        if ($day->flatS !== null) {
            $sentence .= ' The battery is at its limit after '.self::time($day->flatS).'.';
        }

        return $sentence.($breaks === [] ? '' : ' It goes against '.implode(' and ', $breaks).'.');
    }

    /** "1 h 20", "45 min", "30 s". */
    public static function time(float $seconds): string
    {
        $s = (int) round($seconds);
        if ($s < 60) {
            return "{$s} s";
        }
        $m = (int) round($seconds / 60);
        if ($m < 60) {
            return "{$m} min";
        }
        $h = intdiv($m, 60);
        if ($h >= 48) {
            return intdiv($h, 24).' days'.($h % 24 > 0 ? ' '.($h % 24).' h' : '');
        }

        return "{$h} h".($m % 60 > 0 ? sprintf(' %02d', $m % 60) : '');
    }
}
