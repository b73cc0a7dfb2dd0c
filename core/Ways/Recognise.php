<?php

declare(strict_types=1);

namespace BenchGlow\Ways;

use BenchGlow\Analysis\Fuses;
use BenchGlow\Build\Build;
use BenchGlow\Build\Device\ControllerDevice;
use BenchGlow\Build\Device\Device;
use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Build\Device\SwitchDevice;
use BenchGlow\Build\Document;
use BenchGlow\Build\Inline;
use BenchGlow\Build\Lead;
use BenchGlow\Build\When;

/**
 * Which ready way a circuit follows: the one whose plan matches its own devices and leads one to one. Fuses, plugs, lengths and
 * the choice of part are finer choices and don't count.
 */
final class Recognise
{
    private Build $build;

    /** @var array<string, Device> the circuit's own devices */
    private array $devices = [];

    /** @var list<array{string, string, list<string>}> its connections: pins, diodes and resistors between */
    private array $links = [];

    /** @param  array<string, true>  $stays  devices of other sections */
    private function __construct(private readonly Setting $setting, array $stays)
    {
        $this->build = $setting->build;
        $targets = [];
        foreach ($setting->lights as $light) {
            $targets += array_fill_keys([...$light['plus'], ...$light['minus'], ...$light['functions']], true);
        }
        $fixed = $stays;
        foreach ($this->build->lightsOf($setting->circuit) as $light) {
            $fixed[$light->id] = true;
        }
        foreach ($this->build->devices as $id => $device) {
            if ($device->circuit() === $setting->circuit && $device->isPlaced() && ! isset($stays[$id])) {
                $this->devices[$id] = $device;
            }
        }
        $is = fn (string $pin): bool => isset($fixed[explode('.', $pin)[0]]);
        foreach ($this->build->leads as $lead) {
            foreach ($lead->circuit === $setting->circuit ? $lead->cores : [] as $c => [$a, $b]) {
                if ($a === null || $b === null || ($is($a) && $is($b))) {
                    continue;
                }
                // What else hangs on another section is no matter of this one.
                if ($stays !== [] && (($is($a) && ! isset($targets[$a])) || ($is($b) && ! isset($targets[$b])))) {
                    continue;
                }
                $this->links[] = [$a, $b, self::inLine($lead, $c + 1)];
            }
        }
    }

    /**
     * The way of the whole circuit, else of its switching before the control and the runs it has.
     *
     * @return array{way: string, wires: list<string>, ways: list<string>, inputs: list<string>}|null
     */
    public static function of(Document $document, string $circuit): ?array
    {
        $whole = Setting::of($document, $circuit);
        $found = (new self($whole, []))->first(fn (string $way): bool => true);
        if ($found !== null) {
            return $found;
        }
        $sections = Sections::in($whole->build, $circuit, $whole);
        $stays = [];
        foreach ($sections->isClear() ? $sections->all : [] as $section) {
            $later = in_array($section->kind, [Section::CONTROL, Section::RUNS], true);
            $stays += $later ? array_fill_keys($section->devices, true) : [];
        }
        if ($stays === []) {
            return null;
        }
        $switching = new self($sections->setting($whole, Section::SWITCHING), $stays);

        return $switching->first(fn (string $way): bool => Ways::find($way)?->section() === Section::SWITCHING);
    }

