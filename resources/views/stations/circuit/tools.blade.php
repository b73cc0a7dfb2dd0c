<section
    class="tools-row"
    aria-label="This circuit"
>
    <x-blank
        :id="$frame->circuit->id"
        field="label"
        label="Name"
        size="18"
        :value="$frame->circuit->label"
    />
    <x-form
        op="copy_circuit"
        render="all"
        :with="['id' => $frame->circuit->id]"
        class="act"
    ><button class="button">Copy this circuit</button></x-form>
    <x-act :edit="new BenchGlow\Edit\RemoveItem($frame->circuit->id)">Remove this circuit</x-act>
    <details class="adder">
        <summary>One more light in it</summary>
        <x-form
            op="add_light"
            echo="add-light-echo"
            render="all"
            :with="['circuit' => $frame->circuit->id]"
        >
            <x-light-fields prefix="al" />
            @if ($frame->lights() !== [])
                <fieldset class="asks">
                    <legend>On</legend>
                    <label class="pick"><input
                            type="radio"
                            name="how"
                            value="with"
                            checked
                        > with the others: same switch, same wish</label>
                    <label class="pick"><input
                            type="radio"
                            name="how"
                            value="own"
                        > on its own: a fused lead from the supply</label>
                </fieldset>
            @endif
            <button class="button is-primary">Add the light</button><span
                class="echo"
                id="add-light-echo"
            ></span>
        </x-form>
    </details>
    @foreach ($frame->lights() as $light)
        @if ($light->kind === 'strip')
            <details class="adder">
                <summary>Measure {{ BenchGlow\Quantity\Words::within($light->label) }}'s rails</summary>
                <x-form
                    op="calibrate"
                    :echo="'cal-' . $light->id"
                    render="all"
                    :with="['id' => $light->id]"
                >
                    <p>Light a piece from one end. Read volts at both ends and the amps; the rails are fitted to them
                        and kept with the part as measured. Now: <span
                            class="figure">{{ BenchGlow\Quantity\Shown::plain($light->strip()->railOhmPerM, 3) }}
                            ohm/m</span>, {{ $light->part->text('rail_from', 'typical') }}.</p>
                    @foreach ($page->readings($light) as $name => [$text, $value])
                        <x-field
                            :id="'cal-' . $light->id . '-' . $name"
                            :label="$text"
                            :name="$name"
                            size="8"
                            :value="$value"
                        />
                    @endforeach
                    <button class="button is-primary">Keep the readings</button><span
                        class="echo"
                        id="cal-{{ $light->id }}"
                    ></span>
                </x-form>
            </details>
        @endif
    @endforeach
</section>
