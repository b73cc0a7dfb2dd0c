@php($shelf = App\View\Shelf::class)
<div
    class="sentences"
    id="sentences"
>
    @foreach ($frame->lights() as $light)
        <div
            class="says"
            data-part="{{ $light->id }}"
        >
            @if (count($frame->lights()) > 1)
                <span class="lead-name">{{ $light->label }}</span>
            @endif
            @if ($light->kind === 'strip')
                <x-blank
                    :id="$light->id"
                    field="wanted_m"
                    label="Length"
                    :value="BenchGlow\Quantity\Shown::forField(
                        BenchGlow\Quantity\Unit::Length,
                        $light->wantedM(),
                        $frame->preference->units,
                    )"
                    :echo="BenchGlow\Quantity\Shown::bothLengths($light->wantedM(), $frame->preference->units)"
                />
                <x-choose
                    :id="$light->id"
                    field="part"
                    op="use_part"
                    label="of"
                    :value="$light->part->text('id')"
                    :options="$shelf::choices('strips', $frame->document, 'strip')"
                    whole
                />
                <x-choose
                    :id="$light->id"
                    field="fit"
                    label="cut"
                    :value="$light->fields->text('fit', 'down')"
                    :options="['down' => 'down to a mark', 'up' => 'up past it']"
                    :echo="$frame->length($light->fit()->cutM) . ' · ' . $light->fit()->units . ' units'"
                />
            @elseif($light->kind === 'leds')
                <x-blank
                    :id="$light->id"
                    field="count"
                    label="Count"
                    size="4"
                    :value="$light->count()"
                />
                <x-choose
                    :id="$light->id"
                    field="part"
                    op="use_part"
                    label="of"
                    :value="$light->part->text('id')"
                    :options="$shelf::choices('leds', $frame->document, 'led')"
                    whole
                />
                <x-blank
                    :id="$light->id"
                    field="per_string"
                    label="in series"
                    size="4"
                    :value="$light->fields->integer('per_string', 1)"
                />
                <x-blank
                    :id="$light->id"
                    field="ohm"
                    label="with"
                    :value="BenchGlow\Quantity\Shown::ohms($light->fields->number('ohm'))"
                />
                @if ($light->strings()[1] > 0)
                    <x-blank
                        :id="$light->id"
                        field="last_ohm"
                        label="last string"
                        :value="$light->fields->has('last_ohm')
                            ? BenchGlow\Quantity\Shown::ohms($light->fields->number('last_ohm'))
                            : ''"
                    />
                @endif
            @else
                <x-blank
                    :id="$light->id"
                    field="count"
                    label="Count"
                    size="4"
                    :value="$light->count()"
                />
                <x-choose
                    :id="$light->id"
                    field="part"
                    op="use_part"
                    label="of"
                    :value="$light->part->text('id')"
                    :options="$shelf::choices('modules', $frame->document, 'module')"
                    whole
                />
                @if ($light->count() > 1)
                    <x-blank
                        :id="$light->id"
                        field="spacing_m"
                        label="apart"
                        :value="BenchGlow\Quantity\Shown::forField(
                            BenchGlow\Quantity\Unit::Length,
                            $light->fields->number('spacing_m'),
                            $frame->preference->units,
                        )"
                    />
                @endif
            @endif
            <x-blank
                :id="$light->id"
                field="surface"
                label="sits on"
                size="14"
                :value="$light->fields->text('surface')"
            /><x-choose
                :id="$light->id"
                field="faces"
                label="seen from"
                :value="$light->fields->text('faces')"
                :options="$page->faces($light)"
            />
            @if ($light->kind !== 'strip')
                <x-act
                    :edit="new BenchGlow\Edit\SwapEnds($light->id)"
                    class="is-small"
                    data-swaps="{{ $light->id }}"
                    :aria-label="'Swap its ends: ' . BenchGlow\Quantity\Words::within($light->label)"
                >Swap its ends</x-act>
            @endif
            @if (count($frame->lights()) > 1)
                <x-act
                    :edit="new BenchGlow\Edit\RemoveItem($light->id)"
                    class="is-small"
                    :aria-label="'Take off ' . $light->label"
                >Take off</x-act>
            @endif
        </div>
    @endforeach
</div>
