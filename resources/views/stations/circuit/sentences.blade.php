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
            @if (count($frame->lights()) > 1)
                <x-act
                    :edit="new BenchGlow\Edit\RemoveItem($light->id)"
                    class="is-small"
                    :aria-label="'Take off ' . $light->label"
                >Take off</x-act>
            @endif
        </div>
    @endforeach
    @php($own = array_filter($frame->analysis->build->leads, fn($l) => $l->circuit === $frame->circuit->id))
    @if (count($own) > 2)
        <details class="leads">
            <summary>Its {{ count($own) }} leads: lengths, wire, fuses</summary>
    @endif
    @foreach ($own as $lead)
        @if (true)
            @php($figures = $frame->analysis->leads[$lead->id])
            <div
                class="says"
                data-part="{{ $lead->id }}"
            >
                <span class="lead-name">{{ $lead->label }}</span>
                <x-blank
                    :id="$lead->id"
                    field="length_m"
                    label="over"
                    :value="$lead->lengthM === null
                        ? ''
                        : BenchGlow\Quantity\Shown::forField(
                            BenchGlow\Quantity\Unit::Length,
                            $lead->lengthM,
                            $frame->preference->units,
                        )"
                    :echo="$lead->lengthM === null
                        ? 'length missing'
                        : BenchGlow\Quantity\Shown::bothLengths($lead->lengthM, $frame->preference->units)"
                />
                <x-choose
                    :id="$lead->id"
                    field="wire"
                    op="set_wire"
                    label="of"
                    :value="$lead->wire === null ? 'recommended' : $shelf::wireKey($figures->wire)"
                    :options="$shelf::wires($figures, $frame->preference->wire)"
                />
                @foreach ($lead->inline as $thing)
                    @if ($thing->kind === 'fuse')
                        <x-choose
                            :id="$thing->id"
                            field="fuse_a"
                            :label="'fuse ' . $thing->id"
                            :value="$thing->fuseA === null
                                ? 'recommended'
                                : BenchGlow\Quantity\Shown::plain($thing->fuseA) . ' A'"
                            :options="$shelf::fuses($frame->analysis->fuses[$thing->id], $thing->form)"
                        />
                        <x-blank
                            :id="$thing->id"
                            field="at_m"
                            label="set in at"
                            :value="BenchGlow\Quantity\Shown::forField(
                                BenchGlow\Quantity\Unit::Length,
                                $thing->atM,
                                $frame->preference->units,
                            )"
                        />
                    @elseif($thing->kind === 'resistor')
                        <x-blank
                            :id="$thing->id"
                            field="ohm"
                            :label="'resistor ' . $thing->id"
                            :value="BenchGlow\Quantity\Shown::ohms($thing->ohm)"
                        />
                    @endif
                @endforeach
                @if (array_filter($lead->inline, fn($t) => $t->kind === 'plug') === [])
                    <x-form
                        op="add_plug"
                        render="all"
                        :with="['id' => $lead->id]"
                        class="act"
                    ><button
                            class="button is-small"
                            aria-label="Put a plug in {{ BenchGlow\Quantity\Words::within($lead->label) }}"
                        >Put a plug in</button></x-form>
                @else
                    @php($plug = array_values(array_filter($lead->inline, fn($t) => $t->kind === 'plug'))[0])
                    <x-act
                        :edit="$page->unplug($lead, $plug)"
                        class="is-small"
                        :aria-label="'Take the plug out of ' . BenchGlow\Quantity\Words::within($lead->label)"
                    >Take the plug out</x-act>
                @endif
            </div>
        @endif
    @endforeach
    @if (count($own) > 2)
        </details>
    @endif
</div>
