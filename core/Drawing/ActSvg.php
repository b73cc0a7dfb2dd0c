<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Build\Lead;
use BenchGlow\Lists\LoomList;
use BenchGlow\Quantity\Shown;
use BenchGlow\Steps\Act;
use BenchGlow\Steps\Plan;

/**
 * The drawing of just one act: shapes with classes, 724 × 160. Wires are boxes of their colour, everything else is a line.
 */
final class ActSvg
{
    public const W = 724;

    public const H = 160;

    private const MID = 84.0;

    private readonly LoomList $list;

    /** @var list<string> */
    private array $out = [];

    private function __construct(private readonly Plan $plan, private readonly Act $act)
    {
        $this->list = $plan->list;
    }

    /** Inside of an SVG; '' where there is nothing to be drawn. */
    public static function of(Plan $plan, Act $act): string
    {
        $one = new self($plan, $act);
        match ($act->main->verb) {
            'cut', 'flag', 'measure' => $one->cut(),
            'join', 'sleeve', 'pull', 'seal' => $one->joint(),
            'land', 'tap' => $one->land(),
            'plug', 'couple' => $one->plug(),
            'drill', 'look', 'mark', 'dress' => $one->hole(),
            'open', 'close', 'tighten', 'unplug' => $one->panel(),
            'run', 'far_end', 'tie', 'loom' => $one->run(),
            'stick', 'clean', 'dry', 'fix', 'trial', 'relief' => $one->surface(),
            'holder', 'fuse' => $one->fuse(),
            default => $one->figure(),
        };

        return implode("\n", $one->out);
    }

    private function lead(): ?Lead
    {
        foreach ($this->act->about() as $id) {
            if (isset($this->list->build->leads[$id])) {
                return $this->list->build->leads[$id];
            }
        }

        return null;
    }

    private function wire(Lead $lead, int $core, float $x, float $to, float $y, float $high = 16.0): void
    {
        [$base, $tracer] = [...explode('/', $this->list->colours->all[$lead->id][$core - 1] ?? 'black', 2), null];
        $this->out[] =
            "<rect class=\"wire wire-{$base}\" x=\"{$x}\" y=\"".
            ($y - $high / 2).
            '" width="'.
            ($to - $x).
            "\" height=\"{$high}\"/>";
        if ($tracer !== null) {
            $this->out[] = "<path class=\"tracer tracer-{$tracer}\" d=\"M{$x} {$y}H{$to}\"/>";
        }
    }

    private function bare(float $x, float $to, float $y): void
    {
        $this->out[] =
            "<rect class=\"copper\" x=\"{$x}\" y=\"".($y - 5.0).'" width="'.($to - $x).'" height="10"/>';
    }

    private function text(float $x, float $y, string $words, string $anchor = 'start', string $class = ''): void
    {
        $safe = htmlspecialchars($words, ENT_QUOTES | ENT_XML1);
        $this->out[] = "<text x=\"{$x}\" y=\"{$y}\" text-anchor=\"{$anchor}\" class=\"{$class}\">{$safe}</text>";
    }

    /** A measure over a length, with its words. */
    private function measure(float $x, float $to, float $y, string $words): void
    {
        $mid = ($x + $to) / 2;
        $this->out[] =
            "<path class=\"measure\" d=\"M{$x} ".($y - 8)."v16M{$to} ".($y - 8)."v16M{$x} {$y}H{$to}\"/>";
        $this->text($mid, $y - 10.0, $words, 'middle', 'figure');
    }

    private function name(Lead $lead, int $core): string
    {
        return $this->plan->steps->job->wire($lead, $core).', '.$this->plan->steps->job->gauge($lead);
    }

    private function cut(): void
    {
        $lead = $this->lead();
        if ($lead === null) {
            return;
        }
        $cores = min(4, count($lead->cores));
        for ($core = 1; $core <= $cores; $core++) {
            $y = 62.0 + ($core - 1) * 22.0;
            $this->wire($lead, $core, 90.0, 634.0, $y);
            $this->bare(66.0, 90.0, $y);
            $this->bare(634.0, 658.0, $y);
        }
        $this->measure(66.0, 658.0, 36.0, (string) $this->act->main->number);
        $under = 62.0 + $cores * 22.0 + 8.0;
        $from = $this->list->labels->pin($lead->cores[0][0]);
        $to = $this->list->labels->pin($lead->cores[0][1]);
        $this->text(66.0, $under, "to {$from}");
        $this->text(658.0, $under, "to {$to}", 'end');
        // A line of its own, where there is room: small pages write larger.
        $this->text(
            362.0,
            $cores <= 2 ? $under + 26.0 : $under,
            $this->name($lead, 1).($cores > 1 ? ' and '.($cores - 1).' more' : ''),
            'middle',
            'muted',
        );
    }

