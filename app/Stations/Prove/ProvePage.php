<?php

declare(strict_types=1);

namespace App\Stations\Prove;

use App\Frame\Frame;
use App\Store\Proofs;
use BenchGlow\Drawing\LightRow;
use BenchGlow\Drawing\Shape;
use BenchGlow\Probe\Probing;
use BenchGlow\Prove\Chain;
use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateWords;
use BenchGlow\Prove\Link;
use BenchGlow\Prove\Marks;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Scene\EmitterState;

/** What the plate of Prove shows: the chain of the circuit, the gate in hand, the hunt. */
final class ProvePage
{
    /** The keypad: what a key shows => what it types. */
    public const KEYS = [
        '7' => '7',
        '8' => '8',
        '9' => '9',
        '4' => '4',
        '5' => '5',
        '6' => '6',
        '1' => '1',
        '2' => '2',
        '3' => '3',
        '0' => '0',
        '.' => '.',
        '−' => '-',
    ];

    /** Gates that are looked at: the light is drawn as it should be. */
    private const DRAWN = ['state', 'closed', 'part', 'night'];

    /** Below this share of the label's brightness nothing is seen. */
    private const DARK = 0.01;

    private const LAMPS = 10;

    public readonly ?Proofs $proof;

    public readonly bool $ready;

    public readonly Chain $chain;

    public readonly ?Link $now;

    private ?HuntView $hunt = null;

    /** @param  bool  $stopped  no more is simulated for now */
    public function __construct(public readonly Frame $frame, public readonly bool $stopped = false)
    {
        $this->proof = Proofs::at($frame);
        $this->ready =
            $this->proof !== null && ($stopped ? $this->proof->table->missing() === null : $this->proof->goOn());
        $this->chain = new Chain($this->ready ? $this->proof?->gates() ?? [] : [], $frame->document);
        $this->now = $this->inHand();
    }

    private function inHand(): ?Link
    {
        $links = $this->chain->links;
        if ($this->frame->own('hand') !== '') {
            // Thrown by hand: the situation that stands so.
            $rest = $this->frame->analysis->build->restPositions();
            foreach ($links as $link) {
                $with = array_diff_assoc($link->gate->with, $rest);
                if ($link->gate->kind === 'state' && $with == array_diff_assoc($this->frame->thrown(), $rest)) {
                    return $link;
                }
            }
        }

        return $this->chain->link($this->frame->own('gate')) ??
            ($this->chain->first() ?? ($links[count($links) - 1] ?? null));
    }

    /** @return list<ChainRow> */
    public function rows(): array
    {
        $rows = [];
        $power = '';
        $state = 'live';
        foreach ($this->chain->rows() as $links) {
            $gate = $links[0]->gate;
            $row = new ChainRow($this, $links, $gate->power === $power ? '' : $gate->power, $state);
            $power = $gate->power;
            $state = $row->after();
            $rows[] = $row;
        }

        return $rows;
    }

    public function url(string $gate): string
    {
        return $this->frame->url(['gate' => $gate, 'hand' => null, 'skipping' => null]);
    }

    /** The gate before or after the one in hand; null at the end. */
    public function beside(int $by): ?string
    {
        $at = $this->now === null ? false : array_search($this->now, $this->chain->links, true);
        $other = $at === false ? null : $this->chain->links[$at + $by] ?? null;

        return $other === null ? null : $this->url($other->gate->key);
    }

    public function words(Link $link): string
    {
        return GateWords::of($this->frame->analysis->build, $link->gate->key);
    }

    /** What a picture taken at a gate is kept under, as long as the log has room for. */
    public function pictured(Link $link): string
    {
        return mb_substr("gate {$link->gate->key}", 0, 80);
    }

    /** How far the proof reaches, in words: "Proven to first power: 12 of 31 gates, 1 to repeat." */
    public function reach(): string
    {
        $last = null;
        foreach ($this->rows() as $row) {
            if (! $row->isDone()) {
                break;
            }
            $last = $row;
        }

        return $last === null ? 'Nothing proven yet' : 'Proven to “'.lcfirst($last->title()).'”';
    }

    public function tally(): string
    {
        $counts = $this->chain->counts();
        $done = $counts[Link::RIGHT] + $counts[Link::SKIPPED];
        $said = ["{$done} of ".Words::count(count($this->chain->links), 'gate')];
        $counts[Link::STALE] > 0 ? ($said[] = "{$counts[Link::STALE]} to repeat") : null;
        $counts[Link::FAILS] > 0 ? ($said[] = "{$counts[Link::FAILS]} not as it should be") : null;

        return implode(', ', $said);
    }

    /** "12 of 31 proven", for the line of a phone. */
    public function short(): string
    {
        $counts = $this->chain->counts();

        return $counts[Link::RIGHT] + $counts[Link::SKIPPED].' of '.count($this->chain->links).' proven';
    }

    public function hunt(): ?HuntView
    {
        $hunt = $this->frame->circuit === null ? null : $this->chain->outcomes->open($this->frame->circuit->id);

        return $hunt === null || ! $this->ready || $this->proof === null
            ? null
            : ($this->hunt ??= new HuntView($this->frame, $this->proof, $hunt));
    }

