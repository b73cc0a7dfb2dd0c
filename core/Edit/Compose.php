<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Circuit;
use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Ways\DoesNotSuit;
use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Recipe;
use BenchGlow\Ways\Section;
use BenchGlow\Ways\Sections;
use BenchGlow\Ways\Setting;

/** A circuit made from a wish: its source and its switching; control and runs stay. */
final readonly class Compose implements Edit
{
    /**
     * @param  Fields  $card  what it is made of, see `Recipe`
     * @param  Fields|null  $when  the wish, written as the circuit's want; null: what it says stays
     */
    public function __construct(public string $circuit, public Fields $card, public ?Fields $when = null)
    {
    }

    public function says(Names $names): string
    {
        return $names->said($this->circuit, 'made from its wish');
    }

    public function apply(Draft $draft): void
    {
        $whole = Setting::of($draft->document, $this->circuit);
        $sections = Sections::in($whole->build, $this->circuit, $whole);
        $clear = $sections->isClear();
        $setting = $clear ? $sections->setting($whole, Section::SWITCHING) : $whole;
        $plan = new Plan($setting, [], [], [], $draft->name(...));
        try {
            $plan->needLights(1, 'a circuit without a light has nothing to feed.');
            Recipe::lay($plan, $this->card->data);
        } catch (DoesNotSuit $e) {
            throw BadBuild::at('/card', $e->getMessage());
        }
        if ($this->when !== null) {
            $this->want($plan);
        }
        $kinds = $clear ? [Section::SOURCE, Section::SWITCHING] : [];
        WayWriter::write(
            $draft,
            $setting,
            $plan,
            $sections,
            $kinds,
            $this->when !== null,
            false,
            $this->card->flag('fresh'),
        );
        $this->remember($draft);
    }

    /** What it was made for, so that a wish that changes later is seen. */
    private function remember(Draft $draft): void
    {
        foreach ($draft->list(['circuits']) as $i => $circuit) {
            $fields = new Fields(is_array($circuit) ? $circuit : []);
            if ($fields->text('id') !== $this->circuit) {
                continue;
            }
            $wish = $this->when->data ?? Circuit::of($fields)->wished();
            if ($wish !== []) {
                $draft->put(['circuits', $i, 'composed_for'], $wish);
            }
        }
    }

    private function want(Plan $plan): void
    {
        $glow = array_map(fn ($l): string => $l->id, $plan->setting->build->lightsOf($this->circuit));
        $plan->wants[] = ['glow' => $glow, 'when' => $this->when->data ?? [], 'level' => 'on'];
    }
}