    private function joint(): void
    {
        $joint = $this->list->joints->all[$this->act->main->subject] ?? null;
        if ($joint === null) {
            $this->ends();

            return;
        }
        $wires = $joint->wires;
        $in = array_slice($wires, 0, max(1, count($wires) - 1));
        $out = array_slice($wires, count($in));
        $step = min(26.0, 90.0 / max(1, count($in)));
        foreach ($in as $n => [$id, $core]) {
            $y = self::MID + ($n - (count($in) - 1) / 2) * $step;
            $lead = $this->list->build->leads[$id];
            $this->wire($lead, $core, 0.0, 250.0, $y, 12.0);
            $this->out[] = "<path class=\"strand\" d=\"M250 {$y}L300 ".self::MID.'"/>';
            $this->text(4.0, $y - 9.0, $this->name($lead, $core));
        }
        $this->bare(300.0, 400.0, self::MID);
        foreach ($out as [$id, $core]) {
            $lead = $this->list->build->leads[$id];
            $this->wire($lead, $core, 400.0, 724.0, self::MID);
            $this->text(720.0, self::MID - 16.0, $this->name($lead, $core), 'end');
        }
        $this->measure(300.0, 400.0, 44.0, '15 mm');
        $tube = $joint->tube();
        if ($tube !== null) {
            $size = Shown::plain($tube['supplied_mm'], 1).'/'.Shown::plain($tube['recovered_mm'], 1);
            $this->out[] = '<rect class="ghost" x="280" y="'.(self::MID - 24).'" width="140" height="48" rx="6"/>';
            $this->out[] = '<rect class="tube" x="500" y="'.(self::MID - 15).'" width="98" height="30" rx="6"/>';
            $this->out[] = '<path class="arrow" d="M492 '.self::MID.'H428m10 -6l-10 6l10 6"/>';
            $this->text(549.0, self::MID + 34.0, "tube {$size}, {$tube['length_mm']} mm", 'middle');
            $this->text(549.0, self::MID + 52.0, 'on the wire first', 'middle', 'muted');
            $this->text(350.0, self::MID + 44.0, 'pulled, then shrunk here', 'middle', 'muted');
        }
    }

    /** Crimped ends, each on a hand scale. */
    private function ends(): void
    {
        $lead = $this->lead();
        if ($lead === null) {
            return;
        }
        foreach (array_slice($this->act->steps, 0, 3) as $n => $step) {
            $y = 40.0 + $n * 42.0;
            [, $core, $end] = [...explode('.', $step->subject), '1', 'to'];
            $this->wire($lead, (int) $core, 60.0, 380.0, $y);
            $this->bare(380.0, 398.0, $y);
            $this->out[] = '<rect class="terminal" x="396" y="'.($y - 9).'" width="44" height="18" rx="3"/>';
            $this->out[] = "<circle class=\"ring\" cx=\"456\" cy=\"{$y}\" r=\"14\"/>";
            $this->out[] = "<path class=\"arrow\" d=\"M474 {$y}H560m-10 -6l10 6l-10 6\"/>";
            $this->text(570.0, $y + 5.0, (string) $step->number, 'start', 'figure');
            $this->text(60.0, $y - 13.0, $this->list->labels->words($lead, (int) $core, $end === 'from' ? 0 : 1));
        }
    }

    private function land(): void
    {
        $lead = $this->lead();
        if ($lead === null) {
            $this->figure();

            return;
        }
        foreach (array_slice($this->act->steps, 0, 3) as $n => $step) {
            $y = 46.0 + $n * 40.0;
            [, $core] = [...explode('.', $step->subject), '1'];
            $this->wire($lead, max(1, (int) $core), 0.0, 430.0, $y);
            $this->bare(430.0, 452.0, $y);
            $this->out[] = "<circle class=\"post\" cx=\"470\" cy=\"{$y}\" r=\"15\"/>";
            $this->text(
                496.0,
                $y + 5.0,
                mb_strimwidth((string) preg_replace('/^.* on /', '', $step->title), 0, 32, '…'),
            );
            $this->text(4.0, $y - 13.0, $this->name($lead, max(1, (int) $core)));
        }
    }

