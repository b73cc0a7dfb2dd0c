    <h3>Inputs</h3>
    @foreach ($frame->analysis->build->inputs as $id => $input)
        <div class="says"><x-blank
                :id="$id"
                field="label"
                label="Input"
                size="16"
                :value="$input->label"
            /><x-choose
                :id="$id"
                field="kind"
                label="kind"
                :value="$input->kind"
                :options="App\Stations\Circuit\PinMap::INPUT_KINDS"
            /><x-blank
                :id="$id"
                field="positions"
                op="set_positions"
                label="positions, resting first"
                size="18"
                :value="implode(', ', $input->positions)"
            /><x-act
                :edit="new BenchGlow\Edit\RemoveItem($id)"
                class="is-small"
                :aria-label="'Take out ' . $input->label"
            >Take out</x-act></div>
    @endforeach
    <x-form
        op="add_input"
        echo="input-echo"
        render="all"
        class="adder-form"
    ><x-field
            id="in-label"
            label="Another input"
            name="label"
            size="16"
            placeholder="Hatch lid"
        /><x-select
            id="in-kind"
            label="kind"
            name="kind"
            :options="App\Stations\Circuit\PinMap::INPUT_KINDS"
        /><x-field
            id="in-pos"
            label="positions, resting first"
            name="positions"
            size="14"
            placeholder="down, up"
        /><button class="button">Add the input</button><span
            class="echo"
            id="input-echo"
        ></span></x-form>
