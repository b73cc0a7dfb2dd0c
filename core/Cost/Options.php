<?php

declare(strict_types=1);

namespace BenchGlow\Cost;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\Edits;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Shown;
use BenchGlow\Steps\Times;
use Brick\Math\BigDecimal;

/**
 * Options of a quote: each edit is made on a copy, solved and priced; what it costs is the price with it less the price without
 * (build-handover.md 14).
 */
final readonly class Options
{
    /** @var list<Option> */
    public array $all;

    public function __construct(private Analysis $analysis, private Cost $cost, private ?Times $times = null)
    {
        $codes = (new Codes($analysis->build->document))->all;
        $this->all = array_map(
            fn (Fields $o): Option => $this->option($o, $codes[$o->text('id')]),
            $analysis->build->document->fields()->object('quote')->objects('options'),
        );
    }

    public function get(string $id): ?Option
    {
        foreach ($this->all as $option) {
            if ($option->id === $id) {
                return $option;
            }
        }

        return null;
    }

    private function option(Fields $option, string $code): Option
    {
        $edit = $option->textOrNull('edit');
        $amount = $option->textOrNull('amount');
        if ($option->flag('chosen') || $edit === null) {
            $is = $amount === null ? null : $this->cost->currency->line(BigDecimal::of($amount));

            return $this->made(
                $option,
                $code,
                $is,
                match (true) {
                    $option->flag('chosen') => 'taken: it is in the price',
                    $is === null => 'no price was typed',
                    default => 'as typed',
                },
                $is !== null || $option->flag('chosen'),
            );
        }
        try {
            $document = self::with($this->analysis->build->document, $edit);
        } catch (BadBuild) {
            return $this->made(
                $option,
                $code,
                null,
                'it does not fit the build any more: what it changes is gone, or another',
                false,
            );
        }
        $same = $document->wiringHash() === $this->analysis->build->document->wiringHash();
        $after = $same ? $this->analysis->told($document) : Analysis::of($document);
        $cost = new Cost($after, $this->times);
        $circuit = $this->circuit($after);

        return $this->made(
            $option,
            $code,
            $cost->said($cost->net())->minus($this->cost->said($this->cost->net())),
            'the price with it less the price without',
            true,
            $this->changes($after, $circuit),
            $same ? null : $after,
            $circuit,
        );
    }

    /**
     * The build with an option's edit.
     *
     * @throws BadBuild where it does not apply any more
     */
    public static function with(Document $document, string $edit): Document
    {
        $read = json_decode($edit, true);

        return Editor::apply($document, Edits::read(is_array($read) ? $read : []));
    }

    /** @param  list<string>  $changes */
    private function made(
        Fields $option,
        string $code,
        ?BigDecimal $amount,
        string $because,
        bool $valid,
        array $changes = [],
        ?Analysis $after = null,
        ?string $circuit = null,
    ): Option {
        return new Option(
            $option->text('id'),
            $code,
            $option->text('label'),
            $option->text('text'),
            $option->flag('chosen'),
            $amount,
            $because,
            $valid,
            $option->texts('excludes'),
            $changes,
            $after,
            $circuit,
        );
    }

    /** The first circuit that is not as it was. */
    private function circuit(Analysis $after): ?string
    {
        foreach (array_keys($after->build->circuits) as $circuit) {
            if ($this->figures($after, (string) $circuit) !== $this->figures($this->analysis, (string) $circuit)) {
                return (string) $circuit;
            }
        }

        return null;
    }

    /** @return array{string, string, int, string} light of the weakest lamp, amps, lights, hours its supply lasts with it */
    private function figures(Analysis $analysis, string $circuit): array
    {
        if (! isset($analysis->build->circuits[$circuit])) {
            return ['', '', 0, ''];
        }
        $lights = $analysis->build->lightsOf($circuit);
        $first = $lights[0] ?? null;
        $scene = $first === null ? null : $analysis->litScene($first->id, 'nominal');
        $lit = $scene === null ? $analysis : $analysis->at($scene->inputs);
        $weakest = $lit->weakest($circuit, 'nominal');

        $amps = $lit->circuitA($circuit, 'nominal');
        $bank = $analysis->build->mainSupply();

        return [
            $weakest === null ? '' : Shown::percent($weakest['emitter']->least()),
            Shown::amps($amps),
            count($lights),
            $bank?->capacityAh === null || $amps <= 0.0 ? '' : Shown::plain($bank->hours($amps), 0).' h',
        ];
    }

    /** @return list<string> what becomes of its light and its current */
    private function changes(Analysis $after, ?string $circuit): array
    {
        if ($circuit === null) {
            return [];
        }
        [$light, $amps, , $hours] = $this->figures($after, $circuit);
        [$lightWas, $ampsWas, , $hoursWas] = $this->figures($this->analysis, $circuit);
        $label = $after->build->circuits[$circuit]->label;
        $said = [];
        $light === $lightWas
            ? null
            : ($said[] = "{$label}: weakest light {$light}, ".($lightWas ?: 'dark').' without');
        $amps === $ampsWas ? null : ($said[] = "{$label}: takes {$amps}, ".($ampsWas ?: 'nothing').' without');

        $bank = lcfirst($after->build->mainSupply()->label ?? 'supply');
        $hours === $hoursWas || $hours === ''
            ? null
            : ($said[] = "On {$bank} alone it glows {$hours}".($hoursWas === '' ? '' : ", {$hoursWas} without"));

        return $said;
    }
}
