<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** What a schema can't check in what was probed: places in a connector, what a wire became, readings that can be taken. */
final readonly class ProbeReferences
{
    /** What an instrument can say besides a number. */
    public const WORDS = [
        'meter' => ['pulsing', 'wandering', 'open'],
        'test_lamp' => ['bright', 'dim', 'dark', 'pulsing'],
        'led_tester' => ['bright', 'dim', 'dark', 'pulsing'],
        'beeper' => ['beeps', 'silent'],
        'clamp' => ['pulsing', 'wandering'],
    ];

    private const BECAME = ['host.wires', 'host.grounds', 'host.ways'];

    private Fields $probe;

    public function __construct(Document $document, private Index $index, private Pins $pins)
    {
        $this->probe = $document->fields()->object('probe');
    }

    /** @throws BadBuild */
    public function check(): void
    {
        foreach ($this->probe->objects('connectors') as $i => $connector) {
            $reference = $connector->textOrNull('reference');
            if ($reference !== null && ($this->index->sections[$reference] ?? '') !== 'host.grounds') {
                throw BadBuild::at("/probe/connectors/{$i}/reference", "`{$reference}` is not in host.grounds.");
            }
        }
        $this->wires();
        foreach ($this->probe->objects('readings') as $i => $reading) {
            $this->reading("/probe/readings/{$i}", $reading);
        }
        foreach ($this->probe->objects('baseline') as $i => $line) {
            $load = $line->textOrNull('load');
            if ($load !== null && ! $this->index->has(explode('.', $load)[0])) {
                throw BadBuild::at("/probe/baseline/{$i}/load", "nothing has the id `{$load}`.");
            }
        }
    }

    private function wires(): void
    {
        $taken = [];
        foreach ($this->probe->objects('wires') as $i => $wire) {
            $became = $wire->textOrNull('became');
            if ($became !== null && ! in_array($this->index->sections[$became] ?? '', self::BECAME, true)) {
                throw BadBuild::at(
                    "/probe/wires/{$i}/became",
                    "{$wire->text('id')} became {$became}, which is not in host.wires, host.grounds or host.ways.",
                );
            }
            $connector = $wire->textOrNull('connector');
            if ($connector === null || ! $wire->has('way')) {
                continue;
            }
            $way = $wire->integer('way');
            $ways = $this->index->item($connector)->integer('ways');
            if ($way > $ways) {
                throw BadBuild::at("/probe/wires/{$i}/way", "way {$way} of {$connector}, which has {$ways}.");
            }
            if (isset($taken["{$connector} {$way}"])) {
                throw BadBuild::at("/probe/wires/{$i}/way", "two wires stand in way {$way} of {$connector}.");
            }
            $taken["{$connector} {$way}"] = true;
        }
    }

    private function reading(string $path, Fields $reading): void
    {
        [$wire, $pin] = [$reading->textOrNull('wire'), $reading->textOrNull('pin')];
        if (($wire === null) === ($pin === null)) {
            $both = $wire === null ? 'neither' : 'both';
            throw BadBuild::at($path, "a reading names a wire or a pin, and this one names {$both}.");
        }
        if ($pin !== null && $this->pins->problem($pin) !== null) {
            throw BadBuild::at("{$path}/pin", (string) $this->pins->problem($pin));
        }
        $kind = $reading->text('kind', 'volts');
        [$value, $word] = [$reading->numberOrNull('value'), $reading->textOrNull('word')];
        if ($value === null && $word === null) {
            throw BadBuild::at($path, "reading {$reading->text('id')} has neither a value nor a word.");
        }
        if (in_array($kind, ['ohms', 'beep'], true) && $reading->flag('powered', true)) {
            $an = $kind === 'ohms' ? 'an ohm' : 'a beeper';
            throw BadBuild::at($path, "{$an} reading needs the power off, and powered says on.");
        }
        if (in_array($kind, ['volts', 'millivolts', 'lamp'], true) && ! $reading->flag('powered', true)) {
            throw BadBuild::at($path, "a reading of {$kind} needs the power on, and powered says off.");
        }
        $instrument = $reading->text('instrument', 'meter');
        if ($word !== null && ! in_array($word, self::WORDS[$instrument] ?? [], true)) {
            throw BadBuild::at("{$path}/word", self::gives($instrument, $word));
        }
        $to = $reading->text('to', 'ground');
        if (! in_array($to, ['ground', 'plus'], true) && $this->pins->problem($to) !== null) {
            throw BadBuild::at("{$path}/to", "there is no pin `{$to}`; it is ground, plus or a pin.");
        }
    }

    /** "a meter gives volts or pulsing, not bright; a test lamp does." */
    private static function gives(string $instrument, string $word): string
    {
        $other = array_key_first(array_filter(self::WORDS, fn (array $words): bool => in_array($word, $words, true)));
        $gives =
            [
                'meter' => 'a meter gives volts or pulsing',
                'test_lamp' => 'a test lamp gives bright, dim, dark or pulsing',
                'led_tester' => 'a tester with an LED gives bright, dim, dark or pulsing',
                'beeper' => 'a beeper beeps or is silent',
                'clamp' => 'a clamp gives amps',
            ][$instrument] ?? 'it gives a number';

        return "{$gives}, not {$word}; a ".str_replace('_', ' ', (string) $other).' does.';
    }
}
