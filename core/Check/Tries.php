<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\KeepCircuit;
use BenchGlow\Format\BadBuild;
use BenchGlow\Quantity\Shown;
use BenchGlow\Scene\EmitterState;
use DomainException;

/** Edits of findings tried on a build: each applied, its circuit solved alone, compared with what was. */
final class Tries
{
    /** @var array<string, array{Document, Analysis, array<string, Finding>}> by circuit */
    private array $alone = [];

    public function __construct(
        private readonly Document $document,
        private readonly string $wireSystem = 'mm2',
        private readonly string $units = 'metric',
    ) {
    }

    /** @return Tried|null null: there is nothing to try, or it is refused */
    public function of(Finding $finding): ?Tried
    {
        if ($finding->edit === null) {
            return null;
        }

        if (Rules::readsLayouts($finding->rule)) {
            return $this->on('', $finding, $finding->edit);
        }

        // What its own circuit is not enough for is tried on the whole build.
        return $this->on($finding->circuit ?? '', $finding, $finding->edit) ?? $this->on('', $finding, $finding->edit);
    }

    private function on(string $circuit, Finding $finding, Edit $edit): ?Tried
    {
        try {
            [$document, $was, $before] = $this->before($circuit);
            $tried = Editor::apply($document, $edit);
            // What was done, asked or agreed solves to the same.
            $now = $tried->wiringHash() === $document->wiringHash() ? $was->told($tried) : $this->solved($tried);
        } catch (BadBuild|DomainException) {
            return null;
        }
        $after = self::byPlace($now);
        $gone = true;
        foreach ($finding->places() as $place) {
            $gone = $gone && self::badness($after, "{$finding->rule} {$place}") < 3 - $finding->severity->rank();
        }
        [$then, $measured] = [self::measure($was, $finding), self::measure($now, $finding)];
        $better = $then !== null && $measured !== null && self::better($finding, $measured, $then);

        $worse = self::worse($before, $after);
        // What brings something as bad is no help.
        $asBad = array_filter(
            $worse,
            fn (Finding $w): bool => $w->severity !== Severity::Note &&
                $w->severity->rank() <= $finding->severity->rank(),
        );

        return new Tried(
            ($gone || $better) && $asBad === [],
            $measured === null ? null : self::reached($finding, $measured, self::asked($was, $finding)),
            self::said($worse),
        );
    }

    /**
     * @param  list<Finding>  $worse
     * @return list<string> many wires without a length said once
     */
    private static function said(array $worse): array
    {
        $lengths = array_filter($worse, fn (Finding $w): bool => $w->rule === 'lead.undecided');
        $said = array_map(
            fn (Finding $w): string => $w->message,
            count($lengths) > 1 ? array_values(array_diff_key($worse, $lengths)) : $worse,
        );

        return count($lengths) > 1 ? [...$said, count($lengths).' new wires have no length yet.'] : $said;
    }

    private static function reached(Finding $finding, float $measured, float $asked): string
    {
        return Shown::percent($measured).
            (self::meets($finding, $measured, $asked) ? '' : ', you asked '.Shown::percent($asked));
    }

    /** @return array{Document, Analysis, array<string, Finding>} the circuit alone; '' the whole build */
    private function before(string $circuit): array
    {
        if (! isset($this->alone[$circuit])) {
            $document = $this->document;
            if ($circuit !== '' && count($document->fields()->objects('circuits')) > 1) {
                $document = Editor::apply($document, new KeepCircuit($circuit));
            }
            $analysis = $this->solved($document);
            $this->alone[$circuit] = [$document, $analysis, self::byPlace($analysis)];
        }

        return $this->alone[$circuit];
    }

    private function solved(Document $document): Analysis
    {
        return Analysis::of($document, $this->wireSystem, $this->units);
    }

    /** @return array<string, Finding> the worst of each rule at each place */
    private static function byPlace(Analysis $analysis): array
    {
        $all = [];
        foreach ([...Rules::ofWiring($analysis), ...Rules::ofLayouts($analysis)] as $finding) {
            $key = "{$finding->rule} {$finding->subject}";
            if (self::badness($all, $key) < 3 - $finding->severity->rank()) {
                $all[$key] = $finding;
            }
        }

        return $all;
    }

    /**
     * How bad it is there: 0 nothing, then note, warning, danger.
     *
     * @param  array<string, Finding>  $findings
     */
    private static function badness(array $findings, string $key): int
    {
        return isset($findings[$key]) ? 3 - $findings[$key]->severity->rank() : 0;
    }

    /**
     * @param  array<string, Finding>  $before
     * @param  array<string, Finding>  $after
     * @return list<Finding>
     */
    private static function worse(array $before, array $after): array
    {
        $worse = [];
        foreach ($after as $key => $finding) {
            if (self::badness($after, $key) > self::badness($before, $key)) {
                $worse[] = $finding;
            }
        }

        return $worse;
    }

    /** The share the finding is about, where it is about one: evenness of a strip, drop of a lead. */
    private static function measure(Analysis $analysis, Finding $finding): ?float
    {
        if (str_starts_with($finding->rule, 'strip.') && isset($analysis->build->lights[$finding->subject])) {
            $emitters = $analysis->litState($finding->subject, 'nominal')->lights[$finding->subject] ?? [];
            $even = array_map(fn (EmitterState $e): float => $e->uniformity(), $emitters);

            return $even === [] || $finding->rule === 'strip.heat' ? null : min($even);
        }
        $lead = $finding->rule === 'feed.drop' ? $analysis->leads[$finding->subject] ?? null : null;
        $volts = $analysis->build->mainSupply()->nominalV ?? 0.0;

        return $lead === null || $volts <= 0.0 ? null : $lead->dropV / $volts;
    }

    private static function asked(Analysis $analysis, Finding $finding): float
    {
        return $finding->rule === 'feed.drop'
            ? $analysis->build->settings->dropTarget
            : $analysis->build->settings->uniformityTarget;
    }

    private static function meets(Finding $finding, float $measured, float $asked): bool
    {
        return $finding->rule === 'feed.drop' ? $measured <= $asked + 1e-9 : $measured >= $asked - 1e-9;
    }

    private static function better(Finding $finding, float $measured, float $then): bool
    {
        return $finding->rule === 'feed.drop' ? $measured < $then - 1e-3 : $measured > $then + 1e-3;
    }
}
