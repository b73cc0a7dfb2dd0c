<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use App\Frame\Frame;
use App\Stations\Typing;
use App\Store\Keeper;
use BenchGlow\Build\Inline;
use BenchGlow\Build\Lead;
use BenchGlow\Compose\Changes;
use BenchGlow\Compose\Offer;
use BenchGlow\Compose\Offers;
use BenchGlow\Edit\Disconnect;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\SourceSide;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Unit;
use BenchGlow\Quantity\Words;
use BenchGlow\Trial\Truth;
use BenchGlow\Trial\TruthRow;
use DomainException;

/** The wire that is open: where in it one stands, and what could go in there. */
final class OpenedWire
{
    /** Fields of the address that are the opened wire's. */
    public const FIELDS = ['w', 'wm', 'wo'];

    private const FIRST = 5;

    public string $wrong = '';

    private readonly float $placeM;

    private readonly bool $fromIsSource;

    /** @var list<OfferRow>|null */
    private ?array $offers = null;

    private function __construct(private readonly Frame $frame, public readonly Lead $lead, public readonly int $core)
    {
        $this->fromIsSource = SourceSide::of($frame->document)->isFrom($lead->id, $core);
        $this->placeM = $this->place($frame->own('wm'));
    }

    /** Null: no wire is open, or it is there no more. */
    public static function of(Frame $frame): ?self
    {
        if (preg_match('/^(\w+)\.(\d{1,2})$/', $frame->own('w'), $m) !== 1) {
            return null;
        }
        $lead = $frame->analysis->build->leads[$m[1]] ?? null;
        $core = $lead->cores[(int) $m[2] - 1] ?? null;

        return $lead === null || $core === null || in_array(null, $core, true)
            ? null
            : new self($frame, $lead, (int) $m[2]);
    }

    /** Metres from its source end; just behind the fuse where nothing is said. */
    private function place(string $said): float
    {
        $length = (float) $this->lead->lengthM;
        $fuses = array_map(
            $this->fromSource(...),
            array_filter($this->inline(), fn (Inline $i): bool => $i->kind === 'fuse'),
        );
        $behind = $fuses === [] ? 0.0 : max($fuses);
        if ($said === '') {
            return $behind;
        }
        try {
            $m = Typing::quantity(Unit::Length, $said, 'Place', $this->frame->preference);
        } catch (NotUnderstood $e) {
            $this->wrong = $e->getMessage();

            return $behind;
        }
        if ($this->lead->lengthM !== null && ($m < 0.0 || $m > $length + 1e-9)) {
            $this->wrong = 'Place: the wire is '.$this->frame->length($length).' long; say a place within it.';

            return $behind;
        }
        if ($m < $behind - 1e-9) {
            $this->wrong = 'The fuse stays nearest the source: it goes in behind it.';
        }

        return max($behind, $m);
    }

    private function fromSource(Inline $thing): float
    {
        return $this->fromIsSource ? $thing->atM : (float) $this->lead->lengthM - $thing->atM;
    }

    /** @return list<Inline> what lies in this core, from the source on */
    private function inline(): array
    {
        $own = array_values(
            array_filter($this->lead->inline, fn (Inline $i): bool => $i->kind === 'plug' || $i->core === $this->core),
        );

        return $this->fromIsSource ? $own : array_reverse($own);
    }

    /** "Between F1 and the tread" */
    public function title(): string
    {
        [$from, $to] = $this->lead->cores[$this->core - 1];
        [$source, $far] = $this->fromIsSource ? [$from, $to] : [$to, $from];
        $before = $behind = '';
        foreach ($this->inline() as $thing) {
            if ($this->fromSource($thing) <= $this->placeM + 1e-9) {
                $before = Words::within($this->frame->names()->name($thing->id));
            } elseif ($behind === '') {
                $behind = Words::within($this->frame->names()->name($thing->id));
            }
        }
        $named = fn (?string $pin): string => Words::within($this->frame->names()->name(explode('.', (string) $pin)[0]));

        return 'Between '.
            ($before !== '' ? $before : $named($source)).
            ' and '.
            ($behind !== '' ? $behind : $named($far));
    }

