<?php

declare(strict_types=1);

namespace BenchGlow\Story;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\LeadFigures;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Build\Supply;
use BenchGlow\Build\When;
use BenchGlow\Format\Fields;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Scene\Scene;
use BenchGlow\Scene\Scenes;

/**
 * Plays a story on a build, from event to event: each pattern of positions is solved once per supply position; between two events
 * nothing changes but the battery, whose crossings (a fifth left, the usable limit, empty, full) are events of their own, found
 * exactly. Timed wires go dead when their time is over; flashing counts by its duty; fading and timed count as live.
 */
final class Player
{
    /** Under this share of its charge a battery gives its lowest volts. */
    private const LOW = 0.2;

    /** @var array<string, array{bool, float, string|null}> pattern => lit, amps of the main supply, why it could not be solved */
    private array $memo = [];

    /** @var array<string, Scenes> by the timed wires that have gone dead */
    private array $scenes = [];

    public int $solves = 0;

    /** @var array<string, string> */
    private array $rest;

    private readonly Supply $supply;

    /** @param  float|null  $startShare  of its capacity the battery holds at the start; null: full */
    public function __construct(
        private readonly Analysis $analysis,
        private readonly string $circuit,
        private readonly ?float $startShare = null,
    ) {
        $this->rest = $analysis->build->restPositions();
        $this->supply = $analysis->build->mainSupply() ?? throw new \DomainException('a story needs a supply.');
    }

    public function play(Story $story): Day
    {
        $spans = [];
        $wanted = $story->spans($this->circuit);
        $capacity = $this->supply->capacityAh;
        $left = $capacity === null ? 0.0 : $capacity * ($this->startShare ?? 1.0);
        $battery = $capacity === null ? [] : [[0.0, $left / $capacity]];
        [$ah, $flat, $unsolved] = [0.0, null, null];
        $shares = [];
        foreach ($this->moments($story) as [$from, $to, $positions, $dead]) {
            $at = $from;
            while ($at < $to - 1e-9) {
                $charging = $this->charging($positions);
                $state = self::stands($left, $capacity, $charging);
                [$lit, $amps, $why] = $this->pattern($positions, $dead, $state);
                $unsolved ??= $why;
                [$rate, $until] = $this->course($left, $amps, $charging, $at, $to);
                $hours = ($until - $at) / 3600.0;
                if ($capacity !== null) {
                    if ($left <= 1e-9 && $charging <= 0.0) {
                        [$lit, $amps, $state] = [false, 0.0, 'empty'];
                    }
                    $left = max(0.0, min($capacity, $left + $rate * $hours));
                    $battery[] = [$until, $left / $capacity];
                    $limit = $capacity * (1.0 - $this->supply->usableFraction);
                    $flat ??= $left <= $limit + 1e-9 && $rate < 0.0 ? $until : null;
                }
                $ah += $amps * $hours;
                $share = new Share(
                    array_diff_assoc(array_intersect_key($positions, $this->acting()), $this->rest),
                    $dead,
                    $state,
                    $lit,
                    $amps,
                    $until - $at,
                );
                $shares[$share->key()] = $share->joined($shares[$share->key()] ?? null);
                foreach ($this->cut($at, $until, $wanted) as [$a, $b, $isWanted]) {
                    $spans = self::grown($spans, $a, $b, $lit, $isWanted);
                }
                $at = $until;
            }
        }
        [$dark, $wasted, $litS] = self::sums($spans);

        return new Day(
            $spans,
            $battery,
            $dark,
            $wasted,
            $litS,
            $ah,
            $flat,
            $this->solves,
            $unsolved,
            array_values($shares),
        );
    }

    /** Where the supply stands: charging at its highest, under a fifth at its lowest. */
    private static function stands(float $left, ?float $capacity, float $charging): string
    {
        return match (true) {
            $capacity === null => 'nominal',
            $charging > 0.0 => 'max',
            $left < self::LOW * $capacity => 'min',
            default => 'nominal',
        };
    }

    /**
     * The spans with one more; the last one grows where nothing changed.
     *
     * @param  list<array{float, float, bool, bool}>  $spans
     * @return list<array{float, float, bool, bool}>
     */
    private static function grown(array $spans, float $from, float $to, bool $lit, bool $isWanted): array
    {
        $last = count($spans) - 1;
        if ($last >= 0 && $spans[$last][2] === $lit && $spans[$last][3] === $isWanted) {
            $spans[$last] = [$spans[$last][0], $to, $lit, $isWanted];
        } else {
            $spans[] = [$from, $to, $lit, $isWanted];
        }

        return $spans;
    }

