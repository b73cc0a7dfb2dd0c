<?php

declare(strict_types=1);

namespace App\Stations\Prove;

use App\Frame\Address;
use App\Frame\Frame;
use App\Stations\Bead;
use App\Stations\Prove\Forms\GateForm;
use App\Stations\Prove\Forms\HuntForm;
use App\Stations\Prove\Forms\MendedForm;
use App\Stations\Prove\Forms\ReadForm;
use App\Stations\Prove\Forms\SeeForm;
use App\Stations\Prove\Forms\SkipForm;
use App\Stations\Standing;
use App\Stations\Station;
use App\Store\Proofs;
use BenchGlow\Build\Document;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Severity;
use BenchGlow\Prove\Chain;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\Outcomes;
use Illuminate\Support\Facades\Route;

/** The proof: gates in the order they are tried, expected beside measured, and the hunt for what is wrong. */
final class ProveStation extends Station
{
    /** Its fields of the address: the gate in hand, thrown by hand, how many acts of a hunt were passed over. */
    public const FIELDS = ['gate', 'hand', 'other', 'skipping'];

    public function key(): string
    {
        return 'prove';
    }

    public function label(): string
    {
        return 'Prove';
    }

    public function number(): int
    {
        return 7;
    }

    /** Rays when every gate is right and fresh; a bar while one fails; a tick where one is to be repeated. */
    public function bead(Standing $standing): Bead
    {
        $own = array_filter($standing->review->open(), fn (Finding $f): bool => $this->concerns($f->rule));
        $danger = array_filter($own, fn (Finding $f): bool => $f->severity === Severity::Danger) !== [];
        $fields = $standing->document->fields();
        if ([...$fields->objects('gates'), ...$fields->objects('faults')] === []) {
            return Bead::Ring;
        }

        return match (true) {
            $danger => Bead::Danger,
            self::whole($standing)?->holds() === true => Bead::Holds,
            $own !== [] => Bead::Warned,
            default => Bead::Begun,
        };
    }

    /**
     * The chain of all circuits, where each was made already or has been proven to its last gate; null otherwise: a bead simulates
     * nothing for who has not come that far.
     */
    private static function whole(Standing $standing): ?Chain
    {
        $document = $standing->document;
        $last = (new Outcomes($document))->last;
        $gates = [];
        foreach ($standing->review->analysis->build->circuits as $circuit => $_) {
            if ($standing->review->analysis->build->lightsOf((string) $circuit) === []) {
                continue;
            }
            $known =
                Proofs::known($document, (string) $circuit) ??
                (isset($last["use:{$circuit}"])
                    ? Proofs::whole($standing->review->analysis, (string) $circuit)->gates()
                    : null);
            if ($known === null) {
                return null;
            }
            foreach ($known as $gate) {
                $gates[$gate->key] = $gate;
            }
        }

        return new Chain(array_values($gates), $document);
    }

    public function forms(): array
    {
        return [GateForm::class, SkipForm::class, HuntForm::class, SeeForm::class, ReadForm::class, MendedForm::class];
    }

    public function page(Frame $frame): ProvePage
    {
        return new ProvePage($frame);
    }

    public function fields(): array
    {
        return self::FIELDS;
    }

    /** Nothing thrown by hand: the switches stand as the gate in hand wants them. */
    public function settle(Address $address, Document $document): Address
    {
        if (($address->own['hand'] ?? '') !== '') {
            return $address;
        }
        $gates = Proofs::known($document, $address->circuit);
        $gate = $gates === null ? null : self::inHand($gates, $document, $address->own['gate'] ?? '');

        return $gate === null ? $address : $address->hung($gate->with, $address->own);
    }

    /**
     * The gate that was asked for, else the first that is not done, else the last.
     *
     * @param  list<Gate>  $gates
     */
    public static function inHand(array $gates, Document $document, string $key): ?Gate
    {
        $chain = new Chain($gates, $document);
        $link = $chain->link($key) ?? ($chain->first() ?? ($chain->links[count($chain->links) - 1] ?? null));

        return $link?->gate;
    }

    public function thrown(array $own): array
    {
        unset($own['gate']);

        return [...$own, 'hand' => '1'];
    }

    public function own(): string
    {
        return 'prove.';
    }

    public function concerns(string $rule): bool
    {
        return str_starts_with($rule, 'prove.') || $rule === 'hunt.open';
    }

    public function meter(): string
    {
        return 'stations.prove.face';
    }

    public function line(): string
    {
        return 'stations.prove.line';
    }

    public function bar(): string
    {
        return 'stations.prove.bar';
    }

    public function flagWords(?object $page, string $circuit): ?string
    {
        return $page instanceof ProvePage ? $page->flagWords($circuit) : null;
    }

    public function routes(): void
    {
        Route::get('/prove/simulated', [ProveController::class, 'simulated'])->name('prove.simulated');
        Route::get('/prove/gates.csv', [ProveController::class, 'csv'])->name('prove.csv');
    }
}
