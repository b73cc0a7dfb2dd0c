<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** Readings, names and claims that contradict each other (probe-prove.md 9). */
final readonly class Conflicts
{
    /** A ground that keeps more than this while a lamp burns is corroded, V. */
    private const CORRODED_V = 0.2;

    private function __construct(private Probing $probing)
    {
    }

    /** @return list<Conflict> */
    public static function of(Probing $probing): array
    {
        $all = new self($probing);

        return [
            ...$all->blackTip(),
            ...array_merge([], ...array_values(array_map($all->wire(...), $probing->judged))),
            ...$all->twice(),
        ];
    }

    /** @return list<Conflict> all wires of a connector wander: the black tip hangs in the air */
    private function blackTip(): array
    {
        $said = [];
        foreach ($this->probing->judged as $id => $judged) {
            $heard = $this->probing->heard[$id] ?? [];
            $said[$judged->wire->connector][$id] = $heard === [] ? '' : $heard[count($heard) - 1][1];
        }
        $conflicts = [];
        foreach ($said as $connector => $classes) {
            $read = array_filter($classes);
            if ($connector !== '' && count($read) > 2 && array_unique(array_values($read)) === ['wandering']) {
                $conflicts[] = new Conflict(
                    'black_tip',
                    array_keys($read),
                    'Every wire wanders: the black tip is off. Clip it to the minus post and read again.',
                );
            }
        }

        return $conflicts;
    }

    /** @return list<Conflict> */
    private function wire(Judged $judged): array
    {
        return [
            ...$this->again($judged),
            ...$this->stuck($judged),
            ...$this->deadOrClaimed($judged),
            ...$this->steady($judged),
            ...$this->corroded($judged),
            ...$this->host($judged),
        ];
    }

    private static function first(Judged $judged): string
    {
        return Words::first($judged->wire->words());
    }

    /** @return list<Conflict> the same question answered two ways */
    private function again(Judged $judged): array
    {
        $before = [];
        foreach ($this->probing->heard[$judged->wire->id] ?? [] as [$reading, $class, $condition]) {
            $question = $reading->test().$condition->key().($reading->afterS ?? '');
            $old = $before[$question] ?? null;
            if ($old !== null && self::live($old[1]) !== self::live($class)) {
                return [
                    new Conflict(
                        'again',
                        [$judged->wire->id],
                        self::first($judged).
                            ' was '.
                            self::said($old[0], $old[1]).
                            ' and is '.
                            self::said($reading, $class).
                            ' in the same condition. Read it again.',
                        [$old[0]->id, $reading->id],
                    ),
                ];
            }
            $before[$question] = [$reading, $class];
        }

        return [];
    }

    private static function live(string $class): string
    {
        return match ($class) {
            'near', 'upper', 'bright', 'dim', 'pulsing' => 'live',
            'zero', 'low', 'dark' => 'dead',
            default => $class,
        };
    }

    private static function said(Reading $reading, string $class): string
    {
        return $reading->value !== null && $reading->kind === 'volts'
            ? Shown::plain($reading->value, 1).' V'
            : $class;
    }

    /** What the wire is said to be by a name or a claim. */
    private function meant(Judged $judged): ?WireFunction
    {
        $says = $judged->wire->named[0] ?? ($judged->wire->claims[0][0] ?? null);

        return $says === null ? null : Tables::function($says);
    }

    /** @return list<Conflict> live at rest though what it is said to be is switched */
    private function stuck(Judged $judged): array
    {
        $meant = $this->meant($judged);
        if ($meant === null || ! $meant->isSwitched() || $meant->polarity !== 'positive') {
            return [];
        }
        foreach ($this->probing->heard[$judged->wire->id] ?? [] as [$reading, $class, $condition]) {
            if ($condition->isRest() && $reading->test() === 'volts' && in_array($class, ['near', 'upper'], true)) {
                return [
                    new Conflict(
                        'stuck',
                        [$judged->wire->id],
                        self::first($judged).
                            " is said to be {$meant->label}, and is live with everything off: ".
                            'a stuck switch, or it is always live.',
                        [$reading->id],
                    ),
                ];
            }
        }

        return [];
    }

    /** @return list<Conflict> claimed or named, and dead wherever it should be live; or sure, and claimed otherwise */
    private function deadOrClaimed(Judged $judged): array
    {
        $meant = $this->meant($judged);
        if ($meant === null || $meant->byHint) {
            return [];
        }
        $live = [];
        foreach ($this->probing->heard[$judged->wire->id] ?? [] as [$reading, $class, $condition]) {
            $should = array_filter($meant->hypotheses, fn (Hypothesis $h): bool => ! $h->isLive($condition)) === [];
            if ($meant->polarity === 'positive' && $reading->test() === 'volts' && $should) {
                $live[] = self::live($class);
            }
        }
        if ($live !== [] && array_unique($live) === ['dead']) {
            return [
                new Conflict(
                    'dead',
                    [$judged->wire->id],
                    self::first($judged).
                        " is said to be {$meant->label}, and is dead when that is on: ".
                        'its fuse is blown, or what is said is wrong.',
                ),
            ];
        }
        if ($judged->isSure() && $meant->name !== $judged->name) {
            $from = $judged->wire->claims[0][1] ?? '';
            $who =
                [
                    'diagram' => 'The drawing calls',
                    'label' => 'The label calls',
                    'kit_sheet' => 'The kit sheet calls',
                    'owner' => 'The owner calls',
                    'colour' => 'Its colour calls',
                ][$from] ?? 'It is called';

            return [
                new Conflict(
                    'claim',
                    [$judged->wire->id],
                    "{$who} {$judged->wire->words()} {$meant->label}. It is surely ".
                        Tables::words($judged->name).
                        '.',
                ),
            ];
        }

        return [];
    }

    /** @return list<Conflict> a turn that does not flash */
    private function steady(Judged $judged): array
    {
        $function = Tables::function($judged->function);
        $turns = $function !== null && in_array($function->kind, ['turn', 'brake_turn'], true);
        if (! $turns || ($judged->p < 0.5 && $this->meant($judged)?->id !== $judged->function)) {
            return [];
        }
        foreach ($this->probing->heard[$judged->wire->id] ?? [] as [$reading, $class, $condition]) {
            if ($function->hypotheses[0]->state($condition) === 'P' && $class === 'near') {
                return [
                    new Conflict(
                        'steady',
                        [$judged->wire->id],
                        self::first($judged).
                            " is steady while {$function->label} is on: ".
                            'a lamp is out, or its flasher waits for one.',
                        [$reading->id],
                    ),
                ];
            }
        }

        return [];
    }

    /** @return list<Conflict> a ground that lifts, or a feed that has lost volts before the wire */
    private function corroded(Judged $judged): array
    {
        foreach ($this->probing->heard[$judged->wire->id] ?? [] as [$reading, $class, $condition]) {
            $value = abs($reading->value ?? 0.0);
            if ($judged->name === 'ground' && $judged->p >= 0.8 && $reading->test() === 'volts' && $class === 'low') {
                if ($value >= self::CORRODED_V && ! $condition->isRest()) {
                    return [
                        new Conflict(
                            'corroded',
                            [$judged->wire->id],
                            self::first($judged).
                                ' keeps '.
                                Shown::plain($value, 1).
                                ' V while the lamps burn. Its ground is corroded: clean the stud.',
                            [$reading->id],
                        ),
                    ];
                }
            }
            $supply = $reading->supplyV ?? $this->probing->bankV();
            $live = $this->probing->all->hypotheses[$judged->hypothesis]->state($condition) === 'S';
            if ($judged->p >= 0.8 && $live && $reading->test() === 'volts' && $class === 'upper') {
                return [
                    new Conflict(
                        'corroded',
                        [$judged->wire->id],
                        Shown::plain($supply - $value, 1).
                            ' V are lost before '.
                            $judged->wire->words().
                            ': a dirty joint in its feed.',
                        [$reading->id],
                    ),
                ];
            }
        }

        return [];
    }

    /** @return list<Conflict> the build calls it otherwise */
    private function host(Judged $judged): array
    {
        $became = $this->probing->build->wires[$judged->wire->became ?? ''] ?? null;
        $function = Tables::function($judged->function);
        if ($became === null || $function === null || ! $judged->isSure() || $became->kind === $function->kind) {
            return [];
        }

        return [
            new Conflict(
                'host',
                [$judged->wire->id],
                "The build has {$judged->wire->words()} as ".
                    Words::within($became->label).
                    '. By its readings it is surely '.
                    Tables::words($judged->name).
                    '.',
            ),
        ];
    }

    /** @return list<Conflict> two wires surely the same thing of which there is one */
    private function twice(): array
    {
        $sure = [];
        foreach ($this->probing->judged as $id => $judged) {
            $once = (Tables::function($judged->function)->once ?? 0.0) > 0.5;
            if ($judged->isSure() && $once) {
                $sure["{$judged->wire->connector} {$judged->function}"][] = $id;
            }
        }
        $conflicts = [];
        foreach (array_filter($sure, fn (array $ids): bool => count($ids) > 1) as $ids) {
            $words = array_map(fn (string $id): string => $this->probing->judged[$id]->wire->words(), $ids);
            $conflicts[] = new Conflict(
                'twice',
                $ids,
                Words::first(implode(' and ', $words)).
                    ' are both surely '.
                    Tables::words($this->probing->judged[$ids[0]]->name).
                    ': joined further on, or one of them was read twice.',
            );
        }

        return $conflicts;
    }
}
