<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Build;
use BenchGlow\Build\Device\Device;
use BenchGlow\Build\Device\SwitchDevice;
use BenchGlow\Build\When;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Ways\Section;
use BenchGlow\Ways\Sections;
use BenchGlow\Ways\Setting;

/** The devices of a circuit that a new section takes the place of, and those that stay. */
final class OwnThings
{
    /** @var array<string, Device> that are replaced */
    private array $replaced = [];

    /** @var array<string, true> lights, and devices of the sections that stay */
    private array $stays = [];

    /** @var array<string, true>|null things in line that go where the new section lacks them; null: any */
    private ?array $strips = null;

    private readonly Build $build;

    /** @param  list<string>  $kinds  of the sections that are replaced; [] for all */
    public function __construct(
        private readonly Draft $draft,
        private readonly Setting $setting,
        Sections $sections,
        private readonly array $kinds,
    ) {
        $this->build = $setting->build;
        $this->stays = array_fill_keys($setting->glow(), true);
        foreach ($this->build->lightsOf($setting->circuit) as $light) {
            $this->stays[$light->id] = true;
        }
        if ($kinds !== []) {
            $this->strips = [];
            foreach ($sections->all as $section) {
                if (in_array($section->kind, $kinds, true)) {
                    $this->strips += array_fill_keys($section->things, true);
                } else {
                    $this->stays += array_fill_keys($section->devices, true);
                }
            }
        }
        foreach ($this->build->devices as $id => $device) {
            // Of a source only a tap is a thing; joints are where it goes.
            $stays = isset($this->stays[$id]) || ($kinds === [Section::SOURCE] && $device->kind() !== 'fuse_tap');
            if ($stays) {
                $this->stays[$id] = true;
            } elseif ($device->circuit() === $setting->circuit && $device->isPlaced()) {
                $this->replaced[$id] = $device;
            }
        }
        $this->hangOn($sections);
    }

    /** What stands on no way to a light belongs to what it hangs on. */
    private function hangOn(Sections $sections): void
    {
        if ($this->kinds === []) {
            return;
        }
        $onWay = [];
        foreach ($sections->all as $section) {
            $onWay += array_fill_keys($section->devices, true);
        }
        foreach (array_keys(array_diff_key($this->replaced, $onWay)) as $id) {
            $beside = $this->beside($id);
            $kept = array_intersect_key($beside, $this->stays);
            $other = array_intersect_key($beside, $this->replaced);
            $switches = in_array(Section::SWITCHING, $this->kinds, true);
            if (! $switches || ($other === [] && $kept !== [])) {
                $this->stays[$id] = true;
                unset($this->replaced[$id]);
            }
        }
    }

    /** @return array<string, true> things a wire leads to from here */
    private function beside(string $id): array
    {
        $beside = [];
        foreach ($this->build->leads as $lead) {
            foreach ($lead->cores as $core) {
                $things = array_map(fn (?string $p): string => explode('.', (string) $p)[0], $core);
                if (in_array($id, $things, true)) {
                    $beside += array_fill_keys($things, true);
                }
            }
        }
        unset($beside[$id]);

        return $beside;
    }

    /** @throws BadBuild where another circuit hangs on what would go */
    public function refuseForeign(): void
    {
        foreach ($this->build->leads as $lead) {
            if ($lead->circuit === $this->setting->circuit) {
                continue;
            }
            foreach ($lead->cores as $core) {
                if (RemoveItem::touches($core, array_fill_keys(array_keys($this->replaced), true))) {
                    throw BadBuild::at(
                        '/way',
                        "`{$lead->id}` of another circuit hangs on this one; take it off first.",
                    );
                }
            }
        }
    }

    /** @return array<string, true> */
    public function stays(): array
    {
        return $this->stays;
    }

    /** @return array<string, true>|null */
    public function strips(): ?array
    {
        return $this->strips;
    }

    /**
     * A device that is there and plays the same part: it keeps its id, its name, its part and its leads.
     *
     * @param  array{kind: string, part: string, at: array<string, mixed>, more: array<string, mixed>}  $meant
     * @param  array<string, string>  $taken
     * @param  bool  $fresh  a switch only where it is the very part
     */
    public function again(array $meant, array $taken, bool $fresh): ?string
    {
        foreach ($this->replaced as $id => $device) {
            if (
                ! in_array($id, $taken, true) &&
                $device->kind() === $meant['kind'] &&
                self::same($device, $meant, $fresh)
            ) {
                return $id;
            }
        }

        return null;
    }

    /** @param  array{kind: string, part: string, at: array<string, mixed>, more: array<string, mixed>}  $meant */
    private static function same(Device $device, array $meant, bool $fresh): bool
    {
        if ($device->kind() === 'joint') {
            return true;
        }
        if ($device->kind() === 'fuse_tap') {
            return method_exists($device, 'way') && $device->way() === ($meant['more']['way'] ?? '');
        }
        $part = Catalogue::part($meant['part']) ?? new Fields([]);
        if ($device instanceof SwitchDevice) {
            $input = $meant['at']['input'] ?? null;
            $moved = array_merge(
                [],
                ...array_map(fn (array $w): array => (new When($w))->inputs(), array_values($device->at())),
            );
            // A finer choice of switch stays, if it makes one contact as the new one does.
            $alike = count($device->part->contacts) === 1 && count($device->part->pins) === count($part->texts('pins'));

            return $alike &&
                (! $fresh || $device->part->catalogue === $meant['part']) &&
                ($input === null ? $moved === [] : $moved === [$input]);
        }

        return $device->part->pins === $part->texts('pins');
    }

    /**
     * Lifts what is replaced out of its wires.
     *
     * @param  array<string, true>  $kept  devices that are used again
     * @return array<string, true> what goes
     */
    public function lift(DraftLeads $leads, array $kept): array
    {
        $sides = SourceSide::of($this->draft->document);
        $leads->stay = $kept;
        $gone = [];
        foreach ($this->replaced as $id => $device) {
            if (isset($kept[$id]) || isset($gone[$id])) {
                continue;
            }
            $gone[$id] = true;
            if (in_array($device->kind(), ['switch', 'relay', 'controller'], true)) {
                $also = (new TakePartOut($id))->lift($this->draft, $leads, $sides, false);
                $gone += array_diff_key($also, $kept);
            }
        }
        foreach ($this->replaced as $id => $device) {
            if (isset($gone[$id]) && $device->kind() === 'joint') {
                $leads->healJoint($id);
            }
        }

        return $gone;
    }
}
