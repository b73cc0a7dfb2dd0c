<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Build\Build;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\FormatOne;
use BenchGlow\Probe\Host\Generator;
use BenchGlow\Probe\Host\Host;
use BenchGlow\Probe\Host\Instrument;
use BenchGlow\Quantity\NotUnderstood;

/** `glow host`: a host to practise on, and the instruments at it. */
final class Hosting
{
    private const INSTRUMENTS = ['meter', 'test_lamp', 'led_tester', 'beeper'];

    private const FIELDS = ['wire', 'with', 'instrument', 'to', 'powered', 'kind'];

    /** @throws NotUnderstood */
    public static function draw(int $seed, string $place, string $spot, string $difficulty): Host
    {
        foreach (
            [
                'place' => [$place, FormatOne::PLACES],
                'spot' => [$spot, Generator::SPOTS],
                'difficulty' => [$difficulty, Generator::DIFFICULTIES],
            ] as $what => [$value, $known]
        ) {
            if (! in_array($value, $known, true)) {
                throw new NotUnderstood(
                    "--{$what} takes ".
                        implode(', ', $known).
                        ", not '{$value}'.".
                        BadBuild::nearMiss($value, $known),
                );
            }
        }

        return Generator::draw($seed, $place, $spot, $difficulty);
    }

    /**
     * One request, as a line of JSON, answered.
     *
     * @return array<string, mixed> the answer, or {"refused"}
     */
    public static function measure(Host $host, Instrument $instrument, string $line): array
    {
        $json = json_decode($line, true);
        if (! is_array($json)) {
            return self::refused('a request is one JSON object, as {"wire":"p1","with":{"brake":"on"}}.');
        }
        foreach (array_keys($json) as $field) {
            if (! in_array($field, self::FIELDS, true)) {
                return self::refused(
                    "a request has no `{$field}`.".BadBuild::nearMiss((string) $field, self::FIELDS),
                );
            }
        }
        $wire = is_string($json['wire'] ?? null) ? $json['wire'] : '';
        $truth = $host->truth($wire);
        if ($truth === null || preg_match('/^p[1-9]\d?$/', $wire) !== 1) {
            return self::refused("there is no wire '{$wire}'; there are p1 to p".count($host->truths).'.');
        }
        $with = is_array($json['with'] ?? []) ? $json['with'] ?? [] : null;
        $wrong = $with === null ? 'with is an object, as {"brake":"on"}.' : self::wrongPosition($host, $with);
        if ($wrong !== '') {
            return self::refused($wrong);
        }
        $with = array_filter($with ?? [], is_string(...));
        $tool = $json['instrument'] ?? 'meter';
        $to = $json['to'] ?? 'ground';
        $powered = $json['powered'] ?? true;
        if (! in_array($tool, self::INSTRUMENTS, true)) {
            return self::refused('instrument is one of '.implode(', ', self::INSTRUMENTS).'.');
        }
        if (! in_array($to, ['ground', 'plus'], true) || ! is_bool($powered)) {
            return self::refused('to is ground or plus, and powered is true or false.');
        }
        $kind = $json['kind'] ?? null;
        $reads = $tool === 'beeper' ? 'beep' : ($powered ? ($tool === 'meter' ? 'volts' : 'lamp') : 'ohms');

        return match (true) {
            $kind === 'ohms' && $powered => self::refused('an ohm reading needs the power off, and powered says on.'),
            $tool === 'beeper' && $powered => self::refused('a beeper needs the power off, and powered says on.'),
            ! $powered && in_array($tool, ['test_lamp', 'led_tester'], true) => self::refused(
                'a test lamp needs the power on, and powered says off.',
            ),
            $kind !== null && $kind !== $reads => self::refused("a {$tool} gives {$reads} here."),
            $truth->function->byHint => self::refused('that wire is never touched; what is seen of it says so.'),
            default => $instrument->measure($wire, self::named($with), $tool, $to, $powered),
        };
    }

    /**
     * @param  array<array-key, string>  $with
     * @return array<string, string>
     */
    private static function named(array $with): array
    {
        $named = [];
        foreach ($with as $input => $position) {
            $named[(string) $input] = $position;
        }

        return $named;
    }

    /** @param  array<array-key, mixed>  $with */
    private static function wrongPosition(Host $host, array $with): string
    {
        $build = Build::of($host->document);
        foreach ($with as $input => $position) {
            if (! isset($build->inputs[(string) $input])) {
                return "the host has no input '{$input}'.".
                    BadBuild::nearMiss((string) $input, array_keys($build->inputs));
            }
            $known = $build->positions((string) $input);
            if (! is_string($position) || ! in_array($position, $known, true)) {
                return "'{$input}' is ".implode(', ', $known).', not '.json_encode($position).'.';
            }
        }

        return '';
    }

    /** @return array{refused: string} */
    private static function refused(string $why): array
    {
        return ['refused' => mb_strtoupper(mb_substr($why, 0, 1)).mb_substr($why, 1)];
    }
}