    /** The face of a plug from the wiring side: a way a box, with its wire. */
    private function plug(): void
    {
        $plug = $this->act->main->subject;
        if (! isset($this->list->build->devices[$plug])) {
            $this->panel();

            return;
        }
        $ways = [];
        foreach ($this->list->build->leads as $lead) {
            foreach ($lead->inline as $thing) {
                foreach ($thing->plug === $plug ? $thing->ways : [] as $core => $way) {
                    $ways[$way] = [$lead, $core + 1];
                }
            }
        }
        $count = max([1, ...array_keys($ways), $this->list->build->devices[$plug]->part->fields->integer('ways')]);
        $each = min(64.0, 640.0 / $count);
        $x0 = (self::W - $count * $each) / 2;
        $this->out[] =
            '<rect class="shell" x="'.
            ($x0 - 10).
            '" y="34" width="'.
            ($count * $each + 20).
            '" height="76" rx="10"/>';
        for ($way = 1; $way <= $count; $way++) {
            $x = $x0 + ($way - 1) * $each;
            $this->out[] = '<rect class="way" x="'.($x + 4).'" y="44" width="'.($each - 8).'" height="56"/>';
            if (isset($ways[$way])) {
                $this->wire($ways[$way][0], $ways[$way][1], $x + 8.0, $x + $each - 8.0, 72.0, 40.0);
                $number = $this->list->labels->number($ways[$way][0], $ways[$way][1]);
                $flag = $this->list->labels->flag($ways[$way][0]);
                $this->text($x + $each / 2, 132.0, "{$flag} {$number}", 'middle');
            }
            $this->text($x + $each / 2, 26.0, (string) $way, 'middle', 'figure');
        }
        $this->text($x0, 154.0, 'seen from the wiring side', 'start', 'muted');
    }

    private function hole(): void
    {
        $hole = $this->list->build->holes[$this->act->main->subject] ?? null;
        if ($hole === null) {
            return;
        }
        $this->out[] = '<rect class="sheet" x="60" y="92" width="604" height="16"/>';
        $this->out[] = '<rect class="plate-gap" x="334" y="92" width="56" height="16"/>';
        $this->out[] = '<path class="drill" d="M344 16h36v60l-18 26l-18 -26z"/>';
        if ($hole->stopMm !== null) {
            $this->out[] = '<rect class="stop" x="334" y="58" width="56" height="12"/>';
            $this->text(400.0, 68.0, 'stop at '.Shown::plain($hole->stopMm, 0).' mm');
        }
        $this->measure(334.0, 390.0, 128.0, '');
        $this->text(404.0, 134.0, Shown::plain($hole->mm, 1).' mm', 'start', 'figure');
        $this->text(60.0, 84.0, "{$hole->in}, {$hole->material}");
        $behind = $hole->behind === '' ? 'look what lies behind' : "behind: {$hole->behind}";
        $this->text(60.0, 136.0, $behind, 'start', 'muted');
    }

    private function panel(): void
    {
        $panel = $this->list->build->panels[$this->act->main->subject] ?? null;
        if ($panel === null) {
            return;
        }
        $this->out[] = '<rect class="panel" x="150" y="28" width="424" height="104" rx="8"/>';
        $n = 0;
        $count = max(1, $this->plan->steps->job->fastenersOf($panel->id));
        foreach ($this->list->build->fasteners as $fastener) {
            for ($i = 0; $fastener->panel === $panel->id && $i < $fastener->count && $n < 24; $i++) {
                [$x, $y] = self::round($n / $count);
                $class = $fastener->hidden ? 'fastener hidden' : 'fastener';
                $this->out[] = "<circle class=\"{$class}\" cx=\"{$x}\" cy=\"{$y}\" r=\"9\"/>";
                $this->text($x, $y + 4.0, (string) ++$n, 'middle', 'tiny');
            }
        }
        $this->text(362.0, 76.0, $panel->label, 'middle', 'big');
        if ($panel->off !== '') {
            $this->text(362.0, 98.0, $panel->off, 'middle', 'muted');
        }
    }