    /**
     * @param  callable(string): bool  $counts
     * @return array{way: string, wires: list<string>, ways: list<string>, inputs: list<string>}|null
     */
    private function first(callable $counts): ?array
    {
        foreach (array_keys(Ways::ALL) as $way) {
            $found = $counts($way) ? $this->matches($way) : null;
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    /** @return array{way: string, wires: list<string>, ways: list<string>, inputs: list<string>}|null */
    private function matches(string $way): ?array
    {
        [$wires, $ways, $inputs] = $this->named();
        foreach (self::orders($wires) as $w) {
            foreach (self::orders($inputs) as $i) {
                $plan = new Plan($this->setting, $w, $ways, $i, null);
                try {
                    Ways::plan($way, $plan);
                } catch (DoesNotSuit) {
                    continue;
                }
                if ($this->same($plan)) {
                    $used = fn (array $list): array => array_values(
                        array_filter($plan->used, fn (string $u): bool => in_array($u, $list, true)),
                    );

                    return ['way' => $way, 'wires' => $used($w), 'ways' => $used($ways), 'inputs' => $used($i)];
                }
            }
        }

        return null;
    }

    /** @return array{list<string>, list<string>, list<string>} host wires, ways and inputs the circuit names, in document order */
    private function named(): array
    {
        $wires = $ways = $inputs = [];
        foreach ($this->links as [$a, $b]) {
            foreach ([$a, $b] as $pin) {
                $id = explode('.', $pin)[0];
                $section = $this->build->index->sections[$id] ?? '';
                $wires += $section === 'host.wires' ? [$id => $id] : [];
                $ways += $section === 'host.ways' ? [$id => $id] : [];
            }
        }
        foreach ($this->devices as $device) {
            $ways += $device instanceof FuseTapDevice ? [$device->way() => $device->way()] : [];
            $inputs += self::inputsOf($device);
        }

        return [array_values($wires), array_values($ways), array_values($inputs)];
    }

    /**
     * @param  list<string>  $items
     * @return list<list<string>> every order of at most three
     */
    private static function orders(array $items): array
    {
        if (count($items) < 2 || count($items) > 3) {
            return [$items];
        }
        $all = [];
        foreach ($items as $n => $first) {
            foreach (self::orders(array_values(array_diff_key($items, [$n => true]))) as $rest) {
                $all[] = [$first, ...$rest];
            }
        }

        return $all;
    }

    private function same(Plan $plan): bool
    {
        return count($plan->devices) === count($this->devices) &&
            count($plan->leads) === count($this->links) &&
            $plan->newInputs === [] &&
            $this->assign($plan, array_keys($plan->devices), []);
    }

    /**
     * Tries each own device for each role in turn.
     *
     * @param  list<string>  $roles
     * @param  array<string, string>  $ids  role => device
     */
    private function assign(Plan $plan, array $roles, array $ids): bool
    {
        $role = array_shift($roles);
        if ($role === null) {
            return $this->connected($plan, $ids);
        }
        foreach ($this->devices as $id => $device) {
            if (
                ! in_array($id, $ids, true) &&
                $this->fits($plan, $role, $device) &&
                $this->assign($plan, $roles, [...$ids, $role => $id])
            ) {
                return true;
            }
        }

        return false;
    }

    private function fits(Plan $plan, string $role, Device $device): bool
    {
        $meant = $plan->devices[$role];
        if ($device->kind() !== $meant['kind']) {
            return false;
        }
        if ($device instanceof FuseTapDevice) {
            return $device->way() === ($meant['more']['way'] ?? '');
        }
        if ($device instanceof ControllerDevice) {
            // A controller is what its pins are.
            return $device->part->pins === Plan::partOf($meant['part'])->texts('pins');
        }
        if ($device instanceof SwitchDevice) {
            $input = $meant['at']['input'] ?? null;
            $thrown = array_merge(
                [],
                ...array_map(fn (array $w): array => (new When($w))->inputs(), array_values($device->at())),
            );

            return $input === null ? $thrown === [] : $thrown === [$input];
        }

        return true;
    }

    /** @param  array<string, string>  $ids */
    private function connected(Plan $plan, array $ids): bool
    {
        $left = array_map(
            fn (array $l): string => self::key($this->home($l[0]), $this->home($l[1]), $l[2]),
            $this->links,
        );
        foreach ($plan->leads as [$from, $to, $inline]) {
            $things = array_values(
                array_filter(
                    array_map(fn (string $k): string => explode(' ', $k)[0], $inline),
                    fn (string $k): bool => $k !== 'fuse',
                ),
            );
            $at = array_search(
                self::key($this->pin($plan, $ids, $from), $this->pin($plan, $ids, $to), $things),
                $left,
                true,
            );
            if ($at === false) {
                return false;
            }
            unset($left[$at]);
        }

        return true;
    }

    /** Every return is one to a way of switching. */
    private function home(string $pin): string
    {
        $head = explode('.', $pin)[0];

        return ($this->build->index->sections[$head] ?? '') === 'host.grounds' ||
            (isset($this->build->supplies[$head]) && str_ends_with($pin, '.minus'))
            ? 'home'
            : $pin;
    }

    /** @param  list<string>  $things */
    private static function key(string $a, string $b, array $things): string
    {
        $ends = [$a, $b];
        sort($ends);
        sort($things);

        return implode(' ', [...$ends, ...$things]);
    }

    /** @param  array<string, string>  $ids */
    private function pin(Plan $plan, array $ids, string $pin): string
    {
        [$role, $local] = [...explode('.', $pin), ''];
        if (! isset($ids[$role])) {
            return $this->home($pin);
        }
        $device = $this->devices[$ids[$role]];
        $contacts = $device->part->contacts;
        if ($device instanceof SwitchDevice && in_array($local, ['in', 'out'], true) && $contacts !== []) {
            $local = $local === 'in' ? $contacts[0]->from : $contacts[0]->to;
        }

        return $local === '' ? $ids[$role] : "{$ids[$role]}.{$local}";
    }

    /** @return list<string> what a way knows of a core: its diodes and resistors */
    private static function inLine(Lead $lead, int $core): array
    {
        $things = array_filter(
            $lead->inline,
            fn (Inline $i): bool => $i->core === $core && in_array($i->kind, ['diode', 'resistor'], true),
        );

        return array_values(array_map(fn (Inline $i): string => $i->kind, $things));
    }

    /** @return array<string, string> */
    private static function inputsOf(Device $device): array
    {
        $inputs = [];
        $said = [...$device instanceof SwitchDevice ? array_values($device->at()) : [], $device->linkWhen() ?? []];
        foreach ($said as $when) {
            foreach ((new When($when))->inputs() as $input) {
                $inputs[$input] = $input;
            }
        }

        return $inputs;
    }
}
