<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Layout\Laid;

/**
 * A layout is taken into the circuit: lengths, counts, where it is fed, and runs of their own where its pieces part. What mirrors
 * it goes along.
 */
final readonly class UseLayout implements Edit
{
    /** Wire beyond what lies between two pieces, m. */
    private const SLACK_M = 0.1;

    public function __construct(public string $id)
    {
    }

    public function says(Names $names): string
    {
        return $names->said($this->id, 'taken into the circuit');
    }

    public function apply(Draft $draft): void
    {
        $draft->known($this->id);
        if (($draft->index->sections[$this->id] ?? '') !== 'layouts') {
            throw BadBuild::at('/id', 'only a layout can be taken into the circuit.');
        }
        $pair = [$this->id];
        foreach ($draft->document->fields()->objects('layouts') as $layout) {
            if ($layout->textOrNull('mirror_of') === $this->id) {
                $pair[] = $layout->text('id');
            }
        }
        foreach ($pair as $id) {
            $this->take($draft, $id, $pair);
        }
    }

    /** @param  list<string>  $pair  what is taken together */
    private function take(Draft $draft, string $id, array $pair): void
    {
        $build = Build::of($this->settled($draft));
        $laid = Laid::of($build, $draft->index->item($id));
        if ($laid->light() === null && ! in_array($laid->kind, ['piece', 'sensor', 'stray'], true)) {
            throw BadBuild::at($draft->index->path($id).'/light', 'this layout lays no light yet; choose one.');
        }
        $this->choose($draft, $laid, $pair);
        $parts = $laid->path()?->lightsM() ?? [];
        if ($laid->kind === 'strip_path' && count($parts) !== count($laid->lights)) {
            $this->part($draft, $laid, count($parts));
            $build = Build::of($this->settled($draft));
            $laid = Laid::of($build, $draft->index->item($id));
        }
        foreach ($laid->writes($build) as $light => [$field, $value]) {
            if ($value <= 0.0) {
                throw BadBuild::at($draft->index->path($id), 'not one unit of it fits; measure it again.');
            }
            // What is cut to the same already keeps what was wished for.
            if (! Laid::agrees($build->lights[$light], $field, $value)) {
                $draft->put([...$draft->index->paths[$light], $field], $field === 'count' ? (int) $value : $value);
            }
        }
        $feed = $laid->fields->textOrNull('feed_at');
        if ($feed !== null && $laid->light() !== null && self::isFed($draft, $laid->light()->id)) {
            $this->settled($draft);
            FeedStrip::feed($draft, $laid->light()->id, $feed);
        }
        $this->settled($draft);
    }

    private function settled(Draft $draft): Document
    {
        $draft->settle();

        return $draft->document;
    }

    /**
     * Of one light one layout of its kind is the one that counts, or a pair.
     *
     * @param  list<string>  $pair
     */
    private function choose(Draft $draft, Laid $laid, array $pair): void
    {
        foreach ($draft->document->fields()->objects('layouts') as $other) {
            $same =
                $other->isA($laid->kind) &&
                $other->textOrNull('light') === $laid->light()?->id &&
                ! in_array($other->text('id'), $pair, true);
            if ($other->text('id') === $laid->id || ($same && $other->flag('chosen') && $laid->light() !== null)) {
                $draft->put([...$draft->index->paths[$other->text('id')], 'chosen'], $other->text('id') === $laid->id);
            }
        }
    }

    private static function isFed(Draft $draft, string $light): bool
    {
        foreach ($draft->document->fields()->objects('leads') as $lead) {
            if (
                array_filter($lead->items('cores'), fn (mixed $c): bool => RemoveItem::touches($c, [$light => true])) !==
                []
            ) {
                return true;
            }
        }

        return false;
    }

    /** As many lights as it has pieces that part: new ones are fed on their own, from where the first one is. */
    private function part(Draft $draft, Laid $laid, int $wanted): void
    {
        $first = $laid->light();
        $lights = array_map(fn ($l): string => $l->id, $laid->lights);
        if ($first === null) {
            return;
        }
        $gone = array_slice($lights, max(1, $wanted));
        if ($gone !== []) {
            RemoveItem::sweep($draft, array_fill_keys($gone, true));
            $this->settled($draft);
        }
        $lights = array_slice($lights, 0, max(1, $wanted));
        while (count($lights) < $wanted) {
            $lights[] = self::joined(
                $draft,
                $first->id,
                $lights[count($lights) - 1],
                count($lights) + 1,
                self::wayM($laid, count($lights)),
            );
            $this->settled($draft);
        }
        $path = $draft->index->paths[$laid->id];
        $draft->put([...$path, 'piece_lights'], $lights);
    }

    /** From the start of the first piece to that of another light, along the path, to the next 5 cm. */
    private static function wayM(Laid $laid, int $light): float
    {
        $pieces = $laid->path()->pieces ?? [];
        foreach ($pieces as $piece) {
            if ($piece->light === $light) {
                return ceil(($piece->fromM - $pieces[0]->fromM + self::SLACK_M) * 20 - 1e-6) / 20;
            }
        }

        return self::SLACK_M;
    }

    private static function joined(Draft $draft, string $first, string $before, int $number, float $wayM): string
    {
        $rails = FeedStrip::rails($draft, $first);
        $item = $draft->index->item($first);
        $new = $draft->name("{$first}_piece_{$number}");
        $lights = [];
        foreach ($draft->document->fields()->objects('lights') as $light) {
            $lights[] = $light->data;
            if ($light->text('id') === $before) {
                $label = $item->text('label', 'The strip').", piece {$number}";
                $lights[] = [...array_diff_key($item->data, ['mirror_of' => 1]), 'id' => $new, 'label' => $label];
            }
        }
        $draft->data['lights'] = $lights;
        $draft->data['leads'] = [
            ...$draft->list(['leads']),
            [
                'id' => $draft->name("{$new}_feed"),
                ...$item->has('circuit') ? ['circuit' => $item->text('circuit')] : [],
                'label' => "To piece {$number}",
                'cores' => array_map(fn (string $r): array => ["{$first}.start.{$r}", "{$new}.start.{$r}"], $rails),
                'length_m' => $wayM,
                'wire' => null,
            ],
        ];
        SplitRun::glowToo($draft, $first, $new);

        return $new;
    }
}