    /**
     * @param  list<array{float, float, bool, bool}>  $spans
     * @return array{float, float, float} seconds wanted and dark, lit for nobody, lit
     */
    private static function sums(array $spans): array
    {
        [$dark, $wasted, $litS] = [0.0, 0.0, 0.0];
        foreach ($spans as [$from, $to, $lit, $isWanted]) {
            $dark += ! $lit && $isWanted ? $to - $from : 0.0;
            $wasted += $lit && ! $isWanted ? $to - $from : 0.0;
            $litS += $lit ? $to - $from : 0.0;
        }

        return [$dark, $wasted, $litS];
    }

    /**
     * Spans between events, with the positions and the timed wires that have gone dead.
     *
     * @return \Generator<array{float, float, array<string, string>, list<string>}>
     */
    private function moments(Story $story): \Generator
    {
        $timed = [];
        foreach ($this->analysis->build->wires as $id => $wire) {
            if ($wire->isTimed()) {
                $timed[$id] = [new When($wire->live()), $wire->offAfterS ?? 600.0];
            }
        }
        $positions = $this->rest;
        $since = [];
        $at = 0.0;
        $events = [...$story->events, [$story->lasts, '', '']];
        foreach ($events as [$when, $input, $to]) {
            // Timed wires that run out before the next event cut the span.
            while ($at < $when) {
                $since = $this->running($timed, $positions, $since, $at);
                $over = array_map(fn (string $id): float => $since[$id] + $timed[$id][1], array_keys($since));
                $over = array_combine(array_keys($since), $over);
                $dead = array_keys(array_filter($over, fn (float $s): bool => $at >= $s - 1e-9));
                $until = min([$when, ...array_values(array_diff_key($over, array_flip($dead)))]);
                yield [$at, $until, $positions, $dead];
                $at = $until;
            }
            if ($input !== '') {
                $positions[$input] = $to;
                // Thrown off and on again starts the time anew, even within one moment.
                $since = array_intersect_key($since, $this->running($timed, $positions, $since, $at));
            }
        }
    }

    /**
     * Since when each timed wire runs; those that don't are left out.
     *
     * @param  array<string, array{When, float}>  $timed
     * @param  array<string, string>  $positions
     * @param  array<string, float>  $since
     * @return array<string, float>
     */
    private function running(array $timed, array $positions, array $since, float $at): array
    {
        $runs = [];
        foreach ($timed as $id => [$live]) {
            if ($live->holds($positions, $this->rest)) {
                $runs[$id] = $since[$id] ?? $at;
            }
        }

        return $runs;
    }

    /**
     * Whether the circuit glows in a pattern, and the amps that leave the main supply; each solved once.
     *
     * @param  array<string, string>  $positions
     * @param  list<string>  $dead
     * @return array{bool, float, string|null}
     */
    private function pattern(array $positions, array $dead, string $state): array
    {
        $acting = array_intersect_key($positions, $this->acting());
        $key = $state.' '.implode(' ', $acting).' | '.implode(' ', $dead);
        if (isset($this->memo[$key])) {
            return $this->memo[$key];
        }
        $scenes = $this->scenes[implode(' ', $dead)] ??= $this->scenesWithout($dead);
        $scene = $scenes->one($acting, $state);
        $this->solves += $scene->solves;
        if (! $scene->solved()) {
            return $this->memo[$key] = [false, 0.0, $scene->remark()];
        }

        return $this->memo[$key] = [$this->lit($scene), $this->amps($scene), null];
    }

    /** @return array<string, string> the inputs that act on anything of the build */
    private function acting(): array
    {
        return $this->analysis->combinations->all[0] ?? [];
    }