    /** @return list<Correction> what readings that agree with each other say of the model */
    public function corrections(): array
    {
        return $this->hunt() !== null || $this->proof === null || ! $this->ready
            ? []
            : Correction::of($this->frame, $this->chain, $this->proof);
    }

    /** "fails", "9 to go", "proven"; of another circuit only what needs no simulation. */
    public function flagWords(string $circuit): string
    {
        $own = $circuit === $this->frame->circuit?->id;
        $gates = $own
            ? ($this->ready
                ? $this->proof?->gates()
                : null)
            : Proofs::known($this->frame->document, $circuit);
        if ($gates === null) {
            return 'not begun';
        }
        $chain = $own ? $this->chain : new Chain($gates, $this->frame->document);
        $counts = $chain->counts();
        $left = $counts[Link::OPEN] + $counts[Link::STALE];

        return match (true) {
            $gates === [] => 'nothing to prove',
            $counts[Link::FAILS] > 0 => 'fails',
            $left === 0 => 'proven',
            default => "{$left} to go",
        };
    }

    /** The step of Build that is done with the gate in hand; '' where more is left of it, or none is. */
    public function completes(): string
    {
        // Who does not go by the order of work gets no mark out of order.
        $goes = $this->frame->document->fields()->object('work')->objects('done') !== [];
        $step = $this->now === null || ! $goes ? '' : Marks::step($this->now->gate);
        foreach ($step === '' ? [] : $this->chain->links as $link) {
            if ($link !== $this->now && ! $link->isDone() && Marks::step($link->gate) === $step) {
                return '';
            }
        }

        return $step;
    }

    public function bank(): string
    {
        return Shown::plain(Probing::of($this->frame->document)->bankV(), 1);
    }

    public function bankIsMeasured(): bool
    {
        return Proofs::bankV($this->frame->document) !== null;
    }

    /**
     * Lights as they should be under a gate, drawn lit.
     *
     * @return list<array{words: string, shapes: list<Shape>}>
     */
    public function lit(Gate $gate): array
    {
        if ($this->proof === null || ! in_array($gate->kind, self::DRAWN, true)) {
            return [];
        }
        $table = $this->proof->table;
        $state = $table->state($gate->kind === 'part' ? $this->brightest() : $gate->with);
        $all = [];
        foreach ($this->frame->lights() as $light) {
            if ($gate->kind === 'part' && $gate->subject() !== $light->id) {
                continue;
            }
            $states = $table->should($state)[$light->id] ?? [];
            $glows = array_filter($states, fn (EmitterState $e): bool => $e->greatest() > self::DARK) !== [];
            $all[] = [
                'words' => $light->label.($glows ? ' glows' : ' is dark'),
                'shapes' => LightRow::shapes($light, $states, 0.0, 0.0, 96.0, 24.0, self::LAMPS),
            ];
        }

        return $all;
    }

    /** @return array<string, string> the situation in which most glows, as gates have found it */
    private function brightest(): array
    {
        foreach ($this->chain->links as $link) {
            if ($link->gate->kind === 'power') {
                return $link->gate->with;
            }
        }

        return [];
    }

    /** "11.9 V, a little off", "as it should be" */
    public function stands(Link $link): string
    {
        $off = false;
        foreach ($link->gate->expected as $expected) {
            $reading = $expected->isMeasured() ? $link->reading($expected) : null;
            $off =
                $off || ($reading !== null && $expected->judgeRead($reading->value, $reading->word) === 'a little off');
        }

        return match ($link->stands) {
            Link::RIGHT => $off ? 'a little off, right' : 'as it should be',
            Link::FAILS => 'not as it should be',
            Link::STALE => 'repeat it',
            Link::SKIPPED => 'passed over: '.($link->outcome->why ?? ''),
            default => '',
        };
    }

    /** What is to be seen, in a word or two. */
    public function seen(Link $link): string
    {
        $words = array_values(
            array_unique(array_filter(array_map(fn (Expectation $e): ?string => $e->word, $link->gate->expected))),
        );

        return Words::join(array_slice($words, 0, 2), 'and');
    }

    public function where(Expectation $expected): string
    {
        if ($this->proof === null || $expected->pin === null) {
            return '';
        }
        $works = $this->proof->works;
        if (preg_match('/^(.+)\.(start|end)\.plus$/', $expected->pin, $m) === 1) {
            return 'across the '.($m[2] === 'end' ? 'far' : 'fed').' end of '.$works->pin($m[1]);
        }

        return match (true) {
            in_array($expected->what, ['ohms', 'contact'], true) && $expected->black !== null => 'to '.
                $works->pin($works->harness->pin($expected->black)),
            in_array($expected->what, ['amps', 'seconds'], true) => 'through '.$works->pin($expected->pin),
            default => 'at '.$works->pin($works->harness->pin($expected->pin)),
        };
    }

    /** The first gate of a kind. */
    public function firstOf(string $kind): string
    {
        foreach ($this->chain->links as $link) {
            if ($link->gate->kind === $kind) {
                return $this->url($link->gate->key);
            }
        }

        return $this->frame->url();
    }
}