    /** @return array{float, float} a place on the edge of the panel, from its upper left round */
    private static function round(float $share): array
    {
        [$x, $y, $w, $h] = [166.0, 44.0, 392.0, 72.0];
        $way = $share * 2 * ($w + $h);

        return array_map(
            fn (float $v): float => round($v, 1),
            match (true) {
                $way < $w => [$x + $way, $y],
                $way < $w + $h => [$x + $w, $y + $way - $w],
                $way < 2 * $w + $h => [$x + $w - ($way - $w - $h), $y + $h],
                default => [$x, $y + $h - ($way - 2 * $w - $h)],
            },
        );
    }

    /** The stretches one after the other, to scale. */
    private function run(): void
    {
        $one = $this->plan->steps->job->assemblies->all[$this->act->main->subject] ?? null;
        if ($one === null || $one->stretches === []) {
            $this->cut();

            return;
        }
        $sum = 0.0;
        foreach ($one->stretches as $id) {
            $sum += max(0.1, $this->list->loom->stretches[$id]->lengthM);
        }
        $x = 24.0;
        foreach ($one->stretches as $n => $id) {
            $stretch = $this->list->loom->stretches[$id];
            $to = $x + (676.0 * max(0.1, $stretch->lengthM)) / $sum;
            $this->out[] = "<path class=\"laid\" d=\"M{$x} ".self::MID."H{$to}\"/>";
            $this->out[] = "<circle class=\"post\" cx=\"{$x}\" cy=\"".self::MID.'" r="7"/>';
            $room = (int) (($to - $x) / 7);
            if ($room > 3) {
                $this->text(
                    ($x + $to) / 2,
                    self::MID - 20.0,
                    mb_strimwidth($stretch->route->label, 0, $room, '…'),
                    'middle',
                );
                $this->text(
                    ($x + $to) / 2,
                    self::MID + 30.0,
                    Shown::plain($stretch->lengthM, 2).' m',
                    'middle',
                    'figure',
                );
            }
            $x = $to;
        }
        $this->out[] = "<circle class=\"post\" cx=\"{$x}\" cy=\"".self::MID.'" r="7"/>';
    }

    private function surface(): void
    {
        $id = $this->act->main->subject;
        $light = $this->list->build->lights[$id] ?? null;
        $this->out[] = '<rect class="sheet" x="60" y="104" width="604" height="16"/>';
        $this->out[] = '<rect class="tape" x="120" y="96" width="484" height="8"/>';
        $this->out[] = '<rect class="body" x="120" y="70" width="484" height="26" rx="3"/>';
        for ($x = 150; $light !== null && $x < 590; $x += 44) {
            $this->out[] = "<circle class=\"led\" cx=\"{$x}\" cy=\"83\" r=\"6\"/>";
        }
        $this->text(362.0, 54.0, $this->list->build->label($id), 'middle', 'big');
        $fixing = $this->plan->steps->job->fixings($id)[0] ?? null;
        $on =
            $fixing === null || $fixing->on === ''
                ? $this->act->main->place
                : $this->plan->steps->job->onWords($fixing->on);
        $this->text(60.0, 142.0, $on);
        $this->text(664.0, 142.0, $fixing === null ? 'not said how' : $fixing->words(), 'end', 'muted');
    }

    private function fuse(): void
    {
        $lead = $this->lead();
        if ($lead === null) {
            return;
        }
        $this->wire($lead, 1, 0.0, 300.0, self::MID);
        $this->wire($lead, 1, 424.0, 724.0, self::MID);
        $this->out[] = '<rect class="shell" x="300" y="'.(self::MID - 26).'" width="124" height="52" rx="8"/>';
        $this->out[] =
            $this->act->main->verb === 'fuse'
                ? '<path class="blade" d="M322 '.(self::MID + 14).'v-28h80v28M340 '.self::MID.'q22 -16 44 0"/>'
                : '';
        $this->text(362.0, self::MID - 38.0, (string) $this->act->main->number, 'middle', 'figure');
        $this->text(0.0, self::MID + 34.0, 'toward the source');
        $this->text(724.0, self::MID + 34.0, $this->list->labels->pin($lead->cores[0][1]), 'end');
    }

    /** What has no shape: its figure between two tips. */
    private function figure(): void
    {
        if ($this->act->main->number === null) {
            return;
        }
        $this->out[] = '<path class="tip red" d="M190 '.self::MID.'h70l14 0"/>';
        $this->out[] = '<path class="tip black" d="M534 '.self::MID.'h-70l-14 0"/>';
        $this->text(362.0, self::MID + 10.0, $this->act->main->number, 'middle', 'huge');
        $this->text(362.0, self::MID + 42.0, $this->act->main->numberOf, 'middle', 'muted');
    }
}