    public function placeText(): string
    {
        return $this->frame->own('wm') !== '' && $this->wrong !== ''
            ? $this->frame->own('wm')
            : Shown::forField(Unit::Length, $this->placeM, $this->frame->preference->units);
    }

    public function ofLength(): string
    {
        return $this->lead->lengthM === null
            ? 'its length is not known yet'
            : 'from the source end, of '.$this->frame->length($this->lead->lengthM);
    }

    /** The place a step of 0.1 m nearer (−1) or farther (1); null: there is no room. */
    public function step(int $by): ?string
    {
        $m = round($this->placeM + 0.1 * $by, 3);

        return $this->lead->lengthM === null || $m < 0.0 || $m > $this->lead->lengthM
            ? null
            : $this->frame->url(['wm' => "{$m} m", 'wo' => null]);
    }

    /** The place as edits say it. */
    public function at(): Fields
    {
        $m = $this->fromIsSource ? $this->placeM : (float) $this->lead->lengthM - $this->placeM;

        return new Fields(['lead' => $this->lead->id, 'core' => $this->core, 'at_m' => round($m, 6)]);
    }

    /** @return list<OfferRow> */
    public function offers(): array
    {
        if ($this->offers !== null) {
            return $this->offers;
        }
        $frame = $this->frame;
        $kept = Keeper::value(
            [
                'offers',
                $frame->document->wiringHash(),
                json_encode($this->at()->data, JSON_THROW_ON_ERROR),
                ...$frame->preference->key(),
            ],
            function () use ($frame): array {
                try {
                    $offers = (new Offers(
                        $frame->document,
                        $this->at(),
                        null,
                        $frame->preference->wire,
                        $frame->preference->units,
                    ))->all();
                } catch (BadBuild|DomainException) {
                    return [];
                }

                return array_map($this->row(...), $offers);
            },
        );

        return $this->offers = array_values(array_filter((array) $kept, fn (mixed $o): bool => $o instanceof OfferRow));
    }

    private function row(Offer $offer): OfferRow
    {
        $circuit = (string) $this->lead->circuit;
        $price = $offer->price;
        $names = $this->frame->names();

        return new OfferRow(
            $offer->name,
            $offer->symbol,
            implode(
                ' · ',
                array_filter([
                    $offer->does,
                    $offer->lostV === null
                        ? ''
                        : ($offer->lostV >= 0
                            ? Shown::volts($offer->lostV).' lost'
                            : Shown::volts(-$offer->lostV).' more'),
                    ($price < -0.005 ? '−' : '').Shown::figure(abs($price)).' '.$offer->currency,
                ]),
            ),
            $offer->weakestV === null ? 'dark' : Shown::volts($offer->weakestV),
            Changes::between(
                $this->frame->document,
                Editor::apply($this->frame->document, $offer->edit),
                $circuit,
            )->says(),
            $this->situations($offer, $circuit),
            array_map(fn ($f): string => $names->sentence($f->message), array_slice($offer->findings, 0, 3)),
            $offer->edit,
        );
    }

    /** @return list<array{string, string, bool}> */
    private function situations(Offer $offer, string $circuit): array
    {
        $build = $offer->analysis->build;
        if (! isset($build->circuits[$circuit])) {
            return [];
        }
        $rows = array_slice(Truth::of($offer->analysis, $build->circuits[$circuit]), 0, 6);

        return array_map(
            fn (TruthRow $r): array => [
                Words::first($r->when),
                $this->frame->names()->sentence(implode('; ', $r->says)),
                $r->right,
            ],
            $rows,
        );
    }

    public function chosen(): ?OfferRow
    {
        $n = max(1, (int) $this->frame->own('wo'));

        return $this->offers()[$n - 1] ?? ($this->offers()[0] ?? null);
    }

    public function isChosen(OfferRow $offer): bool
    {
        return $this->chosen() === $offer;
    }

    public function firstCount(): int
    {
        return self::FIRST;
    }

    public function takeOff(): Edit
    {
        return new Disconnect($this->lead->id, $this->core);
    }

    public function close(): string
    {
        return $this->frame->url(array_fill_keys(self::FIELDS, null));
    }

    public function act(): string
    {
        return $this->frame->toEditClosing(...self::FIELDS);
    }
}
