<?php

declare(strict_types=1);

namespace App\Stations\Probe\Forms;

use App\Stations\Form;
use App\Support\WallClock;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\ProbeWay;
use BenchGlow\Format\Fields;
use BenchGlow\Probe\Probing;
use BenchGlow\Probe\TypedReading;
use BenchGlow\Quantity\NotUnderstood;

/** The two slots of a way with its fuse out, or the millivolts over the fuse that is in. */
final readonly class ProbeWayForm extends Form
{
    public static function op(): string
    {
        return 'probe_way';
    }

    public function edit(Fields $in): Edit
    {
        $probing = Probing::of($this->document);
        $with = json_decode($in->text('with', '{}'), true);

        return new ProbeWay(
            $in->text('way'),
            $this->volts($in, 'first', 'The first slot', $probing->bankV()),
            $this->volts($in, 'second', 'The second slot', $probing->bankV()),
            $this->millivolts($in),
            in_array($in->text('leg'), ['first', 'second'], true) ? $in->text('leg') : '',
            new Fields(is_array($with) ? $with : []),
            $probing->bankV(),
            WallClock::now()->format('Y-m-d\TH:i:s.vP'),
        );
    }

    private function volts(Fields $in, string $field, string $name, float $bankV): ?float
    {
        if (trim($in->text($field)) === '') {
            return null;
        }
        try {
            $read = TypedReading::read($in->text($field), 'meter', true, $bankV);
        } catch (NotUnderstood $e) {
            throw new NotUnderstood("{$name}: {$e->getMessage()}");
        }
        if ($read->value === null || ! in_array($read->kind, ['volts', 'millivolts'], true)) {
            throw new NotUnderstood("{$name}: expected volts, as 12.4.");
        }

        return $read->kind === 'millivolts' ? $read->value / 1000.0 : $read->value;
    }

    private function millivolts(Fields $in): ?float
    {
        $text = trim($in->text('over'));
        if ($text === '') {
            return null;
        }
        $text = preg_match('/^[\d.,]+$/', $text) === 1 ? "{$text} mV" : $text;
        try {
            $read = TypedReading::read($text, 'meter', true, 12.0);
        } catch (NotUnderstood $e) {
            throw new NotUnderstood("Over the fuse: {$e->getMessage()}");
        }
        if ($read->value === null || ! in_array($read->kind, ['volts', 'millivolts'], true)) {
            throw new NotUnderstood('Over the fuse: expected millivolts, as 14 mV.');
        }

        return $read->kind === 'volts' ? 1000.0 * $read->value : $read->value;
    }
}