    /** @param  list<string>  $dead */
    private function scenesWithout(array $dead): Scenes
    {
        $build = $this->analysis->build;
        if ($dead !== []) {
            $data = $build->document->data;
            $host = is_array($data['host'] ?? null) ? $data['host'] : [];
            $host['wires'] = array_map(
                function (mixed $w) use ($dead): mixed {
                    $f = new Fields(is_array($w) ? $w : []);

                    return in_array($f->text('id'), $dead, true) ? [...$f->data, 'live_when' => ['any' => []]] : $w;
                },
                is_array($host['wires'] ?? null) ? $host['wires'] : [],
            );
            $build = Build::of(Document::fromEdited([...$data, 'host' => $host]));
        }

        return new Scenes(
            $build,
            $this->analysis->harness,
            $dead === [] ? $this->analysis->bodies : Bodies::of($build),
            array_map(fn (LeadFigures $l): LeadWire => $l->wire, $this->analysis->leads),
        );
    }

    private function lit(Scene $scene): bool
    {
        foreach ($this->analysis->build->lightsOf($this->circuit) as $light) {
            foreach ($scene->lit->lights[$light->id] ?? [] as $emitter) {
                if ($emitter->greatest() >= $this->analysis->build->settings->litFrom) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Amps of the main supply, lit and dark half of a flash by their share; what the host draws by itself is not counted. */
    private function amps(Scene $scene): float
    {
        $own = fn (\BenchGlow\Scene\State $s): float => max(
            0.0,
            ($s->supplyAmps[$this->supply->id] ?? 0.0) - $this->hosts($s),
        );
        if ($scene->dark === null) {
            return $own($scene->lit);
        }

        return 0.5 * $own($scene->lit) + 0.5 * $own($scene->dark);
    }

    private function hosts(\BenchGlow\Scene\State $state): float
    {
        $amps = 0.0;
        foreach (array_keys($this->analysis->bodies->fixed) as $id) {
            if (isset($this->analysis->bodies->loads[$id]) || str_ends_with($id, '.own')) {
                $amps += abs($state->amps[$id] ?? 0.0);
            }
        }

        return $amps;
    }

    /** @param  array<string, string>  $positions */
    private function charging(array $positions): float
    {
        $charger = $this->analysis->build->index->item($this->supply->id)->object('charger');
        if (
            $charger->data === [] ||
            ($charger->has('when') && ! (new When($charger->object('when')->data))->holds($positions, $this->rest))
        ) {
            return 0.0;
        }

        return $charger->number('charge_a');
    }

    /**
     * Ampere-hours an hour the battery gains or loses, and the moment at which that changes: the next event, or a crossing.
     * Peukert's exponent counts from the 20-hour rate (electrics.md 6).
     *
     * @return array{float, float}
     */
    private function course(float $left, float $amps, float $charging, float $at, float $to): array
    {
        $capacity = $this->supply->capacityAh;
        if ($capacity === null) {
            return [0.0, $to];
        }
        $drain = $amps <= 0.0 ? 0.0 : $amps * (($amps * 20.0) / $capacity) ** ($this->supply->peukert - 1.0);
        $rate = $charging - $drain;
        if (abs($rate) < 1e-12) {
            return [0.0, $to];
        }
        $marks = [self::LOW * $capacity, (1.0 - $this->supply->usableFraction) * $capacity, 0.0, $capacity];
        $next = $to;
        foreach ($marks as $mark) {
            $seconds = (($mark - $left) / $rate) * 3600.0;
            // A crossing in a thousandth of a second is the one we stand on.
            if ($seconds > 1e-3) {
                $next = min($next, $at + $seconds);
            }
        }
        if (($rate < 0.0 && $left <= 1e-12) || ($rate > 0.0 && $left >= $capacity - 1e-12)) {
            return [0.0, $to];
        }

        return [$rate, $next];
    }

    /**
     * @param  list<array{float, float}>  $wanted
     * @return list<array{float, float, bool}>
     */
    private function cut(float $from, float $to, array $wanted): array
    {
        $edges = [$from, $to];
        foreach ($wanted as [$a, $b]) {
            foreach ([$a, $b] as $edge) {
                if ($edge > $from && $edge < $to) {
                    $edges[] = $edge;
                }
            }
        }
        sort($edges);
        $parts = [];
        foreach (array_slice($edges, 1) as $n => $edge) {
            $middle = ($edges[$n] + $edge) / 2;
            $parts[] = [
                $edges[$n],
                $edge,
                array_filter($wanted, fn (array $w): bool => $w[0] <= $middle && $middle < $w[1]) !== [],
            ];
        }

        return $parts;
    }
}
